package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.AlsoCut;
import org.crispwhorl.core.species.Bought;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.species.Portion;
import org.crispwhorl.core.species.StartsFrom;
import org.crispwhorl.core.species.WireCut;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Spares;
import org.crispwhorl.core.work.Operation;

/** Adds up an order, line by line: a spare of one is a spare of all that is cut alike, and a shade that is mixed already only more of it. */
final class Adding {
    private final Conditions conditions;
    private final List<OrderSheet.CutLine> cuts = new ArrayList<>();
    private final List<OrderSheet.ShadeLine> shades = new ArrayList<>();
    private final List<OrderSheet.WireLine> wires = new ArrayList<>();
    private final List<OrderSheet.StamenLine> stamens = new ArrayList<>();
    private final List<OrderSheet.BoughtLine> bought = new ArrayList<>();
    private final List<OrderSheet.OrderTask> tasks = new ArrayList<>();
    private final List<OrderSheet.HandOverGate> handOver = new ArrayList<>();
    private final Map<Assessment, Plan> plans = new IdentityHashMap<>();
    private final Map<Medium, List<Shade>> mixed = new EnumMap<>(Medium.class);
    private final Map<Pool, int[]> pools = new HashMap<>();
    private double labourMin;

    /** Spares of the parts of the line that is added, each as a share of what a flower takes. */
    private final Map<Spared, Double> spareFlowers = new HashMap<>();

    private record Spared(Optional<Integer> opening, String part) {}

    Adding(Conditions conditions) {
        this.conditions = conditions;
    }

    void add(OrderSheet.Line line, Assessment a) {
        Map<String, double[]> grams = new LinkedHashMap<>();
        spareFlowers.clear();
        addHead(a, Optional.empty(), line.species().name(), line.count(), 1, grams);
        for (int i = 0; i < a.opened().size(); i++) {
            Assessment.OpenedHeads opened = a.opened().get(i);
            addHead(
                    opened.head(),
                    Optional.of(i),
                    opened.opening().of(line.species()),
                    line.count(),
                    opened.opening().count(),
                    grams);
        }
        for (Shade shade : a.species().shades()) {
            double[] all = grams.getOrDefault(shade.id(), new double[2]);
            double pieceG = all[0];
            double mixG = all[0] + all[1];
            shades.add(new OrderSheet.ShadeLine(
                    line.species().name(),
                    a.species().medium(),
                    shade.name(),
                    shade.strong(),
                    shade.master(),
                    MixingLaw.colour(shade),
                    pieceG,
                    mixG,
                    mixG * shade.share(),
                    mixG * (1 - shade.share())));
        }
        Plan plan = plans.computeIfAbsent(a, Planning::of);
        plan.handOver().forEach(gate -> handOver.add(new OrderSheet.HandOverGate(line.id(), gate)));
        for (Plan.Task task : plan.tasks()) {
            double hands = task.doing().mixes()
                    ? mixMin(a, line.count())
                    : Work.minutes(
                            a,
                            task,
                            line.count(),
                            (opening, part) -> spareFlowers.getOrDefault(new Spared(opening, part), 0.0));
            labourMin += hands;
            tasks.add(new OrderSheet.OrderTask(
                    line.id(),
                    line.species().name(),
                    task,
                    line.count(),
                    task.pieces() * line.count(),
                    hands,
                    Tools.of(a, plan, task, line.count()),
                    task.partId()
                            .flatMap(a.species()::part)
                            .map(a::techniques)
                            .orElse(a.techniques())
                            .driesIn(),
                    task.partId()
                            .flatMap(a.species()::part)
                            .flatMap(Part::shadeId)
                            .map(a.species()::shade)
                            .map(MixingLaw::colour)));
        }
    }

    /** Minutes to mix a line's shades; one that an earlier line mixes already is only more of it. */
    private double mixMin(Assessment a, int flowers) {
        double minutes = Work.mixMin(a, flowers);
        for (Shade shade : a.species().shades()) {
            boolean known = mixed.getOrDefault(a.species().medium(), List.of()).stream()
                    .anyMatch(other -> MixedTogether.together(other, shade));
            if (known && Work.mixes(a, shade)) {
                minutes -= conditions.pace().eachMin(Operation.MIX);
            }
        }
        mixed.computeIfAbsent(a.species().medium(), m -> new ArrayList<>())
                .addAll(a.species().shades().stream()
                        .filter(shade -> Work.mixes(a, shade))
                        .toList());
        return minutes;
    }

