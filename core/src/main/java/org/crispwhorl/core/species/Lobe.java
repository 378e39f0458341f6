package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Outline;

/**
 * Lobes of a one-piece cut that are not like the ring's own petals: a lip, a keel, a pair of sides. They spring from the same
 * middle and are cut by the same cutter.
 */
@Text(label = "unlike lobe", means = "A lobe of the same cut that is not like the others.")
public record Lobe(
        @Text(label = "outline") Outline outline,

        @Quantity(
                label = "lobes alike",
                unit = Unit.COUNT,
                min = 1,
                max = 12,
                usual = 1,
                means = "How many there are: two stand alike on either side.")
        int count,

        @Quantity(
                label = "from the first petal",
                unit = Unit.DEGREE,
                min = -180,
                max = 180,
                step = 5,
                usual = 180,
                means = "Round the middle, from the first petal of the ring.")
        double turnDeg,

        @Quantity(
                label = "opening angle",
                unit = Unit.DEGREE,
                min = -90,
                max = 170,
                usual = 60,
                means = "At its tip, from the axis: 0 upright, 90 flat, below 0 closed over, above 90 turned back.")
        double opensDeg,

        @Text(label = "former") Optional<Former> former) {
    public Lobe {
        Limits.check(Lobe.class, outline, count, turnDeg, opensDeg, former);
    }

    /** The same, leaning out by a share only. */
    Lobe opened(double open) {
        return new Lobe(outline, count, turnDeg, opensDeg > 0 ? opensDeg * open : opensDeg, former);
    }

    /** The same, larger or smaller by a factor. */
    Lobe scaled(double factor) {
        return new Lobe(
                outline.withLength(Limits.within(Outline.class, "lengthMm", outline.lengthMm() * factor))
                        .withWidth(Limits.within(Outline.class, "widthMm", outline.widthMm() * factor)),
                count,
                turnDeg,
                opensDeg,
                former.map(f -> f.scaled(factor)));
    }

    /** Azimuths round the middle, radians: one at its turn, several alike on either side. */
    public double[] azimuthsRad() {
        return Place.sidesAlikeRad(count, turnDeg);
    }
}
