package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Heads at one stage of opening. */
@Text(label = "stage of opening", means = "Heads at one stage of opening, made from the full flower by rule.")
public record Opening(
        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Quantity(
                label = "heads",
                unit = Unit.COUNT,
                min = 1,
                max = 60,
                usual = 3,
                means = "How many heads are at this stage.")
        int count,

        @Quantity(
                label = "size",
                unit = Unit.NONE,
                min = 0.1,
                max = 1,
                step = 0.05,
                usual = 0.6,
                means = "Of its pieces, as a share of the full flower's.")
        double size,

        @Quantity(
                label = "rings",
                unit = Unit.COUNT,
                min = 0,
                max = 40,
                usual = 1,
                means = "Rings kept, counted from the centre; 0 is the centre alone.")
        int rings,

        @Quantity(
                label = "open",
                unit = Unit.NONE,
                min = 0,
                max = 1,
                step = 0.05,
                usual = 0.5,
                means = "How far the rings open, as a share of the full flower's.")
        double open,

        @Text(label = "core of its own") Optional<OwnCore> core) {
    public Opening {
        Limits.check(Opening.class, name, count, size, rings, open, core);
    }

    /** Heads that are built on the full flower's centre, smaller. */
    public Opening(String name, int count, double size, int rings, double open) {
        this(name, count, size, rings, open, Optional.empty());
    }

    /** What its heads are called in lists. */
    public String of(Species species) {
        return species.name() + ", " + name;
    }

    /** Below this share of opening stamens are not seen and not made. */
    private static final double SHOWS_STAMENS = 0.5;

    /** Whether it is open enough to show stamens. */
    public boolean showsStamens() {
        return open >= SHOWS_STAMENS;
    }
}
