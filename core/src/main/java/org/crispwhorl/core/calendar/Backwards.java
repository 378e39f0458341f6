package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A plain plan, from the end backwards: what is due last is placed last, as late as its hours and the hands allow. It is quick and
 * keeps every least wait, but knows nothing of windows that close nor of formers, and proves nothing.
 */
final class Backwards {
    private Backwards() {}

    /**
     * A slot for each batch; none where some batch finds no place.
     *
     * @param elsewhere stretches in which a hand does something else
     */
    static Optional<int[]> place(List<Batch> batches, Windows windows, int makers, List<int[]> elsewhere, int last) {
        int n = batches.size();
        int[] starts = new int[n];
        int[] due = new int[n];
        int[] followers = new int[n];
        Arrays.setAll(
                due,
                i -> Math.min(
                        last - batches.get(i).tailSlots(),
                        batches.get(i).endBy().orElse(last)));
        for (Batch batch : batches) {
            batch.waits().forEach(w -> followers[w.after()]++);
        }
        boolean[] placed = new boolean[n];
        List<int[]> taken = new ArrayList<>(elsewhere);
        for (int k = 0; k < n; k++) {
            int next = -1;
            for (int i = 0; i < n; i++) {
                if (!placed[i] && followers[i] == 0 && (next < 0 || due[i] > due[next])) {
                    next = i;
                }
            }
            Batch batch = batches.get(next);
            int start = latest(batch.slots(), due[next], windows, makers, taken);
            if (start < batch.notBefore()) {
                return Optional.empty();
            }
            starts[next] = start;
            placed[next] = true;
            taken.add(new int[] {start, start + batch.slots()});
            for (Batch.Wait wait : batch.waits()) {
                due[wait.after()] = Math.min(due[wait.after()], start - wait.least());
                followers[wait.after()]--;
            }
        }
        return Optional.of(starts);
    }

    /** The latest start before it is due at which hands are free; days before evenings of the same day. */
    private static int latest(int slots, int due, Windows windows, int makers, List<int[]> taken) {
        int best = -1;
        for (boolean evening : new boolean[] {false, true}) {
            long[][] starts = windows.starts(slots, evening, 0, due - slots);
            for (int w = starts.length - 1; w >= 0; w--) {
                for (long at = starts[w][1]; at >= starts[w][0] && at > best; at--) {
                    if (free((int) at, slots, makers, taken)) {
                        best = (int) at;
                        break;
                    }
                }
                if (best >= starts[w][0]) {
                    break;
                }
            }
            if (best >= 0) {
                return best;
            }
        }
        return best;
    }

    private static boolean free(int start, int slots, int makers, List<int[]> taken) {
        for (int at = start; at < start + slots; at++) {
            int slot = at;
            if (taken.stream().filter(t -> t[0] <= slot && slot < t[1]).count() >= makers) {
                return false;
            }
        }
        return true;
    }
}
