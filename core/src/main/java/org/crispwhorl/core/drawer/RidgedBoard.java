package org.crispwhorl.core.drawer;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Grooves;

/** A board whose grooves leave ridges for wires. */
@Text(label = "ridged board", means = "A board whose grooves leave ridges for wires.")
public record RidgedBoard(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(
                label = "owned",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 1,
                means = "How many there are; 0 is one that could be bought.")
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
                label = "grooves",
                unit = Unit.COUNT,
                min = 1,
                max = 60,
                usual = 8,
                means = "Grooves that can be used at once.")
        int grooves,

        @Quantity(
                label = "groove",
                unit = Unit.MM,
                min = 0.3,
                max = 6,
                step = 0.1,
                usual = 1.2,
                means = "Thickness of the ridge that a groove leaves.")
        double grooveMm,

        @Text(label = "laid", means = "How its grooves lie, so that cuts are counted as they fit on it.")
        Optional<Grooves> laid)
        implements DrawerItem, Tool {
    public RidgedBoard {
        Limits.check(RidgedBoard.class, name, count, lent, worn, grooves, grooveMm, laid);
    }

    /** All of them here, and fit for use. */
    public RidgedBoard(String name, int count, int grooves, double grooveMm, Optional<Grooves> laid) {
        this(name, count, 0, 0, grooves, grooveMm, laid);
    }

    @Override
    public String inShort() {
        return grooves + " grooves of " + Unit.MM.write(grooveMm);
    }
}
