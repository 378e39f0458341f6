package org.crispwhorl.core.book;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.bench.BenchCard.BenchWait;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.BenchRecord;
import org.crispwhorl.core.bench.Measured;
import org.crispwhorl.core.bench.Underway;
import org.crispwhorl.core.bench.Waits;
import org.crispwhorl.core.drawer.RollerMachine;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.studio.Spares;
import org.crispwhorl.core.studio.Watched;
import org.crispwhorl.core.work.BatchId;
import org.crispwhorl.core.work.TaskId;

/** The book while it is written. */
final class Pages {
    private static final double MS_PER_H = 3.6e6;

    /** A work that took so many times what is reckoned, or so small a share of it, was left lying or touched afterwards. */
    private static final double TIMED_WITHIN = 5;

    /** A count this near to the end of its work was forgotten at the last pieces. */
    private static final double COUNTED_THROUGH = 0.8;

    private final Pace pace;
    private final Collection<String> leftOut;
    private final List<Book.Entry> entries = new ArrayList<>();
    private final Optional<RollerMachine> roller;
    private final List<Book.Remark> remarks = new ArrayList<>();
    private final List<BenchRecord.SheetMeasured> sheets = new ArrayList<>();
    private final Map<Clocked, List<RateLearnt.Seen>> seen = new LinkedHashMap<>();
    private final List<PaceLearnt.Timed> timed = new ArrayList<>();
    private final Map<String, Book.Broke> parts = new LinkedHashMap<>();

    /** One of the clocks of a medium. */
    private record Clocked(Medium medium, Watched.DryingClock clock) {}

    Pages(Pace.Hand hand, Collection<String> leftOut, Optional<RollerMachine> roller) {
        this.roller = roller;
        this.pace = new Pace(hand, List.of());
        this.leftOut = leftOut;
    }

    void take(Book.Worked order) {
        Conditions plain = order.conditions()
                .withPace(pace)
                .withKit(order.conditions().kit().withWatched(List.of()));
        Map<String, OrderSheet.Line> byId = new HashMap<>();
        order.lines().forEach(line -> byId.put(line.id(), line));
        Map<String, Assessment> lines = new HashMap<>();
        Map<String, Plan> plans = new HashMap<>();
        for (Underway work : Underway.of(order.events())) {
            Optional<BatchId> named = BatchId.of(work.uid()).filter(one -> byId.containsKey(one.line()));
            if (named.isEmpty()) {
                written(order, work.uid(), Optional.empty())
                        .forEach(w -> remarks.add(new Book.Remark(order.name(), w)));
                continue;
            }
            BatchId sitting = named.get();
            OrderSheet.Line line = byId.get(sitting.line());
            Assessment a = lines.computeIfAbsent(sitting.line(), i -> new Assessment(line.species(), plain));
            Plan plan = plans.computeIfAbsent(sitting.line(), i -> Planning.of(a));
            plan.tasks().stream()
                    .filter(t -> t.id().equals(TaskId.of(sitting.task()).done()))
                    .findFirst()
                    .ifPresent(task -> take(order, work, sitting, line.count(), a, plan, task));
        }
    }

