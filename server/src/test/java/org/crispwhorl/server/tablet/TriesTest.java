package org.crispwhorl.server.tablet;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.testng.annotations.Test;

public class TriesTest {
    /** A clock that is moved by hand. */
    private static final class Moved extends Clock {
        private Instant now = Instant.EPOCH;

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    @Test
    public void eachFurtherMissWaitsTwiceAsLongAndARightOneForgetsThem() {
        Moved clock = new Moved();
        Tries tries = new Tries(clock);
        for (int i = 0; i < 4; i++) {
            tries.missed("a");
            assertEquals(tries.wait("a"), Duration.ZERO);
        }
        tries.missed("a");
        assertEquals(tries.wait("a"), Duration.ofSeconds(2));
        assertEquals(tries.wait("b"), Duration.ZERO, "another address");
        clock.now = clock.now.plusSeconds(2);
        assertEquals(tries.wait("a"), Duration.ZERO);
        tries.missed("a");
        assertEquals(tries.wait("a"), Duration.ofSeconds(4));
        tries.right("a");
        assertEquals(tries.wait("a"), Duration.ZERO);
    }

    @Test
    public void tenThousandGuessesTakeAges() {
        Moved one = new Moved();
        Tries tries = new Tries(one);
        for (int i = 0; i < 10_000; i++) {
            one.now = one.now.plus(tries.wait("a"));
            tries.missed("a");
        }
        assertTrue(Duration.between(Instant.EPOCH, one.now).toDays() > 90, one.now.toString());
        Moved many = new Moved();
        Tries spread = new Tries(many);
        for (int i = 0; i < 10_000; i++) {
            many.now = many.now.plus(spread.wait("host" + i));
            spread.missed("host" + i);
        }
        assertTrue(Duration.between(Instant.EPOCH, many.now).toHours() > 26, many.now.toString());
    }
}
