package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.species.Tendril;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.StemBundle;

/** The figures of what stands behind the flower and on its stem. */
final class StemFigures {
    /** A layer of tape is wrapped with half its width over the one before. */
    private static final double TAPE_OVERLAP = 0.5;

    /** Width of the tape that stems are wrapped with, mm. */
    private static final double TAPE_WIDTH_MM = 12;

    /** Tape is pulled to this many times its length. */
    private static final double TAPE_STRETCH = 1.5;

    private StemFigures() {}

    static List<Figure> of(Assessment a, Part part) {
        Figures figures = new Figures();
        if (part instanceof Bead bead) {
            double ball = Math.cbrt(bead.thickMm() * bead.thickMm() * bead.longMm());
            figures.in(Group.SIZE)
                    .add(
                            "ball",
                            "ball to start from",
                            ball,
                            Unit.MM,
                            Why.of(
                                    "D³ = thick² × long",
                                    "Conservation of volume",
                                    in("thick", bead.thickMm(), Unit.MM),
                                    in("long", bead.longMm(), Unit.MM)));
        } else if (part instanceof Tendril tendril) {
            tendril(figures, tendril);
        } else if (part instanceof StemWrap wrap) {
            wrap(figures, a, wrap);
        } else {
            heads(figures, a, (Heads) part);
        }
        PasteFigures.of(figures, a, part);
        return PasteFigures.finished(figures, a, part);
    }

    private static void tendril(Figures figures, Tendril tendril) {
        figures.in(Group.WIRE)
                .add(
                        "wireLength",
                        "wire for one",
                        tendril.wireMm(),
                        Unit.MM,
                        Why.of(
                                "Tail + straight + turns × π × coil",
                                "Circumference of a circle",
                                in("tail", tendril.tailMm(), Unit.MM),
                                in("straight", tendril.straightMm(), Unit.MM),
                                in("turns", tendril.turns(), Unit.COUNT),
                                in("coil", tendril.coilMm(), Unit.MM)));
    }

    private static void wrap(Figures figures, Assessment a, StemWrap wrap) {
        double stem = a.form().bareStemMm();
        Why why = Why.of(
                "From the stem as it is to the thickness wanted",
                "Packing of round wires",
                in("stem", stem, Unit.MM),
                in("wanted", wrap.toMm(), Unit.MM),
                in("over", wrap.overMm(), Unit.MM));
        figures.in(Group.SIZE).add("thicker", "thicker by", Math.max(0, wrap.toMm() - stem), Unit.MM, why);
        if (wrap.with() != StemWrap.With.PASTE) {
            double layers = wrap.with() == StemWrap.With.PAPER
                    ? 1
                    : Math.ceil(Math.max(0, wrap.toMm() - stem) / 2 / StemBundle.TAPE_MM);
            double middle = wrap.with() == StemWrap.With.PAPER ? wrap.toMm() : (stem + wrap.toMm()) / 2;
            double run =
                    layers * wrap.overMm() * Math.PI * middle / (TAPE_WIDTH_MM * (1 - TAPE_OVERLAP)) / TAPE_STRETCH;
            figures.in(Group.WIRE)
                    .add("layers", "layers of tape", layers, Unit.COUNT, why)
                    .add(
                            "tape",
                            "tape used",
                            run,
                            Unit.MM,
                            Why.of(
                                    "Covered length × π·D ÷ pitch ÷ stretch, for each layer",
                                    "Helix on a cylinder",
                                    in("layers", layers, Unit.COUNT),
                                    in("mean thickness", middle, Unit.MM),
                                    in("pitch", TAPE_WIDTH_MM * (1 - TAPE_OVERLAP), Unit.MM),
                                    in("stretch", TAPE_STRETCH, Unit.FACTOR)));
        }
    }

    private static void heads(Figures figures, Assessment a, Heads heads) {
        HeadLoad load = HeadLoad.of(a, heads);
        figures.in(Group.SIZE)
                .add(
                        "along",
                        "stem that carries heads",
                        heads.alongMm(),
                        Unit.MM,
                        Why.of(
                                "Heads × the mean of the distances at foot and tip",
                                "Internodes graded evenly",
                                in("heads", heads.pieceCount(), Unit.COUNT),
                                in("at the foot", heads.apartFootMm(), Unit.MM),
                                in("at the tip", heads.apartTipMm(), Unit.MM)))
                .in(Group.PIECES)
                .add(
                        "heads",
                        "further heads",
                        heads.pieceCount(),
                        Unit.COUNT,
                        Why.of("Sum over the stages", "Your design"));
        for (Assessment.OpenedHeads opened : a.opened()) {
            figures.add(
                    "count-" + opened.opening().name(),
                    opened.opening().name(),
                    opened.opening().count(),
                    Unit.COUNT,
                    Why.of(
                            "Made from the full flower by rule",
                            "Your design",
                            in("size", opened.opening().size(), Unit.NONE),
                            in("rings kept", opened.opening().rings(), Unit.COUNT),
                            in("paste in one", opened.head().headG(), Unit.G),
                            in("across", opened.head().form().faceMm(), Unit.MM)));
        }
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
