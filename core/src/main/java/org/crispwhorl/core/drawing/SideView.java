package org.crispwhorl.core.drawing;

import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.paste.MixingLaw;

/** A flower seen from the side, as a picture: its surfaces in soft light, darker where one ends before another. */
public final class SideView {
    /** Cells along its longer side. */
    private static final int CELLS = 56;

    /** Each cell is looked at in so many places each way, so that edges are smooth. */
    private static final int FINER = 3;

    /** How light a surface is that the light grazes, and by how much more one is that faces it. */
    private static final double SHADE = 0.66;

    private static final double LIGHT = 0.36;

    /** The light comes from before, from the left and from above. */
    private static final double[] FROM = {-0.42, -0.72, 0.55};

    /** A surface that ends so far before the next, mm, ends in a line, which is so dark. */
    private static final double BEFORE_MM = 1.2;

    private static final double LINE = 0.55;

    private static final double BEYOND = 0.02;
    private static final double A_HAIR_MM = 1e-3;

    private final List<Mesh> meshes;
    private double leftMm = Double.POSITIVE_INFINITY;
    private double rightMm = Double.NEGATIVE_INFINITY;
    private double lowMm = Double.POSITIVE_INFINITY;
    private double highMm = Double.NEGATIVE_INFINITY;
    private double fineMm;
    private int columns;
    private int rows;
    private double[] depths;
    private double[] colours;

    private static final Cache<List<Object>, Drawing.Picture> KNOWN = new Cache<>(64);

    private SideView(List<Mesh> meshes) {
        this.meshes = meshes;
    }

    /** A head without the stem that it stands on. */
    public static Drawing.Picture ofHead(FlowerForm form) {
        return KNOWN.of(List.of(form.species(), form.paste(), true), () -> new SideView(
                        FlowerSurfaces.of(form, FlowerSurfaces.Detail.SCREEN).stream()
                                .filter(mesh -> form.species()
                                        .part(mesh.partId())
                                        .filter(part -> part.inHead())
                                        .isPresent())
                                .toList())
                .picture());
    }

    /** All of a flower, its stem and what stands on it included. */
    public static Drawing.Picture ofAll(FlowerForm form) {
        return KNOWN.of(
                List.of(form.species(), form.paste(), false),
                () -> new SideView(FlowerSurfaces.of(form, FlowerSurfaces.Detail.SCREEN)).picture());
    }

    private Drawing.Picture picture() {
        frame();
        if (!(rightMm > leftMm)) {
            return new Drawing.Picture(0, 0, 1, 1, 1, new byte[4]);
        }
        for (Mesh mesh : meshes) {
            lay(mesh);
        }
        return averaged();
    }

    private void frame() {
        for (Mesh mesh : meshes) {
            double[] p = mesh.points();
            for (int i = 0; i < p.length; i += 3) {
                leftMm = Math.min(leftMm, p[i]);
                rightMm = Math.max(rightMm, p[i]);
                lowMm = Math.min(lowMm, p[i + 2]);
                highMm = Math.max(highMm, p[i + 2]);
            }
        }
        double longer = Math.max(A_HAIR_MM, Math.max(rightMm - leftMm, highMm - lowMm));
        fineMm = longer / CELLS / FINER;
        columns = FINER * (int) Math.max(1, Math.ceil((rightMm - leftMm) / fineMm / FINER));
        rows = FINER * (int) Math.max(1, Math.ceil((highMm - lowMm) / fineMm / FINER));
        depths = new double[columns * rows];
        Arrays.fill(depths, Double.POSITIVE_INFINITY);
        colours = new double[3 * columns * rows];
    }

    private void lay(Mesh mesh) {
        double[] p = mesh.points();
        double[] normals = mesh.normals();
        double[] paste = MixingLaw.linear(mesh.colour());
        Raster raster = new Raster(columns, rows, BEYOND);
        int[] t = mesh.triangles();
        for (int i = 0; i < t.length; i += 3) {
            int[] corners = {3 * t[i], 3 * t[i + 1], 3 * t[i + 2]};
            raster.lay(cell(p, corners[0]), cell(p, corners[1]), cell(p, corners[2]), (at, a, b, c) -> {
                double[] shares = {a, b, c};
                double depth = mixed(p, corners, shares, 1);
                if (depth < depths[at]) {
                    depths[at] = depth;
                    double light = light(normals, corners, shares);
                    for (int k = 0; k < 3; k++) {
                        double own = mesh.coloured() ? mixed(mesh.colours(), corners, shares, k) : paste[k];
                        colours[3 * at + k] = own * light;
                    }
                }
            });
        }
    }

    private double[] cell(double[] p, int at) {
        return new double[] {(p[at] - leftMm) / fineMm - 0.5, (highMm - p[at + 2]) / fineMm - 0.5};
    }

    private static double mixed(double[] values, int[] corners, double[] shares, int k) {
        return shares[0] * values[corners[0] + k]
                + shares[1] * values[corners[1] + k]
                + shares[2] * values[corners[2] + k];
    }

    private static double light(double[] normals, int[] corners, double[] shares) {
        double x = mixed(normals, corners, shares, 0);
        double y = mixed(normals, corners, shares, 1);
        double z = mixed(normals, corners, shares, 2);
        double length = Math.max(A_HAIR_MM, Math.sqrt(x * x + y * y + z * z));
        // The side that is seen is the one that is lit.
        double towards = y > 0 ? -1 : 1;
        double facing = towards * (x * FROM[0] + y * FROM[1] + z * FROM[2]) / length;
        return SHADE + LIGHT * Math.max(0, facing);
    }

    private Drawing.Picture averaged() {
        int wide = columns / FINER;
        int high = rows / FINER;
        byte[] rgba = new byte[4 * wide * high];
        for (int row = 0; row < high; row++) {
            for (int column = 0; column < wide; column++) {
                double[] sum = new double[3];
                int covered = 0;
                for (int n = 0; n < FINER * FINER; n++) {
                    int at = (row * FINER + n / FINER) * columns + column * FINER + n % FINER;
                    if (depths[at] < Double.POSITIVE_INFINITY) {
                        covered++;
                        double dark = ends(at) ? LINE : 1;
                        for (int k = 0; k < 3; k++) {
                            sum[k] += dark * colours[3 * at + k];
                        }
                    }
                }
                int to = 4 * (row * wide + column);
                for (int k = 0; k < 3 && covered > 0; k++) {
                    rgba[to + k] = (byte) MixingLaw.code(Math.min(1, sum[k] / covered));
                }
                rgba[to + 3] = (byte) Math.round(255.0 * covered / (FINER * FINER));
            }
        }
        return new Drawing.Picture(leftMm, -highMm, fineMm * FINER, wide, high, rgba);
    }

    /** Whether a surface ends here before another, or before nothing. */
    private boolean ends(int at) {
        int column = at % columns;
        int row = at / columns;
        return column > 0 && before(at, at - 1)
                || column + 1 < columns && before(at, at + 1)
                || row > 0 && before(at, at - columns)
                || row + 1 < rows && before(at, at + columns);
    }

    private boolean before(int at, int beside) {
        return depths[beside] - depths[at] > BEFORE_MM;
    }
}
