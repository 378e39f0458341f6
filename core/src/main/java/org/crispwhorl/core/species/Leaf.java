package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.hands.Hands;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.solid.Scatter;

/** Equal leaves or bracts on the stem, in a collar, in pairs or staggered down it. */
@Words(label = "leaves", means = "Leaves or bracts on the stem.")
public record Leaf(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Words(label = "pieces") Pieces pieces,
        @Words(label = "set on the stem") Along along,

        @Quantity(
                label = "apart",
                unit = Unit.MM,
                min = 0,
                max = 150,
                usual = 20,
                means = "Down the stem from one set to the next.")
        double apartMm,

        @Words(label = "colour") Colouring colour)
        implements Petaled {
    public Leaf {
        Limits.check(Leaf.class, id, name, shade, pieces, along, apartMm, colour);
    }

    @Override
    public Leaf with(Pieces newPieces) {
        return new Leaf(id, name, shade, newPieces, along, apartMm, colour);
    }

    @Override
    public Leaf with(Colouring newColour) {
        return new Leaf(id, name, shade, pieces, along, apartMm, newColour);
    }

    /** How leaves stand along the stem. */
    public enum Along {
        @Words(label = "in a collar", means = "All at one height.")
        COLLAR,
        @Words(label = "in pairs", means = "Two at a time, each pair across the one above.")
        PAIRS,
        @Words(label = "staggered", means = "One at a time, a golden angle on.")
        STAGGERED
    }

    /** 0 for all in a collar. */
    @Override
    public double belowMm(int leaf) {
        return switch (along) {
            case COLLAR -> 0;
            case PAIRS -> apartMm * (leaf / 2);
            case STAGGERED -> apartMm * leaf;
        };
    }

    @Override
    public boolean inHead() {
        return false;
    }

    @Override
    public boolean ring() {
        return false;
    }

    @Override
    public boolean midrib() {
        return true;
    }

    /** Pairs stand across the one above, staggered leaves a golden angle on. */
    @Override
    public Optional<double[]> ownAzimuthsRad() {
        if (along == Along.COLLAR) {
            return Optional.empty();
        }
        double[] azimuths = new double[pieces.count()];
        for (int i = 0; i < azimuths.length; i++) {
            azimuths[i] = Math.toRadians(pieces.place().turnDeg())
                    + (along == Along.STAGGERED
                            ? Math.toRadians(Scatter.GOLDEN_DEG) * i
                            : Math.PI * (i % 2) + Math.PI / 2 * (i / 2 % 2));
        }
        return Optional.of(azimuths);
    }

    /** A leaf's veins spring from its midrib and end in its tip. */
    @Override
    public Veiner.Laid laid() {
        return Veiner.Laid.TOWARDS_TIP;
    }

    @Override
    public Hands setting() {
        return pieces.setting();
    }

    /** Leaves stand on the stem, not on a head. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return Optional.empty();
    }
}
