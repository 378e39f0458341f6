package org.crispwhorl.core.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.InvalidValue;

/** All that is found on a design; only mends that were reckoned again and make their finding go are kept. */
public final class Findings {
    private static final List<Rule> RULES = List.of(
            new NeverDries(),
            new Weather(),
            new CentreTooTall(),
            new CentreTooFat(),
            new RingGap(),
            new RingHidden(),
            new StamenSpacing(),
            new WireTooThin(),
            new RidgeTooThin(),
            new PetalTooThick(),
            new WiredOntoSoft(),
            new SetBeforeWrapped(),
            new NeverHung(),
            new BackNeverDried(),
            new RidgeTooHigh(),
            new HookMissing(),
            new GrooveTooShort(),
            new HoldTooShort(),
            new WireEndsInBend(),
            new PetalsTooShortToMeet(),
            new OrderCannotClose(),
            new OpensTooFar(),
            new NeckShows(),
            new StamensHidden(),
            new VeinerMisfit(),
            new VeinsTooDeep(),
            new LeafHidden(),
            new RolledTooThin(),
            new ColourOutOfReach(),
            new PaintNotDry(),
            new SteamOnCoat(),
            new ColourBleeds(),
            new LooseDust(),
            new ColourJump(),
            new MainStemTooThin(),
            new FormerMisfit(),
            new CutPastCup(),
            new WindowMissed(),
            new ThicknessOutOfReach(),
            new FaceOffWidth(),
            new FewFormers(),
            new ShadesAlike());

    private Findings() {}

    /** The findings on a design, stops first, otherwise in the order of the rules. */
    public static List<Finding> of(Assessment assessment) {
        List<Finding> all = looked(assessment);
        List<Finding> mended = new ArrayList<>();
        for (Finding finding : all) {
            mended.add(finding.withFixes(finding.fixes().stream()
                    .filter(fix -> holds(finding, fix, all, assessment))
                    .toList()));
        }
        mended.sort(Comparator.comparing(Finding::severity).reversed());
        return mended;
    }

    private static List<Finding> looked(Assessment assessment) {
        List<Finding> all = new ArrayList<>();
        for (Rule rule : RULES) {
            for (Finding found : rule.look(assessment)) {
                // Unlike lobes of one cut are one matter.
                if (all.stream().noneMatch(found::sameMatter)) {
                    all.add(found);
                }
            }
        }
        return all;
    }

    /**
     * Whether a mend can be made, puts its finding right, and raises no other that weighs as much. That the flower then comes out
     * wider or narrower than wanted is no fault of the mend: the width is a wish, told and mended for itself.
     */
    private static boolean holds(Finding finding, Fix fix, List<Finding> before, Assessment found) {
        try {
            Assessment after = new Assessment(fix.species(), found.conditions().withRoom(fix.room()));
            for (Finding left : looked(after)) {
                boolean there = before.stream().anyMatch(left::sameMatter);
                boolean wish = left.kind().equals(FaceOffWidth.KIND);
                if (left.sameMatter(finding)
                        || !there && !wish && left.severity().compareTo(finding.severity()) >= 0) {
                    return false;
                }
            }
            return true;
        } catch (InvalidValue e) {
            return false;
        }
    }
}
