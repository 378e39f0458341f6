package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/** A heart of paste on a hooked wire; its wire is the stem. */
@Words(label = "heart", means = "A piece of paste on a hooked wire, round which the flower is built.")
public record Heart(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Words(label = "form") HeartForm form,

        @Quantity(
                label = "stem gauge",
                unit = Unit.GAUGE,
                min = 16,
                max = 33,
                step = 2,
                usual = 26,
                means = "Gauge of the stem wire.")
        int gauge,

        @Quantity(
                label = "seat",
                unit = Unit.MM,
                min = -60,
                max = 120,
                usual = 0,
                means = "Height of its foot above the neck of the flower.")
        double seatMm,

        @Quantity(
                label = "stem wires",
                unit = Unit.COUNT,
                min = 0,
                max = 7,
                usual = 1,
                means = "Equal wires that are bundled to one stem; 0 for one glued on another.")
        int wires,

        @Quantity(
                label = "hook",
                unit = Unit.MM,
                min = 0,
                max = 30,
                usual = 0,
                means = "Wire bent back into a hook inside the heart.")
        double hookMm,

        @Quantity(
                label = "stem length",
                unit = Unit.MM,
                min = 10,
                max = 400,
                step = 5,
                usual = 100,
                means = "Free stem below the flower.")
        double stemMm,

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    public Heart {
        Limits.check(Heart.class, id, name, shade, form, gauge, seatMm, wires, hookMm, stemMm, colour);
    }

    /** Length of each stem wire: the stem, the hook, and half the heart that it stands in, mm. */
    public double wireMm() {
        return stemMm + hookMm + form.heightMm() / 2;
    }

    @Override
    public int pieceCount() {
        return 1;
    }

    @Override
    public List<Lump> lumps(Paste paste) {
        return form.volumeMm3() == 0
                ? List.of()
                : List.of(new Lump(shade, form.volumeMm3() / form.pieces(), form.pieces()));
    }

    @Override
    public List<WireCut> wireCuts() {
        return wires == 0 ? List.of() : List.of(new WireCut(gauge, wireMm(), wires));
    }

    /** Height of its top above the neck, mm. */
    public double topMm() {
        return seatMm + form.heightMm();
    }

    public Heart withForm(HeartForm newForm) {
        return new Heart(id, name, shade, newForm, gauge, seatMm, wires, hookMm, stemMm, colour);
    }

    public Heart withStem(int newGauge, int newWires, double newStemMm) {
        return new Heart(id, name, shade, form, newGauge, seatMm, newWires, hookMm, newStemMm, colour);
    }

    @Override
    public Heart with(Colouring newColour) {
        return new Heart(id, name, shade, form, gauge, seatMm, wires, hookMm, stemMm, newColour);
    }
}
