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
     * @param sure whether it stays open at all when it is counted from the later start to the earlier end
     * @param opensH half a deviation after the median start
     * @param closesH half a deviation before the median end
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

    /** The course of a body of a medium in a room, its face skinning as is reckoned. */
    public static DryingCourse of(Paste paste, Body body, Room room, Spread spread) {
        return of(paste, body, room, spread, 1);
    }

    /**
     * The course of a body of a medium in a room.
     *
     * @param skinsFaster rate of skinning over what is reckoned without any record
     */
    public static DryingCourse of(Paste paste, Body body, Room room, Spread spread, double skinsFaster) {
        Clock clock = new Clock(paste, body, room, skinsFaster);
        List<Reached> reached = new ArrayList<>();
        Stage never = null;
        for (Stage stage : Stage.values()) {
            double median = stage.compareTo(paste.furthest()) > 0 ? Double.POSITIVE_INFINITY : clock.hoursTo(stage);
            if (Double.isInfinite(median)) {
                never = stage;
                break;
            }
            reached.add(new Reached(stage, median, spread.safeBy(median)));
        }
        return new DryingCourse(reached, window(clock, spread), Optional.ofNullable(never));
    }

    /** Both clocks of a body: its face skins, and no piece holds before it has; firm and dry it is at its thickest place. */
    private record Clock(Paste paste, Body body, Room room, double skinsFaster) {
        double hoursTo(Stage stage) {
            return switch (stage) {
                case SKINNED -> skinH();
                case PART_DRY -> Math.max(faceHoldsH(), freeH(Rind.HOLDS));
                case FIRM, DRY -> DryingLaw.of(paste).hoursTo(Rind.of(stage), body, room);
            };
        }

        /** On the bench; where that is too damp for it, where it dries. What sets by cooling can be shaped until it is set. */
        double skinH() {
            double skin = SkinClock.hours(paste, body.freeMm(), room) / skinsFaster;
            if (!Double.isInfinite(skin)) {
                return skin;
            }
            return DryingLaw.of(paste).skins() ? faceHoldsH() : freeH(Rind.HOLDS);
        }

        /** A piece skins on the bench or where it is brought to dry, whichever is sooner. */
        private double faceHoldsH() {
            return DryingLaw.of(paste).skins() ? SkinClock.whereItDriesH(paste, body.freeMm(), room) / skinsFaster : 0;
        }

        double freeH(Rind rind) {
            return DryingLaw.of(paste).hoursTo(rind, body.freePart(), room);
        }

        /** It bends until its free part no longer does, or it is firm before that. */
        double bendsUntilH() {
            return DryingLaw.of(paste).skins() ? Math.min(freeH(Rind.STOPS_BENDING), hoursTo(Stage.FIRM)) : 0;
        }
    }

    private static Optional<Window> window(Clock clock, Spread spread) {
        double from = clock.hoursTo(Stage.PART_DRY);
        double to = clock.bendsUntilH();
        if (Double.isInfinite(from) || Double.isInfinite(to) || from == 0 || to <= from) {
            return Optional.empty();
        }
        double opens = spread.likelyBy(from);
        double closes = spread.likelyUntil(to);
        double best = Math.sqrt(from * to);
        double chance = spread.chanceBy(best, from) - spread.chanceBy(best, to);
        return Optional.of(new Window(from, to, opens <= closes, opens, closes, best, chance));
    }

    /** When a stage is reached, where it is. */
    public Optional<Reached> at(Stage stage) {
        return stages.stream().filter(r -> r.stage() == stage).findFirst();
    }
}
