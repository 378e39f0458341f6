package org.crispwhorl.files.document;

import java.util.regex.Pattern;

/** Numbers as makers and JSON write them: digits, a point, perhaps an exponent; no letters for types, no other bases. */
public final class PlainNumber {
    private static final Pattern DECIMAL = Pattern.compile("[+-]?\\d{1,300}(\\.\\d{0,300})?([eE][+-]?\\d{1,3})?");
    private static final Pattern WHOLE = Pattern.compile("[+-]?\\d{1,18}");

    private PlainNumber() {}

    /**
     * @throws NumberFormatException where it is no such number, or too large to be one
     */
    public static double decimal(String text) {
        double value = DECIMAL.matcher(text).matches() ? Double.parseDouble(text) : Double.NaN;
        if (!Double.isFinite(value)) {
            throw new NumberFormatException(text);
        }
        return value;
    }

    /**
     * @throws NumberFormatException where it is no whole number
     */
    public static long whole(String text) {
        if (!WHOLE.matcher(text).matches()) {
            throw new NumberFormatException(text);
        }
        return Long.parseLong(text);
    }
}
