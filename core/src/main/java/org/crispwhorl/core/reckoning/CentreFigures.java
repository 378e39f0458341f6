package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import org.crispwhorl.core.centre.StamenRing;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pistil;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.thinning.PressedBall;

/** The figures of hearts, stamens, pistils and rolls. */
final class CentreFigures {
    private CentreFigures() {}

    static List<Figure> heart(Assessment a, Heart heart) {
        Figures figures = new Figures();
        if (a.dries(heart)) {
            ball(
                    figures,
                    heart.form().volumeMm3() / heart.form().pieces(),
                    heart.form().pieces());
        }
        if (heart.form().touches() > 0) {
            figures.in(Group.PIECES)
                    .add(
                            "touches",
                            "small pieces, snips or rows",
                            heart.form().touches(),
                            Unit.COUNT,
                            Why.of("What is added or cut one by one after the first", "Your design"));
        }
        PasteFigures.of(figures, a, heart);
        if (heart.wires() > 0) {
            figures.in(Group.WIRE)
                    .add(
                            "wireLength",
                            "wire for the stem",
                            heart.wireMm(),
                            Unit.MM,
                            Why.of(
                                    "Stem + hook + half the heart",
                                    "Your design",
                                    in("stem", heart.stemMm(), Unit.MM),
                                    in("hook", heart.hookMm(), Unit.MM)));
            diameter(figures, a, heart.gauge());
        }
        return PasteFigures.finished(figures, a, heart);
    }

    private static void ball(Figures figures, double volumeMm3, int balls) {
        double ball = PressedBall.diameterMm(volumeMm3);
        figures.in(Group.SIZE)
                .add(
                        "ball",
                        "ball to start from",
                        ball,
                        Unit.MM,
                        Why.of(
                                "D = ∛(6V/π)",
                                "Conservation of volume",
                                in("volume of one", volumeMm3, Unit.CUBIC_MM),
                                in("balls", balls, Unit.COUNT)))
                .add(
                        "slice",
                        "or a log as thick, sliced at",
                        ball * PressedBall.SLICE_OF_ITS_BALL,
                        Unit.MM,
                        Why.of(
                                "Equal balls from a rolled log: slice width = ball volume ÷ (πd²/4)",
                                "Conservation of volume",
                                in("thickness of the log", ball, Unit.MM)));
    }

    private static void diameter(Figures figures, Assessment a, int gauge) {
        figures.add(
                "diameter",
                "wire, thick",
                a.wireTable().diameterMm(gauge),
                Unit.FINE_MM,
                Why.of("Table of gauges", "Imperial Standard Wire Gauge", in("gauge", gauge, Unit.GAUGE)));
    }

    static List<Figure> stamens(Assessment a, Stamens stamens) {
        StamenRing ring = new StamenRing(stamens);
        Figures figures = new Figures()
                .in(Group.FIT)
                .add(
                        "spacing",
                        "from head to head",
                        ring.spacingMm(),
                        Unit.MM,
                        Why.of(
                                stamens.stand() == Stamens.Stand.TUFT
                                        ? "√(2/√3 · middle ÷ heads); easy from 0.8 to 3 head widths"
                                        : "2π·Σr ÷ heads; easy from 0.8 to 3 head widths",
                                "Circumference of the rows, area of the middle",
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
                                in("thread", stamens.threadMm(), Unit.FINE_MM)))
                .in(Group.PIECES)
                .add("strands", "strands", stamens.strands(), Unit.COUNT, Why.of("As designed", "Your design"))
                .add("heads", "heads", ring.heads(), Unit.COUNT, Why.of("Two heads a strand", "Rule of the craft"))
                .add(
                        "perBunch",
                        "strands in a bunch",
                        Math.ceil((double) stamens.strands() / stamens.bunches()),
                        Unit.COUNT,
                        Why.of("Strands ÷ bunches", "Your design", in("bunches", stamens.bunches(), Unit.COUNT)))
                .add(
                        "tinted",
                        "to tint in all",
                        ring.heads() * stamens.tintMm(),
                        Unit.MM,
                        Why.of(
                                "Heads × length tinted",
                                "Your design",
                                in("heads", ring.heads(), Unit.COUNT),
                                in("length", stamens.tintMm(), Unit.MM)));
        return PasteFigures.finished(figures, a, stamens);
    }

