package org.crispwhorl.core.sheets;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.StemPlan;
import org.crispwhorl.core.bench.BenchCard;
import org.crispwhorl.core.bench.Cards;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.ColourSheet;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.safety.Cautions;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.troubleshooting.Seen;
import org.crispwhorl.core.troubleshooting.Troubleshooting;
import org.crispwhorl.core.wire.TapeRun;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Use;

/** A species as a method: what a teacher hands out, and a helper works from without asking. */
final class Method {
    /** What opens later in a day is gone on with the next morning. */
    private static final double WORKED_H = 9;

    private static final double HOURS_A_DAY = 24;

    private static final double MIN_PER_H = 60;

    private final Assessment a;
    private final Plan plan;
    private final OrderSheet sheet;
    private final List<BenchCard> cards;
    private final ColourSheet colours;
    private final List<Block> blocks = new ArrayList<>();

    private Method(Species species, Conditions conditions, Drawer drawer) {
        List<OrderSheet.Line> one = List.of(OrderSheet.Line.of(species, 1));
        a = new Assessment(species, conditions);
        plan = Planning.of(a);
        sheet = OrderSheet.of(one, conditions);
        cards = Cards.of(one, sheet, conditions, drawer);
        colours = ColourSheet.of(one, conditions, drawer);
    }

    /** The method of one flower as the studio makes it, spares included. */
    static List<Block> of(Species species, Conditions conditions, Drawer drawer) {
        Method method = new Method(species, conditions, drawer);
        method.head();
        method.needed();
        method.steps();
        method.wrong();
        Cautions.of(method.a).forEach(caution -> method.blocks.add(new Block.Note(Mark.STOP, caution.text())));
        return method.blocks;
    }

    private void head() {
        Species species = a.species();
        String face = Said.mm(a.form().faceMm()) + " across";
        blocks.add(Block.Note.of("Makes 1, spares included · " + face + " · of " + Text.Labels.of(species.medium())
                + " · hands " + Said.hands(sheet.labourMin()) + handsOf() + " · ready "
                + Said.atLeast(MIN_PER_H * plan.readyH()) + " after the first touch, at "
                + Unit.CELSIUS.write(a.conditions().room().dryingC()) + " and "
                + Unit.PERCENT.write(a.conditions().room().dryingPct()) + "."));
        if (!species.note().isBlank()) {
            blocks.add(Block.Note.of("Why: " + species.note()));
        }
    }

    private String handsOf() {
        return sheet.tasks().stream()
                .collect(Collectors.groupingBy(
                        t -> Text.Labels.of(t.task().doing()),
                        LinkedHashMap::new,
                        Collectors.summingDouble(OrderSheet.OrderTask::labourMin)))
                .entrySet()
                .stream()
                .map(e -> e.getKey() + " " + Said.hands(e.getValue()))
                .collect(Collectors.joining(", ", " (", ")"));
    }

    private void needed() {
        blocks.add(Block.Heading.of("What is needed"));
        List<List<Cell>> rows = new ArrayList<>();
        sheet.shades().stream()
                .filter(s -> s.mixG() > 0)
                .forEach(s -> need(
                        rows,
                        "paste",
                        s.shade() + ", " + Said.grams(s.mixG())
                                + s.mixed().map(mixed -> ": " + mixed).orElse(s.coloured())));
        for (OrderSheet.CutLine cut : sheet.cuts()) {
            need(
                    rows,
                    "for " + of(cut.species(), cut.part()),
                    Said.many(cut.needed() + cut.spares(), "piece") + ": " + cut.from()
                            + (cut.cut().isPresent() ? ", " + Said.size(cut.lengthMm(), cut.widthMm()) : ""));
        }
        Map<String, Set<String>> tools = new LinkedHashMap<>();
        plan.tasks().forEach(task -> task.steps()
                .uses()
                .filter(use -> !use.sort().usedUp() && use.sort() != Use.Sort.RACK)
                .forEach(use -> tools.computeIfAbsent(partOf(task), part -> new LinkedHashSet<>())
                        .add(needed(use))));
        tools.forEach((part, all) -> all.forEach(tool -> need(rows, "for " + part, tool)));
        sheet.wires()
                .forEach(w -> need(
                        rows,
                        "wire",
                        Unit.GAUGE.write(w.gauge()) + ": " + w.count() + " × " + Said.mm(w.lengthMm()) + ", "
                                + used(w)));
        tape().ifPresent(told -> need(rows, "tape", told));
        sheet.stamens()
                .forEach(s ->
                        need(rows, "stamens", Said.many(s.strands(), "strand") + " for " + of(s.species(), s.part())));
        sheet.bought().forEach(b -> need(rows, "bought", b.bought().told() + " for " + of(b.species(), b.part())));
        colours.colours().forEach(c -> need(rows, "colour", Text.Labels.of(c.form()) + ", " + c.name() + ": a pinch"));
        need(
                rows,
                "else",
                "board, pin, pad, ball tool, brush, clean cloth; "
                        + Stream.concat(Stream.of(Text.Labels.of(a.techniques().board())), usedUp())
                                .collect(Collectors.joining(", ")));
        stem().ifPresent(told -> need(rows, "in the cake", told));
        blocks.add(new Block.Table(
                "Needed",
                List.of(
                        new Block.Column("", Block.Holds.TEXT, 3),
                        new Block.Column("", Block.Holds.TEXT, 12),
                        new Block.Column("", Block.Holds.BOX, 1)),
                rows));
    }

