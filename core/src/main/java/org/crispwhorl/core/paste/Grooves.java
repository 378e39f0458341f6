package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Outline;

/** How the grooves of a ridged board lie: pieces are cut with their midribs in them. */
@Text(label = "grooves", means = "How the grooves of a ridged board lie.")
public record Grooves(
        @Quantity(
                label = "groove long",
                unit = Unit.MM,
                min = 20,
                max = 600,
                step = 5,
                usual = 150,
                means = "Length of a groove.")
        double longMm,

        @Quantity(
                label = "apart",
                unit = Unit.MM,
                min = 3,
                max = 200,
                usual = 25,
                means = "From one groove to the next.")
        double apartMm) {
    /** Between one cut and the next, mm. */
    static final double BETWEEN_MM = 3;

    public Grooves {
        Limits.check(Grooves.class, longMm, apartMm);
    }

    /** Pieces that one groove holds, one behind the other; 0 for a piece that is longer than it. */
    public int alongOne(Outline piece) {
        return piece.lengthMm() > longMm ? 0 : (int) Math.max(1, Math.floor(longMm / (piece.lengthMm() + BETWEEN_MM)));
    }

    /** Every how many-th groove can be used, so that neighbours do not lie on each other. */
    public int every(Outline piece) {
        return (int) Math.ceil((piece.widthMm() + BETWEEN_MM) / apartMm);
    }

    /** Pieces that a board of so many grooves holds at once. */
    public int atOnce(Outline piece, int grooves) {
        int used = (grooves + every(piece) - 1) / every(piece);
        return used * alongOne(piece);
    }
}
