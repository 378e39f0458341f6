package org.crispwhorl.core.drawer;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Formers of one kind, in which pieces dry. */
@Text(label = "former", means = "Formers of one kind, in which pieces dry.")
public record OwnFormer(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "owned", unit = Unit.COUNT, min = 0, max = 100000, usual = 1, means = "How many there are.")
        int count,

        @Quantity(
                label = "on loan",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 0,
                means = "Of them, with somebody else.")
        int lent,

        @Quantity(
                label = "worn out",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 0,
                means = "Of them, of no use any more.")
        int worn,

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
        implements DrawerItem, Tool {
    public OwnFormer {
        Limits.check(OwnFormer.class, name, count, lent, worn, rimRadiusMm, depthMm);
    }

    /** All of them here, and fit for use. */
    public OwnFormer(String name, int count, double rimRadiusMm, double depthMm) {
        this(name, count, 0, 0, rimRadiusMm, depthMm);
    }

    /** Radius of the sphere of which it is a cap, mm: (a² + h²)/2h, by the circle's chord and sagitta. */
    public double sphereRadiusMm() {
        return (rimRadiusMm * rimRadiusMm + depthMm * depthMm) / (2 * depthMm);
    }

    @Override
    public String inShort() {
        return Unit.MM.write(2 * rimRadiusMm) + " across, " + Unit.MM.write(depthMm) + " deep";
    }

    @Override
    public List<Double> sizesMm() {
        return List.of(2 * rimRadiusMm);
    }
}
