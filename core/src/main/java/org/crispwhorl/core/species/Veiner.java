package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** A veiner, and how pieces are laid on it. */
@Words(label = "veiner", means = "What puts the veins on, and how pieces are laid on it.")
public record Veiner(
        @Words(label = "name", shortest = 1, longest = 60, means = "As written on it in the drawer.")
        String name,

        @Quantity(
                label = "length",
                unit = Unit.MM,
                min = 3,
                max = 300,
                usual = 50,
                means = "Length of the veined part.")
        double lengthMm,

        @Words(label = "sides") Sides sides,
        @Words(label = "laid") Laid laid,

        @Quantity(
                label = "least paste",
                unit = Unit.MM,
                min = 0.1,
                max = 5,
                step = 0.05,
                usual = 0.5,
                means = "Thinnest paste that it does not cut through.")
        double leastMm) {
    /** Whether one face is veined or both at once. */
    public enum Sides {
        @Words(label = "one side")
        ONE,
        @Words(label = "both sides", means = "A pair that closes: it needs paste of some thickness.")
        BOTH
    }

    /** Towards which end of the veiner a piece lies: veins of a petal begin at its base, those of a leaf run to its tip. */
    public enum Laid {
        @Words(label = "towards its base", means = "As petals are.")
        TOWARDS_BASE,
        @Words(label = "towards its tip", means = "As leaves are.")
        TOWARDS_TIP
    }

    public Veiner {
        Limits.check(Veiner.class, name, lengthMm, sides, laid, leastMm);
    }

    public Veiner withLaid(Laid newLaid) {
        return new Veiner(name, lengthMm, sides, newLaid, leastMm);
    }

    public Veiner withLength(double newLengthMm) {
        return new Veiner(name, newLengthMm, sides, laid, leastMm);
    }

    public Veiner withSides(Sides newSides) {
        return new Veiner(name, lengthMm, newSides, laid, leastMm);
    }
}
