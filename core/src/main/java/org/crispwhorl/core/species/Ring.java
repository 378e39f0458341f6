package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Marked;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.work.Steps;

/** A ring of equal petals. */
@Text(label = "ring", means = "Equal petals round the axis.")
@Marked(Marked.RING)
public record Ring(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Text(label = "pieces") Pieces pieces,
        @Text(label = "colour") Colouring colour)
        implements Petaled {
    public Ring {
        Limits.check(Ring.class, id, name, shade, pieces, colour);
    }

    @Override
    public Ring with(Pieces newPieces) {
        return new Ring(id, name, shade, newPieces, colour);
    }

    @Override
    public Ring with(Colouring newColour) {
        return new Ring(id, name, shade, pieces, newColour);
    }

    @Override
    public boolean inHead() {
        return true;
    }

    @Override
    public boolean ring() {
        return true;
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
        return PieceSteps.setting(pieces);
    }

    /** Only the inner rings, smaller and leaning out less. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        if (opening.core().isPresent()) {
            int wraps = ring == 1 ? opening.core().get().wraps() : 0;
            return wraps == 0 ? Optional.empty() : Optional.of(with(OpenedPieces.wrapping(pieces, wraps)));
        }
        return ring <= opening.rings()
                ? Optional.of(with(OpenedPieces.of(pieces, opening.size(), opening.open())))
                : Optional.empty();
    }
}
