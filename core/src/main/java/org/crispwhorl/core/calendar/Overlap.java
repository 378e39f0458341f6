package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * Two orders whose plans want the same hands at once.
 *
 * @param one an order
 * @param other another
 * @param from when they do so first
 * @param to until when, that first time
 */
public record Overlap(String one, String other, LocalDateTime from, LocalDateTime to) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.UK);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

    /**
     * Hands that are taken.
     *
     * @param order an id of its own
     * @param name of the order
     * @param maker whose hands, from 1
     */
    public record Taken(Object order, String name, LocalDateTime from, LocalDateTime to, int maker) {}

    /**
     * Those among what is taken, each pair of orders once.
     *
     * @param makers how many pairs of hands there are: what was given to one that is gone falls to the first
     */
    public static List<Overlap> among(Collection<Taken> taken, int makers) {
        List<Taken> sorted = taken.stream()
                .filter(t -> t.to().isAfter(t.from()))
                .sorted(Comparator.comparing(Taken::from))
                .toList();
        Map<Set<String>, Overlap> found = new LinkedHashMap<>();
        List<Taken> open = new ArrayList<>();
        for (Taken next : sorted) {
            open.removeIf(t -> !t.to().isAfter(next.from()));
            for (Taken before : open) {
                if (hands(before, makers) == hands(next, makers)
                        && !before.order().equals(next.order())) {
                    found.computeIfAbsent(
                            new TreeSet<>(List.of(
                                    before.order().toString(), next.order().toString())),
                            pair -> new Overlap(
                                    before.name(),
                                    next.name(),
                                    next.from(),
                                    before.to().isBefore(next.to()) ? before.to() : next.to()));
                }
            }
            open.add(next);
        }
        return List.copyOf(found.values());
    }

    private static int hands(Taken taken, int makers) {
        return taken.maker() > makers ? 1 : taken.maker();
    }

    /** In the maker's words, with what to do. */
    public String told() {
        return one + " and " + other + " want the same hands, first on " + DAY.format(from) + " to " + TIME.format(to)
                + ": plan one of the two again.";
    }
}
