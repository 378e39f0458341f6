package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.HeadLoad;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.wire.LoadedWire;

/** What the heads of a stem put on its main wire. */
final class StemFigures {
    private StemFigures() {}

    /** Adds the load to the figures of the further heads; nothing to those of any other part. */
    static void add(Figures figures, Assessment a, Part part) {
        a.species().heads().filter(part::equals).ifPresent(heads -> load(figures, a, heads));
    }

    private static void load(Figures figures, Assessment a, Heads heads) {
        HeadLoad load = HeadLoad.of(a, heads);
        LoadedWire wire = load.wire();
        double d = a.wireTable().diameterMm(heads.gauge());
        Why stress = Why.of(
                "σ = 32·2·W·sin 45°·(l + c) ÷ πd³: all heads on the free stem, tilted by 45°, at 2 g",
                "Euler-Bernoulli cantilever, steel 200 GPa",
                in("mass of all heads", load.massG(), Unit.G),
                in("stem below", heads.stemMm(), Unit.MM),
                in("their middle above the lowest", load.middleMm(), Unit.MM),
                in("stem wire", d, Unit.FINE_MM),
                in("usable stress", LoadedWire.USABLE_MPA, Unit.MPA));
        figures.in(Group.WIRE)
                .add("mass", "weight of all heads", load.massG(), Unit.G, stress)
                .add("moment", "moment at the foot", load.momentNmm(), Unit.NEWTON_MM, stress)
                .add("stress", "stress in the main stem", load.stressMpa(d), Unit.MPA, stress)
                .add("wireLength", "main stem", wire.freeMm() + heads.alongMm(), Unit.MM, stress);
    }
}
