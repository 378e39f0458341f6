package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.PressedBall;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** Ways to bring a piece to its outline out of a ball, without a cutter: pressed, pulled, hollowed. */
@Text(label = "from a ball", means = "Out of a ball, without a cutter.")
public sealed interface FromBall extends Making
        permits FromBall.Pressed, FromBall.Weighed, FromBall.Pulled, HollowedCone {
    @Override
    default Optional<Thinning> thinned() {
        return Optional.empty();
    }

    @Override
    default Making withThinning(Thinning other) {
        return this;
    }

    @Override
    default Optional<Cut> cutOf(Outline outline, int count) {
        return Optional.empty();
    }

    @Override
    default double finishedMiddleMm() {
        return 0;
    }

    @Override
    default boolean edible() {
        return true;
    }

    /** The figures of the ball that it starts from. */
    @Override
    default void figures(Figures figures, Outline outline, int count, Paste paste) {
        double unitMm3 = volumeMm3(outline, count, paste) * piecesPerUnit(count);
        double ball = PressedBall.diameterMm(unitMm3);
        Why why = Why.of(
                "πD³/6 is the area × the mean thickness of what is made of it",
                "Conservation of volume",
                Why.in("volume", unitMm3, Unit.CUBIC_MM),
                Why.in("area", outline.areaMm2(), Unit.SQUARE_MM),
                Why.in("pieces from one ball", piecesPerUnit(count), Unit.COUNT),
                Why.in("density", paste.densityGPerCm3(), Unit.G_PER_CM3));
        figures.in(Figure.Group.SIZE)
                .add("ball", "ball to start from", ball, Unit.MM, why)
                .add("ballWeight", "its weight", 1000 * paste.grams(unitMm3), Unit.MILLIGRAM, why)
                .add(
                        "meanThickness",
                        "mean thickness",
                        finishedMm(outline, paste),
                        Unit.FINE_MM,
                        piecesPerUnit(count) == 1
                                ? why
                                : Why.of(
                                        "As the cone is hollowed",
                                        "Your design",
                                        Why.in("wall", finishedMm(outline, paste), Unit.FINE_MM)));
        Portioned.slice(figures, ball);
    }

    /** What it is pressed to, as it is told. */
    default String pressedTo(Outline outline, Paste paste) {
        return Said.size(outline.lengthMm(), outline.widthMm()) + ", " + Said.thick(finishedMm(outline, paste))
                + " thick";
    }

    /** Pressed out of a ball of a set size, without a cutter. */
    @Text(label = "pressed from a ball by size", means = "Pressed out of a ball of a set size, without a cutter.")
    record Pressed(
            @Quantity(
                    label = "ball",
                    unit = Unit.MM,
                    min = 1,
                    max = 80,
                    step = 0.5,
                    usual = 10,
                    means = "Diameter of the ball for one piece.")
            double ballMm)
            implements FromBall {
        public Pressed {
            Limits.check(Pressed.class, ballMm);
        }

        @Override
        public String inShort() {
            return "ball ";
        }

        @Override
        public boolean pressed() {
            return true;
        }

        @Override
        public Steps begin(Outline outline, int count, Paste paste) {
            return Steps.of(
                    Operation.PRESS,
                    count,
                    "Roll {n} balls of " + Said.mm(ballMm) + "; press each to " + pressedTo(outline, paste) + ".");
        }

        @Override
        public Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
            return Optional.of(new Pressed(Limits.within(
                    Pressed.class, "ballMm", Math.ceil(2 * PressedBall.diameterMm(outline.areaMm2() * meanMm)) / 2)));
        }

        @Override
        public Making scaled(double factor) {
            return new Pressed(Limits.within(Pressed.class, "ballMm", ballMm * Math.cbrt(factor * factor)));
        }

        @Override
        public double volumeMm3(Outline outline, int count, Paste paste) {
            return PressedBall.volumeMm3(ballMm);
        }

        @Override
        public String startsFrom(Outline outline, int count, Paste paste) {
            return "ball " + Unit.MM.write(ballMm);
        }
    }

    /** Pressed out of a weighed ball, without a cutter. */
    @Text(label = "pressed from a ball by weight", means = "Pressed out of a weighed ball, without a cutter.")
    record Weighed(
            @Quantity(
                    label = "ball",
                    unit = Unit.G,
                    min = 0.01,
                    max = 200,
                    step = 0.1,
                    usual = 0.8,
                    means = "Weight of the ball for one piece.")
            double ballG)
            implements FromBall {
        public Weighed {
            Limits.check(Weighed.class, ballG);
        }

        @Override
        public String inShort() {
            return "ball ";
        }

        @Override
        public boolean pressed() {
            return true;
        }

        @Override
        public Steps begin(Outline outline, int count, Paste paste) {
            return Steps.of(
                    Operation.PRESS,
                    count,
                    "Weigh {n} balls of " + Unit.G.write(ballG) + ", " + Said.mm(PressedBall.diameterOf(ballG, paste))
                            + " across; press each to " + pressedTo(outline, paste) + ".");
        }

        @Override
        public Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
            return Optional.of(new Weighed(Limits.within(
                    Weighed.class,
                    "ballG",
                    Math.max(0.1, Math.ceil(10 * paste.grams(outline.areaMm2() * meanMm)) / 10))));
        }

        @Override
        public Making scaled(double factor) {
            return new Weighed(Limits.within(Weighed.class, "ballG", ballG * factor * factor));
        }

        @Override
        public double volumeMm3(Outline outline, int count, Paste paste) {
            return 1000 * ballG / paste.densityGPerCm3();
        }

        @Override
        public String startsFrom(Outline outline, int count, Paste paste) {
            return "ball of " + Unit.G.write(ballG) + ", " + Unit.MM.write(PressedBall.diameterOf(ballG, paste));
        }
    }

    /** Pulled out of a ball by hand: thick at the foot, thin at the lip, evenly thinner in between. */
    @Text(label = "pulled by hand", means = "Pulled out of a ball: thick at the foot, thin at the lip.")
    record Pulled(
            @Quantity(
                    label = "foot",
                    unit = Unit.MM,
                    min = 0.3,
                    max = 12,
                    step = 0.1,
                    usual = 2,
                    means = "Thickness where it springs.")
            double footMm,

            @Quantity(
                    label = "lip",
                    unit = Unit.MM,
                    min = 0.15,
                    max = 6,
                    step = 0.05,
                    usual = 0.5,
                    means = "Thickness at the tip.")
            double lipMm)
            implements FromBall {
        public Pulled {
            Limits.check(Pulled.class, footMm, lipMm);
            if (lipMm > footMm) {
                throw new InvalidValue("lipMm", lipMm, "at most the foot, " + footMm + " mm");
            }
        }

        @Override
        public String inShort() {
            return "pulled ";
        }

        @Override
        public Steps begin(Outline outline, int count, Paste paste) {
            double ball = PressedBall.diameterMm(volumeMm3(outline, count, paste));
            return Steps.of(
                            Operation.SHAPE,
                            count,
                            "Pull each of {n} from a ball of " + Said.mm(ball) + ": "
                                    + Said.size(outline.lengthMm(), outline.widthMm()) + ", foot " + Said.thick(footMm)
                                    + ", lip "
                                    + Said.thick(lipMm) + ".")
                    .and(Operation.THIN, count, count, "Thin each evenly from its foot to its lip.");
        }

        @Override
        public Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
            return Optional.of(new Pulled(
                    Limits.within(Pulled.class, "footMm", meanMm * 1.5),
                    Limits.within(Pulled.class, "lipMm", meanMm * 0.5)));
        }

        /** What is evenly thinner from foot to lip is as thick in the mean as at its centre of area, notches and all. */
        @Override
        public double volumeMm3(Outline outline, int count, Paste paste) {
            return outline.areaMm2() * thicknessAt(outline.centreMm() / outline.lengthMm(), outline, paste);
        }

        @Override
        public double thicknessAt(double share, Outline outline, Paste paste) {
            return footMm + (lipMm - footMm) * share;
        }

        @Override
        public String startsFrom(Outline outline, int count, Paste paste) {
            return "ball " + Unit.MM.write(PressedBall.diameterMm(volumeMm3(outline, count, paste)));
        }
    }
}
