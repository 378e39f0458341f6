package org.crispwhorl.core.order;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.colour.Carrier;
import org.crispwhorl.core.colour.ColourUse;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Mixture;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
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
                what(pass),
                where(pass),
                pass.strength(),
                Text.Labels.of(when)
                        + (when == Pass.GoesOn.PIECE && a.dries(part) ? ", " + Text.Labels.of(pass.at()) : ""),
                after(pass),
                pass.colours().isEmpty() ? Optional.empty() : Optional.of(Mixture.swatch(pass)));
    }

    private static String what(Pass pass) {
        if (pass.colours().isEmpty()) {
            return "a colour still to be chosen";
        }
        String mixed = pass.colours().stream()
                .map(c -> pass.colours().size() > 1 ? parts(c.parts()) + " " + c.name() : c.name())
                .collect(Collectors.joining(" + "));
        return pass.carrier() == Carrier.NOTHING
                ? mixed
                : mixed + ", " + parts(pass.letDown()) + " of " + Text.Labels.of(pass.carrier()) + " to 1";
    }

    private static String parts(double parts) {
        return BigDecimal.valueOf(parts).stripTrailingZeros().toPlainString();
    }

    private static String where(Pass pass) {
        String zone = Text.Labels.of(pass.zone()) + ", " + Text.Labels.of(pass.side());
        return pass.zone().everywhere()
                ? zone
                : zone + ": " + Unit.MM.write(pass.reachMm()) + ", fading over " + Unit.MM.write(pass.fadeMm());
    }

    private static String after(Pass pass) {
        String wait = pass.waitMin() > 0 ? "wait " + Unit.MIN.write(pass.waitMin()) : "";
        return pass.brushedOff() && !pass.wet() ? "brush off what is loose" : wait;
    }
}
