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
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.PressedBall;

/** A petal pressed from a ball without a cutter: ball, weight, thickness, each from the others. */
@Text(
        label = "ball and petal",
        means = "A petal pressed from a ball without a cutter: ball, weight, thickness, each from the others.")
public record BallAndPetal(
        @Text(label = "known") BallKnown known,

        @Quantity(
                label = "length",
                unit = Unit.MM,
                min = 3,
                max = 300,
                usual = 60,
                means = "Length of the pressed petal.")
        double lengthMm,

        @Quantity(label = "width", unit = Unit.MM, min = 2, max = 300, usual = 42, means = "Its greatest width.")
        double widthMm,

        @Quantity(
                label = "fills",
                unit = Unit.NONE,
                min = 0.3,
                max = 1,
                step = 0.02,
                usual = 0.72,
                means = "Share of its box of length by width that the petal fills.")
        double fills,

        @Text(label = "medium") Medium medium)
        implements QuickQuestion {
    public BallAndPetal {
        Limits.check(BallAndPetal.class, known, lengthMm, widthMm, fills, medium);
    }

    /** What is known of ball and petal beside the petal's size. */
    @Text(label = "known", means = "What is known beside the size of the petal.")
    public sealed interface BallKnown {
        /** The ball's diameter. */
        @Text(label = "the ball, across")
        record BallAcross(
                @Quantity(
                        label = "ball",
                        unit = Unit.MM,
                        min = 1,
                        max = 120,
                        step = 0.5,
                        usual = 18,
                        means = "Diameter of the ball.")
                double ballMm)
                implements BallKnown {
            public BallAcross {
                Limits.check(BallAcross.class, ballMm);
            }
        }

        /** The ball's weight. */
        @Text(label = "the ball, weighed")
        record BallWeighed(
                @Quantity(
                        label = "weight",
                        unit = Unit.G,
                        min = 0.01,
                        max = 1000,
                        step = 0.1,
                        usual = 4.2,
                        means = "Weight of the ball.")
                double ballG)
                implements BallKnown {
            public BallWeighed {
                Limits.check(BallWeighed.class, ballG);
            }
        }

        /** The thickness wanted. */
        @Text(label = "the thickness wanted")
        record PetalThick(
                @Quantity(
                        label = "thickness",
                        unit = Unit.FINE_MM,
                        min = 0.05,
                        max = 10,
                        step = 0.05,
                        usual = 0.8,
                        means = "Mean thickness of the petal.")
                double thickMm)
                implements BallKnown {
            public PetalThick {
                Limits.check(PetalThick.class, thickMm);
            }
        }
    }

    @Override
    public QuickAnswer answer(Drawer drawer) {
        Paste paste = drawer.kit().paste(medium);
        double area = fills * lengthMm * widthMm;
        double diameter = diameterMm(paste, area);
        PressedBall ball = new PressedBall(diameter, area);
        Why why = Why.of(
                "πD³/6 = area × thickness; weight = volume × density",
                "Conservation of volume",
                in("area", area, Unit.SQUARE_MM),
                in("density", paste.densityGPerCm3(), Unit.G_PER_CM3));
        return new QuickAnswer.Draft()
                .add(Group.SIZE, "thickness", "thick on the mean", ball.thicknessMm(), Unit.FINE_MM, why)
                .add(Group.SIZE, "ball", "ball", diameter, Unit.MM, why)
                .add(Group.PASTE, "weight", "weight", paste.grams(PressedBall.volumeMm3(diameter)), Unit.G, why)
                .add(
                        Group.SIZE,
                        "slice",
                        "or a log as thick, sliced at",
                        diameter * PressedBall.SLICE_OF_ITS_BALL,
                        Unit.MM,
                        why)
                .answer();
    }

    private double diameterMm(Paste paste, double area) {
        if (known instanceof BallKnown.BallAcross across) {
            return across.ballMm();
        }
        return known instanceof BallKnown.BallWeighed weighed
                ? PressedBall.diameterOf(weighed.ballG(), paste)
                : PressedBall.diameterMm(area * ((BallKnown.PetalThick) known).thickMm());
    }
}
