package org.crispwhorl.core.calendar;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.IntSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A sitting as a maker reads it: what is done in one go, from its first touch to its last.
 *
 * @param uid of the first piece of work in it
 * @param name all that is done, in the maker's words
 * @param species the flowers it is done on
 * @param to in whole five minutes
 * @param workMin minutes in which hands work; what is longer from its begin to its end has pauses
 * @param because why then
 * @param uids of all pieces of work in it, in their order
 */
public record InOneGo(
        String uid,
        String name,
        String species,
        LocalDateTime from,
        LocalDateTime to,
        int workMin,
        int maker,
        boolean evening,
        boolean done,
        String because,
        List<String> uids) {
    /** What stands before the things that it is done to, the longer ones first. */
    private static final List<String> VERBS =
            List.of("Make and set", "Make", "Join", "Dust", "Paint", "Colour", "Finish", "Box", "Turn");

    /** Of more things than these only so many are named. */
    private static final int TOLD = 6;

    private static final int NAMED = 4;

    private static final double SECONDS_A_MIN = 60;

    private static final Predicate<String> PLURAL =
            Pattern.compile("^(?!the ).*(s|leaves)$").asMatchPredicate();

    public InOneGo {
        uids = List.copyOf(uids);
    }

    /** The sittings of a calendar, in order of time; work of which an older version did not know any is one by itself. */
    public static List<InOneGo> of(Calendar calendar) {
        Map<List<Object>, List<Calendar.PlacedTask>> sittings = new LinkedHashMap<>();
        calendar.tasks().forEach(s -> sittings.computeIfAbsent(
                        s.sitting() > 0 ? List.of(s.sitting()) : List.of(s.uid()), k -> new ArrayList<>())
                .add(s));
        return sittings.values().stream().map(InOneGo::of).toList();
    }

    private static InOneGo of(List<Calendar.PlacedTask> tasks) {
        Calendar.PlacedTask first = tasks.get(0);
        LocalDateTime last = tasks.stream()
                .map(Calendar.PlacedTask::to)
                .max(LocalDateTime::compareTo)
                .orElseThrow();
        return new InOneGo(
                first.uid(),
                name(tasks) + forFlowers(tasks),
                tasks.stream().map(Calendar.PlacedTask::species).distinct().collect(Collectors.joining(", ")),
                first.from(),
                first.done() ? last : whole(last),
                (int) Math.round(tasks.stream()
                                .mapToLong(
                                        s -> Duration.between(s.from(), s.to()).toSeconds())
                                .sum()
                        / SECONDS_A_MIN),
                first.maker(),
                first.evening(),
                first.done(),
                first.because(),
                tasks.stream().map(Calendar.PlacedTask::uid).toList());
    }

    private static LocalDateTime whole(LocalDateTime moment) {
        LocalDateTime told = moment.truncatedTo(ChronoUnit.MINUTES);
        long over = told.getMinute() % Axis.SLOT_MIN;
        return over == 0 && told.equals(moment) ? moment : told.plusMinutes(Axis.SLOT_MIN - over);
    }

    /** For how many flowers, where all of it is for the same; for which of them, where it is not for all. */
    private static String forFlowers(List<Calendar.PlacedTask> tasks) {
        Calendar.PlacedTask one = tasks.get(0);
        if (tasks.stream().anyMatch(s -> s.lastFlower() == 0)
                || tasks.stream().anyMatch(s -> !s.line().equals(one.line()))) {
            return tasks.size() == 1 && one.of() > 1 ? ", " + one.batch() + " of " + one.of() : "";
        }
        int all = one.flowers();
        List<IntSummaryStatistics> ofTasks = tasks.stream()
                .collect(Collectors.groupingBy(
                        Calendar.PlacedTask::task,
                        Collectors.flatMapping(
                                s -> Stream.of(s.firstFlower(), s.lastFlower()), Collectors.summarizingInt(n -> n))))
                .values()
                .stream()
                .toList();
        int first = ofTasks.get(0).getMin();
        int last = ofTasks.get(0).getMax();
        if (ofTasks.stream().anyMatch(s -> s.getMin() != first || s.getMax() != last)) {
            return "";
        }
        if (first == 1 && last == all) {
            return all == 1 ? ", for one flower" : ", for " + all + " flowers";
        }
        return (first == last ? ", for flower " + first : ", for flowers " + first + " to " + last) + " of " + all;
    }

    private static String name(List<Calendar.PlacedTask> tasks) {
        Map<String, Map<String, Integer>> things = new LinkedHashMap<>();
        for (Calendar.PlacedTask s : tasks) {
            Optional<String> verb = VERBS.stream()
                    .filter(v -> s.task().startsWith(v + " ") && !s.task().contains(","))
                    .findFirst();
            String thing = verb.map(v -> s.task().substring(v.length() + 1)).orElse("");
            things.computeIfAbsent(verb.orElse(s.task()), v -> new LinkedHashMap<>())
                    .merge(thing, several(s) ? s.pieces() : 0, Integer::sum);
        }
        List<String> clauses = new ArrayList<>();
        List<String> verbs = new ArrayList<>();
        String last = null;
        for (Map.Entry<String, Map<String, Integer>> one : things.entrySet()) {
            String to = listed(counted(one.getValue()));
            if (!to.equals(last) && last != null) {
                clauses.add(clause(verbs, last));
                verbs.clear();
            }
            verbs.add(clauses.isEmpty() && verbs.isEmpty() ? one.getKey() : lower(one.getKey()));
            last = to;
        }
        clauses.add(clause(verbs, last));
        return String.join("; ", clauses);
    }

    /** Whether more than one goes through the hands for a flower: of what is one by itself there are as many as flowers. */
    private static boolean several(Calendar.PlacedTask task) {
        return task.lastFlower() > 0
                ? task.pieces() > task.lastFlower() - task.firstFlower() + 1
                : task.pieces() * task.of() > task.flowers();
    }

    /** The things with how many of them. */
    private static List<String> counted(Map<String, Integer> things) {
        return things.entrySet().stream()
                .map(e -> e.getValue() > 1 && PLURAL.test(e.getKey()) ? e.getValue() + " " + e.getKey() : e.getKey())
                .toList();
    }

    private static String clause(List<String> verbs, String to) {
        return to.isEmpty() ? String.join("; ", verbs) : listed(verbs) + " " + to;
    }

    private static String lower(String verb) {
        return verb.substring(0, 1).toLowerCase(Locale.ROOT) + verb.substring(1);
    }

    private static String listed(List<String> things) {
        int n = things.size();
        if (n == 1) {
            return things.get(0);
        }
        return n > TOLD
                ? String.join(", ", things.subList(0, NAMED)) + " and " + (n - NAMED) + " more"
                : String.join(", ", things.subList(0, n - 1)) + " and " + things.get(n - 1);
    }
}
