package org.crispwhorl.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.bench.BenchEvent.Touch;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.work.TaskId;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Three roses of five petals, of which more broke than there were spares. */
public class BrokenTest {
    private static final Instant NINE = Instant.parse("2030-06-10T09:00:00Z");
    private static final OrderSheet SHEET =
            OrderSheet.of(List.of(new OrderSheet.Line("0", Garden.rose(), 3)), Conditions.USUAL);

    private final List<BenchEvent> events = new ArrayList<>();

    @BeforeMethod
    public void nothingTouched() {
        events.clear();
    }

    private static OrderSheet.OrderTask task(OrderSheet sheet, String id) {
        return sheet.tasks().stream()
                .filter(t -> t.task().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void made(String uid, int good, int broke) {
        touch(uid, Touch.BEGUN, 1);
        touch(uid, Touch.GOOD, good);
        touch(uid, Touch.BROKE, broke);
        touch(uid, Touch.DONE, 1);
    }

    private void touch(String uid, Touch touch, int pieces) {
        events.add(new BenchEvent(UUID.randomUUID(), uid, touch, NINE.plusSeconds(60L * events.size()), pieces));
    }

    private OrderSheet madeUp() {
        return Broken.madeUp(SHEET, Underway.of(events));
    }

    @Test
    public void whatBrokeIsMadeAgainBeforeItIsJoined() {
        made("0/make-petals/1-1", 11, 5);
        OrderSheet.OrderTask first = task(madeUp(), "make-petals");
        OrderSheet.OrderTask more = task(madeUp(), "make-petals~more1");
        assertEquals(first.pieces(), 15);
        assertEquals(more.pieces(), 4);
        assertEquals(more.labourMin(), first.labourMin() * 4 / 15, 1e-9);
        assertTrue(more.task().name().endsWith("4 more"), more.task().name());
        for (OrderSheet.OrderTask waits : madeUp().tasks()) {
            List<String> after =
                    waits.task().gates().stream().map(Plan.Gate::afterTask).toList();
            assertEquals(after.contains("make-petals"), after.contains("make-petals~more1"), waits.toString());
        }
        made("0/make-petals~more1/1-1", 3, 1);
        assertEquals(task(madeUp(), "make-petals~more2").pieces(), 1);
        assertEquals(TaskId.of("make-petals~more2"), new TaskId("make-petals", 2));
    }

    @Test
    public void nothingIsMadeAgainWhereItIsEnoughOrNobodyCountedOrItIsJoined() {
        made("0/make-petals/1-1", 15, 3);
        assertSame(madeUp(), SHEET);
        events.clear();
        made("0/make-petals/1-1", 0, 0);
        assertSame(madeUp(), SHEET, "nobody counted");
        events.clear();
        made("0/make-petals/1-2", 5, 3);
        assertSame(madeUp(), SHEET, "half of it is still to be made");
        made("0/make-petals/2-2", 5, 3);
        assertEquals(task(madeUp(), "make-petals~more1").pieces(), 5);
        made("0/join-petals/1-1", 15, 0);
        assertSame(madeUp(), SHEET, "they were enough after all");
    }
}
