package org.crispwhorl.core.drying;

import java.util.List;
import org.crispwhorl.core.paste.Medium;

/**
 * Setting by cooling, by Newton's law: a body is set when it is 3 °C below the temperature at which it is worked. There is one stage
 * alone: it has no skin, no window in which it bends, and is open until it sets.
 *
 * @param of what is known of the medium
 */
record Cooling(Medium.Setting.Cooling of) implements DryingLaw {
    private static final double SETS_BELOW_C = 3;
    private static final double MIN_PER_H = 60;

    @Override
    public boolean skins() {
        return false;
    }

    @Override
    public double drive(double temperatureC, double humidityPct) {
        return 1;
    }

    /** By the first reading: it is set long before the next. */
    @Override
    public double hoursTo(Rind rind, Body body, List<Reading> readings) {
        Room room = readings.get(0).room();
        double warm = of.workedAtC() - room.dryingC();
        if (room.dryingC() >= of.softensAboveC() || warm <= SETS_BELOW_C) {
            return Double.POSITIVE_INFINITY;
        }
        double constantMin = of.minutesPerMm() * body.firstMm() / room.air().rate();
        return -constantMin * Math.log(1 - SETS_BELOW_C / warm) / MIN_PER_H;
    }
}
