package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.outline.Cut;

/** A cutter: what it cuts, and whether it can be bent. */
@Words(label = "cutter", means = "A cutter: what it cuts, and whether it can be bent.")
public record Cutter(
        @Words(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(
                label = "owned",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 1,
                means = "How many there are; 0 is one that could be bought.")
        int count,

        @Words(label = "cuts") Cut cut,

        @Words(label = "can be bent", means = "Thin metal that is squeezed into another shape and keeps its perimeter.")
        boolean bendable,

        @Quantity(
                label = "price",
                unit = Unit.MONEY,
                min = 0,
                max = 100000,
                step = 0.5,
                usual = 0,
                means = "What one costs, in the studio's own money; 0 is not known.")
        double price)
        implements DrawerItem {
    public Cutter {
        Limits.check(Cutter.class, name, count, cut, bendable, price);
    }
}
