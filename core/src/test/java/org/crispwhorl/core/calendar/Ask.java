package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;

/** An order for Saturday morning, planned from the Monday before in the usual hours, unless it is asked otherwise. */
final class Ask {
    static final ZoneId PLACE = ZoneId.of("Europe/Berlin");
    static final LocalDateTime MONDAY = LocalDateTime.of(2030, 6, 10, 8, 0);
    static final LocalDateTime SATURDAY = LocalDateTime.of(2030, 6, 15, 10, 0);
    static final double MARGIN_H = 12;

    private final OrderSheet sheet;
    private final Map<String, Paste> pastes;
    private final Room reckoned;
    private RoomAhead ahead = RoomAhead.STEADY;
    private LocalDateTime now = MONDAY;
    private LocalDateTime handOver = SATURDAY;
    private double spareTimeH = MARGIN_H;
    private StudioTime time = StudioTime.USUAL;
    private List<Planned.Pin> pins = List.of();
    private List<Done> done = List.of();
    private List<Calendars.Elsewhere> elsewhere = List.of();
    private Optional<Calendar> before = Optional.empty();
    private Progress progress = Progress.UNWATCHED;

    private Ask(List<OrderSheet.Line> lines, Conditions conditions) {
        sheet = OrderSheet.of(lines, conditions);
        pastes = lines.stream()
                .collect(Collectors.toMap(
                        OrderSheet.Line::id, line -> new Assessment(line.species(), conditions).paste()));
        reckoned = conditions.room();
    }

    /** When it has to be ready: the hand-over less its margin. */
    static LocalDateTime end() {
        return SATURDAY.minusMinutes(Math.round(60 * MARGIN_H));
    }

    static Ask roses(int count, Conditions conditions) {
        return new Ask(List.of(OrderSheet.Line.of(Garden.rose(), count)), conditions);
    }

    static Ask flowers(Species species, int count) {
        return new Ask(List.of(OrderSheet.Line.of(species, count)), Conditions.USUAL);
    }

    static Ask of(int roses, int buds) {
        return new Ask(
                Stream.of(
                                new OrderSheet.Line("roses", Garden.rose(), roses),
                                new OrderSheet.Line("buds", Garden.bud(), buds))
                        .filter(line -> line.count() > 0)
                        .toList(),
                Conditions.USUAL);
    }

    /** Hours of Monday to Friday, but for a market on Wednesday from ten to three. */
    static StudioTime busyOnWednesday() {
        LocalDateTime wednesday = MONDAY.plusDays(2);
        return StudioTime.USUAL.withBusy(
                List.of(new StudioTime.Busy("market", wednesday.withHour(10), wednesday.withHour(15))));
    }

    /** The room does not stay as it is. */
    Ask dryingIn(RoomAhead room) {
        ahead = room;
        return this;
    }

    Ask from(LocalDateTime then) {
        now = then;
        return this;
    }

    Ask until(LocalDateTime then) {
        handOver = then;
        return this;
    }

    Ask in(StudioTime hours) {
        time = hours;
        return this;
    }

    Ask pinned(Planned.Pin... all) {
        pins = List.of(all);
        return this;
    }

    /** At so many hours of margin. */
    Ask leaving(double hours) {
        spareTimeH = hours;
        return this;
    }

    Ask having(List<Done> all) {
        done = all;
        return this;
    }

    Ask beside(List<Calendars.Elsewhere> all) {
        elsewhere = all;
        return this;
    }

    Ask after(Calendar stood) {
        before = Optional.of(stood);
        return this;
    }

    Ask watchedBy(Progress watching) {
        progress = watching;
        return this;
    }

    Ask with(Calendar.Help help) {
        handOver = help.handOver().orElse(handOver);
        spareTimeH = help.spareTimeH().orElse(spareTimeH);
        time = help.time().orElse(time);
        return this;
    }

    /** When this one has to be ready. */
    LocalDateTime ready() {
        return handOver.minusMinutes(Math.round(60 * spareTimeH));
    }

    OrderSheet sheet() {
        return sheet;
    }

    StudioTime time() {
        return time;
    }

    /** What is to be placed, nothing of it done. */
    Frame frame() {
        Axis axis = Axis.from(now, PLACE);
        int last = axis.floor(ready());
        Batches.Airs airs = Frames.airs(asked(), studio(), axis, last);
        List<Batch> batches =
                Batches.of(0, 0, sheet, done, last, time.sittingMin(), airs, new Patience(Progress.UNWATCHED));
        return Frame.of(Remaining.of(batches, Map.of(), axis, 0), List.of(), axis, time);
    }

    /** The same work, but that the pieces of everything that is made lie in such formers. */
    static Frame making(Frame frame, Batch.Lying held) {
        List<Batch> lying = frame.batches().stream()
                .map(b -> b.lyingIn(b.task().doing() == TaskKind.MAKE ? List.of(held) : List.of()))
                .toList();
        Remaining left = new Remaining(lying, Map.of(), frame.left().places(), lying, List.of());
        return Frame.of(left, List.of(), frame.axis(), StudioTime.USUAL);
    }

    Calendars.Asked asked() {
        return new Calendars.Asked(
                sheet, pastes, reckoned, handOver, spareTimeH, new Calendars.Standing(pins, done, before));
    }

    private Calendars.Studio studio() {
        return new Calendars.Studio(new RoomCourse(reckoned, ahead, List.of()), time, elsewhere, now, PLACE);
    }

    Calendar calendar() {
        return Calendars.of(asked(), studio(), progress);
    }

    /** The plan that is shown at once. */
    Calendar quick() {
        return Calendars.quick(asked(), studio(), progress);
    }

    /** What makes it likelier, of what may be changed of the studio's time, the hand-over and the tools. */
    Bettering.WhatBetters better() {
        return Bettering.of(asked(), studio(), List.of(), progress);
    }

    /** This order and others at once, in this one's studio. */
    List<Calendar> togetherWith(Ask... others) {
        return Calendars.together(
                Stream.concat(Stream.of(this), Stream.of(others))
                        .map(Ask::asked)
                        .toList(),
                studio(),
                progress);
    }
}
