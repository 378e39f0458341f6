package org.crispwhorl.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.crispwhorl.core.bench.BenchEvent.Touch;
import org.crispwhorl.core.calendar.Done;
import org.testng.annotations.Test;

public class UnderwayTest {
    private static final LocalDateTime NINE = LocalDateTime.of(2030, 6, 10, 9, 0);

    private static BenchEvent event(String uid, Touch touch, int minute, int pieces) {
        return new BenchEvent(UUID.randomUUID(), uid, touch, NINE.plusMinutes(minute), pieces);
    }

    private static final List<BenchEvent> DAY = List.of(
            event("petals", Touch.BEGUN, 0, 0),
            event("petals", Touch.GOOD, 2, 1),
            event("petals", Touch.GOOD, 4, 1),
            event("petals", Touch.BROKE, 5, 1),
            event("petals", Touch.GOOD, 7, 3),
            event("petals", Touch.GOOD, 8, -1),
            event("petals", Touch.BEGUN, 9, 0),
            event("petals", Touch.DONE, 30, 0),
            event("petals", Touch.NOT_YET, 200, 0),
            event("petals", Touch.READY, 300, 0),
            event("heart", Touch.DONE, 40, 0),
            event("leaves", Touch.DONE, 50, 0),
            event("leaves", Touch.UNDONE, 51, 0));

    @Test
    public void touchesComeToWhatWasDone() {
        List<Underway> works = Underway.of(DAY);
        Underway petals = works.get(0);
        assertEquals(petals.begun(), Optional.of(NINE), "the first roll, not the second");
        assertEquals(petals.good(), 4);
        assertEquals(petals.broke(), 1);
        assertEquals(
                petals.looked(),
                List.of(
                        new Underway.Look(NINE.plusMinutes(200), false),
                        new Underway.Look(NINE.plusMinutes(300), true)));
        assertEquals(petals.over(), Optional.of(new Done("petals", NINE, NINE.plusMinutes(30))));
        assertEquals(works.get(1).over(), Optional.of(new Done("heart", NINE.plusMinutes(40), NINE.plusMinutes(40))));
        assertTrue(works.get(2).over().isEmpty(), "it was taken back");
    }

    /** Two tablets, both without a connection for a while, tell what they know twice and in any order. */
    @Test
    public void toldTwiceAndInAnyOrderItComesToTheSame() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            List<BenchEvent> told = new ArrayList<>(DAY);
            told.addAll(DAY.subList(random.nextInt(DAY.size()), DAY.size()));
            Collections.shuffle(told, random);
            assertEquals(Underway.of(told), Underway.of(DAY));
        }
    }

    @Test
    public void nothingIsCountedBelowNothing() {
        Underway one = Underway.of(List.of(event("a", Touch.GOOD, 0, -5), event("a", Touch.GOOD, 1, 2)))
                .get(0);
        assertEquals(one.good(), 2);
    }
}
