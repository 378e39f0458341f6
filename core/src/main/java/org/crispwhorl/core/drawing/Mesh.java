package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleFunction;
import org.crispwhorl.core.colour.TintedBody;

/**
 * A surface of one part as triangles: all its pieces together.
 *
 * @param partId what it belongs to
 * @param colour sRGB, {@code #rrggbb}
 * @param points three numbers each, mm: x and y across the flower, z up
 * @param triangles three indices of points each; seen from both sides, but where points are coloured only from where they run left round
 * @param colours reflectances in linear light of each point, red, green, blue; none where all have the one colour
 */
public record Mesh(String partId, String colour, double[] points, int[] triangles, double[] colours) {
    /** Whether each point has a colour of its own, and each side its own triangles. */
    public boolean coloured() {
        return colours.length > 0;
    }

    /** Area of the surface, mm²: of all its triangles, or of those on one side. */
    public double areaMm2() {
        double sum = 0;
        for (int t = 0; t < triangles.length; t += 3) {
            double[] n = cross(t);
            sum += Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]) / 2;
        }
        return coloured() ? sum / 2 : sum;
    }

    /** Its triangles as stretches of surface: of all, or where points are coloured of those on one side. */
    List<TintedBody.Stretch> stretches() {
        List<TintedBody.Stretch> stretches = new ArrayList<>();
        for (int t = 0; t < triangles.length; t += 3) {
            double[] n = cross(t);
            double height =
                    (points[3 * triangles[t] + 2] + points[3 * triangles[t + 1] + 2] + points[3 * triangles[t + 2] + 2])
                            / 3;
            stretches.add(new TintedBody.Stretch(
                    height, Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]) / (coloured() ? 4 : 2)));
        }
        return stretches;
    }

    /** The same, each point in the colour of its height, each side with triangles of its own. */
    Mesh colouredByHeight(DoubleFunction<double[]> at) {
        int n = points.length;
        double[] both = Arrays.copyOf(points, 2 * n);
        System.arraycopy(points, 0, both, n, n);
        int[] sides = Arrays.copyOf(triangles, 2 * triangles.length);
        for (int t = 0; t < triangles.length; t += 3) {
            sides[triangles.length + t] = n / 3 + triangles[t];
            sides[triangles.length + t + 1] = n / 3 + triangles[t + 2];
            sides[triangles.length + t + 2] = n / 3 + triangles[t + 1];
        }
        double[] tints = new double[2 * n];
        for (int i = 0; i < 2 * n; i += 3) {
            System.arraycopy(at.apply(both[i + 2]), 0, tints, i, 3);
        }
        return new Mesh(partId, colour, both, sides, tints);
    }

    /** Twice the area of a triangle, as a vector square to it. */
    private double[] cross(int t) {
        int a = 3 * triangles[t];
        int b = 3 * triangles[t + 1];
        int c = 3 * triangles[t + 2];
        double[] p = {points[b] - points[a], points[b + 1] - points[a + 1], points[b + 2] - points[a + 2]};
        double[] q = {points[c] - points[a], points[c + 1] - points[a + 1], points[c + 2] - points[a + 2]};
        return new double[] {p[1] * q[2] - p[2] * q[1], p[2] * q[0] - p[0] * q[2], p[0] * q[1] - p[1] * q[0]};
    }

    /** A normal of length 1 for every point, as its triangles turn it by their area. */
    public double[] normals() {
        double[] normals = new double[points.length];
        for (int t = 0; t < triangles.length; t += 3) {
            double[] n = cross(t);
            for (int k = 0; k < 3; k++) {
                int at = 3 * triangles[t + k];
                normals[at] += n[0];
                normals[at + 1] += n[1];
                normals[at + 2] += n[2];
            }
        }
        for (int i = 0; i < normals.length; i += 3) {
            double length = Math.sqrt(
                    normals[i] * normals[i] + normals[i + 1] * normals[i + 1] + normals[i + 2] * normals[i + 2]);
            for (int k = 0; k < 3; k++) {
                normals[i + k] = length == 0 ? (k == 2 ? 1 : 0) : normals[i + k] / length;
            }
        }
        return normals;
    }

    /** Where a point comes to lie. */
    interface Move {
        double[] moved(double x, double y, double z);
    }

    /** The same surface with every point somewhere else. */
    Mesh moved(Move move) {
        double[] elsewhere = new double[points.length];
        for (int i = 0; i < points.length; i += 3) {
            System.arraycopy(move.moved(points[i], points[i + 1], points[i + 2]), 0, elsewhere, i, 3);
        }
        return new Mesh(partId, colour, elsewhere, triangles, colours);
    }
}
