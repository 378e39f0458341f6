package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/**
 * What a bud is built on where it is a small flower by itself: a core of its own, wrapped in petals of the first ring's cutter that
 * close over it. Its calyx is the full flower's, smaller.
 */
@Text(label = "core of its own", means = "A bud by itself: a core, wrapped in petals that close over it.")
public record OwnCore(
        @Text(label = "form") CentreForm form,

        @Quantity(
                label = "gauge",
                unit = Unit.GAUGE,
                min = 16,
                max = 33,
                step = 2,
                usual = 24,
                means = "Of its own wire.")
        int gauge,

        @Text(
                label = "shade",
                pattern = Part.ID,
                means = "Id of its shade; that of the flower's centre where none is said.")
        Optional<String> shade,

        @Quantity(
                label = "hook",
                unit = Unit.MM,
                min = 0,
                max = 30,
                usual = 2,
                means = "Wire bent back into a hook inside it.")
        double hookMm,

        @Quantity(
                label = "wraps",
                unit = Unit.COUNT,
                min = 0,
                max = 8,
                usual = 1,
                means = "Petals of the innermost ring's cutter that close over it; 0 for the core alone.")
        int wraps) {
    /** One of the shade of the flower's centre, on a wire hooked as usual. */
    public OwnCore(CentreForm form, int gauge, int wraps) {
        this(form, gauge, Optional.empty(), USUAL_HOOK_MM, wraps);
    }

    private static final double USUAL_HOOK_MM = 2;

    public OwnCore {
        Limits.check(OwnCore.class, form, gauge, shade, hookMm, wraps);
    }
}
