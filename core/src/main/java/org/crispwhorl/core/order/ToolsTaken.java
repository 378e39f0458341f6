package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.OwnFormer;
import org.crispwhorl.core.drawer.OwnVeiner;
import org.crispwhorl.core.drawer.RidgedBoard;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Petaled;

/** The tools that an order takes besides its cutters, against what the drawer has: what pieces dry in, what veins them, what holds them. */
final class ToolsTaken {
    private final Drawer drawer;
    private final Map<String, Integer> formers = new LinkedHashMap<>();
    private final Set<String> veiners = new LinkedHashSet<>();
    private final Set<String> glues = new LinkedHashSet<>();
    private boolean board;
    private boolean glaze;

    private ToolsTaken(Drawer drawer) {
        this.drawer = drawer;
    }

    static List<Materials.ShoppingLine> of(AssessedLines lines, Drawer drawer) {
        ToolsTaken tools = new ToolsTaken(drawer);
        for (int i = 0; i < lines.size(); i++) {
            tools.add(lines.assessment(i));
        }
        return tools.lines();
    }

    private void add(Assessment a) {
        for (Petaled part : a.species().petaled()) {
            part.pieces().former().ifPresent(former -> formers.merge(former.name(), atOnce(a, part), Math::max));
            part.pieces().veiner().filter(v -> v.pressed()).ifPresent(v -> veiners.add(v.name()));
            board |= Work.grooved(a, part);
        }
        a.species().parts().stream()
                .filter(part -> part.glued() && a.dries(part))
                .forEach(part -> glues.add(Text.Labels.of(a.techniques(part).glue())));
        glaze |= a.species().finishing().glazes();
    }

    /** What is shaped in a former and taken out again needs one; what dries in it needs one for each cut of a flower. */
    private static int atOnce(Assessment a, Petaled part) {
        return part.joins(a).as() == Joining.As.SOFT ? 1 : part.units();
    }

    private List<Materials.ShoppingLine> lines() {
        List<Materials.ShoppingLine> all = new ArrayList<>();
        formers.forEach((name, count) -> all.add(tool(
                "former " + name,
                count,
                drawer.all(OwnFormer.class).stream()
                        .filter(f -> f.name().equals(name))
                        .mapToInt(OwnFormer::here)
                        .sum(),
                "for one flower at a time")));
        veiners.forEach(name -> all.add(tool(
                "veiner " + name,
                1,
                drawer.all(OwnVeiner.class).stream()
                        .filter(v -> v.name().equals(name))
                        .mapToInt(OwnVeiner::here)
                        .sum(),
                "")));
        if (board) {
            all.add(tool("ridged board", 1, drawer.all(RidgedBoard.class).isEmpty() ? 0 : 1, ""));
        }
        glues.forEach(glue -> all.add(tool(glue, 1, 1, "the drawer keeps no count of it")));
        if (glaze) {
            all.add(tool("glaze", 1, 1, "the drawer keeps no count of it"));
        }
        return all;
    }

    private static Materials.ShoppingLine tool(String what, int needed, int owned, String note) {
        return new Materials.ShoppingLine(what, needed, owned, "", 0, true, note);
    }
}
