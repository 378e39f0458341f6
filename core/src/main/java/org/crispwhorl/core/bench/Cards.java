package org.crispwhorl.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.bench.BenchCard.BenchAct;
import org.crispwhorl.core.bench.BenchCard.BenchPass;
import org.crispwhorl.core.bench.BenchCard.BenchWait;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.drawer.CutterFit;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.order.ColourSheet;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.StartsFrom;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.work.BatchId;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Step;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.TaskId;

/** Writes the cards of an order: one for each of its tasks. */
public final class Cards {
    private final OrderSheet sheet;
    private final Map<String, Assessment> lines;
    private final Drawer drawer;
    private final ColourSheet colours;

    private Cards(List<OrderSheet.Line> lines, OrderSheet sheet, Conditions conditions, Drawer drawer) {
        this.sheet = sheet;
        this.lines = lines.stream()
                .collect(Collectors.toMap(OrderSheet.Line::id, line -> new Assessment(line.species(), conditions)));
        this.drawer = drawer;
        this.colours = ColourSheet.of(lines, conditions, drawer);
    }

    /**
     * @param lines of the order
     * @param sheet what it takes
     * @return in the order of the tasks of each line
     */
    public static List<BenchCard> of(
            List<OrderSheet.Line> lines, OrderSheet sheet, Conditions conditions, Drawer drawer) {
        Cards cards = new Cards(lines, sheet, conditions, drawer);
        return sheet.tasks().stream().map(cards::card).toList();
    }

    private BenchCard card(OrderSheet.OrderTask task) {
        Assessment a = lines.get(task.line());
        Plan.Task one = task.task();
        Optional<Part> part = one.partId().flatMap(a.species()::part);
        int spares = one.doing().makes() && !TaskId.of(one.id()).isAnew()
                ? part.map(p -> spares(task.species(), p)).orElse(0)
                : 0;
        List<BenchPass> passes = passes(a, one, task.species(), part);
        return new BenchCard(
                BatchId.key(task.line(), one.id()),
                task.line(),
                task.species(),
                one.name(),
                one.doing(),
                one.partId(),
                task.flowers(),
                task.pieces(),
                spares,
                task.labourMin(),
                one.onHeads().isEmpty() ? one.partId().flatMap(a.species()::noteOn) : Optional.empty(),
                acts(a, task, part, spares),
                passes,
                one.doing().makes()
                        ? part.flatMap(Part::flat)
                                .map(p -> Work.batches(a, p).openTimeMin())
                                .filter(Double::isFinite)
                        : Optional.empty(),
                one.doing().makes()
                        ? part.flatMap(a::body)
                                .map(Body::changesAfterH)
                                .filter(Double::isFinite)
                                .map(h -> 60 * h)
                        : Optional.empty(),
                waits(task));
    }

    private int spares(String species, Part part) {
        return sheet.cuts().stream()
                .filter(c -> c.species().equals(species) && c.part().equals(part.name()))
                .mapToInt(OrderSheet.CutLine::spares)
                .sum();
    }

    /** The shades of a species, as much of each as its order takes. */
    private List<BenchAct> mixed(OrderSheet.OrderTask task) {
        return sheet.shades().stream()
                .filter(s -> s.species().equals(task.species()) && s.mixG() > 0)
                .map(s -> new BenchAct(
                        "",
                        Operation.MIX,
                        s.mixed()
                                .map(mixed -> "Mix " + s.shade() + ": " + mixed + ". Knead it through; cover it.")
                                .orElseGet(() -> "Take " + Said.grams(s.mixG()) + " of " + s.shade() + " as it is"
                                        + s.coloured() + "; cover it.")))
                .toList();
    }

    /** Every act of a task, spares made with the pieces. */
    private List<BenchAct> acts(Assessment a, OrderSheet.OrderTask task, Optional<Part> part, int spares) {
        if (task.task().doing().mixes()) {
            return mixed(task);
        }
        int of = task.flowers();
        double made = of + part.map(p -> (double) spares / p.units()).orElse(0.0);
        Plan.Task one = task.task();
        List<BenchAct> said = new ArrayList<>();
        said(a, one.steps().first(one.making()), made, part, said);
        if (one.onHeads().isEmpty()) {
            said(a, one.steps().after(one.making()), of, part, said);
        }
        for (Plan.OnHeads on : one.onHeads()) {
            Assessment.OpenedHeads opened = a.opened().get(on.opening());
            on.tasks().forEach(inner -> said(opened, opened.opening().of(a.designed()), inner, of, said));
        }
        return said;
    }

