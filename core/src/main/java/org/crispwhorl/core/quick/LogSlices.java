package org.crispwhorl.core.quick;

import static org.crispwhorl.core.measure.Why.in;

import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.thinning.PressedBall;

/** Equal balls by slicing a rolled log. */
@Text(label = "log slices", means = "Equal balls by slicing a rolled log.")
public record LogSlices(
        @Quantity(
                label = "log",
                unit = Unit.MM,
                min = 1,
                max = 80,
                step = 0.5,
                usual = 10,
                means = "Thickness of the rolled log.")
        double logMm,

        @Quantity(
                label = "ball",
                unit = Unit.MM,
                min = 1,
                max = 80,
                step = 0.5,
                usual = 8,
                means = "Diameter of the balls wanted.")
        double ballMm,

        @Quantity(label = "balls", unit = Unit.COUNT, min = 1, max = 2000, usual = 24, means = "How many are wanted.")
        int balls,

        @Text(label = "medium") Medium medium)
        implements QuickQuestion {
    public LogSlices {
        Limits.check(LogSlices.class, logMm, ballMm, balls, medium);
    }

    @Override
    public QuickAnswer answer(Drawer drawer) {
        double volume = PressedBall.volumeMm3(ballMm);
        double slice = volume / (Math.PI * logMm * logMm / 4);
        Why why = Why.of(
                "Slice width = ball volume ÷ (πd²/4)",
                "Conservation of volume",
                in("ball volume", volume, Unit.CUBIC_MM),
                in("log", logMm, Unit.MM));
        QuickAnswer.Draft draft = new QuickAnswer.Draft()
                .add(Group.SIZE, "slice", "slice at", slice, Unit.MM, why)
                .add(Group.SIZE, "log", "log to roll", slice * balls, Unit.MM, why)
                .add(
                        Group.PASTE,
                        "weight",
                        "paste in all",
                        drawer.kit().paste(medium).grams(volume * balls),
                        Unit.G,
                        Why.of(
                                "Volume × density",
                                "Density of the paste",
                                in("density", drawer.kit().paste(medium).densityGPerCm3(), Unit.G_PER_CM3)));
        if (slice < THINNEST_SLICE_MM) {
            draft.note("Slices this thin smear: roll the log thinner, as thick as the ball or less.");
        }
        return draft.answer();
    }

    /** A knife does not slice a soft log finer, mm. */
    private static final double THINNEST_SLICE_MM = 1.5;
}
