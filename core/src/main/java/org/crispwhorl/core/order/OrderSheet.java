package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.bench.Spares;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.reckoning.Conditions;
import org.crispwhorl.core.reckoning.Plan;
import org.crispwhorl.core.reckoning.Planning;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Shade;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;

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
        double handsMin,
        List<OrderTask> tasks,
        List<HandOverGate> handOver) {

    /** How many of a species are wanted. */
    public record Line(Species species, int count) {}

    /**
     * Pieces cut with one cutter from one shade.
     *
     * @param needed pieces in the flowers
     * @param spares more to cut, by the odds of breakage
     * @param grams paste in one piece
     */
    public record CutLine(
            String species,
            String part,
            String shade,
            double lengthMm,
            double widthMm,
            double rolledMm,
            int needed,
            int spares,
            double grams) {}

    /** Paste of one shade: what is in the pieces with their spares, and what to mix with scrap. */
    public record ShadeLine(
            String species, String shade, String colour, double pieceG, double mixG, double masterG, double whiteG) {}

    /** Wires of one gauge cut to one length. */
    public record WireLine(int gauge, double lengthMm, int count, String use) {}

    /** Strands of stamens. */
    public record StamenLine(String species, String part, int strands) {}

    /**
     * A task of the plan for all flowers of one line of the order.
     *
     * @param line which line, from 0
     */
    public record OrderTask(int line, String species, Plan.Task task, double handsMin) {}

    /** What must have happened to the flowers of a line before they leave. */
    public record HandOverGate(int line, Plan.Gate gate) {}

    /** Adds up an order. Spares are taken for each kind of piece over the whole order. */
    public static OrderSheet of(List<Line> lines, Conditions conditions) {
        Adding adding = new Adding(conditions);
        for (int i = 0; i < lines.size(); i++) {
            adding.add(i, lines.get(i));
        }
        return adding.sheet();
    }

    private static final class Adding {
        private final Conditions conditions;
        private final List<CutLine> cuts = new ArrayList<>();
        private final List<ShadeLine> shades = new ArrayList<>();
        private final List<WireLine> wires = new ArrayList<>();
        private final List<StamenLine> stamens = new ArrayList<>();
        private final List<OrderTask> tasks = new ArrayList<>();
        private final List<HandOverGate> handOver = new ArrayList<>();
        private double handsMin;

        Adding(Conditions conditions) {
            this.conditions = conditions;
        }

        void add(int at, Line line) {
            Assessment a = new Assessment(line.species(), conditions);
            Map<String, Double> grams = new LinkedHashMap<>();
            for (Part part : line.species().parts()) {
                int needed = Assessment.pieces(part) * line.count();
                int spares = part instanceof Stamens ? 0 : Spares.UNRECORDED.forPieces(needed);
                grams.merge(part.shade(), a.pieceG(part) * (needed + spares), Double::sum);
                addPart(a, line, part, needed, spares);
            }
            for (Shade shade : line.species().shades()) {
                double pieceG = grams.getOrDefault(shade.id(), 0.0);
                double mixG = pieceG / (1 - conditions.kit().scrapShare());
                shades.add(new ShadeLine(
                        line.species().name(),
                        shade.name(),
                        MixingLaw.colour(shade),
                        pieceG,
                        mixG,
                        mixG * shade.share(),
                        mixG * (1 - shade.share())));
            }
            Plan plan = Planning.of(a);
            plan.handOver().forEach(gate -> handOver.add(new HandOverGate(at, gate)));
            for (Plan.Task task : plan.tasks()) {
                double hands = task.doing() == Plan.Doing.MIX ? task.handsMin() : task.handsMin() * line.count();
                handsMin += hands;
                tasks.add(new OrderTask(at, line.species().name(), task, hands));
            }
        }

        private void addPart(Assessment a, Line line, Part part, int needed, int spares) {
            String species = line.species().name();
            if (part instanceof Petaled petaled) {
                var pieces = petaled.pieces();
                cuts.add(new CutLine(
                        species,
                        part.name(),
                        line.species().shade(part.shade()).name(),
                        pieces.cut().lengthMm(),
                        pieces.cut().widthMm(),
                        pieces.thinning().rolledMm(),
                        needed,
                        spares,
                        a.pieceG(part)));
                if (pieces.attachment() instanceof Attachment.Wired wired) {
                    wires.add(new WireLine(
                            wired.gauge(), wired.cutLengthMm(), needed + spares, species + ", " + part.name()));
                }
            } else if (part instanceof Heart heart) {
                wires.add(new WireLine(
                        heart.gauge(), heart.wireMm(), heart.wires() * (needed + spares), species + ", stem"));
            } else if (part instanceof Stamens s) {
                stamens.add(new StamenLine(species, part.name(), s.strands() * line.count()));
            }
        }

        OrderSheet sheet() {
            return new OrderSheet(cuts, shades, wires, stamens, handsMin, tasks, handOver);
        }
    }
}
