package org.crispwhorl.core.quick;

import static org.crispwhorl.core.measure.Why.in;

import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.thinning.PressedBall;

/** How thin a petal has become, read off the size that it has grown to. */
@Text(label = "thickness gauge", means = "How thin a petal has become, read off the size that it has grown to.")
public record ThicknessGauge(
        @Quantity(
                label = "rolled",
                unit = Unit.FINE_MM,
                min = 0.2,
                max = 12,
                step = 0.05,
                usual = 1.1,
                means = "Thickness of the sheet when it was cut.")
        double rolledMm,

        @Quantity(
                label = "cutter length",
                unit = Unit.MM,
                min = 2,
                max = 300,
                usual = 40,
                means = "Length of the cutter.")
        double cutterLengthMm,

        @Quantity(
                label = "cutter width",
                unit = Unit.MM,
                min = 1,
                max = 300,
                usual = 22,
                means = "Width of the cutter.")
        double cutterWidthMm,

        @Quantity(
                label = "petal length",
                unit = Unit.MM,
                min = 2,
                max = 360,
                usual = 46,
                means = "Length of the petal now.")
        double petalLengthMm,

        @Quantity(
                label = "petal width",
                unit = Unit.MM,
                min = 1,
                max = 360,
                usual = 26,
                means = "Width of the petal now.")
        double petalWidthMm)
        implements QuickQuestion {
    public ThicknessGauge {
        Limits.check(ThicknessGauge.class, rolledMm, cutterLengthMm, cutterWidthMm, petalLengthMm, petalWidthMm);
    }

    @Override
    public QuickAnswer answer(Drawer drawer) {
        double grown = petalLengthMm * petalWidthMm / (cutterLengthMm * cutterWidthMm);
        if (grown < 1) {
            throw new InvalidValue(
                    "petalLengthMm",
                    petalLengthMm,
                    "a petal no smaller than its cutter: paste does not shrink when it is thinned");
        }
        double now = rolledMm / grown;
        Why why = Why.of(
                "t1 = t0 · A0 ÷ A1, the areas of one shape as length × width",
                "Conservation of volume",
                in("rolled", rolledMm, Unit.FINE_MM),
                in("grown to", grown, Unit.FACTOR));
        QuickAnswer.Draft draft = new QuickAnswer.Draft()
                .add(Group.SIZE, "thickness", "thick now, on the mean", now, Unit.FINE_MM, why)
                .add(Group.SIZE, "growth", "each way, grown by", Math.sqrt(grown), Unit.FACTOR, why);
        if (now < PressedBall.THINNEST_MM) {
            draft.note("Thinner than " + Unit.FINE_MM.write(PressedBall.THINNEST_MM)
                    + " tears: stop here, or cut it from a thicker sheet.");
        }
        return draft.answer();
    }
}
