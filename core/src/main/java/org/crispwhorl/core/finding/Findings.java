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
            new CentreTooTall(),
            new CentreTooFat(),
            new RingGap(),
            new RingHidden(),
            new StamenSpacing(),
            new WireTooThin(),
            new RidgeTooThin(),
            new HoldTooShort(),
            new WireEndsInBend(),
            new PetalsTooShortToMeet(),
            new OrderCannotClose(),
            new GluedTooHigh(),
            new NeckShows(),
            new StamensHidden(),
            new VeinerMisfit(),
            new RolledTooThin(),
            new ColourOutOfReach(),
            new PaintNotDry(),
            new SteamOnCoat(),
            new MainStemTooThin(),
            new FormerMisfit(),
            new ThicknessOutOfReach(),
            new FaceOffWidth(),
            new FewFormers(),
            new ShadesAlike());

    private Findings() {}

    /** The findings on a design, stops first, otherwise in the order of the rules. */
    public static List<Finding> of(Assessment assessment) {
        List<Finding> all = new ArrayList<>();
        for (Rule rule : RULES) {
            for (Finding finding : rule.look(assessment)) {
                all.add(finding.withMends(finding.mends().stream()
                        .filter(mend -> holds(rule, finding, mend, assessment))
                        .toList()));
            }
        }
        all.sort(Comparator.comparing(Finding::severity).reversed());
        return all;
    }

    /** Whether a mend can be made and puts its finding right. */
    private static boolean holds(Rule rule, Finding finding, Mend mend, Assessment before) {
        try {
            Assessment after =
                    new Assessment(mend.species(), before.conditions().withRoom(mend.room()));
            return rule.look(after).stream().noneMatch(finding::sameMatter);
        } catch (InvalidValue e) {
            return false;
        }
    }
}
