package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;

/** What is reckoned of stamens, each with its reason. */
final class StamenFigures {
    private StamenFigures() {}

    static void add(Figures figures, Stamens stamens) {
        StamenRing ring = new StamenRing(stamens);
        figures.in(Figure.Group.FIT)
                .add(
                        "spacing",
                        "from head to head",
                        ring.spacingMm(),
                        Unit.MM,
                        stamens.arrangement() == Stamens.StamenArrangement.RING
                                ? Why.of(
                                        "2π·Σr ÷ heads; easy from 0.8 to 3 head widths",
                                        "Circumference of the rows",
                                        Why.in("heads", ring.heads(), Unit.COUNT),
                                        Why.in("sum of the rows' radii", ring.radiiMm(), Unit.MM),
                                        Why.in("width of a head", stamens.headMm(), Unit.MM))
                                : Why.of(
                                        "√(2/√3 · middle ÷ heads); easy from 0.8 to 3 head widths",
                                        "Area of the middle",
                                        Why.in("heads", ring.heads(), Unit.COUNT),
                                        Why.in("radius of the middle", ring.middleMm(), Unit.MM),
                                        Why.in("width of a head", stamens.headMm(), Unit.MM)))
                .add(
                        "bundle",
                        "bundle, thick",
                        ring.bundleMm(),
                        Unit.MM,
                        Why.of(
                                "d·√(k ÷ 0.8)",
                                "Packing of round threads",
                                Why.in("threads", ring.threads(), Unit.COUNT),
                                Why.in("thread", stamens.threadMm(), Unit.FINE_MM)))
                .in(Figure.Group.PIECES)
                .add(
                        "strands",
                        "strands",
                        stamens.strands(),
                        Unit.COUNT,
                        Why.of("As designed", "Your design", Why.in("strands", stamens.strands(), Unit.COUNT)))
                .add(
                        "heads",
                        "heads",
                        ring.heads(),
                        Unit.COUNT,
                        Why.of(
                                stamens.use() == Stamens.Use.SINGLE
                                        ? "One head a strand"
                                        : stamens.use() == Stamens.Use.CUT
                                                ? "Two single heads a strand"
                                                : "Two heads a strand",
                                "Rule of the craft",
                                Why.in("strands", stamens.strands(), Unit.COUNT)))
                .add(
                        "perBunch",
                        "strands in a bunch",
                        Math.ceil((double) stamens.strands() / stamens.bunches()),
                        Unit.COUNT,
                        Why.of(
                                "Strands ÷ bunches",
                                "Your design",
                                Why.in("strands", stamens.strands(), Unit.COUNT),
                                Why.in("bunches", stamens.bunches(), Unit.COUNT)))
                .add(
                        "tinted",
                        "to tint in all",
                        ring.heads() * stamens.tintMm(),
                        Unit.MM,
                        Why.of(
                                "Heads × length tinted",
                                "Your design",
                                Why.in("heads", ring.heads(), Unit.COUNT),
                                Why.in("length", stamens.tintMm(), Unit.MM)));
        stamens.held().cutOffMm().ifPresent(deep -> figures.in(Figure.Group.SIZE)
                .add(
                        "cutOff",
                        "cut off at",
                        stamens.aboveCentreMm() + deep,
                        Unit.MM,
                        Why.of(
                                "How high they stand + how deep they are pushed in",
                                "Your design",
                                Why.in("height above the centre", stamens.aboveCentreMm(), Unit.MM),
                                Why.in("pushed in", deep, Unit.MM))));
    }
}
