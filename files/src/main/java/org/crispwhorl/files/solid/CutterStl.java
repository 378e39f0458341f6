package org.crispwhorl.files.solid;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.PrintedCutter;

/** A cutter to print as binary STL, in millimetres. */
public final class CutterStl {
    private static final int HEADER_BYTES = 80;
    private static final int TRIANGLE_BYTES = 50;

    /** What has to be known before a printed cutter touches food. */
    public static final String CAUTION =
            "Printed plastic is not food-safe by itself: its grooves hold paste, its colours are not all meant for food. Ask"
                    + " for a filament and a printer that are, lay film between cutter and paste, wash it by hand, and follow"
                    + " your local food rules; where in doubt ask your local food authority or a qualified adviser.";

    private CutterStl() {}

    public static byte[] write(CutShape shape, PrintedCutter cutter) {
        List<double[]> triangles = cutter.triangles(shape);
        ByteBuffer out = ByteBuffer.allocate(HEADER_BYTES + 4 + TRIANGLE_BYTES * triangles.size())
                .order(ByteOrder.LITTLE_ENDIAN);
        out.put("cutter, millimetres".getBytes(StandardCharsets.US_ASCII)).position(HEADER_BYTES);
        out.putInt(triangles.size());
        for (double[] t : triangles) {
            double[] n = normal(t);
            out.putFloat((float) n[0]).putFloat((float) n[1]).putFloat((float) n[2]);
            for (double v : t) {
                out.putFloat((float) v);
            }
            out.putShort((short) 0);
        }
        return out.array();
    }

    private static double[] normal(double[] t) {
        double ax = t[3] - t[0];
        double ay = t[4] - t[1];
        double az = t[5] - t[2];
        double bx = t[6] - t[0];
        double by = t[7] - t[1];
        double bz = t[8] - t[2];
        double[] n = {ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx};
        double length = Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
        return length == 0 ? n : new double[] {n[0] / length, n[1] / length, n[2] / length};
    }
}
