package org.crispwhorl.core.troubleshooting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Watched;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is likely follows from the answer, the species, the room and the book. */
public class TroubleshootingTest {
    private static final Room DAMP = new Room(20, 70, new Room.Air.Still());

    private static List<Troubleshooting.Cause> causes(Species species, Conditions conditions, Seen seen, int answer) {
        Assessment a = new Assessment(species, conditions);
        return Troubleshooting.of(
                a, a.species().part("petals"), seen, answer < 0 ? OptionalInt.empty() : OptionalInt.of(answer));
    }

    private static List<Troubleshooting.Cause> causes(Seen seen, int answer) {
        return causes(Garden.rose(), Conditions.USUAL, seen, answer);
    }

    @DataProvider
    public Object[][] all() {
        return java.util.Arrays.stream(Seen.values())
                .map(seen -> new Object[] {seen})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "all")
    public void everythingSeenHasCausesWithFiguresAndSomethingToDo(Seen seen) {
        for (int answer = -1; answer < seen.answers().size(); answer++) {
            List<Troubleshooting.Cause> found = causes(seen, answer);
            assertFalse(found.isEmpty());
            for (int i = 0; i < found.size(); i++) {
                Troubleshooting.Cause cause = found.get(i);
                assertTrue(cause.because().length() > 15 && !cause.because().contains("Optional"), cause.toString());
                assertTrue(cause.now().length() > 10 && cause.next().length() > 10, cause.toString());
                assertFalse(
                        cause.toString().contains("Infinity")
                                || cause.toString().contains("NaN"),
                        cause.toString());
                assertTrue(i == 0 || cause.weight() <= found.get(i - 1).weight());
            }
        }
        Assessment whole = new Assessment(Garden.rose(), Conditions.USUAL);
        assertFalse(Troubleshooting.of(whole, Optional.empty(), seen, OptionalInt.empty())
                .isEmpty());
    }

    @Test
    public void theAnswerTellsCausesApart() {
        assertNotEquals(
                causes(Seen.EDGES_CRACK, 0).get(0).cause(),
                causes(Seen.EDGES_CRACK, 2).get(0).cause());
        assertEquals(causes(Seen.FALL_BACK, 2).get(0).cause(), "It was not firm right through.");
        assertTrue(causes(Seen.SWEATS, 0).get(0).cause().contains("cold"));
    }

    @Test
    public void aDampRoomMakesDampLikelier() {
        int usual = weight(causes(Seen.STICKY, -1), "The air is too damp.");
        int damp =
                weight(causes(Garden.rose(), Conditions.USUAL.withRoom(DAMP), Seen.STICKY, -1), "The air is too damp.");
        assertTrue(damp > usual, damp + " > " + usual);
    }

    @Test
    public void anEdgeThatIsTooThinIsSuspected() {
        Species thin = Garden.changed(
                Garden.rose(), "petals", p -> p.with(d -> d.edge = new Edge(4, 0.2, 0, 0, Edge.Finish.SMOOTH)));
        String cause = "Its edge was thinned further than the paste bears.";
        assertTrue(weight(causes(thin, Conditions.USUAL, Seen.EDGES_CRACK, -1), cause)
                > weight(causes(Seen.EDGES_CRACK, -1), cause));
        assertTrue(causes(thin, Conditions.USUAL, Seen.EDGES_CRACK, 0).stream()
                .anyMatch(c -> c.because().contains("0.2")));
    }

    @Test
    public void theBookIsNamedWhereItIsGoneBy() {
        Conditions slow = Conditions.USUAL.withKit(Conditions.USUAL
                .kit()
                .withWatched(List.of(new Watched(Medium.GUM_PASTE, Watched.DryingClock.BODY, 0.5, 0.1, 9))));
        assertTrue(
                causes(Garden.rose(), slow, Seen.FALL_BACK, 2).get(0).because().contains("by the book"));
        assertFalse(causes(Seen.FALL_BACK, 2).get(0).because().contains("by the book"));
    }

    private static int weight(List<Troubleshooting.Cause> causes, String cause) {
        return causes.stream()
                .filter(c -> c.cause().equals(cause))
                .mapToInt(Troubleshooting.Cause::weight)
                .findFirst()
                .orElseThrow();
    }
}