    private String partOf(Plan.Task task) {
        return task.partId().flatMap(a.species()::part).map(Part::name).orElse("the flower");
    }

    private static String needed(Use use) {
        String sort = use.atOnce() > 1
                ? Said.many(use.atOnce(), use.sort().label())
                : use.sort().label();
        return sort.isEmpty() ? use.told() : sort + ": " + use.told();
    }

    /** What the work uses up besides paste, wire and colour, by its name. */
    private Stream<String> usedUp() {
        return plan.tasks().stream()
                .flatMap(task -> task.steps().uses())
                .filter(use -> use.sort().usedUp())
                .map(Use::name)
                .distinct();
    }

    private static void need(List<List<Cell>> rows, String of, String what) {
        rows.add(List.of(Cell.text(of), Cell.text(what), Cell.EMPTY));
    }

    /** The part, and of which heads it is where it is not of the flower itself. */
    private String of(String species, String part) {
        String heads = species.replaceFirst(Pattern.quote(a.species().name()) + "(, )?", "");
        return heads.isEmpty() ? part : heads + ", " + part;
    }

    private String used(OrderSheet.WireLine wire) {
        return wire.use().replace(a.species().name() + ", ", "");
    }

    /** What goes round its wires. */
    private Optional<String> tape() {
        return sheet.wires().isEmpty()
                ? Optional.empty()
                : Optional.of(Said.mm(TapeRun.USUAL_WIDTH_MM) + " wide, "
                        + Text.Labels.of(a.techniques().tape()));
    }

    /** How it stands in the cake. */
    private Optional<String> stem() {
        if (sheet.wires().isEmpty()) {
            return a.species().petaled().stream()
                    .mapToDouble(p -> p.pieces().making().pushedInMm())
                    .filter(mm -> mm > 0)
                    .boxed()
                    .findFirst()
                    .map(mm -> "pushed in by its foot, " + Said.mm(mm))
                    .or(() -> Optional.of("it sits on the cake: no stem, no pick"));
        }
        double thick = StemPlan.of(a, TapeRun.USUAL_WIDTH_MM).thickMm();
        return Optional.of("a pick with a bore of " + Said.mm(thick + PICK_ROOM_MM)
                + " or more, at least 10 mm shorter than the cake is high; never a bare wire in cake");
    }

    private static final double PICK_ROOM_MM = 0.5;

    private void steps() {
        long day = 0;
        Map<String, Double> ends = new HashMap<>();
        double free = 0;
        for (int i = 0; i < plan.tasks().size(); i++) {
            Plan.Task task = plan.tasks().get(i);
            double start = free;
            for (Plan.Gate gate : task.gates()) {
                start = Math.max(start, ends.get(gate.afterTask()) + gate.waitH());
            }
            if (start % HOURS_A_DAY > WORKED_H) {
                start = Math.ceil(start / HOURS_A_DAY) * HOURS_A_DAY;
            }
            free = start + task.labourMin() / MIN_PER_H;
            ends.put(task.id(), free);
            long on = 1 + (long) (start / HOURS_A_DAY);
            if (on != day && !Double.isInfinite(start)) {
                day = on;
                blocks.add(Block.Heading.of("Day " + day));
            }
            step(i + 1, cards.get(i));
        }
    }

