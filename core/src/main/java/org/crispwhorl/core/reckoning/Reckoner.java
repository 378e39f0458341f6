package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.StemPlan;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.safety.Cautions;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.TapeRun;

/** Reckons a species as a whole. */
public final class Reckoner {
    private Reckoner() {}

    /** The whole reckoning of a species under its conditions. */
    public static Reckoning reckon(Species species, Conditions conditions) {
        Assessment a = new Assessment(species, conditions);
        Plan plan = Planning.of(a);
        return new Reckoning(
                flowerFigures(a, plan),
                a.species().parts().stream().map(p -> part(a, plan, p)).toList(),
                a.species().shades().stream().map(s -> shade(a, s)).toList(),
                plan,
                Findings.of(a),
                Cautions.of(a),
                a.ways(),
                Draughting.of(a.form()));
    }

    private static Reckoning.PartReckoning part(Assessment a, Plan plan, Part part) {
        return new Reckoning.PartReckoning(
                part.id(),
                part.name(),
                part.inShort(),
                part.pieceCount(),
                a.pasteG(part),
                PartFigures.of(a, part),
                a.drying(part),
                never(plan.madeH(part.id())),
                never(plan.joinedH(part.id())),
                gauges(a, part));
    }

    /** What never comes has no hour. */
    private static Optional<Double> never(Optional<Double> hour) {
        return hour.filter(h -> !h.isInfinite());
    }

    private static List<Reckoning.GaugeRow> gauges(Assessment a, Part part) {
        List<Reckoning.GaugeRow> rows = new ArrayList<>();
        part.flat().ifPresent(petaled -> petaled.pieces().wired().ifPresent(wired -> {
            LoadedWire load = a.load(petaled, wired);
            for (int gauge : a.wireTable().gauges()) {
                double d = a.wireTable().diameterMm(gauge);
                rows.add(new Reckoning.GaugeRow(gauge, d, load.droopDeg(d), load.joltMpa(d), load.carriedBy(d)));
            }
        }));
        return rows;
    }

    private static Reckoning.ShadeReckoning shade(Assessment a, Shade shade) {
        double pieceG = a.shadeG(shade.id());
        return new Reckoning.ShadeReckoning(
                shade.id(),
                shade.name(),
                MixingLaw.colour(shade),
                pieceG,
                pieceG * shade.share(),
                pieceG * (1 - shade.share()));
    }

    private static double wireMm(Part part) {
        return part.wireCuts().stream()
                .mapToDouble(w -> w.count() * w.lengthMm())
                .sum();
    }

    /** What holds the flower: its stem, or where there is no wire in it the foot that is pushed in. */
    private static void held(Figures figures, Assessment a) {
        if (a.form().stemMm() > 0) {
            figures.add(
                    "stem",
                    "stem, thick",
                    a.form().stemMm(),
                    Unit.MM,
                    Why.of(
                            "All wires and threads bundled, with two thicknesses of tape for each layer",
                            "Packing of round wires"));
            return;
        }
        double foot = a.species().petaled().stream()
                .mapToDouble(p -> p.pieces().making().footMm())
                .max()
                .orElse(0);
        if (foot > 0) {
            figures.add(
                    "foot",
                    "pushed into the cake by its foot",
                    foot,
                    Unit.MM,
                    Why.of("There is no wire in it: the foot left below the petals holds it", "Your design"));
        }
    }

    private static List<Figure> flowerFigures(Assessment a, Plan plan) {
        StemPlan stem = StemPlan.of(a, TapeRun.USUAL_WIDTH_MM);
        double pasteG = 0;
        double wireMm = 0;
        int petals = 0;
        for (Part part : a.species().parts()) {
            petals += part.flat().map(Part::pieceCount).orElse(0);
            wireMm += wireMm(part);
            pasteG += a.pasteG(part);
        }
        for (Assessment.OpenedHeads opened : a.opened()) {
            for (Part part : opened.head().species().parts()) {
                petals += opened.opening().count()
                        * part.flat().map(Part::pieceCount).orElse(0);
                wireMm += opened.opening().count() * wireMm(part);
            }
        }
        double hands = plan.handsMin();
        int heads = a.species().parts().stream()
                .filter(part -> part.boughtStrands() > 0)
                .mapToInt(Part::pieceCount)
                .sum();
        Figures figures = new Figures()
                .in(Figure.Group.SIZE)
                .add(
                        "face",
                        "across the face",
                        a.form().faceMm(),
                        Unit.MM,
                        Why.of(
                                "Twice the outermost radius in plan, leaves left out",
                                "Plan of the placed petals",
                                in("wanted", a.species().faceMm(), Unit.MM)))
                .add(
                        "height",
                        "height of the head",
                        a.form().heightMm(),
                        Unit.MM,
                        Why.of(
                                "From the lowest to the highest point, leaves left out",
                                "Section of the placed petals"));
        held(figures, a);
        figures.in(Figure.Group.PIECES)
                .add("petals", "pieces to cut", petals, Unit.COUNT, Why.of("Sum over the parts", "Your design"));
        if (heads > 0) {
            figures.add("heads", "stamen heads", heads, Unit.COUNT, Why.of("Two heads a strand", "Your design"));
        }
        figures.in(Figure.Group.PASTE)
                .add(
                        "paste",
                        "paste in the flower",
                        pasteG,
                        Unit.G,
                        Why.of(
                                "Volume of every piece × density",
                                "Density of the medium",
                                in("density", a.paste().densityGPerCm3(), Unit.G_PER_CM3)))
                .in(Figure.Group.WIRE)
                .add("wire", "wire in all", wireMm, Unit.MM, Why.of("Sum of every cut length", "Your design"))
                .add(
                        "weight",
                        "finished piece",
                        stem.weightG(),
                        Unit.G,
                        Why.of(
                                "Paste and wires, further heads with them",
                                "Density of the paste, of steel 7.85 g/cm³",
                                in("paste in the flower", pasteG, Unit.G)))
                .add(
                        "tape",
                        "tape",
                        stem.tapeMm(),
                        Unit.MM,
                        Why.of(
                                "Covered length × √((πD)² + pitch²) ÷ pitch ÷ stretch, for everything that is taped in",
                                "Helix on a cylinder",
                                in("width", TapeRun.USUAL_WIDTH_MM, Unit.MM)));
        StemFigures.add(figures, a);
        return figures.in(Figure.Group.TIME)
                .add("hands", "hands", hands, Unit.MIN, Why.of("Sum over the tasks of the plan", "Pace of the kit"))
                .add(
                        "ready",
                        "first touch to dry and done",
                        plan.readyH(),
                        Unit.H,
                        Why.of(
                                "Tasks in turn, each when its gates are safe, working straight through",
                                "The plan of this species"))
                .list();
    }
}
