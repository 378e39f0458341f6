package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * The order in which shapes that are seen from above are painted, the undermost first. Of two that cover a common radius the one
 * that is lower there comes first; else they come by their height.
 */
final class PaintOrder {
    /** Shapes whose heights differ by less than this touch; what was set later lies below, mm. */
    private static final double TOUCHING_MM = 0.02;

    private PaintOrder() {}

    /**
     * What is known of a shape.
     *
     * @param fromMm least radius that it covers
     * @param toMm greatest radius
     * @param heightAt its height at a radius between them, mm
     * @param last whether it comes as late as it may
     */
    record Shape(double fromMm, double toMm, DoubleUnaryOperator heightAt, boolean last) {
        double middle() {
            return heightAt.applyAsDouble((fromMm + toMm) / 2);
        }

        /** Whether it must be painted before another that was set earlier. */
        boolean under(Shape earlier) {
            double from = Math.max(fromMm, earlier.fromMm);
            double to = Math.min(toMm, earlier.toMm);
            double at = (from + to) / 2;
            return heightAt.applyAsDouble(at) < earlier.heightAt.applyAsDouble(at) + TOUCHING_MM;
        }

        boolean meets(Shape other) {
            return Math.min(toMm, other.toMm) > Math.max(fromMm, other.fromMm);
        }
    }

    /** The shapes' numbers in the order of painting; the shapes stand in the order in which they were set. */
    static List<Integer> of(List<Shape> shapes) {
        int n = shapes.size();
        int[] waits = new int[n];
        boolean[][] under = new boolean[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                if (shapes.get(i).meets(shapes.get(j))) {
                    boolean later = shapes.get(j).under(shapes.get(i));
                    under[later ? j : i][later ? i : j] = true;
                    waits[later ? i : j]++;
                }
            }
        }
        boolean[] done = new boolean[n];
        List<Integer> order = new ArrayList<>(n);
        while (order.size() < n) {
            int next = next(shapes, waits, done);
            done[next] = true;
            order.add(next);
            for (int k = 0; k < n; k++) {
                waits[k] -= under[next][k] ? 1 : 0;
            }
        }
        return order;
    }

    /** The lowest of those that wait for nothing; where shapes lie round on each other, of those that wait for least. */
    private static int next(List<Shape> shapes, int[] waits, boolean[] done) {
        int best = -1;
        for (int k = 0; k < waits.length; k++) {
            if (!done[k] && (best < 0 || before(shapes, waits, k, best))) {
                best = k;
            }
        }
        return best;
    }

    private static boolean before(List<Shape> shapes, int[] waits, int a, int b) {
        if (waits[a] != waits[b]) {
            return waits[a] < waits[b];
        }
        Shape first = shapes.get(a);
        Shape second = shapes.get(b);
        return first.last() == second.last() ? first.middle() < second.middle() : !first.last();
    }
}
