package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.function.Function;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.StemLoad;
import org.crispwhorl.core.assessment.StemPlan;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.form.FlowerForm;
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
import org.crispwhorl.core.wire.StemBundle;
import org.crispwhorl.core.wire.TapeRun;

/** Reckons a species as a whole. */
public final class Reckoner {
    private Reckoner() {}

    /** The whole reckoning of a species under its conditions. */
    public static Reckoning reckon(Species species, Conditions conditions) {
        Assessment a = new Assessment(species, conditions);
        ForkJoinTask<Drawing> drawing = ForkJoinPool.commonPool().submit(drawingOf(a.form()));
        Plan plan = Planning.of(a);
        return new Reckoning(
                flowerFigures(a, plan),
                a.species().parts().stream().map(p -> part(a, plan, p)).toList(),
                a.species().shades().stream().map(s -> shade(a, s)).toList(),
                plan,
                Findings.of(a),
                Cautions.of(a),
                a.techniques(),
                drawing.join());
    }

    /** The drawing needs the form alone, and is made beside the figures. */
    private static Callable<Drawing> drawingOf(FlowerForm form) {
        return () -> Draughting.of(form);
    }

    private static Reckoning.PartReckoning part(Assessment a, Plan plan, Part part) {
        return new Reckoning.PartReckoning(
                part.id(),
                part.name(),
                part.inShort(),
                idle(a.species(), part),
                part.pieceCount(),
                a.pasteG(part),
                PartFigures.of(a, part),
                a.drying(part),
                never(plan.madeH(part.id())),
                never(plan.joinedH(part.id())),
                gauges(a, part),
                Coloured.worn(a, part));
    }

