package org.crispwhorl.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.bench.BenchCard.BenchWait;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.BenchEvent.Touch;
import org.crispwhorl.core.bench.BenchRecord;
import org.crispwhorl.core.bench.Waits;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.work.BatchId;

/** A maker at the bench who is a little slower than is reckoned, breaks a piece now and then, and whose room dries slowly. */
final class DemoBench {
    private static final double TIMES_RECKONED = 1.25;
    private static final double SCATTER = 0.15;
    private static final double BREAKS = 0.08;

    /** Times are so many times those that are reckoned. */
    private static final double DRIES_SLOWER = 1.2;

    /** A dry bench: faces skin after this share of what is reckoned. */
    private static final double SKINS_FASTER = 0.8;

    /** So many sheets are measured, of a roller that rolls thicker than its table says by now. */
    private static final int SHEETS = 4;

    private static final double[] ROLLED_MM = {1.50, 1.54, 1.52};

    private static final LocalTime MORNING = LocalTime.of(9, 0);
    private static final int LAST_HOUR = 17;

    private final Random random = new Random(7);
    private final ZoneId zone;
    private final List<BenchEvent> events = new ArrayList<>();
    private final List<OrderSheet.Line> lines;
    private final Conditions conditions;
    private LocalDateTime clock;
    private int sheets;

    private DemoBench(List<OrderSheet.Line> lines, Conditions conditions, LocalDateTime from, ZoneId zone) {
        this.zone = zone;
        this.lines = lines;
        this.conditions = conditions;
        this.clock = from;
    }

    /** A whole order, from a morning on, in working hours. */
    static List<BenchEvent> all(List<OrderSheet.Line> lines, Conditions conditions, LocalDateTime from, ZoneId zone) {
        DemoBench bench = new DemoBench(lines, conditions, from, zone);
        bench.work(Integer.MAX_VALUE);
        return bench.events;
    }

    /** The first works of an order, of which the last is still in the hands. */
    static List<BenchEvent> upTo(
            List<OrderSheet.Line> lines, Conditions conditions, ZonedDateTime now, int works, int minutesAgo) {
        DemoBench bench = new DemoBench(lines, conditions, now.minusHours(4).toLocalDateTime(), now.getZone());
        bench.work(works);
        // All that was touched is moved so that it leads up to now.
        Instant begun = now.minusMinutes(minutesAgo).toInstant();
        long behind = Duration.between(bench.clock.atZone(now.getZone()).toInstant(), begun)
                .toSeconds();
        List<BenchEvent> moved = new ArrayList<>(bench.events.stream()
                .map(e -> new BenchEvent(
                        e.id(), e.uid(), e.touch(), e.at().plusSeconds(behind), e.pieces(), e.said(), e.of()))
                .filter(e -> !e.at().isAfter(now.toInstant()))
                .toList());
        bench.next(works).ifPresent(uid -> {
            moved.add(new BenchEvent(UUID.randomUUID(), uid, Touch.BEGUN, begun, 1));
            moved.add(new BenchEvent(
                    UUID.randomUUID(), uid, Touch.GOOD, now.minusMinutes(1).toInstant(), 2));
        });
        return moved;
    }

    private Optional<String> next(int works) {
        List<String> uids = new ArrayList<>();
        for (OrderSheet.Line line : lines) {
            Assessment a = new Assessment(line.species(), conditions);
            for (Plan.Task task : Planning.of(a).tasks()) {
                uids.add(uid(line, task));
            }
        }
        return works < uids.size() ? Optional.of(uids.get(works)) : Optional.empty();
    }

    private static String uid(OrderSheet.Line line, Plan.Task task) {
        return new BatchId(line.id(), task.id(), 1, 1).uid();
    }

    private void work(int works) {
        int worked = 0;
        for (OrderSheet.Line line : lines) {
            Assessment a = new Assessment(line.species(), conditions);
            Plan plan = Planning.of(a);
            for (Plan.Task task : plan.tasks()) {
                if (worked++ < works) {
                    work(a, plan, task, uid(line, task), line.count());
                }
            }
        }
    }

