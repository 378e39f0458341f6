package org.crispwhorl.core.drying;

import java.util.List;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Stage;

/**
 * How long a body of a medium takes to reach a stage in an air: for water, M = exp(−k·t) with k falling with ℓ^1.5 and
 * rising with the vapour-pressure drive; for a cooling medium, Newton's law of cooling.
 */
public final class Drying {
    /** Exponent of the drying length: between a surface-limited (1) and a diffusion-limited body (2). */
    private static final double LENGTH_EXPONENT = 1.5;

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
        return 0.6108 * Math.exp(17.27 * temperatureC / (temperatureC + 237.3));
    }

    /** The drive of an air relative to 20 °C and 50 %, times its movement; 0 or less where nothing dries. */
    public double airFactor(Room room) {
        if (!(paste.setting() instanceof Medium.Setting.Drying law)) {
            return 1;
        }
        double drive = saturationKPa(room.dryingC()) * (law.waterActivity() - room.dryingPct() / 100);
        double reference = saturationKPa(20) * (law.waterActivity() - 0.5);
        return room.air().rate() * drive / reference;
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
            double air = Math.max(0, airFactor(readings.get(i).room()));
            while (hour < readingEnds) {
                boolean first = hour < body.changesAfterH();
                double end = first ? Math.min(readingEnds, body.changesAfterH()) : readingEnds;
                double rate = air / stillReferenceH(first ? body.firstMm() : body.thenMm());
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

    /** t* in hours: the time constant of a body in the reference room. */
    private double stillReferenceH(double lengthMm) {
        Medium.Setting.Drying law = (Medium.Setting.Drying) paste.setting();
        double perMm = law.referenceDryH() / -Math.log(Stage.DRY.moistureRatio());
        return perMm * Math.pow(lengthMm, LENGTH_EXPONENT);
    }

    /**
     * A cooling body: the stages are shares of the way from its working temperature down to 21 °C, the temperature at
     * which a thin chocolate piece is set and can be handled.
     */
    private double coolingHours(double ratio, Body body, Room room, Medium.Setting.Cooling law) {
        double goalC = SET_C + (law.workedAtC() - SET_C) * ratio;
        double above = goalC - room.dryingC();
        if (above <= 0 || room.dryingC() > law.softensAboveC()) {
            return Double.POSITIVE_INFINITY;
        }
        double constantMin = law.minutesPerMm() * body.firstMm() / room.air().rate();
        return Math.max(0, constantMin * Math.log((law.workedAtC() - room.dryingC()) / above)) / 60;
    }

    private static final double SET_C = 21;

    /**
     * A reading of the air.
     *
     * @param fromH hours after the piece was made from which it holds
     */
    public record Reading(double fromH, Room room) {}
}
