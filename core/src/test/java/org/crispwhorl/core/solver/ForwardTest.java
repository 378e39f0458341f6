package org.crispwhorl.core.solver;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.OptionalInt;
import org.testng.annotations.Test;

/** What stands at the end of its half-day comes forward as far as waits, hands and tools let it. */
public class ForwardTest {
    private static final List<Schedule.HalfDay> HALF =
            List.of(new Schedule.HalfDay(0, 40, 0), new Schedule.HalfDay(50, 40, 0), new Schedule.HalfDay(100, 40, 1));

    private static Schedule.Work work(int length) {
        long[][] open = {{0, 40 - length}, {50, 90 - length}, {100, 140 - length}};
        return new Schedule.Work(length, open, new long[0][], new long[0][]);
    }

    private static Schedule.Problem problem(List<Schedule.Lag> lags, List<Schedule.Shared> shared) {
        List<Schedule.Work> works = List.of(work(5), work(5), work(5));
        return new Schedule.Problem(
                works,
                lags,
                List.of(),
                HALF,
                List.of(0, 0, 0),
                (a, b) -> 0,
                1,
                List.of(new int[] {50, 53}),
                List.of(),
                shared,
                List.of());
    }

    @Test
    public void eachHalfDayIsBegunAtOnceAndGoneOnWith() {
        Schedule.Problem problem = problem(List.of(new Schedule.Lag(2, 1, 7, OptionalInt.empty())), List.of());
        int[] placed = Schedule.forward(problem, new int[] {35, 85, 70});
        assertEquals(placed, new int[] {0, 65, 53}, "after what hands do elsewhere, and after the wait");
    }

    @Test
    public void aToolIsNotTakenTwice() {
        Schedule.Shared one =
                new Schedule.Shared(1, List.of(new Schedule.Use(0, 1, 20), new Schedule.Use(1, 1, 20)), List.of());
        int[] placed = Schedule.forward(problem(List.of(), List.of(one)), new int[] {10, 80, 100});
        assertEquals(placed, new int[] {0, 53, 100}, "it stays in its half-day");
        assertTrue(Schedule.keeps(problem(List.of(), List.of(one)), placed));
    }

    @Test
    public void whatOpensAWindowWaitsForWhatClosesIt() {
        Schedule.Problem problem = problem(List.of(new Schedule.Lag(0, 1, 0, OptionalInt.of(10))), List.of());
        int[] placed = Schedule.forward(problem, new int[] {75, 80, 10});
        assertTrue(Schedule.keeps(problem, placed));
        assertTrue(placed[1] + 5 - (placed[0] + 5) <= 10, "while it bends");
    }
}
