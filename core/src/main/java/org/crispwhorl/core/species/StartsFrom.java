package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.outline.Cut;

/**
 * What the pieces of a part are cut or rolled from, for a list of what to cut.
 *
 * @param from in the maker's words: a cutter, a ball, a strip
 * @param longMm as it is cut
 * @param wideMm as it is cut
 * @param rolledMm thickness of the sheet; 0 where there is none
 * @param finishedMm mean thickness of the finished piece
 * @param cut what its cutter cuts
 * @param template what is printed at its true size to be cut round, where it has no cutter
 */
public record StartsFrom(
        String from,
        double longMm,
        double wideMm,
        double rolledMm,
        double finishedMm,
        Optional<Cut> cut,
        Optional<Cut> template) {
    /** Without a template. */
    public StartsFrom(
            String from, double longMm, double wideMm, double rolledMm, double finishedMm, Optional<Cut> cut) {
        this(from, longMm, wideMm, rolledMm, finishedMm, cut, Optional.empty());
    }
}
