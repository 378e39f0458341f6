package org.crispwhorl.core.species;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.StemLoad;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drawing.FlowerSurfaces;
import org.crispwhorl.core.drawing.Mesh;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.safety.Cautions;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.wire.MainStem;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Builds of the trade: what sets each apart comes out in its figures. */
public class BuildsTest {
    private static final Species ROSE = Garden.rose();

    private static Assessment of(Species species) {
        return new Assessment(species, Conditions.USUAL);
    }

    private static Species withCentre(CentreForm form) {
        return ROSE.with(((Centre) ROSE.part("centre").orElseThrow()).withForm(form));
    }

    private static <P extends Part> Species withPart(Class<P> kind, UnaryOperator<P> edit) {
        return ROSE.with(edit.apply(kind.cast(ROSE.all(kind).get(0))));
    }

    @DataProvider
    public Object[][] builds() {
        Species one = withCentre(new Pearls(5, 4, Pearls.PearlKind.NOT_FOOD));
        Thinning thinning = new Thinning(1, 0.7);
        return new Object[][] {
            {withCentre(new TexturedHead(10, 10, Texture.TWEEZED, Texture.SNIPPED, 0.4))},
            {withCentre(new BoughtCore(BoughtCore.CoreShape.TEARDROP, 8, 12, 0.5))},
            {one},
            {withCentre(new BareStem(BareStem.StemKind.SKEWER, 2, 6))},
            {Garden.changed(ROSE, "petals", p -> p.withMaking(new ByHand(thinning, ByHand.Guide.FREEHAND)))},
            {Garden.changed(ROSE, "calyx", p -> p.withMaking(new BrimmedCone(thinning, 4, 10, true)))},
            {Garden.changed(ROSE, "petals", p -> p.with(d -> d.ridges = Optional.of(pinched(3))))},
            {withPart(Stamens.class, s -> held(s, new Hold.PushedIn(4), Stamens.StamenArrangement.ONE_SIDE))},
            {withPart(Stamens.class, s -> held(s, new Hold.OnWires(30, 50), Stamens.StamenArrangement.TUFT))},
            {withPart(Centre.class, h -> h.nodding(120))},
            {Garden.and(ROSE, new Supports("supports", "supports", Supports.SupportKind.FOAM, 5))},
            {Garden.and(ROSE, bunch(3))},
            {Garden.species(40, rolledDisc())},
        };
    }

    @Test(dataProvider = "builds")
    public void everyBuildIsReckonedDrawnAndPlanned(Species species) {
        Assessment a = of(species);
        assertEquals(
                Reckoner.reckon(species, Conditions.USUAL).parts().size(),
                species.parts().size());
        for (Part part : species.parts()) {
            for (double minutes : new double[] {Work.makeMin(a, part), Work.joinMin(a, part)}) {
                assertTrue(minutes >= 0 && minutes < 600, part.name() + " " + minutes);
            }
        }
        for (Mesh mesh : FlowerSurfaces.of(a.form(), FlowerSurfaces.Detail.SCREEN)) {
            for (double at : mesh.points()) {
                assertTrue(Double.isFinite(at), mesh.partId());
            }
        }
    }

    private static Ridges pinched(int count) {
        return new Ridges(Ridges.RidgeMade.PINCHED, count, 1, 1.5);
    }

    private static Roll rolledDisc() {
        return new Roll("disc", "disc", "pink", new RollForm.FoldedDisc(60, 0.5), 0.8, 0.4, 0, Colouring.NONE);
    }

    private static Heads bunch(int heads) {
        return new Heads(
                "heads",
                "heads",
                Heads.Arrangement.BUNCH,
                List.of(new Opening("open", heads, 0.8, 1, 0.9)),
                0,
                0,
                40,
                10,
                60,
                18,
                90);
    }

    private static Stamens held(Stamens s, Hold hold, Stamens.StamenArrangement arrangement) {
        return new Stamens(
                s.id(),
                s.name(),
                s.shade(),
                s.strands(),
                Stamens.Use.SINGLE,
                s.threadMm(),
                s.headMm(),
                s.aboveCentreMm(),
                s.ringMm(),
                s.rows(),
                arrangement,
                4,
                hold,
                s.tintMm(),
                s.colour());
    }

