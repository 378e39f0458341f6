package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Advanced;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Use;

/** A veiner, and how pieces are laid on it. */
@Text(label = "veiner", means = "What puts the veins on, and how pieces are laid on it.")
public record Veiner(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it in the drawer.")
        String name,

        @Quantity(
                label = "length",
                unit = Unit.MM,
                min = 3,
                max = 300,
                usual = 50,
                means = "Length of the veined part; across, where it has rays.")
        double lengthMm,

        @Text(label = "sides") Sides sides,
        @Text(label = "laid") Laid laid,

        @Quantity(
                label = "least paste",
                unit = Unit.MM,
                min = 0.1,
                max = 5,
                step = 0.05,
                usual = 0.5,
                means = "Thinnest paste that it does not cut through.")
        double leastMm,

        @Advanced
        @Quantity(
                label = "depth",
                unit = Unit.MM,
                min = 0.05,
                max = 2,
                step = 0.05,
                usual = 0.2,
                means = "How deep its veins go into the paste.")
        double depthMm,

        @Text(label = "used") When when) {
    /** When pieces are veined: paste is thick enough before it is thinned, and shows finer veins after. */
    public enum When {
        @Text(label = "before thinning", means = "On the sheet, or on the piece as it is cut.")
        ROLLED,
        @Text(label = "once thinned", means = "On the piece as thin as it stays.")
        THINNED,
        @Text(label = "by hand", means = "Drawn with a tool; its length and its ends do not matter.")
        HAND
    }

    /** Whether one face is veined or both at once. */
    public enum Sides {
        @Text(label = "one side")
        ONE,
        @Text(label = "both sides", means = "A pair that closes: it needs paste of some thickness.")
        BOTH,
        @Text(label = "each face in turn", means = "One face, then the other, of the same veiner.")
        IN_TURN
    }

    /** Towards which end of the veiner a piece lies: veins of a petal begin at its base, those of a leaf run to its tip. */
    @ShownAsPicture
    public enum Laid {
        @Text(label = "towards its base", means = "As petals are.")
        TOWARDS_BASE,
        @Text(label = "towards its tip", means = "As leaves are.")
        TOWARDS_TIP,
        @Text(label = "on the middle", means = "A round veiner with rays, on whose middle a whole cut is set.")
        ON_MIDDLE,
        @Text(label = "anywhere", means = "A mat that is the same all over: it has no ends.")
        ANYWHERE;

        /** Whether it matters towards which end a piece lies. */
        public boolean hasEnds() {
            return this == TOWARDS_BASE || this == TOWARDS_TIP;
        }
    }

    public Veiner {
        Limits.check(Veiner.class, name, lengthMm, sides, laid, leastMm, depthMm, when);
    }

    /** One that is used before the piece is thinned. */
    public Veiner(String name, double lengthMm, Sides sides, Laid laid, double leastMm) {
        this(name, lengthMm, sides, laid, leastMm, When.ROLLED);
    }

    /** One of the usual depth. */
    public Veiner(String name, double lengthMm, Sides sides, Laid laid, double leastMm, When when) {
        this(name, lengthMm, sides, laid, leastMm, USUAL_DEPTH_MM, when);
    }

    /** Depth of veins unless something else is said, mm. */
    public static final double USUAL_DEPTH_MM = 0.2;

    /** How it is used, as it is told. */
    String told() {
        String end =
                switch (laid) {
                    case TOWARDS_BASE -> ", foot to its foot";
                    case TOWARDS_TIP -> ", tip to its tip";
                    case ON_MIDDLE -> ", on its middle";
                    case ANYWHERE -> "";
                };
        if (when == When.HAND) {
            return "Draw the veins by hand.";
        }
        return switch (sides) {
            case ONE -> "Press one side on " + name + end + ".";
            case BOTH -> "Press between the halves of " + name + end + ".";
            case IN_TURN -> "Press one face, then the other, on " + name + end + ".";
        };
    }

    /** It is taken where it is pressed on. */
    Optional<Use> use() {
        return pressed()
                ? Optional.of(Use.tool(Use.Sort.VEINER, name, name + ", " + Said.mm(lengthMm)))
                : Optional.empty();
    }

    /** How many times a piece is pressed. */
    int presses() {
        return sides == Sides.IN_TURN ? 2 : 1;
    }

    /** Whether what it is pressed on may be cut through, or be too long for it: a tool in the hand is neither. */
    public boolean pressed() {
        return when != When.HAND;
    }

    public Veiner withWhen(When newWhen) {
        return new Veiner(name, lengthMm, sides, laid, leastMm, depthMm, newWhen);
    }

    /** Thickness of the paste that it is pressed on, mm. */
    public double pasteMm(Pieces pieces, Paste paste) {
        double finished = pieces.finishedMm(paste);
        return when == When.ROLLED ? Math.max(pieces.making().rolledMm(), finished) : finished;
    }

    /**
     * How long its veined part has to be for pieces, mm: as long as one is when it is veined, as it was rolled or as it is finished, or
     * across the whole cut that is set on its middle.
     */
    public double neededMm(Pieces pieces) {
        boolean rolled = when == When.ROLLED;
        double piece = (rolled ? pieces.outline() : pieces.finished()).lengthMm();
        double grown = rolled ? pieces.thinning().map(Thinning::growth).orElse(1.0) : 1;
        double middle = pieces.making().finishedMiddleMm() / grown;
        return laid == Laid.ON_MIDDLE ? middle + 2 * piece : piece;
    }

    public Veiner withDepth(double newDepthMm) {
        return new Veiner(name, lengthMm, sides, laid, leastMm, newDepthMm, when);
    }

    public Veiner withLaid(Laid newLaid) {
        return new Veiner(name, lengthMm, sides, newLaid, leastMm, depthMm, when);
    }

    public Veiner withLength(double newLengthMm) {
        return new Veiner(name, newLengthMm, sides, laid, leastMm, depthMm, when);
    }

    public Veiner withSides(Sides newSides) {
        return new Veiner(name, lengthMm, newSides, laid, leastMm, depthMm, when);
    }
}
