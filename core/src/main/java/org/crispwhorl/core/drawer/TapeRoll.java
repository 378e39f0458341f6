package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** Florist's tape of one width. */
@Words(label = "tape", means = "Florist's tape of one width.")
public record TapeRoll(
        @Words(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(
                label = "left",
                unit = Unit.METRE,
                min = 0,
                max = 10000,
                step = 1,
                usual = 25,
                means = "Metres left on the rolls.")
        double metres,

        @Quantity(
                label = "width",
                unit = Unit.MM,
                min = 2,
                max = 50,
                step = 1,
                usual = 12,
                means = "Width as bought, before it is cut down.")
        double widthMm)
        implements DrawerItem {
    public TapeRoll {
        Limits.check(TapeRoll.class, name, metres, widthMm);
    }
}
