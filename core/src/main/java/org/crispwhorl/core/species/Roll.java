package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/** A strip or a fan of petals rolled up round the axis into a flower. */
@Words(label = "rolled flower", means = "A strip or a fan of petals rolled up.")
public record Roll(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Words(label = "rolled from") RollForm from,

        @Quantity(
                label = "thickness",
                unit = Unit.MM,
                min = 0.3,
                max = 5,
                step = 0.1,
                usual = 1,
                means = "Of the paste as it is rolled out.")
        double thickMm,

        @Quantity(
                label = "air",
                unit = Unit.MM,
                min = 0,
                max = 5,
                step = 0.1,
                usual = 0.6,
                means = "Space left between one turn and the next.")
        double airMm,

        @Quantity(
                label = "hollow",
                unit = Unit.MM,
                min = 0,
                max = 40,
                step = 0.5,
                usual = 2,
                means = "Diameter of what it is rolled round.")
        double hollowMm,

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    public Roll {
        Limits.check(Roll.class, id, name, shade, from, thickMm, airMm, hollowMm, colour);
    }

    /** The same roll of something larger or smaller. */
    public Roll with(RollForm newForm) {
        return new Roll(id, name, shade, newForm, thickMm, airMm, hollowMm, colour);
    }

    @Override
    public Roll with(Colouring newColour) {
        return new Roll(id, name, shade, from, thickMm, airMm, hollowMm, newColour);
    }

    @Override
    public int pieceCount() {
        return from.pieces();
    }

    @Override
    public List<Lump> lumps(Paste paste) {
        return List.of(new Lump(shade, from.areaMm2() * thickMm / from.pieces(), from.pieces()));
    }

    /** From one turn to the next, mm. */
    public double pitchMm() {
        return from.layers() * thickMm + airMm;
    }

    /**
     * Radius of the roll, mm: along an Archimedean spiral the length is the area between its circles over the pitch,
     * l = π(R² − r²)/p.
     */
    public double radiusMm() {
        double r = hollowMm / 2;
        return Math.sqrt(from.alongMm() * pitchMm() / Math.PI + r * r);
    }

    /** Turns from the middle to the outside. */
    public double turns() {
        return (radiusMm() - hollowMm / 2) / pitchMm();
    }

    /** Drying length: a roll dries from its upper edges and its outside, so the paste inside each turn counts half. */
    public double surfaceMm2() {
        return 2 * Math.PI * radiusMm() * from.heightMm() + from.areaMm2() / 2;
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of();
    }
}