    private void step(int number, BenchCard card) {
        blocks.add(Block.Heading.of(number + "  " + card.task(), aside(card)));
        card.why().ifPresent(why -> blocks.add(Block.Note.of(why)));
        Map<String, List<String>> groups = new LinkedHashMap<>();
        card.acts().forEach(act -> groups.computeIfAbsent(act.under(), u -> new ArrayList<>())
                .add(act.words()));
        groups.forEach((under, acts) -> {
            if (!under.isEmpty()) {
                blocks.add(Block.Note.of(under));
            }
            blocks.add(new Block.Steps(acts));
        });
        if (card.doing().sets()) {
            card.part()
                    .flatMap(a.species()::part)
                    .flatMap(part -> RingPicture.of(a, part))
                    .ifPresent(blocks::add);
        }
        card.then().forEach(wait -> blocks.add(Block.Note.of(waited(wait))));
    }

    private String aside(BenchCard card) {
        List<String> told = new ArrayList<>();
        if (card.spares() > 0) {
            told.add("make " + (card.pieces() + card.spares()) + ", use " + card.pieces());
        }
        told.add(Said.hands(card.labourMin()));
        Optional<Part> part = card.part().flatMap(a.species()::part);
        card.openMin()
                .flatMap(open -> part.flatMap(a::drying).flatMap(course -> course.at(Stage.SKINNED)))
                .ifPresent(skin -> told.add((a.paste().drying() ? "bare it skins in " : "it sets in ")
                        + Said.atMost(MIN_PER_H * skin.medianH())
                        + (a.paste().drying() ? ": cover what waits" : ": only a few at once")));
        return String.join(" · ", told);
    }

    private static String waited(BenchCard.BenchWait wait) {
        String before = wait.next().equals(List.of(BenchCard.BenchWait.HAND_OVER))
                ? "before it is boxed"
                : "before: " + String.join(", ", wait.next());
        String most =
                wait.closesMin().map(c -> ", " + Said.atMost(c) + " at most").orElse("");
        String look = wait.stage()
                .map(stage -> looked(stage, wait.closesMin().isPresent()))
                .orElse("");
        return "Wait " + Said.atLeast(wait.enoughMin()) + most + ", " + before + "." + look;
    }

    /**
     * What is looked for before going on.
     *
     * @param bends whether it has to bend still
     */
    private static String looked(Stage stage, boolean bends) {
        return switch (stage) {
            case SKINNED -> " Look: a touch leaves no shine.";
            case PART_DRY ->
                bends
                        ? " Look: it keeps its shape and still bends."
                        : " Look: it keeps its shape; a touch leaves no flat.";
            case FIRM -> " Look: a flick moves nothing.";
            case DRY -> " Look: it is no longer cold to the cheek.";
        };
    }

    /** What goes wrong with such a flower, and what to do then: the likeliest cause of each. */
    private void wrong() {
        List<List<Cell>> rows = new ArrayList<>();
        boolean wired =
                a.species().petaled().stream().anyMatch(p -> p.pieces().wired().isPresent());
        boolean coloured = !colours.parts().isEmpty();
        Predicate<Seen> asked = seen -> switch (seen) {
            case EDGES_CRACK, FALL_BACK, GAP, STICKY -> true;
            case WIRE_TURNS -> wired;
            case BLOTCHY -> coloured;
            case SLUMPED, CLOSED_UP, SWEATS, RAN_OUT -> false;
        };
        Arrays.stream(Seen.values()).filter(asked).forEach(seen -> {
            Troubleshooting.Cause cause = Troubleshooting.of(a, Optional.empty(), seen, OptionalInt.empty())
                    .get(0);
            rows.add(List.of(Cell.text(Text.Labels.of(seen)), Cell.text(cause.cause()), Cell.text(cause.now())));
        });
        blocks.add(Block.Heading.of("What goes wrong"));
        blocks.add(new Block.Table(
                "What goes wrong",
                List.of(
                        new Block.Column("seen", Block.Holds.TEXT, 3),
                        new Block.Column("likely", Block.Holds.TEXT, 5),
                        new Block.Column("do", Block.Holds.TEXT, 6)),
                rows));
    }
}
