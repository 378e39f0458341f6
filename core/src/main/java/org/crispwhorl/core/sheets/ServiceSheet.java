package org.crispwhorl.core.sheets;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.ServiceCard;

/** The card that goes with an order to whoever serves it: what comes out, what may not be eaten, how it is kept until then. */
final class ServiceSheet {
    private ServiceSheet() {}

    static List<Block> of(Materials materials) {
        ServiceCard card = materials.service();
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Table(
                "Flowers",
                List.of(
                        new Block.Column("", Block.Holds.NUMBER, 1),
                        new Block.Column("flowers", Block.Holds.TEXT, 6),
                        new Block.Column("of", Block.Holds.TEXT, 4),
                        new Block.Column("", Block.Holds.TEXT, 4)),
                card.flowers().stream()
                        .map(f -> List.of(
                                Cell.count(f.count()),
                                Cell.text(f.species()),
                                Cell.text(f.medium()),
                                f.edible() ? Cell.text("sugar may be eaten") : Cell.marked(Mark.STOP, "never food")))
                        .toList()));
        blocks.add(Block.Heading.of("Take out, and count"));
        blocks.add(
                card.takenOut().isEmpty() ? Block.Note.of("Nothing in these flowers has to be taken out.") : out(card));
        blocks.add(Block.Heading.of("Allergens"));
        blocks.add(
                card.allergens().isEmpty()
                        ? Block.Note.of("None that the studio knows of in what was used.")
                        : new Block.Note(Mark.STOP, "Contains " + String.join(", ", card.allergens()) + "."));
        if (!card.notEaten().isEmpty()) {
            blocks.add(Block.Heading.of("Not to be eaten"));
            card.notEaten().forEach(one -> blocks.add(new Block.Note(Mark.CHECK, one)));
        }
        blocks.add(Block.Heading.of("Keeping it"));
        card.keeping().forEach(one -> blocks.add(Block.Note.of(one)));
        blocks.add(Block.Note.of("Small hard pieces: keep them from small children."));
        blocks.add(Block.Note.of(card.ask()));
        return blocks;
    }

    private static Block out(ServiceCard card) {
        return new Block.Table(
                "Taken out",
                List.of(
                        new Block.Column("", Block.Holds.NUMBER, 1),
                        new Block.Column("what", Block.Holds.TEXT, 3),
                        new Block.Column("put in", Block.Holds.BOX, 2),
                        new Block.Column("counted out", Block.Holds.BOX, 2),
                        new Block.Column("in", Block.Holds.TEXT, 8)),
                card.takenOut().stream()
                        .map(t -> List.of(
                                Cell.count(t.count()),
                                Cell.text(t.what()),
                                Cell.EMPTY,
                                Cell.EMPTY,
                                Cell.text(String.join(", ", t.in()))))
                        .toList());
    }
}
