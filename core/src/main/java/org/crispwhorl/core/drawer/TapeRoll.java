package org.crispwhorl.core.drawer;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Florist's tape of one width. */
@Text(label = "tape", means = "Florist's tape of one width.")
public record TapeRoll(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(
                label = "left",
                unit = Unit.METRE,
                min = 0,
                max = 10000,
                step = 1,
                usual = 25,
                means = "Metres left on the rolls.")
        double metres,

        @Quantity(
                label = "width",
                unit = Unit.MM,
                min = 2,
                max = 50,
                step = 1,
                usual = 12,
                means = "Width as bought, before it is cut down.")
        double widthMm,

        @Quantity(
                label = "price",
                unit = Unit.MONEY,
                min = 0,
                max = 100000,
                step = 0.5,
                usual = 0,
                means = "Of a metre, in the studio's own money; 0 is not known.")
        double price)
        implements DrawerItem, UsedUp {
    public TapeRoll {
        Limits.check(TapeRoll.class, name, metres, widthMm, price);
    }

    /** One whose price is not known. */
    public TapeRoll(String name, double metres, double widthMm) {
        this(name, metres, widthMm, 0);
    }

    @Override
    public double amount() {
        return metres;
    }

    @Override
    public DrawerItem holding(double amount, Stock.Taken changed) {
        return new TapeRoll(name, amount, widthMm, price);
    }

    @Override
    public String inShort() {
        return Unit.MM.write(widthMm) + " wide";
    }

    @Override
    public String howMuch() {
        return Unit.METRE.write(metres);
    }

    @Override
    public List<Double> sizesMm() {
        return List.of(widthMm);
    }
}
