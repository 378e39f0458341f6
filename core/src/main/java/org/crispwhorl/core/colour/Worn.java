package org.crispwhorl.core.colour;

/**
 * What a piece or a body looks like at a few places once its passes are on, each sRGB {@code #rrggbb}.
 *
 * @param paste before any pass
 * @param foot of its face, an eighth of its length from where it begins
 * @param middle of its face, half-way
 * @param edge of its face, just below the tip
 * @param back half-way; of a body its foot
 */
public record Worn(String paste, String foot, String middle, String edge, String back) {
    static final double FOOT = 0.12;
    static final double MIDDLE = 0.5;
    static final double EDGE = 0.97;
}
