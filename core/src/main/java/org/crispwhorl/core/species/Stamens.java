package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/** Bought stamens, a head at both ends of each strand, tied round the heart. */
@Words(label = "stamens", means = "Bought double-ended strands, tied round the heart.")
public record Stamens(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of the shade that tips the heads.")
        String shade,

        @Quantity(
                label = "strands",
                unit = Unit.COUNT,
                min = 1,
                max = 300,
                usual = 20,
                means = "Strands, each with a head at both ends.")
        int strands,

        @Words(label = "use") Use use,

        @Quantity(
                label = "thread",
                unit = Unit.MM,
                min = 0.1,
                max = 2,
                step = 0.05,
                usual = 0.3,
                means = "Diameter of the thread.")
        double threadMm,

        @Quantity(
                label = "head",
                unit = Unit.MM,
                min = 0.3,
                max = 8,
                step = 0.1,
                usual = 1.2,
                means = "Width of one head.")
        double headMm,

        @Quantity(
                label = "stand",
                unit = Unit.MM,
                min = 2,
                max = 100,
                usual = 12,
                means = "Height of the heads above the neck of the flower.")
        double standMm,

        @Quantity(
                label = "ring",
                unit = Unit.MM,
                min = 0,
                max = 60,
                step = 0.5,
                usual = 6,
                means = "Radius of the ring on which the outermost heads stand.")
        double ringMm,

        @Quantity(
                label = "rows",
                unit = Unit.COUNT,
                min = 1,
                max = 8,
                usual = 2,
                means = "Rings of heads, one inside the other, over which they are spread.")
        int rows,

        @Words(label = "stand") Stand stand,

        @Quantity(
                label = "bunches",
                unit = Unit.COUNT,
                min = 1,
                max = 24,
                usual = 1,
                means = "Bunches in which they are tied.")
        int bunches,

        @Quantity(
                label = "tint",
                unit = Unit.MM,
                min = 0,
                max = 60,
                usual = 2,
                means = "Length of each strand's end that is tinted.")
        double tintMm,

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    /** What is done with a strand. Either way it gives two heads. */
    public enum Use {
        @Words(label = "folded", means = "Bunched, folded in the middle and tied: two heads and two threads a strand.")
        FOLDED,
        @Words(label = "cut", means = "Cut in half: two single stamens a strand.")
        CUT
    }

    /** Whether the heads stand in rings or fill the whole middle. */
    public enum Stand {
        @Words(label = "in a ring", means = "On rows round the heart.")
        RING,
        @Words(label = "as a tuft", means = "Filling the middle evenly.")
        TUFT
    }

    public Stamens {
        Limits.check(
                Stamens.class,
                id,
                name,
                shade,
                strands,
                use,
                threadMm,
                headMm,
                standMm,
                ringMm,
                rows,
                stand,
                bunches,
                tintMm,
                colour);
    }

    public Stamens withStrands(int newStrands) {
        return new Stamens(
                id,
                name,
                shade,
                newStrands,
                use,
                threadMm,
                headMm,
                standMm,
                ringMm,
                rows,
                stand,
                bunches,
                tintMm,
                colour);
    }

    public Stamens withRing(double newRingMm, int newRows) {
        return new Stamens(
                id, name, shade, strands, use, threadMm, headMm, standMm, newRingMm, newRows, stand, bunches, tintMm,
                colour);
    }

    public Stamens withStand(double newStandMm) {
        return new Stamens(
                id,
                name,
                shade,
                strands,
                use,
                threadMm,
                headMm,
                newStandMm,
                ringMm,
                rows,
                stand,
                bunches,
                tintMm,
                colour);
    }

    @Override
    public Stamens with(Colouring newColour) {
        return new Stamens(
                id, name, shade, strands, use, threadMm, headMm, standMm, ringMm, rows, stand, bunches, tintMm,
                newColour);
    }

    /** Heads: two a strand, folded or cut. */
    @Override
    public int pieceCount() {
        return 2 * strands;
    }

    @Override
    public List<Lump> lumps(Paste paste) {
        return List.of();
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of();
    }
}
