package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Petaled;

/** Leaves close under the head that do not reach beyond it: from in front the flower hides them altogether. */
final class LeafHidden implements Rule {
    /** Share of the face's radius below the neck within which leaves belong to the look from in front. */
    private static final double CLOSE = 0.4;

    /** A leaf is seen once its tip stands out so far beyond the petals, mm. */
    private static final double SEEN_MM = 3;

    @Override
    public List<Finding> look(Assessment a) {
        double face = a.form().faceMm() / 2;
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            if (!part.inHead() && face > 0) {
                a.form()
                        .ring(part.id())
                        .filter(ring -> allClose(part, face) && ring.outerMm() < face)
                        .ifPresent(ring -> found.add(finding(a, part, ring, face)));
            }
        }
        return found;
    }

    private static boolean allClose(Petaled part, double face) {
        double lowest =
                part.belowMm(part.pieces().count() - 1) - part.pieces().place().onStemMm();
        return lowest <= CLOSE * face;
    }

    private static Finding finding(Assessment a, Petaled part, PlacedRing ring, double face) {
        double more = face + SEEN_MM - ring.outerMm();
        double longer = Math.ceil(
                part.pieces().outline().lengthMm() + more / part.pieces().growth());
        double free =
                part.pieces().wired().map(w -> Math.ceil(w.freeMm() + more)).orElse(0.0);
        double lower = Math.ceil(part.pieces().place().onStemMm() - CLOSE * face - 1);
        List<Fix> fixes = new ArrayList<>();
        fixes.add(Fix.pieces(
                a, "cut them " + Unit.MM.write(longer) + " long", part, p -> p.outlined(o -> o.withLength(longer))));
        if (free > 0) {
            fixes.add(Fix.pieces(
                    a,
                    "leave " + Unit.MM.write(free) + " of their wire free",
                    part,
                    p -> p.withWire(w -> w.withFree(free))));
        }
        fixes.add(Fix.pieces(
                a,
                "set them " + Unit.MM.write(-lower) + " below the flower",
                part,
                p -> p.withPlace(p.place().withOnStem(lower))));
        return new Finding(
                "leaf-hidden",
                Severity.CHECK,
                Optional.of(part.id()),
                "The flower hides these leaves",
                Why.of(
                        "Close under the head a leaf is seen where it reaches beyond the petals",
                        "Seen from in front",
                        in("leaves reach", ring.outerMm(), Unit.MM),
                        in("petals reach", face, Unit.MM)),
                fixes);
    }
}
