package org.crispwhorl.core.wire;

import java.util.List;

/**
 * How pieces of one gauge are cut from whole wires and offcuts.
 *
 * @param cuts wires cut alike, longest first
 * @param wholeWires whole wires that are begun
 * @param atLeast whole wires that no plan can do without
 * @param proved whether no plan begins fewer
 * @param tooLong pieces that no wire is long enough for; they are not in the plan
 */
public record CuttingPlan(
        List<WireCutting> cuts, int wholeWires, int atLeast, boolean proved, List<WirePiece> tooLong) {
    public CuttingPlan {
        cuts = List.copyOf(cuts);
        tooLong = List.copyOf(tooLong);
    }

    /**
     * Wires cut in the same way.
     *
     * @param fromMm length of the wire that is cut
     * @param offcut whether it is an offcut of earlier work
     * @param piecesMm what is cut from it, longest first
     * @param times how many wires are cut so
     * @param leftMm what is left of each
     */
    public record WireCutting(double fromMm, boolean offcut, List<Double> piecesMm, int times, double leftMm) {
        public WireCutting {
            piecesMm = List.copyOf(piecesMm);
        }
    }

    /** Shorter ends than this are not worth keeping, mm. */
    public static final double KEPT_MM = 40;

    /** What is left and worth keeping. */
    public List<WirePiece> offcuts() {
        return cuts.stream()
                .filter(c -> c.leftMm() >= KEPT_MM)
                .map(c -> new WirePiece(c.leftMm(), c.times()))
                .toList();
    }

    /** Millimetres of wire that are cut up in all. */
    public double openedMm() {
        return cuts.stream().mapToDouble(c -> c.times() * c.fromMm()).sum();
    }
}
