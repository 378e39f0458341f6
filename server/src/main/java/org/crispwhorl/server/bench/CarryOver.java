package org.crispwhorl.server.bench;

import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.CarriedOver;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.server.journal.BenchJournal;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.studio.Archive;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Carries touches of an older version over to the tasks that took the place of those that they name, once for each order. */
@Component
class CarryOver {
    private static final Logger LOG = LoggerFactory.getLogger(CarryOver.class);

    private final JdbcTemplate database;
    private final Orders orders;
    private final BenchJournal journal;

    CarryOver(JdbcTemplate database, Orders orders, BenchJournal journal) {
        this.database = database;
        this.orders = orders;
        this.journal = journal;
    }

    /** What an older archive held is looked through, too; what is carried over already is not so again. */
    @EventListener(Archive.Restored.class)
    void restored() {
        database.update("merge into touches_to_carry_over (order_id) "
                + "select distinct order_id from bench_event where work like '%/make-%'");
        carryOver();
    }

    @EventListener(ApplicationReadyEvent.class)
    void carryOver() {
        for (UUID order : database.queryForList("select order_id from touches_to_carry_over", UUID.class)) {
            try {
                carryOver(order);
                database.update("delete from touches_to_carry_over where order_id = ?", order);
            } catch (RuntimeException e) {
                // One that cannot be read keeps its touches for a version that can.
                LOG.warn("The touches of {} were not carried over: {}", order, e.getMessage());
            }
        }
    }

    private void carryOver(UUID order) {
        Orders.Work work = orders.work(order);
        List<BenchEvent> events = journal.of(order);
        for (OrderSheet.Line line : work.lines()) {
            if (line.species().heads().isPresent()) {
                Assessment a = new Assessment(line.species(), work.conditions());
                journal.lay(order, CarriedOver.of(events, line.id(), Planning.formerly(a)));
            }
        }
    }
}