    @Test
    public void theShellOfAReadyMadeCoreIsAsThickAsItsPaste() {
        for (BoughtCore.CoreShape shape : BoughtCore.CoreShape.values()) {
            BoughtCore core = new BoughtCore(shape, 20, 30, 1);
            double shell = core.volumeMm3() / core.surfaceMm2();
            assertTrue(shell > 0.6 && shell < 1.1, shape + " " + shell);
            double sum = 0;
            for (int i = 0; i < 20_000; i++) {
                double r = core.radiusAt((i + 0.5) / 20_000 * core.heightMm());
                sum += Math.PI * r * r * core.heightMm() / 20_000;
            }
            double inside = new BoughtCore(shape, 20, 30, 0).volumeMm3();
            assertEquals(inside, 0.0, 1e-9);
            assertTrue(sum > core.volumeMm3());
        }
    }

    @Test
    public void pearlsAreBoughtAndNothingIsMixedForThem() {
        Species pearled = withCentre(new Pearls(5, 4, Pearls.PearlKind.NOT_FOOD));
        assertTrue(pearled.part("centre").orElseThrow().lumps(of(pearled)).isEmpty());
        assertTrue(Cautions.of(of(pearled)).stream().anyMatch(c -> c.text().contains("5 pearls")));
        assertTrue(pearled.centre().orElseThrow().holdsAtOnce());
    }

    @Test
    public void aRadiusIsSqueezedOutOfAPinchedPetal() {
        Pieces plain = Garden.petals(5, 26, 25, 70);
        Pieces ridged = plain.with(d -> d.ridges = Optional.of(pinched(3)));
        Close.within(1e-9, plain.finished().widthMm() - ridged.finished().widthMm(), 3);
        Close.within(1e-12, ridged.volumeMm3(of(ROSE).paste()), plain.volumeMm3(of(ROSE).paste()));
        assertTrue(minutes(ridged) > minutes(plain));
    }

    private static double minutes(Pieces pieces) {
        Species flower = Garden.changed(ROSE, "petals", p -> pieces);
        return Work.makeMin(of(flower), flower.part("petals").orElseThrow());
    }

    @Test
    public void theSidesBesideAThickMidribHoldTheRestOfThePaste() {
        Outline petal = Outline.of(40, 20, 0.5, 0.2, 2);
        Ridges midrib = new Ridges(Ridges.RidgeMade.LEFT, 1, 2, 4);
        double sides = midrib.sidesMm(petal, 0.8);
        double ridge = 4.0 / 2 * 40;
        Close.within(1e-9, ridge * 2 / 2 + (petal.areaMm2() - ridge) * sides, 0.8 * petal.areaMm2());
        assertTrue(sides < 0.8);
    }

    @Test
    public void aDiscFoldedAndGatheredIsAsHighAsItsRadiusAndHoldsAllItsPaste() {
        Roll rolled = rolledDisc();
        Close.within(1e-12, rolled.heightMm(), 30);
        Close.within(1e-9, rolled.lumps(of(Garden.species(40, rolled))).get(0).volumeMm3(), Math.PI * 900 * 0.8);
        Roll smooth = rolled.with(new RollForm.FoldedDisc(60, 1));
        assertTrue(rolled.pitchMm() > smooth.pitchMm(), "gathered layers are thicker");
    }

    @Test
    public void ringsStandInTheGapsOfTheRingAbove() {
        Leaf leaves = (Leaf) ROSE.part("leaves").orElseThrow();
        Leaf rings = new Leaf(
                "leaves", "leaves", "green", leaves.pieces().withCount(6), Leaf.Along.RINGS, 3, 20, Colouring.NONE);
        double[] turns = rings.ownAzimuthsRad().orElseThrow();
        Close.within(1e-12, turns[1] - turns[0], 2 * Math.PI / 3);
        Close.within(1e-12, turns[3] - turns[0], Math.PI / 3);
        assertEquals(IntStream.range(0, 6).mapToDouble(rings::belowMm).toArray(), new double[] {0, 0, 0, 20, 20, 20});
    }

    @Test
    public void mixedHeadsAreSpreadEvenlyAlongTheStem() {
        Heads mixed = new Heads(
                "heads",
                "heads",
                Heads.Arrangement.SPIKE,
                List.of(new Opening("bud", 6, 0.4, 0, 0), new Opening("open", 3, 0.9, 1, 1)),
                Heads.StageOrder.MIXED,
                10,
                10,
                150,
                150,
                12,
                12,
                20,
                100,
                50,
                400);
        List<String> along = new ArrayList<>();
        for (int head = 1; head <= 9; head++) {
            along.add(mixed.opening(head).name());
        }
        for (int third = 0; third < 9; third += 3) {
            assertEquals(
                    along.subList(third, third + 3).stream()
                            .filter("open"::equals)
                            .count(),
                    1,
                    along.toString());
        }
    }

