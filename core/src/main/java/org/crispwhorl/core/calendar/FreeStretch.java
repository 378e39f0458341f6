package org.crispwhorl.core.calendar;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import java.util.function.ToIntBiFunction;
import java.util.stream.IntStream;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Schedule;

/**
 * How many half-days of work are kept free before everything has to be ready: the more the longer the work is, and more yet where that
 * makes it likely enough to be in time.
 *
 * @param leaving what is to be placed, with so many half-days free
 * @param placer asked for a plain plan
 * @param inHundred how likely a plan is in time
 */
record FreeStretch(
        IntFunction<Frame> leaving, Placer placer, ToIntBiFunction<Frame, int[]> inHundred, Progress progress) {
    /** At least so many, and more by so much for each half-day of work. */
    private static final int LEAST = 2;

    private static final double FOR_WORK = 0.15;

    /** Hours of work in a half-day that is not too full. */
    private static final double HALF_DAY_H = 3.4;

    /** A plan so likely is in time often enough that no more is kept free. */
    private static final int LIKELY = 96;

    /** And so likely that fewer half-days of work are worth more. */
    private static final int ENOUGH = 95;

    /** It is begun earlier for that by so many half-days at most, over those that the work asks for. */
    private static final int MORE = 10;

    /** A plain plan that leaves so many half-days free. */
    record Early(int halfDays, Frame frame, int[] plain, int inHundred) {}

    /** What is tried, one after the other: those that the work asks for, then fewer. */
    static List<Integer> tried(double labourMin) {
        int wanted = (int) Math.max(LEAST, Math.round(1 + FOR_WORK * labourMin / 60 / HALF_DAY_H));
        IntPredicate some = free -> free > 0;
        return IntStream.iterate(wanted, some, free -> free > LEAST ? free * 2 / 3 : free - 1)
                .boxed()
                .toList();
    }

    /** The plan that leaves so many free, or the likeliest of those that leave more; none where it finds none. */
    Optional<Early> of(int halfDays) {
        Optional<Early> best = leavingJust(halfDays);
        for (int more = 1; more <= MORE && best.isPresent(); more++) {
            if (best.get().inHundred() >= LIKELY || progress.stopped()) {
                break;
            }
            Optional<Early> next = leavingJust(halfDays + more);
            if (next.isEmpty()) {
                break;
            }
            if (next.get().inHundred() > best.get().inHundred()) {
                best = next;
            }
        }
        return best;
    }

    /** The best placing that is found from there on; the plain plan where that is likelier and the best is not likely enough. */
    Optional<Schedule.Found> placed(Early early) {
        Optional<int[]> plain = Optional.of(early.plain());
        Optional<Schedule.Found> best =
                placer.search(early.frame(), plain, progress).found();
        int enough = Math.min(ENOUGH, early.inHundred());
        boolean likely = best.filter(found -> inHundred.applyAsInt(early.frame(), found.starts()) >= enough)
                .isPresent();
        return likely
                ? best
                : placer.plainly()
                        .search(early.frame(), plain, progress)
                        .found()
                        .or(() -> best);
    }

    private Optional<Early> leavingJust(int halfDays) {
        Frame frame = leaving.apply(halfDays);
        return placer.plain(frame, new Patience(progress))
                .map(starts -> new Early(halfDays, frame, starts, inHundred.applyAsInt(frame, starts)));
    }
}
