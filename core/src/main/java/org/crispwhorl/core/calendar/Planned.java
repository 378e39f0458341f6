package org.crispwhorl.core.calendar;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.studio.Kit;

/**
 * A calendar with what it was made for.
 *
 * @param at when it was made
 * @param order as it was then
 * @param time the studio's, then
 * @param room as it was set, then; none where an older version did not keep it
 * @param ahead by what the coming room was known, then
 * @param tools what there was then of what there is only so much of; none where an older version did not keep it
 * @param pins what was set down by hand
 * @param together the names of the orders that were planned at once with it
 * @param published what other calendars may have taken in of it
 * @param promised times in a hundred that the order is ready in time, as the last plan before its work began told it, of the flowers
 *     and the hand-over that it still has; none where nothing was left to do, or an older version told none
 */
@RecordBuilder
public record Planned(
        Instant at,
        Order order,
        StudioTime time,
        Optional<Room> room,
        RoomAhead ahead,
        Optional<PlannedTools> tools,
        List<Pin> pins,
        List<String> together,
        Calendar calendar,
        Published published,
        Optional<Integer> promised) {
    private static final double MIN_PER_H = 60;

    /** A piece of work that the maker has set down where it stands; the rest is placed round it. */
    @Text(label = "pin", means = "Work that stays where the maker set it.")
    public record Pin(
            @Text(label = "work", shortest = 1, longest = 200)
            String uid,

            @Text(label = "from") LocalDateTime from) {
        public Pin {
            Limits.check(Pin.class, uid, from);
        }
    }

    /** What there is only so much of, as the drawer says. */
    public record PlannedTools(List<Kit.FormerStock> formers, Kit.Places places) {
        public PlannedTools {
            formers = List.copyOf(formers);
        }

        /** Those of a kit. */
        public static PlannedTools of(Kit kit) {
            return new PlannedTools(kit.formers(), kit.places());
        }
    }

    public Planned {
        pins = List.copyOf(pins);
        together = List.copyOf(together);
    }

    /**
     * The same, taking the place of another.
     *
     * @param today when it is made
     */
    public Planned after(Planned before, LocalDateTime today) {
        return PlannedBuilder.builder(this)
                .published(Published.after(before, calendar, today))
                .promised(samePromise(before.order) && begun() ? before.promised.or(() -> promised) : promised)
                .build();
    }

    private boolean samePromise(Order other) {
        return order.lines().equals(other.lines()) && handedOverAs(other);
    }

    private boolean begun() {
        return calendar.tasks().stream().anyMatch(Calendar.PlacedTask::done);
    }

    private boolean handedOverAs(Order other) {
        return order.handOver().equals(other.handOver()) && order.spareTimeH() == other.spareTimeH();
    }

    /** When everything has to be ready. */
    public LocalDateTime readyBy() {
        return order.handOver().minusMinutes(Math.round(MIN_PER_H * order.spareTimeH()));
    }

    /** What became otherwise from the plan before, in the maker's words; none where nothing of it moved. */
    public Optional<String> movedFrom(Planned before) {
        Map<String, LocalDateTime> stood = new HashMap<>();
        before.calendar.tasks().forEach(s -> stood.put(s.uid(), s.from()));
        long moved = calendar.tasks().stream()
                .filter(s -> !s.from().equals(stood.get(s.uid())))
                .count();
        if (moved == 0) {
            return Optional.empty();
        }
        List<String> why = before.changed(
                order, time, room.or(() -> before.room).orElse(Room.REFERENCE), ahead, tools.or(() -> before.tools));
        return Optional.of("Planned anew" + (why.isEmpty() ? "" : " for " + String.join(", ", why)) + ": " + moved
                + " of " + calendar.tasks().size() + " pieces of work moved.");
    }

    /** What is otherwise by now, in the maker's words; empty where it still holds. */
    public List<String> changed(
            Order now, StudioTime timeNow, Room roomNow, RoomAhead aheadNow, Optional<PlannedTools> toolsNow) {
        List<String> changed = new ArrayList<>();
        if (!order.lines().equals(now.lines())) {
            changed.add("the flowers");
        }
        if (!handedOverAs(now)) {
            changed.add("the hand-over");
        }
        if (!time.equals(timeNow)) {
            changed.add("the studio's time");
        }
        if (room.filter(was -> !was.equals(roomNow)).isPresent() || !ahead.equals(aheadNow)) {
            changed.add("the room");
        }
        if (tools.isPresent() && toolsNow.isPresent() && !tools.equals(toolsNow)) {
            changed.add("the formers and what else there is only so much of");
        }
        return changed;
    }
}
