package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.thinning.PressedBall;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** The shape of a centre, standing on its foot at height 0. */
@Text(label = "form", means = "The shape of the centre.")
@ShownAsPicture
public sealed interface CentreForm extends CentreBody, CentreWork, CentreContents
        permits Uncoated, CentreForm.Disc, Pearls {
    /** The same form without its coat. */
    CentreForm uncoated();

    /** Across of the skewer that is the stem, mm; none where the stem is of wire. */
    default Optional<Double> skewerMm() {
        return Optional.empty();
    }

    /** Whether soft pieces may be set on it as soon as it is there. */
    default boolean holdsAtOnce() {
        return core();
    }

    /** The ball that it is made from, as it is told. */
    default String ball() {
        return "a ball of " + Said.mm(PressedBall.diameterMm(volumeMm3()));
    }

    /** Its width and its height, as they are told. */
    default String widthAndHeight() {
        return Said.mm(diameterMm()) + " wide, " + Said.mm(heightMm()) + " high";
    }

    /** The same form at another height and diameter. */
    CentreForm resized(double newDiameterMm, double newHeightMm);

    /** A straight cone, broad foot down. */
    @Text(label = "cone")
    record Cone(
            @Quantity(
                    label = "diameter",
                    unit = Unit.MM,
                    min = 2,
                    max = 80,
                    usual = 10,
                    means = "Diameter of the foot.")
            double diameterMm,

            @Quantity(label = "height", unit = Unit.MM, min = 2, max = 120, usual = 14, means = "From foot to point.")
            double heightMm)
            implements Uncoated {
        public Cone {
            Limits.check(Cone.class, diameterMm, heightMm);
        }

        @Override
        public double volumeMm3() {
            return Math.PI * diameterMm * diameterMm * heightMm / 12;
        }

        @Override
        public double surfaceMm2() {
            double r = diameterMm / 2;
            return Math.PI * r * (r + Math.hypot(r, heightMm));
        }

        @Override
        public double radiusAt(double z) {
            return z < 0 || z > heightMm ? 0 : diameterMm / 2 * (1 - z / heightMm);
        }

        @Override
        public Steps making() {
            return Steps.of(Operation.SHAPE, 1, "Roll " + ball() + " to a cone " + widthAndHeight() + ".");
        }

        @Override
        public CentreForm resized(double newDiameterMm, double newHeightMm) {
            return new Cone(newDiameterMm, newHeightMm);
        }
    }

    /** A ball. */
    @Text(label = "ball")
    record Ball(
            @Quantity(
                    label = "diameter",
                    unit = Unit.MM,
                    min = 1,
                    max = 80,
                    usual = 10,
                    means = "Diameter of the ball.")
            double diameterMm)
            implements Uncoated {
        public Ball {
            Limits.check(Ball.class, diameterMm);
        }

        @Override
        public double heightMm() {
            return diameterMm;
        }

        @Override
        public double volumeMm3() {
            return Math.PI * diameterMm * diameterMm * diameterMm / 6;
        }

        @Override
        public double surfaceMm2() {
            return Math.PI * diameterMm * diameterMm;
        }

        @Override
        public double radiusAt(double z) {
            return z < 0 || z > diameterMm ? 0 : Math.sqrt(z * (diameterMm - z));
        }

        @Override
        public Steps making() {
            return Steps.of(Operation.SHAPE, 1, "Roll " + ball() + ".");
        }

        @Override
        public CentreForm resized(double newDiameterMm, double newHeightMm) {
            return new Ball(Math.min(newDiameterMm, newHeightMm));
        }
    }

    /** A teardrop or bud: a half-ball below, a cone above it. */
    @Text(label = "teardrop")
    record Teardrop(
            @Quantity(label = "diameter", unit = Unit.MM, min = 2, max = 80, usual = 10, means = "Greatest diameter.")
            double diameterMm,

            @Quantity(label = "height", unit = Unit.MM, min = 2, max = 120, usual = 14, means = "From foot to point.")
            double heightMm)
            implements Uncoated {
        public Teardrop {
            Limits.check(Teardrop.class, diameterMm, heightMm);
            if (heightMm < diameterMm) {
                throw new InvalidValue("heightMm", heightMm, "at least the diameter, " + diameterMm + " mm");
            }
        }

        @Override
        public double volumeMm3() {
            double r = diameterMm / 2;
            return 2.0 / 3 * Math.PI * r * r * r + Math.PI * r * r * (heightMm - r) / 3;
        }

        @Override
        public double surfaceMm2() {
            double r = diameterMm / 2;
            return 2 * Math.PI * r * r + Math.PI * r * Math.hypot(r, heightMm - r);
        }

        @Override
        public double radiusAt(double z) {
            double r = diameterMm / 2;
            if (z < 0 || z > heightMm) {
                return 0;
            }
            return z <= r ? Math.sqrt(z * (diameterMm - z)) : r * (heightMm - z) / (heightMm - r);
        }

        @Override
        public Steps making() {
            return Steps.of(Operation.SHAPE, 1, "Roll " + ball() + "; draw it to a drop " + widthAndHeight() + ".");
        }

        @Override
        public CentreForm resized(double newDiameterMm, double newHeightMm) {
            return new Teardrop(Math.min(newDiameterMm, newHeightMm), newHeightMm);
        }
    }

    /** A flat disc, such as one to be coated in crumb or pollen. */
    @Text(label = "disc", means = "A flat disc, such as one to be coated in crumb or pollen.")
    record Disc(
            @Quantity(label = "diameter", unit = Unit.MM, min = 2, max = 80, usual = 16, means = "Across the disc.")
            double diameterMm,

            @Quantity(
                    label = "thickness",
                    unit = Unit.MM,
                    min = 0.5,
                    max = 20,
                    step = 0.5,
                    usual = 3,
                    means = "Of the disc.")
            double thicknessMm,

            @Text(label = "coat") Coat coat)
            implements CentreForm {
        /** What it is rolled in. */
        public enum Coat {
            @Text(label = "none")
            NONE,
            @Text(label = "crumb", means = "Coloured sugar crumb: does not bear steam or liquid.")
            CRUMB,
            @Text(label = "pollen", means = "Coloured semolina or the like: does not bear steam or liquid.")
            POLLEN
        }

        public Disc {
            Limits.check(Disc.class, diameterMm, thicknessMm, coat);
        }

        @Override
        public boolean bearsSteam() {
            return coat == Coat.NONE;
        }

        @Override
        public int touches() {
            return coat == Coat.NONE ? 0 : COATING_TOUCHES;
        }

        /** Gluing the disc and rolling it in its coat takes as long as this many small balls. */
        private static final int COATING_TOUCHES = 6;

        @Override
        public CentreForm uncoated() {
            return new Disc(diameterMm, thicknessMm, Coat.NONE);
        }

        @Override
        public List<String> allergens() {
            return coat == Coat.POLLEN ? List.of("gluten, where the pollen is semolina") : List.of();
        }

        @Override
        public List<Solid> solids(double onStemMm) {
            List<Solid> solids = new ArrayList<>(CentreForm.super.solids(onStemMm));
            if (coat != Coat.NONE) {
                solids.add(marks(onStemMm));
            }
            return solids;
        }

        @Override
        public Steps making() {
            return Steps.of(
                            Operation.SHAPE,
                            1,
                            "Press " + ball() + " to a disc " + Said.mm(diameterMm) + " wide, "
                                    + Said.thick(thicknessMm) + " thick.")
                    .and(
                            Operation.TEXTURE,
                            coat == Coat.NONE ? 0 : 1,
                            "Brush it with glue, dip it in " + Text.Labels.of(coat) + ", tap it off.")
                    .using(Use.GLUE);
        }

        @Override
        public double heightMm() {
            return thicknessMm;
        }

        @Override
        public double volumeMm3() {
            return Math.PI * diameterMm * diameterMm / 4 * thicknessMm;
        }

        @Override
        public double surfaceMm2() {
            return Math.PI * diameterMm * (diameterMm / 2 + thicknessMm);
        }

        @Override
        public double radiusAt(double z) {
            return z < 0 || z > thicknessMm ? 0 : diameterMm / 2;
        }

        @Override
        public CentreForm resized(double newDiameterMm, double newHeightMm) {
            return new Disc(newDiameterMm, Math.min(20, newHeightMm), coat);
        }
    }
}
