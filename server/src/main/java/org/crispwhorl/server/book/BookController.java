package org.crispwhorl.server.book;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.book.Book;
import org.crispwhorl.core.book.Promises;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.studio.Watched;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.days.AllOrders;
import org.crispwhorl.server.order.OrderController;
import org.crispwhorl.server.order.OrderList;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The book as it is read, and the lessons that are taken from it. */
@RestController
public class BookController {
    /** What was promised of the orders that left last is told: so many. */
    private static final int PROMISES = 60;

    private final StudioBook book;
    private final StudioConditions studio;
    private final OrderList orders;
    private final AllOrders all;

    BookController(StudioBook book, StudioConditions studio, OrderList orders, AllOrders all) {
        this.book = book;
        this.studio = studio;
        this.orders = orders;
        this.all = all;
    }

    /**
     * The book.
     *
     * @param watched drying that the studio goes by
     * @param pace that the studio goes by
     * @param breakageTaken whether it goes by the book's count of what broke
     * @param promises of the orders that have left
     */
    public record BookView(Book book, List<Watched> watched, Pace pace, boolean breakageTaken, Promises promises) {}

    /** What a lesson is of. */
    public enum LessonOf {
        @Text(label = "drying")
        DRYING,
        @Text(label = "pace")
        PACE,
        @Text(label = "breakage")
        BREAKAGE,
        @Text(label = "the roller")
        ROLLER
    }

    /**
     * A lesson.
     *
     * @param medium whose drying
     * @param clock which of its clocks
     * @param operation whose pace
     * @param taken whether the studio goes by it; otherwise it is forgotten
     */
    public record LessonChoice(
            LessonOf of,
            Optional<Medium> medium,
            Optional<Watched.DryingClock> clock,
            Optional<org.crispwhorl.core.work.Operation> operation,
            boolean taken) {
        public LessonChoice {
            Limits.check(LessonChoice.class, of, medium, clock, operation, taken);
            if (of == LessonOf.DRYING && (medium.isEmpty() || clock.isEmpty())) {
                throw new InvalidValue("medium", "none", "a medium, and which of its clocks");
            }
            if (of == LessonOf.PACE && operation.isEmpty()) {
                throw new InvalidValue("operation", "none", "an operation");
            }
        }
    }

    /**
     * A record of the book.
     *
     * @param out whether it is left out
     */
    public record RecordChoice(
            @Text(label = "record", shortest = 1, longest = 300)
            String id,

            boolean out) {
        public RecordChoice {
            Limits.check(RecordChoice.class, id, out);
        }
    }

    @GetMapping("/api/book")
    @Operation(operationId = "getBook", summary = "What happened at the bench, and what it teaches")
    BookView get() {
        return new BookView(
                book.now(), studio.kit().watched(), studio.pace(), book.breakageTaken(), all.promises(gone()));
    }

    private List<OrderController.OrderCard> gone() {
        return orders.all().stream()
                .filter(order -> order.delivered().isPresent())
                .sorted(Comparator.comparing(OrderController.OrderCard::order, Comparator.comparing(Order::handOver))
                        .reversed())
                .limit(PROMISES)
                .toList();
    }

    @PostMapping("/api/book/lessons")
    @Operation(operationId = "chooseLesson", summary = "Go by a lesson of the book from now on, or forget it")
    BookView lesson(@RequestBody LessonChoice chosen) {
        switch (chosen.of()) {
            case DRYING -> drying(chosen);
            case PACE -> pace(chosen);
            case BREAKAGE -> either(chosen, book::takeBreakage, book::forgetBreakage);
            case ROLLER -> either(chosen, book::takeRoller, book::forgetRoller);
        }
        return get();
    }

    private void drying(LessonChoice chosen) {
        Medium medium = chosen.medium().orElseThrow();
        Watched.DryingClock clock = chosen.clock().orElseThrow();
        either(chosen, () -> book.takeDrying(medium, clock), () -> book.forgetDrying(medium, clock));
    }

    private void pace(LessonChoice chosen) {
        var operation = chosen.operation().orElseThrow();
        either(chosen, () -> book.takePace(operation), () -> book.forgetPace(operation));
    }

    private static void either(LessonChoice chosen, Runnable take, Runnable forget) {
        if (chosen.taken()) {
            take.run();
        } else {
            forget.run();
        }
    }

    @PostMapping("/api/book/records")
    @Operation(operationId = "leaveOutRecord", summary = "Leave a record of the book out, or take it back in")
    BookView leaveOut(@RequestBody RecordChoice chosen) {
        if (book.now().entries().stream().noneMatch(e -> e.id().equals(chosen.id()))) {
            throw new NotThere("record", chosen.id());
        }
        book.leaveOut(chosen.id(), chosen.out());
        return get();
    }
}
