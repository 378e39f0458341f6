package org.crispwhorl.core.species;

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

        @Quantity(
                label = "wraps",
                unit = Unit.COUNT,
                min = 0,
                max = 8,
                usual = 1,
                means = "Petals of the innermost ring's cutter that close over it; 0 for the core alone.")
        int wraps) {
    public OwnCore {
        Limits.check(OwnCore.class, form, gauge, wraps);
    }
}
