package org.crispwhorl.core.drawer;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.species.Veiner;

/** A veiner. */
@Text(label = "veiner", means = "A veiner.")
public record OwnVeiner(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(
                label = "owned",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 1,
                means = "How many there are; 0 is one that could be bought.")
        int count,

        @Quantity(
                label = "on loan",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 0,
                means = "Of them, with somebody else.")
        int lent,

        @Quantity(
                label = "worn out",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 0,
                means = "Of them, of no use any more.")
        int worn,

        @Quantity(
                label = "length",
                unit = Unit.MM,
                min = 3,
                max = 300,
                usual = 50,
                means = "Length of the veined part.")
        double lengthMm,

        @Text(label = "sides") Veiner.Sides sides,

        @Quantity(
                label = "least paste",
                unit = Unit.MM,
                min = 0.1,
                max = 5,
                step = 0.05,
                usual = 0.5,
                means = "Thinnest paste that it does not cut through.")
        double leastMm)
        implements DrawerItem, Tool {
    public OwnVeiner {
        Limits.check(OwnVeiner.class, name, count, lent, worn, lengthMm, sides, leastMm);
    }

    /** All of them here, and fit for use. */
    public OwnVeiner(String name, int count, double lengthMm, Veiner.Sides sides, double leastMm) {
        this(name, count, 0, 0, lengthMm, sides, leastMm);
    }

    @Override
    public String inShort() {
        return Unit.MM.write(lengthMm) + ", " + Text.Labels.of(sides);
    }

    @Override
    public List<Double> sizesMm() {
        return List.of(lengthMm);
    }
}
