package org.crispwhorl.server.days;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.crispwhorl.core.calendar.Today;
import org.crispwhorl.server.order.OrderController;
import org.crispwhorl.server.order.OrderList;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a maker finds in the morning. */
@RestController
public class TodayController {
    /** The plans of so many orders are read, those that leave first; a studio has no more on its hands at once. */
    private static final int MOST = 60;

    private final AllOrders all;
    private final OrderList orders;

    TodayController(AllOrders all, OrderList orders) {
        this.all = all;
        this.orders = orders;
    }

    @GetMapping("/api/today")
    @Operation(
            operationId = "getToday",
            summary = "What is to be done now and next across all orders, what dries, and what was promised")
    Today today() {
        List<OrderController.OrderCard> open = orders.all().stream()
                .filter(order -> order.delivered().isEmpty())
                .limit(MOST)
                .toList();
        return all.today(open);
    }
}
