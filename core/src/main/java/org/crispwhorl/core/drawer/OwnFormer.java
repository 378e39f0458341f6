package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** Formers of one kind, in which pieces dry. */
@Words(label = "former", means = "Formers of one kind, in which pieces dry.")
public record OwnFormer(
        @Words(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "owned", unit = Unit.COUNT, min = 0, max = 100000, usual = 1, means = "How many there are.")
        int count,

        @Quantity(
                label = "rim radius",
                unit = Unit.MM,
                min = 3,
                max = 200,
                usual = 30,
                means = "Half the distance from rim to rim.")
        double rimRadiusMm,

        @Quantity(
                label = "depth",
                unit = Unit.MM,
                min = 1,
                max = 200,
                usual = 9,
                means = "From the level of the rim down.")
        double depthMm)
        implements DrawerItem {
    public OwnFormer {
        Limits.check(OwnFormer.class, name, count, rimRadiusMm, depthMm);
    }

    /** Radius of the sphere of which it is a cap, mm: (a² + h²)/2h, by the circle's chord and sagitta. */
    public double sphereRadiusMm() {
        return (rimRadiusMm * rimRadiusMm + depthMm * depthMm) / (2 * depthMm);
    }
}
