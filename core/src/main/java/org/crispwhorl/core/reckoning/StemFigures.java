package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.StemLoad;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.MainStem;

/** Whether the stem carries what stands on it. */
final class StemFigures {
    private StemFigures() {}

    static void add(Figures figures, Assessment a) {
        MainStem stem = StemLoad.of(a);
        if (stem.wires().isEmpty()) {
            return;
        }
        double worst = stem.worstMm();
        figures.in(Group.WIRE)
                .add(
                        "stemStress",
                        stem.carries() ? "the stem is strong enough" : "the stem: " + stem.advice(),
                        stem.leaningMpa(),
                        Unit.MPA,
                        Why.of(
                                "M ÷ Σ(πd³/32): the moment of what is above, leaning by 45° on its way, over the wires that bear there",
                                "Euler-Bernoulli cantilever, steel 200 GPa; wires taped, not bonded",
                                in("free stem", stem.freeMm(), Unit.MM),
                                in("worst place above its foot", worst, Unit.MM),
                                in("moment there", stem.momentNmm(worst), Unit.NEWTON_MM),
                                in("wires that reach it", stem.bearing(worst), Unit.COUNT),
                                in("their section modulus", stem.modulusMm3(worst), Unit.NONE),
                                in("stays straight to", LoadedWire.USABLE_MPA, Unit.MPA)));
    }
}
