package org.crispwhorl.core.drying;

import java.util.List;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Stage;

/**
 * How long a body of a medium takes to reach a stage in an air. By giving off water: M = exp(−1.897·t/t_dry), where t_dry grows
 * with the drying length ℓ as far as the air has to carry the water off its face, and with ℓ² as far as the water has to come
 * through the paste. By cooling: Newton's law of cooling.
 */
public final class Drying {
    /** Share of the time of a sheet of 1 mm that the air takes to carry the water off its face. */
    private static final double FACE_SHARE = 0.6;

    /** Share of it in which the water comes through the paste. */
    private static final double BODY_SHARE = 0.4;

    private final Paste paste;

    public Drying(Paste paste) {
        this.paste = paste;
    }

    /**
     * Saturation vapour pressure over water, kPa (Magnus-Tetens in Murray's form).
     *
     * @param temperatureC 0 to 60 °C
     */
    public static double saturationKPa(double temperatureC) {
        return 0.6108 * Math.exp(MAGNUS * temperatureC / (temperatureC + MAGNUS_C));
    }

    /**
     * The dew point of an air, °C: what is colder than that is wetted by it. The same formula turned round.
     *
     * @param temperatureC 0 to 60 °C
     * @param humidityPct above 0
     */
    public static double dewPointC(double temperatureC, double humidityPct) {
        double log = Math.log(humidityPct / 100) + MAGNUS * temperatureC / (temperatureC + MAGNUS_C);
        return MAGNUS_C * log / (MAGNUS - log);
    }

    private static final double MAGNUS = 17.27;
    private static final double MAGNUS_C = 237.3;

    /**
     * The drive F of an air over that of 20 °C and 50 % on the same paste: vapour pressure times how much drier the air is than the
     * paste.
     *
     * @return 0 or less where nothing dries; 1 for what sets by cooling
     */
    public double drive(double temperatureC, double humidityPct) {
        if (!(paste.setting() instanceof Medium.Setting.Drying law)) {
            return 1;
        }
        double drive = saturationKPa(temperatureC) * (law.waterActivity() - humidityPct / 100);
        return drive / (saturationKPa(20) * (law.waterActivity() - 0.5));
    }

    /** The drive of the air in which pieces dry. */
    public double drive(Room room) {
        return drive(room.dryingC(), room.dryingPct());
    }

    /**
     * Median hours until the moisture ratio has fallen to a value.
     *
     * @param ratio above 0 and below 1
     * @return infinite where it never gets there in this air
     */
    public double hoursTo(double ratio, Body body, Room room) {
        return hoursTo(ratio, body, List.of(new Reading(0, room)));
    }

    /**
     * Median hours to a moisture ratio through a series of readings of the air, integrated piece by piece; each reading
     * holds until the next, the last one for ever.
     *
     * @param readings by rising hour, the first at hour 0
     */
    public double hoursTo(double ratio, Body body, List<Reading> readings) {
        if (paste.setting() instanceof Medium.Setting.Cooling law) {
            return coolingHours(ratio, body, readings.get(0).room(), law);
        }
        double needed = -Math.log(ratio);
        double hour = 0;
        for (int i = 0; i < readings.size(); i++) {
            double readingEnds = i + 1 < readings.size() ? readings.get(i + 1).fromH() : Double.POSITIVE_INFINITY;
            Room room = readings.get(i).room();
            while (hour < readingEnds) {
                double end = hour < body.changesAfterH() ? Math.min(readingEnds, body.changesAfterH()) : readingEnds;
                double rate = ratePerH(body.lengthMm(hour), room);
                double here = rate == 0 ? 0 : rate * (end - hour);
                if (rate > 0 && here >= needed) {
                    return hour + needed / rate;
                }
                needed -= here;
                hour = end;
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    /** Hours to dry through, t_ref·(0.6·ℓ/(air·F) + 0.4·ℓ²/F); infinite where nothing dries. */
    public double dryH(double lengthMm, Room room) {
        Medium.Setting.Drying law = (Medium.Setting.Drying) paste.setting();
        double drive = drive(room);
        return drive <= 0
                ? Double.POSITIVE_INFINITY
                : law.referenceDryH()
                        * (FACE_SHARE * lengthMm / (room.air().rate() * drive)
                                + BODY_SHARE * lengthMm * lengthMm / drive);
    }

    private double ratePerH(double lengthMm, Room room) {
        double dry = dryH(lengthMm, room);
        return Double.isInfinite(dry) ? 0 : -Math.log(Stage.DRY.moistureRatio()) / dry;
    }

    /**
     * A cooling body is set when it is 3 °C below the temperature at which it is worked; the stages before that are shares of the
     * way there.
     */
    private double coolingHours(double ratio, Body body, Room room, Medium.Setting.Cooling law) {
        if (room.dryingC() >= law.softensAboveC()) {
            return Double.POSITIVE_INFINITY;
        }
        double left = warmthLeft(ratio, room, law);
        double constantMin = law.minutesPerMm() * body.firstMm() / room.air().rate();
        return left <= 0 ? Double.POSITIVE_INFINITY : -constantMin * Math.log(left) / 60;
    }

    /** Share of its warmth above the room that a cooling body still has at a stage; 0 or less where the room is too warm for it. */
    private static double warmthLeft(double ratio, Room room, Medium.Setting.Cooling law) {
        double left = Math.max(0, ratio - Stage.DRY.moistureRatio()) / (1 - Stage.DRY.moistureRatio());
        double warm = law.workedAtC() - room.dryingC();
        return (warm - SETS_BELOW_C * (1 - left)) / warm;
    }

    /** Share that is left of what a fresh body loses, water or warmth, when it has come to a stage; 0 where it never does. */
    public double leftAt(Stage stage, Room room) {
        return paste.setting() instanceof Medium.Setting.Cooling law
                ? Math.max(0, warmthLeft(stage.moistureRatio(), room, law))
                : stage.moistureRatio();
    }

    private static final double SETS_BELOW_C = 3;

    /**
     * A reading of the air.
     *
     * @param fromH hours after the piece was made from which it holds
     */
    public record Reading(double fromH, Room room) {}
}
