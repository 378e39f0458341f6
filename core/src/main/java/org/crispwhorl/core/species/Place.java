package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Said;

/** Where the pieces of a part stand round the axis, and at which height. */
@Text(label = "place", means = "Where the pieces stand round the axis, and at which height.")
public record Place(
        @Text(label = "set") Rule rule,

        @Quantity(
                label = "turn",
                unit = Unit.DEGREE,
                min = -180,
                max = 180,
                step = 3,
                usual = 0,
                means = "Turned on from where the rule puts the first piece.")
        double turnDeg,

        @Quantity(
                label = "height on the stem",
                unit = Unit.MM,
                min = -300,
                max = 60,
                usual = 0,
                means = "Height of the base above the neck of the flower; below it is negative.")
        double onStemMm) {
    /** How the first azimuth and the steps are found. */
    @ShownAsPicture
    public enum Rule {
        @Text(
                label = "in the gaps",
                means = "Behind the gaps of the ring inside; where counts differ, where it covers best.")
        IN_THE_GAPS,
        @Text(label = "behind", means = "Straight behind the petals of the ring inside.")
        BEHIND,
        @Text(label = "spiral", means = "At 137.5° from petal to petal, on from the ring inside.")
        SPIRAL,
        @Text(
                label = "two sides alike",
                means = "Evenly from the stated turn on one side to the same on the other; one alone stands at it.")
        SIDES_ALIKE,
        @Text(label = "free", means = "At equal steps from the stated turn.")
        FREE
    }

    public Place {
        Limits.check(Place.class, rule, turnDeg, onStemMm);
    }

    /** Azimuths of so many on two sides alike, as far out as they are turned; a single one stands there, radians. */
    public static double[] sidesAlikeRad(int count, double turnDeg) {
        double[] azimuths = new double[count];
        double turn = Math.toRadians(turnDeg);
        for (int i = 0; i < count; i++) {
            azimuths[i] = count == 1 ? turn : turn * (1 - 2.0 * i / (count - 1));
        }
        return azimuths;
    }

    /** How so many are set round, as it is told. */
    String told(int count) {
        String turn = turnDeg == 0 ? "" : ", the first " + Said.deg(turnDeg) + " on";
        return switch (rule) {
                    case IN_THE_GAPS -> "Each over a gap of the ring inside";
                    case BEHIND -> "Each straight behind one of the ring inside";
                    case SPIRAL -> "Each a little over a third of the way round from the last";
                    case SIDES_ALIKE -> "Left and right alike";
                    case FREE -> count == 1 ? "At its place" : "Evenly round, " + Said.deg(360.0 / count) + " apart";
                }
                + turn;
    }

    public static Place of(Rule rule) {
        return new Place(rule, 0, 0);
    }

    public Place withOnStem(double newOnStemMm) {
        return new Place(rule, turnDeg, newOnStemMm);
    }

    public Place withTurn(double newTurnDeg) {
        return new Place(rule, newTurnDeg, onStemMm);
    }
}
