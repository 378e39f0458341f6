package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.thinning.Thinning;

/** Equal pieces cut from a sheet, thinned, dried to shape, and set round the axis. */
@Words(label = "pieces", means = "Equal pieces cut from a sheet, thinned, dried to shape, set round the axis.")
public record Pieces(
        @Quantity(label = "count", unit = Unit.COUNT, min = 1, max = 60, usual = 5, means = "Pieces in one flower.")
        int count,

        @Words(label = "cutter") Outline cut,
        @Words(label = "thickness") Thinning thinning,

        @Quantity(
                label = "lean",
                unit = Unit.DEGREE,
                min = -30,
                max = 170,
                step = 2,
                usual = 70,
                means = "Angle at which a piece leaves the axis: 0 upright, 90 flat, above 90 turned back.")
        double leanDeg,

        @Words(label = "former", means = "What a piece dries in or over; without one it dries flat.")
        Optional<Former> former,

        @Words(label = "place") Place place,
        @Words(label = "overlap") Overlap overlap,
        @Words(label = "joined") Attachment attachment,
        @Words(label = "drying") Lying drying,

        @Words(label = "joined when", means = "The stage at which it is joined to what is inside it.")
        Stage joinAt) {
    public Pieces {
        Limits.check(Pieces.class, count, cut, thinning, leanDeg, former, place, overlap, attachment, drying, joinAt);
        if (thinning.finishedMm() > thinning.rolledMm()) {
            throw new org.crispwhorl.core.measure.InvalidValue(
                    "thinning/finishedMm",
                    thinning.finishedMm(),
                    "at most the rolled thickness, " + thinning.rolledMm() + " mm");
        }
    }

    /** The finished outline, after thinning. */
    public Outline finished() {
        return thinning.petalFrom(cut);
    }

    /** Volume of one piece, mm³. */
    public double volumeMm3() {
        return thinning.volumeMm3(cut);
    }

    public Pieces withCount(int newCount) {
        return new Pieces(newCount, cut, thinning, leanDeg, former, place, overlap, attachment, drying, joinAt);
    }

    public Pieces withCut(Outline newCut) {
        return new Pieces(count, newCut, thinning, leanDeg, former, place, overlap, attachment, drying, joinAt);
    }

    public Pieces withThinning(Thinning newThinning) {
        return new Pieces(count, cut, newThinning, leanDeg, former, place, overlap, attachment, drying, joinAt);
    }

    public Pieces withLean(double newLeanDeg) {
        return new Pieces(count, cut, thinning, newLeanDeg, former, place, overlap, attachment, drying, joinAt);
    }

    public Pieces withFormer(Optional<Former> newFormer) {
        return new Pieces(count, cut, thinning, leanDeg, newFormer, place, overlap, attachment, drying, joinAt);
    }

    public Pieces withPlace(Place newPlace) {
        return new Pieces(count, cut, thinning, leanDeg, former, newPlace, overlap, attachment, drying, joinAt);
    }

    public Pieces withAttachment(Attachment newAttachment) {
        return new Pieces(count, cut, thinning, leanDeg, former, place, overlap, newAttachment, drying, joinAt);
    }

    public Pieces withJoinAt(Stage newJoinAt) {
        return new Pieces(count, cut, thinning, leanDeg, former, place, overlap, attachment, drying, newJoinAt);
    }
}
