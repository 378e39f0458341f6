package org.crispwhorl.core.safety;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.species.NotFood;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.WireCut;

/**
 * What is in one finished flower that somebody who eats has to know of.
 *
 * @param notFood things that are no food, with their count; further heads on its stem included
 * @param allergens in words, by what it is really made with
 */
public record Contents(List<NotFood> notFood, List<String> allergens) {
    public Contents {
        notFood = List.copyOf(notFood);
        allergens = List.copyOf(allergens);
    }

    public static Contents of(Assessment a) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        count(a, 1, counts);
        a.opened().forEach(o -> count(o.head(), o.opening().count(), counts));
        return new Contents(
                counts.entrySet().stream()
                        .map(e -> new NotFood(e.getKey(), e.getValue()))
                        .toList(),
                allergens(a));
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

    private static List<String> allergens(Assessment a) {
        List<String> found = new ArrayList<>(a.species().medium().allergens());
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
}
