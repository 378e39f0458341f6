package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.form.StemBend;
import org.crispwhorl.core.paste.MixingLaw;

/**
 * The veins of a part in the round, on the very triangles of its pieces.
 *
 * @param partId what they run on
 * @param colour sRGB, {@code #rrggbb}: its shade, darker
 * @param points three numbers each, mm, x and y across the flower, z up; each two of them are a stretch of a vein
 */
public record VeinLines(String partId, String colour, double[] points) {
    /** What lies in the shadow of a vein is so much darker, in linear light. */
    private static final double DARKER = 0.55;

    /** The veins of a flower whose pieces are meshed so finely. */
    public static List<VeinLines> of(FlowerForm form, FlowerSurfaces.Detail detail) {
        List<VeinLines> all = new ArrayList<>();
        StemBend bend = StemBend.of(form);
        for (PlacedRing ring : form.rings()) {
            PlacedRing.Piece piece = ring.piece(detail.stations(), detail.across(), form.paste());
            List<double[]> stretches = stretches(ring, piece);
            if (!stretches.isEmpty()) {
                double[] shade =
                        MixingLaw.linear(form.species().shade(ring.part().shade()));
                String colour = MixingLaw.hex(
                        Arrays.stream(shade).map(channel -> DARKER * channel).toArray());
                Mesh.Move move =
                        bend.straight() || ring.part().inHead() ? (x, y, z) -> new double[] {x, y, z} : bend::bent;
                all.add(new VeinLines(ring.part().id(), colour, placed(ring, stretches, move)));
            }
        }
        return all;
    }

    /** The ends of each stretch on the piece at azimuth 0, two by two. */
    private static List<double[]> stretches(PlacedRing ring, PlacedRing.Piece piece) {
        List<double[]> ends = new ArrayList<>();
        for (double[] line : Veins.of(ring)) {
            Optional<double[]> before = Optional.empty();
            for (int i = 0; i + 1 < line.length; i += 2) {
                Optional<double[]> here = on(piece, line[i + 1], line[i]);
                if (before.isPresent() && here.isPresent()) {
                    ends.add(before.get());
                    ends.add(here.get());
                }
                before = here;
            }
        }
        return ends;
    }

    /** Where a place of the flat piece lies on its triangles; none beyond them. */
    private static Optional<double[]> on(PlacedRing.Piece piece, double across, double station) {
        int[] t = piece.triangles();
        for (int i = 0; i < t.length; i += 3) {
            double[] a = piece.flat()[t[i]];
            double[] b = piece.flat()[t[i + 1]];
            double[] c = piece.flat()[t[i + 2]];
            double area = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
            double atB = ((across - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (station - a[1])) / area;
            double atC = ((b[0] - a[0]) * (station - a[1]) - (across - a[0]) * (b[1] - a[1])) / area;
            if (area != 0 && atB >= -EDGE && atC >= -EDGE && atB + atC <= 1 + EDGE) {
                double[] at = new double[3];
                for (int k = 0; k < 3; k++) {
                    at[k] = (1 - atB - atC) * piece.points()[t[i]][k]
                            + atB * piece.points()[t[i + 1]][k]
                            + atC * piece.points()[t[i + 2]][k];
                }
                return Optional.of(at);
            }
        }
        return Optional.empty();
    }

    private static final double EDGE = 1e-9;

    private static double[] placed(PlacedRing ring, List<double[]> ends, Mesh.Move move) {
        double[] azimuths = ring.azimuthsRad();
        double[] points = new double[3 * ends.size() * azimuths.length];
        int n = 0;
        for (int k = 0; k < azimuths.length; k++) {
            double cos = Math.cos(azimuths[k]);
            double sin = Math.sin(azimuths[k]);
            for (double[] p : ends) {
                double[] at = move.moved(p[0] * cos - p[1] * sin, p[0] * sin + p[1] * cos, p[2] - ring.belowMm(k));
                System.arraycopy(at, 0, points, n, 3);
                n += 3;
            }
        }
        return points;
    }
}
