package org.crispwhorl.server.bench;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.crispwhorl.core.bench.BenchCard;
import org.crispwhorl.core.bench.Broken;
import org.crispwhorl.core.bench.Cards;
import org.crispwhorl.core.bench.Underway;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.order.Reckoned;
import org.crispwhorl.server.work.MadeOnce;
import org.springframework.stereotype.Service;

/** The cards of orders, written once for as long as what they tell of is the same. */
@Service
class BenchCards {
    private final Reckoned reckoned;
    private final MadeOnce made;

    BenchCards(Reckoned reckoned, MadeOnce made) {
        this.reckoned = reckoned;
        this.made = made;
    }

    private record CardsOf(Orders.Work work, OrderSheet sheet) {}

    /**
     * One for each task, also for what is made again since it broke.
     *
     * @param works how far each work of the order is
     */
    List<BenchCard> of(Orders.Work work, List<Underway> works) {
        OrderSheet sheet = Broken.madeUp(reckoned.sheet(work.lines(), work.conditions(), Progress.UNWATCHED), works);
        return made.of(
                "cards",
                new CardsOf(work, sheet),
                Progress.UNWATCHED,
                () -> Cards.of(work.lines(), sheet, work.conditions(), work.drawer()));
    }

    /** What tasks are named by: line of the order and task. */
    Set<String> keys(Orders.Work work, List<Underway> works) {
        return Broken.madeUp(reckoned.sheet(work.lines(), work.conditions(), Progress.UNWATCHED), works)
                .tasks()
                .stream()
                .map(task -> task.line() + "/" + task.task().id())
                .collect(Collectors.toSet());
    }
}
