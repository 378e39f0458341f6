package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.TaskKind;

/**
 * What is done when.
 *
 * @param tasks in order of time; empty where there is no plan
 * @param proved whether no plan with as few evenings begins later
 * @param begins when work begins
 * @param atLatest no plan with as few evenings begins later than this
 * @param eveningMin minutes of work in evenings
 * @param labourMin minutes of work in all
 * @param limit what there is too little of, where there is no plan
 * @param helps what would help, the smallest change first
 */
public record Calendar(
        List<PlacedTask> tasks,
        boolean proved,
        Optional<LocalDateTime> begins,
        Optional<LocalDateTime> atLatest,
        double eveningMin,
        double labourMin,
        Optional<String> limit,
        List<Help> helps) {
    public Calendar {
        tasks = List.copyOf(tasks);
        helps = List.copyOf(helps);
    }

    /**
     * Work without a break.
     *
     * @param uid the same whenever the same order is planned again
     * @param line the id of a line of the order
     * @param batch which of its task's, from 1
     * @param of how many its task has
     * @param maker whose hands, from 1
     * @param evening whether it is done in an evening
     * @param because why it stands where it does, in the maker's words
     * @param meanwhile what it does afterwards until it is needed; none where it is used at once
     * @param takes what there is only so much of and it takes
     * @param done whether it was done; its times are then those at which it was
     */
    public record PlacedTask(
            String uid,
            String line,
            String species,
            String task,
            TaskKind doing,
            int batch,
            int of,
            LocalDateTime from,
            LocalDateTime to,
            int maker,
            boolean evening,
            String because,
            Optional<Meanwhile> meanwhile,
            List<Takes> takes,
            boolean done) {
        public PlacedTask {
            takes = List.copyOf(takes);
        }
    }

    /**
     * Something that there is only so much of, taken from the beginning of a piece of work on.
     *
     * @param tool its name
     * @param until when it is free again
     */
    public record Takes(String tool, int count, LocalDateTime until) {}

    /**
     * A wait after a sitting.
     *
     * @param enough when it has waited long enough
     * @param until when it is needed
     * @param closes when it no longer bends; none where no window closes
     */
    public record Meanwhile(LocalDateTime enough, LocalDateTime until, Optional<LocalDateTime> closes) {}

    /**
     * A change that makes a plan possible.
     *
     * @param label in the maker's words
     * @param time the studio's time it needs; none where that stays
     * @param handOver the hand-over it needs; none where that stays
     * @param spareTimeH the margin it needs; none where that stays
     */
    public record Help(
            String label, Optional<StudioTime> time, Optional<LocalDateTime> handOver, Optional<Double> spareTimeH) {}
}
