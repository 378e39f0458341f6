package org.crispwhorl.core.assessment;

import static org.crispwhorl.core.assessment.Gates.after;
import static org.crispwhorl.core.assessment.Gates.done;
import static org.crispwhorl.core.assessment.Gates.dusted;
import static org.crispwhorl.core.assessment.Gates.joined;
import static org.crispwhorl.core.assessment.Gates.made;
import static org.crispwhorl.core.assessment.Gates.painted;
import static org.crispwhorl.core.assessment.Gates.ringed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.work.Steps;

/** The tasks on one part of a flower, each put after what it waits for. */
final class PartTasks {
    private final Assessment a;
    private final Gates gates;
    private final PlanDraft draft;
    private final boolean kneads;

    /** @param kneads whether a shade is kneaded for the first part that is made of it */
    PartTasks(Assessment a, Gates gates, PlanDraft draft, boolean kneads) {
        this.a = a;
        this.gates = gates;
        this.draft = draft;
        this.kneads = kneads;
    }

    /** Pieces that are turned while they dry, where they are not joined before. */
    void turn(Part part) {
        Steps turning = a.dries(part) && !a.joinedWhileItBends(part) ? part.turning() : Steps.NONE;
        if (!turning.list().isEmpty()) {
            draft.place(seeingTo("turn-" + part.id(), "Turn " + part.name(), part, turning)
                    .gates(List.of(new Plan.Gate(
                            made(part),
                            Optional.empty(),
                            a.body(part).map(Body::changesAfterH).orElseThrow(),
                            Optional.empty())))
                    .build());
        }
    }

    PlanTaskBuilder seeingTo(String id, String name, Part part, Steps steps) {
        return draft.task(id, name, TaskKind.SEE_TO, Optional.of(part), steps);
    }

    void colourPieces(Part part, List<Pass> passes, String id, TaskKind doing) {
        if (!passes.isEmpty()) {
            draft.place(colouring(id, (doing == TaskKind.DUST ? "Dust " : "Paint ") + part.name(), doing, part, passes)
                    .gates(List.of(gates.colourable(part, passes)))
                    .build());
        }
    }

    private PlanTaskBuilder colouring(String id, String name, TaskKind doing, Part part, List<Pass> passes) {
        return draft.task(id, name, doing, Optional.of(part), Work.colouring(a, part, passes))
                .disturbs(Work.disturbs(passes));
    }

    void make(Part part, List<Plan.Gate> inside) {
        draft.place(draft.task(made(part), "Make " + part.name(), TaskKind.MAKE, Optional.of(part), making(part))
                .batches(Work.batches(a, part))
                .gates(mixed(part, inside))
                .build());
    }

    /** What hands do to make a part; of a head its shades are kneaded with those of the flower. */
    private Steps making(Part part) {
        return kneads ? Work.making(a, part) : a.making(part);
    }

    /** The same gates, and its shades mixed where it has any. */
    private List<Plan.Gate> mixed(Part part, List<Plan.Gate> inside) {
        List<Plan.Gate> open = new ArrayList<>(inside);
        if (a.dries(part)) {
            open.add(done(Planning.MIX));
        }
        return open;
    }

    /** Shaped and set ring by ring, each before it skins. */
    String makeAndSet(Part part, List<Plan.Gate> inside) {
        Steps making = making(part);
        draft.place(draft.task(
                        made(part),
                        "Make and set " + part.name(),
                        TaskKind.MAKE_AND_SET,
                        Optional.of(part),
                        making.and(a.joining(part)))
                .making(making.list().size())
                .batches(Work.batches(a, part))
                .gates(mixed(part, inside))
                .build());
        return made(part);
    }

    String set(Part part, List<Plan.Gate> inside) {
        if (a.joining(part).list().isEmpty()) {
            return made(part);
        }
        List<Plan.Gate> open = new ArrayList<>(inside);
        if (part.severalHeads()) {
            a.headsTasks().ifPresent(heads -> open.addAll(heads.ready()));
        } else {
            open.add(gates.ready(part));
        }
        coloured(part, open);
        draft.place(draft.task(joined(part), "Join " + part.name(), TaskKind.JOIN, Optional.of(part), a.joining(part))
                .gates(open)
                .build());
        return joined(part);
    }

    void coloured(Part part, List<Plan.Gate> open) {
        List<Pass> passes = Work.passes(a, part, Pass.GoesOn.PIECE);
        if (passes.stream().anyMatch(p -> !p.wet())) {
            open.add(done(dusted(part)));
        }
        if (passes.stream().anyMatch(Pass::wet)) {
            open.add(after(painted(part), passes));
        }
    }

    /** What goes round a part once it is joined, before the next covers it, and what comes after that waits for. */
    Optional<Plan.Gate> colourRing(Part part, String last) {
        List<Pass> passes = Work.passes(a, part, Pass.GoesOn.RING);
        if (passes.isEmpty()) {
            return Optional.empty();
        }
        draft.place(colouring(ringed(part), "Colour " + part.name() + " on the flower", TaskKind.COLOUR, part, passes)
                .gates(List.of(done(last), gates.colourable(part, passes)))
                .build());
        return Optional.of(after(ringed(part), passes));
    }
}
