package org.crispwhorl.server.price;

import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.price.Agreed;
import org.crispwhorl.core.price.PriceSheet;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.KeptText;
import org.crispwhorl.server.choices.Choice;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.days.Days;
import org.crispwhorl.server.order.Orders;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The prices with which orders were accepted: each is kept as it was told on that day. */
@Service
class AgreedPrices {
    private final AgreedRows rows;
    private final Orders orders;
    private final Days days;
    private final StudioChoices choices;
    private final Prices prices;

    AgreedPrices(AgreedRows rows, Orders orders, Days days, StudioChoices choices, Prices prices) {
        this.rows = rows;
        this.orders = orders;
        this.days = days;
        this.choices = choices;
        this.prices = prices;
    }

    /** What is promised is kept with the promise, or neither is. */
    @EventListener
    @Transactional
    public void keep(Orders.Accepted accepted) {
        Orders.Work work = orders.work(accepted.id());
        PriceSheet price =
                prices.of(work, choices.now(Choice.TARIFF), days.eveningMin(accepted.id()), Progress.UNWATCHED);
        Agreed agreed = new Agreed(accepted.at(), work.order().lines(), price);
        rows.save(new AgreedRow(accepted.id(), KeptText.AGREED.write(agreed)));
    }

    @EventListener
    @Transactional
    public void forget(Orders.Opened opened) {
        rows.deleteById(opened.id());
    }

    /** None of an order that is not accepted, or was when prices were not yet kept. */
    @Transactional(readOnly = true)
    public Optional<Agreed> of(UUID id) {
        return rows.findById(id).flatMap(row -> {
            try {
                return Optional.of(KeptText.AGREED.read(row.agreed()));
            } catch (DocumentFault e) {
                return Optional.empty();
            }
        });
    }
}
