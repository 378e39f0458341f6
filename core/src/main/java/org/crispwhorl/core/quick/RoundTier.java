package org.crispwhorl.core.quick;

import static org.crispwhorl.core.measure.Why.in;

import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;

/** Loose petals or small blossoms laid round a tier: how many, and what holds them. */
@Text(label = "round a tier", means = "Loose petals or small blossoms round a tier: how many, and what holds them.")
public record RoundTier(
        @Quantity(
                label = "tier",
                unit = Unit.MM,
                min = 40,
                max = 800,
                step = 5,
                usual = 200,
                means = "Across the tier.")
        double tierMm,

        @Quantity(label = "each wide", unit = Unit.MM, min = 3, max = 150, usual = 30, means = "Across one of them.")
        double wideMm,

        @Quantity(
                label = "lap",
                unit = Unit.NONE,
                min = 0,
                max = 0.9,
                step = 0.05,
                usual = 0.25,
                means = "Share of the width that lies over the one before; 0 is side by side.")
        double lap,

        @Quantity(label = "rows", unit = Unit.COUNT, min = 1, max = 20, usual = 1, means = "Rows, one above the other.")
        int rows,

        @Quantity(
                label = "each weighs",
                unit = Unit.G,
                min = 0.05,
                max = 50,
                step = 0.1,
                usual = 0.8,
                means = "One of them.")
        double eachG,

        @Text(label = "laid") LaidOn laid)
        implements QuickQuestion {
    /** Where they are laid. */
    @Text(label = "laid", means = "Where they are laid.")
    public enum LaidOn {
        @Text(label = "on the top or a ledge")
        FLAT,
        @Text(label = "on the side")
        SIDE
    }

    /** Heavier than this per square millimetre of its foot one slides off a side before wet glue has taken, g/mm². */
    private static final double WATER_HOLDS = 0.0035;

    /** Up to here stiff icing or melted chocolate holds it; what is heavier goes in by a foot or a pick. */
    private static final double STIFF_HOLDS = 0.012;

    public RoundTier {
        Limits.check(RoundTier.class, tierMm, wideMm, lap, rows, eachG, laid);
    }

    @Override
    public QuickAnswer answer(Drawer drawer) {
        double round = Math.PI * tierMm;
        double step = wideMm * (1 - lap);
        int inARow = Math.max(1, (int) Math.ceil(round / step - A_HAIR));
        int all = inARow * rows;
        Why why = Why.of(
                "πD ÷ (width × (1 − lap)), rounded up",
                "Circumference of a circle",
                in("across the tier", tierMm, Unit.MM),
                in("one wide", wideMm, Unit.MM),
                in("lap", lap, Unit.NONE));
        QuickAnswer.Draft draft = new QuickAnswer.Draft()
                .add(Group.PIECES, "inARow", "in a row", inARow, Unit.COUNT, why)
                .add(
                        Group.PIECES,
                        "all",
                        "in all",
                        all,
                        Unit.COUNT,
                        Why.of(
                                "In a row × rows",
                                "Your tier",
                                in("in a row", inARow, Unit.COUNT),
                                in("rows", rows, Unit.COUNT)))
                .add(
                        Group.SIZE,
                        "apart",
                        "apart, to come out even",
                        round / inARow,
                        Unit.MM,
                        Why.of(
                                "πD ÷ how many",
                                "Circumference of a circle",
                                in("round", round, Unit.MM),
                                in("in a row", inARow, Unit.COUNT)))
                .add(
                        Group.PASTE,
                        "weight",
                        "on the cake",
                        all * eachG,
                        Unit.G,
                        Why.of(
                                "How many × weight",
                                "Your tier",
                                in("in all", all, Unit.COUNT),
                                in("each", eachG, Unit.G)));
        return draft.note(held()).answer();
    }

    private static final double A_HAIR = 1e-9;

    /** What holds one, by its weight on its own width. */
    private String held() {
        double load = eachG / (Math.PI / 4 * wideMm * wideMm);
        if (laid == LaidOn.FLAT) {
            return load <= STIFF_HOLDS
                    ? "Laid flat a brush of water or a dab of icing keeps them where they are."
                    : "So heavy for their width: push them in by a foot of paste, or on a food-safe pick.";
        }
        if (load <= WATER_HOLDS) {
            return "A brush of water or piping gel holds them on the side.";
        }
        return load <= STIFF_HOLDS
                ? "Stick them with stiff icing or melted chocolate, and hold each until it takes."
                : "Too heavy to stick on a side: push them in by a foot of paste, or on a food-safe pick.";
    }
}
