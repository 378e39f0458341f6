package org.crispwhorl.server.days;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Calendars;
import org.crispwhorl.core.calendar.Done;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.files.DocumentFault;
import org.crispwhorl.files.KeptText;
import org.crispwhorl.server.ahead.StudioAir;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.room.StudioRoom;
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

    Days(CalendarRows rows, Orders orders, StudioChoices choices, StudioRoom room, StudioAir air) {
        this.room = room;
        this.air = air;
        this.rows = rows;
        this.orders = orders;
        this.choices = choices;
    }

    /** Makes the calendar of an order anew, outside of any transaction; what it takes the place of is moved as little as can be. */
    Planned made(
            Orders.Work work,
            StudioTime time,
            List<Planned.Pin> pins,
            List<Done> done,
            List<Elsewhere> elsewhere,
            Optional<Planned> before,
            Progress progress) {
        LocalDateTime now = LocalDateTime.now().truncatedTo(ChronoUnit.MINUTES);
        Room set = room.now();
        RoomAhead ahead = choices.ahead();
        OrderSheet sheet = OrderSheet.of(work.lines(), work.conditions(), progress.part(0, SHEET));
        Calendar calendar = Calendars.of(
                sheet,
                work.lines().stream().map(OrderSheet.Line::count).toList(),
                new Calendars.Ahead(
                        air.course(),
                        work.conditions().room(),
                        work.lines().stream()
                                .map(line -> new Assessment(line.species(), work.conditions()).paste())
                                .toList()),
                now,
                work.order().handOver(),
                work.order().marginH(),
                time,
                new Calendars.Standing(
                        pins,
                        done,
                        elsewhere.stream()
                                .map(e -> new Calendars.Elsewhere(e.from(), e.to()))
                                .toList(),
                        before.map(Planned::calendar)),
                ZoneId.systemDefault(),
                progress.part(SHEET, 1));
        return new Planned(now, work.order(), time, Optional.of(set), ahead, pins, calendar);
    }

    /** Share of the work that adding up the order is. */
    private static final double SHEET = 0.1;

    /**
     * Keeps it as the calendar that was last made.
     *
     * @throws org.crispwhorl.server.problem.NotThere where the order was taken out while its calendar was made
     */
    @Transactional
    public void keep(UUID orderId, Planned planned) {
        orders.get(orderId);
        String text = KeptText.PLANNED.write(planned);
        rows.findById(orderId).ifPresentOrElse(row -> row.keep(text), () -> rows.save(new CalendarRow(orderId, text)));
    }

    /** The calendar that was last made; none where there is none, or an older version's that cannot be read. */
    @Transactional(readOnly = true)
    public Optional<Planned> last(UUID orderId) {
        return rows.findById(orderId).map(CalendarRow::planned).flatMap(Days::read);
    }

    /** The calendars of all orders that have one, by the order. */
    @Transactional(readOnly = true)
    public Map<UUID, Planned> all() {
        Map<UUID, Planned> all = new LinkedHashMap<>();
        rows.findAll().forEach(row -> read(row.planned()).ifPresent(planned -> all.put(row.orderId(), planned)));
        return all;
    }

    private static Optional<Planned> read(String text) {
        try {
            return Optional.of(KeptText.PLANNED.read(text));
        } catch (DocumentFault e) {
            return Optional.empty();
        }
    }

    /** Work that is planned for another order. */
    public record Elsewhere(UUID orderId, String order, LocalDateTime from, LocalDateTime to) {}

    /** All that is planned for other orders and not yet over. */
    @Transactional(readOnly = true)
    public List<Elsewhere> elsewhere(UUID orderId) {
        LocalDateTime now = LocalDateTime.now();
        return orders.all().stream()
                .filter(other -> !other.id().equals(orderId))
                .flatMap(other -> last(other.id()).stream()
                        .flatMap(planned -> planned.calendar().stints().stream())
                        .filter(s -> s.to().isAfter(now))
                        .map(s -> new Elsewhere(other.id(), other.order().name(), s.from(), s.to())))
                .toList();
    }

    /** What of it is otherwise by now. */
    List<String> changed(Planned planned, UUID orderId) {
        return planned.changed(orders.get(orderId).order(), choices.time(), room.now(), choices.ahead());
    }
}
