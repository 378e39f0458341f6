package org.crispwhorl.core.truths;

import java.util.List;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;

/** What the truths of the bench are built and read with. */
final class Truths {
    private Truths() {}

    static Centre centre(CentreForm form, int gauge) {
        return new Centre("centre", "centre", Garden.PINK.id(), form, gauge, 0, 1, 5, 80, Colouring.NONE);
    }

    static Ring plain(String id, Pieces pieces) {
        return new Ring(id, id, Garden.PINK.id(), pieces, Colouring.NONE);
    }

    static Species wanted(Species species) {
        return species.withFaceMm(Math.round(Garden.form(species).faceMm()));
    }

    static List<String> kinds(Species species) {
        return Findings.of(new Assessment(species, Conditions.USUAL)).stream()
                .map(f -> f.severity() + " " + f.kind() + " " + f.partId().orElse(""))
                .toList();
    }

    static double hands(Species species) {
        return hands(species, Conditions.USUAL);
    }

    static double hands(Species species, Conditions conditions) {
        return Planning.of(new Assessment(species, conditions)).tasks().stream()
                .filter(t -> t.doing() != TaskKind.MIX)
                .mapToDouble(Plan.Task::labourMin)
                .sum();
    }
}
