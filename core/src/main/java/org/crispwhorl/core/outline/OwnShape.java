package org.crispwhorl.core.outline;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;

/**
 * The shape of a maker's own outline without its size: corners round a simple polygon, each by two numbers, its signed distance
 * from the midrib as a share of the width and its station as a share of the length.
 */
@Text(
        label = "own shape",
        means = "A shape of your own in place of the family's: drawn over the same length and width.")
public record OwnShape(
        @Text(
                label = "corners",
                means = "In pairs: distance from the midrib as a share of the width, station as a share of the length.",
                shortest = 6,
                longest = 2 * OwnShape.MOST_CORNERS)
        List<Double> corners) {
    /** A cutter bent or printed to more corners than this is no smoother. */
    public static final int MOST_CORNERS = 400;

    /** Corners are kept to this share of the length or width: 0.006 mm on a 60 mm petal. */
    private static final double GRAIN = 1e4;

    private static final double SLACK = 2e-3;

    public OwnShape {
        Limits.check(OwnShape.class, corners);
        corners = List.copyOf(corners);
        if (corners.size() % 2 != 0) {
            throw new InvalidValue("corners", corners.size() + " numbers", "pairs of numbers");
        }
        check(corners, 0, -1, 1, 1);
        check(corners, 1, 0, 1, 1);
    }

    /** Every second number within limits, and together as wide as the whole. */
    private static void check(List<Double> corners, int from, double least, double most, double wide) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = from; i < corners.size(); i += 2) {
            double at = corners.get(i);
            if (!(at >= least - SLACK && at <= most + SLACK)) {
                throw new InvalidValue("corners/" + i, at, least + " to " + most);
            }
            low = Math.min(low, at);
            high = Math.max(high, at);
        }
        if (Math.abs(high - low - wide) > SLACK) {
            throw new InvalidValue("corners", "numbers from " + low + " to " + high, "a spread of 1 each way");
        }
    }

    /**
     * The shape of a polygon lying with its base down. Its midrib runs upwards through its centre of area.
     *
     * @param ring rows of (x, y), not closed, of any unit
     */
    static OwnShape of(double[][] ring) {
        Bounds b = Bounds.of(ring);
        double middle = Shoelace.of(ring).centreX();
        List<Double> corners = new ArrayList<>();
        for (double[] p : ring) {
            corners.add(Math.rint((p[0] - middle) / b.width() * GRAIN) / GRAIN + 0.0);
            corners.add(Math.rint((p[1] - b.low()) / b.height() * GRAIN) / GRAIN + 0.0);
        }
        return new OwnShape(corners);
    }

    /** Its corners at a size, rows of (across, station) in mm, not closed. */
    double[][] ring(double lengthMm, double widthMm) {
        double[][] ring = new double[corners.size() / 2][];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = new double[] {corners.get(2 * i) * widthMm, corners.get(2 * i + 1) * lengthMm};
        }
        return ring;
    }

    /**
     * From where to where it reaches across at a station, bays between included, as shares of the width.
     *
     * @param share of the length, 0 to 1
     * @return leftmost and rightmost; both 0 where it does not reach
     */
    double[] spanAt(double share) {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        int n = corners.size();
        for (int i = 0; i < n; i += 2) {
            double y0 = corners.get(i + 1);
            double y1 = corners.get((i + 3) % n);
            if (Math.min(y0, y1) <= share && share <= Math.max(y0, y1)) {
                double x0 = corners.get(i);
                double x1 = corners.get((i + 2) % n);
                double at = y0 == y1 ? x0 : x0 + (share - y0) / (y1 - y0) * (x1 - x0);
                left = Math.min(left, y0 == y1 ? Math.min(x0, x1) : at);
                right = Math.max(right, y0 == y1 ? Math.max(x0, x1) : at);
            }
        }
        return left > right ? new double[] {0, 0} : new double[] {left, right};
    }
}
