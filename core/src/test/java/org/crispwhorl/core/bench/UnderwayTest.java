package org.crispwhorl.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.crispwhorl.core.bench.BenchEvent.Touch;
import org.crispwhorl.core.calendar.Done;
import org.crispwhorl.core.measure.InvalidValue;
import org.testng.annotations.Test;

public class UnderwayTest {
    private static final Instant NINE = Instant.parse("2030-06-10T09:00:00Z");

    private static Instant minute(long minutes) {
        return NINE.plusSeconds(60 * minutes);
    }

    private static LocalDateTime local(long minutes) {
        return LocalDateTime.ofInstant(minute(minutes), ZoneOffset.UTC);
    }

    private static BenchEvent event(String uid, Touch touch, int minute, int pieces) {
        return new BenchEvent(UUID.randomUUID(), uid, touch, minute(minute), pieces);
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
            event("centre", Touch.DONE, 40, 0),
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
                petals.looked(), List.of(new Underway.Look(minute(200), false), new Underway.Look(minute(300), true)));
        assertEquals(petals.over(ZoneOffset.UTC), Optional.of(new Done("petals", local(0), local(30))));
        assertEquals(works.get(1).over(ZoneOffset.UTC), Optional.of(new Done("centre", local(40), local(40))));
        assertTrue(works.get(2).over(ZoneOffset.UTC).isEmpty(), "it was not done after all");
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

    /** Any touch can be taken back, whichever comes in first. */
    @Test
    public void whatIsTakenBackIsAsIfItHadNotBeen() {
        BenchEvent broke = event("a", Touch.BROKE, 1, 1);
        BenchEvent done = event("a", Touch.DONE, 3, 0);
        List<BenchEvent> told = List.of(back(done), event("a", Touch.GOOD, 0, 2), broke, done, back(broke));
        Underway one = Underway.of(told).get(0);
        assertEquals(one.broke(), 0);
        assertEquals(one.done(), Optional.empty());
        assertEquals(one.good(), 2);
        assertEquals(BenchEvent.standing(told).size(), 1);
        expectThrows(InvalidValue.class, () -> event("a", Touch.TAKEN_BACK, 0, 0));
    }

    private static BenchEvent back(BenchEvent touch) {
        return new BenchEvent(
                UUID.randomUUID(),
                touch.uid(),
                Touch.TAKEN_BACK,
                minute(9),
                0,
                Optional.empty(),
                Optional.of(touch.id()));
    }

    /** Of the hour that comes twice the clock tells that work ended before it began; its minutes are right all the same. */
    @Test
    public void theHourThatComesTwiceEndsAfterItBegins() {
        ZoneId zone = ZoneId.of("Europe/Berlin");
        Instant begun = Instant.parse("2030-10-27T00:55:00Z");
        Instant done = Instant.parse("2030-10-27T01:05:00Z");
        Underway one = Underway.of(List.of(
                        new BenchEvent(UUID.randomUUID(), "a", Touch.BEGUN, begun, 0),
                        new BenchEvent(UUID.randomUUID(), "a", Touch.DONE, done, 0)))
                .get(0);
        assertEquals(Duration.between(one.begun().orElseThrow(), one.done().orElseThrow()), Duration.ofMinutes(10));
        Done over = one.over(zone).orElseThrow();
        assertEquals(over.to(), LocalDateTime.of(2030, 10, 27, 2, 5));
        assertEquals(over.from(), over.to(), "no sooner than it is over");
    }
}
