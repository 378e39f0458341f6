package org.crispwhorl.server.tablet;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;

/**
 * Tries at the passphrase, slowed down: after some that missed from one address, it waits twice as long for each further one; and of
 * all addresses together only so many are heard in a while.
 */
final class Tries {
    private static final int FREE = 5;
    private static final Duration LONGEST = Duration.ofMinutes(15);
    private static final int HEARD = 60;
    private static final Duration WHILE = Duration.ofMinutes(10);

    /** Addresses that are remembered; beyond that the wait of all holds. */
    private static final int REMEMBERED = 1000;

    private final Clock clock;
    private final Map<String, Missed> missed = new HashMap<>();
    private final Deque<Instant> heard = new ArrayDeque<>();

    private record Missed(int times, Instant until) {}

    Tries(Clock clock) {
        this.clock = clock;
    }

    /** How long an address has to wait before its next try is heard; zero where it need not. */
    synchronized Duration wait(String address) {
        Instant now = clock.instant();
        while (!heard.isEmpty() && !heard.peekFirst().plus(WHILE).isAfter(now)) {
            heard.removeFirst();
        }
        Duration own =
                left(now, missed.containsKey(address) ? missed.get(address).until() : now);
        Duration all = heard.size() < HEARD
                ? Duration.ZERO
                : left(now, heard.peekFirst().plus(WHILE));
        return own.compareTo(all) > 0 ? own : all;
    }

    private static Duration left(Instant now, Instant until) {
        Duration left = Duration.between(now, until);
        return left.isNegative() ? Duration.ZERO : left;
    }

    /** A try from an address missed. */
    synchronized void missed(String address) {
        Instant now = clock.instant();
        heard.addLast(now);
        if (missed.size() >= REMEMBERED && !missed.containsKey(address)) {
            missed.values().removeIf(m -> m.until().isBefore(now));
        }
        int times = missed.containsKey(address) ? missed.get(address).times() + 1 : 1;
        Duration longer = times < FREE ? Duration.ZERO : Duration.ofSeconds(1L << Math.min(20, times - FREE + 1));
        if (missed.size() < REMEMBERED || missed.containsKey(address)) {
            missed.put(address, new Missed(times, now.plus(longer.compareTo(LONGEST) > 0 ? LONGEST : longer)));
        }
    }

    /** A try from an address was right. */
    synchronized void right(String address) {
        missed.remove(address);
    }
}