    static List<Figure> fineStamens(Assessment a, FineStamens fine) {
        Figures figures = new Figures()
                .in(Group.FIT)
                .add(
                        "spacing",
                        "from anther to anther",
                        2 * Math.PI * fine.ringMm() / fine.count(),
                        Unit.MM,
                        Why.of(
                                "2πr ÷ count",
                                "Circumference of a circle",
                                in("ring", fine.ringMm(), Unit.MM),
                                in("count", fine.count(), Unit.COUNT)))
                .in(Group.PIECES)
                .add("pieces", "stamens", fine.count(), Unit.COUNT, Why.of("As designed", "Your design"));
        PasteFigures.of(figures, a, fine);
        figures.in(Group.WIRE)
                .add(
                        "wireLength",
                        "wire for one",
                        fine.wireMm(),
                        Unit.MM,
                        Why.of(
                                "√(stand² + ring²) + tail; the longer one has its length more",
                                "Pythagoras",
                                in("stand", fine.standMm(), Unit.MM),
                                in("ring", fine.ringMm(), Unit.MM),
                                in("tail", fine.tailMm(), Unit.MM),
                                in("one longer by", fine.longerMm(), Unit.MM)));
        diameter(figures, a, fine.gauge());
        return PasteFigures.finished(figures, a, fine);
    }

    static List<Figure> pistil(Assessment a, Pistil pistil) {
        Figures figures = new Figures()
                .in(Group.SIZE)
                .add(
                        "height",
                        "style",
                        pistil.styleMm(),
                        Unit.MM,
                        Why.of("As designed", "Your design", in("stigmas", pistil.stigmas(), Unit.COUNT)))
                .add(
                        "strand",
                        "one twisted strand, thick",
                        pistil.strandMm(),
                        Unit.FINE_MM,
                        Why.of(
                                "√(width ÷ 6 mm): 6 mm of tape twists to 1 mm",
                                "Rule of the craft",
                                in("tape", pistil.tapeMm(), Unit.MM)))
                .in(Group.WIRE)
                .add(
                        "tape",
                        "tape used",
                        pistil.tapeUsedMm(),
                        Unit.MM,
                        Why.of(
                                "Stigmas × (stigma + style + tail)",
                                "Your design",
                                in("stigma", pistil.stigmaMm(), Unit.MM),
                                in("style", pistil.styleMm(), Unit.MM),
                                in("tail", pistil.tailMm(), Unit.MM)));
        return PasteFigures.finished(figures, a, pistil);
    }

    static List<Figure> roll(Assessment a, Roll roll) {
        Figures figures = new Figures()
                .in(Group.SIZE)
                .add(
                        "across",
                        "rolled up, across",
                        2 * roll.radiusMm(),
                        Unit.MM,
                        Why.of(
                                "R = √(length × pitch ÷ π + r²)",
                                "Area of an Archimedean spiral",
                                in("length rolled", roll.from().alongMm(), Unit.MM),
                                in("from turn to turn", roll.pitchMm(), Unit.FINE_MM),
                                in("hollow", roll.hollowMm(), Unit.MM)))
                .add(
                        "turns",
                        "turns",
                        roll.turns(),
                        Unit.NONE,
                        Why.of("(R − r) ÷ pitch", "Archimedean spiral", in("pitch", roll.pitchMm(), Unit.FINE_MM)))
                .add(
                        "height",
                        "height",
                        roll.from().heightMm(),
                        Unit.MM,
                        Why.of("Of the strip as it is folded, or of the petals", "Your design"))
                .in(Group.PIECES)
                .add("pieces", "pieces", roll.pieceCount(), Unit.COUNT, Why.of("As designed", "Your design"));
        PasteFigures.of(figures, a, roll);
        return PasteFigures.finished(figures, a, roll);
    }

    /** Figures of any part by its kind. */
    static boolean has(Part part) {
        return part instanceof Heart
                || part instanceof Stamens
                || part instanceof FineStamens
                || part instanceof Pistil
                || part instanceof Roll;
    }

    static List<Figure> of(Assessment a, Part part) {
        if (part instanceof Heart heart) {
            return heart(a, heart);
        }
        if (part instanceof Stamens stamens) {
            return stamens(a, stamens);
        }
        if (part instanceof FineStamens fine) {
            return fineStamens(a, fine);
        }
        return part instanceof Pistil pistil ? pistil(a, pistil) : roll(a, (Roll) part);
    }
}
