package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.colour.ColourUse;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Mixture;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.PassWords;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.studio.Conditions;

/** Gathers what is coloured for an order. */
final class Colours {
    private Colours() {}

    static ColourSheet of(List<OrderSheet.Line> lines, Conditions conditions, Drawer drawer) {
        List<ColourSheet.PartJob> parts = new ArrayList<>();
        Map<ColourUse, Double> sums = new LinkedHashMap<>();
        Map<ColourUse, List<String>> uses = new LinkedHashMap<>();
        for (OrderSheet.Line line : lines) {
            Assessment a = new Assessment(line.species(), conditions);
            for (Part part : a.species().parts()) {
                List<Pass> passes = part.colouring().orElse(Colouring.NONE).passes();
                if (passes.isEmpty()) {
                    continue;
                }
                Coloured.worn(a, part)
                        .ifPresent(worn -> parts.add(new ColourSheet.PartJob(
                                line.species().name(),
                                part.name(),
                                line.count() * part.colouredPieces(),
                                worn,
                                passes.stream().map(pass -> pass(a, part, pass)).toList())));
                for (ColourUse use : Coloured.uses(a, part)) {
                    ColourUse key = new ColourUse(use.name(), use.swatch(), use.form(), 0);
                    sums.merge(key, line.count() * use.milligrams(), Double::sum);
                    uses.computeIfAbsent(key, k -> new ArrayList<>())
                            .add(line.species().name() + ", " + part.name());
                }
            }
        }
        List<ColourSheet.ColourJob> colours = new ArrayList<>();
        sums.forEach((use, mg) -> colours.add(new ColourSheet.ColourJob(
                use.name(),
                use.swatch(),
                use.form(),
                mg,
                pots(use, drawer).findFirst().map(ColourPot::count),
                pots(use, drawer).mapToDouble(ColourPot::grams).sum(),
                uses.get(use))));
        colours.sort(
                Comparator.comparingDouble(ColourSheet.ColourJob::milligrams).reversed());
        return new ColourSheet(colours, parts);
    }

    private static Stream<ColourPot> pots(ColourUse use, Drawer drawer) {
        return drawer.all(ColourPot.class).stream().filter(pot -> pot.holds(use.name(), use.form()));
    }

    private static ColourSheet.PassJob pass(Assessment a, Part part, Pass pass) {
        Pass.GoesOn when = Work.when(a, part, pass);
        return new ColourSheet.PassJob(
                Text.Labels.of(pass.how()),
                PassWords.what(pass),
                PassWords.where(pass, part.zoned()),
                pass.strength(),
                Text.Labels.of(when)
                        + (when == Pass.GoesOn.PIECE && a.dries(part) ? ", " + Text.Labels.of(pass.at()) : ""),
                PassWords.after(pass),
                pass.colours().isEmpty() ? Optional.empty() : Optional.of(Mixture.swatch(pass)));
    }
}
