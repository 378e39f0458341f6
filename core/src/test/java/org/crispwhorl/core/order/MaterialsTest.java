package org.crispwhorl.core.order;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.StemPlan;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drawer.CakePick;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Cutter;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.OwnFormer;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.OwnVeiner;
import org.crispwhorl.core.drawer.OwnWire;
import org.crispwhorl.core.drawer.PartTools;
import org.crispwhorl.core.drawer.ReadyMade;
import org.crispwhorl.core.drawer.TapeRoll;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.paste.Grooves;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Bought;
import org.crispwhorl.core.species.Carried;
import org.crispwhorl.core.species.Lining;
import org.crispwhorl.core.species.Pearls;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Supports;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

public class MaterialsTest {
    private static final Species ROSE = Garden.rose();

    private static Materials of(int roses, DrawerItem... items) {
        Drawer drawer = new Drawer(List.of(items));
        Conditions conditions = Conditions.USUAL.withKit(drawer.kit());
        List<OrderSheet.Line> lines = List.of(OrderSheet.Line.of(ROSE, roses));
        return Gathering.of(lines, OrderSheet.of(lines, conditions), conditions, drawer, 100);
    }

    private static Materials.ShoppingLine line(Materials materials, String what) {
        return materials.shopping().stream()
                .filter(l -> l.what().startsWith(what))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void cutsAreGroupedByCutterThicknessAndShade() {
        Materials materials = of(4);
        int grouped =
                materials.cuts().stream().mapToInt(Materials.CutterJob::pieces).sum();
        int lines = materials.cuts().stream()
                .flatMap(j -> j.lines().stream())
                .mapToInt(l -> l.needed() + l.spares())
                .sum();
        assertEquals(grouped, lines);
        materials.cuts().forEach(j -> assertTrue(j.stripMm() > 0 && j.nesting().stripMm() <= 140));
    }

    private static Materials gathered(Species species, int flowers, DrawerItem... items) {
        Drawer drawer = new Drawer(List.of(items));
        Conditions conditions = Conditions.USUAL.withKit(drawer.kit());
        List<OrderSheet.Line> lines = List.of(OrderSheet.Line.of(species, flowers));
        return Gathering.of(lines, OrderSheet.of(lines, conditions), conditions, drawer, 100);
    }

    @Test
    public void whatIsBoughtReadyMadeIsOnTheListAndTakenOutOfTheDrawer() {
        Species flower = Garden.species(
                50,
                Garden.ball(10).withForm(new Pearls(3, 5, Pearls.PearlKind.SUGAR)),
                Garden.ring("a", Garden.petals(5, 30, 24, 40)),
                new Supports("supports", "supports", Supports.SupportKind.FOAM, 4));
        DrawerItem pearls = new ReadyMade("ivory", 10, Bought.BoughtSort.SUGAR_PEARLS, 5.2, 0);
        DrawerItem foam = new ReadyMade("foam", 8, Bought.BoughtSort.FOAM, 0, 0);
        DrawerItem large = new ReadyMade("large", 90, Bought.BoughtSort.SUGAR_PEARLS, 8, 0);
        Materials materials = gathered(flower, 6, pearls, foam, large);
        assertEquals(line(materials, "sugar pearls").needed(), 18, 0);
        assertEquals(line(materials, "sugar pearls").missing(), 8, 0, "those of 8 mm will not do");
        assertEquals(line(materials, "pieces of foam").needed(), 24, 0);
        Drawer drawer = new Drawer(List.of(pearls, foam, large));
        assertEquals(UsingUp.of(materials, drawer).get(0).amount(), 10, 0, "all that there are");
        assertFalse(UsingUp.of(materials, drawer).containsKey(1), "foam is counted out again");
    }

    @Test
    public void theSmallPetalsThatPiecesCarryAreCutToo() {
        Carried small = new Carried(Garden.GREEN.id(), 10, 8, 0.6);
        Species flower = Garden.species(
                50,
                Garden.ball(10),
                Garden.ring("a", Garden.petals(5, 30, 24, 40).with(d -> d.carries = Optional.of(small))));
        Materials.CutterJob job = gathered(flower, 4).cuts().stream()
                .filter(j -> j.shade().equals("green"))
                .findFirst()
                .orElseThrow();
        assertEquals(job.lines().get(0).needed(), 20);
        assertEquals(job.rolledMm(), 0.6, 0);
        assertEquals(job.cut().outline().lengthMm(), 10, 0);
    }

    @Test
    public void gumPowderIsWeighedOutByThePasteThatTheDrawerHas() {
        Species flower = Garden.in(ROSE, Medium.GUM_FONDANT);
        Materials usual = gathered(flower, 5);
        double grams = line(usual, Medium.GUM_FONDANT.label()).needed();
        assertEquals(line(usual, "gum powder").needed(), 0.02 * grams, 1e-9);
        Paste stronger = new Paste(Medium.GUM_FONDANT, 1.42, 72, 16, 3.5, 0.6);
        assertEquals(
                line(gathered(flower, 5, new OwnPaste("mine", 900, stronger)), "gum powder")
                        .needed(),
                0.035 * grams,
                1e-9);
    }

    @Test
    public void dustsAreWeighedAgainstTheirPots() {
        Pass pass = Garden.pass(Zone.ALL, 0, 0, 1, new Dip("plum", "#5a2040", ColourForm.DUST, 1));
        Species flower = Garden.species(
                50,
                Garden.ball(10),
                Garden.ring("a", Garden.petals(5, 30, 24, 40)).coloured(c -> new Colouring(List.of(pass))));
        double mg = line(gathered(flower, 4), "plum").needed();
        assertTrue(mg > 10 && mg < 1000, mg + " mg on twenty petals");
        ColourPot pot = new ColourPot("plum", 1, 0.01, "#5a2040", ColourForm.DUST, ColourPot.Eaten.EDIBLE);
        assertEquals(line(gathered(flower, 4, pot), "plum").missing(), mg - 10, 1e-6);
        ColourPot unweighed = new ColourPot("plum", 1, 0, "#5a2040", ColourForm.DUST, ColourPot.Eaten.EDIBLE);
        assertEquals(line(gathered(flower, 4, unweighed), "plum").missing(), 0, 0);
        assertEquals(line(gathered(flower, 4), "plum").owned(), 0, 0);
    }

    @Test
    public void theDrawersCutterIsNamedAndWhatIsMissingIsOnTheList() {
        Petaled petals = ROSE.petaled().get(0);
        Cutter own = new Cutter("garden petal 3", 1, petals.pieces().cut().orElseThrow(), false, 0);
        Materials with = of(2, own);
        assertEquals(
                with.cuts().stream()
                        .filter(j -> j.cut().equals(own.cut()))
                        .findFirst()
                        .orElseThrow()
                        .cutter()
                        .orElseThrow(),
                "garden petal 3");
        long missing = of(2).shopping().stream()
                .filter(l -> l.what().contains("cutter"))
                .count();
        assertEquals(
                with.shopping().stream()
                        .filter(l -> l.what().contains("cutter"))
                        .count(),
                missing - 1);
    }

    @Test
    public void wiresAreCutWithTheFewestAndShortageIsTold() {
        Materials materials = of(6, new OwnWire("26 ga", 3, 26, 360, List.of(), 0));
        Materials.WireJob job = materials.wires().stream()
                .filter(w -> w.gauge() == 26)
                .findFirst()
                .orElseThrow();
        assertTrue(job.plan().proved());
        int pieces = job.pieces().stream().mapToInt(OrderSheet.WireLine::count).sum();
        assertEquals(
                job.plan().cuts().stream()
                        .mapToInt(c -> c.times() * c.piecesMm().size())
                        .sum(),
                pieces);
        Materials.ShoppingLine line = line(materials, "wire 26");
        assertEquals(line.missing(), job.plan().wholeWires() - 3.0, 1e-9);
    }

    /** A second flower whose green is called otherwise and can hardly be told from the rose's. */
    private static Species sister() {
        Species moss = Garden.shaded(
                ROSE,
                Garden.PINK,
                Garden.PALE,
                new Shade("green", "moss", Garden.GREEN.strong(), Garden.GREEN.share() - 0.005));
        return new Species(
                "Sister",
                moss.note(),
                moss.faceMm(),
                moss.medium(),
                moss.shades(),
                moss.parts(),
                moss.finishing(),
                moss.techniques());
    }

    @Test
    public void shadesThatNobodyCouldTellApartAreMixedAtOnceAndSaidFor() {
        List<OrderSheet.Line> lines = List.of(OrderSheet.Line.of(ROSE, 3), OrderSheet.Line.of(sister(), 2));
        OrderSheet both = OrderSheet.of(lines, Conditions.USUAL);
        Materials materials = Gathering.of(lines, both, Conditions.USUAL, new Drawer(List.of()), 100);
        List<Batch.Mixed> greens = materials.pastes().stream()
                .flatMap(p -> p.batches().stream())
                .filter(b -> b.strong().equals(Garden.GREEN.strong()))
                .flatMap(b -> b.shades().stream())
                .toList();
        assertEquals(greens.size(), 1, "one green for both");
        assertEquals(
                greens.get(0).portions().stream().map(Batch.Portion::whose).toList(), List.of(ROSE.name(), "Sister"));
        assertEquals(greens.get(0).portions().get(1).name(), "moss");
        double wanted = greens.get(0).portions().stream()
                .mapToDouble(Batch.Portion::grams)
                .sum();
        assertTrue(Math.abs(greens.get(0).grams() - wanted) <= 2);
        double apart = OrderSheet.of(lines.subList(0, 1), Conditions.USUAL).labourMin()
                + OrderSheet.of(lines.subList(1, 2), Conditions.USUAL).labourMin();
        assertTrue(both.labourMin() < apart - 3, "mixing at once takes fewer minutes");
    }

    @Test
    public void ringsOfOneCutterShareTheirSpares() {
        Species twice = Garden.species(
                80,
                Garden.ring("first", Garden.petals(5, 26, 25, 60)),
                Garden.ring("second", Garden.petals(5, 26, 25, 75)));
        List<OrderSheet.CutLine> cuts = OrderSheet.of(List.of(OrderSheet.Line.of(twice, 1)), Conditions.USUAL)
                .cuts();
        int spares = cuts.stream().mapToInt(OrderSheet.CutLine::spares).sum();
        assertEquals(spares, Conditions.USUAL.kit().breakage().forPieces(10));
        assertTrue(cuts.get(0).spares() >= 1, "one at least for the cutter");
    }

    @Test
    public void batchesHoldWhatTheOrderMixes() {
        Materials materials = of(3);
        int shades = materials.pastes().stream()
                .flatMap(p -> p.batches().stream())
                .flatMap(b -> b.shades().stream())
                .mapToInt(Batch.Mixed::grams)
                .sum();
        double mixed = OrderSheet.of(List.of(OrderSheet.Line.of(ROSE, 3)), Conditions.USUAL).shades().stream()
                .mapToDouble(OrderSheet.ShadeLine::mixG)
                .sum();
        assertTrue(shades >= mixed && shades < mixed + 4, shades + " g for " + mixed);
    }

    @Test
    public void theStemGetsThickerFromTheCentreDown() {
        StemPlan plan = StemPlan.of(new Assessment(ROSE, Conditions.USUAL), 12);
        for (int i = 1; i < plan.steps().size(); i++) {
            assertTrue(plan.steps().get(i).thickMm() >= plan.steps().get(i - 1).thickMm());
        }
        Close.within(
                1e-9, plan.thickMm(), plan.steps().get(plan.steps().size() - 1).thickMm());
        assertTrue(plan.weightG() > new Assessment(ROSE, Conditions.USUAL).headG());
        double half = StemPlan.of(new Assessment(ROSE, Conditions.USUAL), 6).tapeMm();
        StemPlan halved = StemPlan.of(
                new Assessment(
                        ROSE, Conditions.USUAL.withTechniques(Techniques.USUAL.withTape(Techniques.TapeWidth.HALVED))),
                12);
        assertEquals(halved.tapeMm(), half / 2, 1e-9, "two lengths of it off each length of the roll");
        assertTrue(half > 1.7 * plan.tapeMm() && half < 2 * plan.tapeMm(), half + " for " + plan.tapeMm());
    }

    @Test
    public void aPickFitsTheStemAndTheTier() {
        Materials materials = of(2, new CakePick("thin", 9, 1.5, 60), new CakePick("right", 9, 12, 80));
        Materials.StemJob stem = materials.stems().get(0);
        assertEquals(stem.picks().get(0).pick().name(), "right");
        assertTrue(stem.picks().get(1).reason().startsWith("too narrow"));
        assertEquals(line(materials, "right").needed(), 2, 0);
    }

    @Test
    public void tapeOfTheDrawersWidthIsCounted() {
        assertTrue(line(of(2, new TapeRoll("wide", 25, 24)), "tape 24").needed()
                < line(of(2), "tape 12").needed());
    }

    @Test
    public void formersAreComparedByTheBendTheyGive() {
        Petaled petals = ROSE.petaled().get(0);
        var former = petals.pieces().former().orElseThrow();
        Drawer drawer = new Drawer(List.of(
                new OwnFormer("flat", 6, 3 * former.rimRadiusMm(), former.depthMm()),
                new OwnFormer("the same", 2, former.rimRadiusMm(), former.depthMm())));
        PartTools tools =
                PartTools.of(new Assessment(ROSE, Conditions.USUAL), drawer).get(0);
        assertEquals(tools.others().get(0).name(), "the same");
        assertTrue(
                tools.others().get(0).reason().contains("in 3 turns"),
                tools.others().get(0).reason());
        assertFalse(tools.others().get(1).fits());
    }

    @Test
    public void anEmptyDrawerIsAUsualKitAndAFullOneItsOwn() {
        assertEquals(Drawer.EMPTY.kit(), org.crispwhorl.core.studio.Kit.USUAL);
        Drawer drawer = new Drawer(List.of(
                new OwnWire("24", 5, 24, 360, List.of(120.0), 0),
                new org.crispwhorl.core.drawer.BreakageRecord(
                        "petals, spring", org.crispwhorl.core.species.PieceSort.ANY, 10, 90)));
        assertEquals(drawer.kit().gauges(), List.of(24));
        assertEquals(drawer.kit().breakage().meanShare(), 11.5 / 130, 1e-12);
        assertEquals(drawer.wires(24).offcuts().size(), 1);
    }

    /** Two shades rolled together part no more: what lies between the cuts is lost. */
    @Test
    public void trimmingsOfTwoColoursAreNotKneadedAgain() {
        Species lined = Garden.changed(
                ROSE, "petals", p -> p.with(d -> d.lining = Optional.of(new Lining(Garden.PALE.id(), 0.5))));
        assertTrue(lostPerG(lined) > 1.3 * lostPerG(ROSE), lostPerG(lined) + " against " + lostPerG(ROSE));
        Materials.CutterJob job = cuts(lined, Conditions.USUAL);
        assertTrue(
                job.notes().toString().contains("not kneaded again"),
                job.notes().toString());
        assertEquals(cuts(ROSE, Conditions.USUAL).notes(), List.of());
    }

    /** On the ridged board the sheet follows its grooves, and says so. */
    @Test
    public void piecesOnTheRidgedBoardLieAlongItsGrooves() {
        Species ridged = ROSE.withTechniques(ROSE.techniques().withRidge(Optional.of(Techniques.Ridge.BOARD)));
        Conditions board = Conditions.USUAL.withKit(Conditions.USUAL.kit().withLaid(Optional.of(new Grooves(150, 20))));
        Materials.CutterJob job = cuts(ridged, board);
        assertEquals(
                job.nesting(), Nesting.along(new Grooves(150, 20), job.cut().outline()));
        assertTrue(
                job.notes().toString().contains("each midrib in a groove"),
                job.notes().toString());
        assertTrue(cuts(ridged, Conditions.USUAL).notes().toString().contains("not in the drawer"));
    }

    private static Materials.CutterJob cuts(Species species, Conditions conditions) {
        List<OrderSheet.Line> lines = List.of(OrderSheet.Line.of(species, 3));
        return Gathering.of(lines, OrderSheet.of(lines, conditions), conditions, new Drawer(List.of()), 100)
                .cuts()
                .stream()
                .filter(j -> j.lines().get(0).part().equals("petals"))
                .findFirst()
                .orElseThrow();
    }

    private static double lostPerG(Species species) {
        OrderSheet.ShadeLine pink =
                OrderSheet.of(List.of(OrderSheet.Line.of(species, 3)), Conditions.USUAL).shades().stream()
                        .filter(s -> s.shade().equals(Garden.PINK.name()))
                        .findFirst()
                        .orElseThrow();
        return pink.mixG() / pink.pieceG() - 1;
    }

    /** The drawer's veiners are judged by the paste that they meet: rolled, thinned, or a tool in the hand. */
    @Test
    public void aVeinerOfTheDrawerIsJudgedByWhenItIsUsed() {
        OwnVeiner closing = new OwnVeiner("closing", 1, 60, Veiner.Sides.BOTH, 0.9);
        assertTrue(veinerFits(Veiner.When.ROLLED, closing), "rolled to 1.1 mm");
        assertFalse(veinerFits(Veiner.When.THINNED, closing), "thinned to 0.7 mm");
    }

    private static boolean veinerFits(Veiner.When when, OwnVeiner own) {
        Veiner wanted = new Veiner("rose", 60, Veiner.Sides.BOTH, Veiner.Laid.TOWARDS_BASE, 0.5, when);
        Species veined = Garden.changed(ROSE, "petals", p -> p.with(d -> d.veiner = Optional.of(wanted)));
        return PartTools.of(new Assessment(veined, Conditions.USUAL), new Drawer(List.of(own))).stream()
                .filter(t -> t.partId().equals("petals"))
                .flatMap(t -> t.others().stream())
                .filter(t -> t.name().equals("closing"))
                .findFirst()
                .orElseThrow()
                .fits();
    }
}
