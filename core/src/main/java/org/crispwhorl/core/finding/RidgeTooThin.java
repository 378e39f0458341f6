package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.wire.LoadedWire;

/** The wire is too thick for the ridge that takes it, and shows. */
final class RidgeTooThin implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Optional<Attachment.Wired> wire = part.pieces().wired();
            if (wire.isPresent()) {
                Attachment.Wired wired = wire.get();
                double d = a.wireTable().diameterMm(wired.gauge());
                double needed = LoadedWire.RIDGE_DIAMETERS * d;
                if (wired.ridgeMm() < needed - 1e-9) {
                    found.add(finding(a, part, wired, d, needed));
                }
            }
        }
        return found;
    }

    private static Finding finding(Assessment a, Petaled part, Attachment.Wired wired, double d, double needed) {
        List<Fix> fixes = new ArrayList<>();
        double ridge = Math.ceil(10 * needed - 1e-9) / 10;
        fixes.add(Fix.pieces(
                a, "leave a ridge of " + Unit.MM.write(ridge), part, p -> p.withWire(w -> w.withRidge(ridge))));
        LoadedWire load = a.load(part, wired);
        a.conditions().kit().gauges().stream()
                .filter(g -> LoadedWire.RIDGE_DIAMETERS * a.wireTable().diameterMm(g) <= wired.ridgeMm())
                .filter(g -> load.carriedBy(a.wireTable().diameterMm(g)))
                .min(Integer::compare)
                .ifPresent(g ->
                        fixes.add(Fix.pieces(a, "use " + g + " gauge", part, p -> p.withWire(w -> w.withGauge(g)))));
        return new Finding(
                "ridge-too-thin",
                Severity.CHECK,
                Optional.of(part.id()),
                "The wire shows through its ridge",
                Why.of(
                        "A ridge is at least 1.6 wire diameters thick",
                        "Rule of the craft",
                        in("ridge", wired.ridgeMm(), Unit.MM),
                        in("wire", d, Unit.NONE),
                        in("ridge needed", needed, Unit.MM)),
                fixes);
    }
}
