package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Part;

/**
 * Which share of each ring is seen from above and from below, by true height: the surfaces themselves are laid over a fine grid
 * that looks along the axis, and in each of its cells the highest is seen from above and the lowest from below. Where surfaces
 * touch, what was set first lies above.
 */
public final class Coverage {
    /** Surfaces nearer than this touch, mm. */
    private static final float TOUCHING_MM = 0.02f;

    private static final int CENTRE = -1;
    private static final int NOTHING = -2;

    private final Map<String, Double> above = new HashMap<>();
    private final Map<String, Double> below = new HashMap<>();
    private final Map<String, Double> planMm2 = new HashMap<>();
    private double faceMm2;

    private static final Cache<List<Object>, Coverage> KNOWN = new Cache<>(128);

    /** The coverage of a flower, leaves left out. */
    public static Coverage of(FlowerForm form) {
        return KNOWN.of(faces(form), () -> {
            Coverage coverage = new Coverage();
            coverage.faceMm2 = new Grid(form).count(form.faceRings(), coverage);
            return coverage;
        });
    }

    /** All that what is seen depends on: every surface and where it stands, and what fills the middle. */
    private static List<Object> faces(FlowerForm form) {
        List<Object> key = new ArrayList<>();
        for (PlacedRing ring : form.faceRings()) {
            key.add(ring.part().id());
            key.add(ring.surface());
            key.add(ring.part().pieces().edge());
            key.add(ring.part().pieces().finishedMm(form.paste()));
            key.add(ring.part().belowMm(1));
            key.add(Arrays.stream(ring.azimuthsRad()).boxed().toList());
        }
        for (Part part : form.species().parts()) {
            for (Solid.Turned body : part.core().outsides()) {
                key.addAll(Relief.told(body));
            }
        }
        return key;
    }

    private Coverage() {}

    /** The cells that look along the axis. */
    private static final class Grid {
        private final FlowerForm form;
        private final double cellMm;
        private final float[] high = Relief.filled(Float.NEGATIVE_INFINITY);
        private final float[] low = Relief.filled(Float.POSITIVE_INFINITY);
        private final short[] highest = new short[Relief.CELLS * Relief.CELLS];
        private final short[] lowest = new short[Relief.CELLS * Relief.CELLS];

        Grid(FlowerForm form) {
            this.form = form;
            cellMm = Relief.cellMm(form.faceMm());
            Arrays.fill(highest, (short) NOTHING);
            Arrays.fill(lowest, (short) NOTHING);
        }

        /** Lays all that makes the face over the cells and counts; returns the area of the face, mm². */
        double count(List<PlacedRing> rings, Coverage coverage) {
            for (Part part : form.species().parts()) {
                for (Solid.Turned body : part.core().outsides()) {
                    lay(Relief.of(body, cellMm), (short) CENTRE);
                }
            }
            int[] plan = new int[rings.size()];
            for (int k = 0; k < rings.size(); k++) {
                Relief relief = Relief.of(rings.get(k), form.paste(), cellMm);
                plan[k] = relief.covered();
                lay(relief, (short) k);
            }
            int[] fromAbove = new int[rings.size()];
            int[] fromBelow = new int[rings.size()];
            int face = 0;
            for (int c = 0; c < highest.length; c++) {
                if (highest[c] != NOTHING) {
                    face++;
                    if (highest[c] >= 0) {
                        fromAbove[highest[c]]++;
                    }
                    if (lowest[c] >= 0) {
                        fromBelow[lowest[c]]++;
                    }
                }
            }
            for (int k = 0; k < rings.size(); k++) {
                String id = rings.get(k).part().id();
                coverage.planMm2.merge(id, plan[k] * cellMm * cellMm, Double::sum);
                coverage.above.merge(id, (double) fromAbove[k], Double::sum);
                coverage.below.merge(id, (double) fromBelow[k], Double::sum);
            }
            coverage.planMm2.forEach((id, mm2) -> {
                double cells = Math.max(1, mm2 / (cellMm * cellMm));
                coverage.above.computeIfPresent(id, (same, seen) -> seen / cells);
                coverage.below.computeIfPresent(id, (same, seen) -> seen / cells);
            });
            return face * cellMm * cellMm;
        }

        private void lay(Relief relief, short number) {
            float[] tops = relief.high();
            float[] feet = relief.low();
            for (int c = relief.from(); c < relief.to(); c++) {
                if (tops[c] > high[c] + TOUCHING_MM) {
                    high[c] = tops[c];
                    highest[c] = number;
                }
                if (feet[c] <= low[c] + TOUCHING_MM && feet[c] < Float.POSITIVE_INFINITY) {
                    low[c] = Math.min(feet[c], low[c]);
                    lowest[c] = number;
                }
            }
        }
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
