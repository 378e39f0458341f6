package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;

/** A ring whose petals are meant to meet leaves gaps. */
final class RingGap implements Rule {
    /** A smaller gap closes under the fingers, mm. */
    private static final double CLOSES_MM = 0.5;

    /** Whoever leaves a gap wider than this share of a petal does not mean to close the ring. */
    private static final double CHOSEN = 0.5;

    /** A spiral's steps are uneven, so that it may take some petals more than equal steps would. */
    private static final int UNEVEN = 8;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (PlacedRing ring : a.form().rings()) {
            double gap = ring.gapMm();
            if (!ring.part().inHead()
                    || gap <= CLOSES_MM
                    || meantToBeOpen(ring.part().pieces(), gap)
                    || closedByAnother(a, ring)
                    || closesTheCentre(a, ring)) {
                continue;
            }
            Petaled part = ring.part();
            Why why = Why.of(
                    "Open arc between the edges of neighbours, where it is widest below their widest",
                    "Plan of the placed petals",
                    in("gap", gap, Unit.MM),
                    in("at, from the base", ring.gapStationMm(), Unit.MM),
                    in("petals", part.pieces().count(), Unit.COUNT),
                    in("finished width", part.pieces().finished().widthMm(), Unit.MM),
                    in("least count that closes", ring.leastCount(), Unit.COUNT));
            found.add(new Finding(
                    "ring-gap",
                    Severity.CHECK,
                    Optional.of(part.id()),
                    "Leaves a gap of " + Unit.MM.write(gap),
                    why,
                    fixes(a, ring)));
        }
        return found;
    }

    private static List<Fix> fixes(Assessment a, PlacedRing ring) {
        Petaled part = ring.part();
        List<Fix> fixes = new ArrayList<>();
        int most = (int) Math.min(Limits.greatest(Pieces.class, "count"), ring.leastCount() + UNEVEN);
        for (int count = ring.leastCount(); count <= most; count++) {
            int needed = count;
            Petaled more = part.with(part.pieces().withCount(count));
            boolean closed = new Assessment(a.species().with(more), a.conditions())
                            .form()
                            .ring(part.id())
                            .orElseThrow()
                            .gapMm()
                    <= CLOSES_MM;
            if (closed && count != part.pieces().count()) {
                fixes.add(Fix.pieces(a, "make " + count + " of them", part, p -> p.withCount(needed)));
                break;
            }
        }
        Outline cut = part.pieces().outline();
        double widest = Math.min(2 * cut.widthMm(), Limits.greatest(Outline.class, "widthMm"));
        for (double width = Math.ceil(cut.widthMm()); width <= widest; width++) {
            double wide = width;
            Petaled wider = part.with(part.pieces().withOutline(cut.withWidth(wide)));
            if (ring.remade(wider).gapMm() <= CLOSES_MM) {
                fixes.add(Fix.pieces(
                        a, "cut them " + Unit.MM.write(wide) + " wide", part, p -> p.outlined(o -> o.withWidth(wide))));
                break;
            }
        }
        return fixes;
    }

    /**
     * Petals that stand apart, and those that stand on two sides alike, leave gaps by design; so do those between which half a
     * petal would find room. A single petal is no ring.
     */
    private static boolean meantToBeOpen(Pieces pieces, double gapMm) {
        return pieces.overlap() == Overlap.APART
                || pieces.place().rule() == Place.Rule.SIDES_ALIKE
                || pieces.count() == 1
                || gapMm > CHOSEN * pieces.finished().widthMm();
    }

    /** The first petals over a centre are judged by whether they wrap it where they are widest. */
    private static boolean closesTheCentre(Assessment a, PlacedRing ring) {
        return GluedCentre.of(a)
                .filter(c -> c.closes() && c.petals() == ring.part())
                .isPresent();
    }

    private static boolean closedByAnother(Assessment a, PlacedRing ring) {
        return a.form().rings().stream()
                .filter(o -> o != ring && o.part().ring())
                .anyMatch(o -> ring.gapMm(o) <= CLOSES_MM);
    }
}
