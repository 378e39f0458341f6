package org.crispwhorl.core.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.reckoning.DesignChange;
import org.crispwhorl.core.species.Species;

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
                        .flatMap(mend -> onTheDesign(mend, assessment).stream())
                        .filter(mend -> holds(rule, finding, mend, assessment))
                        .toList()));
            }
        }
        all.sort(Comparator.comparing(Finding::severity).reversed());
        return all;
    }

    /** A mend is found on the flower as it is made and carried back to its design; none where the design cannot take it. */
    private static Optional<Mend> onTheDesign(Mend mend, Assessment a) {
        try {
            Species mended = DesignChange.carriedOver(a.designed(), a.species(), mend.species());
            return Optional.of(Mend.of(mend.label(), () -> mended, mend.room()));
        } catch (InvalidValue e) {
            return Optional.empty();
        }
    }

    private static boolean holds(Rule rule, Finding finding, Mend mend, Assessment before) {
        Assessment after = new Assessment(mend.species(), before.conditions().withRoom(mend.room()));
        return rule.look(after).stream().noneMatch(finding::sameMatter);
    }
}
