package org.crispwhorl.server.order;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.Stock;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.order.Acceptance;
import org.crispwhorl.core.order.Gathering;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.order.UsingUp;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.files.document.AcceptanceText;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.KeptText;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.problem.NotComplete;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.TwoVersions;
import org.crispwhorl.server.shelf.Shelf;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
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
    private final Clock clock;
    private final Reckoned reckoned;
    private final ApplicationEventPublisher told;

    Orders(
            OrderRows rows,
            Shelf shelf,
            StudioConditions conditions,
            StudioDrawer drawer,
            UseRows uses,
            JsonMapper json,
            Reckoned reckoned,
            ApplicationEventPublisher told,
            Clock clock) {
        this.told = told;
        this.reckoned = reckoned;
        this.clock = clock;
        this.rows = rows;
        this.shelf = shelf;
        this.conditions = conditions;
        this.drawer = drawer;
        this.uses = uses;
        this.json = json;
    }

    @Transactional(readOnly = true)
    public OrderController.OrderView get(UUID id) {
        return view(row(id));
    }

    @Transactional
    public OrderController.OrderView add(Order draft) {
        check(draft);
        OrderRow row = new OrderRow(UUID.randomUUID());
        row.keep(draft);
        return view(rows.saveAndFlush(row));
    }

    /**
     * Keeps a changed order.
     *
     * @throws TwoVersions where another version than {@code version} is kept by now, unless it is this very order: then the
     *     answer had been lost
     */
    @Transactional
    public OrderController.OrderView change(UUID id, long version, Order draft) {
        check(draft);
        OrderRow row = row(id);
        Order kept = row.order();
        if (row.version() != version) {
            if (kept.equals(draft)) {
                return view(row);
            }
            throw new TwoVersions(version, row.version(), json.valueToTree(kept));
        }
        row.keep(draft);
        acceptance(row).ifPresent(a -> row.accept(AcceptanceText.write(a.following(draft, shelf::readable)), a.at()));
        return view(rows.saveAndFlush(row));
    }

    /**
     * Accepts an order: the species of its lines and the conditions of the studio are frozen with it.
     *
     * @throws NotComplete where a species cannot be read
     */
    @Transactional
    public OrderController.OrderView accept(UUID id) {
        OrderRow row = held(id);
        Acceptance now = new Acceptance(clock.instant().truncatedTo(ChronoUnit.SECONDS), Map.of(), conditions.now())
                .following(row.order(), shelf::readable);
        List<String> unreadable = row.order().lines().stream()
                .map(Order.OrderLine::speciesId)
                .filter(one -> !now.species().containsKey(one))
                .map(shelf::name)
                .toList();
        if (!unreadable.isEmpty()) {
            throw new NotComplete(unreadable);
        }
        row.accept(AcceptanceText.write(now), now.at());
        OrderController.OrderView kept = view(rows.saveAndFlush(row));
        told.publishEvent(new Accepted(id, now.at()));
        return kept;
    }

    /** An order is accepted now. */
    public record Accepted(UUID id, Instant at) {}

    /** An order follows the shelf and the studio again. */
    public record Opened(UUID id) {}

    /** Opens an accepted order again: it follows the shelf and the studio. */
    @Transactional
    public OrderController.OrderView open(UUID id) {
        OrderRow row = held(id);
        row.open();
        told.publishEvent(new Opened(id));
        return view(rows.saveAndFlush(row));
    }

    /**
     * Holds an order until the transaction is over: whoever else would hold it waits.
     *
     * @throws NotThere where there is no such order
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(UUID id) {
        held(id);
    }

    /**
     * The order has left the studio.
     *
     * @param at when it did
     */
    @Transactional
    public OrderController.OrderView deliver(UUID id, Instant at) {
        OrderRow row = held(id);
        row.deliver(at);
        return view(rows.saveAndFlush(row));
    }

    /** The order is here after all. */
    @Transactional
    public OrderController.OrderView takeBack(UUID id) {
        OrderRow row = held(id);
        row.deliver(null);
        return view(rows.saveAndFlush(row));
    }

    /** Takes the change of a species into an accepted order. */
    @Transactional
    public OrderController.OrderView takeIn(UUID id, UUID speciesId) {
        OrderRow row = held(id);
        Acceptance accepted = acceptance(row).orElseThrow(() -> new NotThere("acceptance of order", id));
        Species now = shelf.readable(speciesId).orElseThrow(() -> new NotComplete(List.of(shelf.name(speciesId))));
        row.accept(AcceptanceText.write(accepted.takingIn(speciesId, now)), accepted.at());
        return view(rows.saveAndFlush(row));
    }

    /** What an order was accepted with; none while it follows the shelf, and where what is kept cannot be read. */
    static Optional<Acceptance> acceptance(OrderRow row) {
        return row.accepted().flatMap(text -> {
            try {
                return Optional.of(AcceptanceText.read(text));
            } catch (DocumentFault e) {
                return Optional.empty();
            }
        });
    }

    private OrderController.OrderView view(OrderRow row) {
        return new OrderController.OrderView(
                row.id(),
                row.version(),
                row.order(),
                acceptance(row)
                        .map(a -> new OrderController.AcceptedView(a.at(), List.copyOf(a.changed(shelf::readable)))),
                row.delivered());
    }

    /**
     * Everything that is reckoned of an order, taken out of the database at one moment, so that the reckoning itself needs none.
     *
     * @param unreadable species that are left out, since they cannot be read
     */
    public record Work(
            Order order,
            List<OrderSheet.Line> lines,
            List<OrderController.LeftOut> unreadable,
            Conditions conditions,
            Drawer drawer) {
        /**
         * Its lines, where all of them can be read.
         *
         * @throws NotComplete where a species cannot be read
         */
        public List<OrderSheet.Line> readable() {
            if (!unreadable.isEmpty()) {
                throw new NotComplete(
                        unreadable.stream().map(OrderController.LeftOut::name).toList());
            }
            return lines;
        }

        /**
         * The same with other counts, of which none is kept.
         *
         * @param flowers one for each of its lines
         */
        public Work counting(List<Integer> flowers) {
            if (flowers.size() != lines.size() || !unreadable.isEmpty()) {
                throw new InvalidValue(
                        "flowers", flowers.size(), "one count for each of its " + lines.size() + " flowers");
            }
            List<Order.OrderLine> counted = IntStream.range(0, lines.size())
                    .mapToObj(i -> new Order.OrderLine(
                            order.lines().get(i).id(), order.lines().get(i).speciesId(), flowers.get(i)))
                    .toList();
            return new Work(
                    order.withLines(counted),
                    IntStream.range(0, lines.size())
                            .mapToObj(i -> new OrderSheet.Line(
                                    lines.get(i).id(),
                                    lines.get(i).species(),
                                    counted.get(i).flowers()))
                            .toList(),
                    unreadable,
                    conditions,
                    drawer);
        }

        /** What the order takes. */
        OrderController.OrderReckoning reckoned(OrderSheet sheet) {
            return new OrderController.OrderReckoning(sheet, unreadable);
        }

        /** Everything that the order takes, sorted as it leaves the drawer. */
        Materials materials(OrderSheet sheet, Progress progress) {
            return Gathering.of(lines, sheet, conditions, drawer, order.tierMm(), order.venue(), progress);
        }
    }

    /** Those of some orders that are accepted, by their versions: of the same version they are worked with the same. */
    @Transactional(readOnly = true)
    public Map<UUID, Long> frozen(Collection<UUID> ids) {
        return rows.frozen(ids).stream()
                .collect(Collectors.toMap(OrderRows.Frozen::getId, OrderRows.Frozen::getVersion));
    }

    /** What is to be reckoned of an order: frozen where it was accepted, else as the shelf and the studio are now. */
    @Transactional(readOnly = true)
    public Work work(UUID id) {
        return work(row(id), drawer.now());
    }

    private Work work(OrderRow row, Drawer from) {
        Order order = row.order();
        Optional<Acceptance> accepted = acceptance(row);
        List<OrderController.LeftOut> unreadable = new ArrayList<>();
        Map<UUID, Optional<Species>> read = new LinkedHashMap<>();
        List<OrderSheet.Line> lines = new ArrayList<>();
        for (Order.OrderLine line : order.lines()) {
            UUID id = line.speciesId();
            read.computeIfAbsent(
                            id, one -> accepted.map(a -> a.species().get(one)).or(() -> shelf.readable(one)))
                    .ifPresentOrElse(
                            species -> lines.add(new OrderSheet.Line(line.id(), species, line.flowers())),
                            () -> unreadable.add(new OrderController.LeftOut(id, shelf.name(id))));
        }
        return new Work(
                order, lines, unreadable, accepted.map(Acceptance::conditions).orElseGet(conditions::now), from);
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
            UsingUp.of(reckoned.materials(work(row(id), from), Progress.UNWATCHED), from)
                    .forEach((place, taken) -> {
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

    private void check(Order draft) {
        Set<UUID> wanted =
                draft.lines().stream().map(Order.OrderLine::speciesId).collect(Collectors.toSet());
        Set<UUID> missing = shelf.missing(wanted);
        for (int i = 0; i < draft.lines().size(); i++) {
            UUID one = draft.lines().get(i).speciesId();
            if (missing.contains(one)) {
                throw DocumentFault.at("/lines/" + i + "/speciesId", one.toString(), "a species on the shelf");
            }
        }
    }

    private OrderRow row(UUID id) {
        return rows.findById(id)
                .filter(found -> found.deleted().isEmpty())
                .orElseThrow(() -> new NotThere("order", id));
    }

    OrderRow held(UUID id) {
        return rows.held(id).filter(found -> found.deleted().isEmpty()).orElseThrow(() -> new NotThere("order", id));
    }

    /** The names of all orders, by their ids. */
    @Transactional(readOnly = true)
    public Map<UUID, String> names() {
        Map<UUID, String> names = new LinkedHashMap<>();
        rows.named().forEach(one -> names.put(one.getId(), one.getName()));
        return names;
    }

    /**
     * Sees that an order is there, without reading it.
     *
     * @throws NotThere where it is not
     */
    @Transactional(readOnly = true)
    public void there(UUID id) {
        if (!rows.existsByIdAndDeletedIsNull(id)) {
            throw new NotThere("order", id);
        }
    }
}
