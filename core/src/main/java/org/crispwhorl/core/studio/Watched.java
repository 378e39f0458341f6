package org.crispwhorl.core.studio;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Medium;

/** How fast a medium dries, or skins, in this studio, as its records have it. */
@Text(label = "watched drying", means = "How fast a medium dries in this studio, by what was looked at.")
public record Watched(
        @Text(label = "medium") Medium medium,
        @Text(label = "clock") DryingClock clock,

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
    /** Of the two clocks of a piece. */
    @Text(label = "clock", means = "What of a piece was watched.")
    public enum DryingClock {
        @Text(label = "drying", means = "Its body.")
        BODY,
        @Text(label = "skinning", means = "Its face, on the bench: how long it can be shaped.")
        SKIN
    }

    public Watched {
        Limits.check(Watched.class, medium, clock, factor, sigma, looks);
    }
}
