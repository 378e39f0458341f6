package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which share of each ring is seen from above and from below. From above, parts that return over the centre lie over all
 * else, outer over inner; then comes the heart; then the outgoing parts, inner over outer. Areas are integrated over
 * circles of many radii, on each of which the covered arcs are exact.
 */
public final class Coverage {
    /** Circles over which areas are integrated. */
    static final int CIRCLES = 96;

    private final Map<String, Double> above = new LinkedHashMap<>();
    private final Map<String, Double> below = new LinkedHashMap<>();
    private final Map<String, Double> planMm2 = new LinkedHashMap<>();
    private double faceMm2;

    private Coverage() {}

    /** The coverage of a flower, leaves left out. */
    public static Coverage of(FlowerForm form) {
        List<PlacedRing> rings = form.faceRings();
        Coverage result = new Coverage();
        int n = rings.size();
        double outer = form.faceMm() / 2;
        double heart = form.centreMm();
        double[] plan = new double[n];
        double[] fromAbove = new double[n];
        double[] fromBelow = new double[n];
        double step = outer / CIRCLES;
        double[][][] outgoing = new double[n][][];
        double[][][] returning = new double[n][][];
        for (int i = 0; i < n; i++) {
            outgoing[i] = rings.get(i).plan().outgoing(step, CIRCLES);
            returning[i] = rings.get(i).plan().returning(step, CIRCLES);
        }
        for (int k = 0; k < CIRCLES; k++) {
            double r = (k + 0.5) * step;
            List<Layer> layers = new ArrayList<>();
            for (int i = n - 1; i >= 0; i--) {
                add(layers, i, returning[i][k], rings.get(i).azimuthsRad());
            }
            if (r <= heart) {
                layers.add(new Layer(-1, new double[] {0, Arcs.TURN}));
            }
            for (int i = 0; i < n; i++) {
                add(layers, i, outgoing[i][k], rings.get(i).azimuthsRad());
            }
            result.faceMm2 += accumulate(layers, r * step, fromAbove);
            Collections.reverse(layers);
            accumulate(layers, r * step, fromBelow);
            for (int i = 0; i < n; i++) {
                plan[i] += planAt(layers, i) * r * step;
            }
        }
        for (int i = 0; i < n; i++) {
            String id = rings.get(i).part().id();
            result.planMm2.put(id, plan[i]);
            result.above.put(id, plan[i] == 0 ? 0 : fromAbove[i] / plan[i]);
            result.below.put(id, plan[i] == 0 ? 0 : fromBelow[i] / plan[i]);
        }
        return result;
    }

    /** One lap of one ring (or the heart, ring −1) on one circle. */
    private record Layer(int ring, double[] arcs) {}

    private static void add(List<Layer> layers, int ring, double[] piece, double[] azimuths) {
        double[] arcs = Arcs.repeated(piece, azimuths);
        if (arcs.length > 0) {
            layers.add(new Layer(ring, arcs));
        }
    }

    /** Adds what each ring shows, topmost layer first; returns the area that this circle adds to the face. */
    private static double accumulate(List<Layer> layers, double weight, double[] shown) {
        double[] covered = Arcs.NONE;
        double seen = 0;
        for (Layer layer : layers) {
            double beyond = Arcs.measureBeyond(layer.arcs(), covered);
            if (beyond > 0) {
                covered = Arcs.union(covered, layer.arcs());
            }
            seen += beyond;
            if (layer.ring() >= 0) {
                shown[layer.ring()] += beyond * weight;
            }
        }
        return seen * weight;
    }

    private static double planAt(List<Layer> layers, int ring) {
        double[] arcs = Arcs.NONE;
        for (Layer layer : layers) {
            if (layer.ring() == ring) {
                arcs = Arcs.union(arcs, layer.arcs());
            }
        }
        return Arcs.measure(arcs);
    }

    /** Share of a ring's plan area that is seen from above, 0 to 1. */
    public double seenFromAbove(String partId) {
        return above.getOrDefault(partId, 0.0);
    }

    /** Share of a ring's plan area that is seen from below, 0 to 1. */
    public double seenFromBelow(String partId) {
        return below.getOrDefault(partId, 0.0);
    }

    /** Area that a ring covers in plan, its own overlaps counted once, mm². */
    public double planMm2(String partId) {
        return planMm2.getOrDefault(partId, 0.0);
    }

    /** Area of the whole face in plan, mm². */
    public double faceMm2() {
        return faceMm2;
    }
}
