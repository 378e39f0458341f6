package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;

/** Ridges that run along a piece from its foot and end in its tip: left thick between thinned sides, or pinched up. */
@Text(label = "ridges", means = "Ridges along each piece: a thick midrib between thin sides, or pinched up.")
public record Ridges(
        @Text(label = "made") RidgeMade made,

        @Quantity(label = "ridges", unit = Unit.COUNT, min = 1, max = 7, usual = 1, means = "Of one piece.")
        int count,

        @Quantity(
                label = "high",
                unit = Unit.MM,
                min = 0.2,
                max = 8,
                step = 0.1,
                usual = 1.2,
                means = "Thickness of a midrib at its foot, or height of a pinched ridge there.")
        double highMm,

        @Quantity(
                label = "wide",
                unit = Unit.MM,
                min = 0.3,
                max = 20,
                step = 0.1,
                usual = 2,
                means = "Across a ridge at its foot.")
        double wideMm) {
    /** How a ridge is made. */
    @Text(label = "made", means = "How a ridge is made.")
    public enum RidgeMade {
        @Text(label = "left thick", means = "The sides are thinned and the ridge is left.")
        LEFT,
        @Text(label = "pinched up", means = "The piece is pinched from its back: it gets narrower by what stands up.")
        PINCHED
    }

    /** A ridge runs out to nothing at the tip: in the mean it is half as broad and half as high as at its foot. */
    private static final double MEAN = 0.5;

    /** However much is pinched up, so much of the width stays. */
    private static final double LEAST_WIDTH = 0.3;

    public Ridges {
        Limits.check(Ridges.class, made, count, highMm, wideMm);
    }

    /** What of it changes nothing: how wide what is pinched up comes out is the sheet's own. */
    List<String> idle() {
        return made == RidgeMade.PINCHED ? List.of("wideMm") : List.of();
    }

    /** How often a piece is pinched. */
    int pinches() {
        return made == RidgeMade.PINCHED ? count : 0;
    }

    void figures(Figures figures, Outline finished, double meanMm) {
        if (made == RidgeMade.LEFT) {
            figures.in(Figure.Group.SIZE)
                    .add(
                            "sides",
                            "sides between the ridges",
                            sidesMm(finished, meanMm),
                            Unit.FINE_MM,
                            Why.of(
                                    "(mean × area − ridges) ÷ the area beside them; a ridge runs out to nothing at the tip",
                                    "Conservation of volume",
                                    Why.in("mean thickness", meanMm, Unit.FINE_MM),
                                    Why.in("area", finished.areaMm2(), Unit.SQUARE_MM),
                                    Why.in("length", finished.lengthMm(), Unit.MM),
                                    Why.in("ridges", count, Unit.COUNT),
                                    Why.in("high", highMm, Unit.FINE_MM),
                                    Why.in("wide", wideMm, Unit.FINE_MM)));
        }
    }

    /** The outline that is left: pinching takes both flanks of every ridge out of its width. */
    public Outline left(Outline finished) {
        if (made == RidgeMade.LEFT) {
            return finished;
        }
        double taken = count * 2 * highMm * MEAN;
        return finished.withWidth(Math.max(LEAST_WIDTH * finished.widthMm(), finished.widthMm() - taken));
    }

    /**
     * The drying length at a ridge, mm: a midrib is as thick as it is high, a pinched ridge has two layers and is no wider than they
     * are thick.
     */
    public double dryingMm(double sheetMm) {
        return made == RidgeMade.LEFT
                ? Body.ridgeMm(sheetMm, highMm, wideMm)
                : Body.ridgeMm(sheetMm, 2 * sheetMm, 2 * sheetMm);
    }

    /**
     * Mean thickness of the sides between ridges that are left thick, mm; the paste stays the same. Below 0 the ridges alone take
     * more paste than there is.
     *
     * @param meanMm mean thickness of the whole piece
     */
    public double sidesMm(Outline finished, double meanMm) {
        double ridge = count * wideMm * MEAN * finished.lengthMm();
        double area = finished.areaMm2();
        return made == RidgeMade.PINCHED || ridge >= area
                ? meanMm
                : (meanMm * area - ridge * highMm * MEAN) / (area - ridge);
    }
}
