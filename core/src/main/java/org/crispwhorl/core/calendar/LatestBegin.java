package org.crispwhorl.core.calendar;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The latest slot at which work can begin, by hours and hands alone: each batch is cut into slots that may lie apart, and is over by
 * the last moment that what waits for it leaves. No plan begins later, since every plan is also one of those.
 */
final class LatestBegin {
    private final Frame frame;
    private final boolean evenings;
    private final int[] pinned;

    private LatestBegin(Frame frame, boolean evenings, int[] pinned) {
        this.frame = frame;
        this.evenings = evenings;
        this.pinned = pinned;
    }

    /**
     * @param evenings whether evenings are worked
     * @param taken stretches in which a hand does something else
     * @param pinned the slot of each batch that stays where it was set, in working hours or not; below 0 of the others
     * @return below 0 where there is too little time at all
     */
    static int of(Frame frame, boolean evenings, List<int[]> taken, int[] pinned) {
        return new LatestBegin(frame, evenings, pinned).found(taken);
    }

    private int found(List<int[]> taken) {
        List<Batch> batches = frame.batches();
        int[] dues = dues();
        Integer[] byDue = new Integer[batches.size()];
        Arrays.setAll(byDue, i -> i);
        Arrays.sort(byDue, Comparator.comparingInt((Integer i) -> dues[i]).reversed());
        int[] hands = hands(taken);
        int slot = frame.last();
        int next = 0;
        int waiting = 0;
        // Backwards, slot by slot: whatever may still be done then is done.
        while (next < byDue.length || waiting > 0) {
            slot--;
            if (slot < 0) {
                return -1;
            }
            while (next < byDue.length && dues[byDue[next]] > slot) {
                waiting += pinned[byDue[next]] < 0 ? batches.get(byDue[next]).slots() : 0;
                next++;
            }
            waiting -= Math.min(waiting, hands[slot]);
        }
        return Math.min(slot, Arrays.stream(pinned).filter(at -> at >= 0).min().orElse(slot));
    }

    /** Hands that work in each slot. */
    private int[] hands(List<int[]> taken) {
        int[] hands = frame.hours().hands(frame.last(), evenings);
        for (int[] t : taken) {
            for (int slot = t[0]; slot < t[1]; slot++) {
                hands[slot] = Math.max(0, hands[slot] - 1);
            }
        }
        return hands;
    }

    /** The slot by which each has to be over, so that all that follows lies within working hours. */
    private int[] dues() {
        List<Batch> batches = frame.batches();
        int[] dues = new int[batches.size()];
        for (int i = 0; i < dues.length; i++) {
            dues[i] = frame.spans().latest()[i] + batches.get(i).slots();
        }
        for (int i = dues.length - 1; i >= 0; i--) {
            int start = pinned[i] < 0 ? frame.hours().latestStart(batches.get(i), dues[i], evenings) : pinned[i];
            dues[i] = Math.min(dues[i], start + batches.get(i).slots());
            for (Batch.Wait wait : batches.get(i).waits()) {
                dues[wait.after()] = Math.min(dues[wait.after()], wait.least().lastBegin(start));
            }
        }
        return dues;
    }
}
