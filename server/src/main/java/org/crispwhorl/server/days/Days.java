package org.crispwhorl.server.days;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.bench.Broken;
import org.crispwhorl.core.bench.Underway;
import org.crispwhorl.core.calendar.Bettering;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Calendars;
import org.crispwhorl.core.calendar.Done;
import org.crispwhorl.core.calendar.Odds;
import org.crispwhorl.core.calendar.Overlap;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.calendar.Published;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.work.BatchId;
import org.crispwhorl.core.work.TaskId;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.KeptText;
import org.crispwhorl.server.ahead.StudioAir;
import org.crispwhorl.server.choices.Choice;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.journal.BenchJournal;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.order.Reckoned;
import org.crispwhorl.server.room.StudioRoom;
import org.crispwhorl.server.studio.Archive;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The calendars of the orders as they were last made. */
@Service
public class Days {
    private final CalendarRows rows;
    private final Orders orders;
    private final StudioChoices choices;
    private final StudioRoom room;
    private final StudioAir air;

    private final BenchJournal journal;
    private final StudioConditions conditions;
    private final Reckoned reckoned;
    private final Clock clock;

    Days(
            CalendarRows rows,
            Orders orders,
            StudioChoices choices,
            StudioRoom room,
            StudioAir air,
            BenchJournal journal,
            StudioConditions conditions,
            Reckoned reckoned,
            Clock clock) {
        this.reckoned = reckoned;
        this.clock = clock;
        this.conditions = conditions;
        this.journal = journal;
        this.room = room;
        this.air = air;
        this.rows = rows;
        this.orders = orders;
        this.choices = choices;
    }

    /**
     * An order of which a calendar is made.
     *
     * @param works how far each of its works is
     * @param before the one that it takes the place of: of that as little as can be is moved
     */
    public record Asked(
            UUID id, Orders.Work work, List<Planned.Pin> pins, List<Underway> works, Optional<Planned> before) {
        private List<Done> done(ZoneId zone) {
            return works.stream().flatMap(w -> w.over(zone).stream()).toList();
        }

        /** The same with other pins. */
        Asked pinned(List<Planned.Pin> others) {
            return new Asked(id, work, others, works, before);
        }

        /** The same order with other counts, of which nothing was planned. */
        public Asked counting(List<Integer> flowers) {
            return new Asked(id, work.counting(flowers), List.of(), works, Optional.empty());
        }
    }

    /** An order as it is, with what was pinned of its calendar. */
    @Transactional(readOnly = true)
    public Asked asked(UUID id) {
        Optional<Planned> last = last(id);
        return new Asked(id, orders.work(id), last.map(Planned::pins).orElse(List.of()), journal.works(id), last);
    }

    /** Makes the calendars of orders anew and at once, outside of any transaction: one each, in their order. */
    public List<Planned> made(List<Asked> asked, StudioTime time, List<Elsewhere> elsewhere, Progress progress) {
        return made(asked, studio(time, elsewhere, now()), Calendars::together, progress);
    }

    /** Makes a plain calendar of an order, by the same rules, in a moment. */
    Planned quick(Asked asked, StudioTime time, List<Elsewhere> elsewhere, Progress progress) {
        return quick(asked, studio(time, elsewhere, now()), progress);
    }

    /** The plain calendar of an order as it would have been made at a moment, with nothing else to do. */
    public Planned quickAt(Asked asked, LocalDateTime moment) {
        return quick(asked, studio(choices.now(Choice.TIME), List.of(), moment), Progress.UNWATCHED);
    }

    private Planned quick(Asked asked, Calendars.Studio studio, Progress progress) {
        return made(
                        List.of(asked),
                        studio,
                        (sheets, there, watched) -> List.of(Calendars.quick(sheets.get(0), there, watched)),
                        progress)
                .get(0);
    }

    /** What would make it likelier that an order is ready in time, each tried in a moment. */
    Bettering.WhatBetters better(Asked asked, StudioTime time, List<Elsewhere> elsewhere, Progress progress) {
        Kit today = conditions.kit();
        List<Bettering.Otherwise> fewer = new ArrayList<>();
        List<Order.OrderLine> lines = asked.work().order().lines();
        for (int i = 0; i < lines.size(); i++) {
            int one = i;
            if (lines.get(i).flowers() > 1 && asked.work().unreadable().isEmpty()) {
                List<Integer> counts = IntStream.range(0, lines.size())
                        .mapToObj(k -> lines.get(k).flowers() - (k == one ? 1 : 0))
                        .toList();
                fewer.add(new Bettering.Otherwise(
                        "make one " + asked.work().lines().get(i).species().name() + " fewer",
                        added(asked.counting(counts), today, Progress.UNWATCHED)));
            }
        }
        return Bettering.of(
                added(asked, today, progress.part(0, SHEET)),
                studio(time, elsewhere, now()),
                fewer,
                progress.part(SHEET, 1));
    }

