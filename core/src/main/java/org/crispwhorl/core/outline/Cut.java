package org.crispwhorl.core.outline;

import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** What one press of a cutter cuts: a single outline, or several round the middle of a one-piece blossom. */
@Text(label = "cut", means = "What one press of a cutter cuts.")
public record Cut(
        @Text(label = "outline") Outline outline,

        @Quantity(
                label = "petals",
                unit = Unit.COUNT,
                min = 1,
                max = 200,
                usual = 1,
                means = "Outlines in one cut: 1 is a single petal or leaf, more is a one-piece blossom.")
        int petals,

        @Quantity(
                label = "middle",
                unit = Unit.MM,
                min = 0,
                max = 60,
                step = 0.5,
                usual = 0,
                means = "Diameter of the middle of a one-piece blossom; 0 where there is none.")
        double middleMm) {
    public Cut {
        Limits.check(Cut.class, outline, petals, middleMm);
    }

    /** A single outline. */
    public static Cut of(Outline outline) {
        return new Cut(outline, 1, 0);
    }

    public boolean onePiece() {
        return petals > 1;
    }

    /** The shape lying flat. */
    public CutShape shape() {
        return onePiece() ? CutShape.blossom(outline, petals, middleMm) : CutShape.of(outline);
    }

    /** Areas of blossoms that were asked for lately; the union of many lobes takes a while. */
    private static final Cache<Cut, Double> AREAS = new Cache<>(512);

    /** Area of paste that one cut takes, mm²: that of the union of its lobes and its middle. */
    public double areaMm2() {
        return onePiece() ? AREAS.of(this, () -> shape().areaMm2()) : outline.areaMm2();
    }

    /** Its size as makers say it: the length of a single outline, the width across the tips of a blossom. */
    public double sizeMm() {
        return onePiece() ? middleMm + 2 * outline.lengthMm() : outline.lengthMm();
    }
}