    private void take(
            Book.Worked order, Underway work, BatchId sitting, int flowers, Assessment a, Plan plan, Plan.Task task) {
        String id = order.id() + " " + work.uid();
        boolean out = leftOut.contains(id);
        double reckoned = Work.minutes(a, task, flowers, Work.SpareShares.NONE) / sitting.of();
        Optional<Double> minutes = work.begun().flatMap(from -> work.done()
                .map(to -> Duration.between(from, to).toSeconds() / 60.0));
        double ratio = reckoned > 0 ? minutes.orElse(0.0) / reckoned : 0;
        boolean counts = !TaskId.of(sitting.task()).isAnew()
                && ratio > 1 / TIMED_WITHIN
                && ratio < TIMED_WITHIN
                && countedThrough(work, task.pieces() * flowers, sitting.of());
        List<Book.Looked> looks = looks(work, a, plan, task);
        List<Book.Looked> skin = skin(work, a, task);
        Optional<Petaled> petaled = task.partId().flatMap(a.species()::part).flatMap(Part::flat);
        LocalDateTime at = order.local(work.done().orElseGet(() -> lastTouched(order, work.uid())));
        List<Book.Written> written = written(order, work.uid(), petaled.map(p -> new Measuring(p, a)));
        entries.add(new Book.Entry(
                id,
                order.name(),
                a.species().name(),
                task.name(),
                a.species().medium(),
                at,
                minutes,
                reckoned,
                counts,
                work.good(),
                work.broke(),
                looks,
                skin,
                written,
                order.room().apply(at),
                out));
        if (out) {
            return;
        }
        if (counts) {
            timed.add(new PaceLearnt.Timed(Work.hands(task), ratio));
        }
        seen(a, Watched.DryingClock.BODY, looks);
        seen(a, Watched.DryingClock.SKIN, skin);
        written.stream()
                .map(Book.Written::said)
                .filter(BenchRecord.SheetMeasured.class::isInstance)
                .map(BenchRecord.SheetMeasured.class::cast)
                .forEach(sheets::add);
        if (work.good() + work.broke() > 0) {
            String part =
                    task.partId().flatMap(a.species()::part).map(Part::name).orElse(task.name());
            PieceSort sort =
                    task.partId().flatMap(a.species()::part).map(Part::breaksAs).orElse(PieceSort.ANY);
            parts.merge(
                    a.species().name() + " " + part,
                    new Book.Broke(a.species().name(), part, sort, work.broke(), work.good()),
                    (x, y) -> new Book.Broke(
                            x.species(), x.part(), x.sort(), x.broken() + y.broken(), x.whole() + y.whole()));
        }
    }

    /**
     * Whether a work that was counted was counted to its end: one that was ended in the middle, by a slip of the finger or for the
     * day, says nothing of how long all of it takes.
     */
    private static boolean countedThrough(Underway work, int pieces, int sittings) {
        int counted = work.good() + work.broke();
        return counted == 0 || counted >= COUNTED_THROUGH * pieces / sittings;
    }

    private void seen(Assessment a, Watched.DryingClock clock, List<Book.Looked> looks) {
        looks.forEach(look -> seen.computeIfAbsent(new Clocked(a.species().medium(), clock), m -> new ArrayList<>())
                .add(look.seen()));
    }

    /** What petals are measured against. */
    private record Measuring(Petaled part, Assessment a) {}

    private List<Book.Written> written(Book.Worked order, String uid, Optional<Measuring> petals) {
        return order.events().stream()
                .filter(e -> e.uid().equals(uid))
                .sorted(Comparator.comparing(BenchEvent::at))
                .flatMap(e ->
                        e.said().stream().map(said -> new Book.Written(order.local(e.at()), said, told(said, petals))))
                .toList();
    }

    private String told(BenchRecord said, Optional<Measuring> petals) {
        if (said instanceof BenchRecord.BenchNote note) {
            return note.text();
        }
        if (said instanceof BenchRecord.SheetMeasured sheet) {
            return "setting " + plain(sheet.setting()) + " rolled " + Unit.FINE_MM.write(sheet.thickMm())
                    + roller.map(r -> ", by its table " + Unit.FINE_MM.write(r.measuredMm(sheet.setting())))
                            .orElse("");
        }
        if (said instanceof BenchRecord.PetalMeasured petal) {
            return Unit.MM.write(petal.lengthMm()) + " × " + Unit.MM.write(petal.widthMm())
                    + petals.flatMap(p ->
                                    Measured.of(p.part().pieces(), p.a().paste(), petal.lengthMm(), petal.widthMm()))
                            .map(m -> ": " + Unit.FINE_MM.write(m.thickMm()) + " thick, "
                                    + Unit.FINE_MM.write(m.wantedMm()) + " wanted")
                            .orElse("");
        }
        return "";
    }

    /** A setting as it stands on a dial. */
    private static String plain(double setting) {
        return setting == Math.rint(setting) ? Long.toString(Math.round(setting)) : Double.toString(setting);
    }