    private static List<String> idle(Species species, Part part) {
        Stream<String> colour = part.colouring().stream()
                .flatMap(c -> c.idle(part.zoned()).stream())
                .map(path -> "colour/" + path);
        return Stream.of(part.idle().stream(), part.idleAmong(species.heads()).stream(), colour)
                .flatMap(Function.identity())
                .toList();
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
                            "All wires and threads bundled, with two thicknesses of tape for each layer, or as thick as it is brought to",
                            "Packing of round wires",
                            in("bundle", a.form().bundleMm(), Unit.MM),
                            in("layers of tape", a.form().layersOfTape(), Unit.COUNT),
                            in("a layer of tape", StemBundle.TAPE_MM, Unit.FINE_MM),
                            in(
                                    "brought to",
                                    a.form().stemMm() > a.form().bareStemMm()
                                            ? a.form().stemMm()
                                            : 0,
                                    Unit.MM)));
            return;
        }
        double foot = a.species().petaled().stream()
                .mapToDouble(p -> p.pieces().making().pushedInMm())
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
        Sum pasteG = new Sum(Unit.G);
        Sum wireMm = new Sum(Unit.MM);
        Sum petals = new Sum(Unit.COUNT);
        Sum heads = new Sum(Unit.COUNT);
        for (Part part : a.species().parts()) {
            petals.add(part.name(), part.petals());
            wireMm.add(part.wireName(), wireMm(part));
            pasteG.add(part.name(), a.pasteG(part));
            heads.add(part.name(), part.boughtStrands() > 0 ? part.pieceCount() : 0);
        }
        for (Assessment.OpenedHeads opened : a.opened()) {
            String name = opened.opening().name();
            for (Part part : opened.head().species().parts()) {
                petals.add(name, opened.opening().count() * part.petals());
                wireMm.add(name, opened.opening().count() * wireMm(part));
            }
        }
        Sum hands = new Sum(Unit.MIN);
        plan.tasks().forEach(task -> hands.add(task.name(), task.labourMin()));
        Sum tape = new Sum(Unit.MM);
        stem.steps().forEach(step -> tape.add(step.part(), step.tapeMm()));
        tape.add("further heads", stem.tapeMm() - tape.value());
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
                                in("outermost radius", a.form().faceMm() / 2, Unit.MM)))
                .add(
                        "height",
                        "height of the head",
                        a.form().heightMm(),
                        Unit.MM,
                        Why.of(
                                "From the lowest to the highest point, leaves left out",
                                "Section of the placed petals",
                                in("highest", a.form().heightsMm()[1], Unit.MM),
                                in("lowest", a.form().heightsMm()[0], Unit.MM)));
        held(figures, a);
        figures.in(Figure.Group.PIECES)
                .add(
                        "petals",
                        "pieces to cut",
                        petals.value(),
                        Unit.COUNT,
                        petals.why("Sum over the parts", "Your design"));
        if (heads.value() > 0) {
            figures.add(
                    "heads", "stamen heads", heads.value(), Unit.COUNT, heads.why("Sum over the parts", "Your design"));
        }
        figures.in(Figure.Group.PASTE)
                .add(
                        "paste",
                        "paste in the flower",
                        pasteG.value(),
                        Unit.G,
                        pasteG.why("Sum over the parts: volume of every piece × density", "Density of the medium"))
                .in(Figure.Group.WIRE)
                .add(
                        "wire",
                        "wire in all",
                        wireMm.value(),
                        Unit.MM,
                        wireMm.why("Sum of every cut length", "Your design"))
                .add(
                        "weight",
                        "finished piece",
                        stem.weightG(),
                        Unit.G,
                        Why.of(
                                "Paste and wires, further heads with them",
                                "Density of the paste, of steel 7.85 g/cm³",
                                in("paste in the flower", a.headG(), Unit.G),
                                in("its wires", StemLoad.wiresG(a), Unit.G),
                                in("further heads", StemLoad.headsG(a), Unit.G)))
                .add(
                        "tape",
                        "tape",
                        stem.tapeMm(),
                        Unit.MM,
                        tape.why(
                                "Sum over what is taped in, each: covered length × √((πD)² + pitch²) ÷ pitch ÷ stretch",
                                "Helix on a cylinder"));
        StemFigures.add(figures, a);
        return figures.in(Figure.Group.TIME)
                .add(
                        "labour",
                        "working time",
                        hands.value(),
                        Unit.MIN,
                        hands.why("Sum over the tasks of the plan", "The studio's pace"))
                .add("ready", "from start to finished", plan.readyH(), Unit.H, ready(plan))
                .list();
    }

    /** When everything is done, and dry as far as it has to be. */
    private static Why ready(Plan plan) {
        Map<String, Plan.Task> tasks = new HashMap<>();
        List<Why.Input> inputs = new ArrayList<>();
        Plan.Task last = plan.tasks().get(plan.tasks().size() - 1);
        double free = 0;
        for (Plan.Task task : plan.tasks()) {
            tasks.put(task.id(), task);
            free = task == last ? free : Math.max(free, task.endH());
        }
        inputs.add(in("hands done", free, Unit.H));
        for (Plan.Gate gate : last.gates()) {
            Plan.Task after = tasks.get(gate.afterTask());
            if (gate.waitH() > 0) {
                // Only paint is waited for without a stage of drying.
                String dry = gate.stage().isPresent() ? "dry after: " : "dry to the touch after: ";
                inputs.add(in(dry + after.name(), after.endH() + gate.waitH(), Unit.H));
            }
        }
        inputs.add(in(last.name(), last.labourMin(), Unit.MIN));
        return new Why(
                "The latest of these, and then its box: tasks in turn, each when its gates are safe, working straight through",
                inputs,
                "The plan of this species");
    }

    /** A figure that is the sum of others. */
    private static final class Sum {
        private final Unit unit;
        private final Map<String, Double> terms = new LinkedHashMap<>();

        Sum(Unit unit) {
            this.unit = unit;
        }

        void add(String name, double value) {
            if (value != 0) {
                terms.merge(name, value, Double::sum);
            }
        }

        double value() {
            return terms.values().stream().mapToDouble(v -> v).sum();
        }

        Why why(String rule, String source) {
            return new Why(
                    rule,
                    terms.entrySet().stream()
                            .map(t -> in(t.getKey(), t.getValue(), unit))
                            .toList(),
                    source);
        }
    }
}
