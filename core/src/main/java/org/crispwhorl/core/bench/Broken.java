package org.crispwhorl.core.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.work.BatchId;
import org.crispwhorl.core.work.TaskId;

/**
 * More work where more broke than there were spares: what is still to be joined is made again, a batch of its own that whatever waits
 * for the first waits for, too.
 */
public final class Broken {
    /** Of what is made again some may break once more; so often it is looked. */
    private static final int TIMES = 3;

    private Broken() {}

    /**
     * What an order takes with what broke made up for.
     *
     * @param works how far each of its works is
     */
    public static OrderSheet madeUp(OrderSheet sheet, Collection<Underway> works) {
        OrderSheet whole = sheet;
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            OrderSheet.OrderTask last = task;
            for (int time = 1; time <= TIMES; time++) {
                int lack = lack(sheet, last, works);
                if (lack <= 0) {
                    break;
                }
                OrderSheet.OrderTask more =
                        last.again(TaskId.of(task.task().id()).anew(time).text(), lack);
                whole = with(whole, task, more);
                last = more;
            }
        }
        return whole;
    }

    /** Pieces that a task was to make and that are not there: none before all of it is done, or where nobody counted. */
    private static int lack(OrderSheet sheet, OrderSheet.OrderTask task, Collection<Underway> works) {
        List<Underway> own = of(task.line(), task.task().id(), works);
        boolean over =
                !own.isEmpty() && own.stream().filter(w -> w.done().isPresent()).count() >= sittings(own);
        int counted = own.stream().mapToInt(w -> w.good() + w.broke()).sum();
        boolean makes = task.task().doing() == TaskKind.MAKE;
        return makes && over && counted > 0 && !joined(sheet, task, works)
                ? task.pieces() - own.stream().mapToInt(Underway::good).sum()
                : 0;
    }

    /** Whether what its pieces are for is done already. */
    private static boolean joined(OrderSheet sheet, OrderSheet.OrderTask task, Collection<Underway> works) {
        return sheet.tasks().stream()
                .filter(t -> t.line().equals(task.line())
                        && t.task().doing() == TaskKind.JOIN
                        && t.task().partId().equals(task.task().partId()))
                .flatMap(t -> of(t.line(), t.task().id(), works).stream())
                .anyMatch(w -> w.done().isPresent());
    }

    private static List<Underway> of(String line, String task, Collection<Underway> works) {
        String own = BatchId.key(line, task) + "/";
        return works.stream().filter(w -> w.uid().startsWith(own)).toList();
    }

    /** In how many sittings it was planned, by the last of its names. */
    private static int sittings(List<Underway> own) {
        return own.stream()
                .flatMap(work -> BatchId.of(work.uid()).stream())
                .mapToInt(BatchId::of)
                .reduce(Integer.MAX_VALUE, (before, last) -> last);
    }

    private static OrderSheet with(OrderSheet sheet, OrderSheet.OrderTask first, OrderSheet.OrderTask more) {
        List<OrderSheet.OrderTask> tasks = new ArrayList<>();
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            tasks.add(
                    task.line().equals(first.line())
                            ? task.waitingFor(first.task().id(), more.task().id())
                            : task);
            if (task.line().equals(first.line())
                    && task.task().id().equals(first.task().id())) {
                tasks.add(more);
            }
        }
        return sheet.with(tasks);
    }
}