    /** Looks at what lies open since its first roll. */
    private static List<Book.Looked> skin(Underway work, Assessment a, Plan.Task task) {
        Optional<Double> open = task.partId()
                .flatMap(a.species()::part)
                .flatMap(Part::flat)
                .map(p -> Work.batches(a, p).openTimeMin() / 60)
                .filter(Double::isFinite);
        if (open.isEmpty() || work.begun().isEmpty()) {
            return List.of();
        }
        Optional<Double> soft = Optional.empty();
        for (Underway.Look look : work.skin()) {
            double hours = Duration.between(work.begun().get(), look.at()).toMillis() / MS_PER_H;
            if (hours > 0 && look.ready()) {
                return List.of(new Book.Looked(Stage.SKINNED, open.get(), soft, Optional.of(hours)));
            }
            soft = hours > 0 ? Optional.of(hours) : soft;
        }
        return soft.isEmpty() ? List.of() : List.of(new Book.Looked(Stage.SKINNED, open.get(), soft, Optional.empty()));
    }

    private static Instant lastTouched(Book.Worked order, String uid) {
        return order.events().stream()
                .filter(e -> e.uid().equals(uid))
                .map(BenchEvent::at)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** Looks at what dries by itself once it is made; of a flower that is joined already no one part dries alone. */
    private static List<Book.Looked> looks(Underway work, Assessment a, Plan plan, Plan.Task task) {
        Optional<Part> part = task.partId().flatMap(a.species()::part).filter(a::dries);
        if (part.isEmpty() || work.done().isEmpty() || task.doing() != TaskKind.MAKE) {
            return List.of();
        }
        List<BenchWait> waits = Waits.after(task.id(), plan.tasks(), plan.handOver());
        List<Book.Looked> looks = new ArrayList<>();
        int wait = 0;
        Optional<Double> notYet = Optional.empty();
        for (Underway.Look look : work.looked()) {
            double hours = Duration.between(work.done().get(), look.at()).toMillis() / MS_PER_H;
            if (wait >= waits.size() || hours <= 0) {
                continue;
            }
            if (look.ready()) {
                looked(a, part.get(), waits.get(wait), notYet, Optional.of(hours))
                        .ifPresent(looks::add);
                notYet = Optional.empty();
                wait++;
            } else {
                notYet = Optional.of(hours);
            }
        }
        if (notYet.isPresent()) {
            looked(a, part.get(), waits.get(wait), notYet, Optional.empty()).ifPresent(looks::add);
        }
        return looks;
    }

    private static Optional<Book.Looked> looked(
            Assessment a, Part part, BenchWait wait, Optional<Double> notYet, Optional<Double> ready) {
        return wait.stage().flatMap(stage -> a.course(part)
                .at(stage)
                .map(reached -> new Book.Looked(stage, reached.medianH(), notYet, ready)));
    }

    Book book() {
        List<Book.DryingLesson> drying = new ArrayList<>();
        seen.forEach((of, looks) ->
                drying.add(new Book.DryingLesson(of.medium(), of.clock(), looks.size(), RateLearnt.of(looks))));
        drying.sort(Comparator.comparing(Book.DryingLesson::medium).thenComparing(Book.DryingLesson::clock));
        Map<PieceSort, int[]> sorts = new EnumMap<>(PieceSort.class);
        parts.values().forEach(p -> {
            int[] sum = sorts.computeIfAbsent(p.sort(), k -> new int[2]);
            sum[0] += p.broken();
            sum[1] += p.whole();
        });
        int broken = parts.values().stream().mapToInt(Book.Broke::broken).sum();
        int whole = parts.values().stream().mapToInt(Book.Broke::whole).sum();
        return new Book(
                entries.stream()
                        .sorted(Comparator.comparing(Book.Entry::at).reversed())
                        .toList(),
                remarks.stream()
                        .sorted(Comparator.comparing(
                                        (Book.Remark r) -> r.written().at())
                                .reversed())
                        .toList(),
                drying,
                PaceLearnt.of(timed, pace.hand()),
                new Book.BreakageLesson(
                        broken,
                        whole,
                        Spares.UNRECORDED.meanShare(),
                        Spares.UNRECORDED.after(broken, whole).meanShare(),
                        sorts.entrySet().stream()
                                .map(e -> Book.SortBroke.of(e.getKey(), e.getValue()[0], e.getValue()[1]))
                                .toList(),
                        parts.values().stream()
                                .sorted(Comparator.comparingInt(Book.Broke::broken)
                                        .reversed())
                                .toList()),
                roller.filter(r -> !sheets.isEmpty()).map(r -> RollerLearnt.of(r, sheets)));
    }
}
