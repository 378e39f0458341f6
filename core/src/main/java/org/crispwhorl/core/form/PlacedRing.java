package org.crispwhorl.core.form;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.crispwhorl.core.colour.Tinted;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.OutlineMesh;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.thinning.EdgeRuffle;

/** A part's equal pieces in their places: one surface, and the azimuths at which it stands, in the order of setting. */
public final class PlacedRing {
    /** Station, as a share of the length, at which gaps and overlaps are measured. */
    public static final double GAP_STATION = 0.6;

    /** Rings that spread alike to within this factor can stand in each other's gaps. */
    private static final double BESIDE = 1.35;

    /** Gaps smaller than this are not seen, mm. */
    public static final double SEEN_MM = 0.05;

    private final Petaled part;
    private final PetalSurface surface;
    private final double[] azimuthsRad;
    private final double neckMm;
    private final boolean steamed;
    private final Function<Petaled, PetalSurface> laid;
    private final double gapStationMm;
    private final double halfAngle;

    /** Worked out when first asked for, by whichever thread asks first. */
    private volatile double outerMm = Double.NaN;

    private volatile double[] heightsMm;

    /**
     * @param neckMm radius at which its pieces leave the middle of the flower
     * @param steamed whether its pieces are passed through steam at last
     * @param laid the surface that pieces of such a part have in its place
     */
    PlacedRing(
            Petaled part, double[] azimuthsRad, double neckMm, boolean steamed, Function<Petaled, PetalSurface> laid) {
        this.part = part;
        this.surface = laid.apply(part);
        this.azimuthsRad = azimuthsRad;
        this.neckMm = neckMm;
        this.steamed = steamed;
        this.laid = laid;
        this.gapStationMm = gapStation();
        this.halfAngle = surface.halfAngleAt(gapStationMm);
    }

    /** The same ring made of other pieces in the same place. */
    public PlacedRing remade(Petaled changed) {
        return new PlacedRing(changed, azimuthsRad, neckMm, steamed, laid);
    }

    /** Radius at which its pieces leave the middle of the flower, mm. */
    public double neckMm() {
        return neckMm;
    }

    public Petaled part() {
        return part;
    }

    public PetalSurface surface() {
        return surface;
    }

    /** Its finished pieces as their passes of colour leave them. */
    public Tinted tinted() {
        return new Tinted(part.colour(), surface.outline(), surface.startMm(), steamed);
    }

    /** Azimuths in the order in which the pieces are set; not to be changed. */
    public double[] azimuthsRad() {
        return azimuthsRad;
    }

    /**
     * Its piece at azimuth 0, frill and all, as triangles.
     *
     * @param points x, y, z of each, mm
     * @param flat where each lies on the flat piece: across and station, mm
     * @param triangles three indices of points each
     * @param faces 1 where triangles run left round seen from the face of the piece, -1 where they do seen from its back
     */
    public record Piece(double[][] points, double[][] flat, int[] triangles, int faces) {}

    /** The piece, meshed as finely as that or finer where it is laid round something, made of a paste. */
    public Piece piece(int stations, int across, Paste paste) {
        Pieces pieces = part.pieces();
        EdgeRuffle ruffle = pieces.edge().ruffle(pieces.finishedMm(paste));
        int columns = surface instanceof HuggingPetal hugging ? hugging.columns(across) : across;
        OutlineMesh flat = surface.flat(stations, columns);
        double[][] points = new double[flat.points().length][];
        for (int i = 0; i < points.length; i++) {
            double[] at = flat.points()[i];
            points[i] = surface.frilled(at[1], at[0], pieces.edge(), ruffle);
        }
        return new Piece(points, flat.points(), flat.triangles(), faces(flat, points));
    }

    /** The small petal that lies on the face of each of its pieces, as triangles; none where they carry none. */
    public Optional<Piece> carried(int stations, int across, Paste paste) {
        Pieces pieces = part.pieces();
        return pieces.carries().map(small -> {
            PetalSurface on = surface.carrying(small.outline());
            double up = (pieces.finishedMm(paste) + small.thicknessMm()) / 2;
            OutlineMesh flat = on.flat(stations, across);
            double[][] points = new double[flat.points().length][];
            for (int i = 0; i < points.length; i++) {
                points[i] = on.point(flat.points()[i][1], flat.points()[i][0], up);
            }
            return new Piece(points, flat.points(), flat.triangles(), 1);
        });
    }

