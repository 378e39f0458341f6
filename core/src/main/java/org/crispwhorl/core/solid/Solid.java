package org.crispwhorl.core.solid;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** A body of a flower that is not a flat piece: mm from the axis and from the neck, z upwards. */
public sealed interface Solid {
    /** Height of its lowest point above the neck, mm. */
    double lowMm();

    /** Height of its highest point above the neck, mm. */
    double topMm();

    /** How far it reaches from the axis in plan, mm. */
    double reachMm();

    /** Height of what of it is highest at a radius or farther out, mm; −∞ where it does not reach so far. */
    default double topAt(double radiusMm) {
        return radiusMm <= reachMm() ? topMm() : Double.NEGATIVE_INFINITY;
    }

    /** Shows itself to a projection. */
    void show(Projection to);

    /** A way of drawing bodies: one method for each sort, so that a new sort cannot be forgotten. */
    interface Projection {
        void turned(Turned body);

        void tube(Tube body);

        void grains(Grains body);

        void coil(Coil body);

        void marks(Marks body);
    }

    /**
     * A body turned round the axis.
     *
     * @param footMm height of its foot above the neck
     * @param highMm from foot to top
     * @param radiusAt radius at a height above its foot
     */
    record Turned(double footMm, double highMm, DoubleUnaryOperator radiusAt) implements Solid {
        private static final int STEPS = 64;

        @Override
        public double lowMm() {
            return footMm;
        }

        @Override
        public double topMm() {
            return footMm + highMm;
        }

        /** Its volume, band by band, mm³. */
        public double volumeMm3() {
            double sum = 0;
            for (int i = 0; i < STEPS; i++) {
                double a = radiusAt.applyAsDouble(highMm * i / STEPS);
                double b = radiusAt.applyAsDouble(highMm * (i + 1) / STEPS);
                sum += Math.PI / 3 * (a * a + a * b + b * b) * highMm / STEPS;
            }
            return sum;
        }

        /** Its surface, band by band, its foot and its top with it, mm². */
        public double surfaceMm2() {
            double foot = radiusAt.applyAsDouble(0);
            double top = radiusAt.applyAsDouble(highMm);
            double sum = Math.PI * (foot * foot + top * top);
            for (int i = 0; i < STEPS; i++) {
                double a = radiusAt.applyAsDouble(highMm * i / STEPS);
                double b = radiusAt.applyAsDouble(highMm * (i + 1) / STEPS);
                sum += Math.PI * (a + b) * Math.hypot(a - b, highMm / STEPS);
            }
            return sum;
        }

        /** Volume over surface, mm: how far water has to go out of it. */
        public double dryingMm() {
            return volumeMm3() / surfaceMm2();
        }

        @Override
        public double reachMm() {
            double most = 0;
            for (int i = 0; i <= STEPS; i++) {
                most = Math.max(most, radiusAt.applyAsDouble(highMm * i / STEPS));
            }
            return most;
        }

        @Override
        public double topAt(double radiusMm) {
            for (int i = STEPS; i >= 0; i--) {
                double z = highMm * i / STEPS;
                if (radiusAt.applyAsDouble(z) >= radiusMm) {
                    return footMm + z;
                }
            }
            return Double.NEGATIVE_INFINITY;
        }

        @Override
        public void show(Projection to) {
            to.turned(this);
        }
    }

    /**
     * A round bar along a line: a thread, a wire, a twisted strand.
     *
     * @param path its middle, x, y, z of each point
     * @param thickMm across
     */
    record Tube(List<double[]> path, double thickMm) implements Solid {
        public Tube {
            path = List.copyOf(path);
        }

        @Override
        public double lowMm() {
            return lowest(path);
        }

        @Override
        public double topMm() {
            return highest(path);
        }

        @Override
        public double reachMm() {
            return furthest(path) + thickMm / 2;
        }

        @Override
        public void show(Projection to) {
            to.tube(this);
        }
    }

