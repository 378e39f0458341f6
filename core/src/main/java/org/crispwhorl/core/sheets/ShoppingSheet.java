package org.crispwhorl.core.sheets;

import java.util.List;
import org.crispwhorl.core.order.Materials;

/** What the order takes against what the drawer has. */
final class ShoppingSheet {
    private ShoppingSheet() {}

    static List<Block> of(Materials materials) {
        return List.of(new Block.Table(
                "Shopping list",
                List.of(
                        new Block.Column("what", Block.Holds.TEXT, 7),
                        new Block.Column("needed", Block.Holds.NUMBER, 2),
                        new Block.Column("in the drawer", Block.Holds.NUMBER, 2),
                        new Block.Column("buy", Block.Holds.NUMBER, 3),
                        new Block.Column("unit", Block.Holds.TEXT, 2),
                        new Block.Column("note", Block.Holds.TEXT, 6),
                        new Block.Column("got", Block.Holds.BOX, 1)),
                materials.shopping().stream()
                        .map(l -> List.of(
                                Cell.text(l.what()),
                                Cell.number(l.needed(), 1),
                                Cell.number(l.owned(), 1),
                                buy(l.missing()),
                                Cell.text(l.sign()),
                                Cell.text(l.note()),
                                Cell.EMPTY))
                        .toList()));
    }

    private static Cell buy(double missing) {
        Cell cell = Cell.number(missing, 1);
        return missing > 0 ? cell.marked(Mark.CHECK) : cell.marked(Mark.FINE);
    }
}