    private void work(Assessment a, Plan plan, Plan.Task task, String uid, int flowers) {
        double reckoned = Work.minutes(a, task, flowers, Work.SpareShares.NONE);
        double minutes = Math.max(1, reckoned * TIMES_RECKONED * Math.exp(SCATTER * random.nextGaussian()));
        if (clock.getHour() >= LAST_HOUR) {
            clock = clock.plusDays(1).with(MORNING);
        }
        touch(uid, Touch.BEGUN, clock, 1);
        Optional<Part> part = task.partId().flatMap(a.species()::part);
        boolean makes = task.doing().makes();
        int pieces = makes ? part.map(Part::units).orElse(0) * flowers : 0;
        int broken = (int) random.doubles(pieces).filter(d -> d < BREAKS).count();
        if (pieces > 0) {
            touch(uid, Touch.GOOD, clock.plusMinutes(Math.round(minutes / 2)), pieces);
        }
        if (broken > 0) {
            touch(uid, Touch.BROKE, clock.plusMinutes(Math.round(minutes / 2)), broken);
        }
        if (makes) {
            part.flatMap(Part::flat).ifPresent(p -> measured(a, p, uid, minutes));
        }
        clock = clock.plusSeconds(Math.round(60 * minutes));
        touch(uid, Touch.DONE, clock, 1);
        if (task.doing() == TaskKind.MAKE) {
            part.filter(a::dries).ifPresent(p -> looked(a, plan, task, p, uid));
        }
    }

    /** How soft it still was, a petal as it was thinned, a sheet as it came out, and now and then a few words. */
    private void measured(Assessment a, Petaled part, String uid, double minutes) {
        double open = Work.batches(a, part).openTimeMin();
        LocalDateTime soft = clock.plusSeconds(Math.round(60 * Math.min(0.9 * minutes, SKINS_FASTER * open)));
        if (Double.isFinite(open)) {
            touch(uid, 0.9 * minutes > SKINS_FASTER * open ? Touch.SKINNED : Touch.STILL_SOFT, soft, 1);
        }
        Outline thinned = part.pieces().finished();
        double wider = 1 + SCATTER * random.nextGaussian() / 3;
        said(
                uid,
                clock.plusMinutes(4),
                new BenchRecord.PetalMeasured(halfMm(thinned.lengthMm()), halfMm(wider * thinned.widthMm())));
        if (sheets++ < SHEETS) {
            said(uid, clock.plusMinutes(1), new BenchRecord.SheetMeasured(4, ROLLED_MM[sheets % ROLLED_MM.length]));
        }
        if (sheets == 2) {
            said(uid, clock.plusMinutes(6), new BenchRecord.BenchNote("Paste a day old: kneaded it twice as long."));
        }
    }

    private static double halfMm(double mm) {
        return Math.max(1, Math.round(2 * mm) / 2.0);
    }

    private void said(String uid, LocalDateTime at, BenchRecord what) {
        events.add(BenchEvent.saying(UUID.randomUUID(), uid, at.atZone(zone).toInstant(), what));
    }

    /** Looked at once too early, and once when it is there: by what a slow room makes of it. */
    private void looked(Assessment a, Plan plan, Plan.Task task, Part part, String uid) {
        List<BenchWait> waits = Waits.after(task.id(), plan.tasks(), plan.handOver());
        waits.stream()
                .findFirst()
                .flatMap(BenchWait::stage)
                .flatMap(s -> a.course(part).at(s))
                .ifPresent(reached -> {
                    double there = 60 * reached.medianH() * DRIES_SLOWER * Math.exp(SCATTER * random.nextGaussian());
                    touch(uid, Touch.NOT_YET, clock.plusMinutes(Math.round(0.8 * there)), 1);
                    touch(uid, Touch.READY, clock.plusMinutes(Math.round(1.15 * there)), 1);
                });
    }

    private void touch(String uid, Touch touch, LocalDateTime at, int pieces) {
        events.add(new BenchEvent(UUID.randomUUID(), uid, touch, at.atZone(zone).toInstant(), pieces));
    }
}
