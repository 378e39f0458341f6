package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.crispwhorl.core.solver.Budget;
import org.crispwhorl.core.solver.Schedule;
import org.testng.annotations.Test;

/** The latest begin is one that no plan passes, and which plans come near. */
public class LatestBeginTest {
    private static final int ORDERS = 25;

    private static int[] none(Frame frame) {
        return frame.batches().stream().mapToInt(b -> -1).toArray();
    }

    @Test
    public void noPlanThatIsFoundWithoutItBeginsLater() {
        int met = 0;
        for (int seed = 0; seed < ORDERS; seed++) {
            Random random = new Random(seed);
            Ask ask = Ask.of(1 + random.nextInt(3), random.nextInt(4))
                    .in(StudioTime.USUAL.withMakers(1 + random.nextInt(2)).withEveningH(random.nextInt(3)));
            Frame frame = ask.frame();
            Schedule.Problem asked = Placer.FREE.problem(frame);
            Schedule.Problem open = new Schedule.Problem(
                    asked.works(),
                    asked.lags(),
                    asked.inOrder(),
                    asked.alike(),
                    asked.hands(),
                    asked.taken(),
                    asked.takenOfOther(),
                    asked.shared(),
                    asked.stood(),
                    new Schedule.Begins(frame.last(), frame.last()));
            Optional<Schedule.Found> found = Schedule.place(open, Optional.empty(), Budget.ofMs(4_000), slot -> {})
                    .found();
            if (found.isPresent()) {
                int latest = LatestBegin.of(frame, found.get().dearSlots() > 0, List.of(), none(frame));
                assertTrue(
                        found.get().first() <= latest,
                        "seed " + seed + ": " + found.get().first() + " > " + latest);
                met += found.get().first() == latest ? 1 : 0;
            }
        }
        assertTrue(met > 0, "some begin as late as that");
    }

    @Test
    public void somethingElseAndWhatIsPinnedMakeItEarlier() {
        Frame frame = Ask.of(3, 0).frame();
        int free = LatestBegin.of(frame, false, List.of(), none(frame));
        int busy = LatestBegin.of(frame, false, List.of(new int[] {free, frame.last()}), none(frame));
        assertTrue(busy < free, busy + " < " + free);
        int[] pinned = none(frame);
        pinned[0] = 12;
        assertEquals(LatestBegin.of(frame, false, List.of(), pinned), 12);
    }

    @Test
    public void tooLittleTimeIsSaid() {
        Frame frame = Ask.of(400, 0).frame();
        assertTrue(LatestBegin.of(frame, false, List.of(), none(frame)) < 0, "four hundred roses in a week");
    }
}
