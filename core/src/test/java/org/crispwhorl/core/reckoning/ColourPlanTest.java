package org.crispwhorl.core.reckoning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.colour.Carrier;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.How;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.ShadedPart;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** When colour goes on, how long that takes, and what waits for it. */
public class ColourPlanTest {
    private static final Pass DUST = Garden.pass(Zone.EDGE, 2, 6, 0.5, Dip.dust("plum", "#5a2040"));
    private static final Pass PAINT =
            DUST.withHow(How.STREAKS).withCarrier(Carrier.SPIRIT).withLetDown(1).withAt(Stage.DRY);
    private static final double FOUR_MIN = 4 / 60.0;

    private static Species with(Species species, String part, Pass... passes) {
        return species.with(((ShadedPart) species.part(part).orElseThrow()).with(new Colouring(List.of(passes))));
    }

    private static Species bare(Species species) {
        Species bare = species;
        for (var part : species.parts()) {
            bare = part instanceof ShadedPart shaded ? bare.with(shaded.with(Colouring.NONE)) : bare;
        }
        return bare;
    }

    private static final Species BUD = bare(firm(Garden.bud()));

    /** Its rings are joined once they are firm, so that their pieces can be coloured before. */
    private static Species firm(Species bud) {
        Species firm = bud;
        for (String ring : List.of("first", "second")) {
            firm = Garden.changed(firm, ring, p -> p.withJoining(Joining.of(Joining.As.FIRM, Joining.Onto.FIRM)));
        }
        return firm;
    }

    private static Plan plan(Species species) {
        return Planning.of(new Assessment(species, Conditions.USUAL));
    }

    private static Optional<Plan.Task> found(Plan plan, String id) {
        return plan.tasks().stream().filter(t -> t.id().equals(id)).findFirst();
    }

    private static Plan.Task task(Plan plan, String id) {
        return found(plan, id).orElseThrow(() -> new AssertionError(id + " in " + plan.tasks()));
    }

    @Test
    public void paintOnPiecesIsDryToTheTouchBeforeTheyAreJoined() {
        Plan plan = plan(with(BUD, "first", PAINT));
        assertTrue(
                task(plan, "join-first").startH() >= task(plan, "paint-first").endH() + FOUR_MIN - 1e-9);
        Plan water = plan(with(BUD, "first", PAINT.withCarrier(Carrier.WATER)));
        assertTrue(
                task(water, "join-first").startH() >= task(water, "paint-first").endH() + 0.25 - 1e-9);
    }

    @Test
    public void aPassOnTheRingComesAfterItIsJoinedAndBeforeTheNextCoversIt() {
        Plan plan = plan(with(BUD, "first", PAINT.withWhen(Pass.GoesOn.RING)));
        Plan.Task ring = task(plan, "colour-first");
        assertTrue(ring.startH() >= task(plan, "join-first").endH());
        assertTrue(task(plan, "join-second").startH() >= ring.endH() + FOUR_MIN - 1e-9);
        assertTrue(found(plan, "paint-first").isEmpty());
    }

    @Test
    public void goingRoundTheRingTakesNoLongerThanPieceByPiece() {
        double pieces = plan(with(BUD, "second", DUST)).labourMin();
        double ring = plan(with(BUD, "second", DUST.withWhen(Pass.GoesOn.RING))).labourMin();
        double flower =
                plan(with(BUD, "second", DUST.withWhen(Pass.GoesOn.FLOWER))).labourMin();
        double none = plan(BUD).labourMin();
        assertTrue(pieces >= ring && ring > none, pieces + ", " + ring + ", " + none);
        assertEquals(ring, flower, 1e-9);
    }

    @Test
    public void whatIsPaintedOnTheFlowerIsDryToTheTouchBeforeItLeaves() {
        Plan plan = plan(with(BUD, "second", PAINT.withWhen(Pass.GoesOn.FLOWER)));
        double painted = task(plan, "colour-whole").endH();
        assertTrue(plan.readyH() >= painted + FOUR_MIN - 1e-9);
        assertTrue(task(plan, "finish").gates().stream()
                .anyMatch(g -> g.afterTask().equals("colour-whole") && Math.abs(g.waitH() - FOUR_MIN) < 1e-9));
        assertTrue(task(plan(with(BUD, "second", DUST.withWhen(Pass.GoesOn.FLOWER))), "box").gates().stream()
                .allMatch(g -> g.waitH() == 0 || g.stage().isPresent()));
    }

    @DataProvider
    public Object[][] moments() {
        return new Object[][] {{Pass.GoesOn.PIECE}, {Pass.GoesOn.RING}, {Pass.GoesOn.FLOWER}};
    }

    @Test(dataProvider = "moments")
    public void everyPassOfEveryPartHasItsMinutesInThePlan(Pass.GoesOn when) {
        double before = plan(BUD).labourMin();
        for (var part : BUD.parts()) {
            if (part instanceof ShadedPart) {
                double after = plan(with(BUD, part.id(), DUST.withWhen(when))).labourMin();
                assertTrue(after > before, part.id() + " " + when + ": " + after + " after " + before);
            }
        }
    }

    @Test
    public void whatIsJoinedSoftIsColouredOnTheFlower() {
        Species soft =
                Garden.changed(BUD, "first", p -> p.withJoining(Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS)));
        Plan plan = plan(with(soft, "first", DUST));
        assertTrue(found(plan, "dust-first").isEmpty());
        assertTrue(found(plan, "colour-whole").isPresent());
    }

    @Test
    public void aStudioThatDustsTheWholeFlowerDustsNoPiecesButPaintsThem() {
        Species whole = Garden.dusted(with(BUD, "first", DUST, PAINT), Techniques.Dusting.WHOLE);
        Plan plan = plan(whole);
        assertTrue(found(plan, "dust-first").isEmpty());
        assertTrue(found(plan, "paint-first").isPresent());
        assertTrue(found(plan, "colour-whole").isPresent());
    }

    @Test
    public void aPieceIsColouredAtTheLatestStageThatItsPassesAskFor() {
        Plan plan = plan(with(BUD, "first", DUST.withAt(Stage.PART_DRY), DUST.withAt(Stage.DRY)));
        assertEquals(task(plan, "dust-first").gates().get(0).stage(), Optional.of(Stage.DRY));
    }
}
