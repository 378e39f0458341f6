package org.crispwhorl.core.calendar;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.TaskKind;

/**
 * What is done when.
 *
 * @param tasks in order of time; empty where there is no plan
 * @param begins when work begins
 * @param freeHalfDays working half-days that are kept free before the flowers have to be ready
 * @param odds how likely it is ready in time; none where an older version kept it, or nothing is left to do
 * @param eveningMin minutes of work in evenings
 * @param labourMin minutes of work in all
 * @param limit what there is too little of, where there is no plan
 * @param helps what would help, the smallest change first
 */
public record Calendar(
        List<PlacedTask> tasks,
        Optional<LocalDateTime> begins,
        int freeHalfDays,
        Optional<Odds> odds,
        double eveningMin,
        double labourMin,
        Optional<String> limit,
        List<Help> helps) {
    public Calendar {
        tasks = List.copyOf(tasks);
        helps = List.copyOf(helps);
    }

    /** Whether some of its work is done in one go: not where an older version placed it, or it found no place but by itself. */
    boolean inSittings() {
        return tasks.stream()
                                .map(PlacedTask::sitting)
                                .filter(s -> s > 0)
                                .distinct()
                                .count()
                        < tasks.size()
                && tasks.stream().noneMatch(s -> s.sitting() == 0);
    }

    /**
     * Work without a break.
     *
     * @param uid the same whenever the same order is planned again
     * @param line the id of a line of the order
     * @param batch which of its task's, from 1
     * @param of how many its task has
     * @param flowers of the line, on which all of its task is done; 0 where an older version kept it
     * @param firstFlower of the line that is worked on in it, from 1; 0 where an older version kept it
     * @param lastFlower of the line that is worked on in it; 0 where an older version kept it
     * @param pieces of it that go through the hands one by one; 0 where nothing is counted
     * @param shade sRGB colour of the paste that is worked on; none where it is not of one, or an older version kept it
     * @param sitting in which it is done, in one go with what else is in it; from 1, in order of time, and 0 where an older version kept it
     * @param maker whose hands, from 1
     * @param evening whether it is done in an evening
     * @param because why it stands where it does, in the maker's words
     * @param meanwhile what it does afterwards until it is needed; none where it is used at once
     * @param takes what there is only so much of and it takes
     * @param done whether it was done; its times are then those at which it was
     */
    @RecordBuilder
    public record PlacedTask(
            String uid,
            String line,
            String species,
            String task,
            TaskKind doing,
            int batch,
            int of,
            int flowers,
            int firstFlower,
            int lastFlower,
            int pieces,
            Optional<String> shade,
            LocalDateTime from,
            LocalDateTime to,
            int sitting,
            int maker,
            boolean evening,
            String because,
            Optional<Meanwhile> meanwhile,
            List<Takes> takes,
            boolean done) {
        public PlacedTask {
            takes = List.copyOf(takes);
        }

        /** The same, in another sitting. */
        public PlacedTask inSitting(int other) {
            return CalendarPlacedTaskBuilder.builder(this).sitting(other).build();
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
