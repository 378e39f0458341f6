package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Stamens;

/** The neck of wires and threads is wider than the ring that must hide it, and nothing stands over it. */
final class NeckShows implements Rule {
    /** Share of the length at which the petals' bases must have met, or the neck is seen between them. */
    private static final double MET_BY = 0.15;

    @Override
    public List<Finding> look(Assessment a) {
        Optional<PlacedRing> first = a.form().rings().stream()
                .filter(r -> r.part().ring())
                .filter(r -> r.part().pieces().overlap() != Overlap.APART)
                .findFirst();
        if (first.isEmpty()) {
            return List.of();
        }
        PlacedRing ring = first.get();
        double neck = ring.neckMm();
        double covered = covered(a);
        // Glued petals lie on the centre: their own thickness hides nothing and shows nothing.
        double own =
                ring.part().pieces().attachment().glued() ? ring.part().pieces().finishedMm(a.paste()) : 0;
        if (neck - own <= covered || ring.meetsBy(MET_BY)) {
            return List.of();
        }
        Petaled part = ring.part();
        List<Fix> fixes = new ArrayList<>();
        broaderBase(a, ring).ifPresent(fixes::add);
        for (Stamens stamens : a.species().all(Stamens.class)) {
            if (stamens.ringMm() < neck) {
                double wide = Math.ceil(2 * neck) / 2;
                fixes.add(Fix.part(
                        a,
                        "spread the stamens to a ring of " + Unit.MM.write(wide),
                        stamens,
                        s -> s.withRing(wide, s.rows())));
            }
        }
        return List.of(new Finding(
                "neck-shows",
                Severity.CHECK,
                Optional.of(part.id()),
                "The neck shows between the petals",
                Why.of(
                        "Petals meet by 15 % of their length, or the centre and its stamens stand over the neck",
                        "Plan of the placed petals; packing of round wires",
                        in("neck radius", neck, Unit.MM),
                        in("covered by centre and stamens to", covered, Unit.MM),
                        in(
                                "base of a petal",
                                part.pieces().finished().base()
                                        * part.pieces().finished().widthMm(),
                                Unit.MM)),
                fixes));
    }

    /** The least base of the family's outline by which petals meet soon enough; an own shape has no base to be set. */
    private static Optional<Fix> broaderBase(Assessment a, PlacedRing ring) {
        Petaled part = ring.part();
        Outline cut = part.pieces().outline();
        for (double base = cut.base(); cut.own().isEmpty() && base <= 1; base += BASE_STEP) {
            double broader = base;
            Petaled mended = part.with(part.pieces().withOutline(cut.withBase(broader)));
            if (ring.remade(mended).meetsBy(MET_BY)) {
                return Optional.of(Fix.pieces(
                        a,
                        "cut them with a base of " + Math.round(100 * base) + " % of the width",
                        part,
                        p -> p.outlined(o -> o.withBase(broader))));
            }
        }
        return Optional.empty();
    }

    private static final double BASE_STEP = 0.05;

    /** Radius that centres, stamens and the like stand over, mm. */
    private static double covered(Assessment a) {
        return a.species().parts().stream()
                .filter(part -> part.inHead() && part.petals() == 0)
                .flatMap(part -> a.form().solids(part).stream())
                .filter(solid -> solid.topMm() > 0)
                .mapToDouble(Solid::reachMm)
                .max()
                .orElse(0);
    }
}
