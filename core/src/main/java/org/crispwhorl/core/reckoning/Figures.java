package org.crispwhorl.core.reckoning;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;

/** A growing list of figures. */
final class Figures {
    private final List<Figure> list = new ArrayList<>();
    private Figure.Group group = Figure.Group.SIZE;

    Figures in(Figure.Group next) {
        group = next;
        return this;
    }

    Figures add(String key, String label, double value, Unit unit, Why why) {
        list.add(new Figure(key, group, label, value, unit, why));
        return this;
    }

    List<Figure> list() {
        return List.copyOf(list);
    }
}
