package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.order.OrderSheet;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Plans as they go where things go wrong, read off what is told of them and off the order: nothing of the planner is asked. */
public class SlackTest {
    private static final int ORDERS = 10;
    private static final double A_FIFTH_SLOWER = 1.2;
    private static final int FAR_DAYS = 30;
    private static final LocalDateTime LONG_AGO = LocalDateTime.of(2000, 1, 1, 0, 0);

    /** A plan as it goes. */
    private static final class Went {
        private final Ask ask;
        private final Map<String, Plan.Task> tasks = new HashMap<>();
        private final Map<String, List<LocalDateTime>> ends = new HashMap<>();

        Went(Ask ask) {
            this.ask = ask;
            ask.sheet().tasks().forEach(t -> tasks.put(t.line() + "/" + t.task().id(), t.task()));
        }

        private static String key(Calendar.PlacedTask s) {
            return s.uid().substring(0, s.uid().lastIndexOf('/'));
        }

        /** When the last of it is ready, hands so much slower, nothing done on a day that is lost. */
        LocalDateTime ready(Calendar calendar, double slower, Optional<LocalDate> lost) {
            Map<Integer, List<Calendar.PlacedTask>> sittings = calendar.tasks().stream()
                    .collect(Collectors.groupingBy(Calendar.PlacedTask::sitting, TreeMap::new, Collectors.toList()));
            LocalDateTime free = LONG_AGO;
            for (List<Calendar.PlacedTask> sitting : sittings.values()) {
                LocalDateTime from = sitting.get(0).from();
                LocalDateTime soonest = free.isAfter(from) ? free : from;
                for (Calendar.PlacedTask s : sitting) {
                    Duration into = scaled(Duration.between(from, s.from()), slower);
                    LocalDateTime opens = opens(s).minus(into);
                    soonest = opens.isAfter(soonest) ? opens : soonest;
                }
                Duration takes = scaled(
                        Duration.between(from, sitting.get(sitting.size() - 1).to()), slower);
                LocalDateTime begins = within(soonest, takes, lost);
                for (Calendar.PlacedTask s : sitting) {
                    ends.computeIfAbsent(key(s), k -> new ArrayList<>())
                            .add(begins.plus(scaled(Duration.between(from, s.to()), slower)));
                }
                free = begins.plus(takes);
            }
            LocalDateTime ready = free;
            for (OrderSheet.HandOverGate last : ask.sheet().handOver()) {
                for (LocalDateTime end :
                        ends.get(last.line() + "/" + last.gate().afterTask())) {
                    LocalDateTime over =
                            end.plusMinutes((long) Math.ceil(60 * last.gate().waitH()));
                    ready = over.isAfter(ready) ? over : ready;
                }
            }
            return ready;
        }

        private static Duration scaled(Duration duration, double by) {
            return Duration.ofMinutes(Math.round(duration.toMinutes() * by));
        }

        /** When everything that it waits for outside of its sitting is over. */
        private LocalDateTime opens(Calendar.PlacedTask s) {
            LocalDateTime opens = LONG_AGO;
            for (Plan.Gate gate : tasks.get(key(s)).gates()) {
                for (LocalDateTime end : ends.getOrDefault(s.line() + "/" + gate.afterTask(), List.of())) {
                    LocalDateTime over = end.plusMinutes((long) Math.ceil(60 * gate.waitH()));
                    opens = over.isAfter(opens) && s.of() == 1 ? over : opens;
                }
            }
            return opens;
        }

        private LocalDateTime within(LocalDateTime soonest, Duration takes, Optional<LocalDate> lost) {
            for (LocalDate day = soonest.toLocalDate();
                    day.isBefore(soonest.toLocalDate().plusDays(FAR_DAYS));
                    day = day.plusDays(1)) {
                if (lost.filter(day::equals).isPresent()) {
                    continue;
                }
                for (StudioTime.Window w : ask.time().windows(day)) {
                    LocalDateTime from = w.from().isAfter(soonest) ? w.from() : soonest;
                    if (!from.plus(takes).isAfter(w.to())) {
                        return from;
                    }
                }
            }
            return soonest.plusDays(FAR_DAYS);
        }
    }

    private final List<Ask> asks = new ArrayList<>();
    private final List<Calendar> calendars = new ArrayList<>();

    @BeforeClass
    public void planned() {
        for (int seed = 0; seed < ORDERS; seed++) {
            Random random = new Random(seed);
            asks.add(Ask.of(1 + random.nextInt(8), random.nextInt(7))
                    .until(Ask.SATURDAY.plusDays(7L + random.nextInt(6))));
            calendars.add(asks.get(seed).calendar());
        }
    }

    @DataProvider
    public Object[][] drills() {
        return new Object[][] {
            {"a fifth slower", A_FIFTH_SLOWER, 0}, {"the first day lost", 1.0, 1}, {"the last day lost", 1.0, -1}
        };
    }

    /** With a week or two for it an order bears hands a fifth slower, or a day of its work lost. */
    @Test(dataProvider = "drills")
    public void aPlanBearsWhatGoesWrong(String drill, double slower, int lost) {
        List<String> late = new ArrayList<>();
        for (int seed = 0; seed < ORDERS; seed++) {
            Ask ask = asks.get(seed);
            Calendar calendar = calendars.get(seed);
            List<LocalDate> days = calendar.tasks().stream()
                    .map(s -> s.from().toLocalDate())
                    .distinct()
                    .toList();
            Optional<LocalDate> day =
                    lost == 0 ? Optional.empty() : Optional.of(lost > 0 ? days.get(0) : days.get(days.size() - 1));
            LocalDateTime asPlanned = new Went(ask).ready(calendar, 1, Optional.empty());
            assertTrue(!asPlanned.isAfter(ask.ready()), "seed " + seed + " goes as it is planned: " + asPlanned);
            LocalDateTime ready = new Went(ask).ready(calendar, slower, day);
            if (ready.isAfter(ask.ready())) {
                late.add("seed " + seed + " at " + ready + " instead of " + ask.ready());
            }
        }
        assertTrue(late.size() <= 1, drill + ": " + late);
    }
}
