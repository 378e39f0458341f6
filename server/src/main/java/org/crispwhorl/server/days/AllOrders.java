package org.crispwhorl.server.days;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.crispwhorl.core.bench.Underway;
import org.crispwhorl.core.book.Promises;
import org.crispwhorl.core.calendar.Done;
import org.crispwhorl.core.calendar.Today;
import org.crispwhorl.server.journal.BenchJournal;
import org.crispwhorl.server.order.OrderController;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the kept days of all orders say together. */
@Service
public class AllOrders {
    private final Days days;
    private final BenchJournal journal;
    private final Clock clock;

    AllOrders(Days days, BenchJournal journal, Clock clock) {
        this.days = days;
        this.journal = journal;
        this.clock = clock;
    }

    /** What is to be done now and next of all orders that are to be delivered, what dries, and what was promised. */
    @Transactional(readOnly = true)
    public Today today(List<OrderController.OrderCard> open) {
        return Today.of(
                open.stream().map(this::going).toList(),
                LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES));
    }

    private Today.Going going(OrderController.OrderCard order) {
        List<Underway> works = journal.works(order.id());
        return new Today.Going(
                order.id().toString(),
                order.order().name(),
                order.order().handOver(),
                days.last(order.id()),
                over(works),
                works.stream()
                        .filter(w -> w.begun().isPresent() && w.done().isEmpty())
                        .map(Underway::uid)
                        .toList());
    }

    private List<Done> over(List<Underway> works) {
        return works.stream().flatMap(w -> w.over(clock.getZone()).stream()).toList();
    }

    /** Of those orders that have left and were planned, what was promised and what came of it. */
    @Transactional(readOnly = true)
    public Promises promises(List<OrderController.OrderCard> left) {
        return Promises.of(left.stream()
                .flatMap(order -> days.last(order.id()).stream()
                        .map(planned -> new Promises.Gone(
                                order.order().name(),
                                planned,
                                over(journal.works(order.id())),
                                LocalDateTime.ofInstant(order.delivered().orElseThrow(), clock.getZone()))))
                .toList());
    }
}
