package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.testng.annotations.Test;

/** What is said to have held work up did so, seen from the plan alone. */
public class HeldUpTest {
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);
    private static final Pattern FREE = Pattern.compile("no sooner: (.+) free (\\w{3} \\d\\d:\\d\\d)");
    private static final Pattern REACHED = Pattern.compile("no sooner: (.+) after: (.+), (\\w{3} \\d\\d:\\d\\d)");

    private static Calendar owning(int cups) {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock(Garden.CUP.name(), cups)));
        return Ask.roses(6, Conditions.USUAL.withKit(kit))
                .until(Ask.SATURDAY.plusDays(28))
                .calendar();
    }

    @Test
    public void toolsThatAreNamedWereTakenUntilThen() {
        Calendar plan = owning(10);
        int named = 0;
        for (Calendar.PlacedTask task : plan.tasks()) {
            Matcher free = FREE.matcher(task.because());
            if (free.find()) {
                named++;
                List<LocalDateTime> untils = plan.tasks().stream()
                        .filter(t -> t.sitting() != task.sitting())
                        .flatMap(t -> t.takes().stream())
                        .filter(t -> t.tool().equals(free.group(1)))
                        .map(Calendar.Takes::until)
                        .filter(until ->
                                !until.isAfter(task.to()) && SAID.format(until).equals(free.group(2)))
                        .toList();
                assertFalse(untils.isEmpty(), task.because());
                LocalDateTime until = untils.get(untils.size() - 1);
                int taken = plan.tasks().stream()
                        .filter(t -> !t.from().isAfter(until.minusMinutes(5)))
                        .flatMap(t -> t.takes().stream())
                        .filter(t ->
                                t.tool().equals(free.group(1)) && !t.until().isBefore(until))
                        .mapToInt(Calendar.Takes::count)
                        .sum();
                assertTrue(taken > 0 && taken <= 10, taken + " taken: " + task.because());
            }
        }
        assertTrue(named > 0, "ten cups for sixty petals: " + becauses(plan));
    }

    @Test
    public void whereThereIsEnoughNoToolIsNamed() {
        Calendar plan = owning(500);
        assertTrue(
                becauses(plan).stream().noneMatch(b -> FREE.matcher(b).find()),
                becauses(plan).toString());
    }

    @Test
    public void whatIsWaitedForWasMadeBefore() {
        int named = 0;
        for (Calendar plan : List.of(
                Ask.of(3, 2).calendar(),
                Ask.of(0, 3).calendar(),
                Ask.of(3, 2)
                        .until(Ask.MONDAY.plusDays(4))
                        .in(StudioTime.USUAL.withSittingMin(30))
                        .calendar(),
                owning(10))) {
            for (Calendar.PlacedTask task : plan.tasks()) {
                Matcher reached = REACHED.matcher(task.because());
                if (reached.find()) {
                    named++;
                    assertTrue(
                            plan.tasks().stream()
                                    .anyMatch(t -> t.task().equals(reached.group(2)) && t.to().isBefore(task.to())),
                            task.because());
                }
            }
        }
        assertTrue(named > 0, "some work begins as soon as it is dry enough");
    }

    /** What nothing holds up is not said to be: the first of all. */
    @Test
    public void whatBeginsTheWorkWaitsForNothing() {
        Calendar plan = owning(10);
        assertFalse(
                plan.tasks().get(0).because().contains("no sooner"),
                plan.tasks().get(0).because());
        assertEquals(plan.tasks().get(0).sitting(), 1);
    }

    private static List<String> becauses(Calendar plan) {
        return plan.tasks().stream()
                .map(Calendar.PlacedTask::because)
                .distinct()
                .toList();
    }
}
