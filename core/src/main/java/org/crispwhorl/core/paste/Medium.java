package org.crispwhorl.core.paste;

import java.util.List;
import java.util.function.Function;
import org.crispwhorl.core.measure.Text;

/**
 * What a flower is made of. Densities and drying constants are starting points that a weighed ball and the logbook
 * correct.
 */
@Text(label = "medium", means = "What the flower is made of.")
public enum Medium {
    @Text(label = "gum paste", means = "Sets like china, thin and strong.")
    GUM_PASTE(1.38, new Setting.Drying(0.75, 10), Stage.DRY, true),
    @Text(label = "fondant with gum powder", means = "Softer, quicker to buy, thicker.")
    GUM_FONDANT(1.42, new Setting.Drying(0.72, 16), Stage.DRY, true),
    @Text(label = "plain fondant", means = "Without gum powder: soft for days, and never as firm.")
    PLAIN_FONDANT(1.42, new Setting.Drying(0.72, 30), Stage.PART_DRY, true),
    @Text(label = "modelling chocolate", means = "Sets by cooling, softens in a hot room.")
    MODELLING_CHOCOLATE(
            1.30, new Setting.Cooling(30, 12, 27), Stage.DRY, true, "milk and soya (as the chocolate's label says)"),
    @Text(label = "marzipan", means = "Skins over but stays soft; contains nuts.")
    MARZIPAN(1.28, new Setting.Drying(0.80, 30), Stage.PART_DRY, true, "nuts (marzipan)"),
    @Text(label = "cold porcelain", means = "A keepsake, never edible.")
    COLD_PORCELAIN(1.20, new Setting.Drying(0.90, 24), Stage.DRY, false);

    /** What a flower is of before anybody says otherwise. */
    public static final Medium USUAL = GUM_PASTE;

    /** What a flower may be of where it is to be quicker; a price is told for each of them. */
    public static final List<Medium> QUICKER = List.of(GUM_FONDANT, MODELLING_CHOCOLATE);

    /** Gum powder that is usually kneaded into fondant, as a share of its mass, %. */
    private static final double GUM_PCT = 2;

    private final double densityGPerCm3;
    private final Setting setting;
    private final Stage furthest;
    private final boolean edible;
    private final List<String> allergens;

    Medium(double densityGPerCm3, Setting setting, Stage furthest, boolean edible, String... allergens) {
        this.densityGPerCm3 = densityGPerCm3;
        this.setting = setting;
        this.furthest = furthest;
        this.edible = edible;
        this.allergens = List.of(allergens);
    }

    /** The maker's word for it. */
    public String label() {
        return Text.Labels.of(this);
    }

    public double densityGPerCm3() {
        return densityGPerCm3;
    }

    public Setting setting() {
        return setting;
    }

    /** The furthest stage that it ever reaches. */
    public Stage furthest() {
        return furthest;
    }

    public boolean edible() {
        return edible;
    }

    /** Whether soft pieces of it are joined to soft ones, since it sets by itself and is never as hard as china. */
    public boolean joinedSoft() {
        return this == MODELLING_CHOCOLATE || this == MARZIPAN;
    }

    /** Gum powder that is usually kneaded into it, as a share of its mass, %. */
    public double usualGumPct() {
        return this == GUM_FONDANT ? GUM_PCT : 0;
    }

    /** What it is bought as, before anything is kneaded into it. */
    public Medium boughtAs() {
        return this == GUM_FONDANT ? PLAIN_FONDANT : this;
    }

    /** Allergens that it holds, in words; none where it holds none. */
    public List<String> allergens() {
        return allergens;
    }

    /** Mass of a volume, g. */
    public double grams(double volumeMm3) {
        return volumeMm3 / 1000 * densityGPerCm3;
    }

    /** How a medium sets. */
    public sealed interface Setting {
        /** What is made of it, by the way in which it sets. */
        <T> T either(Function<Drying, T> byDrying, Function<Cooling, T> byCooling);

        /**
         * By giving off water.
         *
         * @param waterActivity a_w: the room's humidity, as a share, at or above which it takes water up instead
         * @param referenceDryH hours in which a 1 mm sheet dried on one side is dry through at 20 °C, 50 %, still air
         */
        record Drying(double waterActivity, double referenceDryH) implements Setting {
            @Override
            public <T> T either(Function<Drying, T> byDrying, Function<Cooling, T> byCooling) {
                return byDrying.apply(this);
            }
        }

        /**
         * By cooling (Newton's law).
         *
         * @param workedAtC temperature at which it is worked
         * @param minutesPerMm time constant of a sheet of 1 mm cooling on one side
         * @param softensAboveC room temperature above which it softens again
         */
        record Cooling(double workedAtC, double minutesPerMm, double softensAboveC) implements Setting {
            @Override
            public <T> T either(Function<Drying, T> byDrying, Function<Cooling, T> byCooling) {
                return byCooling.apply(this);
            }
        }
    }
}
