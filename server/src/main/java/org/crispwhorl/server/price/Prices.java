package org.crispwhorl.server.price;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import org.crispwhorl.core.price.PriceSheet;
import org.crispwhorl.core.price.Pricing;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.work.MadeOnce;
import org.springframework.stereotype.Service;

/** What work costs by a tariff, reckoned once for as long as order, studio and tariff are the same, and it is the same hour. */
@Service
class Prices {
    private final MadeOnce made;
    private final Clock clock;

    Prices(MadeOnce made, Clock clock) {
        this.made = made;
        this.clock = clock;
    }

    private record PriceOf(Orders.Work work, Tariff tariff, double eveningMin, LocalDateTime asked) {}

    /**
     * @param eveningMin minutes of it in evenings
     * @throws org.crispwhorl.server.problem.NotComplete where a species cannot be read
     */
    PriceSheet of(Orders.Work all, Tariff tariff, double eveningMin, Progress progress) {
        all.readable();
        LocalDateTime asked = LocalDateTime.now(clock).truncatedTo(ChronoUnit.HOURS);
        return made.of(
                "price",
                new PriceOf(all, tariff, eveningMin, asked),
                progress,
                () -> Pricing.of(
                        all.lines(),
                        all.conditions(),
                        all.drawer(),
                        all.order().tierMm(),
                        tariff,
                        asked,
                        all.order().handOver(),
                        eveningMin,
                        progress));
    }
}
