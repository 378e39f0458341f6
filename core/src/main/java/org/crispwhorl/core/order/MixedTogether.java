package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Shade;

/** Shades of an order that are mixed at once: those of one medium that are the same, or that nobody could tell apart. */
final class MixedTogether {
    private MixedTogether() {}

    /** Whether two shades are mixed at once. */
    static boolean together(Shade one, Shade other) {
        return one.share() == other.share() && one.strong().equals(other.strong())
                || MixingLaw.distance(one, other) < MixingLaw.SAME;
    }

    /** What is wanted of each shade, by medium and by strong colour. */
    static Map<Medium, Map<String, List<Batch.Wanted>>> of(List<OrderSheet.ShadeLine> lines) {
        Map<Medium, List<Batch.Wanted>> byMedium = new TreeMap<>();
        for (OrderSheet.ShadeLine line : lines) {
            if (line.mixG() > 0) {
                add(byMedium.computeIfAbsent(line.medium(), m -> new ArrayList<>()), line);
            }
        }
        Map<Medium, Map<String, List<Batch.Wanted>>> byStrong = new TreeMap<>();
        byMedium.forEach(
                (medium, wanted) -> wanted.forEach(w -> byStrong.computeIfAbsent(medium, m -> new LinkedHashMap<>())
                        .computeIfAbsent(w.shade().strong(), m -> new ArrayList<>())
                        .add(w)));
        return byStrong;
    }

    /** Each goes with the first that it cannot be told from, so that what is mixed at once never drifts. */
    private static void add(List<Batch.Wanted> wanted, OrderSheet.ShadeLine line) {
        Shade shade = new Shade("shade", line.shade(), line.strong(), line.strongG() / line.mixG(), line.master());
        Batch.Portion portion = new Batch.Portion(line.species(), line.shade(), line.mixG());
        for (int i = 0; i < wanted.size(); i++) {
            if (together(wanted.get(i).shade(), shade)
                    && wanted.get(i).portions().stream()
                            .noneMatch(p -> p.whose().equals(line.species()))) {
                wanted.set(i, wanted.get(i).and(portion));
                return;
            }
        }
        wanted.add(new Batch.Wanted(shade, List.of(portion)));
    }
}
