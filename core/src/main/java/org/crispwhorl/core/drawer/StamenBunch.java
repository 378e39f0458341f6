package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Bought stamens of one kind. */
@Text(label = "stamens", means = "Bought stamens of one kind.")
public record StamenBunch(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "owned", unit = Unit.COUNT, min = 0, max = 100000, usual = 1, means = "Strands left.")
        int count,

        @Quantity(
                label = "head",
                unit = Unit.MM,
                min = 0.3,
                max = 8,
                step = 0.1,
                usual = 1.2,
                means = "Width of a head.")
        double headMm,

        @Quantity(
                label = "thread",
                unit = Unit.MM,
                min = 0.1,
                max = 2,
                step = 0.05,
                usual = 0.3,
                means = "Thickness of a thread.")
        double threadMm,

        @Quantity(
                label = "price",
                unit = Unit.MONEY,
                min = 0,
                max = 100000,
                step = 0.5,
                usual = 0,
                means = "Of a hundred strands, in the studio's own money; 0 is not known.")
        double price)
        implements DrawerItem, UsedUp {
    public StamenBunch {
        Limits.check(StamenBunch.class, name, count, headMm, threadMm, price);
    }

    /** One whose price is not known. */
    public StamenBunch(String name, int count, double headMm, double threadMm) {
        this(name, count, headMm, threadMm, 0);
    }

    @Override
    public double amount() {
        return count;
    }

    @Override
    public DrawerItem holding(double amount, Stock.Taken changed) {
        return new StamenBunch(name, (int) amount, headMm, threadMm, price);
    }

    @Override
    public String inShort() {
        return "heads " + Unit.MM.write(headMm);
    }
}
