package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.species.WireCut;
import org.crispwhorl.core.wire.MainStem;
import org.crispwhorl.core.wire.TapeRun;

/**
 * The stem of a species, from the heart down: what is taped in where, how thick it gets, how much tape that takes, what the
 * finished piece weighs and whether its stem carries it.
 *
 * @param steps in build order
 * @param thickMm the stem at its thickest
 * @param tapeMm tape in all, of a roll of the drawer's width
 * @param weightG paste and wires of the finished piece, further heads included
 * @param stem the main stem under it
 */
public record StemPlan(List<Step> steps, double thickMm, double tapeMm, double weightG, MainStem stem) {
    public StemPlan {
        steps = List.copyOf(steps);
    }

    /**
     * What is taped in at once.
     *
     * @param part what it belongs to
     * @param thickMm the stem afterwards
     * @param tapeMm tape that it takes
     */
    public record Step(String part, double thickMm, double tapeMm) {}

    /** Density of steel, g/mm³. */
    private static final double STEEL = 0.00785;

    /** The stem of a species. */
    public static StemPlan of(Assessment a, double tapeWidthMm) {
        List<Step> steps = new ArrayList<>();
        double tape = 0;
        for (FlowerForm.Taping taping : a.form().tapings()) {
            Part part = a.species().part(taping.partId()).orElseThrow();
            double run = new TapeRun(taping.downMm(), taping.thickMm(), 1, tapeWidthMm).lengthMm();
            steps.add(new Step(part.name(), taping.thickMm(), run));
            tape += run;
        }
        for (StemWrap wrap : a.species().wraps()) {
            double run = wrap.tapeMm(a.form().bareStemMm(), tapeWidthMm);
            if (run > 0) {
                steps.add(new Step(wrap.name(), wrap.toMm(), run));
                tape += run;
            }
        }
        double weight = a.headG() + wiresG(a);
        for (Assessment.OpenedHeads opened : a.opened()) {
            Assessment head = opened.head();
            weight += opened.opening().count() * (head.headG() + wiresG(head));
            tape += opened.opening().count() * of(head, tapeWidthMm).tapeMm();
        }
        return new StemPlan(steps, a.form().stemMm(), tape, weight, mainStem(a, weight));
    }

    private static double wiresG(Assessment a) {
        double grams = 0;
        for (Part part : a.species().parts()) {
            for (WireCut cut : part.wireCuts()) {
                double d = a.wireTable().diameterMm(cut.gauge());
                grams += STEEL * Math.PI * d * d / 4 * cut.lengthMm() * cut.count();
            }
        }
        return grams;
    }

    private static MainStem mainStem(Assessment a, double weightG) {
        if (a.species().heads().isPresent()) {
            Heads heads = a.species().heads().get();
            HeadLoad load = HeadLoad.of(a, heads);
            return new MainStem(
                    weightG,
                    load.freeMm() + load.middleMm(),
                    List.of(a.wireTable().diameterMm(heads.gauge())));
        }
        double free = a.species().heart().map(Heart::stemMm).orElse(0.0);
        return new MainStem(weightG, free, a.form().stemWiresMm());
    }
}
