package org.crispwhorl.server.scale;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The words that a scale and Crisp Whorl exchange over a plain connection, a line each. The scale says some times a second
 * {@code weight 12.34 steady} or {@code weight 12.30 moving}, in grams. Asked to {@code tare} it says {@code tared}, or
 * {@code refused} with its reason.
 */
public final class ScaleLine {
    /** Asks the scale to take what lies on it as nothing. */
    public static final String TARE = "tare";

    public static final String TARED = "tared";
    public static final String REFUSED = "refused ";

    private static final Pattern WEIGHT = Pattern.compile("weight (-?\\d{1,7}(?:\\.\\d{1,6})?) (steady|moving)");

    private ScaleLine() {}

    /** What a scale weighs at a moment. */
    public record Weight(double grams, boolean steady) {}

    public static String of(Weight weight) {
        return String.format(Locale.ROOT, "weight %.2f %s", weight.grams(), weight.steady() ? "steady" : "moving");
    }

    /** The weight that a line says; empty where it says something else. */
    public static Optional<Weight> weight(String line) {
        Matcher m = WEIGHT.matcher(line);
        return m.matches()
                ? Optional.of(
                        new Weight(Double.parseDouble(m.group(1)), m.group(2).equals("steady")))
                : Optional.empty();
    }
}
