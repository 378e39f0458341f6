package org.crispwhorl.core.safety;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.species.NotFood;

/** The cautions that apply to a flower, by what is really in it: never a wall of text. */
public final class Cautions {
    /** Whom to ask, wherever food is concerned. */
    public static final String RULES =
            "Follow your local food rules; in doubt ask your local food authority or a qualified adviser.";

    private Cautions() {}

    public static List<Caution> of(Assessment a) {
        List<Caution> cautions = new ArrayList<>();
        if (!a.species().medium().edible()) {
            cautions.add(new Caution("not-edible", "Cold porcelain is never food: a keepsake, kept off the cake."));
        }
        Contents contents = Contents.of(a);
        if (!contents.notFood().isEmpty()) {
            String told = contents.notFood().stream().map(NotFood::told).collect(Collectors.joining(", "));
            cautions.add(new Caution("not-food", "Not food, to be counted in and taken out: " + told + ". " + RULES));
        }
        if (!contents.allergens().isEmpty()) {
            cautions.add(
                    new Caution("allergens", "Contains " + String.join(" and ", contents.allergens()) + ". " + RULES));
        }
        return cautions;
    }
}
