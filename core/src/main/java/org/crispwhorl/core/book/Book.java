package org.crispwhorl.core.book;

import java.time.Duration;
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
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.bench.BenchCard.BenchWait;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.Underway;
import org.crispwhorl.core.bench.Waits;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.studio.Spares;
import org.crispwhorl.core.studio.Watched;

/**
 * What happened at the bench, work by work, and what it teaches. Everything is held against what is reckoned without any lesson, so
 * that a lesson that was taken is not learnt twice.
 *
 * @param entries the latest first
 * @param drying of each medium that was looked at
 * @param pace of each operation that was timed
 * @param breakage of all that was counted
 */
public record Book(List<Entry> entries, List<DryingLesson> drying, List<PaceLearnt> pace, BreakageLesson breakage) {
    public Book {
        entries = List.copyOf(entries);
        drying = List.copyOf(drying);
        pace = List.copyOf(pace);
    }

    private static final double MS_PER_H = 3.6e6;

    /** A work that took so many times what is reckoned, or so small a share of it, was left lying or touched afterwards. */
    private static final double TIMED_WITHIN = 5;

    /**
     * An order that was on the bench.
     *
     * @param id unique among orders
     * @param conditions under which it was planned
     */
    public record Worked(
            String id,
            String name,
            List<OrderSheet.Line> lines,
            Conditions conditions,
            Collection<BenchEvent> events) {}

    /**
     * One sitting as it was.
     *
     * @param id unique in the book
     * @param medium of what was worked
     * @param at when it was done; when it was touched last where it is not
     * @param minutes from its first touch to done; none where it was not timed
     * @param reckonedMin by the studio's hand, without the book
     * @param timed whether its minutes teach anything: it was not left lying
     * @param looks while it dried
     * @param leftOut whether the maker left it out
     */
    public record Entry(
            String id,
            String order,
            String species,
            String task,
            Medium medium,
            LocalDateTime at,
            Optional<Double> minutes,
            double reckonedMin,
            boolean timed,
            int good,
            int broke,
            List<Looked> looks,
            boolean leftOut) {}

    /**
     * What was seen of a stage of drying.
     *
     * @param reckonedH median hours without the book
     * @param notYetH when it was last found not to be there
     * @param readyH when it was found to be there
     */
    public record Looked(Stage stage, double reckonedH, Optional<Double> notYetH, Optional<Double> readyH) {
        RateLearnt.Seen seen() {
            return new RateLearnt.Seen(
                    notYetH.orElse(0.0) / reckonedH,
                    readyH.map(h -> h / reckonedH).orElse(Double.POSITIVE_INFINITY));
        }
    }

    /** What looks say of a medium. */
    public record DryingLesson(Medium medium, int looks, RateLearnt rate) {
        /**
         * As the studio goes by it. However long a medium was watched, pieces and eyes differ by what a single look is out: safe times
         * do not shrink below that.
         */
        public Watched watched() {
            return new Watched(
                    medium, Math.round(100 * rate.factor()) / 100.0, Math.max(RateLearnt.NOISE, rate.sigma()), looks);
        }
    }

    /**
     * What was counted.
     *
     * @param broken pieces
     * @param whole pieces
     * @param beforeShare that was reckoned to break before any record
     * @param share that breaks with it
     * @param parts where it broke, the most first
     */
    public record BreakageLesson(int broken, int whole, double beforeShare, double share, List<Broke> parts) {
        public BreakageLesson {
            parts = List.copyOf(parts);
        }
    }

    /** Pieces of a part. */
    public record Broke(String species, String part, int broken, int whole) {}

    /**
     * @param hand of the studio, which pace is held against
     * @param leftOut ids of entries that teach nothing
     */
    public static Book of(Collection<Worked> orders, Pace.Hand hand, Collection<String> leftOut) {
        Pages pages = new Pages(hand, leftOut);
        orders.forEach(pages::take);
        return pages.book();
    }

    /** The book while it is written. */
    private static final class Pages {
        private final Pace pace;
        private final Collection<String> leftOut;
        private final List<Entry> entries = new ArrayList<>();
        private final Map<Medium, List<RateLearnt.Seen>> seen = new EnumMap<>(Medium.class);
        private final List<PaceLearnt.Timed> timed = new ArrayList<>();
        private final Map<String, Broke> parts = new LinkedHashMap<>();

        Pages(Pace.Hand hand, Collection<String> leftOut) {
            this.pace = new Pace(hand, List.of());
            this.leftOut = leftOut;
        }

        void take(Worked order) {
            Conditions plain = order.conditions()
                    .withPace(pace)
                    .withKit(order.conditions().kit().withWatched(List.of()));
            Map<Integer, Assessment> lines = new HashMap<>();
            Map<Integer, Plan> plans = new HashMap<>();
            for (Underway work : Underway.of(order.events())) {
                Sitting sitting = Sitting.of(work.uid());
                if (sitting.line() < 0 || sitting.line() >= order.lines().size()) {
                    continue;
                }
                OrderSheet.Line line = order.lines().get(sitting.line());
                Assessment a = lines.computeIfAbsent(sitting.line(), i -> new Assessment(line.species(), plain));
                Plan plan = plans.computeIfAbsent(sitting.line(), i -> Planning.of(a));
                plan.tasks().stream()
                        .filter(t -> t.id().equals(sitting.task()))
                        .findFirst()
                        .ifPresent(task -> take(order, work, sitting, line.count(), a, plan, task));
            }
        }

