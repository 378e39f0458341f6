package org.crispwhorl.core.species;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.StemLoad;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.wire.MainStem;
import org.testng.annotations.Test;

public class HeadsTest {
    private static final Heads SPIKE = Garden.spike(8, 18);
    private static final Species ROSE = Garden.rose();
    private static final Species SPIKED = Garden.and(ROSE, SPIKE);

    @Test
    public void theYoungestStandAtTheTip() {
        assertEquals(SPIKE.opening(1).name(), "open");
        assertEquals(SPIKE.opening(8).name(), "buds");
    }

    @Test
    public void internodesShrinkFromFootToTipAndAddUpToTheStem() {
        double before = SPIKE.heightMm(1);
        assertEquals(before, 14.0, 1e-9);
        double last = Double.POSITIVE_INFINITY;
        for (int head = 2; head <= 8; head++) {
            double step = SPIKE.heightMm(head) - SPIKE.heightMm(head - 1);
            assertTrue(step < last);
            last = step;
        }
        assertEquals(last, 6.0, 1e-9);
        Close.within(1e-9, SPIKE.heightMm(8), SPIKE.alongMm());
        Close.within(1e-9, SPIKE.wireCuts().get(0).lengthMm(), SPIKE.alongMm() + 100);
    }

    @Test
    public void aClosedBudIsItsCentreAndItsCalyx() {
        Species bud = OpenedHead.of(SPIKED, SPIKE.openings().get(0));
        assertEquals(bud.parts().stream().map(Part::id).toList(), java.util.List.of("centre", "calyx"));
        assertEquals(bud.centre().orElseThrow().form().diameterMm(), 8 * 0.4, 1e-9);
    }

    @Test
    public void aHalfOpenHeadHasPetalsOfTheSameCutterThatLeanOutLess() {
        Opening half = new Opening("half", 1, 0.7, 1, 0.5);
        Species head = OpenedHead.of(SPIKED, half);
        Pieces petals = ((Petaled) head.part("petals").orElseThrow()).pieces();
        assertEquals(
                petals.outline(),
                ((Petaled) ROSE.part("petals").orElseThrow()).pieces().outline());
        assertEquals(petals.count(), 5, "wired petals are no fewer, or gaps would show");
        Pieces laid = ((Petaled) OpenedHead.of(Garden.bud(), half).part("first").orElseThrow()).pieces();
        assertEquals(laid.count(), 3, "seven tenths of four");
        double open = ((Petaled) ROSE.part("petals").orElseThrow()).pieces().opensDeg();
        assertEquals(petals.opensDeg(), open / 2, 1e-9);
        assertTrue(Garden.form(head).faceMm() < Garden.form(ROSE).faceMm());
    }

    @Test
    public void theFullHeadIsTheFlowerWithoutWhatIsOnItsStem() {
        Species full = OpenedHead.full(SPIKED);
        Close.within(1e-9, Garden.form(full).faceMm(), Garden.form(ROSE).faceMm());
        assertTrue(full.part("leaves").isEmpty() && full.heads().isEmpty());
    }

    @Test
    public void thePasteOfAllHeadsIsTheirPasteAddedUp() {
        Assessment a = new Assessment(SPIKED, Conditions.USUAL);
        double sum = a.opened().stream()
                .mapToDouble(o -> o.opening().count() * o.head().headG())
                .sum();
        Close.within(1e-9, a.pasteG(SPIKE), sum);
        double byShade =
                SPIKED.shades().stream().mapToDouble(s -> a.shadeG(s.id())).sum();
        double byPart = SPIKED.parts().stream().mapToDouble(a::pasteG).sum();
        Close.within(1e-9, byShade, byPart);
    }

    @Test
    public void theMomentOfAllHeadsIsTheirMomentsAddedUp() {
        Assessment a = new Assessment(SPIKED, Conditions.USUAL);
        MainStem stem = StemLoad.of(a);
        assertEquals(stem.weights().size(), 9);
        double moment = 0;
        for (MainStem.Weight weight : stem.weights()) {
            moment += weight.massG() * weight.heightMm();
        }
        MainStem bare = new MainStem(stem.weights(), List.of(), stem.wires(), stem.freeMm());
        Close.within(1e-9, bare.momentNmm(0), moment / 1000 * 9.80665 * Math.sqrt(0.5));
        assertTrue(stem.weights().get(8).heightMm() > stem.weights().get(1).heightMm());
    }

    @Test
    public void everyHeadIsDrawnAtItsHeight() {
        Drawing.Habit habit = Draughting.of(Garden.form(SPIKED)).habit().orElseThrow();
        assertEquals(habit.heads().size(), 9);
        for (int i = 1; i < habit.heads().size(); i++) {
            assertTrue(habit.heads().get(i).jointMm() > habit.heads().get(i - 1).jointMm());
            assertTrue(
                    habit.heads().get(i).widthMm() <= habit.heads().get(i - 1).widthMm() + 1e-9);
        }
    }

    @Test
    public void tendrilsStandAtEverySecondOrThirdJointAndNotAtTheFlower() {
        String shade = SPIKED.shades().get(0).id();
        Species climbing = Garden.and(
                SPIKED,
                new Tendril(
                        "t", "tendrils", shade, 3, Tendril.TendrilKind.TAPE, 30, 15, 6, 3, -20, 2, 40, Colouring.NONE));
        FlowerForm form = Garden.form(climbing);
        assertTrue(form.solids(climbing.part("t").orElseThrow()).isEmpty());
        Drawing.Habit habit = Draughting.of(form).habit().orElseThrow();
        assertEquals(
                habit.joints().size(), 3, "eight further heads have four such joints, and there are three tendrils");
        for (int i = 0; i < 3; i++) {
            assertEquals(
                    habit.joints().get(i).points()[1],
                    habit.heads().get(2 * (i + 1)).jointMm(),
                    0.011,
                    "at the joint of every second further head");
        }
        FlowerForm alone = Garden.form(climbing.withParts(climbing.ownParts()));
        assertEquals(
                alone.solids(climbing.part("t").orElseThrow()).size(), 3, "without further heads they stand together");
    }

    @Test
    public void aClusterStandsAtOnePoint() {
        Heads cluster = new Heads("c", "c", Heads.Arrangement.CLUSTER, SPIKE.openings(), 14, 6, 20, 50, 30, 18, 60);
        assertEquals(cluster.heightMm(5), 0.0);
        assertEquals(cluster.alongMm(), 0.0);
    }
}
