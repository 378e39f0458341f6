package org.crispwhorl.core.species;

/** How large a centre may be for the first petals to cover it. */
public final class ConeRule {
    /** Kept back, so that the petals close over the point. */
    private static final double MARGIN = 0.05;

    private ConeRule() {}

    /**
     * The least cutter length that covers a cone of a height: the cone stands no higher than the first petals reach, measured from
     * the middle of the cutter, less 5 %.
     *
     * @return mm
     */
    public static double cutterFor(double coneHeightMm) {
        return 2 * coneHeightMm / (1 - MARGIN);
    }

    /**
     * The least petal width with which n petals wrap a girth: n·W ≥ girth × (1 + overlap).
     *
     * @param overlap share of the girth that is covered twice
     * @return mm
     */
    public static double wrapWidthMm(double diameterMm, int petals, double overlap) {
        return Math.PI * diameterMm * (1 + overlap) / petals;
    }
}
