package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Steps;

/** An upright egg or ball with a texture on its crown and, where it is wanted, another one on its sides. */
@Text(label = "textured ball", means = "An upright ball or egg, textured on its crown and on its sides.")
public record TexturedHead(
        @Quantity(label = "diameter", unit = Unit.MM, min = 2, max = 80, usual = 16, means = "Greatest diameter.")
        double diameterMm,

        @Quantity(
                label = "height",
                unit = Unit.MM,
                min = 2,
                max = 120,
                usual = 16,
                means = "From foot to crown; as high as wide it is a ball.")
        double heightMm,

        @Text(label = "texture of the crown") Texture crown,
        @Text(label = "texture of the sides") Texture sides,

        @Quantity(
                label = "crown",
                unit = Unit.NONE,
                min = 0.05,
                max = 1,
                step = 0.05,
                usual = 0.4,
                means = "Share of the height, from the top, that counts as crown.")
        double crownShare)
        implements Uncoated {
    public TexturedHead {
        Limits.check(TexturedHead.class, diameterMm, heightMm, crown, sides, crownShare);
    }

    /** Of an ellipsoid. */
    @Override
    public double volumeMm3() {
        return Math.PI * diameterMm * diameterMm * heightMm / 6;
    }

    @Override
    public double surfaceMm2() {
        return bandMm2(0, 1);
    }

    private static final int BANDS = 200;

    /** Its surface between two shares of its height, mm², band by band along its outline. */
    private double bandMm2(double fromShare, double toShare) {
        double sum = 0;
        for (int i = 0; i < BANDS; i++) {
            double low = angleAt(fromShare) + (angleAt(toShare) - angleAt(fromShare)) * i / BANDS;
            double high = angleAt(fromShare) + (angleAt(toShare) - angleAt(fromShare)) * (i + 1) / BANDS;
            double a = diameterMm / 2 * Math.sin(low);
            double b = diameterMm / 2 * Math.sin(high);
            double up = heightMm / 2 * (Math.cos(low) - Math.cos(high));
            sum += Math.PI * (a + b) * Math.hypot(a - b, up);
        }
        return sum;
    }

    /** Angle from the foot of the ellipse's own circle at a share of the height, radians. */
    private static double angleAt(double share) {
        return Math.acos(1 - 2 * share);
    }

    @Override
    public double radiusAt(double z) {
        return z < 0 || z > heightMm ? 0 : diameterMm / heightMm * Math.sqrt(z * (heightMm - z));
    }

    @Override
    public int touches() {
        return crown.touches(bandMm2(1 - crownShare, 1)) + sides.touches(bandMm2(0, 1 - crownShare));
    }

    @Override
    public boolean plain() {
        return !crown.seen() && !sides.seen();
    }

    @Override
    public List<Solid> solids(double onStemMm) {
        List<Solid> solids = new ArrayList<>(Uncoated.super.solids(onStemMm));
        if (crown.seen()) {
            solids.add(over(0, radiusAt(heightMm * Math.max(0.5, 1 - crownShare)), onStemMm));
        }
        if (sides.seen() && crownShare < 0.5) {
            solids.add(over(radiusAt(heightMm * (1 - crownShare)), diameterMm / 2, onStemMm));
        }
        return solids;
    }

    /** Marks between two radii, as they are seen from above. */
    private Solid over(double fromMm, double toMm, double onStemMm) {
        double area = Math.PI * (toMm * toMm - fromMm * fromMm);
        int inside = (int) Math.round(Math.PI * fromMm * fromMm / MARK_AREA_MM2);
        int all = Math.min(MOST_MARKS, inside + (int) (area / MARK_AREA_MM2));
        double top = onStemMm + heightMm;
        List<double[]> places = Scatter.overDisc(all, toMm - MARK_MM / 2, top);
        return new Solid.Marks(
                places.stream().filter(p -> Math.hypot(p[0], p[1]) >= fromMm).toList(), MARK_MM, top);
    }

    @Override
    public Steps making() {
        return Steps.of(Operation.SHAPE, 1, "Roll " + ball() + "; shape it " + widthAndHeight() + ".")
                .and(crown.making("The top " + Unit.PERCENT.write(100 * crownShare) + ": "))
                .and(sides.making("The sides: "));
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        return new TexturedHead(newDiameterMm, newHeightMm, crown, sides, crownShare);
    }
}
