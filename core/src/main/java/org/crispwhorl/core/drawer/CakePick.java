package org.crispwhorl.core.drawer;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Food-safe picks of one size, which keep wires out of the cake. */
@Text(label = "pick", means = "Food-safe picks of one size, which keep wires out of the cake.")
public record CakePick(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "owned", unit = Unit.COUNT, min = 0, max = 100000, usual = 1, means = "Picks left.")
        int count,

        @Quantity(
                label = "bore",
                unit = Unit.MM,
                min = 1,
                max = 40,
                step = 0.5,
                usual = 6,
                means = "Inner diameter at the mouth.")
        double boreMm,

        @Quantity(
                label = "length",
                unit = Unit.MM,
                min = 10,
                max = 400,
                step = 5,
                usual = 70,
                means = "From mouth to point.")
        double lengthMm,

        @Quantity(
                label = "price",
                unit = Unit.MONEY,
                min = 0,
                max = 100000,
                step = 0.5,
                usual = 0,
                means = "Of one, in the studio's own money; 0 is not known.")
        double price)
        implements DrawerItem, UsedUp {
    public CakePick {
        Limits.check(CakePick.class, name, count, boreMm, lengthMm, price);
    }

    /** One whose price is not known. */
    public CakePick(String name, int count, double boreMm, double lengthMm) {
        this(name, count, boreMm, lengthMm, 0);
    }

    @Override
    public double amount() {
        return count;
    }

    @Override
    public DrawerItem holding(double amount, Stock.Taken changed) {
        return new CakePick(name, (int) amount, boreMm, lengthMm, price);
    }

    @Override
    public String inShort() {
        return "bore " + Unit.MM.write(boreMm) + ", " + Unit.MM.write(lengthMm) + " long";
    }

    @Override
    public List<Double> sizesMm() {
        return List.of(lengthMm);
    }
}
