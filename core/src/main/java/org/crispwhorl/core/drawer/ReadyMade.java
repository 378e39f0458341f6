package org.crispwhorl.core.drawer;

import java.util.List;
import java.util.stream.Stream;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.species.Bought;

/** Things that are bought ready-made and put into flowers: pearls, cores, skewers, what holds rings apart. */
@Text(label = "ready-made thing", means = "Pearls, cores, skewers, what holds rings apart while they dry.")
public record ReadyMade(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "owned", unit = Unit.COUNT, min = 0, max = 100000, usual = 1, means = "How many are left.")
        int count,

        @Text(label = "of") Bought.BoughtSort of,

        @Quantity(
                label = "width",
                unit = Unit.MM,
                min = 0,
                max = 120,
                step = 0.5,
                usual = 20,
                means = "Across one; 0 where it does not matter.")
        double wideMm,

        @Quantity(
                label = "height",
                unit = Unit.MM,
                min = 0,
                max = 400,
                step = 0.5,
                usual = 0,
                means = "Of one; 0 where it is as high as wide, or does not matter.")
        double highMm,

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
    public ReadyMade {
        Limits.check(ReadyMade.class, name, count, of, wideMm, highMm, price);
    }

    /** One whose price is not known. */
    public ReadyMade(String name, int count, Bought.BoughtSort of, double wideMm, double highMm) {
        this(name, count, of, wideMm, highMm, 0);
    }

    /** Whether it will do where a flower wants this. */
    public boolean serves(Bought wanted) {
        return wanted.servedBy(of, wideMm, highMm);
    }

    @Override
    public double amount() {
        return count;
    }

    @Override
    public DrawerItem holding(double amount, Stock.Taken changed) {
        return new ReadyMade(name, (int) amount, of, wideMm, highMm, price);
    }

    @Override
    public String inShort() {
        return wideMm == 0 ? "of any size" : highMm == 0 ? Unit.MM.write(wideMm) : LengthText.size(wideMm, highMm);
    }

    @Override
    public List<Double> sizesMm() {
        return Stream.of(wideMm, highMm).filter(mm -> mm > 0).toList();
    }
}
