package org.crispwhorl.files.solid;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.HashMap;
import java.util.Map;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.PrintedCutter;

/** Reads a binary STL back and looks whether it is the sleeve of an outline. */
final class SolidCheck {
    private SolidCheck() {}

    static void holds(String name, CutShape shape, PrintedCutter cutter) {
        ByteBuffer in = ByteBuffer.wrap(CutterStl.write(shape, cutter)).order(ByteOrder.LITTLE_ENDIAN);
        int count = in.position(80).getInt();
        assertEquals(in.remaining(), 50 * count, name);
        Map<String, Integer> edges = new HashMap<>();
        float[] least = {Float.MAX_VALUE, Float.MAX_VALUE, Float.MAX_VALUE};
        float[] most = {-Float.MAX_VALUE, -Float.MAX_VALUE, -Float.MAX_VALUE};
        double volume = 0;
        for (int i = 0; i < count; i++) {
            in.position(84 + 50 * i + 12);
            float[][] p = new float[3][3];
            for (float[] corner : p) {
                for (int k = 0; k < 3; k++) {
                    corner[k] = in.getFloat();
                    least[k] = Math.min(least[k], corner[k]);
                    most[k] = Math.max(most[k], corner[k]);
                }
            }
            for (int k = 0; k < 3; k++) {
                String from = key(p[k]);
                String to = key(p[(k + 1) % 3]);
                assertTrue(!from.equals(to), name + ": a triangle with two corners in one place");
                // Each edge is run through once in either direction: that makes it two triangles, both facing outwards.
                edges.merge(from + ">" + to, 1, Integer::sum);
            }
            volume += determinant(p) / 6;
        }
        edges.forEach((edge, n) -> {
            String[] ends = edge.split(">");
            assertEquals(n, Integer.valueOf(1), name + ": " + edge);
            assertEquals(
                    edges.get(ends[1] + ">" + ends[0]), Integer.valueOf(1), name + ": " + edge + " has no other side");
        });
        assertTrue(volume > 0, name + ": volume " + volume);
        assertEquals(most[0] - least[0], shape.acrossMm() + 2 * cutter.flangeMm(), 0.05, name);
        assertEquals(most[1] - least[1], shape.alongMm() + 2 * cutter.flangeMm(), 0.05, name);
        assertEquals(most[2] - least[2], cutter.highMm(), 1e-5, name);
        assertTrue(volume > cutter.bladeMm() * shape.perimeterMm() * 3, name + ": the blade alone holds more");
    }

    private static String key(float[] p) {
        return p[0] + "," + p[1] + "," + p[2];
    }

    private static double determinant(float[][] p) {
        return (double) p[0][0] * (p[1][1] * p[2][2] - p[1][2] * p[2][1])
                - (double) p[0][1] * (p[1][0] * p[2][2] - p[1][2] * p[2][0])
                + (double) p[0][2] * (p[1][0] * p[2][1] - p[1][1] * p[2][0]);
    }
}
