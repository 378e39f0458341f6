package org.crispwhorl.core.truths;

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
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.finding.Severity;
import org.crispwhorl.core.form.Crossings;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.CappedHalfBall;
import org.crispwhorl.core.species.Carried;
import org.crispwhorl.core.species.Cluster;
import org.crispwhorl.core.species.Colouring;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HeartForm;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.RollForm;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Whorl;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.Test;

/** Flowers of soft petals that are laid on each other, as working makers build them, and what must come out. */
public class LaidTruthsTest {
    private static Heart heart(HeartForm form, int gauge) {
        return new Heart("heart", "heart", Garden.PINK.id(), form, gauge, 0, 1, 5, 80, Colouring.NONE);
    }

    private static Whorl plain(String id, Pieces pieces) {
        return new Whorl(id, id, Garden.PINK.id(), pieces, Colouring.NONE);
    }

    private static Pieces soft(Pieces pieces, Attachment attachment, Joining.Onto onto) {
        return pieces.with(d -> {
            d.attachment = attachment;
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.SOFT, onto);
        });
    }

    private static Pieces cut(int count, double across, double middle, double wide, double glued, double lean) {
        Pieces petals = Garden.petals(count, 30, 26, lean).with(d -> {
            d.outline = Outline.of((across - middle) / 2, wide, 0.62, 0.3, 2.3);
            d.making = new OnePiece(new Thinning(1, 0.7), middle, OnePiece.Division.WHOLE);
            d.leanDeg = lean;
        });
        return soft(petals, new Attachment.Threaded(glued, glued), Joining.Onto.HOLDS);
    }

    private static Pieces single(
            int count, double length, double wide, double to, double glued, double opens, double lean, double reach) {
        Pieces petals = Garden.petals(count, length, wide, lean).with(d -> {
            d.outline = Outline.of(length, wide, 0.62, 0.3, 2.3);
            d.making = new Making.Sheet(new Thinning(1, to));
            d.leanDeg = lean;
        });
        return soft(
                petals,
                new Attachment.Glued(glued, opens, Optional.of(new Attachment.Glued.Reach(reach))),
                Joining.Onto.HOLDS);
    }

    private static Species wanted(Species species) {
        return species.withFace(Math.round(Garden.form(species).faceMm()));
    }

    private static List<String> kinds(Species species) {
        return Findings.of(new Assessment(species, Conditions.USUAL)).stream()
                .map(f -> f.severity() + " " + f.kind() + " " + f.partId().orElse(""))
                .toList();
    }

    private static double seen(Species species, String part) {
        return new Assessment(species, Conditions.USUAL).coverage().seenFromAbove(part);
    }

    private static double hands(Species species) {
        return Planning.of(new Assessment(species, Conditions.USUAL)).tasks().stream()
                .filter(t -> t.doing() != Plan.Doing.MIX)
                .mapToDouble(Plan.Task::handsMin)
                .sum();
    }

    @Test
    public void onePetalCloaksABudAndClosesOverItsPoint() {
        Species bud = wanted(Garden.species(
                11,
                heart(new HeartForm.Teardrop(10, 24), 24),
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
        parts.add(heart(new HeartForm.Cone(15, 30), 20));
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
        assertTrue(kinds(rose).stream().noneMatch(k -> k.startsWith("STOP") || k.contains("centre")), kinds(rose) + "");
        assertEquals(Crossings.of(Garden.form(rose)), List.of());
        double three = Garden.form(rose).faceMm();
        double two = Garden.form(rose(2)).faceMm();
        assertTrue(two < three, "half open is the same cutter in two rings");
    }

    @Test
    public void aBudIsMadeFromAPartOfACut() {
        Pieces two = cut(2, 72, 6, 30, 0.75, 5)
                .withMaking(new OnePiece(new Thinning(1, 0.7), 6, OnePiece.Division.WHOLE, 5));
        Species bud = wanted(Garden.species(20, heart(new HeartForm.Cone(15, 30), 20), plain("petals", two)));
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
        parts.add(heart(new CappedHalfBall(24, 0.8), 20));
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
            parts.add(plain(
                    "single" + i,
                    single(counts[i], length, wide, 0.7, glued, glued + 0.1, 22 + 18 * i, -2 - i)
                            .with(d -> {
                                d.former = Optional.of(cup);
                                d.joining = Joining.of(Joining.As.PART_DRY, Joining.Onto.HOLDS);
                            })));
        }
        return wanted(Garden.species(90, parts.toArray(Part[]::new)));
    }

    @Test
    public void fiftyFourPetalsLieOnEachOtherAndEveryRingIsSeen() {
        Species flower = fiftyFour();
        assertEquals(
                kinds(flower).stream().filter(k -> !k.contains("main-stem")).toList(), List.of());
        assertEquals(Crossings.of(Garden.form(flower)), List.of());
        for (PlacedRing ring : Garden.form(flower).faceRings()) {
            assertTrue(seen(flower, ring.part().id()) > 0.02, ring.part().id() + " is seen from above");
        }
        double minutes = hands(flower);
        assertTrue(minutes >= 45 && minutes <= 90, "hands " + minutes);
    }

    @Test
    public void aStackedStarLiesOnTheBackOfAFlatRing() {
        Pieces flat = Garden.petals(16, 52, 16, 84).with(d -> d.former = Optional.empty());
        List<Part> parts = new ArrayList<>();
        parts.add(heart(new HeartForm.Ball(14), 20));
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
        parts.add(new Heart("balls", "balls", Garden.GREEN.id(), new Cluster(3, 7), 20, 1, 0, 0, 80, Colouring.NONE));
        Species flower = Garden.species(70, parts.toArray(Part[]::new));
        assertTrue(
                kinds(flower).stream().noneMatch(k -> k.contains("cup")),
                kinds(flower).toString());
        Former small = new Former("cup 40", 20, 20, Former.Side.CUPS_IN);
        Species tight = Garden.changed(flower, "six0", p -> p.withFormer(Optional.of(small)));
        List<Finding> told = Findings.of(new Assessment(tight, Conditions.USUAL)).stream()
                .filter(f -> f.kind().equals("cut-past-cup"))
                .toList();
        assertEquals(told.size(), 1);
        assertEquals(told.get(0).severity(), Severity.LOOK);
    }

    private static Roll rolled(String id, double longMm, double hollowMm, double openedMm) {
        return new Roll(
                id,
                id,
                Garden.PINK.id(),
                new RollForm.Strip(longMm, 36, true, 9, 5),
                1,
                0.4,
                hollowMm,
                openedMm,
                6,
                new Edge(3, 0.5, 0, 0, Edge.Finish.SMOOTH),
                Colouring.NONE);
    }

    @Test
    public void aRolledRoseIsItsCoilsAndTheirOpening() {
        Roll inner = rolled("inner", 180, 1, 0);
        Roll outer = rolled("outer", 200, 2 * inner.radiusMm(), 10);
        Species rose = wanted(Garden.species(50, inner, outer));
        assertTrue(
                kinds(rose).stream().noneMatch(k -> k.startsWith("STOP")),
                kinds(rose).toString());
        Close.within(1e-9, Garden.form(rose).faceMm(), 2 * (outer.radiusMm() + 10));
        Close.within(1e-9, Garden.form(rose).heightMm(), 18 - 6);
        double minutes = hands(rose);
        assertTrue(minutes >= 3 && minutes <= 7.5, "hands " + minutes);
        double paste = new Assessment(rose, Conditions.USUAL).pasteG(inner);
        double whole = inner.from().areaMm2() * 1 * 1.38 / 1000;
        Close.within(1e-6, paste, whole);
    }

    @Test
    public void aFanClosedOnceIsARingOfItsPetals() {
        RollForm.PetalFan fan = new RollForm.PetalFan(5, Outline.of(52, 38, 0.6, 0.5, 2.4), 0.34, true);
        Roll closed = new Roll("fan", "fan", Garden.PINK.id(), fan, 1, 0, 0, 12, 0, Edge.PLAIN, Colouring.NONE);
        Close.within(1e-9, closed.turns(), 1);
        Close.within(0.05, closed.radiusMm(), 5 * 38 * (1 - 0.34) / (2 * Math.PI));
        Species ring = wanted(Garden.species(50, closed));
        Close.within(1e-9, Garden.form(ring).faceMm(), 2 * (closed.radiusMm() + 12));
    }

    @Test
    public void aBallOfSplitPetalsMeetsOverTheTop() {
        List<Part> parts = new ArrayList<>();
        parts.add(heart(new CoveredBall(22, 0), 20));
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

    /** Five petals snipped from a cone, six stamens pushed in soft: no wire, a foot to push into the cake. */
    @Test
    public void aBlossomWithoutAWireIsPushedInByItsFoot() {
        Pieces snipped = Garden.petals(5, 14, 10, 60).with(d -> {
            d.making = new HollowedCone(0.8, 14, 5);
            d.attachment = new Attachment.Threaded();
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
        Species blossom = wanted(Garden.species(30, plain("blossom", snipped)));
        assertTrue(
                kinds(blossom).stream().noneMatch(k -> k.startsWith("STOP") || k.contains("stem")),
                kinds(blossom) + "");
        List<Figure> figures = Reckoner.reckon(blossom, Conditions.USUAL).figures();
        assertTrue(figures.stream().noneMatch(f -> f.key().equals("stem")), "no stem");
        assertEquals(Figure.find(figures, "foot").value(), 14.0);
        double minutes = hands(blossom);
        assertTrue(minutes >= 2 && minutes <= 5, "hands " + minutes);
    }

    /** A folded ball glued on each petal: more paste, of its own shade, for every one. */
    @Test
    public void aPetalThatIsCarriedIsMixedAndWeighedWithEveryPiece() {
        Pieces plain = Garden.petals(5, 30, 26, 70);
        double ball = Math.PI * Math.pow(12, 3) / 6;
        double area = new Carried(Garden.PALE.id(), 20, 16, 1).outline().areaMm2();
        Pieces carrying = plain.with(d -> d.carries = Optional.of(new Carried(Garden.PALE.id(), 20, 16, ball / area)));
        Species without = Garden.species(70, Garden.ring("petals", plain));
        Species with = Garden.species(70, Garden.ring("petals", carrying));
        double more = new Assessment(with, Conditions.USUAL)
                        .pieceG(with.part("petals").orElseThrow())
                - new Assessment(without, Conditions.USUAL)
                        .pieceG(without.part("petals").orElseThrow());
        Close.within(0.01, more, 1.25);
        assertTrue(hands(with) > hands(without) + 1, "each is set on its petal");
    }

    /** A heart coated in crumb bears no steam; petals that are steamed before it is set do it no harm. */
    @Test
    public void onlyThePetalsOfACrumbHeartAreSteamed() {
        Heart crumb = heart(new HeartForm.Disc(14, 4, HeartForm.Disc.Coat.CRUMB), 20);
        Species flower = wanted(Garden.species(70, crumb, Garden.ring("petals", Garden.petals(6, 30, 28, 70))));
        Species petals = flower.withFinishing(Species.Finishing.STEAM_PETALS);
        assertTrue(
                kinds(petals).stream().noneMatch(k -> k.contains("steam")),
                kinds(petals).toString());
        List<Finding> whole =
                Findings.of(new Assessment(flower.withFinishing(Species.Finishing.STEAM), Conditions.USUAL)).stream()
                        .filter(f -> f.kind().equals("steam-on-coat"))
                        .toList();
        assertEquals(whole.size(), 1);
        assertTrue(
                whole.get(0).mends().stream().anyMatch(m -> m.label().contains("petals")),
                whole.get(0).mends().toString());
    }

    /** Single heads on fine taped wires, all to one side, one of them longer. */
    @Test
    public void fineStamensStandToOneSide() {
        FineStamens five = new FineStamens(
                        "fine", "stamens", Garden.PALE.id(), 5, 33, 20, 6, 3, 1.2, 4, 60, Colouring.NONE)
                .spreadOver(60);
        Species flower = wanted(Garden.species(
                70, heart(new HeartForm.Ball(6), 20), five, Garden.ring("petals", Garden.petals(5, 30, 30, 70))));
        assertTrue(
                kinds(flower).stream().noneMatch(k -> k.contains("stamens")),
                kinds(flower).toString());
        assertEquals(five.wireCuts().stream().mapToInt(w -> w.count()).sum(), 5, "a wire for each");
        assertTrue(five.strand(Garden.form(flower).wireTable()).taped(), "taped in");
        double side = Garden.form(flower).solids(five).stream()
                .filter(s -> s instanceof Solid.Grains)
                .flatMap(s -> ((Solid.Grains) s).places().stream())
                .mapToDouble(p -> p[0])
                .min()
                .orElseThrow();
        assertTrue(side > 0, "none stands on the other side");
    }
}
