package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/** A bead or hip behind the flower, an ellipsoid threaded on the stem. */
@Words(label = "bead or hip", means = "A bead behind the flower, threaded on the stem.")
public record Bead(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Quantity(label = "thick", unit = Unit.MM, min = 2, max = 60, usual = 8, means = "Greatest diameter.")
        double thickMm,

        @Quantity(label = "long", unit = Unit.MM, min = 2, max = 80, usual = 9, means = "Along the stem.")
        double longMm,

        @Quantity(
                label = "seat",
                unit = Unit.MM,
                min = -100,
                max = 0,
                usual = -1,
                means = "Height of its top above the neck; below it is negative.")
        double seatMm,

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    public Bead {
        Limits.check(Bead.class, id, name, shade, thickMm, longMm, seatMm, colour);
    }

    @Override
    public Bead with(Colouring newColour) {
        return new Bead(id, name, shade, thickMm, longMm, seatMm, newColour);
    }

    @Override
    public int pieceCount() {
        return 1;
    }

    @Override
    public List<Lump> lumps(Paste paste) {
        return List.of(new Lump(shade, Math.PI * thickMm * thickMm * longMm / 6, 1));
    }

    /** Radius at a height above the neck, mm; 0 outside of it. */
    public double radiusAt(double z) {
        double u = (z - (seatMm - longMm / 2)) / (longMm / 2);
        return Math.abs(u) > 1 ? 0 : thickMm / 2 * Math.sqrt(1 - u * u);
    }

    /** Surface by Knud Thomsen's approximation, true to 1.1 %, mm². */
    public double surfaceMm2() {
        double p = 1.6075;
        double a = Math.pow(thickMm / 2, p);
        double c = Math.pow(longMm / 2, p);
        return 4 * Math.PI * Math.pow((a * a + 2 * a * c) / 3, 1 / p);
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of();
    }
}
