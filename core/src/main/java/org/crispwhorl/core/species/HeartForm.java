package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** The shape of a heart, standing on its foot at height 0. */
@Words(label = "form", means = "The shape of the heart.")
public sealed interface HeartForm {
    /** Greatest diameter, mm. */
    double diameterMm();

    /** Height above the foot, mm. */
    double heightMm();

    /** Volume in mm³, by the solid's own formula. */
    double volumeMm3();

    /** Surface that is open to the air, mm². */
    double surfaceMm2();

    /**
     * Radius at a height above the foot.
     *
     * @param heightMm 0 to the form's height; 0 outside of it
     * @return mm
     */
    double radiusAt(double heightMm);

    /** The same form at another height and diameter. */
    HeartForm resized(double newDiameterMm, double newHeightMm);

    /** A straight cone, broad foot down. */
    @Words(label = "cone")
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
            implements HeartForm {
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
        public HeartForm resized(double newDiameterMm, double newHeightMm) {
            return new Cone(newDiameterMm, newHeightMm);
        }
    }

    /** A ball. */
    @Words(label = "ball")
    record Ball(
            @Quantity(
                    label = "diameter",
                    unit = Unit.MM,
                    min = 1,
                    max = 80,
                    usual = 10,
                    means = "Diameter of the ball.")
            double diameterMm)
            implements HeartForm {
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
        public HeartForm resized(double newDiameterMm, double newHeightMm) {
            return new Ball(Math.min(newDiameterMm, newHeightMm));
        }
    }

    /** A teardrop or bud: a half-ball below, a cone above it. */
    @Words(label = "teardrop")
    record Teardrop(
            @Quantity(label = "diameter", unit = Unit.MM, min = 2, max = 80, usual = 10, means = "Greatest diameter.")
            double diameterMm,

            @Quantity(label = "height", unit = Unit.MM, min = 2, max = 120, usual = 14, means = "From foot to point.")
            double heightMm)
            implements HeartForm {
        public Teardrop {
            Limits.check(Teardrop.class, diameterMm, heightMm);
            if (heightMm < diameterMm) {
                throw new org.crispwhorl.core.measure.InvalidValue(
                        "heightMm", heightMm, "at least the diameter, " + diameterMm + " mm");
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
        public HeartForm resized(double newDiameterMm, double newHeightMm) {
            return new Teardrop(Math.min(newDiameterMm, newHeightMm), newHeightMm);
        }
    }
}
