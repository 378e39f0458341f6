package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/** Stamens of paste, each on its own fine wire, one of which may stand longer. */
@Words(label = "stamens on fine wire", means = "Stamens of paste, each on a fine wire of its own.")
public record FineStamens(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of the shade of paste of the anthers.")
        String shade,

        @Quantity(label = "count", unit = Unit.COUNT, min = 1, max = 120, usual = 6, means = "How many there are.")
        int count,

        @Quantity(label = "gauge", unit = Unit.GAUGE, min = 16, max = 33, usual = 33, means = "Gauge of the fine wire.")
        int gauge,

        @Quantity(
                label = "stand",
                unit = Unit.MM,
                min = 2,
                max = 150,
                usual = 16,
                means = "Height of the anthers above the neck.")
        double standMm,

        @Quantity(
                label = "ring",
                unit = Unit.MM,
                min = 0,
                max = 80,
                step = 0.5,
                usual = 4,
                means = "Radius of the ring on which the anthers stand.")
        double ringMm,

        @Quantity(
                label = "anther long",
                unit = Unit.MM,
                min = 0.5,
                max = 30,
                step = 0.5,
                usual = 3,
                means = "Length of an anther.")
        double antherMm,

        @Quantity(
                label = "anther thick",
                unit = Unit.MM,
                min = 0.3,
                max = 10,
                step = 0.1,
                usual = 1.2,
                means = "Thickness of an anther.")
        double thickMm,

        @Quantity(
                label = "one longer by",
                unit = Unit.MM,
                min = 0,
                max = 60,
                usual = 0,
                means = "How much longer one of them stands; 0 for none.")
        double longerMm,

        @Quantity(
                label = "tail",
                unit = Unit.MM,
                min = 5,
                max = 300,
                step = 5,
                usual = 60,
                means = "Wire below the neck.")
        double tailMm,

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    public FineStamens {
        Limits.check(
                FineStamens.class,
                id,
                name,
                shade,
                count,
                gauge,
                standMm,
                ringMm,
                antherMm,
                thickMm,
                longerMm,
                tailMm,
                colour);
    }

    @Override
    public FineStamens with(Colouring newColour) {
        return new FineStamens(
                id, name, shade, count, gauge, standMm, ringMm, antherMm, thickMm, longerMm, tailMm, newColour);
    }

    @Override
    public int pieceCount() {
        return count;
    }

    /** An anther is an ellipsoid: πld²/6. */
    @Override
    public List<Lump> lumps(Paste paste) {
        return List.of(new Lump(shade, Math.PI * antherMm * thickMm * thickMm / 6, count));
    }

    /** Length of each wire but the longer one, mm: out to the ring, and the tail. */
    public double wireMm() {
        return Math.hypot(standMm, ringMm) + tailMm;
    }

    @Override
    public List<WireCut> wireCuts() {
        if (longerMm == 0) {
            return List.of(new WireCut(gauge, wireMm(), count));
        }
        WireCut longer = new WireCut(gauge, wireMm() + longerMm, 1);
        return count == 1 ? List.of(longer) : List.of(new WireCut(gauge, wireMm(), count - 1), longer);
    }

    public FineStamens withRing(double newRingMm) {
        return new FineStamens(
                id, name, shade, count, gauge, standMm, newRingMm, antherMm, thickMm, longerMm, tailMm, colour);
    }
}