    /**
     * Equal small ellipsoids standing upright: heads, anthers, the balls of a cluster.
     *
     * @param places their middles, x, y, z of each
     * @param thickMm across
     * @param longMm upright
     */
    record Grains(List<double[]> places, double thickMm, double longMm) implements Solid {
        public Grains {
            places = List.copyOf(places);
        }

        @Override
        public double lowMm() {
            return lowest(places) - longMm / 2;
        }

        @Override
        public double topMm() {
            return highest(places) + longMm / 2;
        }

        @Override
        public double reachMm() {
            return furthest(places) + thickMm / 2;
        }

        @Override
        public void show(Projection to) {
            to.grains(this);
        }
    }

    /**
     * A strip wound round the axis, standing on its edge.
     *
     * @param fromMm radius of what it is wound round
     * @param toMm radius outside
     * @param pitchMm from one turn to the next
     * @param thickMm paste in one turn
     * @param footMm height of its foot above the neck
     * @param highMm from foot to rim
     * @param rim how its rim is opened and scalloped
     */
    record Coil(double fromMm, double toMm, double pitchMm, double thickMm, double footMm, double highMm, Rim rim)
            implements Solid {
        /**
         * The rim of a strip.
         *
         * @param openedMm how much farther out than at its foot the outermost turn stands at its rim; inner turns in proportion
         * @param scallops how many scallops there are along the whole of it; 0 for a straight rim
         * @param scallopMm how deep they are
         */
        public record Rim(double openedMm, double scallops, double scallopMm) {
            /** As straight as its foot. */
            public static final Rim STRAIGHT = new Rim(0, 0, 0);
        }

        /** Turns from the middle to the outside. */
        public double turns() {
            return (toMm - fromMm) / pitchMm;
        }

        /** Radius at its foot after some share of its length; along an Archimedean spiral the length goes with the square. */
        public double radiusAfter(double share) {
            return Math.sqrt(fromMm * fromMm + share * (toMm * toMm - fromMm * fromMm));
        }

        /** How far round it has gone after some share of its length, radians. */
        public double turnAfter(double share) {
            return 2 * Math.PI * (radiusAfter(share) - fromMm) / pitchMm;
        }

        /** Height of its rim above its foot after some share of its length, mm. */
        public double rimAfter(double share) {
            return rim.scallops() == 0
                    ? highMm
                    : highMm - rim.scallopMm() * (1 - Math.abs(Math.sin(Math.PI * rim.scallops() * share)));
        }

        /** Radius of its rim after some share of its length, mm: it stands out as far as it is high there. */
        public double rimRadiusAfter(double share) {
            double foot = radiusAfter(share);
            return foot + rim.openedMm() * foot / toMm * rimAfter(share) / highMm;
        }

        @Override
        public double lowMm() {
            return footMm;
        }

        @Override
        public double topMm() {
            return footMm + highMm;
        }

        @Override
        public double reachMm() {
            return toMm + rim.openedMm();
        }

        @Override
        public double topAt(double radiusMm) {
            return radiusMm <= reachMm() ? topMm() : Double.NEGATIVE_INFINITY;
        }

        @Override
        public void show(Projection to) {
            to.coil(this);
        }
    }

    /**
     * What is on a top and seen from above alone: snips, pinches, crumbs.
     *
     * @param places x, y of each
     * @param acrossMm width of one
     * @param heightMm at which they lie
     */
    record Marks(List<double[]> places, double acrossMm, double heightMm) implements Solid {
        public Marks {
            places = List.copyOf(places);
        }

        @Override
        public double lowMm() {
            return heightMm;
        }

        @Override
        public double topMm() {
            return heightMm;
        }

        @Override
        public double reachMm() {
            return furthest(places) + acrossMm / 2;
        }

        @Override
        public void show(Projection to) {
            to.marks(this);
        }
    }

    private static double lowest(List<double[]> points) {
        return points.stream().mapToDouble(p -> p[2]).min().orElse(0);
    }

    private static double highest(List<double[]> points) {
        return points.stream().mapToDouble(p -> p[2]).max().orElse(0);
    }

    private static double furthest(List<double[]> points) {
        return points.stream().mapToDouble(p -> Math.hypot(p[0], p[1])).max().orElse(0);
    }
}
