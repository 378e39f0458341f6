package org.crispwhorl.core.calendar;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.crispwhorl.core.progress.Progress;

/** What there is too little of where no plan can be made, in the maker's words. */
final class Shortage {
    private static final double SAID_IN_DAYS_H = 48;
    private static final int HOURS_OF_A_DAY = 24;

    private Shortage() {}

    /**
     * @param placer asked whether it would do with more formers
     * @param ms that it may think about that
     */
    static String of(Frame frame, Placer placer, long ms, Progress progress) {
        return formers(frame, placer, ms, progress).orElseGet(() -> time(frame));
    }

    /** The formers that there are too few of, where it would do with more of them. */
    private static Optional<String> formers(Frame frame, Placer placer, long ms, Progress progress) {
        List<String> names = frame.batches().stream()
                .flatMap(b -> b.lying().stream())
                .map(l -> l.former() + " (" + l.owned() + ")")
                .distinct()
                .toList();
        boolean enough = names.isEmpty()
                || progress.stopped()
                || placer.place(frame.withoutFormers(), ms, progress).found().isEmpty();
        return enough
                ? Optional.empty()
                : Optional.of("There are too few formers for so many pieces drying at once: "
                        + names.stream().collect(Collectors.joining(", ")) + ".");
    }

    private static String time(Frame frame) {
        if (frame.last() <= 0) {
            return "The hand-over less its margin lies before now.";
        }
        if (frame.lateAlready().isPresent()) {
            Batch late = frame.lateAlready().get();
            return late.task().name() + ", " + late.species() + ", is done, but must have " + late.tailWhy()
                    + ": that is over " + frame.said(frame.left().readyAt(late, frame.axis()))
                    + ", after the hand-over less its margin.";
        }
        Optional<String> missed = missed(frame);
        if (missed.isPresent()) {
            return missed.get();
        }
        int tooShort = frame.spans().tooShort();
        if (tooShort > 0) {
            return "Drying and work one after the other take " + told(tooShort)
                    + " more than there is until the hand-over, however many hands there are.";
        }
        long work = frame.batches().stream().mapToLong(Batch::slots).sum();
        long there = frame.windows().slots() * frame.makers();
        return work > there
                ? "There are " + told(work) + " of work and " + told(there) + " of working time until the hand-over."
                : "The working hours do not fall where the drying leaves them: what opens at night closes before the morning.";
    }

    /** A window that something done has opened and that closes before what it was for can be over. */
    private static Optional<String> missed(Frame frame) {
        for (int i = 0; i < frame.batches().size(); i++) {
            Batch batch = frame.batches().get(i);
            int at = i;
            boolean closed = batch.endBy().isPresent()
                    && frame.spans().earliest()[at] + batch.slots()
                            > batch.endBy().getAsInt();
            if (closed) {
                return Optional.of(
                        "The window for: " + batch.task().name() + ", " + batch.species() + ", "
                                + (batch.number() + 1) + " of " + batch.of() + ", closes "
                                + frame.said(batch.endBy().getAsInt())
                                + ". What it was to be joined with no longer bends by then: make that anew, and take back that it is done.");
            }
        }
        return Optional.empty();
    }

    private static String told(long slots) {
        double hours = slots * Axis.SLOT_MIN / 60.0;
        return hours < SAID_IN_DAYS_H
                ? String.format(Locale.ROOT, "%.1f h", hours)
                : String.format(Locale.ROOT, "%.1f days", hours / HOURS_OF_A_DAY);
    }
}
