package org.crispwhorl.core.reckoning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.GluedBody;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.Spread;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.ShadedPart;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PlanningTest {
    private static Plan plan(Species species, Room room) {
        return Planning.of(new Assessment(species, Conditions.USUAL.withRoom(room)));
    }

    private static Plan plan(Species species) {
        return plan(species, Room.REFERENCE);
    }

    private static Plan.Task task(Plan plan, String id) {
        return plan.tasks().stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
    }

    @DataProvider
    public Object[][] flowers() {
        return new Object[][] {{Garden.rose()}, {Garden.bud()}, {Garden.dusted(Garden.rose(), Techniques.Dusting.WHOLE)}
        };
    }

    @Test(dataProvider = "flowers")
    public void everyTaskComesAfterWhatItWaitsFor(Species species) {
        Plan plan = plan(species);
        Map<String, Double> ends = new HashMap<>();
        for (Plan.Task task : plan.tasks()) {
            for (Plan.Gate gate : task.gates()) {
                assertTrue(ends.containsKey(gate.afterTask()), task.id() + " waits for " + gate.afterTask());
                assertTrue(task.startH() >= ends.get(gate.afterTask()) + gate.waitH() - 1e-9, task.id());
            }
            ends.put(task.id(), task.endH());
        }
    }

    @Test(dataProvider = "flowers")
    public void handsDoOneThingAtATime(Species species) {
        double free = 0;
        for (Plan.Task task : plan(species).tasks()) {
            assertTrue(task.startH() >= free - 1e-9, task.id());
            free = task.endH();
        }
    }

    @Test(dataProvider = "flowers")
    public void everyPartIsMadeAndJoinedOnce(Species species) {
        Plan plan = plan(species);
        for (var part : species.parts()) {
            long made = plan.tasks().stream()
                    .filter(t -> t.id().equals("make-" + part.id()))
                    .count();
            assertEquals(made, 1);
        }
        long joins =
                plan.tasks().stream().filter(t -> t.doing() == TaskKind.JOIN).count();
        assertEquals(joins, species.parts().size() - 1);
    }

    @Test
    public void assemblyGoesFromTheCentreOutwards() {
        Plan plan = plan(Garden.rose());
        assertTrue(
                task(plan, "join-stamens").startH() < task(plan, "join-petals").startH());
        assertTrue(task(plan, "join-petals").startH() < task(plan, "join-calyx").startH());
    }

    @Test
    public void nothingIsJoinedBeforeTheCentreIsDry() {
        Species rose = Garden.rose();
        Plan plan = plan(rose);
        Assessment a = new Assessment(rose, Conditions.USUAL);
        double dry = a.course(rose.centre().orElseThrow())
                .at(Stage.DRY)
                .orElseThrow()
                .safeByH();
        assertTrue(
                task(plan, "join-stamens").startH() >= task(plan, "make-centre").endH() + dry - 1e-9);
    }

    @Test
    public void whatDriesLongestIsMadeFirst() {
        Plan plan = plan(Garden.rose());
        List<String> made = plan.tasks().stream()
                .filter(t -> t.doing() == TaskKind.MAKE)
                .map(Plan.Task::id)
                .toList();
        assertEquals(made.get(0), "make-centre");
        assertTrue(made.indexOf("make-petals") < made.indexOf("make-leaves"));
    }

    @Test
    public void petalsThatAreJoinedWhileTheyBendAreMadeOnceTheCentreIsReady() {
        Plan plan = plan(Garden.bud());
        Plan.Task join = task(plan, "join-first");
        Plan.Gate window = join.gates().stream()
                .filter(g -> g.atMostH().isPresent())
                .findFirst()
                .orElseThrow();
        double waited = join.startH() - task(plan, "make-first").endH();
        assertTrue(waited >= window.waitH() - 1e-9 && waited <= window.atMostH().orElseThrow());
        assertTrue(task(plan, "make-first").startH() > task(plan, "make-centre").endH());
    }

    @Test
    public void partsAreDustedBeforeTheyAreOutOfReachOrTheWholeAfterwards() {
        Plan parts = plan(Garden.rose());
        assertTrue(
                task(parts, "dust-petals").endH() <= task(parts, "join-petals").startH() + 1e-9);
        Plan whole = plan(Garden.dusted(Garden.rose(), Techniques.Dusting.WHOLE));
        assertFalse(whole.tasks().stream().anyMatch(t -> t.id().equals("dust-petals")));
        assertEquals(whole.tasks().get(whole.tasks().size() - 3).id(), "colour-whole", "before it is finished");
    }

    @Test
    public void aPassRoundTheFlowerIsQuickerThanPieceByPiece() {
        double parts = plan(Garden.rose()).tasks().stream()
                .mapToDouble(Plan.Task::labourMin)
                .sum();
        double whole = plan(Garden.dusted(Garden.rose(), Techniques.Dusting.WHOLE)).tasks().stream()
                .mapToDouble(Plan.Task::labourMin)
                .sum();
        assertTrue(whole < parts, whole + " and " + parts);
    }

    @Test
    public void aDampRoomPutsTheEndOffAndATooDampOneForEver() {
        double dry = plan(Garden.rose(), new Room(20, 40, new Room.Air.Still())).readyH();
        double damp =
                plan(Garden.rose(), new Room(20, 65, new Room.Air.Still())).readyH();
        assertTrue(damp > 1.5 * dry);
        assertTrue(Double.isInfinite(
                plan(Garden.rose(), new Room(20, 78, new Room.Air.Still())).readyH()));
    }

    @Test
    public void theFlowerIsReadyOnlyWhenEveryPartIsDry() {
        Plan plan = plan(Garden.bud());
        for (Plan.Gate gate : task(plan, "box").gates()) {
            assertTrue(
                    task(plan, "box").startH() >= task(plan, gate.afterTask()).endH() + gate.waitH() - 1e-9);
        }
    }

    private static Plan glued(Techniques.Glue glue) {
        Species firm = Garden.changed(
                Garden.changed(
                        Garden.bud(), "first", p -> p.withJoining(Joining.of(Joining.As.FIRM, Joining.Onto.FIRM))),
                "second",
                p -> p.withJoining(Joining.of(Joining.As.FIRM, Joining.Onto.FIRM)));
        return Planning.of(new Assessment(firm, Conditions.USUAL.withTechniques(Techniques.USUAL.withGlue(glue))));
    }

    @Test
    public void theNextRingWaitsUntilTheGlueHasSet() {
        double water = task(glued(Techniques.Glue.WATER), "join-second").startH();
        double gel = task(glued(Techniques.Glue.PIPING_GEL), "join-second").startH();
        assertEquals(gel - water, (30 - 10) / 60.0, 1e-9);
    }

    @Test
    public void paintWaitsForItsStageAndGoesOnBeforeThePartIsJoined() {
        Species painted = Garden.rose()
                .with(((ShadedPart) Garden.rose().part("leaves").orElseThrow()).with(Garden.passes(1, 2, Stage.DRY)));
        Plan plan = plan(painted);
        Plan.Task paint = task(plan, "paint-leaves");
        assertEquals(paint.gates().get(0).stage(), Optional.of(Stage.DRY));
        assertTrue(task(plan, "join-leaves").startH() >= paint.endH());
        assertTrue(paint.labourMin() > 0);
    }

    @Test
    public void furtherHeadsAreMadeAndTapedOnLast() {
        Species spiked = Garden.and(Garden.rose(), Garden.spike(6, 18));
        Plan plan = plan(spiked);
        assertTrue(task(plan, "spike.open.dust-petals").labourMin()
                > task(plan, "join-petals").labourMin());
        assertEquals(plan.tasks().get(plan.tasks().size() - 3).id(), "join-spike", "before it is finished");
        assertTrue(plan.readyH() >= plan(Garden.rose()).readyH());
    }

    private static Species softRose(Joining.Onto onto) {
        Species soft = Garden.bud();
        for (String ring : List.of("first", "second")) {
            soft = Garden.changed(soft, ring, p -> p.withJoining(Joining.of(Joining.As.SOFT, onto)));
        }
        return soft;
    }

    @Test
    public void softRingsAreMadeAndSetOneAfterTheOtherAsSoonAsTheConeHolds() {
        Species rose = softRose(Joining.Onto.HOLDS);
        Plan plan = plan(rose);
        Assessment a = new Assessment(rose, Conditions.USUAL);
        double cone = task(plan, "make-centre").endH();
        double holds = Spread.UNRECORDED.likelyBy(a.course(rose.centre().orElseThrow())
                .at(Stage.PART_DRY)
                .orElseThrow()
                .medianH());
        Plan.Task first = task(plan, "make-first");
        assertEquals(first.doing(), TaskKind.MAKE_AND_SET);
        assertTrue(first.startH() >= cone + holds - 1e-9 && first.startH() < cone + holds + 0.5);
        assertEquals(task(plan, "make-second").startH(), first.endH(), 1e-9);
    }

    @Test
    public void softOntoSoftWaitsForNothing() {
        Plan plan = plan(softRose(Joining.Onto.SOFT));
        assertTrue(task(plan, "make-second").endH() < 1);
    }

    @Test
    public void aCoreHoldsAtOnce() {
        Species onCore = softRose(Joining.Onto.HOLDS);
        onCore = onCore.with(onCore.centre().orElseThrow().withForm(new CoveredBall(20, 0.8)));
        assertTrue(task(plan(onCore), "make-second").endH() < 1);
    }

    @Test
    public void aRestPutsTheNextRingOffByAsLongAsItLasts() {
        Species rested = Garden.changed(
                softRose(Joining.Onto.SOFT),
                "first",
                p -> p.withJoining(new Joining(
                        Joining.As.SOFT,
                        Joining.Onto.SOFT,
                        new Joining.Rest(Joining.Rest.Until.MINUTES, 15, Joining.Rest.Position.HANGING))));
        Plan plan = plan(rested);
        assertEquals(
                task(plan, "make-second").startH() - task(plan, "make-first").endH(), 0.25, 1e-9);
        assertTrue(task(plan, "make-first").steps().list().stream()
                .anyMatch(step -> step.words().equals("Hang it head down for 15 min at least.")));
    }

    @Test
    public void whatIsGluedTogetherDriesAsOneThickBody() {
        double thin = fused(0.2).lengthMm();
        double thick = fused(0.6).lengthMm();
        assertTrue(thick > thin, "more that is glued dries later: " + thin + ", " + thick);
        Assessment a = glued(0.6);
        GluedBody body = fused(0.6);
        double fresh = body.hoursTo(Stage.FIRM, a, p -> 0);
        double before = body.hoursTo(Stage.FIRM, a, p -> 0.5);
        assertTrue(before < fresh && before > 0, before + " of " + fresh);
        assertEquals(body.hoursTo(Stage.FIRM, a, p -> 1000), 0.0, 1e-9);
    }

    private static Assessment glued(double upTo) {
        return new Assessment(
                Garden.changed(
                        softRose(Joining.Onto.HOLDS), "second", p -> p.withAttachment(new Attachment.Glued(upTo))),
                Conditions.USUAL);
    }

    private static GluedBody fused(double upTo) {
        return GluedBody.of(glued(upTo)).orElseThrow();
    }

    /** What is left of the gates makes every task begin when it did with all of them, and a wait is told once. */
    @Test
    public void aWaitThatAnotherImpliesIsLeftOutAndMissedByNothing() {
        for (Species flower : List.of(Garden.rose(), Garden.bud(), Garden.and(Garden.rose(), Garden.spike(6, 18)))) {
            Plan plan = plan(flower);
            Map<String, Double> ends = new HashMap<>();
            double free = 0;
            for (Plan.Task task : plan.tasks()) {
                double start = free;
                for (Plan.Gate gate : task.gates()) {
                    start = Math.max(start, ends.get(gate.afterTask()) + gate.waitH());
                }
                assertEquals(start, task.startH(), 1e-9, task.id());
                free = start + task.labourMin() / 60;
                ends.put(task.id(), free);
            }
        }
        long told = plan(Garden.bud()).tasks().stream()
                .flatMap(t -> t.gates().stream())
                .filter(g -> g.afterTask().equals("make-centre")
                        && g.waitH() > 0
                        && g.stage().equals(Optional.of(Stage.PART_DRY)))
                .count();
        assertEquals(told, 1, "the centre that has to hold is waited for by its first ring alone");
    }
}
