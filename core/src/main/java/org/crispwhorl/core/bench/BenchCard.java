package org.crispwhorl.core.bench;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.work.Operation;

/**
 * One task as it is done at the bench: all that hands need to know of it, and nothing else.
 *
 * @param key line of the order and task: all its sittings are alike but for how many
 * @param part id of the part worked on; none for all of them
 * @param flowers of the line
 * @param pieces to make or set for all flowers, spares left out
 * @param spares more of them, by the odds of breakage
 * @param labourMin minutes of working time for all flowers
 * @param why why its part is as it is, as the maker wrote it; none where nothing was written
 * @param acts every act of the hands, in order
 * @param passes of colour, in order
 * @param openMin from the first roll until what is rolled skins, min; none where nothing is rolled or laid open
 * @param turnOutMin from its end until its pieces are turned out of what they dry in; none where they are not
 * @param then what it waits for afterwards, the soonest first
 */
public record BenchCard(
        String key,
        String line,
        String species,
        String task,
        TaskKind doing,
        Optional<String> part,
        int flowers,
        int pieces,
        int spares,
        double labourMin,
        Optional<String> why,
        List<BenchAct> acts,
        List<BenchPass> passes,
        Optional<Double> openMin,
        Optional<Double> turnOutMin,
        List<BenchWait> then) {
    public BenchCard {
        acts = List.copyOf(acts);
        passes = List.copyOf(passes);
        then = List.copyOf(then);
    }

    /**
     * One act of the hands.
     *
     * @param under what of several unlike things it is done to; empty where it is not
     * @param operation what is done
     * @param words a sentence or two with its figures, lengths with their unit
     */
    public record BenchAct(String under, Operation operation, String words) {}

    /**
     * @param what colours and what they are let down with
     * @param where zone and side
     * @param swatch of the mixture; none where no colour is chosen
     * @param waitMin afterwards
     */
    public record BenchPass(String how, String what, String where, Optional<String> swatch, double waitMin) {}

    /**
     * A wait after it.
     *
     * @param next what waits for it, all at once
     * @param stage until what; none where it is a rest alone
     * @param enoughMin from its end, when it has waited long enough
     * @param closesMin from its end, when it no longer bends; none where no window closes
     */
    public record BenchWait(List<String> next, Optional<Stage> stage, double enoughMin, Optional<Double> closesMin) {
        /** What waits last of all: the flowers leave. */
        public static final String HAND_OVER = "hand-over";

        public BenchWait {
            next = List.copyOf(next);
        }
    }
}
