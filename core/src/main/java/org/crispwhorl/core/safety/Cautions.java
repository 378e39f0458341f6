package org.crispwhorl.core.safety;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.WireCut;

/** The cautions that apply to a flower, by what is really in it: never a wall of text. */
public final class Cautions {
    private static final String RULES =
            " Follow your local food rules; in doubt ask your local food authority or a qualified adviser.";

    private Cautions() {}

    public static List<Caution> of(Assessment a) {
        List<Caution> cautions = new ArrayList<>();
        if (!a.species().medium().edible()) {
            cautions.add(new Caution("not-edible", "Cold porcelain is never food: a keepsake, kept off the cake."));
        }
        String notFood = notFood(a);
        if (!notFood.isEmpty()) {
            cautions.add(new Caution("not-food", "Not food, to be counted in and taken out: " + notFood + "." + RULES));
        }
        List<String> allergens = allergens(a);
        if (!allergens.isEmpty()) {
            cautions.add(new Caution("allergens", "Contains " + String.join(" and ", allergens) + "." + RULES));
        }
        return cautions;
    }

    private static List<String> allergens(Assessment a) {
        List<String> found = new ArrayList<>();
        if (a.species().medium() == Medium.MARZIPAN) {
            found.add("nuts (marzipan)");
        } else if (a.species().medium() == Medium.MODELLING_CHOCOLATE) {
            found.add("milk and soya (as the chocolate's label says)");
        }
        a.species().parts().stream()
                .flatMap(part -> part.allergens(a).stream())
                .distinct()
                .forEach(found::add);
        a.species().parts().stream()
                .flatMap(part -> part.colouring().stream())
                .flatMap(colouring -> colouring.passes().stream())
                .flatMap(pass -> pass.colours().stream())
                .flatMap(dip -> dip.form().allergen().stream())
                .distinct()
                .forEach(found::add);
        return found;
    }

    private static String notFood(Assessment a) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        count(a, 1, counts);
        a.opened().forEach(o -> count(o.head(), o.opening().count(), counts));
        List<String> told = new ArrayList<>();
        counts.forEach((what, many) -> told.add(many + " " + what));
        return String.join(", ", told);
    }

    private static void count(Assessment a, int heads, Map<String, Integer> counts) {
        for (Part part : a.species().parts()) {
            int wires = part.wireCuts().stream().mapToInt(WireCut::count).sum();
            add(counts, "wires", heads * wires);
            part.notFood().forEach(n -> add(counts, n.what(), heads * n.count()));
        }
    }

    private static void add(Map<String, Integer> counts, String what, int many) {
        if (many > 0) {
            counts.merge(what, many, Integer::sum);
        }
    }
}
