package org.crispwhorl.core.calendar;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * The stretches of an axis in which hands may work, up to a last slot.
 *
 * @param all in order; an evening follows its day without a gap
 */
record Windows(List<Stretch> all) {
    /** From one slot up to another. */
    record Stretch(int from, int to, boolean evening) {}

    /**
     * @param windows those of a day, in order
     */
    static Windows of(Function<LocalDate, List<StudioTime.Window>> windows, Axis axis, int last) {
        if (last <= 0) {
            return new Windows(List.of());
        }
        List<Stretch> all = new ArrayList<>();
        LocalDate day = axis.at(0).toLocalDate();
        LocalDateTime end = axis.at(last);
        while (!day.isAfter(end.toLocalDate())) {
            for (StudioTime.Window w : windows.apply(day)) {
                int from = Math.max(0, axis.ceil(w.from()));
                int to = Math.min(last, axis.floor(w.to()));
                if (to > from) {
                    all.add(new Stretch(from, to, w.evening()));
                }
            }
            day = day.plusDays(1);
        }
        return new Windows(List.copyOf(all));
    }

    /** Slots in all. */
    long slots() {
        return all.stream().mapToLong(s -> s.to() - s.from()).sum();
    }

    /** Where so long a piece of work may start, as intervals; those of the day or those of the evening. */
    long[][] starts(int slots, boolean evening, int least, int most) {
        List<long[]> found = new ArrayList<>();
        for (Stretch s : all) {
            long from = Math.max(least, s.from());
            long to = Math.min(most, s.to() - slots);
            if (s.evening() == evening && to >= from) {
                found.add(new long[] {from, to});
            }
        }
        return found.toArray(long[][]::new);
    }
}
