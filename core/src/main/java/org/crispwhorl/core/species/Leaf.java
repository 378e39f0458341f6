package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** Equal leaves set round the stem at one height. */
@Words(label = "leaves", means = "Equal leaves set round the stem at one height.")
public record Leaf(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Words(label = "pieces") Pieces pieces,

        @Quantity(
                label = "dust passes",
                unit = Unit.COUNT,
                min = 0,
                max = 6,
                usual = 1,
                means = "How many times dust is gone over each piece.")
        int dustPasses)
        implements Petaled {
    public Leaf {
        Limits.check(Leaf.class, id, name, shade, pieces, dustPasses);
    }

    @Override
    public Leaf with(Pieces newPieces) {
        return new Leaf(id, name, shade, newPieces, dustPasses);
    }
}
