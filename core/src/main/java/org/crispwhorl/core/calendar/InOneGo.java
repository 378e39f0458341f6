package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A sitting as a maker reads it: what is done in one go, from its first touch to its last.
 *
 * @param uid of the first piece of work in it
 * @param name all that is done, in the maker's words
 * @param species the flowers it is done on
 * @param to in whole five minutes
 * @param because why then
 * @param uids of all pieces of work in it, in their order
 */
public record InOneGo(
        String uid,
        String name,
        String species,
        LocalDateTime from,
        LocalDateTime to,
        int maker,
        boolean evening,
        boolean done,
        String because,
        List<String> uids) {
    /** What stands before the things that it is done to, the longer ones first. */
    private static final List<String> VERBS =
            List.of("Make and set", "Make", "Join", "Dust", "Paint", "Colour", "Finish", "Box", "Turn");

    /** More things than these are told by the first and the last. */
    private static final int TOLD = 6;

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
                tasks.size() == 1
                        ? numbered(first.task(), first.batch(), first.of())
                        : name(tasks.stream().map(Calendar.PlacedTask::task).toList()),
                tasks.stream().map(Calendar.PlacedTask::species).distinct().collect(Collectors.joining(", ")),
                first.from(),
                first.done() ? last : whole(last),
                first.maker(),
                first.evening(),
                first.done(),
                first.because(),
                tasks.stream().map(Calendar.PlacedTask::uid).toList());
    }

    private static LocalDateTime whole(LocalDateTime moment) {
        int over = moment.getMinute() % Axis.SLOT_MIN;
        return over == 0 ? moment : moment.plus((long) Axis.SLOT_MIN - over, ChronoUnit.MINUTES);
    }

    private static String numbered(String task, int batch, int of) {
        return task + (of > 1 ? ", " + batch + " of " + of : "");
    }

    private static String name(List<String> tasks) {
        Map<String, Set<String>> things = new LinkedHashMap<>();
        for (String task : tasks) {
            Optional<String> verb = VERBS.stream()
                    .filter(v -> task.startsWith(v + " ") && !task.contains(","))
                    .findFirst();
            String thing = verb.map(v -> task.substring(v.length() + 1)).orElse("");
            things.computeIfAbsent(verb.orElse(task), v -> new LinkedHashSet<>())
                    .add(thing);
        }
        List<String> clauses = new ArrayList<>();
        List<String> verbs = new ArrayList<>();
        String last = null;
        for (Map.Entry<String, Set<String>> one : things.entrySet()) {
            String to = listed(List.copyOf(one.getValue()));
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
                ? things.get(0) + " to " + things.get(n - 1)
                : String.join(", ", things.subList(0, n - 1)) + " and " + things.get(n - 1);
    }
}
