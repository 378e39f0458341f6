package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.StemPlan;
import org.crispwhorl.core.drawer.CutterFit;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.OwnWire;
import org.crispwhorl.core.drawer.PickFit;
import org.crispwhorl.core.drawer.TapeRoll;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.wire.TapeRun;
import org.crispwhorl.core.wire.WireCutter;
import org.crispwhorl.core.wire.WirePiece;

/** Gathers the materials of an order out of a drawer. */
public final class Gathering {
    private final List<OrderSheet.Line> lines;
    private final OrderSheet sheet;
    private final Conditions conditions;
    private final Drawer drawer;
    private final double tierMm;
    private final Optional<Venue> venue;
    private final Progress progress;

    private Gathering(
            List<OrderSheet.Line> lines,
            OrderSheet sheet,
            Conditions conditions,
            Drawer drawer,
            double tierMm,
            Optional<Venue> venue,
            Progress progress) {
        this.venue = venue;
        this.progress = progress;
        this.lines = lines;
        this.sheet = sheet;
        this.conditions = conditions;
        this.drawer = drawer;
        this.tierMm = tierMm;
    }

    /**
     * @param lines the order
     * @param sheet what it takes, as {@link OrderSheet#of} added it up
     * @param tierMm height of the lowest tier that picks go into
     */
    public static Materials of(
            List<OrderSheet.Line> lines, OrderSheet sheet, Conditions conditions, Drawer drawer, double tierMm) {
        return of(lines, sheet, conditions, drawer, tierMm, Optional.empty(), Progress.UNWATCHED);
    }

    /**
     * The same for somebody who waits for it.
     *
     * @param venue where it goes; none where that is not known
     * @throws Progress.Stopped where it is no longer wanted
     */
    public static Materials of(
            List<OrderSheet.Line> lines,
            OrderSheet sheet,
            Conditions conditions,
            Drawer drawer,
            double tierMm,
            Optional<Venue> venue,
            Progress progress) {
        return new Gathering(lines, sheet, conditions, drawer, tierMm, venue, progress).materials();
    }

    private Materials materials() {
        List<Materials.CutterJob> cuts = cuts();
        List<Materials.WireJob> wires = wires();
        progress.reached(0.8, "Mixing the shades");
        List<Materials.PasteJob> pastes = pastes();
        List<Materials.StemJob> stems = stems();
        ColourSheet colours = Colours.of(lines, conditions, drawer);
        return new Materials(
                cuts,
                sheet.cuts().stream().filter(c -> c.cut().isEmpty()).toList(),
                wires,
                pastes,
                stems,
                sheet.stamens(),
                sheet.bought(),
                colours,
                ServiceCard.of(
                        lines,
                        sheet,
                        conditions,
                        drawer,
                        stems.stream().mapToInt(Materials.StemJob::flowers).sum(),
                        venue),
                new Shopping(drawer, tierMm, tapeWidthMm())
                        .of(cuts, wires, pastes, stems, sheet, colours, ToolsTaken.of(sheet, drawer)));
    }

    private record SheetOf(Cut cut, double rolledMm, String shade, boolean grooved, boolean twoColoured) {}

    private List<Materials.CutterJob> cuts() {
        Map<SheetOf, List<OrderSheet.CutLine>> byCutter = new LinkedHashMap<>();
        for (OrderSheet.CutLine line : sheet.cuts()) {
            line.cut().ifPresent(cut -> byCutter.computeIfAbsent(
                            new SheetOf(cut, line.rolledMm(), line.shade(), line.grooved(), line.twoColoured()),
                            k -> new ArrayList<>())
                    .add(line));
        }
        List<Materials.CutterJob> jobs = new ArrayList<>();
        byCutter.forEach((key, all) -> {
            progress.reached(
                    0.6 * jobs.size() / byCutter.size(), "Nesting " + all.get(0).part());
            Nesting nesting = all.get(0).nesting(conditions.kit());
            int pieces = all.stream().mapToInt(l -> l.needed() + l.spares()).sum();
            List<CutterFit> fits =
                    CutterFit.of(new CutterFit.Wanted(key.cut(), all.get(0).finishedMm()), drawer);
            Optional<CutterFit> own =
                    fits.stream().filter(f -> f.fits() && f.cutter().here() > 0).findFirst();
            jobs.add(new Materials.CutterJob(
                    key.cut(),
                    key.rolledMm(),
                    drawer.roller().map(r -> (double) r.settingFor(key.rolledMm())),
                    key.shade(),
                    own.map(f -> f.cutter().name()),
                    own.map(CutterFit::reason).orElse("no cutter in the drawer fits: print the outline, or a cutter"),
                    all,
                    pieces,
                    nesting,
                    nesting.lengthMm(pieces),
                    lies(key, nesting)));
        });
        jobs.sort(Comparator.comparingDouble(j -> -j.cut().sizeMm()));
        return jobs;
    }

