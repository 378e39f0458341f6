package org.crispwhorl.core.order;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.MasterColour;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.Bought;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.work.Said;

/**
 * What an order of several species takes: pieces by cutter, paste by shade, wire by gauge and length, stamens, hours.
 *
 * @param labourMin minutes of working time in all
 */
public record OrderSheet(
        List<CutLine> cuts,
        List<ShadeLine> shades,
        List<WireLine> wires,
        List<StamenLine> stamens,
        List<BoughtLine> bought,
        double labourMin,
        List<OrderTask> tasks,
        List<HandOverGate> handOver) {

    /**
     * How many of a species are wanted.
     *
     * @param id of its line of the order
     */
    public record Line(String id, Species species, int count) {
        /** The only line of its species. */
        public static Line of(Species species, int count) {
            return new Line(species.name(), species, count);
        }
    }

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

    static Nesting lying(Cut cut, boolean grooved, Kit kit) {
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
            String strong,
            List<MasterColour> master,
            String colour,
            double pieceG,
            double mixG,
            double strongG,
            double whiteG) {
        public ShadeLine {
            master = List.copyOf(master);
        }

        /** Of what it is mixed, in grams as hands weigh them; none where it is taken as it is. */
        public Optional<String> mixed() {
            return strongG > 0 && whiteG > 0
                    ? Optional.of(
                            Said.grams(strongG) + " of master" + coloured() + ", " + Said.grams(whiteG) + " of white")
                    : Optional.empty();
        }

        /** What its master is coloured with, in brackets; nothing where that is not said, or none is in it. */
        public String coloured() {
            return strongG > 0 && !master.isEmpty() ? " (" + MasterColour.told(master) + ")" : "";
        }
    }

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
     * @param line its id
     * @param flowers of the line
     * @param pieces that go through the hands one by one: cuts where they are made, petals where they are set
     * @param held what there is only so much of and it takes: formers, hooks, room in the cabinet; none where it needs none, or where
     *     the kit does not say how much there is
     * @param driesIn where what was worked on dries afterwards
     * @param shade sRGB colour of the paste of the part that is worked on; none where it is not one part, or has no shade
     */
    @RecordBuilder
    public record OrderTask(
            String line,
            String species,
            Plan.Task task,
            int flowers,
            int pieces,
            double labourMin,
            List<Held> held,
            Techniques.DriesIn driesIn,
            Optional<String> shade) {
        public OrderTask {
            held = List.copyOf(held);
        }

        /** The same, waiting for another task as it waits for one. */
        public OrderTask waitingFor(String one, String another) {
            List<Plan.Gate> gates = task.gates().stream()
                    .flatMap(g -> g.afterTask().equals(one) ? Stream.of(g, g.after(another)) : Stream.of(g))
                    .toList();
            return OrderSheetOrderTaskBuilder.builder(this)
                    .task(task.gated(gates))
                    .build();
        }

        /** The same where there is so much of something that it takes. */
        private OrderTask owning(String tool, int owned) {
            return OrderSheetOrderTaskBuilder.builder(this)
                    .held(held.stream()
                            .map(h -> h.tool().equals(tool) ? new Held(tool, owned, h.wanted(), h.hours()) : h)
                            .toList())
                    .build();
        }

        /** The same work on some more pieces, what it takes by their share. */
        public OrderTask again(String id, int more) {
            double share = (double) more / pieces;
            return OrderSheetOrderTaskBuilder.builder(this)
                    .task(task.called(id, task.name() + ", " + more + " more"))
                    .pieces(more)
                    .labourMin(labourMin * share)
                    .held(held.stream()
                            .map(h -> new Held(
                                    h.tool(), h.owned(), (int) Math.max(1, Math.ceil(h.wanted() * share)), h.hours()))
                            .toList())
                    .build();
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
    public record HandOverGate(String line, Plan.Gate gate) {}

    /** The same where there is so much of something that its tasks take. */
    public OrderSheet owning(String tool, int owned) {
        return with(tasks.stream().map(t -> t.owning(tool, owned)).toList());
    }

    /** Of what its tasks take more than there is at once, by its name, how much there is. */
    public Map<String, Integer> lacking() {
        Map<String, Integer> lacking = new TreeMap<>();
        tasks.stream()
                .flatMap(t -> t.held().stream())
                .filter(h -> h.wanted() > h.owned())
                .forEach(h -> lacking.put(h.tool(), h.owned()));
        return lacking;
    }

    /** The same with other tasks. */
    public OrderSheet with(List<OrderTask> others) {
        double minutes = others.stream().mapToDouble(OrderTask::labourMin).sum();
        return new OrderSheet(cuts, shades, wires, stamens, bought, minutes, others, handOver);
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
                    "Working out " + assessed.line(i).species().name());
            adding.add(assessed.line(i), assessed.assessment(i));
        }
        return adding.sheet();
    }
}
