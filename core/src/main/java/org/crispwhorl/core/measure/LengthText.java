package org.crispwhorl.core.measure;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Text for people with lengths in it. The core writes a length as its millimetres, a no-break space and {@code mm}, by
 * {@link Unit#write}; whoever shows the text turns those, and nothing else, into the lengths that the maker reads.
 */
public final class LengthText {
    /** Between the number of a length and its unit; nobody types it. */
    static final String GAP = "\u00a0";

    private static final String NUMBER = "(-?\\d+(?:\\.\\d+)?)";

    /** Between two lengths of one size. */
    private static final String BY = GAP + "×" + GAP;

    private static final Pattern LENGTH = Pattern.compile("(?:" + NUMBER + BY + ")?" + NUMBER + GAP + "mm");

    /** A length by another, as {@code 27 × 23 mm}. */
    public static String size(double longMm, double wideMm) {
        String first = Unit.MM.write(longMm);
        return first.substring(0, first.length() - (GAP + "mm").length()) + BY + Unit.MM.write(wideMm);
    }

    private LengthText() {}

    /** What lengths are read in. */
    public enum Lengths {
        MM,
        IN
    }

    /** A text with its lengths as the maker reads them. */
    public static String in(String text, Lengths lengths) {
        return LENGTH.matcher(text)
                .replaceAll(found -> (found.group(1) == null ? "" : shown(found.group(1), lengths) + " × ")
                        + shown(found.group(2), lengths)
                        + (lengths == Lengths.MM ? " mm" : " in"));
    }

    private static String shown(String mm, Lengths lengths) {
        return lengths == Lengths.MM ? mm : inches(Double.parseDouble(mm));
    }

    /** Lengths thinner than this are told to a thousandth of an inch, as a gauge measures them, mm. */
    private static final double FINE_MM = 3;

    /** Millimetres in an inch, by the international agreement of 1959. */
    public static final double MM_PER_INCH = 25.4;

    private static final int SIXTY_FOURTHS = 64;

    /** A length in inches: to the nearest sixty-fourth as a fraction, a fine one to the thousandth. */
    public static String inches(double mm) {
        if (Math.abs(mm) < FINE_MM) {
            return String.format(Locale.ROOT, "%.3f", mm / MM_PER_INCH);
        }
        long parts = Math.round(Math.abs(mm) / MM_PER_INCH * SIXTY_FOURTHS);
        long whole = parts / SIXTY_FOURTHS;
        long rest = parts % SIXTY_FOURTHS;
        String sign = mm < 0 ? "-" : "";
        if (rest == 0) {
            return sign + whole;
        }
        long divisor = Long.lowestOneBit(rest);
        String fraction = rest / divisor + "/" + SIXTY_FOURTHS / divisor;
        return sign + (whole == 0 ? fraction : whole + " " + fraction);
    }
}
