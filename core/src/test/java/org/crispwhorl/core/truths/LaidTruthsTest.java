package org.crispwhorl.core.truths;

import static org.crispwhorl.core.truths.Truths.centre;
import static org.crispwhorl.core.truths.Truths.hands;
import static org.crispwhorl.core.truths.Truths.kinds;
import static org.crispwhorl.core.truths.Truths.plain;
import static org.crispwhorl.core.truths.Truths.wanted;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.finding.Severity;
import org.crispwhorl.core.form.Crossings;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.CappedHalfBall;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Cluster;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.work.Use;
import org.testng.annotations.Test;

/** Flowers of soft petals that are laid on each other, as working makers build them, and what must come out. */
public class LaidTruthsTest {
    private static Pieces soft(Pieces pieces, Attachment attachment, Joining.Onto onto) {
        return pieces.with(d -> {
            d.attachment = attachment;
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.SOFT, onto);
        });
    }

    static Pieces cut(int count, double across, double middle, double wide, double glued, double lean) {
        Pieces petals = Garden.petals(count, 30, 26, lean).with(d -> {
            d.outline = Outline.of((across - middle) / 2, wide, 0.62, 0.3, 2.3);
            d.making = new OnePiece(new Thinning(1, 0.7), middle, OnePiece.Division.WHOLE);
            d.opensDeg = lean;
        });
        return soft(petals, new Attachment.Threaded(glued, glued), Joining.Onto.HOLDS);
    }

    static Pieces single(
            int count, double length, double wide, double to, double glued, double opens, double lean, double reach) {
        Pieces petals = Garden.petals(count, length, wide, lean).with(d -> {
            d.outline = Outline.of(length, wide, 0.62, 0.3, 2.3);
            d.making = new Making.Sheet(new Thinning(1, to));
            d.opensDeg = lean;
        });
        return soft(
                petals,
                new Attachment.Glued(glued, opens, Optional.of(new Attachment.Glued.Reach(reach))),
                Joining.Onto.HOLDS);
    }

    private static double seen(Species species, String part) {
        return new Assessment(species, Conditions.USUAL).coverage().seenFromAbove(part);
    }

    @Test
    public void onePetalCloaksABudAndClosesOverItsPoint() {
        Species bud = wanted(Garden.species(
                11,
                centre(new CentreForm.Teardrop(10, 24), 24),
                plain(
                        "cloak",
                        single(1, 40, 34, 0.6, 0.6, 1, 0, 3)
                                .with(d -> d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT)))));
        assertEquals(kinds(bud), List.of());
        FlowerForm form = Garden.form(bud);
        PlacedRing cloak = form.ring("cloak").orElseThrow();
        assertTrue(form.faceMm() < 14, "no wider than the bud and its paste: " + form.faceMm());
        assertEquals(cloak.heightsMm()[1], 27, 1, "its tip stands 3 mm above the bud");
        assertTrue(cloak.surface().startMm() > 10, "what hangs below is pinched off");
        assertTrue(cloak.overlapMm() > 5, "it laps itself where it is widest");
        assertTrue(cloak.surface().radius(cloak.surface().outline().lengthMm()) < 2, "it closes over the point");
    }

    private static Species rose(int rings) {
        List<Part> parts = new ArrayList<>();
        parts.add(centre(new CentreForm.Cone(15, 30), 20));
        double[] glued = {0.75, 0.5, 0.3};
        double[] leans = {5, 25, 60};
        for (int i = 0; i < rings; i++) {
            parts.add(plain("ring" + i, cut(5, 72, 6, 30, glued[i], leans[i])));
        }
        return wanted(Garden.species(60, parts.toArray(Part[]::new)));
    }

    @Test
    public void everyRingOfARoseIsSeenOutwardsPastTheOneInsideIt() {
        Species rose = rose(3);
        List<PlacedRing> rings = Garden.form(rose).faceRings();
        for (int i = 1; i < rings.size(); i++) {
            assertTrue(rings.get(i).outerMm() > rings.get(i - 1).outerMm() + 2, "ring " + i + " reaches past");
            assertTrue(seen(rose, "ring" + i) > 0.3, "ring " + i + " is seen: " + seen(rose, "ring" + i));
        }
        assertTrue(
                kinds(rose).stream().noneMatch(k -> k.startsWith("STOP") || k.contains("centre-too")),
                kinds(rose) + "");
        assertEquals(Crossings.of(Garden.form(rose)), List.of());
        double three = Garden.form(rose).faceMm();
        double two = Garden.form(rose(2)).faceMm();
        assertTrue(two < three, "half open is the same cutter in two rings");
    }

    @Test
    public void aBudIsMadeFromAPartOfACut() {
        Pieces two = cut(2, 72, 6, 30, 0.75, 5)
                .withMaking(new OnePiece(new Thinning(1, 0.7), 6, OnePiece.Division.WHOLE, 5));
        Species bud = wanted(Garden.species(20, centre(new CentreForm.Cone(15, 30), 20), plain("petals", two)));
        assertEquals(kinds(bud), List.of());
        assertEquals(two.cut().orElseThrow().petals(), 5, "no other cutter is wanted");
        assertEquals(two.units(), 1, "one cut");
        double whole = cut(5, 72, 6, 30, 0.75, 5).volumeMm3(Garden.form(bud).paste());
        Close.within(1e-9, two.volumeMm3(Garden.form(bud).paste()), whole);
    }

    @Test
    public void aRingOfMorePetalsThanItsCutterTakesSeveralCuts() {
        Pieces twelve = cut(12, 60, 6, 18, 0.4, 40)
                .withMaking(new OnePiece(new Thinning(1, 0.7), 6, OnePiece.Division.WHOLE, 6));
        assertEquals(twelve.units(), 2);
        assertEquals(twelve.cut().orElseThrow().petals(), 6);
    }

    private static Species fiftyFour() {
        List<Part> parts = new ArrayList<>();
        parts.add(centre(new CappedHalfBall(24, 0.8), 20));
        double[] across = {46, 46, 62, 62, 78, 78};
        double[] leans = {-60, -50, -34, -24, -8, 4};
        for (int i = 0; i < across.length; i++) {
            parts.add(plain("five" + i, cut(5, across[i], 6, across[i] * 0.4, 0.65, leans[i])));
        }
        Former cup = new Former("cup", 30, 9, Former.Side.CUPS_IN);
        int[] counts = {12, 6, 6};
        for (int i = 0; i < counts.length; i++) {
            double length = i == 0 ? 34 : 44;
            double wide = i == 0 ? 30 : 40;
            double glued = 0.5 - 0.1 * i;
            boolean last = i == counts.length - 1;
            parts.add(plain(
                    "single" + i,
                    single(counts[i], length, wide, 0.7, glued, glued + 0.1, 22 + 18 * i, -2 - i)
                            .with(d -> {
                                d.former = Optional.of(cup);
                                d.joining = new Joining(
                                        Joining.As.PART_DRY, Joining.Onto.HOLDS, last ? A_DAY : Joining.Rest.NONE);
                            })));
        }
        Species whole = Garden.species(90, parts.toArray(Part[]::new));
        List<Shade> five = new ArrayList<>(whole.shades());
        five.add(new Shade("deep", "deep pink", "#c03a5a", 0.6));
        five.add(new Shade("faint", "faint pink", "#c03a5a", 0.02));
        List<Part> shaded = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            String shade = five.get(i % five.size()).id();
            shaded.add(part.flat()
                    .map(p -> (Part) new Ring(p.id(), p.name(), shade, p.pieces(), Colouring.NONE))
                    .orElse(part));
        }
        return wanted(new Species(
                whole.name(),
                whole.note(),
                whole.faceMm(),
                whole.medium(),
                five,
                shaded,
                whole.finishing(),
                whole.techniques()));
    }

    private static final Joining.Rest A_DAY =
            new Joining.Rest(Joining.Rest.Until.MINUTES, 24 * 60, Joining.Rest.Position.HANGING);

    /** Cups are few: three at a time. */
    private static final Conditions THREE_CUPS =
            Conditions.USUAL.withKit(Kit.USUAL.withFormers(List.of(new Kit.FormerStock("cup", 3))));

    @Test
    public void fiftyFourPetalsLieOnEachOtherAndEveryRingIsSeen() {
        Species flower = fiftyFour();
        assertEquals(
                kinds(flower).stream().filter(k -> !k.contains("main-stem")).toList(), List.of());
        assertEquals(Crossings.of(Garden.form(flower)), List.of());
        for (PlacedRing ring : Garden.form(flower).faceRings()) {
            assertTrue(seen(flower, ring.part().id()) > 0.02, ring.part().id() + " is seen from above");
        }
        double minutes = hands(flower, THREE_CUPS);
        assertTrue(minutes >= 45 && minutes <= 80, "hands " + minutes);
    }

    @Test
    public void aStackedStarLiesOnTheBackOfAFlatRing() {
        Pieces flat = Garden.petals(16, 52, 16, 84).with(d -> d.former = Optional.empty());
        List<Part> parts = new ArrayList<>();
        parts.add(centre(new CentreForm.Ball(14), 20));
        parts.add(plain("petals", flat));
        double[] across = {88, 88, 68};
        for (int i = 0; i < across.length; i++) {
            parts.add(new Calyx(
                    "star" + i,
                    "star",
                    Garden.GREEN.id(),
                    cut(10, across[i], 10, 9, 0.9, 84).with(d -> d.overlap = org.crispwhorl.core.species.Overlap.APART),
                    Colouring.NONE));
        }
        Species flower = wanted(Garden.species(110, parts.toArray(Part[]::new)));
        assertTrue(
                kinds(flower).stream().noneMatch(k -> k.contains("star")),
                kinds(flower).toString());
        FlowerForm form = Garden.form(flower);
        PlacedRing first = form.ring("star0").orElseThrow();
        PlacedRing behind = form.ring("petals").orElseThrow();
        double s = 0.5 * first.surface().outline().lengthMm();
        double r = first.surface().radius(s);
        double at = (r - behind.surface().radius(0)) / Math.sin(behind.surface().direction(0));
        double apart = behind.surface().height(at) - first.surface().height(s);
        assertTrue(apart > 0 && apart < 3, "it lies " + apart + " mm behind the petals");
    }

    @Test
    public void threeCutsAreStackedInOneCup() {
        Former cup = new Former("cup 62", 31, 31, Former.Side.CUPS_IN);
        List<Part> parts = new ArrayList<>();
        double[] across = {60, 52, 44};
        for (int i = 0; i < across.length; i++) {
            parts.add(plain("six" + i, cut(6, across[i], 8, 20, 0.2, 40).with(d -> {
                d.former = Optional.of(cup);
                d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
            })));
        }
        parts.add(new Centre("balls", "balls", Garden.GREEN.id(), new Cluster(3, 7), 20, 1, 0, 0, 80, Colouring.NONE));
        Species flower = Garden.species(70, parts.toArray(Part[]::new));
        assertTrue(
                kinds(flower).stream().noneMatch(k -> k.contains("cup")),
                kinds(flower).toString());
        List<Plan.Task> tasks =
                Planning.of(new Assessment(flower, Conditions.USUAL)).tasks();
        assertEquals(
                tasks.stream()
                        .filter(t -> t.doing() == TaskKind.MAKE_AND_SET)
                        .map(t -> t.partId().orElseThrow())
                        .toList(),
                List.of("six0", "six1", "six2", "balls"),
                "outermost first, the balls last");
        assertEquals(
                tasks.stream()
                        .flatMap(t -> t.steps().uses())
                        .filter(use -> use.sort() == Use.Sort.FORMER)
                        .mapToInt(Use::atOnce)
                        .sum(),
                1,
                "one cup a flower");
        assertTrue(tasks.stream().anyMatch(t -> t.id().equals("out-six0")), "it comes out of its cup");
        double minutes = Truths.hands(flower);
        assertTrue(minutes >= 6 && minutes <= 11, "hands " + minutes);
        FlowerForm form = Garden.form(flower);
        assertTrue(form.faceMm() > 44 && form.faceMm() < 60, "it lies in its cup: " + form.faceMm());
        assertEquals(Crossings.of(form), List.of(), Crossings.of(form).toString());
        Former small = new Former("cup 40", 20, 20, Former.Side.CUPS_IN);
        Species tight = Garden.changed(flower, "six0", p -> p.withFormer(Optional.of(small)));
        List<Finding> told = Findings.of(new Assessment(tight, Conditions.USUAL)).stream()
                .filter(f -> f.kind().equals("cut-past-cup"))
                .toList();
        assertEquals(told.size(), 1);
        assertEquals(told.get(0).severity(), Severity.CHECK);
    }

    /** One cut of five, 30 across, on a ball of 3: it lies flat, it is no goblet. */
    @Test
    public void aFlatBlossomOnADotIsFlat() {
        for (double glued : new double[] {0, 0.1, 0.2}) {
            Species blossom = Garden.species(
                    30,
                    centre(new CentreForm.Ball(3), 28),
                    plain(
                            "petals",
                            cut(5, 30, 8, 11, glued, 85)
                                    .withMaking(new OnePiece(new Thinning(0.7, 0.7), 8, OnePiece.Division.WHOLE))));
            FlowerForm form = Garden.form(blossom);
            PetalSurface petal = form.ring("petals").orElseThrow().surface();
            double top = petal.height(petal.outline().lengthMm());
            assertTrue(form.faceMm() >= 28 && form.faceMm() <= 31, glued + ": " + form.faceMm() + " across");
            assertTrue(top < 4, glued + ": its tips stand " + top + " above the neck");
        }
    }

    @Test
    public void aBallOfSplitPetalsMeetsOverTheTop() {
        List<Part> parts = new ArrayList<>();
        parts.add(centre(new CoveredBall(22, 0), 20));
        for (int i = 0; i < 4; i++) {
            Pieces split =
                    cut(12, 58, 6, 11, 1, 0).withMaking(new OnePiece(new Thinning(1, 0.6), 6, OnePiece.Division.SPLIT));
            parts.add(plain("cut" + i, split.withJoining(Joining.of(Joining.As.SOFT, Joining.Onto.SOFT))));
        }
        parts.add(plain("raised", single(18, 27, 11, 0.6, 0.5, 0.6, 20, 5)));
        Species ball = wanted(Garden.species(30, parts.toArray(Part[]::new)));
        assertTrue(
                kinds(ball).stream().noneMatch(k -> k.contains("petals-too-short")),
                kinds(ball).toString());
        assertTrue(seen(ball, "raised") > 0.25, "the raised ones are seen from above: " + seen(ball, "raised"));
        assertEquals(Crossings.of(Garden.form(ball)), List.of());
    }

    /** What hangs below the bud is told by its weight: the share of the petal below where it begins. */
    @Test
    public void whatIsPinchedOffIsWeighed() {
        Species bud = wanted(Garden.species(
                11, centre(new CentreForm.Teardrop(10, 24), 24), plain("cloak", single(1, 40, 34, 0.6, 0.6, 1, 0, 3))));
        Reckoning.PartReckoning cloak =
                Reckoner.reckon(bud, Conditions.USUAL).parts().get(1);
        double off = Figure.find(cloak.figures(), "pinchedOff").value();
        assertTrue(off > 0.1 * cloak.pasteG() && off < 0.5 * cloak.pasteG(), off + " of " + cloak.pasteG());
        Species rose = rose(1);
        assertTrue(
                Reckoner.reckon(rose, Conditions.USUAL).parts().get(1).figures().stream()
                        .noneMatch(f -> f.key().equals("pinchedOff")),
                "a threaded cut is all there");
    }

    /** A ring that lies so far up that it is hidden is let open sooner, and no cutter of half as much again is asked for. */
    @Test
    public void aHiddenRingOfSoftPetalsIsLetOpenSooner() {
        Species rose = wanted(Garden.changed(rose(3), "ring2", p -> p.withAttachment(new Attachment.Threaded(0.9, 0.95))
                .withOutline(p.outline().withLength(18))));
        List<Finding> hidden = Findings.of(new Assessment(rose, Conditions.USUAL)).stream()
                .filter(f -> f.kind().equals("ring-hidden"))
                .toList();
        assertEquals(hidden.size(), 1, kinds(rose).toString());
        assertTrue(
                hidden.get(0).fixes().stream().anyMatch(m -> m.label().startsWith("let it open from")),
                hidden.get(0).fixes().stream().map(m -> m.label()).toList().toString());
    }

    private static List<Finding> windows(Species species, Conditions conditions) {
        return Findings.of(new Assessment(species, conditions)).stream()
                .filter(f -> f.kind().equals("window-missed"))
                .toList();
    }

    /** A cut that practised hands set in time skins under those of a beginner; in quarters it does not. */
    @Test
    public void whatSkinsBeforeItIsSetIsTold() {
        Pieces many = cut(48, 60, 12, 4, 0.5, 30);
        Species flower = wanted(Garden.species(40, centre(new CentreForm.Ball(16), 20), plain("petals", many)));
        assertEquals(windows(flower, Conditions.USUAL), List.of());
        List<Finding> told = windows(flower, Conditions.USUAL.withPace(new Pace(Pace.Hand.BEGINNING, List.of())));
        assertEquals(told.size(), 1);
        assertEquals(told.get(0).severity(), Severity.CHECK);
        assertTrue(
                told.get(0).fixes().stream().anyMatch(m -> m.label().contains("quarters")),
                told.get(0).fixes().stream().map(m -> m.label()).toList().toString());
    }

    /** A large cut is set part-dry in time in usual air, and not in hot dry air by a beginner. */
    @Test
    public void aPieceThatBendsTooBrieflyIsTold() {
        Pieces many =
                cut(48, 60, 12, 4, 0.5, 30).with(d -> d.joining = Joining.of(Joining.As.PART_DRY, Joining.Onto.HOLDS));
        Species flower = wanted(Garden.species(40, centre(new CentreForm.Ball(16), 20), plain("petals", many)));
        Conditions dry = Conditions.USUAL.withRoom(new Room(30, 15, new Room.Air.Fan()));
        assertEquals(windows(flower, Conditions.USUAL), List.of());
        List<Finding> told = windows(flower, dry.withPace(new Pace(Pace.Hand.BEGINNING, List.of())));
        assertEquals(told.size(), 1);
        assertTrue(
                told.get(0).title().startsWith("Bends and holds too briefly"),
                told.get(0).title());
    }
}
