package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

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
                label = "stem wires",
                unit = Unit.COUNT,
                min = 1,
                max = 7,
                usual = 1,
                means = "Equal wires that are bundled to one stem.")
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

        @Quantity(
                label = "dust passes",
                unit = Unit.COUNT,
                min = 0,
                max = 6,
                usual = 1,
                means = "How many times dust is gone over it.")
        int dustPasses)
        implements Part {
    public Heart {
        Limits.check(Heart.class, id, name, shade, form, gauge, wires, hookMm, stemMm, dustPasses);
    }

    /** Length of each stem wire: the stem, the hook, and half the heart that it stands in, mm. */
    public double wireMm() {
        return stemMm + hookMm + form.heightMm() / 2;
    }

    public Heart withForm(HeartForm newForm) {
        return new Heart(id, name, shade, newForm, gauge, wires, hookMm, stemMm, dustPasses);
    }

    public Heart withStem(int newGauge, int newWires, double newStemMm) {
        return new Heart(id, name, shade, form, newGauge, newWires, hookMm, newStemMm, dustPasses);
    }
}
