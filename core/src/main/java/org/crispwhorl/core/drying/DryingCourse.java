package org.crispwhorl.core.drying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Stage;

/**
 * The course of one part's drying in one room: when each stage is reached, and the part-dry window.
 *
 * @param stages the stages that it reaches, in order
 * @param window the part-dry window, where it has one
 * @param never the first stage that it never reaches in this room
 */
public record DryingCourse(List<Reached> stages, Optional<Window> window, Optional<Stage> never) {
    public DryingCourse {
        stages = List.copyOf(stages);
    }

    /**
     * A stage, and when it is reached.
     *
     * @param medianH hours by which half are there
     * @param safeByH hours by which nine of ten are there
     */
    public record Reached(Stage stage, double medianH, double safeByH) {}

    /**
     * The time in which a piece is part-dry.
     *
     * @param likelyFromH median start
     * @param likelyToH median end
     * @param sure whether any moment is safe on both sides: opens at the 90th percentile of the start, closes at the
     *     10th of the end
     * @param opensH the 90th percentile of the start
     * @param closesH the 10th percentile of the end; earlier than {@code opensH} where no moment is sure
     * @param bestH the moment at which most pieces are in it
     * @param bestChance the share that then is
     */
    public record Window(
            double likelyFromH,
            double likelyToH,
            boolean sure,
            double opensH,
            double closesH,
            double bestH,
            double bestChance) {}

    /** The course of a body of a medium in a room. */
    public static DryingCourse of(Paste paste, Body body, Room room, Spread spread) {
        Drying drying = new Drying(paste);
        List<Reached> reached = new ArrayList<>();
        Stage never = null;
        for (Stage stage : Stage.values()) {
            double median = stage.compareTo(paste.furthest()) > 0
                    ? Double.POSITIVE_INFINITY
                    : drying.hoursTo(stage.moistureRatio(), body, room);
            if (Double.isInfinite(median)) {
                never = stage;
                break;
            }
            reached.add(new Reached(stage, median, spread.safeBy(median)));
        }
        return new DryingCourse(reached, window(drying, body, room, spread), Optional.ofNullable(never));
    }

    private static Optional<Window> window(Drying drying, Body body, Room room, Spread spread) {
        double from = drying.hoursTo(Stage.PART_DRY.moistureRatio(), body, room);
        double to = drying.hoursTo(Stage.PART_DRY_ENDS, body, room);
        if (Double.isInfinite(from) || Double.isInfinite(to) || from == 0) {
            return Optional.empty();
        }
        double opens = spread.safeBy(from);
        double closes = spread.earliest(to);
        double best = Math.sqrt(from * to);
        double chance = spread.chanceBy(best, from) - spread.chanceBy(best, to);
        return Optional.of(new Window(from, to, opens <= closes, opens, closes, best, chance));
    }

    /** When a stage is reached, where it is. */
    public Optional<Reached> at(Stage stage) {
        return stages.stream().filter(r -> r.stage() == stage).findFirst();
    }
}
