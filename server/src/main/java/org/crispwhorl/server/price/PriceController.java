package org.crispwhorl.server.price;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.files.Paper;
import org.crispwhorl.files.QuotePdf;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.days.Days;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.problem.Versioned;
import org.crispwhorl.server.work.BigWork;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
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

    PriceController(StudioChoices choices, Orders orders, BigWork work, Jobs jobs, Days days) {
        this.days = days;
        this.choices = choices;
        this.orders = orders;
        this.work = work;
        this.jobs = jobs;
    }

    @GetMapping("/api/tariff")
    @Operation(operationId = "getTariff", summary = "What the studio asks for its work; its version is the ETag")
    ResponseEntity<Tariff> get() {
        return choices.keptTariff().answer();
    }

    @PutMapping("/api/tariff")
    @Operation(
            operationId = "setTariff",
            summary =
                    "Choose what the studio asks; If-Match is the version it was made from, if two windows may change it")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<Tariff> set(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> version,
            @RequestBody Tariff chosen) {
        return choices.choose(chosen, version.map(Versioned::of)).answer();
    }

    @PostMapping("/api/orders/{id}/price")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(operationId = "priceOrder", summary = "Begin to reckon what an order costs, as a piece of long work")
    JobView price(@PathVariable UUID id) {
        Orders.Work all = orders.work(id);
        Tariff tariff = choices.keptTariff().value();
        double eveningMin = eveningMin(id);
        return jobs.start(
                "The price of " + all.order().name(), progress -> Prices.of(all, tariff, eveningMin, progress));
    }

    @GetMapping("/api/orders/{id}/quote.pdf")
    @Operation(operationId = "quoteAsPdf", summary = "The quote of an order as PDF, with a drawing of each flower")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/pdf"))
    ResponseEntity<byte[]> quote(@PathVariable UUID id, @RequestParam(defaultValue = "A4") Paper paper) {
        Orders.Work all = orders.work(id);
        Tariff tariff = choices.keptTariff().value();
        double eveningMin = eveningMin(id);
        byte[] pdf = work.inTurn(() -> QuotePdf.write(
                all.order(),
                all.lines(),
                all.conditions(),
                Prices.of(all, tariff, eveningMin, Progress.UNWATCHED),
                tariff,
                LocalDate.now(),
                paper));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"quote.pdf\"")
                .body(pdf);
    }

    /** Of the days as they were last made; none where they were not. */
    private double eveningMin(UUID id) {
        return days.last(id).map(planned -> planned.calendar().eveningMin()).orElse(0.0);
    }
}
