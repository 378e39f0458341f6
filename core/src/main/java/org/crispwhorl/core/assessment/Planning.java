package org.crispwhorl.core.assessment;

import static org.crispwhorl.core.assessment.Gates.after;
import static org.crispwhorl.core.assessment.Gates.done;
import static org.crispwhorl.core.assessment.Gates.dusted;
import static org.crispwhorl.core.assessment.Gates.joined;
import static org.crispwhorl.core.assessment.Gates.made;
import static org.crispwhorl.core.assessment.Gates.painted;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.FinishSteps;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.work.Steps;

/**
 * Derives the plan of a species: mix, make what dries longest first, dust what will be out of reach, join from the centre
 * outwards with every part at its stage, dust the whole, dry through.
 */
public final class Planning {
    static final String MIX = "mix";
    private static final String WHOLE_COLOUR = "colour-whole";
    private static final String FINISH = "finish";
    private static final String BOX = "box";

    private final Assessment a;
    private final Gates gates;
    private final PlanDraft draft;
    private final PartTasks tasks;

    /** What is coloured on the flower is dry to the touch before it leaves, and its last rest is over. */
    private final List<Plan.Gate> wet = new ArrayList<>();

    /** What holds parts apart while they dry, and the part that it holds. */
    private final Map<Part, Part> held = new LinkedHashMap<>();

    private Planning(Assessment a, boolean ofHead) {
        this.a = a;
        gates = new Gates(a);
        draft = new PlanDraft(a);
        tasks = new PartTasks(a, gates, draft, !ofHead);
    }

    /** The plan of one flower. A stage that is never reached in this room leaves its gate at infinity. */
    public static Plan of(Assessment a) {
        Planning planning = new Planning(a, false);
        planning.build();
        planning.finish();
        planning.box();
        return new Plan(Implied.left(a, planning.draft.tasks()), List.of(done(BOX)), planning.draft.handsFreeH());
    }

    /** The work on one of the further heads, its shades mixed and kneaded with those of the flower, and what is waited for then. */
    static OpeningTasks.Head ofHead(Assessment head) {
        Planning planning = new Planning(head, true);
        List<Plan.Gate> rested = planning.build();
        return new OpeningTasks.Head(
                planning.draft.tasks().stream()
                        .filter(task -> !task.doing().mixes())
                        .toList(),
                Stream.concat(rested.stream(), planning.wet.stream()).toList());
    }

    /**
     * What was one task in earlier versions, by the id that it had there, and the ids of those that took its place: all heads were
     * made in one.
     */
    public static Map<String, List<String>> formerly(Assessment a) {
        Map<String, List<String>> formerly = new LinkedHashMap<>();
        a.species()
                .heads()
                .ifPresent(heads -> formerly.put(
                        made(heads),
                        of(a).tasks().stream()
                                .filter(task -> !task.onHeads().isEmpty())
                                .map(Plan.Task::id)
                                .toList()));
        return formerly;
    }

    /** All until it is coloured; what the next that is done to it waits for. */
    private List<Plan.Gate> build() {
        draft.place(draft.task(MIX, "Mix the shades", TaskKind.MIX, Optional.empty(), Steps.NONE)
                .build());
        make();
        List<Plan.Gate> rested = join();
        seeTo();
        outOfTheCup();
        colourWhole();
        return rested;
    }

    private void make() {
        for (Part part : Work.inOrder(a)) {
            if (part.severalHeads()) {
                a.headsTasks().ifPresent(heads -> heads.first().forEach(draft::place));
            } else if (!a.joinedWhileItBends(part)) {
                tasks.make(part, List.of());
            }
        }
        for (Part part : a.species().parts()) {
            tasks.turn(part);
        }
        for (Part part : a.species().parts()) {
            List<Pass> onPieces = Work.passes(a, part, Pass.GoesOn.PIECE);
            tasks.colourPieces(part, onPieces.stream().filter(p -> !p.wet()).toList(), dusted(part), TaskKind.DUST);
            tasks.colourPieces(part, onPieces.stream().filter(Pass::wet).toList(), painted(part), TaskKind.PAINT);
        }
        a.headsTasks().ifPresent(heads -> heads.further().forEach(draft::place));
    }

    /** What holds others apart is taken out once they are firm. */
    private void seeTo() {
        Stage firm = a.paste().furthest(Stage.FIRM);
        held.forEach((support, part) -> draft.place(
                tasks.seeingTo("out-" + support.id(), "Take out " + support.name(), support, support.takingOut())
                        .gates(List.of(new Plan.Gate(
                                joined(support), Optional.of(firm), gates.stageH(part, firm), Optional.empty())))
                        .build()));
    }

