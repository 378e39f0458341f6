package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Where things dry: a cabinet, its shelves, or hooks to hang from. */
@Text(label = "drying place", means = "Where things dry: a cabinet, its shelves, or hooks to hang from.")
public record DryingPlace(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "owned", unit = Unit.COUNT, min = 0, max = 100000, usual = 1, means = "How many there are.")
        int count,

        @Text(label = "sort") Sort sort,

        @Quantity(
                label = "holds",
                unit = Unit.COUNT,
                min = 1,
                max = 1000,
                usual = 20,
                means = "Pieces or flowers that one takes at a time.")
        int holds)
        implements DrawerItem {
    public DryingPlace {
        Limits.check(DryingPlace.class, name, count, sort, holds);
    }

    /** What it is. */
    public enum Sort {
        @Text(label = "drying cabinet")
        CABINET,
        @Text(label = "hook")
        HOOK,
        @Text(label = "rack or foam block")
        RACK
    }

    @Override
    public String inShort() {
        return "holds " + holds;
    }

    @Override
    public String howMuch() {
        return Integer.toString(count);
    }
}
