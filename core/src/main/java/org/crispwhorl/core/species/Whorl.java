package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Words;

/** A ring of equal petals. */
@Words(label = "ring", means = "Equal petals round the axis.")
public record Whorl(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Words(label = "pieces") Pieces pieces,
        @Words(label = "colour") Colouring colour)
        implements Petaled {
    public Whorl {
        Limits.check(Whorl.class, id, name, shade, pieces, colour);
    }

    @Override
    public Whorl with(Pieces newPieces) {
        return new Whorl(id, name, shade, newPieces, colour);
    }

    @Override
    public Whorl with(Colouring newColour) {
        return new Whorl(id, name, shade, pieces, newColour);
    }
}