        private void take(
                Worked order, Underway work, Sitting sitting, int flowers, Assessment a, Plan plan, Plan.Task task) {
            String id = order.id() + " " + work.uid();
            boolean out = leftOut.contains(id);
            double reckoned = (task.doing() == Plan.Doing.MIX ? Work.mixMin(a, flowers) : task.handsMin() * flowers)
                    / sitting.of();
            Optional<Double> minutes = work.begun().flatMap(from -> work.done()
                    .map(to -> Duration.between(from, to).toSeconds() / 60.0));
            double ratio = reckoned > 0 ? minutes.orElse(0.0) / reckoned : 0;
            boolean counts = ratio > 1 / TIMED_WITHIN && ratio < TIMED_WITHIN;
            List<Looked> looks = looks(work, a, plan, task);
            entries.add(new Entry(
                    id,
                    order.name(),
                    a.species().name(),
                    task.name(),
                    a.species().medium(),
                    work.done().orElseGet(() -> lastTouched(order, work.uid())),
                    minutes,
                    reckoned,
                    counts,
                    work.good(),
                    work.broke(),
                    looks,
                    out));
            if (out) {
                return;
            }
            if (counts) {
                timed.add(new PaceLearnt.Timed(Work.hands(a, task), ratio));
            }
            looks.forEach(look -> seen.computeIfAbsent(a.species().medium(), m -> new ArrayList<>())
                    .add(look.seen()));
            if (work.good() + work.broke() > 0) {
                String part =
                        task.partId().flatMap(a.species()::part).map(Part::name).orElse(task.name());
                parts.merge(
                        a.species().name() + " " + part,
                        new Broke(a.species().name(), part, work.broke(), work.good()),
                        (x, y) -> new Broke(x.species(), x.part(), x.broken() + y.broken(), x.whole() + y.whole()));
            }
        }

        private static LocalDateTime lastTouched(Worked order, String uid) {
            return order.events().stream()
                    .filter(e -> e.uid().equals(uid))
                    .map(BenchEvent::at)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
        }

        /** Looks at what dries by itself once it is made; of a flower that is joined already no one part dries alone. */
        private static List<Looked> looks(Underway work, Assessment a, Plan plan, Plan.Task task) {
            Optional<Part> part = task.partId().flatMap(a.species()::part).filter(a::dries);
            if (part.isEmpty() || work.done().isEmpty() || task.doing() != Plan.Doing.MAKE) {
                return List.of();
            }
            List<BenchWait> waits = Waits.after(task.id(), plan.tasks(), plan.handOver());
            List<Looked> looks = new ArrayList<>();
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

        private static Optional<Looked> looked(
                Assessment a, Part part, BenchWait wait, Optional<Double> notYet, Optional<Double> ready) {
            return wait.stage().flatMap(stage -> a.course(part)
                    .at(stage)
                    .map(reached -> new Looked(stage, reached.medianH(), notYet, ready)));
        }

        Book book() {
            List<DryingLesson> drying = new ArrayList<>();
            seen.forEach((medium, looks) -> drying.add(new DryingLesson(medium, looks.size(), RateLearnt.of(looks))));
            int broken = parts.values().stream().mapToInt(Broke::broken).sum();
            int whole = parts.values().stream().mapToInt(Broke::whole).sum();
            return new Book(
                    entries.stream()
                            .sorted(Comparator.comparing(Entry::at).reversed())
                            .toList(),
                    drying,
                    PaceLearnt.of(timed, pace.hand()),
                    new BreakageLesson(
                            broken,
                            whole,
                            Spares.UNRECORDED.meanShare(),
                            Spares.UNRECORDED.after(broken, whole).meanShare(),
                            parts.values().stream()
                                    .sorted(Comparator.comparingInt(Broke::broken)
                                            .reversed())
                                    .toList()));
        }
    }

    /** What the name of a sitting says: the line of the order, the task, and into how many it was cut. */
    private record Sitting(int line, String task, int of) {
        static Sitting of(String uid) {
            int first = uid.indexOf('/');
            int last = uid.lastIndexOf('/');
            int dash = uid.lastIndexOf('-');
            try {
                return first < 0 || last <= first || dash < last
                        ? NONE
                        : new Sitting(
                                Integer.parseInt(uid.substring(0, first)),
                                uid.substring(first + 1, last),
                                Math.max(1, Integer.parseInt(uid.substring(dash + 1))));
            } catch (NumberFormatException e) {
                return NONE;
            }
        }

        private static final Sitting NONE = new Sitting(-1, "", 1);
    }
}
