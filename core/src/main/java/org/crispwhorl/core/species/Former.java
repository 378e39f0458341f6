package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Use;

/** A cup or hump in which a piece dries; it decides the bend. */
@Text(label = "former", means = "A cup or hump in which a piece dries; it decides the bend.")
public record Former(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it in the drawer.")
        String name,

        @Quantity(
                label = "rim radius",
                unit = Unit.MM,
                min = 3,
                max = 200,
                usual = 30,
                means = "Half the distance from rim to rim.")
        double rimRadiusMm,

        @Quantity(
                label = "depth",
                unit = Unit.MM,
                min = 1,
                max = 200,
                usual = 9,
                means = "From the level of the rim down.")
        double depthMm,

        @Text(label = "side") Side side) {
    /** Which way a piece bends in it. */
    @ShownAsPicture
    public enum Side {
        @Text(label = "cups in", means = "Laid into it: the tip bends towards the axis.")
        CUPS_IN(1),
        @Text(label = "turns back", means = "Laid over it: the tip bends away from the axis.")
        TURNS_BACK(-1);

        private final int sign;

        Side(int sign) {
            this.sign = sign;
        }

        /** +1 where the tip bends towards the axis. */
        public int sign() {
            return sign;
        }
    }

    public Former {
        Limits.check(Former.class, name, rimRadiusMm, depthMm, side);
        if (depthMm > rimRadiusMm) {
            throw new org.crispwhorl.core.measure.InvalidValue(
                    "depthMm",
                    depthMm,
                    "at most the rim radius, " + rimRadiusMm + " mm: a half-ball is the deepest cup");
        }
    }

    /** Radius of the sphere of which it is a cap, mm: (a² + h²)/2h, by the circle's chord and sagitta. */
    public double sphereRadiusMm() {
        return (rimRadiusMm * rimRadiusMm + depthMm * depthMm) / (2 * depthMm);
    }

    /** From rim to rim along its inside, mm: 2R·asin(a/R), more than a half circle where it is deeper than its ball's half. */
    public double arcMm() {
        double radius = sphereRadiusMm();
        double half = Math.asin(Math.min(1, rimRadiusMm / radius));
        return 2 * radius * (depthMm > radius ? Math.PI - half : half);
    }

    /** How a piece is put to it, as it is told. */
    String told() {
        String size = ", " + Said.mm(2 * rimRadiusMm) + " across, " + Said.mm(depthMm);
        return side == Side.CUPS_IN
                ? "in " + name + size + " deep, face up"
                : "over " + name + size + " high, tip down";
    }

    /** It is taken while a piece is shaped in it. */
    Use use() {
        return Use.tool(Use.Sort.FORMER, name, sized());
    }

    /** So many are taken, one for each of the pieces that dry in them. */
    Use use(int pieces) {
        return Use.place(Use.Sort.FORMER, name, sized(), pieces);
    }

    /** Its name and its sizes. */
    String sized() {
        return name + ", " + Said.mm(2 * rimRadiusMm) + " across, " + Said.mm(depthMm)
                + (side == Side.CUPS_IN ? " deep" : " high");
    }

    /** A former of the same shape, larger or smaller. */
    public Former scaled(double factor) {
        double rim = Limits.within(Former.class, "rimRadiusMm", rimRadiusMm * factor);
        double depth = Limits.within(Former.class, "depthMm", depthMm * factor);
        return new Former(name, rim, Math.min(rim, depth), side);
    }
}
