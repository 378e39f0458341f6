package org.crispwhorl.server.price;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Odds;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.server.choices.Choice;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.days.Days;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.order.Orders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What other counts would make of an order, before anything of it is changed. */
@RestController
public class CountsController {
    private static final double MIN_PER_H = 60;

    private final StudioChoices choices;
    private final Days days;
    private final Jobs jobs;

    private final Prices prices;

    CountsController(StudioChoices choices, Days days, Jobs jobs, Prices prices) {
        this.prices = prices;
        this.choices = choices;
        this.days = days;
        this.jobs = jobs;
    }

    /** Counts that are tried. */
    public record OtherCounts(
            @Text(label = "flowers", shortest = 1, longest = 40)
            List<Integer> flowers) {
        public OtherCounts {
            flowers = List.copyOf(flowers);
            Limits.check(OtherCounts.class, flowers);
        }
    }

    /**
     * What some counts make of an order.
     *
     * @param flowers of each of its lines
     * @param hours of working time
     * @param begins when work begins; none where there is no plan
     * @param inHundred times in a hundred that it is ready in time; none where there is no plan, or nothing is left to do
     * @param eveningH hours of it in evenings
     * @param evenings what these cost more
     * @param total what the order then costs in all
     * @param limit why there is no plan, where there is none
     */
    public record Counted(
            List<Integer> flowers,
            double hours,
            Optional<LocalDateTime> begins,
            Optional<Integer> inHundred,
            double eveningH,
            double evenings,
            double total,
            Optional<String> limit) {}

    /** Counts beside each other: those that are kept, and those that are tried. */
    public record CountsBeside(Counted now, Counted then) {}

    @PostMapping("/api/orders/{id}/counts")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(
            operationId = "tryCounts",
            summary =
                    "Begin to reckon what other counts would make of an order: hours, days with their odds, evenings and price; nothing is kept")
    JobView tried(@PathVariable UUID id, @RequestBody OtherCounts wanted) {
        Days.Asked asked = days.asked(id);
        Days.Asked other = asked.counting(wanted.flowers());
        return jobs.start("Other counts of " + asked.work().order().name(), progress -> {
            StudioTime time = choices.now(Choice.TIME);
            Tariff tariff = choices.now(Choice.TARIFF);
            List<Days.Elsewhere> elsewhere = days.elsewhere(List.of(id));
            Planned now = days.made(List.of(asked), time, elsewhere, progress.part(0, 0.5))
                    .get(0);
            Planned tried = days.made(List.of(other), time, elsewhere, progress.part(0.5, 1))
                    .get(0);
            return new CountsBeside(
                    counted(asked.work(), now.calendar(), tariff, progress),
                    counted(other.work(), tried.calendar(), tariff, progress));
        });
    }

    private Counted counted(Orders.Work work, Calendar calendar, Tariff tariff, Progress progress) {
        return new Counted(
                work.lines().stream().map(OrderSheet.Line::count).toList(),
                calendar.labourMin() / MIN_PER_H,
                calendar.begins(),
                calendar.odds().map(Odds::inHundred),
                calendar.eveningMin() / MIN_PER_H,
                tariff.evenings(calendar.eveningMin()),
                prices.of(work, tariff, calendar.eveningMin(), progress).total(),
                calendar.limit());
    }
}
