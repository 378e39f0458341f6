package org.crispwhorl.core.work;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Supports;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Pace;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StepsTest {
    private static final Species ROSE = Garden.rose();

    private static Plan plan(Species species) {
        return Planning.of(new Assessment(species, Conditions.USUAL));
    }

    private static Plan.Task task(Species species, String id) {
        return plan(species).tasks().stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> words(Plan.Task task) {
        return task.steps().list().stream().map(s -> s.said(1, "")).toList();
    }

    private static int at(Plan.Task task, String begins) {
        List<String> words = words(task);
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i).startsWith(begins)) {
                return i;
            }
        }
        throw new AssertionError(begins + " is not in " + words);
    }

    @Test
    public void whatIsSharedIsBegunOnceHoweverManyFlowersThereAre() {
        Steps rolled = Steps.NONE.andSheet(4_000, "Roll.").andLump(10, "Knead.");
        Pace pace = Pace.UNRECORDED;
        double one = Operation.ROLL.eachMin() + Operation.KNEAD.eachMin();
        Close.within(1e-9, pace.minutes(rolled, 1), one);
        Close.within(1e-9, pace.minutes(rolled, 3), one);
        Close.within(1e-9, pace.minutes(rolled, 4), one + Operation.ROLL.eachMin());
        Close.within(1e-9, pace.minutes(rolled, 16), one + 4 * Operation.ROLL.eachMin() + Operation.KNEAD.eachMin());
        Steps cut = Steps.of(Operation.CUT, 5, "Cut {n}.");
        Close.within(1e-9, pace.minutes(cut, 3), 15 * Operation.CUT.eachMin());
        assertEquals(cut.list().get(0).said(3.4, ""), "Cut 17.");
    }

    @Test
    public void aPetalIsWiredBeforeItIsThinnedAndFrilledBeforeItIsCupped() {
        Species frilled =
                Garden.changed(ROSE, "petals", p -> p.with(d -> d.edge = new Edge(3, 0.4, 6, 0, Edge.Finish.SMOOTH)));
        Plan.Task petals = task(frilled, "make-petals");
        assertTrue(at(petals, "Knead") < at(petals, "Grease"), words(petals).toString());
        assertTrue(at(petals, "Cut ") < at(petals, "Dip "), words(petals).toString());
        assertTrue(at(petals, "Dip ") < at(petals, "Thin each"), words(petals).toString());
        int frill = at(petals, "Thin the outer");
        assertTrue(
                words(petals).get(frill).contains("frill it, crest to crest 6"),
                words(petals).get(frill));
        assertTrue(frill < at(petals, "Lay each in"), words(petals).toString());
    }

    @Test
    public void supportsGoInBeforeTheRestThatTheyAreForAndComeOutWhenItIsFirm() {
        Joining resting = new Joining(
                Joining.As.FIRM,
                Joining.Onto.DRY,
                new Joining.Rest(Joining.Rest.Until.MINUTES, 600, Joining.Rest.Position.UPRIGHT));
        Species held = Garden.and(
                Garden.changed(ROSE, "petals", p -> p.withJoining(resting)),
                new Supports("supports", "foam", Supports.SupportKind.FOAM, 5));
        int petals = held.parts().indexOf(held.part("petals").orElseThrow());
        List<Part> inTurn = new ArrayList<>(held.parts());
        inTurn.add(petals + 1, inTurn.remove(inTurn.size() - 1));
        Plan plan = plan(held.withParts(inTurn));
        Plan.Task in = plan.tasks().stream()
                .filter(t -> t.id().equals("join-supports"))
                .findFirst()
                .orElseThrow();
        double joined = plan.joinedH("petals").orElseThrow();
        assertTrue(in.startH() - joined < 0.5, "at once: " + joined + ", " + in.startH());
        Plan.Task out = plan.tasks().stream()
                .filter(t -> t.id().equals("out-supports"))
                .findFirst()
                .orElseThrow();
        assertEquals(out.doing(), TaskKind.SEE_TO);
        assertEquals(out.gates().get(0).afterTask(), "join-supports");
        assertTrue(out.labourMin() > 0);
        assertTrue(words(out).get(0).contains("count them"), words(out).toString());
    }

    @Test
    public void piecesThatAreTurnedOutAreWork() {
        Species turned = Garden.changed(ROSE, "petals", p -> p.with(d -> d.drying = new Lying.TurnedOut(2)));
        Plan.Task turn = task(turned, "turn-petals");
        assertEquals(turn.gates().get(0).waitH(), 2.0);
        assertTrue(turn.labourMin() > 0);
        assertFalse(plan(ROSE).tasks().stream().anyMatch(t -> t.id().equals("turn-petals")));
    }

    @Test
    public void aSteamedFlowerIsSteamedAndDriesBeforeItLeaves() {
        Plan plan = plan(ROSE.withFinishing(Species.Finishing.STEAM));
        Plan.Task finish = plan.tasks().get(plan.tasks().size() - 2);
        Plan.Task box = plan.tasks().get(plan.tasks().size() - 1);
        assertTrue(words(finish).get(0).contains("steam"), words(finish).toString());
        assertTrue(box.gates().stream()
                .anyMatch(g -> g.afterTask().equals("finish")
                        && g.waitH() > 0.1
                        && g.stage().isEmpty()));
    }

    @DataProvider
    public Object[][] flowers() {
        return new Object[][] {
            {ROSE}, {Garden.bud()}, {Garden.and(ROSE, Garden.spike(6, 18))}, {Garden.species(30, Garden.pushedIn(6))}
        };
    }

    private static final Pattern SENTENCE = Pattern.compile("[A-Z].*[.]", Pattern.DOTALL);

    /** No act goes without its words, and a task takes the minutes of its acts. */
    @Test(dataProvider = "flowers")
    public void everyActHasItsWordsAndEveryTaskTheMinutesOfItsActs(Species species) {
        Assessment a = new Assessment(species, Conditions.USUAL);
        Pace pace = Conditions.USUAL.pace();
        for (Plan.Task task : Planning.of(a).tasks()) {
            for (String words : words(task)) {
                assertTrue(SENTENCE.matcher(words).matches(), task.name() + ": " + words);
                assertFalse(words.contains("{"), words);
            }
            if (task.doing() != TaskKind.MIX) {
                assertFalse(task.steps().list().isEmpty(), task.name());
                Close.within(1e-9, task.labourMin(), pace.minutes(task.steps()));
                Close.within(1e-9, Work.minutes(a, task, 1, Work.SpareShares.NONE), task.labourMin());
            }
        }
        long kneaded = Planning.of(a).tasks().stream()
                .flatMap(t -> t.steps().list().stream())
                .filter(s -> s.words().startsWith("Knead " + Garden.PINK.name() + " until"))
                .count();
        assertTrue(kneaded <= 1, "a shade is kneaded once");
    }
}
