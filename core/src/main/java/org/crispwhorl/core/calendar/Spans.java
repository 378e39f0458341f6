package org.crispwhorl.core.calendar;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Between which slots each sitting may start, whatever hands do: by what it waits for and by what waits for it.
 *
 * @param earliest first slot of each
 * @param latest last slot of each
 */
record Spans(int[] earliest, int[] latest) {
    static Spans of(List<Sitting> sittings) {
        int n = sittings.size();
        int[] earliest = new int[n];
        int[] latest = new int[n];
        for (int i = 0; i < n; i++) {
            earliest[i] = sittings.get(i).notBefore();
            for (Sitting.Wait wait : sittings.get(i).waits()) {
                int after = wait.opens(
                        earliest[wait.after()] + sittings.get(wait.after()).slots());
                earliest[i] = Math.max(earliest[i], after);
            }
        }
        Arrays.setAll(latest, i -> sittings.get(i).due() - sittings.get(i).slots());
        for (int i = n - 1; i >= 0; i--) {
            for (Sitting.Wait wait : sittings.get(i).waits()) {
                int before =
                        wait.lastEnd(latest[i]) - sittings.get(wait.after()).slots();
                latest[wait.after()] = Math.min(latest[wait.after()], before);
            }
        }
        return new Spans(earliest, latest);
    }

    /** The sittings for which the time is most too short, one after the other. */
    IntStream tightest() {
        int most = tooShort();
        return IntStream.range(0, earliest.length).filter(i -> earliest[i] - latest[i] == most);
    }

    /** By how many slots the time is too short for drying and work one after the other, even with hands without number; 0 where it is not. */
    int tooShort() {
        int most = 0;
        for (int i = 0; i < earliest.length; i++) {
            most = Math.max(most, earliest[i] - latest[i]);
        }
        return most;
    }
}
