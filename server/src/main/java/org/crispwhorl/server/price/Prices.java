package org.crispwhorl.server.price;

import java.time.LocalDateTime;
import org.crispwhorl.core.price.PriceSheet;
import org.crispwhorl.core.price.Pricing;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.server.order.Orders;

/** What work costs by a tariff. */
final class Prices {
    private Prices() {}

    /**
     * @param eveningMin minutes of it in evenings
     * @throws org.crispwhorl.server.order.NotComplete where a species cannot be read
     */
    static PriceSheet of(Orders.Work all, Tariff tariff, double eveningMin, Progress progress) {
        return Pricing.of(
                all.readable(),
                all.conditions(),
                all.drawer(),
                all.order().tierMm(),
                tariff,
                LocalDateTime.now(),
                all.order().handOver(),
                eveningMin,
                progress);
    }
}
