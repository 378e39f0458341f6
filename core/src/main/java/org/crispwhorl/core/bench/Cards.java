package org.crispwhorl.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.bench.BenchCard.BenchLine;
import org.crispwhorl.core.bench.BenchCard.BenchPass;
import org.crispwhorl.core.bench.BenchCard.BenchWait;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.drawer.CutterFit;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.ColourSheet;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.StartsFrom;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.species.WireCut;
import org.crispwhorl.core.studio.Conditions;

/** Writes the cards of an order: one for each of its tasks. */
public final class Cards {
    private final OrderSheet sheet;
    private final List<Assessment> lines;
    private final List<Integer> flowers;
    private final Drawer drawer;
    private final ColourSheet colours;

    private Cards(List<OrderSheet.Line> lines, OrderSheet sheet, Conditions conditions, Drawer drawer) {
        this.sheet = sheet;
        this.lines = lines.stream()
                .map(line -> new Assessment(line.species(), conditions))
                .toList();
        this.flowers = lines.stream().map(OrderSheet.Line::count).toList();
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
        return new BenchCard(
                task.line() + "/" + one.id(),
                task.line(),
                task.species(),
                one.name(),
                one.doing(),
                one.partId(),
                flowers.get(task.line()),
                task.pieces(),
                makes(one.doing()) && !Broken.again(one.id())
                        ? part.map(p -> spares(task.species(), p)).orElse(0)
                        : 0,
                task.labourMin(),
                part.map(p -> lines(a, one.doing(), p))
                        .orElseGet(() -> one.doing() == Plan.TaskKind.MIX ? mixed(task.species()) : List.of()),
                passes(one, task.species(), part),
                makes(one.doing())
                        ? part.flatMap(Part::flat)
                                .map(p -> Work.batches(a, p).openTimeMin())
                                .filter(Double::isFinite)
                        : Optional.empty(),
                makes(one.doing())
                        ? part.flatMap(a::body)
                                .map(Body::changesAfterH)
                                .filter(Double::isFinite)
                                .map(h -> 60 * h)
                        : Optional.empty(),
                waits(task));
    }

    private static boolean makes(Plan.TaskKind doing) {
        return doing == Plan.TaskKind.MAKE || doing == Plan.TaskKind.MAKE_AND_SET;
    }

    private int spares(String species, Part part) {
        return sheet.cuts().stream()
                .filter(c -> c.species().equals(species) && c.part().equals(part.name()))
                .mapToInt(OrderSheet.CutLine::spares)
                .sum();
    }

    /** The shades of a species, as much of each as its order takes. */
    private List<BenchLine> mixed(String species) {
        return sheet.shades().stream()
                .filter(s -> s.species().equals(species) && s.mixG() > 0)
                .map(s -> new BenchLine(
                        s.shade(),
                        Unit.G.write(s.mixG())
                                + (s.strongG() > 0 && s.whiteG() > 0
                                        ? ": " + Unit.G.write(s.strongG()) + " strong colour, "
                                                + Unit.G.write(s.whiteG()) + " white"
                                        : "")))
                .toList();
    }

    private List<BenchLine> lines(Assessment a, Plan.TaskKind doing, Part part) {
        List<BenchLine> said = new ArrayList<>();
        if (makes(doing)) {
            making(a, part, said);
        }
        if (doing == Plan.TaskKind.JOIN || doing == Plan.TaskKind.MAKE_AND_SET) {
            joining(a, part, said);
        }
        return said;
    }

    private void making(Assessment a, Part part, List<BenchLine> said) {
        part.shadeId()
                .ifPresent(id ->
                        said.add(new BenchLine("shade", a.species().shade(id).name())));
        part.startsFrom(a).ifPresent(start -> {
            said.add(new BenchLine("from", from(start)));
            if (start.rolledMm() > 0) {
                String setting = drawer.roller()
                        .map(r -> ", setting " + plain(r.settingFor(start.rolledMm())) + " of the " + r.name())
                        .orElse("");
                said.add(new BenchLine("roll", Unit.FINE_MM.write(start.rolledMm()) + setting));
            }
        });
        part.flat()
                .map(Petaled::pieces)
                .ifPresentOrElse(pieces -> shaping(a, pieces, said), () -> modelled(a, part, said));
        if (a.species().heads().filter(part::equals).isPresent()) {
            a.opened()
                    .forEach(heads -> said.add(new BenchLine(
                            heads.opening().name(), heads.opening().count() + " for each flower")));
        }
        for (WireCut wire : part.wireCuts()) {
            said.add(new BenchLine(
                    "wire", Unit.GAUGE.write(wire.gauge()) + ", " + Unit.MM.write(wire.lengthMm()) + " each"));
        }
        part.flat().map(Petaled::pieces).ifPresent(pieces -> {
            pieces.former()
                    .ifPresent(f -> said.add(new BenchLine("former", f.name() + ", " + Text.Labels.of(f.side()))));
            said.add(new BenchLine("dries", Text.Labels.of(pieces.drying().getClass())));
        });
    }

