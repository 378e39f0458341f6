package org.crispwhorl.server.price;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.price.Agreed;
import org.crispwhorl.core.price.PriceSheet;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.pdf.QuotePdf;
import org.crispwhorl.server.choices.Choice;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.days.Days;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.problem.QuoteLacks;
import org.crispwhorl.server.work.BigWork;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the studio asks, what an order costs by it, and the quote. */
@RestController
public class PriceController {
    private final StudioChoices choices;
    private final Orders orders;
    private final BigWork work;
    private final Jobs jobs;
    private final Days days;

    private final Prices prices;
    private final AgreedPrices agreed;
    private final Clock clock;

    PriceController(
            StudioChoices choices,
            Orders orders,
            BigWork work,
            Jobs jobs,
            Days days,
            Prices prices,
            AgreedPrices agreed,
            Clock clock) {
        this.agreed = agreed;
        this.prices = prices;
        this.clock = clock;
        this.days = days;
        this.choices = choices;
        this.orders = orders;
        this.work = work;
        this.jobs = jobs;
    }

    @PostMapping("/api/orders/{id}/price")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(operationId = "priceOrder", summary = "Begin to reckon what an order costs, as a piece of long work")
    JobView price(@PathVariable UUID id) {
        Orders.Work all = orders.work(id);
        Tariff tariff = choices.now(Choice.TARIFF);
        double eveningMin = days.eveningMin(id);
        return jobs.start(
                "The price of " + all.order().name(), progress -> prices.of(all, tariff, eveningMin, progress));
    }

    /**
     * The price with which an order was accepted.
     *
     * @param agreed none of an order that is not accepted, or was when prices were not yet kept
     * @param holds whether it is still of the flowers that are ordered
     */
    public record AgreedPrice(Optional<Agreed> agreed, boolean holds) {}

    @GetMapping("/api/orders/{id}/agreed")
    @Operation(operationId = "agreedPrice", summary = "The price with which an order was accepted")
    AgreedPrice agreed(@PathVariable UUID id) {
        Optional<Agreed> one = agreed.of(id);
        return new AgreedPrice(
                one, one.filter(a -> a.holds(orders.get(id).order())).isPresent());
    }

    @GetMapping("/api/orders/{id}/quote.pdf")
    @Operation(operationId = "quoteAsPdf", summary = "The quote of an order as PDF, with a drawing of each flower")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/pdf"))
    ResponseEntity<byte[]> quote(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "false") boolean asItIs) {
        Orders.Work all = orders.work(id);
        Tariff tariff = choices.now(Choice.TARIFF);
        PriceSheet price = agreed.of(id)
                .filter(one -> one.holds(all.order()))
                .map(Agreed::price)
                .orElseGet(() -> prices.of(all, tariff, days.eveningMin(id), Progress.UNWATCHED));
        if (!asItIs) {
            checkWhole(price, tariff);
        }
        byte[] pdf = work.inTurn(() ->
                QuotePdf.write(all.order(), all.lines(), all.conditions(), price, tariff, LocalDate.now(clock), paper));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"quote.pdf\"")
                .body(pdf);
    }

    /** A sum that lacks something goes to nobody without a yes. */
    private static void checkWhole(PriceSheet price, Tariff tariff) {
        List<DocumentFault.Fault> lacking = new ArrayList<>();
        price.unpriced()
                .forEach(what -> lacking.add(new DocumentFault.Fault("/unpriced", what, "a price in the drawer")));
        if (tariff.money().isBlank()) {
            lacking.add(new DocumentFault.Fault("/money", "no currency", "one, under what the studio asks"));
        }
        if (!lacking.isEmpty()) {
            throw new QuoteLacks(lacking);
        }
    }
}
