package org.crispwhorl.core.wire;

import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.crispwhorl.core.measure.InvalidValue;

/**
 * Diameters of florist's wire by gauge, taken as Imperial Standard Wire Gauge unless the studio has measured its own. A
 * thinner wire has a higher gauge.
 */
public final class WireTable {
    /** British Standard 3737 (Imperial Standard Wire Gauge), mm. */
    public static final WireTable STANDARD = new WireTable(new TreeMap<>(Map.of(
            16, 1.626, 18, 1.219, 20, 0.914, 22, 0.711, 24, 0.559, 26, 0.457, 28, 0.376, 30, 0.315, 32, 0.274, 33,
            0.254)));

    private final NavigableMap<Integer, Double> diametersMm;

    private WireTable(NavigableMap<Integer, Double> diametersMm) {
        this.diametersMm = diametersMm;
    }

    /**
     * The same table with a gauge as it was measured.
     *
     * @throws InvalidValue where a thinner gauge would come out thicker than its neighbour
     */
    public WireTable with(int gauge, double diameterMm) {
        TreeMap<Integer, Double> changed = new TreeMap<>(diametersMm);
        changed.put(gauge, diameterMm);
        Map.Entry<Integer, Double> thicker = changed.lowerEntry(gauge);
        Map.Entry<Integer, Double> thinner = changed.higherEntry(gauge);
        if ((thicker != null && thicker.getValue() <= diameterMm)
                || (thinner != null && thinner.getValue() >= diameterMm)) {
            throw new InvalidValue(
                    "diameterMm",
                    diameterMm,
                    "a diameter between those of the gauges beside it, " + (thinner == null ? 0 : thinner.getValue())
                            + " to " + (thicker == null ? "any" : thicker.getValue()) + " mm");
        }
        return new WireTable(changed);
    }

    /** Whether the diameter of a gauge is one that was measured. */
    public boolean isMeasured(int gauge) {
        return diametersMm.containsKey(gauge) && !diametersMm.get(gauge).equals(STANDARD.diametersMm.get(gauge));
    }

    /** The gauges of the table, thickest first. */
    public Iterable<Integer> gauges() {
        return diametersMm.keySet();
    }

    /**
     * Diameter of a gauge in mm; a gauge between two of the table is interpolated.
     *
     * @param gauge 16 to 33
     */
    public double diameterMm(int gauge) {
        Map.Entry<Integer, Double> below = diametersMm.floorEntry(gauge);
        Map.Entry<Integer, Double> above = diametersMm.ceilingEntry(gauge);
        if (below == null || above == null) {
            throw new InvalidValue("gauge", gauge, "16 to 33");
        }
        if (below.getKey().equals(above.getKey())) {
            return below.getValue();
        }
        double share = (double) (gauge - below.getKey()) / (above.getKey() - below.getKey());
        return below.getValue() + share * (above.getValue() - below.getValue());
    }
}