    private Calendars.Studio studio(StudioTime time, List<Elsewhere> elsewhere, LocalDateTime at) {
        return new Calendars.Studio(
                air.course(), time, elsewhere.stream().map(Elsewhere::taken).toList(), at, clock.getZone());
    }

    private LocalDateTime now() {
        return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
    }

    /** How orders that are added up are placed in the studio's time. */
    private interface Placing {
        List<Calendar> of(List<Calendars.Asked> sheets, Calendars.Studio studio, Progress progress);
    }

    private List<Planned> made(List<Asked> asked, Calendars.Studio studio, Placing placing, Progress progress) {
        Room set = room.now();
        RoomAhead ahead = choices.now(Choice.AHEAD);
        Kit today = conditions.kit();
        List<Calendars.Asked> sheets = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            double share = SHEET / asked.size();
            sheets.add(added(asked.get(i), today, progress.part(i * share, (i + 1) * share)));
        }
        List<Calendar> calendars = placing.of(sheets, studio, progress.part(SHEET, 1));
        return IntStream.range(0, asked.size())
                .mapToObj(i -> new Planned(
                        studio.now().atZone(clock.getZone()).toInstant(),
                        asked.get(i).work().order(),
                        studio.time(),
                        Optional.of(set),
                        ahead,
                        Optional.of(Planned.PlannedTools.of(today)),
                        asked.get(i).pins(),
                        IntStream.range(0, asked.size())
                                .filter(k -> k != i)
                                .mapToObj(k -> asked.get(k).work().order().name())
                                .toList(),
                        calendars.get(i),
                        Published.FIRST,
                        calendars.get(i).odds().map(Odds::inHundred)))
                .toList();
    }

    /** An order added up with the formers, hooks and shelves that are here today, whatever there were when it was promised. */
    private Calendars.Asked added(Asked asked, Kit today, Progress progress) {
        Orders.Work work = asked.work();
        Conditions frozen = work.conditions();
        Conditions now =
                frozen.withKit(frozen.kit().withFormers(today.formers()).withPlaces(today.places()));
        return new Calendars.Asked(
                Broken.madeUp(reckoned.sheet(work.lines(), now, progress), asked.works()),
                work.lines().stream()
                        .collect(Collectors.toMap(
                                OrderSheet.Line::id, line -> new Assessment(line.species(), now).paste())),
                now.room(),
                work.order().handOver(),
                work.order().spareTimeH(),
                new Calendars.Standing(
                        asked.pins(),
                        asked.done(clock.getZone()),
                        asked.before().map(Planned::calendar)));
    }

    /** Share of the work that adding up the orders is. */
    private static final double SHEET = 0.1;

    /**
     * Keeps them as the calendars that were last made, all or none.
     *
     * @throws org.crispwhorl.server.problem.NotThere where an order was taken out while they were made
     */
    @Transactional
    public void keep(List<Asked> asked, List<Planned> planned) {
        for (int i = 0; i < asked.size(); i++) {
            UUID id = asked.get(i).id();
            Planned made = planned.get(i);
            keep(
                    id,
                    last(id).map(before -> made.after(before, LocalDateTime.now(clock)))
                            .orElse(made));
            asked.get(i).before().flatMap(planned.get(i)::movedFrom).ifPresent(told -> journal.remark(id, PLAN, told));
        }
    }

    /** The work under which changes of plan are written down. */
    private static final String PLAN = "plan";

    private void keep(UUID orderId, Planned planned) {
        orders.get(orderId);
        String text = KeptText.PLANNED.write(planned);
        CalendarRow row = rows.findById(orderId).orElseGet(() -> new CalendarRow(orderId));
        row.keep(text, planned);
        rows.save(row);
    }

    /** The calendar that was last made; none where there is none, or an older version's that cannot be read. */
    @Transactional(readOnly = true)
    public Optional<Planned> last(UUID orderId) {
        return rows.findById(orderId).map(CalendarRow::planned).flatMap(Days::read);
    }

    /** Minutes of work in evenings, of the days as they were last made; none where they were not. */
    @Transactional(readOnly = true)
    public double eveningMin(UUID orderId) {
        return last(orderId).map(planned -> planned.calendar().eveningMin()).orElse(0.0);
    }

    /** The calendars of all orders that have one, in short. */
    @Transactional(readOnly = true)
    List<CalendarRows.InShort> inShort() {
        return rows.inShort();
    }

    /** What an older version kept, or an older archive holds, is told in short from now on. */
    @EventListener({ApplicationReadyEvent.class, Archive.Restored.class})
    @Transactional
    public void tellInShort() {
        rows.findAllById(rows.notInShort()).forEach(row -> read(row.planned()).ifPresent(row::inShort));
    }

    private static Optional<Planned> read(String text) {
        try {
            return Optional.of(KeptText.PLANNED.read(text));
        } catch (DocumentFault e) {
            return Optional.empty();
        }
    }

    /**
     * Work that is planned for another order.
     *
     * @param maker whose hands, from 1
     * @param takes what there is only so much of and it takes
     */
    public record Elsewhere(
            UUID orderId, String order, LocalDateTime from, LocalDateTime to, int maker, List<Calendar.Takes> takes) {
        private Calendars.Elsewhere taken() {
            return new Calendars.Elsewhere(from, to, maker, takes);
        }

        private boolean overBy(LocalDateTime now) {
            return !to.isAfter(now) && takes.stream().noneMatch(t -> t.until().isAfter(now));
        }
    }

    /** All that is planned for other orders than these, and not yet over, drying in formers and on shelves included. */
    @Transactional(readOnly = true)
    public List<Elsewhere> elsewhere(Collection<UUID> these) {
        LocalDateTime now = LocalDateTime.now(clock);
        Map<UUID, String> names = orders.names();
        return rows.underWay(now).stream()
                .filter(row -> !these.contains(row.orderId()))
                .flatMap(row -> read(row.planned()).stream()
                        .flatMap(planned -> planned.calendar().tasks().stream()
                                .map(s -> new Elsewhere(
                                        row.orderId(),
                                        names.getOrDefault(
                                                row.orderId(), planned.order().name()),
                                        s.from(),
                                        s.to(),
                                        s.maker(),
                                        s.takes())))
                        .filter(e -> !e.overBy(now)))
                .toList();
    }

    /**
     * Plans that want the same hands at once: two that were made apart, or for a second pair of hands that is gone.
     *
     * @param planned the calendar of the order, where there is one
     */
    List<String> overlaps(UUID id, Optional<Planned> planned, List<Elsewhere> elsewhere) {
        LocalDateTime now = LocalDateTime.now(clock);
        List<Overlap.Taken> taken = new ArrayList<>();
        elsewhere.forEach(e -> taken.add(new Overlap.Taken(e.orderId(), e.order(), e.from(), e.to(), e.maker())));
        planned.ifPresent(p -> p.calendar()
                .tasks()
                .forEach(s -> taken.add(new Overlap.Taken(id, p.order().name(), s.from(), s.to(), s.maker()))));
        return Overlap.among(
                        taken.stream().filter(t -> t.to().isAfter(now)).toList(),
                        choices.now(Choice.TIME).makers())
                .stream()
                .map(Overlap::told)
                .toList();
    }

    /** What of it is otherwise by now. */
    List<String> changed(Planned planned, UUID orderId) {
        List<String> changed = planned.changed(
                orders.get(orderId).order(),
                choices.now(Choice.TIME),
                room.now(),
                choices.now(Choice.AHEAD),
                Optional.of(Planned.PlannedTools.of(conditions.kit())));
        if (madeAgain(planned, orderId)) {
            changed.add("pieces that broke, of which more are to be made");
        }
        return changed;
    }

    /** Whether more has to be made again by now than the plan knows of. */
    private boolean madeAgain(Planned planned, UUID orderId) {
        List<Underway> works = journal.works(orderId);
        if (works.stream().allMatch(w -> w.broke() == 0)) {
            return false;
        }
        Orders.Work work = orders.work(orderId);
        OrderSheet sheet = reckoned.sheet(work.lines(), work.conditions(), Progress.UNWATCHED);
        long again = Broken.madeUp(sheet, works).tasks().stream()
                .filter(t -> TaskId.of(t.task().id()).isAnew())
                .count();
        long known = planned.calendar().tasks().stream()
                .flatMap(s -> BatchId.of(s.uid()).stream())
                .map(BatchId::key)
                .filter(key -> TaskId.of(key).isAnew())
                .distinct()
                .count();
        return again > known;
    }
}
