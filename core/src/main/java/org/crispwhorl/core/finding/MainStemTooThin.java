package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.HeadLoad;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.wire.LoadedWire;

/** The main stem bends under all its heads. */
final class MainStemTooThin implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        if (a.species().heads().isEmpty()) {
            return List.of();
        }
        Heads heads = a.species().heads().get();
        HeadLoad load = HeadLoad.of(a, heads);
        double stress = load.stressMpa(a.wireTable().diameterMm(heads.gauge()));
        if (stress <= LoadedWire.USABLE_MPA) {
            return List.of();
        }
        List<Mend> mends = new ArrayList<>();
        load.recommended(a.conditions().kit().gauges(), a.wireTable())
                .ifPresent(gauge ->
                        mends.add(Mend.part(a, "use " + gauge + " gauge", heads, h -> h.withStem(gauge, h.stemMm()))));
        double shorter =
                Math.floor((load.freeMm() + load.middleMm()) * LoadedWire.USABLE_MPA / stress - load.middleMm());
        if (shorter >= 5) {
            mends.add(Mend.part(
                    a, "leave " + Unit.MM.write(shorter) + " of stem", heads, h -> h.withStem(h.gauge(), shorter)));
        }
        return List.of(new Finding(
                "main-stem-too-thin",
                Severity.STOP,
                Optional.of(heads.id()),
                "The main stem bends under its heads",
                Why.of(
                        "σ = 32·2·W·sin 45°·(l + c) ÷ πd³ up to 200 MPa",
                        "Euler-Bernoulli cantilever, steel",
                        in("weight of all heads", load.massG(), Unit.G),
                        in("free stem", load.freeMm(), Unit.MM),
                        in("middle of the heads above it", load.middleMm(), Unit.MM),
                        in("stress", stress, Unit.MPA),
                        in("usable stress", LoadedWire.USABLE_MPA, Unit.MPA)),
                mends));
    }
}
