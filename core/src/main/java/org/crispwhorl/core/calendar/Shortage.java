package org.crispwhorl.core.calendar;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.crispwhorl.core.progress.Progress;

/** What there is too little of where no plan can be made, in the maker's words. */
final class Shortage {
    private static final double SAID_IN_DAYS_H = 48;
    private static final int HOURS_OF_A_DAY = 24;

    private Shortage() {}

    /**
     * @param placer asked whether it would do with more formers, hooks and shelves
     * @param ms that it may think about that
     */
    static String of(Frame frame, Placer placer, long ms, Progress progress) {
        return tools(frame, placer, ms, progress).orElseGet(() -> time(frame));
    }

    /** The tools that there are too few of: one of which more would do, or all where it takes more of several. */
    private static Optional<String> tools(Frame frame, Placer placer, long ms, Progress progress) {
        Map<String, Integer> owned = new TreeMap<>();
        frame.batches().forEach(b -> b.lying().forEach(l -> owned.merge(l.tool(), l.owned(), Math::max)));
        if (owned.isEmpty() || !possible(frame.withEnough(tool -> true), placer, ms, progress)) {
            return Optional.empty();
        }
        List<String> lacking = owned.keySet().stream()
                .filter(one -> possible(frame.withEnough(one::equals), placer, ms, progress))
                .toList();
        return Optional.of("There is too little of what so many pieces need at once: "
                + (lacking.isEmpty() ? owned.keySet() : lacking)
                        .stream()
                                .map(tool -> tool + " (" + owned.get(tool) + ")")
                                .collect(Collectors.joining(", "))
                + ".");
    }

    private static boolean possible(Frame frame, Placer placer, long ms, Progress progress) {
        return !progress.stopped() && placer.place(frame, ms, progress).found().isPresent();
    }

    /** More than is placed piece by piece. */
    static String tooLarge(int pieces, double labourMin) {
        return String.format(
                Locale.ROOT,
                "There are %d pieces of work, %.0f h in all: more than is planned piece by piece. Divide it into orders of a few hundred flowers each.",
                pieces,
                labourMin / 60);
    }

    /** What there is too little time for. */
    static String time(Frame frame) {
        if (frame.tooLate()) {
            return "The hand-over less its time to spare lies before now.";
        }
        if (frame.lateAlready().isPresent()) {
            Remaining.Late late = frame.lateAlready().get();
            return late.done().task().name() + ", " + late.done().species() + ", is done, but must have " + late.why()
                    + ": that is over " + frame.said(late.readyAt())
                    + ", after the hand-over less its time to spare.";
        }
        Optional<String> missed = missed(frame);
        if (missed.isPresent()) {
            return missed.get();
        }
        int tooShort = frame.spans().tooShort();
        if (tooShort > 0) {
            String chain = frame.spans()
                    .tightest()
                    .mapToObj(i -> frame.sittings().get(i).items().get(0).batch())
                    .filter(b -> !b.task().doing().mixes())
                    .findFirst()
                    .map(b -> b.species() + ": from " + b.task().name() + " on, drying")
                    .orElse("Drying");
            return chain + " and work one after the other take " + told(tooShort)
                    + " more than there is until the hand-over, however many hands there are.";
        }
        long work = frame.batches().stream().mapToLong(Batch::slots).sum();
        long there = frame.hours().slots();
        return work > there
                ? "There are " + hours(work) + " of work and " + hours(there) + " of working time until the hand-over: "
                        + days(frame, work - there) + " too little."
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

    private static String hours(long slots) {
        return String.format(Locale.ROOT, "%.1f h", slots * Axis.SLOT_MIN / 60.0);
    }

    /** So much work in days of those that there are. */
    private static String days(Frame frame, long slots) {
        int halfDays = frame.halves().all().size();
        double aDay = halfDays == 0 ? 0 : 2.0 * frame.hours().slots() / halfDays;
        return aDay == 0 ? hours(slots) : String.format(Locale.ROOT, "%.1f working days", slots / aDay);
    }

    private static String told(long slots) {
        double hours = slots * Axis.SLOT_MIN / 60.0;
        return hours < SAID_IN_DAYS_H
                ? String.format(Locale.ROOT, "%.1f h", hours)
                : String.format(Locale.ROOT, "%.1f days", hours / HOURS_OF_A_DAY);
    }
}
