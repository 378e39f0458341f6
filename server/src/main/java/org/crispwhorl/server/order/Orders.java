package org.crispwhorl.server.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.Stock;
import org.crispwhorl.core.order.BackwardPlan;
import org.crispwhorl.core.order.Gathering;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.order.UsingUp;
import org.crispwhorl.core.order.WorkingDays;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.files.DocumentFault;
import org.crispwhorl.files.KeptText;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.problem.NotComplete;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.TwoVersions;
import org.crispwhorl.server.shelf.Shelf;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The orders that the studio keeps, and what they take. */
@Service
public class Orders {
    private final OrderRows rows;
    private final Shelf shelf;
    private final StudioConditions conditions;
    private final StudioDrawer drawer;
    private final UseRows uses;
    private final JsonMapper json;

    Orders(
            OrderRows rows,
            Shelf shelf,
            StudioConditions conditions,
            StudioDrawer drawer,
            UseRows uses,
            JsonMapper json) {
        this.rows = rows;
        this.shelf = shelf;
        this.conditions = conditions;
        this.drawer = drawer;
        this.uses = uses;
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
     * @throws TwoVersions where another version than {@code version} is kept by now, unless it is this very order: then the
     *     answer had been lost
     */
    @Transactional
    public OrderController.OrderView change(UUID id, long version, OrderController.OrderDraft draft) {
        check(draft);
        OrderRow row = row(id);
        OrderController.OrderView kept = row.view();
        if (kept.version() != version) {
            if (kept.order().equals(draft)) {
                return kept;
            }
            throw new TwoVersions(version, kept.version(), json.valueToTree(kept.order()));
        }
        row.keep(draft);
        return rows.saveAndFlush(row).view();
    }

    @Transactional
    public void remove(UUID id) {
        rows.delete(held(id));
    }

    /** What an order takes, in the room as it is now. */
    @Transactional(readOnly = true)
    public OrderController.OrderReckoning reckon(UUID id) {
        OrderController.OrderDraft order = row(id).view().order();
        List<OrderController.LeftOut> unreadable = new ArrayList<>();
        OrderSheet sheet = OrderSheet.of(lines(order, unreadable), conditions.now());
        return new OrderController.OrderReckoning(
                sheet, BackwardPlan.of(sheet, order.handOver(), order.marginH(), WorkingDays.USUAL), unreadable);
    }

    /** Everything that an order takes, sorted as it leaves the drawer. */
    @Transactional(readOnly = true)
    public Materials materials(UUID id) {
        return materials(row(id).view().order(), drawer.now());
    }

    private Materials materials(OrderController.OrderDraft order, Drawer from) {
        List<OrderController.LeftOut> unreadable = new ArrayList<>();
        List<OrderSheet.Line> lines = lines(order, unreadable);
        if (!unreadable.isEmpty()) {
            throw new NotComplete(
                    unreadable.stream().map(OrderController.LeftOut::name).toList());
        }
        Conditions now = conditions.now();
        return Gathering.of(lines, OrderSheet.of(lines, now), now, from, order.tierMm());
    }

    /**
     * Takes from the drawer what an order uses up; an order that was taken from it already is left as it is.
     *
     * @return what was taken, thing by thing
     */
    @Transactional
    public List<OrderController.TakenView> useUp(UUID id) {
        held(id);
        if (uses.findAllByOrderId(id).isEmpty()) {
            List<StudioDrawer.KeptItem> kept = drawer.all();
            Drawer from =
                    new Drawer(kept.stream().map(StudioDrawer.KeptItem::item).toList());
            Map<UUID, UnaryOperator<DrawerItem>> changes = new LinkedHashMap<>();
            UsingUp.of(materials(row(id).view().order(), from), from).forEach((place, taken) -> {
                UUID item = kept.get(place).id();
                changes.put(item, now -> Stock.less(now, taken));
                uses.save(new UseRow(id, item, KeptText.TAKEN.write(taken)));
            });
            drawer.change(changes);
        }
        return used(id);
    }

    /** What was taken from the drawer for an order; nothing before it was used up. */
    @Transactional(readOnly = true)
    public List<OrderController.TakenView> used(UUID id) {
        Map<UUID, String> names = new LinkedHashMap<>();
        drawer.all().forEach(k -> names.put(k.id(), k.item().name()));
        return uses.findAllByOrderId(id).stream()
                .map(u -> new OrderController.TakenView(names.getOrDefault(u.itemId(), "no longer there"), taken(u)))
                .toList();
    }

    /** Puts back what was taken for an order. */
    @Transactional
    public void putBack(UUID id) {
        held(id);
        Map<UUID, UnaryOperator<DrawerItem>> changes = new LinkedHashMap<>();
        for (UseRow use : uses.findAllByOrderId(id)) {
            changes.put(use.itemId(), now -> Stock.back(now, taken(use)));
            uses.delete(use);
        }
        drawer.change(changes);
    }

    private Stock.Taken taken(UseRow use) {
        return KeptText.TAKEN.read(use.taken());
    }

    /** The lines whose species can be read; the others are told. */
    private List<OrderSheet.Line> lines(OrderController.OrderDraft order, List<OrderController.LeftOut> unreadable) {
        Map<UUID, Optional<Species>> read = new LinkedHashMap<>();
        List<OrderSheet.Line> lines = new ArrayList<>();
        for (OrderController.OrderLine line : order.lines()) {
            UUID id = line.speciesId();
            read.computeIfAbsent(id, shelf::readable)
                    .ifPresentOrElse(
                            species -> lines.add(new OrderSheet.Line(species, line.flowers())),
                            () -> unreadable.add(new OrderController.LeftOut(id, shelf.name(id))));
        }
        return lines;
    }

    private void check(OrderController.OrderDraft draft) {
        Set<UUID> wanted =
                draft.lines().stream().map(OrderController.OrderLine::speciesId).collect(Collectors.toSet());
        Set<UUID> missing = shelf.missing(wanted);
        for (int i = 0; i < draft.lines().size(); i++) {
            UUID one = draft.lines().get(i).speciesId();
            if (missing.contains(one)) {
                throw DocumentFault.at("/lines/" + i + "/speciesId", one.toString(), "a species on the shelf");
            }
        }
    }

    private OrderRow row(UUID id) {
        return rows.findById(id).orElseThrow(() -> new NotThere("order", id));
    }

    private OrderRow held(UUID id) {
        return rows.held(id).orElseThrow(() -> new NotThere("order", id));
    }
}
