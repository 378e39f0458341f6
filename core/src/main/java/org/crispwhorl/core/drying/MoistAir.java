package org.crispwhorl.core.drying;

/** Water vapour in air, by Magnus and Tetens in Murray's form (1967). */
public final class MoistAir {
    private static final double MAGNUS = 17.27;
    private static final double MAGNUS_C = 237.3;

    private MoistAir() {}

    /**
     * Saturation vapour pressure over water, kPa.
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
}
