package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** A medium as the studio has it: its density once a ball was weighed, its drying once a batch was watched. */
@Text(label = "paste", means = "A medium as the studio has it.")
public record Paste(
        @Text(label = "medium") Medium medium,

        @Quantity(
                label = "density",
                unit = Unit.G_PER_CM3,
                min = 0.5,
                max = 3,
                step = 0.01,
                usual = 1.38,
                means = "Mass of a cubic centimetre, kneaded free of air.")
        double densityGPerCm3,

        @Quantity(
                label = "dries up to",
                unit = Unit.PERCENT,
                min = 30,
                max = 99,
                usual = 75,
                means = "Humidity of the room at or above which it takes up water instead of drying.")
        double driesUpToPct,

        @Quantity(
                label = "a 1 mm sheet dries in",
                unit = Unit.H,
                min = LEAST_DRY_H,
                max = MOST_DRY_H,
                step = 0.5,
                usual = 10,
                means = "Hours until a 1 mm sheet, dried on one side in still air at 20 °C and 50 %, is dry through.")
        double sheetDriesH,

        @Quantity(
                label = "gum powder",
                unit = Unit.PERCENT,
                min = 0,
                max = 10,
                step = 0.5,
                usual = 0,
                means = "Of its mass, kneaded in by hand; 0 where it is bought as it is used.")
        double gumPct,

        @Quantity(
                label = "kneaded again",
                unit = Unit.NONE,
                min = 0,
                max = 1,
                step = 0.05,
                usual = 0.6,
                means = "Share of the trimmings that can be kneaded in again.")
        double rekneadShare) {
    public Paste {
        Limits.check(Paste.class, medium, densityGPerCm3, driesUpToPct, sheetDriesH, gumPct, rekneadShare);
    }

    /** A medium as it usually is. */
    public static Paste usual(Medium medium) {
        return medium.setting()
                .either(
                        law -> new Paste(
                                medium,
                                medium.densityGPerCm3(),
                                100 * law.waterActivity(),
                                law.referenceDryH(),
                                medium.usualGumPct(),
                                REKNEADED),
                        law -> new Paste(
                                medium, medium.densityGPerCm3(), NEVER_DRIES_PCT, NEVER_DRIES_H, 0, REKNEADED));
    }

    /** Share of the trimmings that can usually be kneaded in again; what has skinned cannot. */
    private static final double REKNEADED = 0.6;

    /** Stands for the drying of what sets by cooling; nothing asks for it. */
    private static final double NEVER_DRIES_PCT = 75;

    private static final double NEVER_DRIES_H = 10;

    /** The same paste, its density known from a ball that was weighed. */
    public Paste weighed(double ballMm, double ballG) {
        return new Paste(medium, Density.ofBall(ballMm, ballG), driesUpToPct, sheetDriesH, gumPct, rekneadShare);
    }

    /**
     * The same paste, drying so many times as fast.
     *
     * @param faster above 0; what sets by cooling stays as it is
     */
    public Paste drying(double faster) {
        return drying()
                ? new Paste(
                        medium,
                        densityGPerCm3,
                        driesUpToPct,
                        Math.max(LEAST_DRY_H, Math.min(MOST_DRY_H, sheetDriesH / faster)),
                        gumPct,
                        rekneadShare)
                : this;
    }

    private static final double LEAST_DRY_H = 0.5;
    private static final double MOST_DRY_H = 400;

    /** Mass of a volume, g. */
    public double grams(double volumeMm3) {
        return volumeMm3 / 1000 * densityGPerCm3;
    }

    /** Gum powder in a mass of it, g. */
    public double gumG(double massG) {
        return gumPct / 100 * massG;
    }

    /** Whether it sets by giving off water. */
    public boolean drying() {
        return medium.setting().either(law -> true, law -> false);
    }

    /** How it sets. */
    public Medium.Setting setting() {
        return medium.setting().either(law -> new Medium.Setting.Drying(driesUpToPct / 100, sheetDriesH), law -> law);
    }

    /** The furthest stage that it ever reaches. */
    public Stage furthest() {
        return medium.furthest();
    }

    /** A stage that is wanted, or the furthest that it reaches where it never gets so far. */
    public Stage furthest(Stage wanted) {
        return wanted.compareTo(furthest()) > 0 ? furthest() : wanted;
    }
}
