package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.measure.MayBeInfinite;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.studio.Conditions;

/**
 * Whether an order could be made of a medium by its date, and would stand where it goes.
 *
 * @param fits YES where nothing speaks against it, RISKY where something might, NO where it cannot be done or will fail
 * @param readyH hours from the first touch until its slowest flower is dry and done, working straight through
 * @param labourH hours of working time
 * @param reasons what speaks against it, and what makes it hold, in the maker's words
 */
public record MediumFit(
        Medium medium, Fits fits, @MayBeInfinite double readyH, double labourH, List<String> reasons) {
    /** How well it does. */
    public enum Fits {
        YES,
        RISKY,
        NO
    }

    /** Sugar takes water up slowly: up to so long in damp air it still stands. */
    private static final double STANDS_DAMP_H = 2;

    /** Within so many points of the humidity at which it takes water up it is sticky. */
    private static final double NEAR_PCT = 8;

    /** Within so many degrees of where it softens a draught of warm air is enough. */
    private static final double NEAR_C = 3;

    /** What the sun falls on is so much warmer than the air. */
    private static final double SUN_C = 10;

    private static final double MIN_PER_H = 60;

    public MediumFit {
        reasons = List.copyOf(reasons);
    }

    /**
     * Every medium, in the order in which makers name them.
     *
     * @param thereH hours until the hand-over less its margin
     */
    public static List<MediumFit> of(List<OrderSheet.Line> lines, Conditions conditions, double thereH, Venue venue) {
        return Arrays.stream(Medium.values())
                .map(medium -> of(medium, lines, conditions, thereH, venue))
                .toList();
    }

    private static MediumFit of(
            Medium medium, List<OrderSheet.Line> lines, Conditions conditions, double thereH, Venue venue) {
        List<OrderSheet.Line> made = lines.stream()
                .map(l -> new OrderSheet.Line(l.id(), l.species().withMedium(medium), l.count()))
                .toList();
        double readyH = made.stream()
                .mapToDouble(l ->
                        Planning.of(new Assessment(l.species(), conditions)).readyH())
                .max()
                .orElse(0);
        double labourH = OrderSheet.of(made, conditions).labourMin() / MIN_PER_H;
        Judged judged = new Judged();
        inTime(readyH, labourH, thereH, judged);
        stands(conditions.kit().paste(medium), venue, judged);
        if (medium.furthest() != Stage.DRY) {
            judged.risky("never gets firmer than " + Text.Labels.of(medium.furthest())
                    + ": for what lies or is modelled, not for petals that stand on wires");
        }
        if (!medium.edible()) {
            judged.risky("never food: a keepsake beside the cake, not on it");
        }
        return new MediumFit(medium, judged.fits, readyH, labourH, judged.reasons);
    }

    /** What speaks against a medium where it goes, in the maker's words; nothing where it stands there. */
    static List<String> standing(Paste paste, Venue venue) {
        Judged judged = new Judged();
        stands(paste, venue, judged);
        return judged.reasons;
    }

    private static final class Judged {
        private final List<String> reasons = new ArrayList<>();
        private Fits fits = Fits.YES;

        void no(String reason) {
            fits = Fits.NO;
            reasons.add(reason);
        }

        void risky(String reason) {
            fits = fits == Fits.NO ? Fits.NO : Fits.RISKY;
            reasons.add(reason);
        }

        void good(String reason) {
            reasons.add(reason);
        }
    }

    private static void inTime(double readyH, double labourH, double thereH, Judged judged) {
        if (!Double.isFinite(readyH)) {
            judged.no("never gets as firm as the design asks in the studio's room");
        } else if (readyH > thereH) {
            judged.no(String.format(
                    Locale.ROOT,
                    "needs %.0f h from start to finished, and there are %.0f",
                    readyH,
                    Math.max(0, thereH)));
        } else if (readyH + labourH > thereH) {
            judged.risky(String.format(
                    Locale.ROOT,
                    "needs %.0f h of drying and %.1f h of working time, and there are %.0f: no hour to lose",
                    readyH,
                    labourH,
                    thereH));
        } else {
            judged.good(String.format(Locale.ROOT, "ready %.0f h before", thereH - readyH));
        }
    }

    private static void stands(Paste paste, Venue venue, Judged judged) {
        paste.setting().either(law -> standsDamp(law, venue, judged), law -> standsWarm(law, venue, judged));
        if (venue.sun()) {
            judged.risky("the sun fades its colours");
        }
    }

    private static Judged standsDamp(Medium.Setting.Drying law, Venue venue, Judged judged) {
        double upTo = 100 * law.waterActivity();
        if (venue.humidityPct() >= upTo) {
            String takes = String.format(
                    Locale.ROOT, "takes water up at %.0f %% and above, and it is %.0f %%", upTo, venue.humidityPct());
            if (venue.hours() > STANDS_DAMP_H) {
                judged.no(takes + ": it sinks before the day is over");
            } else {
                judged.risky(takes + ": no longer than the meal");
            }
        } else if (venue.humidityPct() > upTo - NEAR_PCT) {
            judged.risky(String.format(Locale.ROOT, "gets sticky: near the %.0f %% at which it takes water up", upTo));
        }
        if (venue.cold()) {
            judged.risky("a cold store is damp, and what comes out of it gets wet: keep the flowers out of it");
        }
        return judged;
    }

    private static Judged standsWarm(Medium.Setting.Cooling law, Venue venue, Judged judged) {
        double warm = venue.temperatureC() + (venue.sun() ? SUN_C : 0);
        String where = venue.sun() ? "in the sun " : "there ";
        if (warm >= law.softensAboveC()) {
            judged.no(String.format(
                    Locale.ROOT, "softens above %.0f °C, and %sit is %.0f", law.softensAboveC(), where, warm));
        } else if (warm > law.softensAboveC() - NEAR_C) {
            judged.risky(String.format(
                    Locale.ROOT, "%sit is %.0f °C, and it softens above %.0f", where, warm, law.softensAboveC()));
        }
        if (venue.cold()) {
            judged.risky("sweats when it is brought out: let it come to the room's warmth in its closed box");
        }
        return judged;
    }
}
