package org.crispwhorl.core.solver;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Four pieces of two kinds of work in one pair of hands, on two days of two half-days each, so few that every goal is reached at once. */
public class ScheduleTest {
    /** Of the first kind five slots and one, of the second four and two. */
    private static final int[] LENGTHS = {5, 1, 4, 2};

    private static final List<Schedule.HalfDay> HALF = List.of(
            new Schedule.HalfDay(0, 10, 1),
            new Schedule.HalfDay(10, 10, 1),
            new Schedule.HalfDay(20, 10, 2),
            new Schedule.HalfDay(30, 10, 2));

    private static final int LAST = 40;

    @BeforeClass
    public void theSolverIsThere() {
        assertTrue(ExactSolver.there());
    }

    private static Schedule.Work work(int length) {
        return new Schedule.Work(length, new long[][] {{0, LAST - length}}, new long[0][], new long[0][]);
    }

    private static Schedule.Work[] works() {
        return new Schedule.Work[] {work(LENGTHS[0]), work(LENGTHS[1]), work(LENGTHS[2]), work(LENGTHS[3])};
    }

    private static Schedule.Problem problem(List<Integer> kinds, List<int[]> takenOfOther, Schedule.Work... works) {
        return new Schedule.Problem(
                List.of(works),
                List.of(),
                List.of(),
                HALF,
                kinds,
                (before, after) -> kinds.get(before).equals(kinds.get(after)) ? 0 : 10,
                1,
                List.of(),
                takenOfOther,
                List.of(),
                List.of());
    }

    private static Schedule.Found placed(Schedule.Problem problem) {
        return Schedule.place(problem, Optional.empty(), Budget.ofMs(20_000), used -> {})
                .found()
                .orElseThrow();
    }

    private static int half(int slot) {
        return slot / 10;
    }

    /** Twelve slots of work do not go into a half-day well: each kind gets one, both on the last day, without gaps. */
    @Test
    public void eachKindOfWorkHasItsHalfDay() {
        int[] starts = placed(problem(List.of(1, 1, 2, 2), List.of(), works())).starts();
        assertEquals(half(starts[0]), half(starts[1]));
        assertEquals(half(starts[2]), half(starts[3]));
        assertTrue(half(starts[0]) >= 2 && half(starts[2]) >= 2, "on the last day");
        assertTrue(half(starts[0]) != half(starts[2]), "one kind in each half of it");
        assertEquals(Math.min(starts[0], starts[1]) % 10, 0, "begun as the half-day begins");
        assertEquals(Math.min(starts[2], starts[3]) % 10, 0);
        assertTrue(Math.max(starts[0] + 5, starts[1] + 1) % 10 == 6, "one straight after the other");
    }

    /** Where one kind is enough for all, and where each is a kind of its own: the same number of half-days at another cost. */
    @Test
    public void kindsOfWorkInAHalfDayCost() {
        int[] starts = {20, 25, 30, 34};
        long two = Schedule.cost(HALF, List.of(1, 1, 2, 2), starts);
        assertEquals(Schedule.cost(HALF, List.of(1, 2, 3, 4), starts) - two, 20);
        assertTrue(
                Schedule.cost(HALF, List.of(1, 1, 2, 2), new int[] {10, 15, 20, 24}) > two, "two days instead of one");
    }

    /** Another, who may do the third piece, is there in the first half-day only. */
    @Test
    public void anotherDoesWhatTheyMayWhereTheyAreFree() {
        Schedule.Work[] helped = works();
        helped[2] = new Schedule.Work(4, new long[0][], new long[0][], new long[][] {{0, LAST - 4}});
        Schedule.Found found = placed(problem(List.of(1, 1, 2, 2), List.of(new int[] {6, LAST}), helped));
        assertTrue(found.byOther()[2] && found.starts()[2] + LENGTHS[2] <= 6, "the other is busy from 6 on");
        assertTrue(!found.byOther()[0] && !found.byOther()[1] && !found.byOther()[3]);
    }

    /** Work of the first day goes to the second, on which nothing is done; what must not be put off stays. */
    @Test
    public void idleDaysBetweenWorkAreClosedUp() {
        List<Schedule.HalfDay> three = List.of(
                new Schedule.HalfDay(0, 10, 1), new Schedule.HalfDay(10, 10, 2), new Schedule.HalfDay(20, 10, 3));
        Schedule.Work early = new Schedule.Work(2, new long[][] {{0, 5}}, new long[0][], new long[0][]);
        for (boolean free : new boolean[] {true, false}) {
            Schedule.Problem problem = new Schedule.Problem(
                    List.of(free ? work(2) : early, work(3)),
                    List.of(),
                    List.of(),
                    three,
                    List.of(1, 1),
                    (before, after) -> 0,
                    1,
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of());
            assertEquals(ClosedUp.of(problem, new int[] {1, 22}), new int[] {free ? 11 : 1, 22});
        }
    }

    /** A half-day with one short piece is emptied into another that has room, not into one that is full. */
    @Test
    public void lightHalfDaysAreEmptied() {
        Schedule.Problem problem = problem(List.of(1, 1, 1), List.of(), work(2), work(8), work(3));
        int[] emptied = Emptied.of(problem, new int[] {0, 10, 30});
        assertEquals(half(emptied[0]), 3, "where there is room");
        assertEquals(new int[] {emptied[1], emptied[2]}, new int[] {10, 30}, "the others stay");
        assertTrue(Schedule.keeps(problem, emptied));
    }
}
