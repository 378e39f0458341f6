package org.crispwhorl.core.sheets;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.colour.Worn;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.ColourSheet;
import org.crispwhorl.core.order.Materials;

/** What is dusted and painted, in order of work: with what, how, where, how strong and when, and what it leaves. */
final class PassSheet {
    private static final double MG_PER_G = 1000;

    private PassSheet() {}

    static List<Block> of(Materials materials) {
        ColourSheet colours = materials.colours();
        if (colours.parts().isEmpty()) {
            return List.of(Block.Note.of("Nothing of this order is dusted or painted."));
        }
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Patches(
                "Colours that are used",
                colours.colours().stream().map(PassSheet::patch).toList()));
        for (ColourSheet.PartJob part : colours.parts()) {
            blocks.add(Block.Heading.of(part.part(), part.species()).counted(part.pieces()));
            blocks.add(worn(part.worn()));
            blocks.add(new Block.Table("Passes", COLUMNS, rows(part)));
        }
        blocks.add(new Block.Note(
                Mark.CHECK,
                "A dust called non-toxic is not therefore food: where a flower may be eaten, use what is sold as edible, and follow"
                        + " your local food rules; where in doubt ask a qualified adviser."));
        return blocks;
    }

    private static Block.Patch patch(ColourSheet.ColourJob job) {
        String amount = job.milligrams() < MG_PER_G
                ? Unit.MILLIGRAM.write(Math.max(1, job.milligrams()))
                : Unit.G.write(job.milligrams() / MG_PER_G);
        boolean there = job.owned().filter(n -> n > 0).isPresent();
        return new Block.Patch(
                job.swatch(),
                job.name(),
                Text.Labels.of(job.form()) + ", about " + amount + (there ? "" : ", not in the drawer"),
                there ? Mark.NONE : Mark.CHECK);
    }

    private static Block worn(Worn worn) {
        return new Block.Patches(
                "",
                List.of(
                        new Block.Patch(worn.paste(), "paste", "", Mark.NONE),
                        new Block.Patch(worn.foot(), "foot", "", Mark.NONE),
                        new Block.Patch(worn.middle(), "middle", "", Mark.NONE),
                        new Block.Patch(worn.edge(), "edge", "", Mark.NONE),
                        new Block.Patch(worn.back(), "back", "", Mark.NONE)));
    }

    private static final List<Block.Column> COLUMNS = List.of(
            new Block.Column("pass", Block.Holds.NUMBER, 2),
            new Block.Column("colour", Block.Holds.TEXT, 6),
            new Block.Column("how and where", Block.Holds.TEXT, 8),
            new Block.Column("strong %", Block.Holds.NUMBER, 3),
            new Block.Column("when", Block.Holds.TEXT, 4),
            new Block.Column("after it", Block.Holds.TEXT, 4),
            new Block.Column("done", Block.Holds.BOX, 2));

    private static List<List<Cell>> rows(ColourSheet.PartJob part) {
        List<List<Cell>> rows = new ArrayList<>();
        for (ColourSheet.PassJob pass : part.passes()) {
            rows.add(List.of(
                    Cell.count(rows.size() + 1),
                    pass.swatch().map(s -> Cell.patch(s, pass.what())).orElse(Cell.text(pass.what())),
                    Cell.text(pass.how() + ", " + pass.where()),
                    Cell.number(100 * pass.strength(), 0),
                    Cell.text(pass.when()),
                    Cell.text(pass.after()),
                    Cell.EMPTY));
        }
        return rows;
    }
}
