package org.crispwhorl.core.drawing;

import java.util.List;
import java.util.Optional;

/**
 * The flower as it was computed, ready to be drawn: lengths in mm from the axis and the neck, angles in degrees.
 *
 * @param face seen from straight above, bottommost shape first
 * @param section the right half of a cut through the axis
 * @param habit the whole stem with its further heads, where it has any
 */
public record Drawing(Face face, Section section, Optional<Habit> habit) {
    /**
     * @param radiusMm half the width across the face
     * @param ramps of the parts whose bodies are coloured by zones
     */
    public record Face(
            double radiusMm,
            List<DrawnRing> rings,
            List<CentreDisc> discs,
            List<Stroke> strokes,
            List<Rounds> heads,
            List<Gap> gaps,
            List<Ramp> ramps) {}

    /**
     * The colours of a part's bodies where they change: with the radius (face) or the height (section).
     *
     * @param fromMm radius or height of the first colour
     * @param toMm that of the last
     * @param colours equally far apart, sRGB {@code #rrggbb}
     */
    public record Ramp(String partId, double fromMm, double toMm, List<String> colours) {}

    /** Whether a shape lies under the middle of the flower or over it. */
    public enum Lap {
        UNDER,
        OVER
    }

    /**
     * Equal shapes of one part.
     *
     * @param shade id of the shade seen, where it is not the part's own
     * @param outline x outwards, y across, in turn; the shape at azimuth 0
     * @param azimuths in the order in which they are painted, undermost first
     * @param closings shapes painted last, where the ring closes over itself
     * @param tint the colours on it at azimuth 0, where passes of colour leave any
     * @param veins lines on it at azimuth 0, each x outwards and y across in turn
     * @param veinMm how broad those are drawn
     */
    public record DrawnRing(
            String partId,
            Lap lap,
            Optional<String> shade,
            double[] outline,
            double[] azimuths,
            List<Closing> closings,
            Optional<ColourGrid> tint,
            List<double[]> veins,
            double veinMm) {
        /** The same over the middle of the flower. */
        DrawnRing over() {
            return new DrawnRing(partId, Lap.OVER, shade, outline, azimuths, closings, tint, veins, veinMm);
        }
    }

    /**
     * Colours in square cells, as a picture: its first row is the outermost, its columns go across from left to right.
     *
     * @param leftMm where its left side lies across, mm
     * @param topMm where its upper side lies, mm below the axis: minus how far outwards
     * @param cellMm side of a cell
     * @param rgb three sRGB codes for each cell, row by row
     */
    public record ColourGrid(double leftMm, double topMm, double cellMm, int columns, int rows, byte[] rgb) {}

    /** A shape that is painted once more where it lies over the shapes at other azimuths, which were painted after it. */
    public record Closing(double azimuth, double[] over) {}

    /**
     * A centre or a roll, seen from above.
     *
     * @param hollowMm radius of its hollow, 0 where it is whole
     * @param rim x and y in turn, of one whose rim is no circle; empty for the others
     */
    public record CentreDisc(String partId, double radiusMm, double hollowMm, double[] rim) {}

    /** A line of some thickness: x and y (face), or radius and height (section), in turn. */
    public record Stroke(String partId, double widthMm, double[] points) {}

    /** Equal small round things such as stamen heads: x and y (face), or radius and height (section), of each in turn. */
    public record Rounds(String partId, double wideMm, double highMm, double[] places) {}

    /** The largest gap that a ring leaves. */
    public record Gap(String partId, double radiusMm, double azimuth, double widthMm) {}

    /**
     * @param lowestMm lowest point of all
     * @param highestMm highest point of all
     * @param ramps of the parts whose bodies are coloured by zones
     */
    public record Section(
            double lowestMm,
            double highestMm,
            List<Profile> profiles,
            List<Solid> solids,
            List<Stroke> strokes,
            List<Rounds> rounds,
            Stem stem,
            List<Ramp> ramps) {}

    /**
     * A piece cut along its midrib.
     *
     * @param thicknessMm at its base
     * @param tipMm thickness at its tip
     * @param midrib radius and height in turn
     * @param glued so many of its points, from the base, are glued to what is inside; 0 where none is
     */
    public record Profile(String partId, double thicknessMm, double tipMm, double[] midrib, int glued) {}

    /** A centre's half-profile: radius and height in turn, from foot to top. */
    public record Solid(String partId, double[] profile) {}

    /** The stem below. */
    public record Stem(double diameterMm, double lengthMm) {}

    /**
     * A stem of many heads from the side.
     *
     * @param stemMm length of the main stem from its end to its tip
     * @param footMm height of the lowest head's joint above the stem's end
     * @param openings names of the stages, the full flower's last
     * @param pictures of a head of each stage from the side, in the order of the stages
     * @param joints what stands at the joints of heads: to the right of the stem and height above its end, in turn
     */
    public record Habit(
            double stemMm,
            double footMm,
            List<String> openings,
            List<Picture> pictures,
            List<HabitHead> heads,
            List<Stroke> joints) {}

    /**
     * Something seen from the side as a picture, its axis upright at 0: the first row is the uppermost.
     *
     * @param leftMm where its left side lies; left of the axis is negative
     * @param topMm where its upper side lies, mm below the neck: minus how high
     * @param cellMm side of a cell
     * @param rgba four codes for each cell, row by row: sRGB, and how much of the cell is covered
     */
    public record Picture(double leftMm, double topMm, double cellMm, int columns, int rows, byte[] rgba) {}

    /**
     * One head from the side.
     *
     * @param opening which stage, as an index
     * @param jointMm height of its joint above the stem's end
     * @param sideMm how far its neck stands to the right of the stem; negative to the left
     * @param neckMm height of its neck above the stem's end
     * @param angleDeg its axis from the upright, to the right
     * @param widthMm across its face
     * @param deepMm from its lowest to its highest point
     */
    public record HabitHead(
            int opening,
            double jointMm,
            double sideMm,
            double neckMm,
            double angleDeg,
            double widthMm,
            double deepMm) {}
}
