package org.crispwhorl.core.sheets;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.wire.CuttingPlan;

/** Which wires are cut from which, gauge by gauge. */
final class WireSheet {
    /** The longest wire is drawn so long, with how often it is cut in front of it, mm of the paper. */
    private static final double LONGEST_MM = 150;

    private static final double OFTEN_MM = 24;
    private static final double BAR_MM = 5;
    private static final double ROW_MM = 7;

    /** Less than this left of a wire is not drawn, mm. */
    private static final double SEEN_MM = 0.5;

    private WireSheet() {}

    static List<Block> of(Materials materials) {
        double longest = materials.wires().stream()
                .flatMap(job -> job.plan().cuts().stream())
                .mapToDouble(CuttingPlan.WireCutting::fromMm)
                .max()
                .orElse(1);
        List<Block> blocks = new ArrayList<>();
        for (Materials.WireJob job : materials.wires()) {
            CuttingPlan plan = job.plan();
            blocks.add(Block.Heading.of(
                    job.gauge() + " gauge: " + plan.wholeWires() + " whole wires",
                    (plan.proved()
                                    ? "no plan needs fewer"
                                    : "at least " + plan.atLeast() + " are needed; this plan is not proved the best")
                            + ", " + job.owned() + " in the drawer"));
            plan.tooLong()
                    .forEach(piece -> blocks.add(new Block.Note(
                            Mark.STOP,
                            piece.count() + " × " + Unit.MM.write(piece.lengthMm())
                                    + " is longer than any wire: take a longer one, or join two.")));
            blocks.add(pieces(job));
            if (!plan.cuts().isEmpty()) {
                blocks.add(bars(plan.cuts(), LONGEST_MM / longest));
                blocks.add(cuts(plan.cuts()));
            }
        }
        return blocks;
    }

    private static Block pieces(Materials.WireJob job) {
        return new Block.Table(
                "Pieces of " + job.gauge() + " gauge",
                List.of(
                        new Block.Column("pieces", Block.Holds.NUMBER, 2),
                        new Block.Column("long", Block.Holds.LENGTH, 3),
                        new Block.Column("for", Block.Holds.TEXT, 12),
                        new Block.Column("cut", Block.Holds.BOX, 1)),
                job.pieces().stream()
                        .sorted(Comparator.comparingDouble((OrderSheet.WireLine w) -> -w.lengthMm()))
                        .map(w -> List.of(
                                Cell.count(w.count()), Cell.length(w.lengthMm()), Cell.text(w.use()), Cell.EMPTY))
                        .toList());
    }

    private static Block cuts(List<CuttingPlan.WireCutting> cuts) {
        return new Block.Table(
                "How they are cut",
                List.of(
                        new Block.Column("times", Block.Holds.NUMBER, 2),
                        new Block.Column("from", Block.Holds.LENGTH, 3),
                        new Block.Column("of", Block.Holds.TEXT, 3),
                        new Block.Column("cut into", Block.Holds.TEXT, 10),
                        new Block.Column("left of each", Block.Holds.LENGTH, 3)),
                cuts.stream()
                        .map(cut -> List.of(
                                Cell.count(cut.times()),
                                Cell.length(cut.fromMm()),
                                Cell.text(cut.offcut() ? "an offcut" : "a whole wire"),
                                Cell.text(pieces(cut)),
                                Cell.length(cut.leftMm())))
                        .toList());
    }

    private static String pieces(CuttingPlan.WireCutting cut) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        cut.piecesMm().forEach(mm -> counts.merge(Unit.MM.write(mm), 1, Integer::sum));
        return counts.entrySet().stream()
                .map(e -> e.getValue() + " × " + e.getKey())
                .collect(Collectors.joining(" + "));
    }

    private static Block bars(List<CuttingPlan.WireCutting> cuts, double scale) {
        List<Block.Box> boxes = new ArrayList<>();
        double y = 0;
        for (CuttingPlan.WireCutting cut : cuts) {
            boxes.add(new Block.Box(0, y, 0, BAR_MM, cut.times() + " ×" + (cut.offcut() ? " offcut" : ""), false));
            double x = OFTEN_MM;
            for (double piece : cut.piecesMm()) {
                boxes.add(new Block.Box(x, y, scale * piece, BAR_MM, Unit.MM.write(piece), false));
                x += scale * piece;
            }
            if (cut.leftMm() > SEEN_MM) {
                boxes.add(new Block.Box(x, y, scale * cut.leftMm(), BAR_MM, Unit.MM.write(cut.leftMm()), true));
            }
            y += ROW_MM;
        }
        return new Block.Sketch("", OFTEN_MM + LONGEST_MM, y, new double[0], List.of(), boxes);
    }
}
