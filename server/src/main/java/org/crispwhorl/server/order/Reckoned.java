package org.crispwhorl.server.order;

import java.util.List;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.server.work.MadeOnce;
import org.springframework.stereotype.Service;

/** What orders take, made once for as long as order, species and studio are the same. */
@Service
public class Reckoned {
    private final MadeOnce made;

    Reckoned(MadeOnce made) {
        this.made = made;
    }

    private record SheetOf(List<OrderSheet.Line> lines, Conditions conditions) {}

    /** What the lines of an order add up to. */
    public OrderSheet sheet(List<OrderSheet.Line> lines, Conditions conditions, Progress progress) {
        return made.of(
                "sheet", new SheetOf(lines, conditions), progress, () -> OrderSheet.of(lines, conditions, progress));
    }

    /** What an order takes. */
    public OrderController.OrderReckoning of(Orders.Work work, Progress progress) {
        return work.reckoned(sheet(work.lines(), work.conditions(), progress));
    }

    /** The same, for a page that waits for it. */
    public OrderController.OrderReckoning of(Orders.Work work) {
        return of(work, Progress.UNWATCHED);
    }

    /**
     * Everything that an order takes, sorted as it leaves the drawer.
     *
     * @throws org.crispwhorl.server.problem.NotComplete where a species cannot be read
     */
    public Materials materials(Orders.Work work, Progress progress) {
        OrderSheet sheet = sheet(work.readable(), work.conditions(), progress.part(0, 0.4));
        return made.of("materials", work, progress, () -> work.materials(sheet, progress.part(0.4, 1)));
    }
}
