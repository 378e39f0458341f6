package org.crispwhorl.core.colour;

/**
 * A place on a piece, told by how far it lies from all that zones are reckoned from.
 *
 * @param fromFootMm along the piece from where it begins
 * @param toTipMm along it to its tip
 * @param toEdgeMm to its nearest edge but for the foot
 * @param toMidribMm across to its middle
 * @param toLowSideMm to its nearest side below its widest place
 * @param acrossShare from the middle to the side, -1 to 1
 */
record Spot(
        double fromFootMm,
        double toTipMm,
        double toEdgeMm,
        double toMidribMm,
        double toLowSideMm,
        double acrossShare) {}
