package org.crispwhorl.core.calendar;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a maker finds in the morning, of all orders: what is to be done now and next, what dries, and what was promised.
 *
 * @param next what is late first, then what is planned for today and for the next day with work, in order of time
 * @param drying what was done and still waits for something, what is ready first standing first
 * @param promises every order that is to be delivered, by its hand-over
 */
public record Today(List<NextSitting> next, List<StillDrying> drying, List<PromisedOrder> promises) {
    public Today {
        next = List.copyOf(next);
        drying = List.copyOf(drying);
        promises = List.copyOf(promises);
    }

    /**
     * An order that is to be delivered.
     *
     * @param done what of it was done, whenever that was
     * @param inHand what of it was begun and is not done
     */
    public record Going(
            String id,
            String name,
            LocalDateTime handOver,
            Optional<Planned> planned,
            List<Done> done,
            List<String> inHand) {
        public Going {
            done = List.copyOf(done);
            inHand = List.copyOf(inHand);
        }

        private Stream<Calendar.PlacedTask> tasks() {
            return planned.stream().flatMap(p -> p.calendar().tasks().stream());
        }
    }

    /**
     * A sitting that is not over.
     *
     * @param order its id
     * @param begin the first piece of work in it that is not done
     * @param begun whether some of it is done, or in hand
     * @param late whether it should be over by now
     */
    public record NextSitting(String order, String name, InOneGo sitting, String begin, boolean begun, boolean late) {}

    /**
     * What lies and waits.
     *
     * @param order its id
     * @param uid of the work that it came from
     * @param task what was done last, as it is called
     * @param enough when it has waited long enough
     * @param closes when it no longer bends; none where no window closes
     * @param until when it is gone on with by the plan
     */
    public record StillDrying(
            String order,
            String name,
            String uid,
            String task,
            String species,
            LocalDateTime enough,
            Optional<LocalDateTime> closes,
            LocalDateTime until) {}

    /**
     * An order and how likely it is ready in time.
     *
     * @param order its id
     * @param begins when its work begins; none where it is not planned, or all of it is done
     * @param begun whether some of its work is done, or in hand
     * @param odds as they were when it was planned; none where it is not
     * @param limit what there is too little of, where there is no plan
     */
    public record PromisedOrder(
            String order,
            String name,
            LocalDateTime handOver,
            boolean planned,
            Optional<LocalDateTime> begins,
            boolean begun,
            Optional<Odds> odds,
            Optional<String> limit) {
        private static PromisedOrder of(Going going) {
            Optional<Calendar> calendar = going.planned().map(Planned::calendar);
            return new PromisedOrder(
                    going.id(),
                    going.name(),
                    going.handOver(),
                    calendar.isPresent(),
                    calendar.flatMap(Calendar::begins),
                    !going.done().isEmpty() || !going.inHand().isEmpty(),
                    calendar.flatMap(Calendar::odds),
                    calendar.flatMap(Calendar::limit));
        }
    }

    /** What is told of so many orders at a moment. */
    public static Today of(List<Going> orders, LocalDateTime now) {
        List<NextSitting> all = orders.stream()
                .flatMap(going -> next(going, now))
                .sorted(Comparator.comparing(n -> n.sitting().from()))
                .toList();
        LocalDate nextDay = all.stream()
                .map(n -> n.sitting().from().toLocalDate())
                .filter(day -> day.isAfter(now.toLocalDate()))
                .findFirst()
                .orElse(now.toLocalDate());
        return new Today(
                all.stream()
                        .filter(n -> !n.sitting().from().toLocalDate().isAfter(nextDay))
                        .toList(),
                orders.stream()
                        .flatMap(going -> drying(going, now))
                        .sorted(Comparator.comparing(StillDrying::enough))
                        .toList(),
                orders.stream()
                        .sorted(Comparator.comparing(Going::handOver))
                        .map(PromisedOrder::of)
                        .toList());
    }

    private static Map<String, LocalDateTime> ends(Going going) {
        Map<String, LocalDateTime> ends = new HashMap<>();
        going.tasks().filter(Calendar.PlacedTask::done).forEach(s -> ends.put(s.uid(), s.to()));
        going.done().forEach(d -> ends.put(d.uid(), d.to()));
        return ends;
    }

    private static Stream<NextSitting> next(Going going, LocalDateTime now) {
        Map<String, LocalDateTime> ends = ends(going);
        return going.planned().map(p -> InOneGo.of(p.calendar())).orElse(List.of()).stream()
                .flatMap(sitting -> sitting.uids().stream()
                        .filter(uid -> !ends.containsKey(uid))
                        .findFirst()
                        .map(first -> new NextSitting(
                                going.id(),
                                going.name(),
                                sitting,
                                first,
                                sitting.uids().stream()
                                        .anyMatch(uid -> ends.containsKey(uid)
                                                || going.inHand().contains(uid)),
                                !sitting.to().isAfter(now)))
                        .stream());
    }

    /** What was done and is not gone on with yet: later than planned where it was done later. */
    private static Stream<StillDrying> drying(Going going, LocalDateTime now) {
        Map<String, LocalDateTime> ends = ends(going);
        return going.tasks()
                .filter(s -> ends.containsKey(s.uid()))
                .flatMap(s -> s.meanwhile().stream().map(wait -> {
                    Duration later = Duration.between(s.to(), ends.get(s.uid()));
                    return new StillDrying(
                            going.id(),
                            going.name(),
                            s.uid(),
                            s.task(),
                            s.species(),
                            wait.enough().plus(later),
                            wait.closes().map(c -> c.plus(later)),
                            wait.until());
                }))
                .filter(d -> d.enough().isAfter(now) || d.until().isAfter(now));
    }
}
