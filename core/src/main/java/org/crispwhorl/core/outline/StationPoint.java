package org.crispwhorl.core.outline;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/**
 * A point on an outline by which it is pulled into shape.
 *
 * @param id of its own on this outline
 * @param label what pulling it changes
 */
public record StationPoint(
        @Text(label = "point") String id,
        @Text(label = "sets") String label,

        @Quantity(
                label = "across",
                unit = Unit.MM,
                min = -2000,
                max = 2000,
                usual = 0,
                means = "Signed distance from the midrib.")
        double acrossMm,

        @Quantity(
                label = "along",
                unit = Unit.MM,
                min = -2000,
                max = 2000,
                usual = 0,
                means = "Distance from the base, along the midrib.")
        double alongMm) {
    public StationPoint {
        Limits.check(StationPoint.class, id, label, acrossMm, alongMm);
    }

    /** The same point somewhere else. */
    public StationPoint at(double newAcrossMm, double newAlongMm) {
        return new StationPoint(id, label, newAcrossMm, newAlongMm);
    }
}
