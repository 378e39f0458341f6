package org.crispwhorl.server.order;

import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.bench.Kit;
import org.crispwhorl.core.order.BackwardPlan;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.order.WorkingDays;
import org.crispwhorl.core.reckoning.Conditions;
import org.crispwhorl.files.DocumentFault;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.TwoVersions;
import org.crispwhorl.server.room.StudioRoom;
import org.crispwhorl.server.shelf.Shelf;
import org.crispwhorl.server.ways.StudioWays;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The orders that the studio keeps, and what they take. */
@Service
public class Orders {
    private final OrderRows rows;
    private final Shelf shelf;
    private final StudioRoom room;
    private final StudioWays ways;
    private final JsonMapper json;

    Orders(OrderRows rows, Shelf shelf, StudioRoom room, StudioWays ways, JsonMapper json) {
        this.rows = rows;
        this.shelf = shelf;
        this.room = room;
        this.ways = ways;
        this.json = json;
    }

    @Transactional(readOnly = true)
    public List<OrderController.OrderView> all() {
        return rows.findAllByOrderByHandOverAsc().stream().map(OrderRow::view).toList();
    }

    @Transactional(readOnly = true)
    public OrderController.OrderView get(UUID id) {
        return row(id).view();
    }

    @Transactional
    public OrderController.OrderView add(OrderController.OrderDraft draft) {
        check(draft);
        OrderRow row = new OrderRow(UUID.randomUUID());
        row.keep(draft);
        return rows.saveAndFlush(row).view();
    }

    /**
     * Keeps a changed order.
     *
     * @throws TwoVersions where another version than {@code version} is kept by now
     */
    @Transactional
    public OrderController.OrderView change(UUID id, long version, OrderController.OrderDraft draft) {
        check(draft);
        OrderRow row = row(id);
        OrderController.OrderView kept = row.view();
        if (kept.version() != version) {
            throw new TwoVersions(version, kept.version(), json.valueToTree(kept.order()));
        }
        row.keep(draft);
        return rows.saveAndFlush(row).view();
    }

    @Transactional
    public void remove(UUID id) {
        rows.delete(row(id));
    }

    /** What an order takes, in the room as it is now. */
    @Transactional(readOnly = true)
    public OrderController.OrderReckoning reckon(UUID id) {
        OrderController.OrderDraft order = row(id).view().order();
        Conditions conditions = new Conditions(room.now(), Kit.USUAL, ways.now());
        OrderSheet sheet = OrderSheet.of(
                order.lines().stream()
                        .map(l -> new OrderSheet.Line(shelf.get(l.speciesId()).species(), l.flowers()))
                        .toList(),
                conditions);
        return new OrderController.OrderReckoning(
                sheet, BackwardPlan.of(sheet, order.handOver(), order.marginH(), WorkingDays.USUAL));
    }

    private void check(OrderController.OrderDraft draft) {
        List<UUID> there = shelf.all().stream().map(Shelf.Kept::id).toList();
        for (int i = 0; i < draft.lines().size(); i++) {
            UUID wanted = draft.lines().get(i).speciesId();
            if (!there.contains(wanted)) {
                throw DocumentFault.at("/lines/" + i + "/speciesId", wanted.toString(), "a species on the shelf");
            }
        }
    }

    private OrderRow row(UUID id) {
        return rows.findById(id).orElseThrow(() -> new NotThere("order", id));
    }
}
