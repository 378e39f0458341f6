package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.work.Steps;

/** A calyx: a ring of sepals behind the flower. Stars are stacked as one calyx in the gaps of another. */
@Text(
        label = "calyx",
        means = "Sepals behind the flower: cut singly, as a star, snipped from a hollowed cone, or of tape.")
public record Calyx(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Text(label = "pieces") Pieces pieces,
        @Text(label = "colour") Colouring colour)
        implements Petaled {
    public Calyx {
        Limits.check(Calyx.class, id, name, shade, pieces, colour);
    }

    @Override
    public Calyx with(Pieces newPieces) {
        return new Calyx(id, name, shade, newPieces, colour);
    }

    @Override
    public Calyx with(Colouring newColour) {
        return new Calyx(id, name, shade, pieces, newColour);
    }

    @Override
    public boolean inHead() {
        return true;
    }

    @Override
    public boolean ring() {
        return false;
    }

    @Override
    public boolean midrib() {
        return false;
    }

    @Override
    public double belowMm(int piece) {
        return 0;
    }

    @Override
    public Optional<double[]> ownAzimuthsRad() {
        return Optional.empty();
    }

    @Override
    public Veiner.Laid laid() {
        return Veiner.Laid.TOWARDS_BASE;
    }

    @Override
    public Steps setting() {
        return PieceSteps.fitting(pieces);
    }

    /** A bud without rings is shut by its calyx; behind rings it stays open. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return Optional.of(with(OpenedPieces.of(pieces, opening.size(), opening.rings() > 0 ? 1 : opening.open())));
    }
}