    /** Adds the parts of heads that are all alike. Spares are made of whatever breaks as one. */
    private void addHead(
            Assessment a,
            Optional<Integer> opening,
            String species,
            int flowers,
            int each,
            Map<String, double[]> grams) {
        int heads = flowers * each;
        a.species().heads().ifPresent(further -> further.wireCuts()
                .forEach(w -> wires.add(new OrderSheet.WireLine(
                        w.gauge(), w.lengthMm(), w.count() * heads, species + ", " + further.wireName()))));
        for (Part part : a.species().ownParts()) {
            int units = part.units();
            int needed = units * heads;
            int spares = a.lumps(part).isEmpty() ? 0 : spares(a, part, needed);
            double share = (double) (needed + spares) / units;
            spareFlowers.put(new Spared(opening, part.id()), (double) spares / (units * each));
            double lost = lostPerG(a, part);
            for (Portion lump : a.lumps(part)) {
                double all = a.paste().grams(lump.volumeMm3()) * lump.count() * share;
                double[] sums = grams.computeIfAbsent(lump.shade(), s -> new double[2]);
                sums[0] += all;
                sums[1] += all * lost;
            }
            addPart(a, species, part, needed, spares);
        }
    }

    /** What is cut by one cutter from one shade at one thickness: a spare of one is a spare of all. */
    private record Pool(PieceSort sort, Cut cut, double rolledMm, double finishedMm, String strong, double share) {}

    /**
     * Spares of a part: what all that its pool needs so far takes, less what the pool has been given. What has no cutter has spares
     * of its own.
     */
    private int spares(Assessment a, Part part, int needed) {
        PieceSort sort = part.breaksAs();
        Spares breakage = a.conditions().kit().spares(sort);
        Optional<StartsFrom> start = part.startsFrom(a);
        if (start.flatMap(StartsFrom::cut).isEmpty()) {
            return breakage.forPieces(needed);
        }
        Shade shade = a.species().shade(part.shadeId().orElseThrow());
        Pool pool = new Pool(
                sort,
                start.get().cut().get(),
                start.get().rolledMm(),
                start.get().finishedMm(),
                shade.strong(),
                shade.share());
        int[] given = pools.computeIfAbsent(pool, p -> new int[2]);
        given[0] += needed;
        int spares = Math.max(0, breakage.forPieces(given[0]) - given[1]);
        given[1] += spares;
        return spares;
    }

    /** Paste lost between the cuts for each gram in the pieces; nothing is where no cutter is used. */
    private double lostPerG(Assessment a, Part part) {
        Optional<Cut> cut = part.startsFrom(a).flatMap(StartsFrom::cut);
        double again = twoColoured(part) ? 0 : a.paste().rekneadShare();
        return cut.map(c ->
                        OrderSheet.lying(c, grooved(a, part), conditions.kit()).lostPerG(again))
                .orElse(0.0);
    }

    private static boolean grooved(Assessment a, Part part) {
        return Work.grooved(a, part);
    }

    /** Two shades rolled together part no more. */
    private static boolean twoColoured(Part part) {
        return part.flat().flatMap(p -> p.pieces().lining()).isPresent();
    }

    private void addPart(Assessment a, String species, Part part, int needed, int spares) {
        int units = part.units();
        part.startsFrom(a)
                .ifPresent(start -> cuts.add(new OrderSheet.CutLine(
                        species,
                        part.name(),
                        a.species().shade(part.shadeId().orElseThrow()).name(),
                        start.from(),
                        start.longMm(),
                        start.wideMm(),
                        start.rolledMm(),
                        start.finishedMm(),
                        needed,
                        spares,
                        a.pasteG(part) / units,
                        start.cut(),
                        start.template(),
                        grooved(a, part),
                        twoColoured(part))));
        for (AlsoCut also : part.alsoCut()) {
            StartsFrom start = also.from();
            cuts.add(new OrderSheet.CutLine(
                    species,
                    part.name() + ", " + also.name(),
                    a.species().shade(also.shade()).name(),
                    start.from(),
                    start.longMm(),
                    start.wideMm(),
                    start.rolledMm(),
                    start.finishedMm(),
                    needed * also.perPiece(),
                    spares * also.perPiece(),
                    a.paste().grams(start.cut().orElseThrow().areaMm2() * start.rolledMm()),
                    start.cut(),
                    Optional.empty(),
                    false,
                    false));
        }
        for (Bought one : part.bought()) {
            bought.add(new OrderSheet.BoughtLine(
                    species,
                    part.name(),
                    new Bought(one.of(), one.wideMm(), one.highMm(), one.count() * needed / units)));
        }
        if (part.boughtStrands() > 0) {
            stamens.add(new OrderSheet.StamenLine(species, part.name(), part.boughtStrands() * needed));
        }
        for (WireCut cut : part.wireCuts()) {
            wires.add(new OrderSheet.WireLine(
                    cut.gauge(),
                    cut.lengthMm(),
                    cut.count() * (needed + spares) / units,
                    species + ", " + part.wireName()));
        }
    }

    OrderSheet sheet() {
        return new OrderSheet(cuts, shades, wires, stamens, bought, labourMin, tasks, handOver);
    }
}
