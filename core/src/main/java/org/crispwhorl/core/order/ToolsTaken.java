package org.crispwhorl.core.order;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.OwnFormer;
import org.crispwhorl.core.drawer.OwnVeiner;
import org.crispwhorl.core.drawer.RidgedBoard;
import org.crispwhorl.core.work.Use;

/** What the work of an order takes besides cutters, paste and wire, against what the drawer has: read from its acts. */
final class ToolsTaken {
    private final Drawer drawer;

    /** Of each sort by its name, the most that one flower takes at once. */
    private final Map<Taken, Integer> taken = new LinkedHashMap<>();

    private record Taken(Use.Sort sort, String name) {}

    private ToolsTaken(Drawer drawer) {
        this.drawer = drawer;
    }

    static List<Materials.ShoppingLine> of(OrderSheet sheet, Drawer drawer) {
        ToolsTaken tools = new ToolsTaken(drawer);
        sheet.tasks().forEach(task -> task.task()
                .steps()
                .uses()
                .filter(use -> use.sort() != Use.Sort.RACK)
                .forEach(use -> tools.taken.merge(new Taken(use.sort(), use.name()), use.atOnce(), Math::max)));
        return tools.taken.entrySet().stream()
                .sorted(Map.Entry.comparingByKey(Comparator.comparing(Taken::sort)))
                .map(e -> tools.line(e.getKey(), e.getValue()))
                .toList();
    }

    private Materials.ShoppingLine line(Taken use, int count) {
        String what = (use.sort().label() + " " + use.name()).trim();
        return switch (use.sort()) {
            case FORMER ->
                tool(
                        what,
                        count,
                        owned(OwnFormer.class, f -> f.name().equals(use.name()), OwnFormer::here),
                        "for one flower at a time");
            case VEINER ->
                tool(what, count, owned(OwnVeiner.class, v -> v.name().equals(use.name()), OwnVeiner::here), "");
            case BOARD -> tool(what, count, owned(RidgedBoard.class, board -> true, board -> 1), "");
            case RACK, GLUE, GLAZE, LACQUER, SPIRIT -> tool(what, 1, 1, "the drawer keeps no count of it");
        };
    }

    private <T extends DrawerItem> int owned(Class<T> kind, Predicate<T> which, ToIntFunction<T> here) {
        return drawer.all(kind).stream().filter(which).mapToInt(here).sum();
    }

    private static Materials.ShoppingLine tool(String what, int needed, int owned, String note) {
        return new Materials.ShoppingLine(what, needed, owned, "", 0, true, note);
    }
}
