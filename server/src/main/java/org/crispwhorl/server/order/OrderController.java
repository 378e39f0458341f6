package org.crispwhorl.server.order;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.net.URI;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.drawer.Stock;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.order.BackwardPlan;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.work.BigWork;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Orders, what they take, and their cut list. */
@RestController
@RequestMapping("/api/orders")
public class OrderController {
    private final Orders orders;

    private final BigWork work;

    OrderController(Orders orders, BigWork work) {
        this.work = work;
        this.orders = orders;
    }

    /** How many flowers of a species. */
    public record OrderLine(
            UUID speciesId,

            @Quantity(
                    label = "flowers",
                    unit = Unit.COUNT,
                    min = 1,
                    max = 500,
                    usual = 1,
                    means = "Flowers of this species.")
            int flowers) {
        public OrderLine {
            Limits.check(OrderLine.class, speciesId, flowers);
        }
    }

    /** An order as it is written. */
    public record OrderDraft(
            @Words(label = "name", shortest = 1) String name,

            @Words(label = "note", longest = 2000, lines = true)
            String note,

            @Words(label = "hand-over") LocalDateTime handOver,

            @Quantity(
                    label = "margin",
                    unit = Unit.H,
                    min = 0,
                    max = 240,
                    usual = 12,
                    means = "Hours kept free before the hand-over.")
            double marginH,

            @Quantity(
                    label = "tier",
                    unit = Unit.MM,
                    min = 20,
                    max = 400,
                    step = 5,
                    usual = 100,
                    means = "Height of the lowest tier that stems go into.")
            double tierMm,

            @Words(label = "flowers", longest = 40) List<OrderLine> lines) {
        public OrderDraft {
            Limits.check(OrderDraft.class, name, note, handOver, marginH, tierMm, lines);
        }
    }

    /** An order as it is kept. */
    public record OrderView(
            UUID id, long version, @Words(label = "order") OrderDraft order) {
        public OrderView {
            Limits.check(OrderView.class, id, version, order);
        }
    }

    /** A species of an order that cannot be read, so that nothing is reckoned of it. */
    public record LeftOut(UUID speciesId, String name) {}

    /**
     * What an order takes, and a plain plan of days.
     *
     * @param leftOut species that are left out of both
     */
    public record OrderReckoning(OrderSheet sheet, BackwardPlan plan, List<LeftOut> leftOut) {}

    @GetMapping
    @Operation(operationId = "listOrders", summary = "All orders, by hand-over")
    List<OrderView> list() {
        return orders.all();
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getOrder", summary = "One order")
    OrderView get(@PathVariable UUID id) {
        return orders.get(id);
    }

    @PostMapping
    @Operation(operationId = "addOrder", summary = "Keep a new order")
    @ApiResponse(responseCode = "201")
    ResponseEntity<OrderView> add(@RequestBody OrderDraft draft) {
        OrderView kept = orders.add(draft);
        return ResponseEntity.created(URI.create("/api/orders/" + kept.id())).body(kept);
    }

    @PutMapping("/{id}")
    @Operation(operationId = "keepOrder", summary = "Keep a changed order with the version it was made from")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    OrderView change(@PathVariable UUID id, @RequestBody OrderView changed) {
        return orders.change(id, changed.version(), changed.order());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "removeOrder", summary = "Take an order off the book")
    void remove(@PathVariable UUID id) {
        orders.remove(id);
    }

    @GetMapping("/{id}/reckoning")
    @Operation(operationId = "reckonOrder", summary = "What an order takes, and a plain plan of days")
    OrderReckoning reckon(@PathVariable UUID id) {
        return work.inTurn(() -> orders.reckon(id));
    }

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
        return work.inTurn(() -> orders.useUp(id));
    }

    @DeleteMapping("/{id}/use")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "putBack", summary = "Put back into the drawer what was taken for an order")
    void putBack(@PathVariable UUID id) {
        orders.putBack(id);
    }
}
