package org.crispwhorl.core.solver;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Four pieces of two kinds of work in one pair of hands, so few that every goal is proved at once. */
public class ScheduleTest {
    /** Of the first kind five slots and one, of the second four and two. */
    private static final int[] LENGTHS = {5, 1, 4, 2};

    private static final int LAST = 40;

    @BeforeClass
    public void theSolverIsThere() {
        assertTrue(ExactSolver.there());
    }

    private static Schedule.Work work(int length) {
        return new Schedule.Work(length, new long[][] {{0, LAST - length}}, new long[0][], new long[0][]);
    }

    private static Schedule.Found placed(List<int[]> alike, List<int[]> takenOfOther, Schedule.Work... works) {
        Schedule.Problem problem = new Schedule.Problem(
                List.of(works),
                List.of(),
                List.of(new int[] {0, 1}, new int[] {2, 3}),
                alike,
                1,
                List.of(),
                takenOfOther,
                List.of(),
                List.of(),
                new Schedule.Begins(LAST, LAST));
        return Schedule.place(problem, Optional.empty(), Budget.ofMs(60_000), slot -> {})
                .found()
                .orElseThrow();
    }

    private static Schedule.Work[] works() {
        return new Schedule.Work[] {work(LENGTHS[0]), work(LENGTHS[1]), work(LENGTHS[2]), work(LENGTHS[3])};
    }

    /** As late as can be the longest comes first and kinds are mixed; with as few changes as can be each kind is done in one go. */
    @Test
    public void workIsChangedAsRarelyAsCanBeAndBeginsNoSoonerForIt() {
        Schedule.Found late = placed(List.of(), List.of(), works());
        assertEquals(late.starts(), new int[] {28, 39, 33, 37});
        Schedule.Found rarely = placed(List.of(new int[] {0, 1}, new int[] {2, 3}), List.of(), works());
        assertEquals(rarely.first(), late.first());
        assertEquals(rarely.starts()[1], rarely.starts()[0] + LENGTHS[0]);
        assertEquals(rarely.starts()[3], rarely.starts()[2] + LENGTHS[2]);
    }

    /** Another, who may do the third piece and is busy at the end, takes it off the first: it all begins later. */
    @Test
    public void anotherDoesWhatTheyMayWhereTheyAreFree() {
        Schedule.Work[] helped = works();
        helped[2] = new Schedule.Work(4, helped[2].starts(), new long[0][], new long[][] {{0, LAST - 4}});
        Schedule.Found found = placed(List.of(), List.of(new int[] {35, LAST}), helped);
        assertEquals(found.first(), 35 - LENGTHS[2], "as late as the other leaves it");
        assertTrue(found.byOther()[2] && found.starts()[2] + LENGTHS[2] <= 35, "the other is busy from 35 on");
        assertTrue(!found.byOther()[0] && !found.byOther()[1] && !found.byOther()[3]);
    }
}
