package org.crispwhorl.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A growing list of figures, given in the order of their headings. */
public final class Figures {
    private final List<Figure> list = new ArrayList<>();
    private Figure.Group group = Figure.Group.SIZE;

    /** What is added next stands under this heading. */
    public Figures in(Figure.Group next) {
        group = next;
        return this;
    }

    /** Adds a figure under the heading that was named last. */
    public Figures add(String key, String label, double value, Unit unit, Why why) {
        list.add(new Figure(key, group, label, value, unit, why));
        return this;
    }

    /** The figures, heading by heading, each in the order in which they were added. */
    public List<Figure> list() {
        List<Figure> sorted = new ArrayList<>(list);
        sorted.sort(Comparator.comparing(Figure::group));
        return List.copyOf(sorted);
    }
}
