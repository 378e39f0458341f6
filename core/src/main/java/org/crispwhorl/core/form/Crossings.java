package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Pieces;

/**
 * Finds petals that would pass through each other: pieces of two parts, or of one whose pieces stand apart, whose surfaces meet.
 * Pieces that overlap within a ring lie on one another by the order in which they are set, and are not told. Two surfaces meet
 * where a triangle of one meets a triangle of the other (the test is Möller's, on intervals of the line that their planes share);
 * how deep they pass is how far what sticks through stands off the other.
 */
public final class Crossings {
    /** Less than this a petal gives way before it is dry, mm. */
    public static final double GIVES_WAY_MM = 1;

    /** Rows and columns of a piece that is held against another. */
    private static final int STATIONS = 14;

    private static final int ACROSS = 4;

    /** Turns that differ by less than this are one, radians. */
    private static final double SAME_TURN = 1e-4;

    private Crossings() {}

    /**
     * Pieces of two parts, or of one, that pass through each other.
     *
     * @param innerId the part that is set first
     * @param outerId the part that is set later; the same where pieces of one part meet
     * @param pairs how many pairs of pieces do
     * @param deepestMm how far at most one sticks through the other
     */
    public record Crossing(String innerId, String outerId, int pairs, double deepestMm) {}

    /** All crossings of a flower that are deeper than paste gives way, inner parts first. */
    public static List<Crossing> of(FlowerForm form) {
        List<PlacedRing> rings = form.rings();
        List<Sheet> sheets = new ArrayList<>();
        for (PlacedRing ring : rings) {
            sheets.add(sheet(ring, form));
        }
        List<Crossing> found = new ArrayList<>();
        for (int i = 0; i < rings.size(); i++) {
            for (int j = i; j < rings.size(); j++) {
                boolean lobes = i != j
                        && rings.get(i).part().id().equals(rings.get(j).part().id());
                if (!lobes && (i != j || rings.get(i).part().pieces().overlap() == Overlap.APART)) {
                    Crossing crossing = between(rings.get(i), sheets.get(i), rings.get(j), sheets.get(j));
                    if (crossing.deepestMm() > GIVES_WAY_MM) {
                        found.add(crossing);
                    }
                }
            }
        }
        return List.copyOf(found);
    }

    /**
     * The least change of the outer part's lean by which it no longer passes through the inner one.
     *
     * @return its new lean in degrees; empty where none within {@value #MOST_LEANED}° either way clears it
     */
    public static OptionalDouble clearing(FlowerForm form, String innerId, String outerId) {
        Optional<PlacedRing> inner = form.ring(innerId);
        Optional<PlacedRing> outer = form.ring(outerId);
        if (inner.isEmpty() || outer.isEmpty() || innerId.equals(outerId)) {
            return OptionalDouble.empty();
        }
        Sheet a = sheet(inner.get(), form);
        double now = outer.get().part().pieces().opensDeg();
        for (int by = LEANED_BY; by <= MOST_LEANED; by += LEANED_BY) {
            for (double lean : new double[] {now + by, now - by}) {
                if (Limits.allows(Pieces.class, "opensDeg", lean) && clears(form, inner.get(), a, outer.get(), lean)) {
                    return OptionalDouble.of(lean);
                }
            }
        }
        return OptionalDouble.empty();
    }

    private static boolean clears(FlowerForm form, PlacedRing inner, Sheet a, PlacedRing outer, double lean) {
        PlacedRing leaned = outer.remade(outer.part().with(outer.part().pieces().withOpensDeg(lean)));
        return between(inner, a, leaned, sheet(leaned, form)).deepestMm() <= GIVES_WAY_MM;
    }

    /** Steps in which a lean is sought, and how far, degrees. */
    private static final int LEANED_BY = 2;

    private static final int MOST_LEANED = 40;

    private static Sheet sheet(PlacedRing ring, FlowerForm form) {
        PlacedRing.Piece piece = ring.piece(STATIONS, ACROSS, form.paste());
        return Sheet.of(piece.points(), piece.triangles());
    }

    /** Pieces that stand alike to each other are looked at once. */
    private static Crossing between(PlacedRing inner, Sheet a, PlacedRing outer, Sheet b) {
        Map<List<Long>, Double> known = new HashMap<>();
        double[] first = inner.azimuthsRad();
        double[] second = outer.azimuthsRad();
        int pairs = 0;
        double deepest = 0;
        for (int i = 0; i < first.length; i++) {
            for (int j = inner == outer ? i + 1 : 0; j < second.length; j++) {
                double turn = Arcs.wrap(second[j] - first[i]);
                double up = inner.belowMm(i) - outer.belowMm(j);
                double depth = known.computeIfAbsent(
                        List.of(Math.round(turn / SAME_TURN), Math.round(up / SAME_TURN)),
                        key -> depth(a, b.placed(turn, up)));
                pairs += depth > GIVES_WAY_MM ? 1 : 0;
                deepest = Math.max(deepest, depth);
            }
        }
        return new Crossing(inner.part().id(), outer.part().id(), pairs, deepest);
    }

    /**
     * How deep two sheets pass through each other: as far as that of them stands through the other that does so less, and never
     * farther than the line is long along which they meet, along which one could slip out of the other.
     *
     * @return 0 where they do not meet, mm
     */
    static double depth(Sheet a, Sheet b) {
        double along = a.meetsAlong(b);
        return along == 0 ? 0 : Math.min(along, Math.min(a.standsThrough(b), b.standsThrough(a)));
    }
}
