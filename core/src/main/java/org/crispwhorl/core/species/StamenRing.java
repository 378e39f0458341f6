package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.solid.Scatter;

/** How the heads of bought stamens stand. */
public record StamenRing(Stamens stamens) {
    /** Below this many head widths from middle to middle the heads are crowded. */
    public static final double CROWDED = 0.8;

    /** Above this many head widths from middle to middle the ring is sparse. */
    public static final double SPARSE = 3;

    /** Rows stand this many head widths apart. */
    private static final double ROW_PITCH = 1.2;

    /** Share of a circle that many threads fill. */
    private static final double FILLED = 0.8;

    /** Heads in one flower: two a strand, folded or cut; one where they are bought single. */
    public int heads() {
        return stamens.pieceCount();
    }

    /** Threads in the bundle: one to each head. */
    public int threads() {
        return stamens.pieceCount();
    }

    /** Thickness of the bundle of threads, mm. */
    public double bundleMm() {
        return stamens.threadMm() * Math.sqrt(threads() / FILLED);
    }

    /**
     * Radius of a row, mm.
     *
     * @param row 0 for the outermost
     */
    public double rowRadiusMm(int row) {
        return Math.max(0, stamens.ringMm() - row * ROW_PITCH * stamens.headMm());
    }

    /** Sum of the rows' radii, mm: what the heads share. */
    public double radiiMm() {
        double sum = 0;
        for (int row = 0; row < stamens.rows(); row++) {
            sum += rowRadiusMm(row);
        }
        return sum;
    }

    /** Heads in a row, in proportion to its radius; all of them where every row has radius 0. */
    public int headsIn(int row) {
        if (radiiMm() == 0) {
            return row == 0 ? heads() : 0;
        }
        double before = 0;
        for (int i = 0; i < row; i++) {
            before += rowRadiusMm(i);
        }
        double from = heads() * before / radiiMm();
        double to = heads() * (before + rowRadiusMm(row)) / radiiMm();
        return (int) (Math.round(to) - Math.round(from));
    }

    /** Radius of the disc that heads fill which do not stand in rows, mm. */
    public double middleMm() {
        return stamens.arrangement() == Stamens.StamenArrangement.ONE_SIDE
                ? stamens.ringMm() * (1 - BENT_OVER)
                : stamens.ringMm();
    }

    /** Area a head to square of the distance between neighbours, where points lie evenly (hexagonal): 2/√3. */
    private static final double HEXAGONAL = 2 / Math.sqrt(3);

    /** Distance from head to head, mm: along the rows 2π·Σr/heads; in a tuft as if the heads lay evenly over the middle. */
    public double spacingMm() {
        if (stamens.arrangement() != Stamens.StamenArrangement.RING) {
            return Math.sqrt(Math.PI * middleMm() * middleMm() / heads() * HEXAGONAL);
        }
        return 2 * Math.PI * radiiMm() / heads();
    }

    /** The radius of the outermost row at which the heads stand one width apart, mm. */
    public double easyRingMm() {
        if (stamens.arrangement() != Stamens.StamenArrangement.RING) {
            double easy = stamens.headMm() * Math.sqrt(heads() / (Math.PI * HEXAGONAL));
            return stamens.arrangement() == Stamens.StamenArrangement.ONE_SIDE ? easy / (1 - BENT_OVER) : easy;
        }
        double offsets = ROW_PITCH * stamens.headMm() * stamens.rows() * (stamens.rows() - 1) / 2.0;
        return (heads() * stamens.headMm() / (2 * Math.PI) + offsets) / stamens.rows();
    }

    /** Heads that stand to one side are bent over by this share of their ring. */
    private static final double BENT_OVER = 0.75;

    /** Places of the heads seen from above, x and y of each, innermost first. */
    public List<double[]> places() {
        if (stamens.arrangement() == Stamens.StamenArrangement.ONE_SIDE) {
            double tuft = stamens.ringMm() * (1 - BENT_OVER);
            return Scatter.overDisc(heads(), tuft, 0).stream()
                    .map(p -> new double[] {p[0] + stamens.ringMm() * BENT_OVER, p[1], p[2]})
                    .toList();
        }
        if (stamens.arrangement() == Stamens.StamenArrangement.TUFT) {
            return Scatter.overDisc(heads(), stamens.ringMm(), 0);
        }
        List<double[]> places = new ArrayList<>();
        for (int row = stamens.rows() - 1; row >= 0; row--) {
            places.addAll(Scatter.onCircle(headsIn(row), rowRadiusMm(row), 0.5 * (row % 2), 0));
        }
        return places;
    }
}
