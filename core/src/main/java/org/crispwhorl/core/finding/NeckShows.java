package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.flower.FlowerForm;
import org.crispwhorl.core.flower.PlacedRing;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.Whorl;

/** The neck of wires and threads is wider than the ring that must hide it, and nothing stands over it. */
final class NeckShows implements Rule {
    /** Share of the length at which the petals' bases must have met, or the neck is seen between them. */
    private static final double MET_BY = 0.15;

    @Override
    public List<Finding> look(Assessment a) {
        Optional<PlacedRing> first = a.form().rings().stream()
                .filter(r -> r.part() instanceof Whorl)
                .filter(r -> r.part().pieces().overlap() != Overlap.APART)
                .findFirst();
        if (first.isEmpty()) {
            return List.of();
        }
        PlacedRing ring = first.get();
        double neck = ring.surface().midrib().neckMm();
        double covered = covered(a);
        // Glued petals lie on the heart: their own thickness hides nothing and shows nothing.
        double own = ring.part().pieces().attachment() instanceof Attachment.Glued
                ? ring.part().pieces().finishedMm(a.paste())
                : 0;
        if (neck - own <= covered || ring.meetsBy(MET_BY)) {
            return List.of();
        }
        Petaled part = ring.part();
        List<Mend> mends = new ArrayList<>();
        broaderBase(a, ring).ifPresent(mends::add);
        for (Part inside : a.species().parts()) {
            if (inside instanceof Stamens stamens && stamens.ringMm() < neck) {
                double wide = Math.min(60, Math.ceil(2 * neck) / 2);
                mends.add(Mend.part(
                        a,
                        "spread the stamens to a ring of " + Unit.MM.write(wide),
                        () -> stamens.withRing(wide, stamens.rows())));
            }
        }
        return List.of(new Finding(
                "neck-shows",
                Severity.LOOK,
                Optional.of(part.id()),
                "The neck shows between the petals",
                Why.of(
                        "Petals meet by 15 % of their length, or the heart and its stamens stand over the neck",
                        "Plan of the placed petals; packing of round wires",
                        in("neck radius", neck, Unit.MM),
                        in("covered by heart and stamens to", covered, Unit.MM),
                        in(
                                "base of a petal",
                                part.pieces().finished().base()
                                        * part.pieces().finished().widthMm(),
                                Unit.MM)),
                mends));
    }

    /** The least base of the family's outline by which petals meet soon enough; an own shape has no base to be set. */
    private static Optional<Mend> broaderBase(Assessment a, PlacedRing ring) {
        Petaled part = ring.part();
        Outline cut = part.pieces().outline();
        for (double base = cut.base(); cut.own().isEmpty() && base <= 1; base += BASE_STEP) {
            Petaled mended = part.with(part.pieces().withOutline(cut.withBase(base)));
            if (ring.remade(mended).meetsBy(MET_BY)) {
                return Optional.of(Mend.part(
                        a, "cut them with a base of " + Math.round(100 * base) + " % of the width", () -> mended));
            }
        }
        return Optional.empty();
    }

    private static final double BASE_STEP = 0.05;

    /** Radius that the heart and the stamens stand over, mm. */
    private static double covered(Assessment a) {
        FlowerForm form = a.form();
        double most = form.centreMm();
        for (Part part : a.species().parts()) {
            if (part instanceof Stamens stamens) {
                most = Math.max(most, stamens.ringMm());
            } else if (part instanceof FineStamens fine) {
                most = Math.max(most, fine.ringMm());
            }
        }
        return most;
    }
}
