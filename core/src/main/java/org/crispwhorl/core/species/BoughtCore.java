package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** A ready-made core of polystyrene as an egg, a teardrop or a cone, covered with paste or not. */
@Text(
        label = "ready-made core",
        means =
                "An egg, teardrop or cone of polystyrene, covered with paste or not. Polystyrene is not food: take it out.")
public record BoughtCore(
        @Text(label = "shape") CoreShape shape,

        @Quantity(label = "core wide", unit = Unit.MM, min = 5, max = 80, usual = 18, means = "Of the core.")
        double coreMm,

        @Quantity(label = "core high", unit = Unit.MM, min = 5, max = 120, usual = 26, means = "Of the core.")
        double coreHighMm,

        @Quantity(
                label = "paste",
                unit = Unit.MM,
                min = 0,
                max = 10,
                step = 0.5,
                usual = 1,
                means = "Thickness of the paste over it; 0 where petals alone cover it.")
        double pasteMm)
        implements Uncoated {
    /** How the core is shaped. */
    @Text(label = "shape", means = "How the core is shaped.")
    @ShownAsPicture
    public enum CoreShape {
        @Text(label = "egg")
        EGG(Bought.BoughtSort.EGGS),
        @Text(label = "teardrop")
        TEARDROP(Bought.BoughtSort.TEARDROPS),
        @Text(label = "cone")
        CONE(Bought.BoughtSort.CONES);

        private final Bought.BoughtSort sort;

        CoreShape(Bought.BoughtSort sort) {
            this.sort = sort;
        }
    }

    /** An egg is widest at this share of its height. */
    private static final double EGG_WIDEST = 0.4;

    public BoughtCore {
        Limits.check(BoughtCore.class, shape, coreMm, coreHighMm, pasteMm);
    }

    /** A cone with paste all over it is a larger cone of the same slope; what is round below is wider by the paste. */
    @Override
    public double diameterMm() {
        return shape == CoreShape.CONE ? coreMm * heightMm() / coreHighMm : coreMm + 2 * pasteMm;
    }

    /** Paste lies on a point the higher the more pointed it is: thickness ÷ sine of half the angle there. */
    @Override
    public double heightMm() {
        double slope =
                switch (shape) {
                    case EGG -> 0;
                    case TEARDROP -> coreHighMm - roundMm(coreMm, coreHighMm);
                    case CONE -> coreHighMm;
                };
        double onTop = slope == 0 ? 1 : Math.hypot(coreMm / 2, slope) / (coreMm / 2);
        return coreHighMm + pasteMm * (1 + onTop);
    }

    /** Height of the round part of a teardrop: half a ball, flatter where the whole is no higher than wide. */
    private static double roundMm(double wide, double high) {
        return Math.min(wide, high) / 2;
    }

    @Override
    public List<Bought> bought() {
        return List.of(new Bought(shape.sort, coreMm, coreHighMm, 1));
    }

    @Override
    public boolean polystyrene() {
        return true;
    }

    @Override
    public boolean plain() {
        return true;
    }

    /** The paste over the core alone. */
    @Override
    public double volumeMm3() {
        return wholeMm3(diameterMm(), heightMm()) - wholeMm3(coreMm, coreHighMm);
    }

    private double wholeMm3(double wide, double high) {
        double r = wide / 2;
        return switch (shape) {
            case EGG -> 2.0 / 3 * Math.PI * r * r * high;
            case TEARDROP -> {
                double round = roundMm(wide, high);
                yield Math.PI * r * r * (2.0 / 3 * round + (high - round) / 3);
            }
            case CONE -> Math.PI * r * r * high / 3;
        };
    }

    private static final int BANDS = 200;

    /** Its bands along its outline, and its foot. */
    @Override
    public double surfaceMm2() {
        double foot = radiusAt(0);
        double sum = Math.PI * foot * foot;
        for (int i = 0; i < BANDS; i++) {
            double low = heightMm() * (1 - Math.cos(Math.PI * i / BANDS)) / 2;
            double high = heightMm() * (1 - Math.cos(Math.PI * (i + 1) / BANDS)) / 2;
            double a = radiusAt(low);
            double b = i + 1 == BANDS ? 0 : radiusAt(high);
            sum += Math.PI * (a + b) * Math.hypot(a - b, high - low);
        }
        return sum;
    }

    /** An egg is two half-ellipsoids, a teardrop a half-ball, or a flatter one, below a cone. */
    @Override
    public double radiusAt(double z) {
        double high = heightMm();
        double r = diameterMm() / 2;
        if (z < 0 || z > high) {
            return 0;
        }
        return switch (shape) {
            case EGG -> round(r, z, EGG_WIDEST * high, high);
            case TEARDROP -> {
                double widest = roundMm(2 * r, high);
                yield z <= widest ? round(r, z, widest, high) : r * (high - z) / (high - widest);
            }
            case CONE -> r * (1 - z / high);
        };
    }

    private static double round(double r, double z, double widest, double high) {
        double from = z <= widest ? (widest - z) / widest : (z - widest) / (high - widest);
        return r * Math.sqrt(Math.max(0, 1 - from * from));
    }

    private static final int APPROACHES = 30;

    /** The core for which paste and all come out so: how much the paste adds depends on the core. */
    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        BoughtCore fits = this;
        for (int i = 0; i < APPROACHES; i++) {
            fits = new BoughtCore(
                    shape,
                    Limits.within(BoughtCore.class, "coreMm", fits.coreMm + newDiameterMm - fits.diameterMm()),
                    Limits.within(BoughtCore.class, "coreHighMm", fits.coreHighMm + newHeightMm - fits.heightMm()),
                    pasteMm);
        }
        return fits;
    }

    @Override
    public Steps making() {
        return pasteMm == 0
                ? Steps.NONE.andCounted(
                        Operation.COVER,
                        0,
                        1,
                        "Take a " + Text.Labels.of(shape) + ", " + Said.size(coreMm, coreHighMm)
                                + ", bare: petals alone cover it.")
                : Steps.of(
                        Operation.COVER,
                        1,
                        "Roll paste to " + Said.thick(pasteMm) + "; cover a ready-made " + Text.Labels.of(shape) + ", "
                                + Said.size(coreMm, coreHighMm) + ".");
    }
}
