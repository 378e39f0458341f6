package org.crispwhorl.server.days;

import io.swagger.v3.oas.annotations.Operation;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The days of all orders at a glance. */
@RestController
public class GlanceController {
    private final Days days;

    private final Clock clock;

    GlanceController(Days days, Clock clock) {
        this.clock = clock;
        this.days = days;
    }

    /**
     * The days of an order as they were last made, in short.
     *
     * @param begins when its work begins; none where there is no plan
     * @param freeDays whole days until then, from today
     * @param eveningMin minutes of its work in evenings
     */
    public record DaysGlance(UUID orderId, Optional<LocalDateTime> begins, long freeDays, double eveningMin) {}

    @GetMapping("/api/days")
    @Operation(operationId = "listDays", summary = "The days of every order that has any, in short")
    List<DaysGlance> all() {
        LocalDate today = LocalDate.now(clock);
        return days.inShort().stream()
                .map(plan -> {
                    Optional<LocalDateTime> begins = Optional.ofNullable(plan.getBegins());
                    return new DaysGlance(
                            plan.getOrderId(),
                            begins,
                            begins.map(b -> Math.max(0, ChronoUnit.DAYS.between(today, b.toLocalDate())))
                                    .orElse(0L),
                            plan.getEveningMin());
                })
                .toList();
    }
}
