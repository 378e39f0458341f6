package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.crispwhorl.core.solver.Schedule;
import org.testng.annotations.Test;

/** The plain plan keeps everything that the solver is asked to keep: hours, hands, waits, windows, formers. */
public class BackwardsTest {
    private static final int ORDERS = 60;

    private static Schedule.Problem asked(Frame frame) {
        Schedule.Problem problem = Placer.FREE.problem(frame);
        // Lots that are alike may change places.
        return new Schedule.Problem(
                problem.works(),
                problem.lags(),
                List.of(),
                problem.half(),
                problem.kinds(),
                problem.changes(),
                problem.hands(),
                problem.taken(),
                problem.takenOfOther(),
                problem.shared(),
                problem.stood());
    }

    @Test
    public void everyPlainPlanKeepsWhatIsAsked() {
        int planned = 0;
        int closing = 0;
        for (int seed = 0; seed < ORDERS; seed++) {
            Random random = new Random(seed);
            Frame each = Ask.of(random.nextInt(4), 1 + random.nextInt(7))
                    .in(Ask.busyOnWednesday().withMakers(1 + random.nextInt(2)).withEveningH(random.nextInt(3)))
                    .until(Ask.SATURDAY.plusDays(random.nextInt(5)))
                    .frame();
            Frame frame = seed % 2 == 0 ? each : each.together(Sittings.Before.NOTHING, StudioTime.USUAL.sittingMin());
            Optional<int[]> plain = Backwards.place(frame, List.of());
            if (plain.isPresent()) {
                planned++;
                closing += (int) frame.batches().stream()
                        .flatMap(b -> b.waits().stream())
                        .filter(w -> w.most().isPresent())
                        .count();
                assertTrue(Schedule.keeps(asked(frame), plain.get()), "seed " + seed);
            }
        }
        assertTrue(planned > ORDERS / 2 && closing > 0, planned + " planned, " + closing + " windows");
    }

    @Test
    public void formersThatAreTakenAreWaitedFor() {
        Frame frame = Ask.of(0, 4).until(Ask.SATURDAY.plusDays(20)).frame();
        Batch.Lying held = new Batch.Lying("cup", 1, 1, new Dwell(20 * 12, AirAhead.STEADY));
        Frame one = Ask.making(frame, held);
        int[] free = Backwards.place(frame, List.of()).orElseThrow();
        int[] kept = Backwards.place(one, List.of()).orElseThrow();
        assertTrue(Schedule.keeps(asked(one), kept));
        assertTrue(!Schedule.keeps(asked(one), free), "there are formers enough anyway");
    }

    @Test
    public void theSameEachTimeAndNoneWithoutHours() {
        Frame frame = Ask.of(2, 3).frame();
        assertEquals(
                Backwards.place(frame, List.of()).orElseThrow(),
                Backwards.place(frame, List.of()).orElseThrow());
        Frame closed = new Frame(
                frame.left(),
                frame.batches(),
                frame.sittings(),
                List.of(),
                frame.axis(),
                frame.last(),
                new Hours(1, new Windows(List.of()), new Windows(List.of()), Optional.empty()),
                frame.spans());
        assertEquals(Backwards.place(closed, List.of()), Optional.empty());
    }
}