    @Test
    public void theStalksOfABunchBearItTogetherAndThereIsNoMainWire() {
        Species bunched = Garden.and(ROSE, bunch(3));
        assertTrue(bunched.heads().orElseThrow().wireCuts().isEmpty());
        MainStem stem = StemLoad.of(of(bunched));
        assertEquals(stem.wires().size(), 4, "its own stem and three stalks");
        Species head =
                OpenedHead.of(bunched, bunched.heads().orElseThrow().openings().get(0));
        Close.within(1e-9, head.centre().orElseThrow().stemMm(), 150);
    }

    @Test
    public void aTendrilOfTapeHasNoWire() {
        Tendril wire = new Tendril("t", "tendril", "green", 2, 30, 15, 6, 3, -20, 40, Colouring.NONE);
        Tendril tape = new Tendril(
                "t", "tendril", "green", 2, Tendril.TendrilKind.TAPE, 30, 15, 6, 3, -20, 0, 40, Colouring.NONE);
        assertTrue(tape.wireCuts().isEmpty());
        assertEquals(wire.wireCuts().get(0).count(), 2);
        assertEquals(tape.notFood().get(0).count(), 2);
    }

    @Test
    public void singleStamensHaveOneHeadAndThoseOnWiresBringTheirWires() {
        Stamens bought = Garden.stamens(30, 7, 1);
        Stamens single = held(bought, new Hold.OnWires(30, 50), Stamens.StamenArrangement.RING);
        assertEquals(new StamenRing(single).heads(), 30);
        assertEquals(new StamenRing(bought).heads(), 60);
        assertEquals(single.wireCuts().get(0).count(), 4);
        Stamens aside = held(bought, new Hold.PushedIn(4), Stamens.StamenArrangement.ONE_SIDE);
        assertEquals(
                new StamenRing(aside).places().stream().filter(p -> p[0] < 0).count(), 0);
        assertEquals(aside.strand(of(ROSE).wireTable()), Strand.NONE);
    }

    @Test
    public void whatSupportsRingsIsCountedInAndOut() {
        Species held = Garden.and(ROSE, new Supports("supports", "supports", Supports.SupportKind.FOAM, 5));
        assertTrue(Cautions.of(of(held)).stream().anyMatch(c -> c.text().contains("5 pieces of foam")));
        assertTrue(Work.joinMin(of(held), held.part("supports").orElseThrow()) > 0);
        assertEquals(of(held).form().faceMm(), of(ROSE).form().faceMm());
    }

    @Test
    public void theStemOfANoddingFlowerRunsAwayFromUnderIt() {
        FlowerForm nods = of(withPart(Centre.class, h -> h.nodding(90))).form();
        Mesh stem = FlowerSurfaces.of(nods, FlowerSurfaces.Detail.SCREEN).stream()
                .filter(m -> m.partId().equals("stem"))
                .findFirst()
                .orElseThrow();
        double farthest = 0;
        double lowest = 0;
        for (int i = 0; i < stem.points().length; i += 3) {
            farthest = Math.max(farthest, stem.points()[i]);
            lowest = Math.min(lowest, stem.points()[i + 2]);
        }
        assertTrue(farthest > 50 && lowest > -45, farthest + " " + lowest);
    }

    @Test
    public void aCoatOfSemolinaIsToldAsGluten() {
        Dip semolina = new Dip("pollen", "#d8a32c", ColourForm.SEMOLINA, 1);
        Species coated =
                withPart(Centre.class, h -> h.with(new Colouring(List.of(Garden.pass(Zone.ALL, 0, 0, 1, semolina)))));
        assertTrue(Cautions.of(of(coated)).stream().anyMatch(c -> c.text().contains("gluten (semolina)")));
    }

    @Test
    public void aGlazedStemLeavesTheHeadDry() {
        Species.Finishing both = Species.Finishing.STEAM_PETALS_GLAZE_STEM;
        assertTrue(both.wets(ROSE.part("petals").orElseThrow())
                && both.wets(ROSE.part("leaves").orElseThrow()));
        assertTrue(!both.wets(ROSE.part("centre").orElseThrow()));
        assertTrue(!Species.Finishing.GLAZE_STEM.wets(ROSE.part("petals").orElseThrow()));
    }
}