    /** The acts of a task on one of the further heads, said for all at its stage and for their spares. */
    private void said(Assessment.OpenedHeads opened, String called, Plan.Task inner, int flowers, List<BenchAct> said) {
        Assessment head = opened.head();
        Optional<Part> part = inner.partId().flatMap(head.species()::part);
        int spares = part.map(p -> spares(called, p)).orElse(0);
        double made = flowers
                + part.map(p -> (double) spares / (p.units() * opened.opening().count()))
                        .orElse(0.0);
        Steps making = inner.steps().first(inner.making());
        said(head, spares == 0 ? making : making.under(under -> under + ", " + spares + " to spare"), made, part, said);
        said(head, inner.steps().after(inner.making()), flowers, part, said);
    }

    private void said(Assessment a, Steps steps, double of, Optional<Part> part, List<BenchAct> said) {
        for (Step step : steps.list()) {
            String tool = part.map(p -> with(a, p, step)).orElse("");
            said.add(new BenchAct(step.under(), step.operation(), step.said(of, tool)));
        }
    }

    /** What of the drawer is taken for an act on a part, in words that go on from it. */
    private String with(Assessment a, Part part, Step step) {
        Optional<StartsFrom> start = part.startsFrom(a);
        return switch (step.operation()) {
            case ROLL ->
                start.filter(s -> s.rolledMm() > 0)
                        .flatMap(s -> drawer.roller()
                                .map(r ->
                                        " (setting " + plain(r.settingFor(s.rolledMm())) + " of the " + r.name() + ")"))
                        .orElse("");
            case CUT ->
                start.flatMap(StartsFrom::cut)
                        .map(cut -> start.flatMap(this::cutter)
                                .map(with -> " with " + with)
                                .orElse(" round the printed outline"))
                        .orElse("");
            default -> "";
        };
    }

    private Optional<String> cutter(StartsFrom start) {
        return start.cut()
                .flatMap(cut -> CutterFit.of(new CutterFit.Wanted(cut, start.finishedMm()), drawer).stream()
                        .filter(f -> f.fits() && f.cutter().here() > 0)
                        .findFirst())
                .map(f -> f.cutter().name()
                        + (f.doing() == CutterFit.CutterWork.AS_IT_IS ? "" : " (" + f.reason() + ")"));
    }

    /** The passes of a task, part by part. */
    private List<BenchPass> passes(Assessment a, Plan.Task task, String species, Optional<Part> only) {
        List<BenchPass> said = new ArrayList<>();
        for (Part part : only.map(List::of).orElse(a.species().parts())) {
            List<Pass> stated = part.colouring().orElse(Colouring.NONE).passes();
            List<ColourSheet.PassJob> told = colours.parts().stream()
                    .filter(job -> job.species().equals(species) && job.part().equals(part.name()))
                    .findFirst()
                    .map(ColourSheet.PartJob::passes)
                    .orElse(List.of());
            for (int i = 0; i < told.size(); i++) {
                ColourSheet.PassJob pass = told.get(i);
                if (goesOn(
                        task, Work.when(a, part, stated.get(i)), stated.get(i).wet())) {
                    said.add(new BenchPass(
                            pass.how(),
                            pass.what(),
                            only.isEmpty() ? part.name() + ": " + pass.where() : pass.where(),
                            pass.swatch(),
                            stated.get(i).waitMin()));
                }
            }
        }
        return said;
    }

    /** Whether a pass that goes on then goes on in a task. */
    private static boolean goesOn(Plan.Task task, Pass.GoesOn when, boolean wet) {
        return switch (task.doing()) {
            case DUST -> when == Pass.GoesOn.PIECE && !wet;
            case PAINT -> when == Pass.GoesOn.PIECE && wet;
            case COLOUR -> when == (task.partId().isPresent() ? Pass.GoesOn.RING : Pass.GoesOn.FLOWER);
            default -> false;
        };
    }

    private List<BenchWait> waits(OrderSheet.OrderTask task) {
        return Waits.after(
                task.task().id(),
                sheet.tasks().stream()
                        .filter(t -> t.line().equals(task.line()))
                        .map(OrderSheet.OrderTask::task)
                        .toList(),
                sheet.handOver().stream()
                        .filter(g -> g.line().equals(task.line()))
                        .map(OrderSheet.HandOverGate::gate)
                        .toList());
    }

    private static String plain(double setting) {
        return setting == Math.rint(setting) ? Long.toString(Math.round(setting)) : Double.toString(setting);
    }
}
