package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** A gauge as it was measured, where it is otherwise than the standard table says. */
@Text(
        label = "measured gauge",
        means = "A gauge as it was measured, where it is otherwise than the standard table says.")
public record GaugeDiameter(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "gauge", unit = Unit.GAUGE, min = 16, max = 33, usual = 24, means = "Its gauge.")
        int gauge,

        @Quantity(
                label = "diameter",
                unit = Unit.FINE_MM,
                min = 0.05,
                max = 3,
                step = 0.01,
                usual = 0.56,
                means = "Measured across the wire as it is used.")
        double diameterMm)
        implements DrawerItem {
    public GaugeDiameter {
        Limits.check(GaugeDiameter.class, name, gauge, diameterMm);
    }

    @Override
    public String inShort() {
        return gauge + " ga is " + Unit.FINE_MM.write(diameterMm);
    }

    @Override
    public String howMuch() {
        return "";
    }
}
