package org.crispwhorl.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** The units in which the reckoning speaks. Each has the sign shown to the maker and the digits a maker can measure. */
public enum Unit {
    MM("mm", 1),
    /** Thicknesses, which a gauge measures finer than a ruler. */
    FINE_MM("mm", 2),
    SQUARE_MM("mm²", 0),
    CUBIC_MM("mm³", 0),
    G("g", 1),
    MILLIGRAM("mg", 0),
    G_PER_CM3("g/cm³", 2),
    MIN("min", 0),
    H("h", 1),
    DAY("d", 0),
    METRE("m", 1),
    MONEY("", 2),
    DEGREE("°", 0),
    FINE_DEGREE("°", 1),
    CELSIUS("°C", 0),
    FINE_CELSIUS("°C", 1),
    FAHRENHEIT("°F", 0),
    INCH("in", 3),
    OUNCE("oz", 2),
    PERCENT("%", 0),
    MPA("MPa", 0),
    NEWTON_MM("N·mm", 1),
    GAUGE("ga", 0),
    COUNT("", 0),
    FACTOR("×", 2),
    NONE("", 2);

    private final String sign;
    private final int digits;

    Unit(String sign, int digits) {
        this.sign = sign;
        this.digits = digits;
    }

    /** The sign written behind a number, empty for plain counts. */
    public String sign() {
        return sign;
    }

    /** How many digits behind the point a maker can measure in this unit. */
    public int digits() {
        return digits;
    }

    /** A value written with this unit's digits and sign, for reasons told in words. */
    public String write(double value) {
        String number = Double.isFinite(value)
                ? BigDecimal.valueOf(value)
                        .setScale(digits, RoundingMode.HALF_UP)
                        .toPlainString()
                : Double.toString(value);
        if (this == MM && number.endsWith(".0")) {
            number = number.substring(0, number.length() - 2);
        }
        String gap = sign.isEmpty() || sign.equals("°") || sign.equals("%")
                ? ""
                : this == MM || this == FINE_MM ? LengthText.GAP : " ";
        return number + gap + sign;
    }
}
