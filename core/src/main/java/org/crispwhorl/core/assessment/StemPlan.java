package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.measure.MayBeInfinite;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.wire.MainStem;
import org.crispwhorl.core.wire.TapeRun;

/**
 * The stem of a species, from the centre down: what is taped in where, how thick it gets, how much tape that takes, what the
 * finished piece weighs and whether its stem carries it.
 *
 * @param steps in build order
 * @param thickMm the stem at its thickest
 * @param tapeMm tape in all, of a roll of the drawer's width
 * @param weightG paste and wires of the finished piece, further heads included
 * @param stem the main stem under it
 */
public record StemPlan(List<Step> steps, double thickMm, double tapeMm, double weightG, Verdict stem) {
    public StemPlan {
        steps = List.copyOf(steps);
    }

    /**
     * Whether the stem carries what stands on it.
     *
     * @param freeMm of stem above what holds it
     * @param worstMm height above its foot at which it is stressed most
     * @param leaningMpa stress there, leaning by 45° on its way
     * @param wires that carry
     * @param strongEnough whether it carries what stands on it
     * @param advice what to do, in the maker's words
     */
    public record Verdict(
            double freeMm,
            double worstMm,
            @MayBeInfinite double leaningMpa,
            int wires,
            boolean strongEnough,
            String advice) {}

    /**
     * What is taped in at once.
     *
     * @param part what it belongs to
     * @param thickMm the stem afterwards
     * @param tapeMm tape that it takes, as it comes off the roll
     */
    public record Step(String part, double thickMm, double tapeMm) {}

    /**
     * The stem of a species.
     *
     * @param tapeWidthMm of the roll; what goes round the wires may be cut from it
     */
    public static StemPlan of(Assessment a, double tapeWidthMm) {
        List<Step> steps = new ArrayList<>();
        double tape = 0;
        double share = a.techniques().tape().share();
        for (FlowerForm.Taping taping : a.form().tapings()) {
            Part part = a.species().part(taping.partId()).orElseThrow();
            double run = new TapeRun(taping.downMm(), taping.thickMm(), 1, share * tapeWidthMm).lengthMm() * share;
            steps.add(new Step(part.name(), taping.thickMm(), run));
            tape += run;
        }
        for (StemWrap wrap : a.species().wraps()) {
            double run = wrap.tapeMm(a.form().bareStemMm(), share * tapeWidthMm) * share;
            if (run > 0) {
                steps.add(new Step(wrap.name(), wrap.toMm(), run));
                tape += run;
            }
        }
        double weight = StemLoad.weightG(a);
        for (Assessment.OpenedHeads opened : a.opened()) {
            Assessment head = opened.head();
            tape += opened.opening().count() * of(head, tapeWidthMm).tapeMm();
        }
        MainStem stem = StemLoad.of(a);
        return new StemPlan(
                steps,
                a.form().stemMm(),
                tape,
                weight,
                new Verdict(
                        stem.freeMm(),
                        stem.worstMm(),
                        stem.leaningMpa(),
                        stem.wires().size(),
                        stem.carries(),
                        stem.advice()));
    }
}
