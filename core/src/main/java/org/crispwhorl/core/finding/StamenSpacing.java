package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.StamenRing;
import org.crispwhorl.core.species.Stamens;

/** Stamen heads stand crowded, or so far apart that the ring falls into dots. */
final class StamenSpacing implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Stamens stamens : a.species().all(Stamens.class)) {
            if (stamens.ringMm() > 0) {
                StamenRing ring = new StamenRing(stamens);
                double widths = ring.spacingMm() / stamens.headMm();
                if (widths < StamenRing.CROWDED) {
                    found.add(finding(a, ring, "stamens-crowded", "Heads stand crowded"));
                } else if (widths > StamenRing.SPARSE) {
                    found.add(finding(a, ring, "stamens-sparse", "Heads stand sparse"));
                }
            }
        }
        return found;
    }

    private static Finding finding(Assessment a, StamenRing ring, String kind, String title) {
        Stamens stamens = ring.stamens();
        double radius = Math.max(0.5, Math.round(2 * ring.easyRingMm()) / 2.0);
        int strands = Math.max(1, (int) Math.floor(ring.heads() * ring.spacingMm() / stamens.headMm() / 2));
        return new Finding(
                kind,
                Severity.CHECK,
                Optional.of(stamens.id()),
                title,
                Why.of(
                        "Heads stand easily from 0.8 to 3 of their width apart: 2π·Σr ÷ heads",
                        "Circumference of the rows",
                        in("heads", ring.heads(), Unit.COUNT),
                        in("rows", stamens.rows(), Unit.COUNT),
                        in("from head to head", ring.spacingMm(), Unit.MM),
                        in("width of a head", stamens.headMm(), Unit.MM)),
                List.of(
                        Fix.part(
                                a,
                                "stand them on a ring of " + Unit.MM.write(radius),
                                stamens,
                                s -> s.withRing(radius, s.rows())),
                        Fix.part(a, "use " + strands + " strands", stamens, s -> s.withStrands(strands))));
    }
}
