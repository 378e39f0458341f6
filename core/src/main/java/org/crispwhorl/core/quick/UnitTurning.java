package org.crispwhorl.core.quick;

import static org.crispwhorl.core.measure.Why.in;

import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;

/** One measure in other units. */
@Text(label = "units", means = "One measure in other units.")
public record UnitTurning(
        @Quantity(
                label = "value",
                unit = Unit.NONE,
                min = -1000,
                max = 100000,
                step = 0.1,
                usual = 25.4,
                means = "The number to turn.")
        double value,

        @Text(label = "unit") Given unit)
        implements QuickQuestion {
    public UnitTurning {
        Limits.check(UnitTurning.class, value, unit);
    }

    /** The unit that it is given in. */
    public enum Given {
        @Text(label = "mm")
        MM,
        @Text(label = "inches")
        INCHES,
        @Text(label = "g")
        G,
        @Text(label = "ounces")
        OUNCES,
        @Text(label = "°C")
        CELSIUS,
        @Text(label = "°F")
        FAHRENHEIT
    }

    /** International yard and pound agreement, 1959. */
    private static final double MM_PER_INCH = 25.4;

    private static final double G_PER_OUNCE = 28.349523125;

    @Override
    public QuickAnswer answer(Drawer drawer) {
        QuickAnswer.Draft draft = new QuickAnswer.Draft();
        return switch (unit) {
            case MM -> length(draft, value);
            case INCHES -> length(draft, value * MM_PER_INCH);
            case G -> mass(draft, value);
            case OUNCES -> mass(draft, value * G_PER_OUNCE);
            case CELSIUS -> warmth(draft, value);
            case FAHRENHEIT -> warmth(draft, (value - 32) / 1.8);
        };
    }

    private QuickAnswer length(QuickAnswer.Draft draft, double mm) {
        Why why = Why.of(
                "1 inch = 25.4 mm", "International yard and pound agreement, 1959", in("value", value, Unit.NONE));
        return draft.add(Group.SIZE, "mm", "millimetres", mm, Unit.FINE_MM, why)
                .add(Group.SIZE, "inches", "inches", mm / MM_PER_INCH, Unit.INCH, why)
                .add(Group.SIZE, "sixteenths", "sixteenths of an inch", 16 * mm / MM_PER_INCH, Unit.NONE, why)
                .answer();
    }

    private QuickAnswer mass(QuickAnswer.Draft draft, double g) {
        Why why = Why.of(
                "1 ounce = 28.3495 g", "International yard and pound agreement, 1959", in("value", value, Unit.NONE));
        return draft.add(Group.PASTE, "g", "grams", g, Unit.G, why)
                .add(Group.PASTE, "ounces", "ounces", g / G_PER_OUNCE, Unit.OUNCE, why)
                .answer();
    }

    private QuickAnswer warmth(QuickAnswer.Draft draft, double celsius) {
        Why why = Why.of("°F = 1.8 × °C + 32", "Definition of the scales", in("value", value, Unit.NONE));
        return draft.add(Group.DRYING, "celsius", "Celsius", celsius, Unit.FINE_CELSIUS, why)
                .add(Group.DRYING, "fahrenheit", "Fahrenheit", 1.8 * celsius + 32, Unit.FAHRENHEIT, why)
                .answer();
    }
}
