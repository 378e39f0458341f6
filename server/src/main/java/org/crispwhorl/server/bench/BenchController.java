package org.crispwhorl.server.bench;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.bench.BenchCard;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.Measured;
import org.crispwhorl.core.bench.Underway;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.work.BatchId;
import org.crispwhorl.files.picture.BenchPicture;
import org.crispwhorl.server.days.Days;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.journal.BenchJournal;
import org.crispwhorl.server.journal.BenchPictures;
import org.crispwhorl.server.order.OrderController;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.problem.Busy;
import org.crispwhorl.server.problem.NotThere;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** An order at the bench. */
@RestController
public class BenchController {
    private static final String ONE = "/api/orders/{id}/bench";
    private static final Logger LOG = LoggerFactory.getLogger(BenchController.class);

    private final Orders orders;
    private final Days days;
    private final BenchJournal journal;
    private final BenchPictures pictures;
    private final BenchCards cards;
    private final Clock clock;
    private final Jobs jobs;

    BenchController(
            Orders orders,
            Days days,
            BenchJournal journal,
            BenchPictures pictures,
            BenchCards cards,
            Jobs jobs,
            Clock clock) {
        this.cards = cards;
        this.clock = clock;
        this.pictures = pictures;
        this.jobs = jobs;
        this.orders = orders;
        this.days = days;
        this.journal = journal;
    }

    /**
     * An order as it is done at the bench.
     *
     * @param lines of which flowers it is
     * @param plannedAt when its days were planned; none where they were not
     * @param tasks as they are planned; none where they are not
     * @param cards one for each task
     * @param events every touch so far
     * @param until what is to be said to hear only of touches that come after them
     * @param delivered whether the order has left
     */
    public record BenchView(
            UUID id,
            String name,
            LocalDateTime handOver,
            List<Order.OrderLine> lines,
            Optional<Instant> plannedAt,
            List<Calendar.PlacedTask> tasks,
            List<BenchCard> cards,
            List<BenchEvent> events,
            long until,
            boolean delivered) {}

    /**
     * What came since.
     *
     * @param refused touches that were sent and are not kept
     * @param events of whichever device, in the order in which they came in
     * @param until what is to be said next time, to hear only what is new
     * @param now what time it is here: how far the clock of a device is apart
     */
    public record Since(List<Refused> refused, List<BenchEvent> events, long until, Instant now) {}

    /** A touch that is not kept, and why. */
    public record Refused(UUID id, String why) {}

    /** What was touched. */
    public record Touches(
            @Text(label = "touches", longest = 500) List<BenchEvent> events) {
        public Touches {
            events = List.copyOf(events);
            Limits.check(Touches.class, events);
        }
    }

    /**
     * A petal as it was measured.
     *
     * @param line the id of a line of the order
     * @param part its id
     */
    public record MeasuredPetal(String line, String part, double lengthMm, double widthMm) {}

    @GetMapping("/api/bench")
    @Operation(operationId = "listBench", summary = "Every order on the bench, and since when")
    List<BenchJournal.OnTheBench> begun() {
        return journal.begun();
    }

    @GetMapping(ONE)
    @Operation(operationId = "getBench", summary = "An order at the bench: its cards, its plan and what was touched")
    BenchView get(@PathVariable UUID id) {
        OrderController.OrderView order = orders.get(id);
        Orders.Work all = orders.work(id);
        Optional<Planned> planned = days.last(id);
        BenchJournal.Since touched = journal.since(id, 0);
        return new BenchView(
                id,
                order.order().name(),
                order.order().handOver(),
                order.order().lines(),
                planned.map(Planned::at),
                planned.map(p -> p.calendar().tasks()).orElse(List.of()),
                cards.of(all, Underway.of(touched.events())),
                touched.events(),
                touched.until(),
                order.delivered().isPresent());
    }

