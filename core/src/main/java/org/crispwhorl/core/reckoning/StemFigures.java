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
import org.crispwhorl.core.wire.TapeRun;

/** The figures of what stands behind the flower and on its stem. */
final class StemFigures {
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
            TapeRun run = tape(wrap, stem, TapeRun.USUAL_WIDTH_MM);
            figures.in(Group.WIRE)
                    .add("layers", "layers of tape", run.layers(), Unit.COUNT, why)
                    .add(
                            "tape",
                            "tape used",
                            run.lengthMm(),
                            Unit.MM,
                            Why.of(
                                    "Covered length × π·D ÷ pitch ÷ stretch, for each layer",
                                    "Helix on a cylinder",
                                    in("layers", run.layers(), Unit.COUNT),
                                    in("mean thickness", run.thickMm(), Unit.MM),
                                    in("pitch", run.pitchMm(), Unit.MM),
                                    in("stretch", TapeRun.STRETCH, Unit.FACTOR)));
        }
    }

    /** Tape round a stem that it thickens: one layer over paper, or as many as the thickness takes. */
    static TapeRun tape(StemWrap wrap, double stemMm, double widthMm) {
        boolean paper = wrap.with() == StemWrap.With.PAPER;
        double layers = paper ? 1 : Math.ceil(Math.max(0, wrap.toMm() - stemMm) / 2 / StemBundle.TAPE_MM);
        return new TapeRun(wrap.overMm(), paper ? wrap.toMm() : (stemMm + wrap.toMm()) / 2, layers, widthMm);
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
