package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import org.crispwhorl.core.centre.StamenRing;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HeartForm;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.wire.WireTable;

/** The figures of hearts and stamens. */
final class CentreFigures {
    private CentreFigures() {}

    static List<Figure> heart(Assessment a, Heart heart) {
        HeartForm form = heart.form();
        double volume = form.volumeMm3();
        double ball = Math.cbrt(6 * volume / form.pieces() / Math.PI);
        Figures figures = new Figures()
                .in(Group.SIZE)
                .add(
                        "ball",
                        "ball to start from",
                        ball,
                        Unit.MM,
                        Why.of(
                                "D = ∛(6V/π)",
                                "Conservation of volume",
                                in("volume", volume, Unit.CUBIC_MM),
                                in("balls", form.pieces(), Unit.COUNT)))
                .add(
                        "slice",
                        "or a log as thick, sliced at",
                        ball * 2 / 3,
                        Unit.MM,
                        Why.of(
                                "Equal balls from a rolled log: slice width = ball volume ÷ (πd²/4)",
                                "Conservation of volume",
                                in("thickness of the log", ball, Unit.MM)))
                .in(Group.PASTE)
                .add(
                        "pieceMass",
                        "paste",
                        a.pieceG(heart),
                        Unit.G,
                        Why.of(
                                "Volume × density",
                                "Density of the medium",
                                in("density", a.species().medium().densityGPerCm3(), Unit.G_PER_CM3)))
                .in(Group.WIRE)
                .add(
                        "wireLength",
                        "wire for the stem",
                        heart.wireMm(),
                        Unit.MM,
                        Why.of(
                                "Stem + hook + half the heart",
                                "Your design",
                                in("stem", heart.stemMm(), Unit.MM),
                                in("hook", heart.hookMm(), Unit.MM)))
                .add(
                        "diameter",
                        "wire, thick",
                        WireTable.diameterMm(heart.gauge()),
                        Unit.MM,
                        Why.of(
                                "Table of gauges",
                                "Imperial Standard Wire Gauge",
                                in("gauge", heart.gauge(), Unit.GAUGE)));
        DryingFigures.add(figures.in(Group.DRYING), a, heart);
        return figures.in(Group.TIME)
                .add(
                        "hands",
                        "hands",
                        Work.makeMin(a.conditions().kit().pace(), heart)
                                + Work.dustMin(a.conditions().kit().pace(), heart),
                        Unit.MIN,
                        Why.of("Make + dust, by the studio's pace", "Pace of the kit"))
                .list();
    }

    static List<Figure> stamens(Assessment a, Stamens stamens) {
        StamenRing ring = new StamenRing(stamens);
        var pace = a.conditions().kit().pace();
        return new Figures()
                .in(Group.FIT)
                .add(
                        "spacing",
                        "from head to head",
                        ring.spacingMm(),
                        Unit.MM,
                        Why.of(
                                "2π·Σr ÷ heads; easy from 0.8 to 3 head widths",
                                "Circumference of the rows",
                                in("heads", ring.heads(), Unit.COUNT),
                                in("width of a head", stamens.headMm(), Unit.MM)))
                .add(
                        "bundle",
                        "bundle, thick",
                        ring.bundleMm(),
                        Unit.MM,
                        Why.of(
                                "d·√(k ÷ 0.8)",
                                "Packing of round threads",
                                in("threads", ring.threads(), Unit.COUNT),
                                in("thread", stamens.threadMm(), Unit.NONE)))
                .in(Group.PIECES)
                .add("strands", "strands", stamens.strands(), Unit.COUNT, Why.of("As designed", "Your design"))
                .add("heads", "heads", ring.heads(), Unit.COUNT, Why.of("Two heads a strand", "Rule of the craft"))
                .in(Group.TIME)
                .add(
                        "hands",
                        "hands",
                        Work.makeMin(pace, stamens) + Work.joinMin(pace, stamens) + Work.dustMin(pace, stamens),
                        Unit.MIN,
                        Why.of("Bunch, tie, tape and dust, by the studio's pace", "Pace of the kit"))
                .list();
    }
}
