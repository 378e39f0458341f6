package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/** Tendrils of fine wire wrapped in tape and coiled round a stick. Not food. */
@Words(label = "tendrils", means = "Wire wrapped in tape and coiled.")
public record Tendril(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of the shade they are tinted to.")
        String shade,

        @Quantity(label = "count", unit = Unit.COUNT, min = 1, max = 40, usual = 2, means = "How many there are.")
        int count,

        @Quantity(label = "gauge", unit = Unit.GAUGE, min = 16, max = 33, usual = 30, means = "Gauge of the wire.")
        int gauge,

        @Quantity(label = "straight", unit = Unit.MM, min = 0, max = 150, usual = 15, means = "Length before the coil.")
        double straightMm,

        @Quantity(label = "coil wide", unit = Unit.MM, min = 2, max = 30, usual = 6, means = "Diameter of the coil.")
        double coilMm,

        @Quantity(label = "turns", unit = Unit.COUNT, min = 0, max = 20, usual = 3, means = "Turns of the coil.")
        int turns,

        @Quantity(
                label = "seat",
                unit = Unit.MM,
                min = -300,
                max = 60,
                usual = -20,
                means = "Height above the neck; below it is negative.")
        double seatMm,

        @Quantity(
                label = "tail",
                unit = Unit.MM,
                min = 5,
                max = 200,
                step = 5,
                usual = 40,
                means = "Wire taped along the stem.")
        double tailMm,

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    public Tendril {
        Limits.check(Tendril.class, id, name, shade, count, gauge, straightMm, coilMm, turns, seatMm, tailMm, colour);
    }

    @Override
    public Tendril with(Colouring newColour) {
        return new Tendril(id, name, shade, count, gauge, straightMm, coilMm, turns, seatMm, tailMm, newColour);
    }

    @Override
    public int pieceCount() {
        return count;
    }

    /** Wire for one, mm: tail, straight and every turn of the coil. */
    public double wireMm() {
        return tailMm + straightMm + turns * Math.PI * coilMm;
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of(new WireCut(gauge, wireMm(), count));
    }

    @Override
    public List<Lump> lumps(Paste paste) {
        return List.of();
    }
}
