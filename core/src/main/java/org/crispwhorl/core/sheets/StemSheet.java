package org.crispwhorl.core.sheets;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.drawer.PickFit;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.safety.Cautions;

/** Each stem from the centre down: what is taped in, how thick it gets, its tape, its pick, and whether it is strong enough. */
final class StemSheet {
    private StemSheet() {}

    static List<Block> of(Materials materials) {
        List<Block> blocks = new ArrayList<>();
        for (Materials.StemJob job : materials.stems()) {
            blocks.add(Block.Heading.of(
                            job.species(),
                            "finished piece "
                                    + Unit.G.write(job.plan().weightG()) + ", paste and wire; stem "
                                    + Unit.MM.write(job.plan().thickMm()) + " at its thickest; tape for one "
                                    + Unit.MM.write(job.plan().tapeMm()))
                    .counted(job.flowers()));
            blocks.add(new Block.Note(
                    job.plan().stem().strongEnough() ? Mark.FINE : Mark.CHECK,
                    "Its stem: " + job.plan().stem().advice()));
            blocks.add(pick(job.picks()));
            blocks.add(new Block.Table(
                    "Taped in",
                    List.of(
                            new Block.Column("taped in", Block.Holds.TEXT, 8),
                            new Block.Column("stem then", Block.Holds.LENGTH, 3),
                            new Block.Column("tape", Block.Holds.LENGTH, 3)),
                    job.plan().steps().stream()
                            .map(step -> List.of(
                                    Cell.text(step.part()), Cell.length(step.thickMm()), Cell.length(step.tapeMm())))
                            .toList()));
        }
        blocks.add(new Block.Note(
                Mark.CHECK,
                "No bare wire in food: every stem goes into a food-safe pick. Wires, stamens, tape and picks are not food: count them"
                        + " in, and count them out before serving. " + Cautions.RULES));
        return blocks;
    }

    private static Block pick(List<PickFit> picks) {
        return picks.stream()
                .filter(PickFit::fits)
                .findFirst()
                .map(p -> new Block.Note(Mark.FINE, "Pick: " + p.pick().name() + ", " + p.reason()))
                .orElseGet(() -> new Block.Note(
                        Mark.STOP,
                        "Pick: none of the drawer fits."
                                + String.join(
                                        "",
                                        picks.stream()
                                                .map(p -> " " + p.pick().name() + ": " + p.reason() + ".")
                                                .toList())));
    }
}
