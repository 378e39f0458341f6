package org.crispwhorl.core.truths;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Dome;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.Texture;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.wire.StemBundle;
import org.crispwhorl.core.wire.WireTable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Made-up flowers of the builds that makers really make, with what a good maker would expect to be told: at 20 °C, 50 %, in still
 * air, by practised hands, unless a row says otherwise.
 */
public class BenchTruthsTest {
    private static final Joining SOFT_ON_HOLDS = Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS);

    private static Conditions room(double c, double pct) {
        return Conditions.USUAL.withRoom(new Room(c, pct, new Room.Air.Still()));
    }

    private static Centre centre(CentreForm form, int gauge) {
        return new Centre("centre", "centre", Garden.PINK.id(), form, gauge, 0, 1, 5, 100, Colouring.NONE);
    }

    private static Pieces onePiece(int count, double across, double middle, double wide, double glued, double lean) {
        Outline petal = Outline.of((across - middle) / 2, wide, 0.62, 0.3, 2.3);
        return Garden.petals(count, 30, 26, lean).with(d -> {
            d.outline = petal;
            d.making = new OnePiece(new Thinning(1, 0.7), middle, OnePiece.Division.WHOLE);
            d.attachment = new Attachment.Threaded(glued, glued);
            d.former = Optional.empty();
            d.joining = SOFT_ON_HOLDS;
            d.opensDeg = lean;
        });
    }

    /** A cone 15 × 30, three one-piece fives 72 across, a fitted calyx, a bead. */
    private static Species roseOfThreeCuts() {
        Part calyx = new Calyx(
                "calyx", "calyx", Garden.GREEN.id(), Garden.apart(onePiece(5, 44, 6, 9, 0.3, 100)), Colouring.NONE);
        Part bead = new Bead("bead", "bead", Garden.GREEN.id(), 9, 10, -1, Colouring.NONE);
        Species rose = Garden.species(
                70,
                centre(new CentreForm.Cone(15, 30), 20),
                Garden.ring("first", onePiece(5, 72, 6, 30, 0.75, 5)),
                Garden.ring("second", onePiece(5, 72, 6, 30, 0.5, 25)),
                Garden.ring("third", onePiece(5, 72, 6, 30, 0.3, 60)),
                calyx,
                bead);
        return rose.withFaceMm(Math.round(Garden.form(rose).faceMm()));
    }

    private static List<Finding> stops(Species species, Conditions conditions) {
        return Findings.of(new Assessment(species, conditions)).stream()
                .filter(f -> f.severity() == Severity.STOP)
                .toList();
    }

    private static List<String> kinds(Species species, Conditions conditions) {
        return Findings.of(new Assessment(species, conditions)).stream()
                .map(f -> f.severity() + " " + f.kind())
                .toList();
    }

    /** Minutes of working time but for mixing the shades. */
    private static double hands(Species species) {
        return Planning.of(new Assessment(species, Conditions.USUAL)).tasks().stream()
                .filter(t -> t.doing() != TaskKind.MIX)
                .mapToDouble(Plan.Task::labourMin)
                .sum();
    }

    private static Plan.Task task(Species species, String id) {
        return Planning.of(new Assessment(species, Conditions.USUAL)).tasks().stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aRoseOfThreeCutsIsSetAsSoonAsItsConeHolds() {
        Species rose = roseOfThreeCuts();
        assertEquals(stops(rose, Conditions.USUAL), List.of());
        double minutes = hands(rose);
        assertTrue(minutes >= 8 && minutes <= 13, "hands " + minutes);
        double cone = task(rose, "make-centre").endH();
        double first = task(rose, "make-first").startH();
        assertTrue(first - cone >= 1.2 && first - cone <= 3, "first cut " + (first - cone) + " h after the cone");
        assertEquals(
                task(rose, "make-second").startH(), task(rose, "make-first").endH(), 1e-9);
        assertEquals(
                task(rose, "make-third").startH(), task(rose, "make-second").endH(), 1e-9);
        assertTrue(
                kinds(rose, Conditions.USUAL).stream().noneMatch(k -> k.contains("centre-too")), "the cone is covered");
    }

    @Test
    public void sevenWiredPetalsAreCleanAndWaitForTheCentreOnlyToBeTaped() {
        Pieces petals = Garden.petals(7, 38, 34, 72).with(d -> {
            d.making = new Making.Sheet(new Thinning(1.1, 0.7));
            d.attachment = new Attachment.Wired(26, 6.5, 0, 8, 80, 0.9);
            d.joining = Joining.of(Joining.As.FIRM, Joining.Onto.DRY);
        });
        Stamens stamens = new Stamens(
                "stamens",
                "stamens",
                Garden.PALE.id(),
                60,
                Stamens.Use.FOLDED,
                0.3,
                0.9,
                12,
                9,
                3,
                Stamens.StamenArrangement.RING,
                2,
                2,
                Colouring.NONE);
        Species wired = Garden.species(
                80,
                centre(new Dome(12, 5, Texture.TWEEZED), 20),
                stamens,
                new Ring("petals", "petals", Garden.PINK.id(), petals, Garden.passes(2, 0, Stage.DRY)));
        Species sized = wired.withFaceMm(Math.round(Garden.form(wired).faceMm()));
        assertEquals(kinds(sized, Conditions.USUAL), List.of());
        double minutes = hands(sized);
        assertTrue(minutes >= 14 && minutes <= 22, "hands " + minutes);
        assertTrue(task(sized, "make-petals").startH() < 1, "petals are made at once");
    }

    private static Ring plain(String id, Pieces pieces) {
        return new Ring(id, id, Garden.PINK.id(), pieces, Colouring.NONE);
    }

    private static Species chocolate() {
        List<Part> parts = new ArrayList<>();
        parts.add(centre(new CentreForm.Teardrop(14, 22), 20).withStem(20, 0, 20));
        int[] counts = {1, 3, 5};
        for (int i = 0; i < counts.length; i++) {
            int ring = i;
            parts.add(plain(
                    "ring" + i, Garden.petals(counts[i], 34, 34, 20 + 25 * i).with(d -> {
                        d.making = new FromBall.Pressed(14);
                        d.attachment = new Attachment.Glued(0.6 - 0.2 * ring);
                        d.former = Optional.empty();
                        d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
                    })));
        }
        Species rose = Garden.in(Garden.species(60, parts.toArray(Part[]::new)), Medium.MODELLING_CHOCOLATE);
        return rose.withFaceMm(Math.round(Garden.form(rose).faceMm()));
    }

    @Test
    public void chocolateWithoutACutterSetsInACoolRoomSlowerInAWarmOneAndNotInAHotOne() {
        Species rose = chocolate();
        double minutes = hands(rose);
        assertTrue(minutes >= 6 && minutes <= 10, "hands " + minutes);
        Plan cool = Planning.of(new Assessment(rose, room(19, 50)));
        double last = cool.tasks().stream().mapToDouble(Plan.Task::endH).max().orElseThrow();
        double after = 60 * (cool.readyH() - last);
        assertTrue(after <= 40, "usable " + after + " min after the last touch");
        assertEquals(
                Findings.of(new Assessment(rose, room(19, 50))).stream()
                        .map(Finding::kind)
                        .toList(),
                List.of());
        double warm = Planning.of(new Assessment(rose, room(24, 50))).readyH();
        assertTrue(warm > cool.readyH());
        assertEquals(stops(rose, room(24, 50)), List.of());
        assertEquals(stops(rose, room(28, 50)).get(0).kind(), "never-dries");
    }

    @Test
    public void aCloakedBudIsOnePetalAndNoRing() {
        Pieces cloak = Garden.petals(1, 40, 34, 0).with(d -> {
            d.making = new Making.Sheet(new Thinning(1, 0.6));
            d.attachment = new Attachment.Glued(0.6, 1, Optional.of(new Attachment.Glued.Reach(3)));
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
        Species bud = Garden.species(11, centre(new CentreForm.Teardrop(10, 24), 24), plain("cloak", cloak));
        assertEquals(kinds(bud, Conditions.USUAL), List.of());
        double minutes = hands(bud);
        assertTrue(minutes >= 2 && minutes <= 5, "hands " + minutes);
        assertTrue(60 * task(bud, "make-cloak").endH() <= 20, "set at once");
    }

    @Test
    public void ringsInEachOthersGapsLeaveNoneAndPetalsFarApartAreMeantToBe() {
        Species three = Garden.species(
                105,
                centre(new CentreForm.Ball(10), 20),
                plain("inner", wired(3, 44, 40, 70)),
                plain("outer", wired(3, 42, 38, 74)));
        assertTrue(kinds(three, Conditions.USUAL).stream().noneMatch(k -> k.contains("ring-gap")));
        Species alone = Garden.species(105, centre(new CentreForm.Ball(10), 20), plain("inner", wired(3, 44, 40, 70)));
        assertTrue(kinds(alone, Conditions.USUAL).contains("CHECK ring-gap"));
        Species narrow = Garden.species(160, centre(new CentreForm.Ball(5), 20), plain("inner", wired(3, 70, 24, 60)));
        assertTrue(kinds(narrow, Conditions.USUAL).stream().noneMatch(k -> k.contains("ring-gap")));
    }

    private static Pieces wired(int count, double length, double width, double lean) {
        return Garden.petals(count, length, width, lean).with(d -> {
            d.making = new Making.Sheet(new Thinning(1.1, 0.7));
            d.attachment = new Attachment.Wired(26, 7, 0, 6, 80, 0.9);
        });
    }

    @Test
    public void aBallTooSmallIsStoppedWithTwoBallsThatWillDo() {
        Species small = Garden.changed(Garden.rose(), "petals", p -> p.withOutline(Outline.of(35, 30, 0.62, 0.3, 2.3))
                .withMaking(new FromBall.Pressed(6)));
        Finding finding = Findings.of(new Assessment(small, Conditions.USUAL)).stream()
                .filter(f -> f.kind().equals("ball-cannot-make-it"))
                .findFirst()
                .orElseThrow();
        assertEquals(finding.severity(), Severity.STOP);
        assertEquals(
                finding.fixes().stream()
                        .map(m -> LengthText.in(m.label(), LengthText.Lengths.MM))
                        .toList(),
                List.of("start from a ball 8.5 mm", "start from a ball 11 mm"));
    }

    @Test
    public void aFurtherWireDoesNotMakeABundleThinner() {
        double thick = WireTable.STANDARD.diameterMm(16);
        double two = StemBundle.diameterMm(List.of(thick, thick));
        Close.within(0.01, two, 3.25);
        assertTrue(StemBundle.diameterMm(List.of(thick, thick, WireTable.STANDARD.diameterMm(30))) >= two);
    }

    @Test
    public void whereTailsEndTheFootBearsItAloneAndThatIsTold() {
        Pieces petals = Garden.petals(12, 40, 30, 70).with(d -> {
            d.attachment = new Attachment.Wired(22, 12, 0, 5, 40, 1.2);
            d.making = new Making.Sheet(new Thinning(1.3, 0.7));
        });
        Species tails = Garden.species(80, centre(new CentreForm.Ball(10), 24), Garden.ring("petals", petals));
        Finding finding = Findings.of(new Assessment(tails, Conditions.USUAL)).stream()
                .filter(f -> f.kind().equals("main-stem-too-thin"))
                .findFirst()
                .orElseThrow();
        List<String> fixes = finding.fixes().stream().map(m -> m.label()).toList();
        assertTrue(fixes.stream().anyMatch(m -> m.startsWith("leave every tail")), fixes.toString());
    }

    @Test
    public void twelveLobesTakeThePasteOfTheirUnion() {
        Cut cut = new Cut(Outline.of(28, 22, 0.62, 0.3, 2.3), 12, 4);
        double lobes = 12 * cut.outline().areaMm2();
        assertTrue(cut.areaMm2() < 0.6 * lobes, cut.areaMm2() + " of " + lobes);
        double reach = Math.PI * Math.pow(2 + 28, 2);
        assertTrue(cut.areaMm2() < reach && cut.areaMm2() > 0.8 * reach);
    }

    @DataProvider
    public Object[][] weather() {
        return new Object[][] {
            {room(20, 70), "CHECK air-damp"}, {room(20, 76), "STOP never-dries"}, {room(34, 50), "CHECK air-hot"}
        };
    }

    @Test(dataProvider = "weather")
    public void theWeatherIsTold(Conditions conditions, String told) {
        assertEquals(kinds(Garden.rose(), conditions), List.of(told));
    }

    @Test
    public void edgesAloneAreThinnedOutOfWhatIsThere() {
        Pieces flat = Garden.petals(5, 55, 18, 70).with(d -> d.making = new Making.Sheet(new Thinning(1.2, 1.2)));
        Species plain = Garden.species(80, centre(new CentreForm.Ball(10), 22), Garden.ring("petals", flat));
        Assessment a = new Assessment(plain, Conditions.USUAL);
        double grams = a.paste().grams(55 * 18 * 1.2);
        assertTrue(a.pieceG(plain.part("petals").orElseThrow()) < grams);
    }

    /** No row of these flowers moves a figure by a jump where an input is moved by a hair. */
    @Test
    public void aHairMovesNoFigureByAJump() {
        Species rose = roseOfThreeCuts();
        for (String id : List.of("first", "second", "third")) {
            for (int i = 0; i < 40; i++) {
                double lean = 2 + 2 * i;
                double before = face(rose, id, lean);
                double after = face(rose, id, lean + 0.1);
                assertTrue(Math.abs(after - before) < 0.6, id + " at " + lean + ": " + before + " to " + after);
            }
        }
    }

    private static double face(Species rose, String id, double lean) {
        return Garden.form(Garden.changed(rose, id, p -> p.withOpensDeg(lean))).faceMm();
    }

    /** Places are rules, not wishes: every ring of the rose stands by one. */
    @Test
    public void ringsStandInEachOthersGaps() {
        assertTrue(Stream.of("first", "second", "third")
                .map(id -> roseOfThreeCuts().part(id).orElseThrow())
                .flatMap(p -> p.flat().stream())
                .allMatch(p -> Arrays.asList(Place.Rule.values())
                        .contains(p.pieces().place().rule())));
    }
}