    /** Seen from its face a piece lies towards the eye: told at its largest triangle. */
    private int faces(OutlineMesh flat, double[][] points) {
        int[] t = flat.triangles();
        double most = 0;
        double faces = 1;
        for (int i = 0; i < t.length; i += 3) {
            double[] a = points[t[i]];
            double[] b = points[t[i + 1]];
            double[] c = points[t[i + 2]];
            double[] n = {
                (b[1] - a[1]) * (c[2] - a[2]) - (b[2] - a[2]) * (c[1] - a[1]),
                (b[2] - a[2]) * (c[0] - a[0]) - (b[0] - a[0]) * (c[2] - a[2]),
                (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])
            };
            double area = n[0] * n[0] + n[1] * n[1] + n[2] * n[2];
            if (area > most) {
                double s = (flat.points()[t[i]][1] + flat.points()[t[i + 1]][1] + flat.points()[t[i + 2]][1]) / 3;
                double v = (flat.points()[t[i]][0] + flat.points()[t[i + 1]][0] + flat.points()[t[i + 2]][0]) / 3;
                double[] on = surface.point(s, v, 0);
                double[] in = surface.point(s, v, IN_MM);
                most = area;
                faces = n[0] * (in[0] - on[0]) + n[1] * (in[1] - on[1]) + n[2] * (in[2] - on[2]);
            }
        }
        return faces >= 0 ? 1 : -1;
    }

    private static final double IN_MM = 0.01;

    /**
     * The station at which gaps are measured: of pieces that stand a fixed share of their length, of those that are laid on the worst
     * between the end of the glue and the widest.
     */
    private double gapStation() {
        double length = surface.outline().lengthMm();
        if (!(surface instanceof HuggingPetal)) {
            return GAP_STATION * length;
        }
        double widest = Math.max(surface.startMm(), surface.outline().widest() * length);
        double glued = Math.max(surface.startMm(), part.pieces().attachment().gluedShare() * length);
        double from = Math.min(widest, Math.max(glued, widest * NARROW));
        double worst = widest;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= GAP_STEPS; i++) {
            double s = from + (widest - from) * i / GAP_STEPS;
            double open = (Arcs.TURN / azimuthsRad.length - 2 * surface.halfAngleAt(s)) * edgeRadius(s);
            if (open > most) {
                most = open;
                worst = s;
            }
        }
        return worst;
    }

    private static final int GAP_STEPS = 4;

    /** Share of the way to the widest up to which a foot is narrow and what is between feet is not seen. */
    private static final double NARROW = 0.6;

    /** Mean radius of the two edges at a station, mm. */
    private double edgeRadius(double s) {
        double sum = 0;
        for (double edge : surface.outline().spanAt(s)) {
            double[] p = surface.point(s, edge);
            sum += Math.hypot(p[0], p[1]) / 2;
        }
        return sum;
    }

    /** The station at which gaps and overlaps are measured, mm from the base. */
    public double gapStationMm() {
        return gapStationMm;
    }

    /** Radius at which gaps are measured, where the edges stand, mm. */
    public double gapRadiusMm() {
        return edgeRadius(gapStationMm);
    }

    /** Half the angle that a piece takes up at that station, radians. */
    public double halfAngle() {
        return halfAngle;
    }

    /** The widest step from one azimuth to the next, radians. */
    public double widestStepRad() {
        return widest()[1];
    }

    /** Where the widest step from one azimuth to the next has its middle, and how wide it is, radians. */
    private double[] widest() {
        double[] sorted = Arrays.stream(azimuthsRad).map(Arcs::wrap).sorted().toArray();
        double[] widest = {0, 0};
        for (int i = 0; i < sorted.length; i++) {
            double next = i + 1 < sorted.length ? sorted[i + 1] : sorted[0] + Arcs.TURN;
            if (next - sorted[i] > widest[1] + 1e-9) {
                widest = new double[] {(next + sorted[i]) / 2, next - sorted[i]};
            }
        }
        return widest;
    }

    /** The largest open gap between the edges of neighbours at that station, mm along the arc; 0 where they meet. */
    public double gapMm() {
        return gap(arcs()) * gapRadiusMm();
    }

    /** What is left of the gap where another ring stands in it, mm along the arc; one that spreads elsewhere closes nothing. */
    public double gapMm(PlacedRing other) {
        double far = other.gapRadiusMm() / gapRadiusMm();
        boolean beside = far > 1 / BESIDE && far < BESIDE;
        return gap(beside ? Arcs.union(arcs(), other.arcs()) : arcs()) * gapRadiusMm();
    }

    private double[] arcs() {
        return Arcs.repeated(new double[] {-halfAngle, halfAngle}, azimuthsRad);
    }

    private static double gap(double[] arcs) {
        return Arcs.measure(arcs) >= Arcs.TURN - 1e-9 ? 0 : Arcs.largestGap(arcs);
    }

    /** The middle of the largest gap, radians from the first azimuth's zero. */
    public double gapAzimuthRad() {
        return widest()[0];
    }

    /** How far neighbours overlap at that station on the mean, mm; 0 where they do not. */
    public double overlapMm() {
        return Math.max(0, (2 * halfAngle - meanStepRad()) * gapRadiusMm());
    }

    /**
     * The least count that closes the ring as its pieces are placed: at equal steps, or each a golden angle on from the one before. Of
     * more pieces than any ring has it is told by equal steps.
     */
    public int leastCount() {
        int equal = (int) Math.ceil(Math.PI / halfAngle - 1e-9);
        if (part.pieces().place().rule() != Place.Rule.SPIRAL) {
            return equal;
        }
        for (int count = equal; count < WIDEST_SPIRAL_STEP.length; count++) {
            if (WIDEST_SPIRAL_STEP[count] <= 2 * halfAngle + 1e-9) {
                return count;
            }
        }
        return equal;
    }

    /** The widest step between so many pieces of a spiral, radians, by their count. */
    private static final double[] WIDEST_SPIRAL_STEP = IntStream.rangeClosed(0, 400)
            .mapToDouble(PlacedRing::widestSpiralStepRad)
            .toArray();

    private static double widestSpiralStepRad(int count) {
        double[] azimuths = IntStream.range(0, count)
                .mapToDouble(i -> Arcs.wrap(Math.toRadians(Scatter.GOLDEN_DEG) * i))
                .sorted()
                .toArray();
        double widest = count == 0 ? Arcs.TURN : azimuths[0] + Arcs.TURN - azimuths[count - 1];
        for (int i = 1; i < count; i++) {
            widest = Math.max(widest, azimuths[i] - azimuths[i - 1]);
        }
        return widest;
    }

    /** The mean step from one azimuth to the next, radians. */
    public double meanStepRad() {
        return Arcs.TURN / azimuthsRad.length;
    }

    /** Whether neighbours have met by a share of their length, at equal steps. */
    public boolean meetsBy(double share) {
        double half = 0;
        for (int i = 1; i <= MEETING_STEPS; i++) {
            half = Math.max(half, surface.halfAngleAt(share * surface.outline().lengthMm() * i / MEETING_STEPS));
        }
        return half * azimuthsRad.length >= Math.PI - 1e-9;
    }

    private static final int MEETING_STEPS = 6;

    /** Outermost radius in plan, mm: over the midrib, the edges and the lines between them. */
    public double outerMm() {
        if (Double.isNaN(outerMm)) {
            outerMm = outer();
        }
        return outerMm;
    }

    private double outer() {
        double outer = 0;
        Outline outline = surface.outline();
        for (int i = 0; i <= OUTER_STATIONS; i++) {
            double from = surface.startMm();
            double s = from + (outline.lengthMm() - from) * Math.sin(Math.PI / 2 * i / OUTER_STATIONS);
            double[] span = outline.spanAt(s);
            outer = Math.max(outer, reach(s, 0));
            for (double share : new double[] {0.5, 1}) {
                outer = Math.max(outer, reach(s, share * span[1]));
                if (!outline.symmetric()) {
                    outer = Math.max(outer, reach(s, share * span[0]));
                }
            }
        }
        return outer;
    }

    private double reach(double s, double v) {
        double[] p = surface.point(surface.outline().notchedStation(s, v), v);
        return Math.sqrt(p[0] * p[0] + p[1] * p[1]);
    }

    private static final int OUTER_STATIONS = 28;

    private static final int HEIGHT_STATIONS = 48;

    /** Height of the lowest and the highest point of the pieces, mm: {lowest, highest}. */
    public double[] heightsMm() {
        if (heightsMm == null) {
            heightsMm = heights();
        }
        return heightsMm.clone();
    }

    private double[] heights() {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= HEIGHT_STATIONS; i++) {
            double from = surface.startMm();
            double s = from + (surface.outline().lengthMm() - from) * i / HEIGHT_STATIONS;
            double[] span = surface.outline().spanAt(s);
            for (double v : new double[] {0, span[0], span[1]}) {
                double z = surface.point(s, v)[2];
                low = Math.min(low, z);
                high = Math.max(high, z);
            }
        }
        return new double[] {low - deepestMm(), high};
    }

    /** How far below the first a piece stands, mm. */
    public double belowMm(int piece) {
        return part.belowMm(piece);
    }

    private double deepestMm() {
        return belowMm(azimuthsRad.length - 1);
    }
}
