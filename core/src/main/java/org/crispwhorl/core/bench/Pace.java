package org.crispwhorl.core.bench;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** Minutes of hands for each operation: starting points that the maker may change and the logbook corrects. */
@Words(label = "pace", means = "Minutes of hands for each operation.")
public record Pace(
        @Quantity(
                label = "cut",
                unit = Unit.MIN,
                min = 0.05,
                max = 60,
                step = 0.1,
                usual = 0.4,
                means = "Roll and cut one piece.")
        double cutMin,

        @Quantity(
                label = "wire",
                unit = Unit.MIN,
                min = 0.05,
                max = 60,
                step = 0.1,
                usual = 0.6,
                means = "Wire one piece.")
        double wireMin,

        @Quantity(
                label = "shape",
                unit = Unit.MIN,
                min = 0.05,
                max = 60,
                step = 0.1,
                usual = 1.2,
                means = "Thin, vein and lay one piece to dry.")
        double shapeMin,

        @Quantity(
                label = "glue",
                unit = Unit.MIN,
                min = 0.05,
                max = 60,
                step = 0.1,
                usual = 0.8,
                means = "Glue one piece on.")
        double glueMin,

        @Quantity(
                label = "tape",
                unit = Unit.MIN,
                min = 0.05,
                max = 60,
                step = 0.1,
                usual = 0.7,
                means = "Tape one piece on.")
        double tapeMin,

        @Quantity(label = "heart", unit = Unit.MIN, min = 0.1, max = 120, usual = 4, means = "Make one heart.")
        double heartMin,

        @Quantity(
                label = "strand",
                unit = Unit.MIN,
                min = 0.01,
                max = 10,
                step = 0.05,
                usual = 0.25,
                means = "Bunch and tie, for each strand of stamens.")
        double strandMin,

        @Quantity(
                label = "dust",
                unit = Unit.MIN,
                min = 0.05,
                max = 30,
                step = 0.1,
                usual = 0.3,
                means = "One pass of dust over one piece.")
        double dustMin,

        @Quantity(
                label = "ball",
                unit = Unit.MIN,
                min = 0.01,
                max = 10,
                usual = 0.25,
                step = 0.05,
                means = "Roll each further ball of a cluster and set it in place.")
        double ballMin,

        @Quantity(
                label = "snip",
                unit = Unit.MIN,
                min = 0.01,
                max = 10,
                usual = 0.1,
                step = 0.05,
                means = "One snip or cut of the knife.")
        double snipMin,

        @Quantity(
                label = "frill",
                unit = Unit.MIN,
                min = 0.05,
                max = 30,
                usual = 0.5,
                step = 0.1,
                means = "Thin, frill or turn back the edge of one piece.")
        double frillMin,

        @Quantity(
                label = "paint",
                unit = Unit.MIN,
                min = 0.05,
                max = 60,
                usual = 0.6,
                step = 0.1,
                means = "One pass of paint over one piece.")
        double paintMin,

        @Quantity(
                label = "mix",
                unit = Unit.MIN,
                min = 0.1,
                max = 60,
                usual = 6,
                means = "Knead one shade to its colour.")
        double mixMin) {
    /** Before any record. */
    public static final Pace UNRECORDED = new Pace(0.4, 0.6, 1.2, 0.8, 0.7, 4, 0.25, 0.3, 0.25, 0.1, 0.5, 0.6, 6);

    public Pace {
        Limits.check(
                Pace.class,
                cutMin,
                wireMin,
                shapeMin,
                glueMin,
                tapeMin,
                heartMin,
                strandMin,
                dustMin,
                ballMin,
                snipMin,
                frillMin,
                paintMin,
                mixMin);
    }
}
