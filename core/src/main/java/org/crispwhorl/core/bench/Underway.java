package org.crispwhorl.core.bench;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.calendar.Done;

/**
 * How far a piece of work is, by what was touched.
 *
 * @param begun when it was begun first; none where nobody touched that
 * @param good pieces done, 0 or more
 * @param broke pieces that broke, 0 or more
 * @param done when it was done; none where it is not, or not after all
 * @param looked how it was found while it dried, in order of time
 * @param skin how it was found while it lay open; ready is skinned
 */
public record Underway(
        String uid,
        Optional<Instant> begun,
        int good,
        int broke,
        Optional<Instant> done,
        List<Look> looked,
        List<Look> skin) {
    /** How something was found while it dried. */
    public record Look(Instant at, boolean ready) {}

    public Underway {
        looked = List.copyOf(looked);
        skin = List.copyOf(skin);
    }

    private static Underway untouched(String uid) {
        return new Underway(uid, Optional.empty(), 0, 0, Optional.empty(), List.of(), List.of());
    }

    /**
     * What touches come to, whatever order they are told in and however often.
     *
     * @return each piece of work that was touched, in the order of its first touch
     */
    public static List<Underway> of(Collection<BenchEvent> events) {
        Map<String, Underway> works = new LinkedHashMap<>();
        BenchEvent.standing(events).stream()
                .sorted(Comparator.comparing(BenchEvent::at).thenComparing(BenchEvent::id))
                .forEach(e -> works.put(
                        e.uid(), works.getOrDefault(e.uid(), untouched(e.uid())).after(e)));
        return List.copyOf(works.values());
    }

    private Underway after(BenchEvent event) {
        Instant at = event.at();
        return switch (event.touch()) {
            case BEGUN -> new Underway(uid, begun.or(() -> Optional.of(at)), good, broke, done, looked, skin);
            case GOOD -> new Underway(uid, begun, Math.max(0, good + event.pieces()), broke, done, looked, skin);
            case BROKE -> new Underway(uid, begun, good, Math.max(0, broke + event.pieces()), done, looked, skin);
            case DONE -> new Underway(uid, begun, good, broke, Optional.of(at), looked, skin);
            case UNDONE -> new Underway(uid, begun, good, broke, Optional.empty(), looked, skin);
            case NOT_YET, READY ->
                new Underway(
                        uid, begun, good, broke, done, with(looked, at, event.touch() == BenchEvent.Touch.READY), skin);
            case STILL_SOFT, SKINNED ->
                new Underway(
                        uid,
                        begun,
                        good,
                        broke,
                        done,
                        looked,
                        with(skin, at, event.touch() == BenchEvent.Touch.SKINNED));
            case LAID, SAID, TAKEN_BACK -> this;
        };
    }

    private static List<Look> with(List<Look> looks, Instant at, boolean ready) {
        List<Look> more = new ArrayList<>(looks);
        more.add(new Look(at, ready));
        return more;
    }

    /**
     * As the calendar knows it; none where it is not done.
     *
     * @param zone of the studio: in the hour that comes twice work is begun no later than it is over
     */
    public Optional<Done> over(ZoneId zone) {
        return done.map(end -> {
            LocalDateTime to = LocalDateTime.ofInstant(end, zone);
            LocalDateTime from = LocalDateTime.ofInstant(begun.orElse(end), zone);
            return new Done(uid, from.isAfter(to) ? to : from, to);
        });
    }
}
