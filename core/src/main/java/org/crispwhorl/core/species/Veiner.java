package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

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
        double leastMm,

        @Words(label = "used") When when) {
    /** When pieces are veined: paste is thick enough before it is thinned, and shows finer veins after. */
    public enum When {
        @Words(label = "before thinning", means = "On the sheet, or on the piece as it is cut.")
        ROLLED,
        @Words(label = "once thinned", means = "On the piece as thin as it stays.")
        THINNED,
        @Words(label = "by hand", means = "Drawn with a tool; its length and its ends do not matter.")
        HAND
    }

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
        Limits.check(Veiner.class, name, lengthMm, sides, laid, leastMm, when);
    }

    /** One that is used before the piece is thinned. */
    public Veiner(String name, double lengthMm, Sides sides, Laid laid, double leastMm) {
        this(name, lengthMm, sides, laid, leastMm, When.ROLLED);
    }

    /** Whether what it is pressed on may be cut through, or be too long for it: a tool in the hand is neither. */
    public boolean pressed() {
        return when != When.HAND;
    }

    public Veiner withWhen(When newWhen) {
        return new Veiner(name, lengthMm, sides, laid, leastMm, newWhen);
    }

    /** Thickness of the paste that it is pressed on, mm. */
    public double pasteMm(Pieces pieces, Paste paste) {
        double finished = pieces.finishedMm(paste);
        return when == When.ROLLED ? Math.max(pieces.making().rolledMm(), finished) : finished;
    }

    public Veiner withLaid(Laid newLaid) {
        return new Veiner(name, lengthMm, sides, newLaid, leastMm, when);
    }

    public Veiner withLength(double newLengthMm) {
        return new Veiner(name, newLengthMm, sides, laid, leastMm, when);
    }

    public Veiner withSides(Sides newSides) {
        return new Veiner(name, lengthMm, newSides, laid, leastMm, when);
    }
}
