package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** Equal leaves or bracts on the stem, in a collar, in pairs or staggered down it. */
@Text(label = "leaves", means = "Leaves or bracts on the stem.")
public record Leaf(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Text(label = "pieces") Pieces pieces,
        @Text(label = "set on the stem") Along along,

        @Quantity(label = "at a node", unit = Unit.COUNT, min = 2, max = 12, usual = 3, means = "Leaves of one ring.")
        int perNode,

        @Quantity(
                label = "apart",
                unit = Unit.MM,
                min = 0,
                max = 150,
                usual = 20,
                means = "Down the stem from one set to the next.")
        double apartMm,

        @Text(label = "colour") Colouring colour)
        implements Petaled {
    public Leaf {
        Limits.check(Leaf.class, id, name, shade, pieces, along, perNode, apartMm, colour);
    }

    /** Leaves that do not stand in rings. */
    public Leaf(String id, String name, String shade, Pieces pieces, Along along, double apartMm, Colouring colour) {
        this(id, name, shade, pieces, along, USUAL_AT_A_NODE, apartMm, colour);
    }

    private static final int USUAL_AT_A_NODE = 3;

    @Override
    public List<String> idle() {
        List<String> idle = new ArrayList<>(Petaled.super.idle());
        if (along != Along.RINGS) {
            idle.add("perNode");
        }
        if (along == Along.COLLAR) {
            idle.add("apartMm");
        }
        return idle;
    }

    @Override
    public Leaf with(Pieces newPieces) {
        return new Leaf(id, name, shade, newPieces, along, perNode, apartMm, colour);
    }

    @Override
    public Leaf with(Colouring newColour) {
        return new Leaf(id, name, shade, pieces, along, perNode, apartMm, newColour);
    }

    /** How leaves stand along the stem. */
    @ShownAsPicture
    public enum Along {
        @Text(label = "in a collar", means = "All at one height.")
        COLLAR,
        @Text(label = "in pairs", means = "Two at a time, each pair across the one above.")
        PAIRS,
        @Text(label = "in rings", means = "Several at each node, each ring in the gaps of the one above.")
        RINGS,
        @Text(label = "staggered", means = "One at a time, a golden angle on.")
        STAGGERED
    }

    /** 0 for all in a collar. */
    @Override
    public double belowMm(int leaf) {
        return switch (along) {
            case COLLAR -> 0;
            case PAIRS -> apartMm * (leaf / 2);
            case RINGS -> apartMm * (leaf / perNode);
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

    /** Pairs stand across the one above, rings in its gaps, staggered leaves a golden angle on. */
    @Override
    public Optional<double[]> ownAzimuthsRad() {
        if (along == Along.COLLAR) {
            return Optional.empty();
        }
        double[] azimuths = new double[pieces.count()];
        for (int i = 0; i < azimuths.length; i++) {
            azimuths[i] = Math.toRadians(pieces.place().turnDeg()) + turnRad(i);
        }
        return Optional.of(azimuths);
    }

    /** How far round a leaf stands from the first, radians. */
    private double turnRad(int leaf) {
        return switch (along) {
            case COLLAR -> 0;
            case PAIRS -> Math.PI * (leaf % 2) + Math.PI / 2 * (leaf / 2 % 2);
            case RINGS -> 2 * Math.PI / perNode * (leaf % perNode + 0.5 * (leaf / perNode % 2));
            case STAGGERED -> Math.toRadians(Scatter.GOLDEN_DEG) * leaf;
        };
    }

    /** A leaf's veins spring from its midrib and end in its tip. */
    @Override
    public Veiner.Laid laid() {
        return Veiner.Laid.TOWARDS_TIP;
    }

    @Override
    public String standing() {
        String apart = Said.mm(apartMm) + " on";
        return Petaled.super.standing()
                + switch (along) {
                    case COLLAR -> ", all round";
                    case PAIRS -> ", in opposite pairs, each " + apart + " and across the last";
                    case RINGS -> ", " + perNode + " at a time, each ring " + apart;
                    case STAGGERED -> ", one at a time, each " + apart;
                };
    }

    @Override
    public Steps setting() {
        return PieceSteps.setting(pieces);
    }

    /** Leaves stand on the stem, not on a head. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return Optional.empty();
    }

    @Override
    public PieceSort breaksAs() {
        return PieceSort.LEAF;
    }
}