    /** What was stacked in a cup comes out of it once every ring is firm. */
    private void outOfTheCup() {
        List<Petaled> stack = a.species().stack();
        if (!stack.isEmpty()) {
            Petaled first = stack.get(0);
            draft.place(tasks.seeingTo("out-" + first.id(), "Take it out of its cup", first, FinishSteps.outOfTheCup())
                    .gates(stack.stream()
                            .map(ring -> gates.dry(ring, a.paste().furthest(Stage.FIRM)))
                            .toList())
                    .build());
        }
    }

    private void finish() {
        Steps steps = FinishSteps.of(a.species(), a.techniques().tape());
        if (!steps.list().isEmpty()) {
            List<Plan.Gate> open = new ArrayList<>(wet);
            open.add(done(draft.last()));
            draft.place(draft.task(FINISH, "Finish the flower", TaskKind.FINISH, Optional.empty(), steps)
                    .gates(open)
                    .disturbs(a.species().finishing().smells() ? List.of(Plan.Disturbs.SMELL) : List.of())
                    .build());
            wet.add(new Plan.Gate(
                    FINISH, Optional.empty(), FinishSteps.driesMin(a.species().finishing()) / 60, Optional.empty()));
        }
    }

    /** Joins part after part; what the next that is done to it waits for. */
    private List<Plan.Gate> join() {
        Optional<Part> bearer = a.species().bearer().map(centre -> centre);
        List<Plan.Gate> inside = new ArrayList<>();
        bearer.ifPresent(centre -> {
            inside.add(done(made(centre)));
            tasks.coloured(centre, inside);
        });
        Part under = bearer.orElse(null);
        List<Part> outwards = a.species().parts().stream()
                .filter(p -> bearer.filter(p::equals).isEmpty())
                .toList();
        String last = null;
        Part before = null;
        Part drying = bearer.filter(a::dries).orElse(null);
        for (int i = 0; i < outwards.size(); i++) {
            Part part = outwards.get(i);
            Joining joining = part.joins(a);
            boolean holdsApart = !part.takingOut().list().isEmpty() && last != null;
            List<Plan.Gate> open = new ArrayList<>(holdsApart ? List.of(done(last)) : inside);
            bearer.map(centre -> gates.bears(centre, joining.onto())).ifPresent(open::add);
            if (joining.as() == Joining.As.SOFT) {
                last = tasks.makeAndSet(part, gates.closing(under, part, open));
            } else {
                if (joining.as() == Joining.As.PART_DRY) {
                    tasks.make(part, open);
                }
                last = tasks.set(part, gates.closing(under, part, open));
            }
            inside.clear();
            if (holdsApart) {
                held.put(part, drying == null ? before : drying);
                inside.add(gates.rested(before, last, before.joins(a).rest(), 0));
                continue;
            }
            before = part;
            under = part;
            drying = a.dries(part) ? part : drying;
            inside.add(gates.rested(part, last, joining.rest(), gates.setH(part, i, outwards)));
            Optional<Plan.Gate> coloured = tasks.colourRing(part, last);
            coloured.ifPresent(inside::add);
            coloured.ifPresent(wet::add);
        }
        if (before != null && before.joins(a).rest().until() != Joining.Rest.Until.NOTHING) {
            wet.addAll(inside);
        }
        return inside;
    }

    private void colourWhole() {
        Steps steps = Steps.NONE;
        List<Pass> last = new ArrayList<>();
        List<Plan.Gate> open = new ArrayList<>();
        for (Part part : a.species().parts()) {
            List<Pass> passes = Work.passes(a, part, Pass.GoesOn.FLOWER);
            last.addAll(passes);
            steps = steps.and(Work.colouring(a, part, passes).under(part.name()));
            if (!passes.isEmpty() && a.dries(part)) {
                open.add(gates.colourable(part, passes));
            }
        }
        if (!steps.list().isEmpty()) {
            open.add(done(draft.last()));
            wet.add(after(WHOLE_COLOUR, last));
            draft.place(draft.task(WHOLE_COLOUR, "Colour the flower", TaskKind.COLOUR, Optional.empty(), steps)
                    .disturbs(Work.disturbs(last))
                    .gates(open)
                    .build());
        }
    }

    /** It goes into its box as soon as it can leave. */
    private void box() {
        List<Plan.Gate> canLeave =
                HandOver.of(a, wet, draft.last(), this::madeIn, part -> draft.handsFreeH() - draft.endH(madeIn(part)));
        draft.place(draft.task(BOX, "Box the flower", TaskKind.FINISH, Optional.empty(), FinishSteps.boxing())
                .gates(Stream.concat(
                                canLeave.stream(),
                                draft.waitedForByNothing().stream().map(Gates::done))
                        .toList())
                .build());
    }

    /** The task in which a part is made, the last where it is made in several. */
    private String madeIn(Part part) {
        return part.severalHeads() ? a.headsTasks().orElseThrow().lastMade() : made(part);
    }
}
