package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.safety.Cautions;
import org.crispwhorl.core.safety.Contents;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.work.Use;

/**
 * What goes with an order to whoever serves it: what has to come out before anybody eats, what may not be eaten by whom, and how the
 * flowers are kept until then.
 *
 * @param flowers what is delivered
 * @param takenOut what is no food, counted over the whole order: counted in by the maker, out by whoever serves
 * @param allergens by what was really used; empty where there are none
 * @param notEaten what else of it is not sold as food
 * @param keeping heat, damp, light and how it travels, by the media it is made of
 * @param ask whom to ask
 */
public record ServiceCard(
        List<ServedFlowers> flowers,
        List<TakenOut> takenOut,
        List<String> allergens,
        List<String> notEaten,
        List<String> keeping,
        String ask) {
    public ServiceCard {
        flowers = List.copyOf(flowers);
        takenOut = List.copyOf(takenOut);
        allergens = List.copyOf(allergens);
        notEaten = List.copyOf(notEaten);
        keeping = List.copyOf(keeping);
    }

    /** Flowers of one species. */
    public record ServedFlowers(String species, int count, String medium, boolean edible) {}

    /** Pieces of one sort. */
    public record TakenOut(String what, int count, List<String> in) {}

    /**
     * @param sheet what they take
     * @param drawer whose pots say which colours are sold as food
     * @param picks stems that stand in a pick
     * @param venue where the flowers go; none where that is not known
     */
    static ServiceCard of(
            List<OrderSheet.Line> lines,
            OrderSheet sheet,
            Conditions conditions,
            Drawer drawer,
            int picks,
            Optional<Venue> venue) {
        List<ServedFlowers> flowers = new ArrayList<>();
        Map<String, Integer> counts = new LinkedHashMap<>();
        Map<String, Set<String>> where = new LinkedHashMap<>();
        Set<String> allergens = new LinkedHashSet<>();
        Set<String> notEaten = new LinkedHashSet<>();
        Set<String> keeping = new LinkedHashSet<>();
        for (OrderSheet.Line line : lines) {
            Assessment a = new Assessment(line.species(), conditions);
            Medium medium = a.species().medium();
            String name = line.species().name();
            flowers.add(new ServedFlowers(name, line.count(), medium.label(), medium.edible()));
            Contents contents = Contents.of(a);
            contents.notFood().forEach(n -> {
                counts.merge(n.what(), line.count() * n.count(), Integer::sum);
                where.computeIfAbsent(n.what(), w -> new LinkedHashSet<>()).add(name);
            });
            allergens.addAll(contents.allergens());
            if (!medium.edible()) {
                notEaten.add(name + ": " + medium.label() + " is never food. Take the whole flower off.");
            }
            keeping.add(kept(a.paste()));
            venue.ifPresent(goes -> MediumFit.standing(a.paste(), goes)
                    .forEach(limit -> keeping.add(capital(medium.label()) + ", where it goes: " + limit + ".")));
        }
        if (picks > 0) {
            counts.merge("picks", picks, Integer::sum);
            where.computeIfAbsent("picks", w -> new LinkedHashSet<>()).add("the stems that stand in the cake");
        }
        colours(lines, conditions, drawer).forEach(notEaten::add);
        sheet.tasks().forEach(task -> task.task()
                .steps()
                .uses()
                .flatMap(use -> told(use.sort()).stream())
                .forEach(told -> notEaten.add(task.species() + ": " + told)));
        if (counts.containsKey("wires")) {
            notEaten.add(
                    "Taped stems are no food and do not touch it: they stand in picks, or lie on something that is taken off with them.");
        }
        keeping.add("Carry upright in a closed box in which heads touch nothing; never in a warm car in the sun.");
        keeping.add("Keep out of sun and strong light: colours fade.");
        return new ServiceCard(
                flowers,
                counts.entrySet().stream()
                        .map(e -> new TakenOut(e.getKey(), e.getValue(), List.copyOf(where.get(e.getKey()))))
                        .toList(),
                List.copyOf(allergens),
                List.copyOf(notEaten),
                List.copyOf(keeping),
                Cautions.RULES);
    }

    /** What is said of something used up in the work to whoever eats. */
    private static Optional<String> told(Use.Sort sort) {
        return switch (sort) {
            case SPIRIT -> Optional.of("painted with spirit, which dries off. Tell whoever avoids alcohol.");
            case GLAZE ->
                Optional.of("glazed. It is eaten only where the glaze is sold as food; read what it is made of.");
            case LACQUER -> Optional.of("lacquered. What is lacquered is not eaten.");
            case FORMER, VEINER, BOARD, RACK, GLUE -> Optional.empty();
        };
    }

    /** Colours of which the drawer does not say that they may be eaten. */
    private static List<String> colours(List<OrderSheet.Line> lines, Conditions conditions, Drawer drawer) {
        List<String> told = new ArrayList<>();
        for (ColourSheet.ColourJob job : Colours.of(lines, conditions, drawer).colours()) {
            List<ColourPot> pots = drawer.all(ColourPot.class).stream()
                    .filter(pot -> pot.holds(job.name(), job.form()))
                    .toList();
            if (pots.isEmpty()) {
                told.add(job.name() + ": the drawer does not say whether it may be eaten");
            } else if (pots.stream().anyMatch(pot -> pot.eaten() != ColourPot.Eaten.EDIBLE)) {
                told.add(job.name() + ": " + Text.Labels.of(pots.get(0).eaten())
                        + "; what is called non-toxic is not therefore food");
            }
        }
        return told;
    }

    /** How long what it is made of stays as it is. */
    private static String kept(Paste paste) {
        String label = capital(paste.medium().label());
        return paste.setting()
                .either(
                        law -> String.format(
                                Locale.ROOT,
                                "%s: dry and airy, below %.0f %% humidity, at room temperature; never in a refrigerator or a closed"
                                        + " damp box, where it takes up water and sinks. Not on anything moist for longer than it is"
                                        + " shown.",
                                label,
                                100 * law.waterActivity()),
                        law -> String.format(
                                Locale.ROOT,
                                "%s: below %.0f °C, it softens above; brought from the cold into a warm damp room it sweats: let it"
                                        + " come to the room's warmth in its closed box.",
                                label,
                                law.softensAboveC()));
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
