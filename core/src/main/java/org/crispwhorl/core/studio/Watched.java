package org.crispwhorl.core.studio;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Medium;

/** How fast a medium dries in this studio, as its records have it. */
@Words(label = "watched drying", means = "How fast a medium dries in this studio, by what was looked at.")
public record Watched(
        @Words(label = "medium") Medium medium,

        @Quantity(
                label = "dries faster by",
                unit = Unit.FACTOR,
                min = 0.15,
                max = 6,
                step = 0.01,
                usual = 1,
                means = "Rate of drying over what is reckoned without any record; below 1 is slower.")
        double factor,

        @Quantity(
                label = "spread",
                unit = Unit.NONE,
                min = 0.05,
                max = 0.6,
                step = 0.01,
                usual = 0.35,
                means = "Standard deviation of the logarithm of that rate: how sure it is.")
        double sigma,

        @Quantity(label = "looks", unit = Unit.COUNT, min = 1, max = 100000, usual = 1, means = "Records it rests on.")
        int looks) {
    public Watched {
        Limits.check(Watched.class, medium, factor, sigma, looks);
    }
}
