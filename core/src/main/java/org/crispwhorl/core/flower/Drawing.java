package org.crispwhorl.core.flower;

import java.util.List;

/**
 * The flower as it was computed, ready to be drawn: lengths in mm from the axis and the neck, angles in degrees.
 *
 * @param face seen from straight above, bottommost shape first
 * @param section the right half of a cut through the axis
 */
public record Drawing(Face face, Section section) {
    /**
     * @param radiusMm half the width across the face
     */
    public record Face(double radiusMm, List<Ring> rings, List<HeartDisc> discs, List<Heads> heads, List<Gap> gaps) {}

    /** Whether a shape lies below the heart or over it. */
    public enum Lap {
        OUTGOING,
        RETURNING
    }

    /**
     * Equal shapes of one part.
     *
     * @param outline x outwards, y across, in turn; the shape at azimuth 0
     * @param azimuths in the order in which they are painted, undermost first
     * @param closings shapes painted last, where the ring closes over itself
     */
    public record Ring(String partId, Lap lap, double[] outline, double[] azimuths, List<Closing> closings) {}

    /** A part of a shape that lies over pieces painted after it; in its own piece's azimuth. */
    public record Closing(double azimuth, double[] outline) {}

    /** A heart, seen from above. */
    public record HeartDisc(String partId, double radiusMm) {}

    /** Stamen heads: their places as x, y in turn. */
    public record Heads(String partId, double headMm, double[] places) {}

    /** The largest gap that a ring leaves. */
    public record Gap(String partId, double radiusMm, double azimuth, double widthMm) {}

    /**
     * @param lowestMm lowest point of all
     * @param highestMm highest point of all
     */
    public record Section(
            double lowestMm,
            double highestMm,
            List<Profile> profiles,
            List<Solid> solids,
            List<Threads> threads,
            Stem stem) {}

    /** A piece cut along its midrib: radius and height in turn. */
    public record Profile(String partId, double thicknessMm, double[] midrib) {}

    /** A heart's half-profile: radius and height in turn, from foot to top. */
    public record Solid(String partId, double[] profile) {}

    /** Stamens: one line (r0, z0, r1, z1) a row. */
    public record Threads(String partId, double threadMm, double headMm, double[] lines) {}

    /** The stem below. */
    public record Stem(double diameterMm, double lengthMm) {}
}
