package org.crispwhorl.server.security;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;

/**
 * Tries at the passphrase, slowed down: each is counted as missed before it is looked at, so that many at once are no more than many one
 * after the other. After some that missed from one address it waits twice as long for each further one; and of all addresses of the
 * network together only so many are heard in a while. This machine itself stands apart: nobody on the network locks its maker out.
 */
final class Throttle {
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

    Throttle(Clock clock) {
        this.clock = clock;
    }

    /**
     * A try is to be heard: it counts as missed until it is known to be right.
     *
     * @return how long its address has to wait before a try of it is heard; zero where this one is
     */
    synchronized Duration heard(String address) {
        Duration wait = wait(address);
        if (wait.isZero()) {
            count(address);
        }
        return wait;
    }

    private Duration wait(String address) {
        Instant now = clock.instant();
        while (!heard.isEmpty() && !heard.peekFirst().plus(WHILE).isAfter(now)) {
            heard.removeFirst();
        }
        Duration own =
                left(now, missed.containsKey(address) ? missed.get(address).until() : now);
        Duration all = heard.size() < HEARD || HomeNetwork.fromHere(address)
                ? Duration.ZERO
                : left(now, heard.peekFirst().plus(WHILE));
        return own.compareTo(all) > 0 ? own : all;
    }

    private static Duration left(Instant now, Instant until) {
        Duration left = Duration.between(now, until);
        return left.isNegative() ? Duration.ZERO : left;
    }

    private void count(String address) {
        Instant now = clock.instant();
        if (!HomeNetwork.fromHere(address)) {
            heard.addLast(now);
        }
        if (missed.size() >= REMEMBERED && !missed.containsKey(address)) {
            missed.values().removeIf(m -> m.until().isBefore(now));
        }
        int times = missed.containsKey(address) ? missed.get(address).times() + 1 : 1;
        Duration longer = times < FREE ? Duration.ZERO : Duration.ofSeconds(1L << Math.min(20, times - FREE + 1));
        if (missed.size() < REMEMBERED || missed.containsKey(address)) {
            missed.put(address, new Missed(times, now.plus(longer.compareTo(LONGEST) > 0 ? LONGEST : longer)));
        }
    }

    /** The last try from an address was right: it counts as none. */
    synchronized void right(String address) {
        missed.remove(address);
        if (!HomeNetwork.fromHere(address)) {
            heard.pollLast();
        }
    }
}
