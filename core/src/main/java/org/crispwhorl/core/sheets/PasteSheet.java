package org.crispwhorl.core.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.paste.MasterColour;

/** What to mix, strong colour by strong colour, in whole grams; how to make a shade again where it runs out. */
final class PasteSheet {
    private PasteSheet() {}

    static List<Block> of(Materials materials) {
        List<Block> blocks = new ArrayList<>();
        for (Materials.PasteJob job : materials.pastes()) {
            blocks.add(Block.Note.of(job.grams() + " g of " + job.medium().label()
                    + " in all: spares, what is lost between the cuts and a tenth of each strong colour in reserve are in it."
                    + (job.gumG() > 0 ? " Knead " + Unit.G.write(job.gumG()) + " of gum powder into it." : "")));
            for (Batch batch : job.batches()) {
                blocks.add(new Block.Heading(
                        "Strong colour", "for " + job.medium().label(), Optional.empty(), Optional.of(batch.strong())));
                blocks.add(steps(batch));
                blocks.add(new Block.Table(
                        "Shades",
                        COLUMNS,
                        batch.shades().stream().map(PasteSheet::row).toList()));
                batch.ladders().forEach(ladder -> blocks.add(letDown(ladder)));
            }
        }
        return blocks;
    }

    private static Block steps(Batch batch) {
        List<String> steps = new ArrayList<>();
        if (batch.whiteG() == 0 && batch.shades().stream().allMatch(shade -> shade.whiteG() == 0)) {
            steps.add("Nothing to mix: take " + batch.strongG() + " g of it as it is; a tenth of it stays in reserve.");
            return new Block.Steps(steps);
        }
        steps.add("Mix " + batch.strongG() + " g of the strong colour"
                + (batch.master().isEmpty()
                        ? ""
                        : ", of " + MasterColour.told(batch.master())
                                + ", a little at a time until it is like its swatch")
                + "; a tenth of it stays in reserve.");
        if (batch.whiteG() > 0) {
            steps.add("Have " + batch.whiteG() + " g of white ready.");
            steps.add(
                    batch.shades().size() > 1
                            ? "Knead each shade together as below, the strongest first."
                            : "Knead them together as below.");
        }
        return new Block.Steps(steps);
    }

    private static final List<Block.Column> COLUMNS = List.of(
            new Block.Column("shade", Block.Holds.TEXT, 5),
            new Block.Column("for", Block.Holds.TEXT, 6),
            new Block.Column("strong g", Block.Holds.NUMBER, 3),
            new Block.Column("white g", Block.Holds.NUMBER, 3),
            new Block.Column("in all g", Block.Holds.NUMBER, 3),
            new Block.Column("if it runs out, for 10 g", Block.Holds.TEXT, 8),
            new Block.Column("mixed", Block.Holds.BOX, 2));

    private static List<Cell> row(Batch.Mixed shade) {
        return List.of(
                Cell.patch(shade.colour(), shade.name()),
                shade.alike()
                        .map(a -> Cell.marked(Mark.CHECK, whose(shade) + "; cannot be told from " + a))
                        .orElse(Cell.text(whose(shade))),
                Cell.count(shade.strongG()),
                Cell.count(shade.whiteG()),
                Cell.count(shade.grams()),
                Cell.text(again(shade)),
                Cell.EMPTY);
    }

    /** For whom a shade is; where it is for several, what each takes of it. */
    private static String whose(Batch.Mixed shade) {
        return shade.portions().isEmpty()
                ? shade.whose()
                : "mixed at once: "
                        + shade.portions().stream()
                                .map(p -> p.whose() + " " + Math.round(p.grams()) + " g")
                                .collect(Collectors.joining(", "));
    }

    private static String again(Batch.Mixed shade) {
        return shade.remade().stream()
                .map(w -> String.format(Locale.ROOT, "%.1f g %s + %.1f g %s", w.fromG(), w.from(), w.withG(), w.with()))
                .collect(Collectors.joining(", or "));
    }

    private static Block letDown(Batch.LetDown ladder) {
        return new Block.Patches(
                "the same shades by " + ladder.rule() + ": g of strong colour + g of white",
                ladder.rungs().stream()
                        .map(rung -> new Block.Patch(
                                rung.colour(), rung.name(), rung.strongG() + " + " + rung.whiteG(), Mark.NONE))
                        .toList());
    }
}
