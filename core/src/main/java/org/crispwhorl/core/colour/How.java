package org.crispwhorl.core.colour;

import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.work.Operation;

/** How a pass of colour is put on. */
@Text(label = "how", means = "How it is put on.")
public enum How {
    @Text(label = "dusted", means = "Brushed on dry and soft.")
    DUSTED(8, Operation.COLOUR, "Dust"),
    @Text(
            label = "dry-brushed",
            means = "Brushed on with hardly anything on the brush, so that it takes on what stands out.")
    DRY_BRUSHED(6, Operation.COLOUR, "Dry-brush"),
    @Text(label = "in streaks", means = "Fine strokes along the piece.")
    STREAKS(12, Operation.PAINT, "Paint streaks of"),
    @Text(label = "in spots", means = "Small spots.")
    SPOTS(12, Operation.PAINT, "Paint spots of"),
    @Text(label = "sprayed", means = "Sprayed on from afar.")
    SPRAYED(10, Operation.COLOUR, "Spray"),
    @Text(label = "washed", means = "Laid on wet and thin.")
    WASHED(20, Operation.PAINT, "Wash with"),
    @Text(label = "with lustre", means = "Glossed with a lustre.")
    LUSTRE(8, Operation.COLOUR, "Gloss with"),
    @Text(label = "glued and dipped", means = "Brushed with glue and dipped in crumb or pollen.")
    CRUMB(60, Operation.COLOUR, "Brush with glue and dip in");

    private static final int STREAKS_A_SIDE = 4;

    /** How much streaks sway, in the distance from one to the next, and over which length they do, mm. */
    private static final double SWAY = 0.12;

    private static final double SWAY_MM = 3;

    private static final double SPOT_EVERY_MM = 3;

    /** Radius of a spot, in the distance from one to the next, and how fast it ends. */
    private static final double SPOT = 0.3;

    private static final double SPOT_EDGE = 8;

    /** A dry brush leaves at least so much, and takes on what stands out so far apart. */
    private static final double DRY_LEAST = 0.7;

    private static final double DRY_ACROSS = 14;
    private static final double DRY_ALONG_MM = 1.7;

    private final double gramsPerM2;

    private final Operation by;
    private final String told;

    How(double gramsPerM2, Operation by, String told) {
        this.gramsPerM2 = gramsPerM2;
        this.by = by;
        this.told = told;
    }

    /** What hands do on one piece. */
    Operation by() {
        return by;
    }

    /** What hands do, as it is told; the colour goes on from it. */
    String told() {
        return told;
    }

    /** What lies on a square metre where it is laid on in full, g; an estimate of the craft. */
    public double gramsPerM2() {
        return gramsPerM2;
    }

    /** Share that comes to lie at a place, 0 to 1: even, or in the pattern that the hand leaves. */
    double grain(Spot at) {
        return switch (this) {
            case DUSTED, SPRAYED, WASHED, LUSTRE, CRUMB -> 1;
            case DRY_BRUSHED ->
                DRY_LEAST
                        + (1 - DRY_LEAST) * wave(at.acrossShare() * DRY_ACROSS) * wave(at.fromFootMm() / DRY_ALONG_MM);
            case STREAKS -> {
                double ridge = wave(at.acrossShare() * STREAKS_A_SIDE + SWAY * Math.sin(at.fromFootMm() / SWAY_MM));
                yield ridge * ridge;
            }
            case SPOTS -> spot(at.toMidribMm() / SPOT_EVERY_MM, at.fromFootMm() / SPOT_EVERY_MM);
        };
    }

    /** Rows of spots, each second row between those of the first. */
    private static double spot(double across, double along) {
        double row = Math.floor(along);
        double shifted = across + (row % 2 == 0 ? 0.5 : 0);
        double off = Math.hypot(shifted - Math.rint(shifted), along - row - 0.5);
        return Math.max(0, Math.min(1, (SPOT - off) * SPOT_EDGE));
    }

    /** 1 and down to 0 and back for each whole step. */
    private static double wave(double x) {
        return 0.5 + 0.5 * Math.cos(2 * Math.PI * x);
    }
}
