package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Veiner;

/**
 * The veins on a piece as they run: in a petal from its foot, spreading with its width; in a leaf a midrib, and side veins that leave it
 * towards the tip. A piece without a veiner has none, but for the midrib of a leaf.
 */
final class Veins {
    /** Veins of a petal lie so far apart at its widest, mm; no fewer on a side than one, no more than four. */
    private static final double APART_MM = 4.5;

    private static final int MOST_A_SIDE = 4;

    /** Side veins of a leaf leave the midrib so far apart, mm. */
    private static final double SIDE_APART_MM = 7;

    private static final int FEWEST_SIDE = 3;
    private static final int MOST_SIDE = 9;

    /** How much along a side vein goes for a step across. */
    private static final double SLOPE = 0.9;

    /** Veins end so far inside the edge, as shares. */
    private static final double INSIDE = 0.9;

    /** The outermost vein of a petal lies off its edge by so much of the way from one to the next. */
    private static final double OUTERMOST = 0.6;

    /** By how much of its length a vein at the very edge of a petal would end sooner than the middle one. */
    private static final double SHORTER = 0.35;

    /** A midrib goes on by so much farther than the veins, as a share. */
    private static final double MIDRIB = 0.95;

    /** The first side vein of a leaf leaves its midrib by so much of the way from one to the next sooner. */
    private static final double SOONER = 0.3;

    /** A side vein is looked for in so many steps to the width, and one shorter than two of them is none. */
    private static final int LOOKED_AT = 40;

    private static final int STEPS = 9;

    private Veins() {}

    /** The lines on the flat pieces of a ring, each as station and across in turn, mm. */
    static List<double[]> of(PlacedRing ring) {
        return flat(ring.part(), ring.surface().outline(), ring.surface().startMm());
    }

    /** Lines on the flat piece, each as station and across in turn, mm. */
    private static List<double[]> flat(Petaled part, Outline outline, double startMm) {
        Optional<Veiner> veiner = part.pieces().veiner();
        if (veiner.isEmpty()) {
            return part.midrib() ? List.of(midrib(outline, startMm)) : List.of();
        }
        return switch (veiner.get().laid()) {
            case TOWARDS_TIP -> leaf(outline, startMm);
            case TOWARDS_BASE, ON_MIDDLE -> petal(outline, startMm);
            case ANYWHERE -> part.midrib() ? List.of(midrib(outline, startMm)) : List.of();
        };
    }

    private static double[] midrib(Outline outline, double startMm) {
        double[] line = new double[2 * STEPS + 2];
        for (int i = 0; i <= STEPS; i++) {
            line[2 * i] = startMm + MIDRIB * (outline.lengthMm() - startMm) * i / STEPS;
        }
        return line;
    }

    private static List<double[]> petal(Outline outline, double startMm) {
        int side = (int) Math.max(1, Math.min(MOST_A_SIDE, Math.round(outline.widthMm() / 2 / APART_MM)));
        List<double[]> lines = new ArrayList<>();
        for (int k = -side; k <= side; k++) {
            double share = k / (side + OUTERMOST);
            double to = startMm + (outline.lengthMm() - startMm) * INSIDE * (1 - SHORTER * share * share);
            double[] line = new double[2 * STEPS + 2];
            for (int i = 0; i <= STEPS; i++) {
                double s = startMm + (to - startMm) * i / STEPS;
                line[2 * i] = s;
                line[2 * i + 1] = share * outline.halfWidthAt(s);
            }
            lines.add(line);
        }
        return lines;
    }

    private static List<double[]> leaf(Outline outline, double startMm) {
        List<double[]> lines = new ArrayList<>();
        lines.add(midrib(outline, startMm));
        double length = outline.lengthMm() - startMm;
        int n = (int) Math.max(FEWEST_SIDE, Math.min(MOST_SIDE, Math.round(length / SIDE_APART_MM)));
        for (int i = 1; i <= n; i++) {
            double from = startMm + length * (i - SOONER) / (n + 1);
            for (int side : new int[] {-1, 1}) {
                line(outline, from, side).ifPresent(lines::add);
            }
        }
        return lines;
    }

    /** A side vein from the midrib until just inside the edge. */
    private static Optional<double[]> line(Outline outline, double from, int side) {
        double across = 0;
        double step = outline.widthMm() / LOOKED_AT;
        while (across < INSIDE * outline.halfWidthAt(from + SLOPE * across)
                && from + SLOPE * across < INSIDE * outline.lengthMm()) {
            across += step;
        }
        if (across < 2 * step) {
            return Optional.empty();
        }
        double[] line = new double[2 * STEPS + 2];
        for (int i = 0; i <= STEPS; i++) {
            double v = across * i / STEPS;
            line[2 * i] = from + SLOPE * v;
            line[2 * i + 1] = side * v;
        }
        return Optional.of(line);
    }

    /** The veins of a stretch of a piece as they are seen from above: x outwards and y across in turn, mm. */
    static List<double[]> seen(PlacedRing ring, double from, double to) {
        PetalSurface surface = ring.surface();
        List<double[]> seen = new ArrayList<>();
        for (double[] line : of(ring)) {
            double[] points = new double[line.length];
            int n = 0;
            for (int i = 0; i < line.length; i += 2) {
                double station = surface.stationOf(line[i], line[i + 1]);
                if (station >= from && station <= to) {
                    double[] p = surface.point(line[i], line[i + 1]);
                    points[n++] = p[0];
                    points[n++] = p[1];
                }
            }
            if (n >= 4) {
                seen.add(Arrays.copyOf(points, n));
            }
        }
        return seen;
    }

    /** How broad they are drawn, mm: the deeper the broader, and broadest where they are pressed into the sheet before it is thinned, or drawn by hand. */
    static double broadMm(Petaled part) {
        return part.pieces().veiner().map(Veins::broadMm).orElse(ROLLED_MM);
    }

    private static double broadMm(Veiner veiner) {
        double usual =
                switch (veiner.when()) {
                    case ROLLED -> ROLLED_MM;
                    case THINNED -> THINNED_MM;
                    case HAND -> HAND_MM;
                };
        return usual * Math.max(LEAST_BROAD, Math.min(MOST_BROAD, veiner.depthMm() / Veiner.USUAL_DEPTH_MM));
    }

    /** However deep they are, veins are drawn no finer and no broader than so much of their usual breadth. */
    private static final double LEAST_BROAD = 0.6;

    private static final double MOST_BROAD = 2;
    private static final double ROLLED_MM = 0.22;
    private static final double THINNED_MM = 0.15;
    private static final double HAND_MM = 0.28;
}
