package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** Sepals behind the flower, each a piece of its own. */
@Words(label = "calyx", means = "Sepals behind the flower, each a piece of its own.")
public record Calyx(
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
    public Calyx {
        Limits.check(Calyx.class, id, name, shade, pieces, dustPasses);
    }

    @Override
    public Calyx with(Pieces newPieces) {
        return new Calyx(id, name, shade, newPieces, dustPasses);
    }
}
