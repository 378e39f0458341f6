package org.crispwhorl.core.outline;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/**
 * The outline of a petal or leaf lying flat: symmetric about its midrib, base at station 0, tip at station
 * {@code lengthMm}. On the base side the half-width follows a quarter sine from the base width to the greatest width, on
 * the tip side a superellipse (Lamé curve) closes it. A tip of several lobes has straight-sided notches cut into it.
 */
@Words(label = "outline", means = "The shape of a piece lying flat, as its cutter cuts it.")
public record Outline(
        @Quantity(
                label = "length",
                unit = Unit.MM,
                min = 2,
                max = 300,
                usual = 28,
                means = "From base to tip, along the midrib.")
        double lengthMm,

        @Quantity(
                label = "width",
                unit = Unit.MM,
                min = 1,
                max = 300,
                usual = 22,
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
        double widest,

        @Quantity(
                label = "base",
                unit = Unit.NONE,
                min = 0,
                max = 1,
                step = 0.05,
                usual = 0.2,
                means = "Width of the base as a share of the greatest width.")
        double base,

        @Quantity(
                label = "tip",
                unit = Unit.NONE,
                min = 1,
                max = 6,
                step = 0.1,
                usual = 2,
                means = "1 runs straight to a point, 2 is round, 3 and more is blunt.")
        double tip,

        @Quantity(
                label = "lobes",
                unit = Unit.COUNT,
                min = 1,
                max = 7,
                usual = 1,
                means = "Lobes of the tip: one less than its notches; 1 is a whole tip.")
        int lobes,

        @Quantity(
                label = "notch",
                unit = Unit.NONE,
                min = 0,
                max = 0.4,
                step = 0.02,
                usual = 0,
                means = "Depth of each notch in the tip as a share of the length.")
        double notch) {

    /** Points on each side of the polygon from which area and perimeter are taken; the area is then true to 0.02 %. */
    private static final int FINE = 96;

    public Outline {
        Limits.check(Outline.class, lengthMm, widthMm, widest, base, tip, lobes, notch);
    }

    /** An outline with a whole tip. */
    public static Outline of(double lengthMm, double widthMm, double widest, double base, double tip) {
        return new Outline(lengthMm, widthMm, widest, base, tip, 1, 0);
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
        if (lobes == 1 || notch == 0) {
            return 0;
        }
        double lobe = widthMm / lobes;
        double nearest = Math.rint((acrossMm + widthMm / 2) / lobe);
        if (nearest < 1 || nearest > lobes - 1) {
            return 0;
        }
        double off = Math.abs(acrossMm + widthMm / 2 - nearest * lobe);
        return notch * lengthMm * Math.max(0, 1 - off / (0.4 * lobe));
    }

    /**
     * The outline as a polygon, from the base's right corner round the tip to its left corner.
     *
     * @param pointsPerSide at least 4; points are closest where the tip turns fastest
     * @return rows of (across, station) in mm, not closed
     */
    public double[][] polygon(int pointsPerSide) {
        int baseSide = pointsPerSide / 2;
        int tipSide = pointsPerSide - baseSide;
        double[][] points = new double[2 * pointsPerSide + 1][];
        for (int i = 0; i < baseSide; i++) {
            double s = widest * lengthMm * i / baseSide;
            put(points, i, halfWidthAt(s), s);
        }
        for (int i = 0; i <= tipSide; i++) {
            double turn = Math.PI / 2 * i / tipSide;
            double u = Math.pow(Math.sin(turn), 2 / tip);
            double across = widthMm / 2 * Math.pow(Math.cos(turn), 2 / tip);
            put(points, baseSide + i, i == tipSide ? 0 : across, lengthMm * (widest + (1 - widest) * u));
        }
        return points;
    }

    private void put(double[][] points, int i, double across, double station) {
        points[i] = new double[] {across, notchedStation(station, across)};
        points[points.length - 1 - i] = new double[] {-across, notchedStation(station, -across)};
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
     * (Dirichlet's integral). One with notches is taken by the shoelace rule over a fine polygon.
     */
    public double areaMm2() {
        if (lobes == 1 || notch == 0) {
            double baseSide = base + (1 - base) * 2 / Math.PI;
            return lengthMm * widthMm * (widest * baseSide + (1 - widest) * Superellipse.shareOfBox(tip));
        }
        double twice = 0;
        double[][] p = polygon(FINE);
        for (int i = 0; i < p.length; i++) {
            double[] a = p[i];
            double[] b = p[(i + 1) % p.length];
            twice += a[0] * b[1] - b[0] * a[1];
        }
        return Math.abs(twice) / 2;
    }

    /** Perimeter in mm, the base edge included: what a bent cutter of this outline keeps. */
    public double perimeterMm() {
        double sum = 0;
        double[][] p = polygon(FINE);
        for (int i = 0; i < p.length; i++) {
            double[] a = p[i];
            double[] b = p[(i + 1) % p.length];
            sum += Math.hypot(a[0] - b[0], a[1] - b[1]);
        }
        return sum;
    }

    /** Distance of the outline's centre of area from the base, mm. */
    public double centroidMm() {
        double area = 0;
        double moment = 0;
        double[][] p = polygon(FINE);
        for (int i = 0; i < p.length; i++) {
            double[] a = p[i];
            double[] b = p[(i + 1) % p.length];
            double cross = a[0] * b[1] - b[0] * a[1];
            area += cross;
            moment += (a[1] + b[1]) * cross;
        }
        return moment / (3 * area);
    }

    /** The same outline grown or shrunk evenly. */
    public Outline scaled(double factor) {
        return new Outline(lengthMm * factor, widthMm * factor, widest, base, tip, lobes, notch);
    }

    public Outline withLength(double newLengthMm) {
        return new Outline(newLengthMm, widthMm, widest, base, tip, lobes, notch);
    }

    public Outline withBase(double newBase) {
        return new Outline(lengthMm, widthMm, widest, newBase, tip, lobes, notch);
    }

    public Outline withWidth(double newWidthMm) {
        return new Outline(lengthMm, newWidthMm, widest, base, tip, lobes, notch);
    }
}