    /** What is no flat piece: what it is, how large it is, and the ball that it is rolled from. */
    private static void modelled(Assessment a, Part part, List<BenchLine> said) {
        said.add(new BenchLine("it is", part.inShort()));
        a.species()
                .centre()
                .filter(part::equals)
                .ifPresent(centre -> said.add(new BenchLine(
                        "size",
                        Unit.MM.write(centre.form().diameterMm()) + " wide, "
                                + Unit.MM.write(centre.form().heightMm()) + " high")));
        Figures figures = new Figures();
        part.figures(figures, a);
        figures.list().stream()
                .filter(f -> f.group() == Figure.Group.SIZE)
                .forEach(f -> said.add(new BenchLine(f.label(), f.unit().write(f.value()))));
    }

    private String from(StartsFrom start) {
        Optional<CutterFit> own = start.cut()
                .flatMap(cut -> CutterFit.of(new CutterFit.Wanted(cut, start.finishedMm()), drawer).stream()
                        .filter(f -> f.fits() && f.cutter().here() > 0)
                        .findFirst());
        return own.map(f -> f.cutter().name() + (f.doing() == CutterFit.CutterWork.AS_IT_IS ? "" : ": " + f.reason()))
                .orElse(start.from());
    }

    private static void shaping(Assessment a, Pieces pieces, List<BenchLine> said) {
        pieces.veiner().filter(v -> v.when() == Veiner.When.ROLLED).ifPresent(v -> said.add(veined(v)));
        pieces.thinning()
                .filter(t -> t.thins())
                .ifPresent(t -> said.add(new BenchLine(
                        "thin to",
                        Unit.FINE_MM.write(pieces.finishedMm(a.paste())) + ": it is then "
                                + Unit.MM.write(pieces.finished().lengthMm()) + " × "
                                + Unit.MM.write(pieces.finished().widthMm()))));
        pieces.veiner().filter(v -> v.when() != Veiner.When.ROLLED).ifPresent(v -> said.add(veined(v)));
    }

    private static BenchLine veined(Veiner veiner) {
        return new BenchLine(
                "veins",
                veiner.when() == Veiner.When.HAND
                        ? "drawn by hand"
                        : veiner.name() + ", " + Text.Labels.of(veiner.when())
                                + (veiner.laid().hasEnds() ? ", " + Text.Labels.of(veiner.laid()) : ""));
    }

    private static void joining(Assessment a, Part part, List<BenchLine> said) {
        Joining joining = part.joins(a);
        said.add(new BenchLine(
                "joined", Text.Labels.of(joining.as()) + ", " + joining.onto().told()));
        part.flat().map(Petaled::pieces).ifPresent(pieces -> {
            said.add(new BenchLine("how", pieces.attachment().inShort()));
            if (pieces.count() > 1) {
                said.add(new BenchLine("overlap", Text.Labels.of(pieces.overlap())));
            }
        });
        if (joining.rest().minutes() > 0) {
            said.add(new BenchLine(
                    "then it rests",
                    Unit.MIN.write(joining.rest().minutes()) + ", "
                            + Text.Labels.of(joining.rest().position())));
        }
    }

    private List<BenchPass> passes(Plan.Task task, String species, Optional<Part> part) {
        if (task.doing() != Plan.TaskKind.DUST && task.doing() != Plan.TaskKind.PAINT) {
            return List.of();
        }
        List<BenchPass> said = new ArrayList<>();
        for (ColourSheet.PartJob job : colours.parts()) {
            if (job.species().equals(species)
                    && part.map(p -> p.name().equals(job.part())).orElse(true)) {
                List<Pass> stated =
                        part.flatMap(Part::colouring).orElse(Colouring.NONE).passes();
                for (int i = 0; i < job.passes().size(); i++) {
                    ColourSheet.PassJob pass = job.passes().get(i);
                    boolean wet = i < stated.size() && stated.get(i).wet();
                    if (part.isEmpty() || wet == (task.doing() == Plan.TaskKind.PAINT)) {
                        said.add(new BenchPass(
                                pass.how(),
                                pass.what(),
                                part.isEmpty() ? job.part() + ": " + pass.where() : pass.where(),
                                pass.swatch(),
                                i < stated.size() ? stated.get(i).waitMin() : 0));
                    }
                }
            }
        }
        return said;
    }

    private List<BenchWait> waits(OrderSheet.OrderTask task) {
        return Waits.after(
                task.task().id(),
                sheet.tasks().stream()
                        .filter(t -> t.line() == task.line())
                        .map(OrderSheet.OrderTask::task)
                        .toList(),
                sheet.handOver().stream()
                        .filter(g -> g.line() == task.line())
                        .map(OrderSheet.HandOverGate::gate)
                        .toList());
    }

    private static String plain(double setting) {
        return setting == Math.rint(setting) ? Long.toString(Math.round(setting)) : Double.toString(setting);
    }
}
