package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** A ring of equal single petals. */
@Words(label = "ring", means = "Equal single petals round the axis.")
public record Whorl(
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
    public Whorl {
        Limits.check(Whorl.class, id, name, shade, pieces, dustPasses);
    }

    @Override
    public Whorl with(Pieces newPieces) {
        return new Whorl(id, name, shade, newPieces, dustPasses);
    }
}
