package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Solid;

/** What is asked of a way of making where a piece has its form: outline, thickness, paste, how many from one lump. */
public interface PieceForm {
    /** How many pieces come from one lump or one cut; {@code count} where the whole ring does. */
    default int piecesPerUnit(int count) {
        return 1;
    }

    /** How many pieces spring side by side from one middle, so that each has its share of the way round; 1 for single ones. */
    default int besides(int count) {
        return 1;
    }

    /** How many separate things are then set in place. */
    default int joints(int count) {
        return count;
    }

    /** The finished outline of one piece: as stated, where there is no cutter from which it grows. */
    default Outline finished(Outline outline) {
        return outline;
    }

    /** Paste in one piece, mm³; its share of what a ring made in one has in the middle is included. */
    double volumeMm3(Outline outline, int count, Paste paste);

    /** Mean thickness of the finished piece, mm: its paste over its area. */
    default double finishedMm(Outline outline, Paste paste) {
        return volumeMm3(outline, 1, paste) / outline.areaMm2();
    }

    /** Thickness at a station of the finished piece, mm. */
    default double thicknessAt(double share, Outline outline, Paste paste) {
        return finishedMm(outline, paste);
    }

    /** Thickness of the sheet from which it is cut; 0 where there is no sheet. */
    default double rolledMm() {
        return 0;
    }

    /** Lobes of the same cut that are not like the others; none where all are alike. */
    default List<Lobe> unlike() {
        return List.of();
    }

    /** Whether a cutter is used, so that the outline stated is the cutter's. */
    default boolean cut() {
        return rolledMm() > 0;
    }

    /** Diameter of the finished middle from which the pieces of a ring made in one spring, mm; 0 where there is none. */
    double finishedMiddleMm();

    /** Whether a soft piece takes the shape of what it is laid on; what is hollowed out keeps its own. */
    default boolean lies() {
        return true;
    }

    /** Length of a solid foot below the pieces by which a flower without a wire is pushed in, mm; 0 where there is none. */
    default double pushedInMm() {
        return 0;
    }

    /** That foot as a body, where the pieces spring at a height above the neck. */
    default List<Solid> foot(double onStemMm) {
        return List.of();
    }
}