    @GetMapping(ONE + "/events")
    @Operation(operationId = "benchSince", summary = "What was touched at the bench since, and what time it is here")
    Since since(@PathVariable UUID id, @RequestParam(defaultValue = "0") long since) {
        BenchJournal.Since touched = journal.since(id, since);
        return new Since(List.of(), touched.events(), touched.until(), clock.instant());
    }

    @PostMapping(ONE + "/events")
    @Operation(
            operationId = "touchBench",
            summary =
                    "Keep what was touched at the bench; what is kept already is left as it is, and what names nothing "
                            + "that is there is told and not kept")
    Since touch(@PathVariable UUID id, @RequestParam(defaultValue = "0") long since, @RequestBody Touches touches) {
        boolean first = journal.untouched(id);
        List<BenchEvent> refused = List.of();
        if (!touches.events().isEmpty()) {
            Orders.Work all = orders.work(id);
            Set<String> keys = cards.keys(all, journal.works(id));
            refused = journal.keep(id, touches.events(), event -> BatchId.named(event.uid(), keys));
        }
        if (first && !journal.untouched(id) && orders.get(id).accepted().isPresent()) {
            // What a promised order uses up is taken from the drawer when its work begins.
            takeStock(id);
        }
        BenchJournal.Since touched = journal.since(id, since);
        return new Since(
                refused.stream()
                        .map(e -> new Refused(
                                e.id(), "There is no such task in this order any more: it was changed since."))
                        .toList(),
                touched.events(),
                touched.until(),
                clock.instant());
    }

    private void takeStock(UUID id) {
        try {
            jobs.start("What " + orders.get(id).order().name() + " uses up", progress -> orders.useUp(id));
        } catch (Busy e) {
            // Touches are kept in any case; the order's own page can still take it.
            LOG.warn("The stock of an order was not taken: {}", e.getMessage());
        }
    }

    @PostMapping(ONE + "/measured")
    @Operation(operationId = "measureAtBench", summary = "What a measured petal tells")
    Measured measured(@PathVariable UUID id, @RequestBody MeasuredPetal petal) {
        Orders.Work all = orders.work(id);
        OrderSheet.Line line = line(all, petal.line());
        Assessment a = new Assessment(line.species(), all.conditions());
        return a.species()
                .part(petal.part())
                .flatMap(Part::flat)
                .flatMap(p -> Measured.of(p.pieces(), a.paste(), petal.lengthMm(), petal.widthMm()))
                .orElseThrow(() -> new NotThere("petals to measure called", petal.part()));
    }

    /** A picture that is kept, by its id. */
    public record PictureKept(UUID picture) {}

    @PostMapping(
            path = ONE + "/pictures",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    @ResponseStatus(HttpStatus.CREATED)
    @ApiResponse(responseCode = "201")
    @Operation(
            operationId = "keepPicture",
            summary = "Keep a picture that was taken at the bench: encoded anew, with nothing beside its pixels")
    PictureKept keep(@PathVariable UUID id, @RequestBody byte[] picture) {
        return new PictureKept(pictures.keep(id, picture));
    }

    @GetMapping(ONE + "/pictures/{picture}.jpg")
    @Operation(operationId = "seePicture", summary = "A picture that was taken at the bench")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "image/jpeg"))
    ResponseEntity<byte[]> taken(@PathVariable UUID id, @PathVariable UUID picture) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(pictures.get(id, picture));
    }

    @GetMapping(ONE + "/picture.svg")
    @Operation(
            operationId = "seeAtBench",
            summary = "The flower from above with one ring brought out, in order of setting")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "image/svg+xml"))
    ResponseEntity<String> picture(@PathVariable UUID id, @RequestParam String line, @RequestParam String part) {
        Orders.Work all = orders.work(id);
        Assessment a = new Assessment(line(all, line).species(), all.conditions());
        return ResponseEntity.ok()
                .contentType(new MediaType("image", "svg+xml"))
                .body(BenchPicture.svg(a, part));
    }

    private static OrderSheet.Line line(Orders.Work all, String id) {
        return all.lines().stream()
                .filter(line -> line.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotThere("line of the order", id));
    }
}
