package org.crispwhorl.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.crispwhorl.core.measure.Advanced;
import org.crispwhorl.core.measure.DrawnNotTyped;
import org.crispwhorl.core.measure.GivesWay;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/**
 * The outline of a petal or leaf lying flat: base at station 0, tip at station {@code lengthMm}. It is one of a family, symmetric
 * about its midrib: on the base side the half-width follows a quarter sine from the base width to the greatest width, on the tip
 * side a superellipse (Lamé curve) closes it; a tip of several lobes has straight-sided notches cut into it. Or it is of a shape
 * of the maker's own; the family's numbers then say which of the family comes nearest, and stand in again when the own shape is
 * left out.
 */
@Text(label = "outline", means = "The shape of a piece lying flat, as its cutter cuts it.")
public record Outline(
        @Quantity(
                label = "length",
                unit = Unit.MM,
                min = 2,
                max = 300,
                usual = 28,
                derivable = true,
                means = "From base to tip, along the midrib.")
        double lengthMm,

        @Quantity(
                label = "width",
                unit = Unit.MM,
                min = 1,
                max = 300,
                usual = 22,
                derivable = true,
                means = "The greatest width across the midrib.")
        double widthMm,

        @Quantity(
                label = "widest at",
                unit = Unit.NONE,
                min = 0.05,
                max = 0.95,
                step = 0.02,
                usual = 0.6,
                means = "Where the greatest width lies, as a share of the length from the base.")
        @GivesWay(to = "own")
        double widest,

        @Quantity(
                label = "base",
                unit = Unit.NONE,
                min = 0,
                max = 1,
                step = 0.05,
                usual = 0.2,
                means = "Width of the base as a share of the greatest width.")
        @GivesWay(to = "own")
        double base,

        @Quantity(
                label = "tip",
                unit = Unit.NONE,
                min = 1,
                max = 6,
                step = 0.1,
                usual = 2,
                means = "1 runs straight to a point, 2 is round, 3 and more is blunt.")
        @GivesWay(to = "own")
        double tip,

        @Advanced
        @Quantity(
                label = "lobes",
                unit = Unit.COUNT,
                min = 1,
                max = 7,
                usual = 1,
                means = "Lobes of the tip: one less than its notches; 1 is a whole tip.")
        @GivesWay(to = "own")
        int lobes,

        @Advanced
        @Quantity(
                label = "notch",
                unit = Unit.NONE,
                min = 0,
                max = 0.4,
                step = 0.02,
                usual = 0,
                means = "Depth of each notch in the tip as a share of the length.")
        @GivesWay(to = "own")
        double notch,

        @DrawnNotTyped Optional<OwnShape> own) {

    /** Half the width of a notch at its mouth, as a share of the width of a lobe. */
    private static final double NOTCH_HALF = 0.4;

    /** Points on each side of the polygon from which the perimeter is taken; it is then true to 0.1 %. */
    private static final int ROUND = 48;

    /** Points on each side of the polygon from which area and centre of area are taken; the area is then true to 0.02 %. */
    private static final int FINE = 96;

    public Outline {
        Limits.check(Outline.class, lengthMm, widthMm, widest, base, tip, lobes, notch, own);
    }

    /** An outline of the family. */
    public Outline(double lengthMm, double widthMm, double widest, double base, double tip, int lobes, double notch) {
        this(lengthMm, widthMm, widest, base, tip, lobes, notch, Optional.empty());
    }

    /** An outline with a whole tip. */
    public static Outline of(double lengthMm, double widthMm, double widest, double base, double tip) {
        return new Outline(lengthMm, widthMm, widest, base, tip, 1, 0);
    }

    /**
     * From where to where it reaches across at a station, notches and bays between included.
     *
     * @param stationMm 0 (base) to the length (tip); outside of it both are 0
     * @return signed distances from the midrib to the left and the right edge, mm
     */
    public double[] spanAt(double stationMm) {
        if (own.isPresent()) {
            double[] span = own.get().spanAt(stationMm / lengthMm);
            return new double[] {span[0] * widthMm, span[1] * widthMm};
        }
        double half = halfWidthAt(stationMm);
        return new double[] {-half, half};
    }

    /**
     * Half the width at a station, notches not counted.
     *
     * @param stationMm 0 (base) to the length (tip); outside of it the half-width is 0
     * @return mm
     */
    public double halfWidthAt(double stationMm) {
        double s = stationMm / lengthMm;
        if (s < 0 || s > 1) {
            return 0;
        }
        if (own.isPresent()) {
            double[] span = own.get().spanAt(s);
            return widthMm * (span[1] - span[0]) / 2;
        }
        if (s <= widest) {
            return widthMm / 2 * (base + (1 - base) * Math.sin(Math.PI / 2 * s / widest));
        }
        double u = (s - widest) / (1 - widest);
        return widthMm / 2 * Math.pow(1 - Math.pow(u, tip), 1 / tip);
    }

    /**
     * How far a notch takes the tip back at a distance from the midrib.
     *
     * @param acrossMm signed distance from the midrib
     * @return mm, 0 where there is no notch
     */
    public double notchAt(double acrossMm) {
        if (lobes == 1 || notch == 0 || own.isPresent()) {
            return 0;
        }
        double lobe = widthMm / lobes;
        double nearest = Math.rint((acrossMm + widthMm / 2) / lobe);
        if (nearest < 1 || nearest > lobes - 1) {
            return 0;
        }
        double off = Math.abs(acrossMm + widthMm / 2 - nearest * lobe);
        return notch * lengthMm * Math.max(0, 1 - off / (NOTCH_HALF * lobe));
    }

    /**
     * The outline as a polygon; one of the family goes from the base's right corner round the tip to its left corner.
     *
     * @param pointsPerSide at least 4; points are closest where the tip turns fastest. An own shape keeps all its corners and has
     *     its long sides divided.
     * @return rows of (across, station) in mm, not closed
     */
    public double[][] polygon(int pointsPerSide) {
        if (own.isPresent()) {
            double[][] ring = own.get().ring(lengthMm, widthMm);
            return divided(ring, Shoelace.perimeter(ring) / (2 * pointsPerSide));
        }
        int baseSide = pointsPerSide / 2;
        List<double[]> right = new ArrayList<>();
        for (int i = 0; i < baseSide; i++) {
            double s = widest * lengthMm * i / baseSide;
            right.add(new double[] {halfWidthAt(s), s});
        }
        for (double turn : turns(pointsPerSide - baseSide)) {
            double u = Math.pow(Math.sin(turn), 2 / tip);
            double across = widthMm / 2 * Math.pow(Math.cos(turn), 2 / tip);
            right.add(new double[] {turn == Math.PI / 2 ? 0 : across, lengthMm * (widest + (1 - widest) * u)});
        }
        int n = right.size();
        double[][] points = new double[2 * n - 1][];
        for (int i = 0; i < n; i++) {
            double[] p = right.get(i);
            points[i] = new double[] {p[0], notchedStation(p[1], p[0])};
            points[points.length - 1 - i] = new double[] {-p[0], notchedStation(p[1], -p[0])};
        }
        return points;
    }

    /** Angles at which the curve of the tip is taken: at even steps, and wherever a notch begins, ends or is deepest. */
    private TreeSet<Double> turns(int steps) {
        TreeSet<Double> turns = new TreeSet<>();
        for (int i = 0; i <= steps; i++) {
            turns.add(i == steps ? Math.PI / 2 : Math.PI / 2 * i / steps);
        }
        double lobe = widthMm / lobes;
        for (int k = 1; k < lobes && notch > 0; k++) {
            for (int side = -1; side <= 1; side++) {
                double across = Math.abs(k * lobe - widthMm / 2 + side * NOTCH_HALF * lobe);
                if (across < widthMm / 2) {
                    turns.add(Math.acos(Math.pow(2 * across / widthMm, tip / 2)));
                }
            }
        }
        return turns;
    }

    /** Whether it is the family's with a whole tip, so that a line across it meets its edge twice. */
    public boolean plain() {
        return own().isEmpty() && notch() * (lobes() - 1) == 0;
    }

    /** Whether both sides of its midrib are alike; those of an own shape need not be. */
    public boolean symmetric() {
        return own.isEmpty();
    }

    /** A polygon with its sides divided so that none is longer. */
    static double[][] divided(double[][] ring, double longestMm) {
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < ring.length; i++) {
            double[] a = ring[i];
            double[] b = ring[(i + 1) % ring.length];
            int steps = Math.max(1, (int) Math.ceil(Math.hypot(b[0] - a[0], b[1] - a[1]) / longestMm - 1e-9));
            for (int k = 0; k < steps; k++) {
                double share = (double) k / steps;
                all.add(new double[] {a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])});
            }
        }
        return all.toArray(double[][]::new);
    }

    /**
     * The station to which the notches take a point of the whole-tipped outline back.
     *
     * @param stationMm of the point without notches
     * @param acrossMm its signed distance from the midrib
     * @return mm; never below the widest station, so that the outline stays simple
     */
    public double notchedStation(double stationMm, double acrossMm) {
        double beyondWidest = stationMm - widest * lengthMm;
        return beyondWidest <= 0 ? stationMm : stationMm - Math.min(notchAt(acrossMm), 0.9 * beyondWidest);
    }

    /**
     * Area in mm². A whole tip's is exact: a quarter sine encloses 2/π of its box, a superellipse Γ(1 + 1/e)² ÷ Γ(1 + 2/e)
     * (Dirichlet's integral). One with notches and an own shape are taken by the shoelace rule.
     */
    public double areaMm2() {
        if (own.isEmpty() && (lobes == 1 || notch == 0)) {
            double baseSide = base + (1 - base) * 2 / Math.PI;
            return lengthMm * widthMm * (widest * baseSide + (1 - widest) * Superellipse.shareOfBox(tip));
        }
        return Shoelace.of(polygon(FINE)).area();
    }

    /** Perimeter in mm, the base edge included: what a bent cutter of this outline keeps. */
    public double perimeterMm() {
        return Shoelace.perimeter(polygon(ROUND));
    }

    /** Distance of the outline's centre of area from the base, mm. */
    public double centroidMm() {
        return Shoelace.of(polygon(FINE)).centreY();
    }

    /** Station of its centre of area, mm. */
    public double centreMm() {
        return Shoelace.of(polygon(CENTRE_POINTS)).centreY();
    }

    private static final int CENTRE_POINTS = 64;

    /** The same outline grown or shrunk evenly. */
    public Outline scaled(double factor) {
        return new Outline(lengthMm * factor, widthMm * factor, widest, base, tip, lobes, notch, own);
    }

    public Outline withLength(double newLengthMm) {
        return new Outline(newLengthMm, widthMm, widest, base, tip, lobes, notch, own);
    }

    public Outline withWidth(double newWidthMm) {
        return new Outline(lengthMm, newWidthMm, widest, base, tip, lobes, notch, own);
    }

    /** The same with another base; an own shape has no base to be told apart, and gives way to the family's. */
    public Outline withBase(double newBase) {
        return new Outline(lengthMm, widthMm, widest, newBase, tip, lobes, notch);
    }
}
