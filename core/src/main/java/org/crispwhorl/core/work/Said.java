package org.crispwhorl.core.work;

import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Unit;

/** How figures are said to hands: as fine as hands can do, the exact figure stands elsewhere. */
public final class Said {
    private static final double WHOLE_FROM_MM = 10;
    private static final double HALVES_FROM_MM = 3;
    private static final int TENTHS = 10;

    private Said() {}

    /** A length: whole millimetres from 10 on, halves from 3 on, tenths below. */
    public static String mm(double mm) {
        return Unit.MM.write(rounded(mm));
    }

    /** A length by a width. */
    public static String size(double lengthMm, double widthMm) {
        return LengthText.size(rounded(lengthMm), rounded(widthMm));
    }

    /** The thickness that a sheet is rolled to: hands tell a tenth, half of one where a machine has it. */
    public static String thick(double mm) {
        return Unit.MM.write(Math.round(mm * TENTHS) / (double) TENTHS);
    }

    private static double rounded(double mm) {
        double size = Math.abs(mm);
        if (size >= WHOLE_FROM_MM) {
            return Math.round(mm);
        }
        return size >= HALVES_FROM_MM ? Math.round(2 * mm) / 2.0 : Math.round(mm * TENTHS) / (double) TENTHS;
    }

    /** A height on the stem. */
    public static String height(double aboveNeckMm) {
        return aboveNeckMm == 0
                ? "at the neck"
                : mm(Math.abs(aboveNeckMm)) + (aboveNeckMm < 0 ? " below" : " above") + " the neck";
    }

    private static final int FLAT_DEG = 90;

    /** How a piece leans, by its angle from the axis. */
    public static String lean(double degrees) {
        long whole = Math.round(degrees);
        if (whole == 0) {
            return "upright";
        }
        if (whole < 0) {
            return "closed over, " + -whole + "° inwards";
        }
        return whole == FLAT_DEG ? "flat" : whole + "° from the stem" + (whole > FLAT_DEG ? ", turned back" : "");
    }

    /** An angle, whole degrees. */
    public static String deg(double degrees) {
        return Math.round(degrees) + "°";
    }

    private static final int MIN_PER_H = 60;
    private static final int STEP_MIN = 5;
    private static final int HALF_H = 30;
    private static final int NIGHT_H = 8;

    /** A least wait: rounded up to five minutes, from an hour on to half an hour; a long one is a night. */
    public static String atLeast(double minutes) {
        if (minutes < MIN_PER_H) {
            return (int) Math.ceil(minutes / STEP_MIN - HAIR) * STEP_MIN + " min";
        }
        double hours = Math.ceil(minutes / HALF_H - HAIR) * HALF_H / MIN_PER_H;
        String told = (hours == Math.rint(hours) ? Long.toString(Math.round(hours)) : Double.toString(hours)) + " h";
        return hours > NIGHT_H ? told + " (or a night)" : told;
    }

    /** A most wait: rounded down to a minute below five, to five minutes, from an hour on to half an hour. */
    public static String atMost(double minutes) {
        if (minutes < STEP_MIN) {
            return (int) Math.floor(minutes + HAIR) + " min";
        }
        if (minutes < MIN_PER_H) {
            return (int) Math.floor(minutes / STEP_MIN + HAIR) * STEP_MIN + " min";
        }
        double hours = Math.floor(minutes / HALF_H + HAIR) * HALF_H / MIN_PER_H;
        return (hours == Math.rint(hours) ? Long.toString(Math.round(hours)) : Double.toString(hours)) + " h";
    }

    /** Minutes of hands, to five from ten on. */
    public static String hands(double minutes) {
        return minutes < 2 * STEP_MIN
                ? Math.max(1, Math.round(minutes)) + " min"
                : Math.round(minutes / STEP_MIN) * STEP_MIN + " min";
    }

    /** A weight: to half a gram from ten on, to a quarter from one on, to a tenth from a tenth on; less is a pea or a lentil. */
    public static String grams(double grams) {
        if (grams < LEAST_G) {
            return grams < LEAST_G / 2 ? "a lentil" : "a pea";
        }
        double step = grams >= WHOLE_FROM_MM ? 0.5 : grams >= 1 ? 0.25 : 0.1;
        double rounded = Math.round(Math.ceil(grams / step - HAIR) * step * 100) / 100.0;
        return (rounded == Math.rint(rounded) ? Long.toString(Math.round(rounded)) : Double.toString(rounded)) + " g";
    }

    private static final double LEAST_G = 0.1;
    private static final double HAIR = 1e-9;

    /** So many of a thing, by its name for one. */
    public static String many(int count, String one) {
        return count + " " + one + (count == 1 ? "" : "s");
    }
}
