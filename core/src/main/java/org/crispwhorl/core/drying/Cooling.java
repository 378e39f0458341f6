package org.crispwhorl.core.drying;

import java.util.List;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;

/**
 * Setting by cooling, by Newton's law: a body is set when it is 3 °C below the temperature at which it is worked; the stages before
 * that are shares of the way there.
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
    public double hoursTo(double ratio, Body body, List<Reading> readings) {
        Room room = readings.get(0).room();
        if (room.dryingC() >= of.softensAboveC()) {
            return Double.POSITIVE_INFINITY;
        }
        double left = warmthLeft(ratio, room);
        double constantMin = of.minutesPerMm() * body.firstMm() / room.air().rate();
        return left <= 0 ? Double.POSITIVE_INFINITY : -constantMin * Math.log(left) / MIN_PER_H;
    }

    /** Share of its warmth above the room that a cooling body still has at a stage; 0 or less where the room is too warm for it. */
    private double warmthLeft(double ratio, Room room) {
        double left = Math.max(0, ratio - Stage.DRY.moistureRatio()) / (1 - Stage.DRY.moistureRatio());
        double warm = of.workedAtC() - room.dryingC();
        return (warm - SETS_BELOW_C * (1 - left)) / warm;
    }

    @Override
    public double leftAt(Stage stage, Room room) {
        return Math.max(0, warmthLeft(stage.moistureRatio(), room));
    }
}
