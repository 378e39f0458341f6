package org.crispwhorl.server.security;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class ThrottleTest {
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
        Throttle tries = new Throttle(clock);
        for (int i = 0; i < 5; i++) {
            assertEquals(tries.heard("a"), Duration.ZERO);
        }
        assertEquals(tries.heard("a"), Duration.ofSeconds(2));
        assertEquals(tries.heard("b"), Duration.ZERO, "another address");
        clock.now = clock.now.plusSeconds(2);
        assertEquals(tries.heard("a"), Duration.ZERO);
        assertEquals(tries.heard("a"), Duration.ofSeconds(4));
        clock.now = clock.now.plusSeconds(4);
        assertEquals(tries.heard("a"), Duration.ZERO);
        tries.right("a");
        assertEquals(tries.heard("a"), Duration.ZERO);
    }

    /** Each is counted before it is looked at: sixteen at once are no more than sixteen one after the other. */
    @Test
    public void manyAtOnceAreNotAllHeard() {
        Throttle tries = new Throttle(new Moved());
        long heard = IntStream.range(0, 16)
                .parallel()
                .filter(i -> tries.heard("a").isZero())
                .count();
        assertEquals(heard, 5);
    }

    /** Whatever the network tries, the maker on the machine itself is heard. */
    @Test
    public void nobodyLocksTheMakerOutOfTheMachineItself() {
        Moved clock = new Moved();
        Throttle tries = new Throttle(clock);
        for (int i = 0; i < 1000; i++) {
            tries.heard("192.168.0." + i % 250);
        }
        assertTrue(tries.heard("192.168.0.77").toSeconds() > 0);
        assertEquals(tries.heard("127.0.0.1"), Duration.ZERO);
        for (int i = 0; i < 8; i++) {
            tries.heard("127.0.0.1");
        }
        assertTrue(tries.heard("127.0.0.1").toSeconds() > 0, "who guesses on the machine itself is slowed down, too");
    }

    @Test
    public void tenThousandGuessesTakeAges() {
        Moved one = new Moved();
        Throttle tries = new Throttle(one);
        for (int i = 0; i < 10_000; ) {
            Duration wait = tries.heard("a");
            one.now = one.now.plus(wait);
            i += wait.isZero() ? 1 : 0;
        }
        assertTrue(Duration.between(Instant.EPOCH, one.now).toDays() > 90, one.now.toString());
        Moved many = new Moved();
        Throttle spread = new Throttle(many);
        for (int i = 0; i < 10_000; ) {
            Duration wait = spread.heard("host" + i);
            many.now = many.now.plus(wait);
            i += wait.isZero() ? 1 : 0;
        }
        assertTrue(Duration.between(Instant.EPOCH, many.now).toHours() > 26, many.now.toString());
    }
}
