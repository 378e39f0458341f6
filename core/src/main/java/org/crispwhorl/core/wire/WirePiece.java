package org.crispwhorl.core.wire;

/**
 * Equal pieces of wire that are wanted.
 *
 * @param lengthMm of each, more than 0
 * @param count how many, 0 or more
 */
public record WirePiece(double lengthMm, int count) {
    public WirePiece {
        if (!(lengthMm > 0) || !Double.isFinite(lengthMm) || count < 0) {
            throw new org.crispwhorl.core.measure.InvalidValue(
                    lengthMm > 0 ? "count" : "lengthMm", lengthMm > 0 ? count : lengthMm, "more than 0");
        }
    }
}
