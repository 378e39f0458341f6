package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.hands.Hands;
import org.crispwhorl.core.hands.Operation;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.AlsoCut;
import org.crispwhorl.core.species.Bought;
import org.crispwhorl.core.species.Lump;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.StartsFrom;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.core.species.WireCut;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.studio.Spares;

/**
 * What an order of several species takes: pieces by cutter, paste by shade, wire by gauge and length, stamens, hours.
 *
 * @param handsMin minutes of hands in all
 */
public record OrderSheet(
        List<CutLine> cuts,
        List<ShadeLine> shades,
        List<WireLine> wires,
        List<StamenLine> stamens,
        List<BoughtLine> bought,
        double handsMin,
        List<OrderTask> tasks,
        List<HandOverGate> handOver) {

    /** How many of a species are wanted. */
    public record Line(Species species, int count) {}

    /**
     * Pieces made in one way from one shade.
     *
     * @param from the cutter, ball, cone or strip that each starts from
     * @param lengthMm of one outline
     * @param widthMm of one outline
     * @param rolledMm thickness of the sheet, 0 where there is none
     * @param finishedMm mean thickness of the finished piece
     * @param needed cuts, balls or cones in the flowers
     * @param spares more of them, by the odds of breakage
     * @param grams paste in one of them
     * @param cut what its cutter cuts, where it has one
     * @param template what is printed to be cut round, where it has no cutter
     * @param grooved whether it is cut with its midrib in a groove of the ridged board
     * @param twoColoured whether two shades are rolled together, so that what is left over is not kneaded again
     */
    public record CutLine(
            String species,
            String part,
            String shade,
            String from,
            double lengthMm,
            double widthMm,
            double rolledMm,
            double finishedMm,
            int needed,
            int spares,
            double grams,
            Optional<Cut> cut,
            Optional<Cut> template,
            boolean grooved,
            boolean twoColoured) {
        /** How its cuts lie on what is rolled out. */
        Nesting nesting(Kit kit) {
            return lying(cut.orElseThrow(), grooved, kit);
        }
    }

    private static Nesting lying(Cut cut, boolean grooved, Kit kit) {
        return kit.laid()
                .filter(laid -> grooved)
                .map(laid -> Nesting.along(laid, cut.outline()))
                .orElseGet(() -> Nesting.of(cut, kit.stripMm()));
    }

    /** Paste of one shade: what is in the pieces with their spares, and what to mix so that it is enough: between the cuts some
     * is lost. */
    public record ShadeLine(
            String species,
            Medium medium,
            String shade,
            String master,
            String colour,
            double pieceG,
            double mixG,
            double masterG,
            double whiteG) {}

    /** Wires of one gauge cut to one length. */
    public record WireLine(int gauge, double lengthMm, int count, String use) {}

    /** Strands of stamens. */
    public record StamenLine(String species, String part, int strands) {}

    /**
     * Things bought ready-made for a part.
     *
     * @param bought for all flowers of the line
     */
    public record BoughtLine(String species, String part, Bought bought) {}

    /**
     * A task of the plan for all flowers of one line of the order.
     *
     * @param line which line, from 0
     * @param pieces that go through the hands one by one: cuts where they are made, petals where they are set
     * @param held what there is only so much of and it takes: formers, hooks, room in the cabinet; none where it needs none, or where
     *     the kit does not say how much there is
     * @param driesIn where what was worked on dries afterwards
     */
    public record OrderTask(
            int line,
            String species,
            Plan.Task task,
            int pieces,
            double handsMin,
            List<Held> held,
            Ways.DriesIn driesIn) {
        public OrderTask {
            held = List.copyOf(held);
        }

        /** The same, waiting for another task as it waits for one. */
        public OrderTask waitingFor(String one, String another) {
            List<Plan.Gate> gates = task.gates().stream()
                    .flatMap(g -> g.afterTask().equals(one) ? Stream.of(g, g.after(another)) : Stream.of(g))
                    .toList();
            return new OrderTask(line, species, task.gated(gates), pieces, handsMin, held, driesIn);
        }

        /** The same work on some more pieces, what it takes by their share. */
        public OrderTask again(String id, int more) {
            double share = (double) more / pieces;
            return new OrderTask(
                    line,
                    species,
                    task.called(id, task.name() + ", " + more + " more"),
                    more,
                    handsMin * share,
                    held.stream()
                            .map(h -> new Held(
                                    h.tool(), h.owned(), (int) Math.max(1, Math.ceil(h.wanted() * share)), h.hours()))
                            .toList(),
                    driesIn);
        }
    }

    /**
     * Something that there is only so much of.
     *
     * @param tool its name
     * @param owned how many there are, or how many pieces or flowers it takes at a time; above 0
     * @param wanted for all flowers of the line
     * @param hours from the end of the task until they are free again
     */
    public record Held(String tool, int owned, int wanted, double hours) {}

    /** What must have happened to the flowers of a line before they leave. */
    public record HandOverGate(int line, Plan.Gate gate) {}

    /** The same with other tasks. */
    public OrderSheet with(List<OrderTask> others, List<HandOverGate> gates) {
        double minutes = others.stream().mapToDouble(OrderTask::handsMin).sum();
        return new OrderSheet(cuts, shades, wires, stamens, bought, minutes, others, gates);
    }

    /** Adds up an order. Spares are taken for each kind of piece over the whole order. */
    public static OrderSheet of(List<Line> lines, Conditions conditions) {
        return of(lines, conditions, Progress.UNWATCHED);
    }

    /**
     * Adds up an order.
     *
     * @throws Progress.Stopped where it is no longer wanted
     */
    public static OrderSheet of(List<Line> lines, Conditions conditions, Progress progress) {
        AssessedLines assessed = new AssessedLines(lines, conditions);
        Adding adding = new Adding(conditions);
        for (int i = 0; i < assessed.size(); i++) {
            progress.reached(
                    (double) i / assessed.size(),
                    "Reckoning " + assessed.line(i).species().name());
            adding.add(i, assessed.line(i), assessed.assessment(i));
        }
        return adding.sheet();
    }

    private static final class Adding {
        private final Conditions conditions;
        private final List<CutLine> cuts = new ArrayList<>();
        private final List<ShadeLine> shades = new ArrayList<>();
        private final List<WireLine> wires = new ArrayList<>();
        private final List<StamenLine> stamens = new ArrayList<>();
        private final List<BoughtLine> bought = new ArrayList<>();
        private final List<OrderTask> tasks = new ArrayList<>();
        private final List<HandOverGate> handOver = new ArrayList<>();
        private final Map<Assessment, Plan> plans = new IdentityHashMap<>();
        private final Map<Medium, List<Shade>> mixed = new EnumMap<>(Medium.class);
        private final Map<Pool, int[]> pools = new HashMap<>();
        private double handsMin;

        Adding(Conditions conditions) {
            this.conditions = conditions;
        }

        void add(int at, Line line, Assessment a) {
            Map<String, double[]> grams = new LinkedHashMap<>();
            addHead(a, line.species().name(), line.count(), grams);
            for (Assessment.OpenedHeads opened : a.opened()) {
                addHead(
                        opened.head(),
                        line.species().name() + ", " + opened.opening().name(),
                        line.count() * opened.opening().count(),
                        grams);
            }
            for (Shade shade : a.species().shades()) {
                double[] all = grams.getOrDefault(shade.id(), new double[2]);
                double pieceG = all[0];
                double mixG = all[0] + all[1];
                shades.add(new ShadeLine(
                        line.species().name(),
                        a.species().medium(),
                        shade.name(),
                        shade.master(),
                        MixingLaw.colour(shade),
                        pieceG,
                        mixG,
                        mixG * shade.share(),
                        mixG * (1 - shade.share())));
            }
            Plan plan = plans.computeIfAbsent(a, Planning::of);
            plan.handOver().forEach(gate -> handOver.add(new HandOverGate(at, gate)));
            for (Plan.Task task : plan.tasks()) {
                double hands =
                        task.doing() == Plan.Doing.MIX ? mixMin(a, line.count()) : task.handsMin() * line.count();
                handsMin += hands;
                tasks.add(new OrderTask(
                        at,
                        line.species().name(),
                        task,
                        task.partId()
                                        .flatMap(a.species()::part)
                                        .map(part -> counted(task.doing(), part))
                                        .orElse(0)
                                * line.count(),
                        hands,
                        Tools.of(a, plan, task, line.count()),
                        task.partId()
                                .flatMap(a.species()::part)
                                .map(a::ways)
                                .orElse(a.ways())
                                .driesIn()));
            }
        }

        private static int counted(Plan.Doing doing, Part part) {
            return switch (doing) {
                case MIX -> 0;
                case MAKE, MAKE_AND_SET, JOIN -> part.units();
                case DUST, PAINT -> part.colouredPieces();
            };
        }

        /** Minutes to mix a line's shades; one that an earlier line mixes already is only more of it. */
        private double mixMin(Assessment a, int flowers) {
            double minutes = Work.mixMin(a, flowers);
            for (Shade shade : a.species().shades()) {
                boolean known = mixed.getOrDefault(a.species().medium(), List.of()).stream()
                        .anyMatch(other -> MixedTogether.together(other, shade));
                if (known && Work.mixes(a, shade)) {
                    minutes -= conditions.pace().minutes(Hands.of(Operation.MIX, 1));
                }
            }
            mixed.computeIfAbsent(a.species().medium(), m -> new ArrayList<>())
                    .addAll(a.species().shades().stream()
                            .filter(shade -> Work.mixes(a, shade))
                            .toList());
            return minutes;
        }

        /** Adds the parts of heads that are all alike. Spares are made of whatever breaks as one. */
        private void addHead(Assessment a, String species, int heads, Map<String, double[]> grams) {
            a.species().heads().ifPresent(further -> further.wireCuts()
                    .forEach(w -> wires.add(new WireLine(
                            w.gauge(), w.lengthMm(), w.count() * heads, species + ", " + further.wireName()))));
            for (Part part : a.species().ownParts()) {
                int units = part.units();
                int needed = units * heads;
                int spares = a.lumps(part).isEmpty() ? 0 : spares(a, part, needed);
                double share = (double) (needed + spares) / units;
                double lost = lostPerG(a, part);
                for (Lump lump : a.lumps(part)) {
                    double all = a.paste().grams(lump.volumeMm3()) * lump.count() * share;
                    double[] sums = grams.computeIfAbsent(lump.shade(), s -> new double[2]);
                    sums[0] += all;
                    sums[1] += all * lost;
                }
                addPart(a, species, part, needed, spares);
            }
        }

        /** What is cut by one cutter from one shade at one thickness: a spare of one is a spare of all. */
        private record Pool(PieceSort sort, Cut cut, double rolledMm, double finishedMm, String master, double share) {}

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
                    shade.master(),
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
            return cut.map(c -> lying(c, grooved(a, part), conditions.kit()).lostPerG(again))
                    .orElse(0.0);
        }

        private static boolean grooved(Assessment a, Part part) {
            return part.flat().filter(p -> Work.grooved(a, p)).isPresent();
        }

        /** Two shades rolled together part no more. */
        private static boolean twoColoured(Part part) {
            return part.flat().flatMap(p -> p.pieces().lining()).isPresent();
        }

        private void addPart(Assessment a, String species, Part part, int needed, int spares) {
            int units = part.units();
            part.startsFrom(a)
                    .ifPresent(start -> cuts.add(new CutLine(
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
                cuts.add(new CutLine(
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
                bought.add(new BoughtLine(
                        species,
                        part.name(),
                        new Bought(one.of(), one.wideMm(), one.highMm(), one.count() * needed / units)));
            }
            if (part.boughtStrands() > 0) {
                stamens.add(new StamenLine(species, part.name(), part.boughtStrands() * needed));
            }
            for (WireCut cut : part.wireCuts()) {
                wires.add(new WireLine(
                        cut.gauge(),
                        cut.lengthMm(),
                        cut.count() * (needed + spares) / units,
                        species + ", " + part.wireName()));
            }
        }

        OrderSheet sheet() {
            return new OrderSheet(cuts, shades, wires, stamens, bought, handsMin, tasks, handOver);
        }
    }
}
