package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;

/** What is reckoned of further heads, each with its reason. */
final class HeadsFigures {
    private HeadsFigures() {}

    static void add(Figures figures, Heads heads, BuildContext made) {
        figures.in(Figure.Group.SIZE)
                .add(
                        "along",
                        "stem that carries heads",
                        heads.alongMm(),
                        Unit.MM,
                        heads.arrangement().fromOnePoint()
                                ? Why.of(
                                        "All spring from one point",
                                        "Your design",
                                        Why.in("heads", heads.pieceCount(), Unit.COUNT))
                                : Why.of(
                                        "Heads × the mean of the distances at foot and tip",
                                        "Internodes graded evenly",
                                        Why.in("heads", heads.pieceCount(), Unit.COUNT),
                                        Why.in("at the foot", heads.apartFootMm(), Unit.MM),
                                        Why.in("at the tip", heads.apartTipMm(), Unit.MM)))
                .in(Figure.Group.PIECES)
                .add(
                        "heads",
                        "further heads",
                        heads.pieceCount(),
                        Unit.COUNT,
                        new Why(
                                "Sum over the stages",
                                heads.openings().stream()
                                        .map(o -> Why.in(o.name(), o.count(), Unit.COUNT))
                                        .toList(),
                                "Your design"));
        for (BuildContext.OpenHeads opened : made.opened()) {
            Opening opening = opened.opening();
            figures.add(
                    "count-" + opening.name(),
                    opening.name(),
                    opening.count(),
                    Unit.COUNT,
                    Why.of(
                            "Made from the full flower by rule",
                            "Your design",
                            Why.in("heads", opening.count(), Unit.COUNT),
                            Why.in("size", opening.size(), Unit.NONE),
                            Why.in("rings kept", opening.rings(), Unit.COUNT)));
        }
    }
}
