package org.crispwhorl.core.quick;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.paste.Ladder;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.paste.ShadeLadder;

/** Grams of strong colour and white, and the ladder of shades between two shares by both ways. */
@Text(
        label = "shade mix",
        means = "Grams of strong colour and white, and the light-to-dark mixes between two shares by both rules.")
public record ShadeMix(
        @Text(label = "strong colour", pattern = "#[0-9a-f]{6}", means = "sRGB colour of the strong paste.")
        String strong,

        @Quantity(
                label = "strongest",
                unit = Unit.NONE,
                min = 0.01,
                max = 1,
                step = 0.05,
                usual = 0.6,
                means = "Share of strong colour in the strongest shade.")
        double strongest,

        @Quantity(
                label = "palest",
                unit = Unit.NONE,
                min = 0.001,
                max = 1,
                step = 0.01,
                usual = 0.05,
                means = "Share of strong colour in the palest shade.")
        double palest,

        @Quantity(
                label = "shades",
                unit = Unit.COUNT,
                min = 1,
                max = 8,
                usual = 4,
                means = "How many, the strongest and the palest included.")
        int shades,

        @Quantity(
                label = "of each",
                unit = Unit.G,
                min = 1,
                max = 5000,
                step = 10,
                usual = 50,
                means = "Grams wanted of each shade.")
        double eachG)
        implements QuickQuestion {
    public ShadeMix {
        Limits.check(ShadeMix.class, strong, strongest, palest, shades, eachG);
    }

    @Override
    public QuickAnswer answer(Drawer drawer) {
        if (palest > strongest) {
            throw new InvalidValue("palest", palest, "no more strong colour than in the strongest, " + strongest);
        }
        QuickAnswer.Draft draft = new QuickAnswer.Draft();
        double most = 0;
        for (Ladder ladder : List.of(Ladder.EQUAL_STEPS, Ladder.HALVING)) {
            List<Shade> rungs = new ArrayList<>();
            for (int i = 0; i < shades; i++) {
                double share = shades == 1 ? strongest : strongest + (palest - strongest) * i / (shades - 1);
                rungs.add(new Shade("shade-" + i, "shade " + (i + 1), strong, share));
            }
            List<Shade> let = ShadeLadder.of(rungs, ladder);
            double strongG = 0;
            for (int i = 0; i < let.size(); i++) {
                double share = let.get(i).share();
                boolean alike = i > 0 && MixingLaw.distance(let.get(i - 1), let.get(i)) < MixingLaw.SAME;
                draft.swatches.add(new QuickAnswer.Swatch(
                        Text.Labels.of(ladder),
                        share,
                        MixingLaw.colour(let.get(i)),
                        eachG * share,
                        eachG * (1 - share),
                        alike));
                strongG += eachG * share;
                if (alike) {
                    draft.note("By " + Text.Labels.of(ladder) + ", shades " + i + " and " + (i + 1)
                            + " cannot be told apart: use fewer, or let them further apart.");
                }
            }
            most = Math.max(most, strongG);
        }
        double strongG = most * (1 + Batch.RESERVE);
        return draft.add(
                        Group.PASTE,
                        "strong",
                        "strong colour to mix at the start",
                        strongG,
                        Unit.G,
                        Why.of(
                                "Strong colour in all shades + a tenth in reserve, by the rule that takes more",
                                "A shade that runs out cannot be matched again",
                                in("of each", eachG, Unit.G),
                                in("reserve", 100 * Batch.RESERVE, Unit.PERCENT)))
                .answer();
    }
}