    /** What the nesting asks of the hand. */
    private List<String> lies(SheetOf key, Nesting nesting) {
        List<String> notes = new ArrayList<>();
        if (key.grooved()) {
            notes.add(conditions
                    .kit()
                    .laid()
                    .map(laid -> "on the ridged board, each midrib in a groove: "
                            + laid.atOnce(key.cut().outline(), conditions.kit().grooves()) + " at once, "
                            + nesting.pattern().size() + " a groove"
                            + (laid.every(key.cut().outline()) > 1
                                    ? ", every " + ordinal(laid.every(key.cut().outline())) + " groove"
                                    : ""))
                    .orElse(
                            "on the ridged board, each midrib in a groove: how the grooves lie is not in the drawer, so "
                                    + "the nesting is that of a plain sheet"));
        }
        if (key.twoColoured()) {
            notes.add("two shades rolled together: what is left over is not kneaded again");
        }
        return notes;
    }

    private static String ordinal(int n) {
        return n == 2 ? "second" : n == 3 ? "third" : n + "th";
    }

    private List<Materials.WireJob> wires() {
        Map<Integer, List<OrderSheet.WireLine>> byGauge = new TreeMap<>();
        sheet.wires().forEach(w -> byGauge.computeIfAbsent(w.gauge(), g -> new ArrayList<>())
                .add(w));
        List<Materials.WireJob> jobs = new ArrayList<>();
        byGauge.forEach((gauge, all) -> {
            progress.reached(0.6 + 0.2 * jobs.size() / byGauge.size(), "Cutting wire of " + gauge + " gauge");
            jobs.add(new Materials.WireJob(
                    gauge,
                    all,
                    WireCutter.plan(
                            all.stream()
                                    .map(w -> new WirePiece(w.lengthMm(), w.count()))
                                    .toList(),
                            drawer.wires(gauge)),
                    drawer.all(OwnWire.class).stream()
                            .filter(w -> w.gauge() == gauge)
                            .mapToInt(OwnWire::count)
                            .sum()));
        });
        return jobs;
    }

    private List<Materials.PasteJob> pastes() {
        Map<Medium, Map<String, List<Batch.Wanted>>> byMedium = MixedTogether.of(sheet.shades());
        List<Materials.PasteJob> jobs = new ArrayList<>();
        byMedium.forEach((medium, byStrong) -> {
            List<Batch> batches = new ArrayList<>();
            byStrong.forEach((strong, wanted) -> batches.add(Batch.of(strong, wanted)));
            int grams = batches.stream().mapToInt(b -> b.strongG() + b.whiteG()).sum();
            jobs.add(new Materials.PasteJob(
                    medium, batches, grams, conditions.kit().paste(medium).gumG(grams)));
        });
        return jobs;
    }

    private double tapeWidthMm() {
        return drawer.all(TapeRoll.class).stream()
                .filter(t -> t.metres() > 0)
                .mapToDouble(TapeRoll::widthMm)
                .max()
                .orElse(TapeRun.USUAL_WIDTH_MM);
    }

    private List<Materials.StemJob> stems() {
        AssessedLines assessed = new AssessedLines(lines, conditions);
        Map<Assessment, StemPlan> plans = new IdentityHashMap<>();
        return IntStream.range(0, lines.size())
                .mapToObj(i -> {
                    OrderSheet.Line line = lines.get(i);
                    StemPlan plan = plans.computeIfAbsent(assessed.assessment(i), a -> StemPlan.of(a, tapeWidthMm()));
                    return new Materials.StemJob(
                            line.species().name(), line.count(), plan, PickFit.of(plan.thickMm(), tierMm, drawer));
                })
                .filter(stem -> stem.plan().thickMm() > 0)
                .toList();
    }
}
