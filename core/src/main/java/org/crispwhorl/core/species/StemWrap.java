package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/** A stem made thicker with paper, tape or paste below the flower. */
@Words(label = "thickened stem", means = "The stem is made thicker below the flower.")
public record StemWrap(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of the shade of what covers it.")
        String shade,

        @Quantity(
                label = "to",
                unit = Unit.MM,
                min = 1,
                max = 40,
                step = 0.5,
                usual = 5,
                means = "Diameter that it is brought to.")
        double toMm,

        @Quantity(
                label = "over",
                unit = Unit.MM,
                min = 5,
                max = 400,
                step = 5,
                usual = 80,
                means = "Length that is thickened, from the neck down.")
        double overMm,

        @Words(label = "with") With with,

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    /** What it is thickened with. */
    public enum With {
        @Words(label = "tape")
        TAPE,
        @Words(label = "paper and tape")
        PAPER,
        @Words(label = "paste")
        PASTE
    }

    public StemWrap {
        Limits.check(StemWrap.class, id, name, shade, toMm, overMm, with, colour);
    }

    @Override
    public StemWrap with(Colouring newColour) {
        return new StemWrap(id, name, shade, toMm, overMm, with, newColour);
    }

    @Override
    public int pieceCount() {
        return 1;
    }

    /** Its paste depends on the stem inside it: see {@link #pasteMm3}. */
    @Override
    public List<Lump> lumps(Paste paste) {
        return List.of();
    }

    /** Paste round a stem of a diameter, mm³; 0 where it is thickened with paper or tape. */
    public double pasteMm3(double stemMm) {
        return with != With.PASTE || stemMm >= toMm ? 0 : Math.PI / 4 * (toMm * toMm - stemMm * stemMm) * overMm;
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of();
    }
}
