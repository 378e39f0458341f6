package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** A strip cut into a fringe along one side and wound round the wire. */
@Text(label = "wound fringe", means = "A strip cut into a fringe along one side and wound round the wire.")
public record WoundFringe(
        @Quantity(
                label = "strip long",
                unit = Unit.MM,
                min = 10,
                max = 600,
                step = 5,
                usual = 100,
                means = "Length of the strip.")
        double stripMm,

        @Quantity(
                label = "strip wide",
                unit = Unit.MM,
                min = 2,
                max = 80,
                usual = 12,
                means = "Width of the strip: the height of the centre.")
        double heightMm,

        @Quantity(label = "cut deep", unit = Unit.MM, min = 1, max = 70, usual = 8, means = "Depth of the fringe.")
        double cutMm,

        @Quantity(
                label = "thickness",
                unit = Unit.MM,
                min = 0.3,
                max = 4,
                step = 0.1,
                usual = 0.8,
                means = "Of the strip.")
        double thickMm)
        implements Uncoated {
    /** Share of the wound disc that is paste; the rest is air between the turns. */
    private static final double PACKING = 0.85;

    public WoundFringe {
        Limits.check(WoundFringe.class, stripMm, heightMm, cutMm, thickMm);
        if (cutMm > heightMm) {
            throw new InvalidValue("cutMm", cutMm, "at most the width of the strip, " + heightMm + " mm");
        }
    }

    /** Diameter of a strip wound up: its edge's area length × thickness fills the disc. */
    @Override
    public double diameterMm() {
        return 2 * Math.sqrt(stripMm * thickMm / PACKING / Math.PI);
    }

    @Override
    public double volumeMm3() {
        return stripMm * heightMm * thickMm;
    }

    /** The outer turn and, of the fringe, every face. */
    @Override
    public double surfaceMm2() {
        return Math.PI * diameterMm() * (heightMm - cutMm) + 2 * stripMm * cutMm;
    }

    @Override
    public int touches() {
        return (int) Math.ceil(stripMm / SNIPS_MM);
    }

    /** Length of strip that is snipped in the time of one small ball, mm. */
    private static final double SNIPS_MM = 15;

    @Override
    public double radiusAt(double z) {
        return z < 0 || z > heightMm ? 0 : diameterMm() / 2;
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        double strip = PACKING * Math.PI * newDiameterMm * newDiameterMm / 4 / thickMm;
        return new WoundFringe(Math.max(10, Math.min(600, strip)), newHeightMm, Math.min(cutMm, newHeightMm), thickMm);
    }

    /** The strip, turn upon turn. */
    @Override
    public List<Solid> solids(double onStemMm) {
        return List.of(new Solid.Coil(
                0, diameterMm() / 2, thickMm / PACKING, thickMm, onStemMm, heightMm, Solid.Coil.Rim.STRAIGHT));
    }

    @Override
    public Steps making() {
        return Steps.NONE
                .andSheet(stripMm * heightMm, "Roll out to " + Said.thick(thickMm) + "{tool}.")
                .and(Operation.STRIP, 1, "Cut a strip " + Said.size(stripMm, heightMm) + ".")
                .and(Operation.SNIP, 1, touches(), "Cut a fringe along one side, " + Said.mm(cutMm) + " deep.")
                .and(Operation.ROLL_UP, 1, "Brush the other side with glue; wind it round the wire, feet level.")
                .using(Use.GLUE);
    }
}
