package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.wire.LoadedWire;

/** A petal's wire droops under it, or would stay bent after a bump. */
final class WireTooThin implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Optional<Attachment.Wired> wire = part.pieces().wired();
            if (wire.isPresent()) {
                Attachment.Wired wired = wire.get();
                LoadedWire load = a.load(part, wired);
                double d = a.wireTable().diameterMm(wired.gauge());
                if (!load.carriedBy(d)) {
                    found.add(finding(a, part, wired, load, d));
                }
            }
        }
        return found;
    }

    private static Finding finding(Assessment a, Petaled part, Attachment.Wired wired, LoadedWire load, double d) {
        List<Fix> fixes = new ArrayList<>();
        OptionalInt better = load.recommended(a.conditions().kit().gauges(), a.wireTable());
        if (better.isPresent()) {
            double ridge = Math.max(
                    wired.ridgeMm(),
                    Math.ceil(10 * LoadedWire.RIDGE_DIAMETERS * a.wireTable().diameterMm(better.getAsInt()) - 1e-9)
                            / 10);
            fixes.add(Fix.pieces(
                    a,
                    "use " + better.getAsInt() + " gauge"
                            + (ridge > wired.ridgeMm() ? " in a ridge of " + Unit.MM.write(ridge) : ""),
                    part,
                    p -> p.withWire(w -> w.withGauge(better.getAsInt()).withRidge(ridge))));
        }
        for (double free = Math.floor(wired.freeMm()) - 1; free >= 0; free--) {
            if (new LoadedWire(load.massG(), load.centreMm(), free, load.opensDeg()).carriedBy(d)) {
                double left = free;
                fixes.add(Fix.pieces(
                        a,
                        "leave " + Unit.MM.write(left) + " of wire free",
                        part,
                        p -> p.withWire(w -> w.withFree(left))));
                break;
            }
        }
        return new Finding(
                "wire-too-thin",
                load.bendsAtRest(d) ? Severity.STOP : Severity.CHECK,
                Optional.of(part.id()),
                wired.gauge()
                        + (load.bendsAtRest(d)
                                ? " gauge bends under it"
                                : load.droopDeg(d) > LoadedWire.DROOP_LIMIT_DEG
                                        ? " gauge droops under it"
                                        : " gauge may bend on the way"),
                Why.of(
                        "Droop θ = sin α·W(l²/2 + c·l)/EI at rest, stress σ = 32·W(l + c)/πd³ twice over in a jolt",
                        "Euler-Bernoulli cantilever, steel 200 GPa",
                        in("one piece", load.massG(), Unit.G),
                        in("centre of mass beyond the base", load.centreMm(), Unit.MM),
                        in("free wire", wired.freeMm(), Unit.MM),
                        in("droop", load.droopDeg(d), Unit.FINE_DEGREE),
                        in("droop forgiven", LoadedWire.DROOP_LIMIT_DEG, Unit.FINE_DEGREE),
                        in("opening angle α", load.opensDeg(), Unit.DEGREE),
                        in("stress at rest", load.restMpa(d), Unit.MPA),
                        in("stress in a jolt", load.joltMpa(d), Unit.MPA),
                        in("usable stress", LoadedWire.USABLE_MPA, Unit.MPA)),
                fixes);
    }
}
