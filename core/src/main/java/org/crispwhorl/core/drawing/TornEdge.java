package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.List;

/** A torn edge as it is drawn: nicks of unlike depth along the outer part of an outline, the same each time it is drawn. */
final class TornEdge {
    /** From this share of the length on it is torn: the foot is joined and is left whole. */
    private static final double FROM = 0.35;

    private static final double STEP_MM = 0.55;

    /** Deepest nick, mm, on a piece that is large enough; a share of the length of a small one. */
    private static final double DEEP_MM = 0.9;

    private static final double DEEP_SHARE = 0.04;

    private TornEdge() {}

    /**
     * @param outline round the piece, each point across and along it, mm
     * @param lengthMm of the piece
     */
    static double[][] of(double[][] outline, double lengthMm) {
        double deep = Math.min(DEEP_MM, DEEP_SHARE * lengthMm);
        List<double[]> torn = new ArrayList<>();
        for (int i = 0; i < outline.length; i++) {
            double[] a = outline[i];
            double[] b = outline[(i + 1) % outline.length];
            int steps = (int) Math.max(1, Math.round(Math.hypot(b[0] - a[0], b[1] - a[1]) / STEP_MM));
            for (int k = 0; k < steps; k++) {
                double t = (double) k / steps;
                double across = a[0] + t * (b[0] - a[0]);
                double along = a[1] + t * (b[1] - a[1]);
                double out = Math.max(0, along / lengthMm - FROM) / (1 - FROM);
                double nick = deep * Math.min(1, 3 * out) * unlike(torn.size());
                // Towards the middle of the piece.
                double inAcross = -across;
                double inAlong = FROM * lengthMm - along;
                double far = Math.hypot(inAcross, inAlong);
                double share = far == 0 ? 0 : nick / far;
                torn.add(new double[] {across + share * inAcross, along + share * inAlong});
            }
        }
        return torn.toArray(double[][]::new);
    }

    /** From 0 to 1, unlike from one to the next: the fraction of a sine, as irregular as a tear. */
    private static double unlike(int i) {
        double wild = Math.sin(12.9898 * (i + 1)) * 43758.5453;
        return wild - Math.floor(wild);
    }
}
