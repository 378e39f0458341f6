package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.thinning.PressedBall;

/** Figures that several kinds of parts give alike: the ball or slice to start from, the wire. */
final class Portioned {
    private Portioned() {}

    /** The ball to start from, and the slice of a log that holds as much. */
    static void ball(Figures figures, double volumeMm3, int balls) {
        figures.in(Figure.Group.SIZE)
                .add(
                        "ball",
                        "ball to start from",
                        PressedBall.diameterMm(volumeMm3),
                        Unit.MM,
                        Why.of(
                                "D = ∛(6V/π)",
                                "Conservation of volume",
                                Why.in("volume of one", volumeMm3, Unit.CUBIC_MM),
                                Why.in("balls", balls, Unit.COUNT)));
        slice(figures, PressedBall.diameterMm(volumeMm3));
    }

    /** The slice of a log as thick as the ball that holds as much. */
    static void slice(Figures figures, double ballMm) {
        figures.add(
                "slice",
                "or a log as thick, sliced at",
                ballMm * PressedBall.SLICE_OF_ITS_BALL,
                Unit.MM,
                Why.of(
                        "Equal balls from a rolled log: slice width = ball volume ÷ (πd²/4)",
                        "Conservation of volume",
                        Why.in("thickness of the log", ballMm, Unit.MM)));
    }

    /** How thick a wire of a gauge is. */
    static void wire(Figures figures, BuildContext made, int gauge) {
        figures.add(
                "diameter",
                "wire, thick",
                made.wireTable().diameterMm(gauge),
                Unit.FINE_MM,
                Why.of("Table of gauges", "Imperial Standard Wire Gauge", Why.in("gauge", gauge, Unit.GAUGE)));
    }
}
