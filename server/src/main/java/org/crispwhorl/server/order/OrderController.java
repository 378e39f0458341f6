package org.crispwhorl.server.order;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.drawer.Stock;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.order.MediumFit;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.order.Venue;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.problem.Versioned;
import org.crispwhorl.server.work.BigWork;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Orders, what they take, and their cut list. */
@RestController
@RequestMapping("/api/orders")
public class OrderController {
    private final Orders orders;
    private final OrderList list;
    private final DeletedOrders deleted;

    private final BigWork work;

    private final Jobs jobs;

    private final Clock clock;
    private final Reckoned reckoned;

    OrderController(
            Orders orders,
            OrderList list,
            DeletedOrders deleted,
            BigWork work,
            Jobs jobs,
            Reckoned reckoned,
            Clock clock) {
        this.list = list;
        this.deleted = deleted;
        this.reckoned = reckoned;
        this.clock = clock;
        this.orders = orders;
        this.work = work;
        this.jobs = jobs;
    }

    /**
     * An order as it is kept.
     *
     * @param accepted what it was accepted with; none while it follows the shelf
     * @param delivered when it left the studio; none while it is here
     */
    public record OrderView(
            UUID id,
            long version,
            @Text(label = "order") Order order,
            Optional<AcceptedView> accepted,
            Optional<Instant> delivered) {
        public OrderView {
            Limits.check(OrderView.class, id, version, order, accepted, delivered);
        }
    }

    /**
     * An order as a list shows it.
     *
     * @param accepted when it was accepted; none while it follows the shelf
     * @param delivered when it left the studio; none while it is here
     */
    public record OrderCard(
            UUID id, long version, Order order, Optional<Instant> accepted, Optional<Instant> delivered) {}

    /**
     * What an order was accepted with.
     *
     * @param changed species that are otherwise on the shelf by now
     */
    public record AcceptedView(Instant at, List<UUID> changed) {}

    /** A species of an order that cannot be read, so that nothing is reckoned of it. */
    public record LeftOut(UUID speciesId, String name) {}

    /**
     * What an order takes.
     *
     * @param leftOut species that are left out of it
     */
    public record OrderReckoning(OrderSheet sheet, List<LeftOut> leftOut) {}

    @GetMapping
    @Operation(operationId = "listOrders", summary = "All orders, by hand-over")
    List<OrderCard> list() {
        return list.all();
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getOrder", summary = "One order; its version is the ETag")
    ResponseEntity<OrderView> get(@PathVariable UUID id) {
        return answer(orders.get(id));
    }

    @PostMapping
    @Operation(operationId = "addOrder", summary = "Keep a new order")
    @ApiResponse(responseCode = "201")
    ResponseEntity<OrderView> add(@RequestBody Order draft) {
        OrderView kept = orders.add(draft);
        return ResponseEntity.created(URI.create("/api/orders/" + kept.id())).body(kept);
    }

    @PutMapping("/{id}")
    @Operation(operationId = "keepOrder", summary = "Keep a changed order; If-Match is the version it was made from")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<OrderView> change(
            @PathVariable UUID id, @RequestHeader(HttpHeaders.IF_MATCH) String version, @RequestBody Order changed) {
        return answer(orders.change(id, Versioned.of(version), changed));
    }

    private static ResponseEntity<OrderView> answer(OrderView view) {
        return new Versioned<>(view, view.version()).answer();
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deleteOrder", summary = "Delete an order; for 30 days it can be had back")
    void delete(@PathVariable UUID id) {
        deleted.delete(id);
    }

    @GetMapping("/deleted")
    @Operation(operationId = "listDeletedOrders", summary = "Deleted orders that can be had back, the latest first")
    List<DeletedOrders.DeletedOrder> deleted() {
        return deleted.all();
    }

    @PutMapping("/deleted/{id}/back")
    @Operation(operationId = "haveOrderBack", summary = "Have a deleted order back as it was")
    OrderView haveBack(@PathVariable UUID id) {
        return deleted.haveBack(id);
    }

    @PutMapping("/{id}/acceptance")
    @Operation(
            operationId = "acceptOrder",
            summary = "Accept an order: its species and the studio's conditions are frozen with it")
    OrderView accept(@PathVariable UUID id) {
        return orders.accept(id);
    }

    @DeleteMapping("/{id}/acceptance")
    @Operation(operationId = "openOrder", summary = "Open an accepted order again: it follows the shelf and the studio")
    OrderView open(@PathVariable UUID id) {
        return orders.open(id);
    }

    @PutMapping("/{id}/delivery")
    @Operation(operationId = "deliverOrder", summary = "An order has left the studio")
    OrderView deliver(@PathVariable UUID id) {
        return orders.deliver(id, clock.instant().truncatedTo(ChronoUnit.SECONDS));
    }

    @DeleteMapping("/{id}/delivery")
    @Operation(operationId = "takeBackOrder", summary = "An order is here after all")
    OrderView takeBack(@PathVariable UUID id) {
        return orders.takeBack(id);
    }

    @PutMapping("/{id}/acceptance/{speciesId}")
    @Operation(operationId = "takeChangeIn", summary = "Take the change of a species into an accepted order")
    OrderView takeIn(@PathVariable UUID id, @PathVariable UUID speciesId) {
        return orders.takeIn(id, speciesId);
    }

    @PostMapping("/{id}/reckoning")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(operationId = "beginReckoning", summary = "Begin to reckon what an order takes, as a piece of long work")
    JobView begin(@PathVariable UUID id) {
        Orders.Work work = orders.work(id);
        return jobs.start("What " + work.order().name() + " takes", progress -> reckoned.of(work, progress));
    }

    @GetMapping("/{id}/reckoning")
    @Operation(operationId = "reckonOrder", summary = "What an order takes")
    OrderReckoning reckon(@PathVariable UUID id) {
        return reckoned.of(orders.work(id));
    }

    @PostMapping("/{id}/media")
    @Operation(operationId = "fitMedia", summary = "Which media can make an order by its date, and stand where it goes")
    List<MediumFit> media(@PathVariable UUID id, @RequestBody Venue venue) {
        Orders.Work all = orders.work(id);
        double thereH = Duration.between(LocalDateTime.now(clock), all.order().handOver())
                                .toMinutes()
                        / MIN_PER_H
                - all.order().spareTimeH();
        return work.inTurn(() -> MediumFit.of(all.readable(), all.conditions(), thereH, venue));
    }

    private static final double MIN_PER_H = 60;

    /** What was taken from one thing of the drawer. */
    public record TakenView(String name, Stock.Taken taken) {}

    @GetMapping("/{id}/use")
    @Operation(operationId = "seeUse", summary = "What was taken from the drawer for an order")
    List<TakenView> used(@PathVariable UUID id) {
        return orders.used(id);
    }

    @PostMapping("/{id}/use")
    @Operation(operationId = "useUp", summary = "Take from the drawer what an order uses up")
    List<TakenView> use(@PathVariable UUID id) {
        // Made before anything is held, so that whoever waits for the order holds no turn.
        reckoned.materials(orders.work(id), Progress.UNWATCHED);
        return orders.useUp(id);
    }

    @DeleteMapping("/{id}/use")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "putBack", summary = "Put back into the drawer what was taken for an order")
    void putBack(@PathVariable UUID id) {
        orders.putBack(id);
    }
}
