package org.crispwhorl.core.wire;

/**
 * Florist's tape wound round a stem: a helix on a cylinder, stretched so that it sticks.
 *
 * @param coveredMm length of stem that is covered, 0 or more
 * @param thickMm thickness of what it is wound round, mm
 * @param layers how often it goes up and down
 * @param widthMm width of the tape, as it is used, more than 0
 */
public record TapeRun(double coveredMm, double thickMm, double layers, double widthMm) {
    /** Each turn lies with this share of the width on the one before. */
    public static final double OVERLAP = 0.5;

    /** Tape is pulled to this many times its length. */
    public static final double STRETCH = 1.5;

    /** Width of the tape that stems are wound with where the drawer has none, mm. */
    public static final double USUAL_WIDTH_MM = 12;

    public TapeRun {
        if (!(widthMm > 0)) {
            throw new org.crispwhorl.core.measure.InvalidValue("widthMm", widthMm, "more than 0 mm");
        }
    }

    /** How far one turn goes along the stem, mm. */
    public double pitchMm() {
        return widthMm * (1 - OVERLAP);
    }

    /** Tape that it takes, as it comes off the roll, mm. */
    public double lengthMm() {
        return layers * coveredMm * Math.hypot(Math.PI * thickMm, pitchMm()) / (pitchMm() * STRETCH);
    }
}
