package org.crispwhorl.core.wire;

import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/** Diameters of florist's wire by gauge, taken as Imperial Standard Wire Gauge. A thinner wire has a higher gauge. */
public final class WireTable {
    /** British Standard 3737 (Imperial Standard Wire Gauge), mm. */
    private static final NavigableMap<Integer, Double> STANDARD_MM = new TreeMap<>(Map.of(
            16, 1.626, 18, 1.219, 20, 0.914, 22, 0.711, 24, 0.559, 26, 0.457, 28, 0.376, 30, 0.315, 32, 0.274, 33,
            0.254));

    private WireTable() {}

    /** The gauges of the table, thickest first. */
    public static Iterable<Integer> gauges() {
        return STANDARD_MM.keySet();
    }

    /**
     * Diameter of a gauge in mm; a gauge between two of the table is interpolated.
     *
     * @param gauge 16 to 33
     */
    public static double diameterMm(int gauge) {
        Map.Entry<Integer, Double> below = STANDARD_MM.floorEntry(gauge);
        Map.Entry<Integer, Double> above = STANDARD_MM.ceilingEntry(gauge);
        if (below == null || above == null) {
            throw new org.crispwhorl.core.measure.InvalidValue("gauge", gauge, "16 to 33");
        }
        if (below.getKey().equals(above.getKey())) {
            return below.getValue();
        }
        double share = (double) (gauge - below.getKey()) / (above.getKey() - below.getKey());
        return below.getValue() + share * (above.getValue() - below.getValue());
    }
}
