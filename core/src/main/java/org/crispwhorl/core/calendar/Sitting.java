package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.TaskKind;

/**
 * What is done in one go: batches that follow each other as they are listed, begun once and placed as one.
 *
 * @param items what is done in it, one after the other
 * @param slots how long it takes from its first touch to its last, pauses in it too
 * @param waits what must have happened before, each for one of its items
 * @param due slot by which it has to be over, whatever waits for it
 * @param notBefore slot before which it cannot start
 * @param lying what there is only so much of and its items take
 */
record Sitting(List<Item> items, int slots, List<Wait> waits, int due, int notBefore, List<Lying> lying) {
    Sitting {
        items = List.copyOf(items);
        waits = List.copyOf(waits);
        lying = List.copyOf(lying);
    }

    /**
     * A batch in a sitting.
     *
     * @param place of the batch in the list of those that are to be placed
     * @param fromMin when it begins, min from the sitting's begin
     * @param toMin when it is over
     */
    record Item(int place, Batch batch, double fromMin, double toMin) {
        /** Slots from the sitting's begin to its own. */
        int from() {
            return (int) Math.floor(fromMin / Axis.SLOT_MIN + 1e-9);
        }

        /** Slots from the sitting's begin to its own end. */
        int to() {
            return (int) Math.ceil(toMin / Axis.SLOT_MIN - 1e-9);
        }
    }

    /**
     * A wait of one of its items after one of another sitting.
     *
     * @param after place of the other sitting
     * @param back slots from the end of the item that is waited for to the end of its sitting
     * @param into slots from this sitting's begin to the begin of the item that waits
     * @param rest slots from the end of that item to the end of this sitting
     */
    record Wait(int after, Batch.Wait asked, int back, int into, int rest) {
        /** The slot from which on this sitting may begin, if the other is over in a slot. */
        int opens(int end) {
            return asked.opens(end - back) - into;
        }

        /** The slot from which on it turns out that this sitting may begin. */
        int turnsOut(int end, double drying) {
            return asked.least().turnsOut(end - back, drying) - into;
        }

        /** The slot by which this sitting of so many slots has to be over, if the other is over in a slot. */
        int closes(int end, int slots) {
            int closes = asked.closes(end - back, slots - into - rest);
            return closes == Integer.MAX_VALUE ? closes : closes + rest;
        }

        /** Whether a window closes. */
        boolean closes() {
            return asked.most().isPresent();
        }

        /** The last slot in which the other may be over, if this one begins in a slot. */
        int lastEnd(int begin) {
            return asked.least().lastBegin(begin + into) + back;
        }

        /** The first slot in which the other may be over, if this one of so many slots ends in a slot and has to be within its window. */
        int firstEnd(int over, int slots) {
            return asked.firstEnd(over - rest, slots - into - rest) + back;
        }
    }

    /**
     * Something that there is only so much of, taken by an item.
     *
     * @param from slots from the sitting's begin to the item's
     * @param back slots from the item's end to the sitting's
     */
    record Lying(Batch.Lying what, int from, int back) {
        /** The slot at which it is free again, if the sitting is over in a slot. */
        int free(int end) {
            return what.until().over(end - back);
        }
    }

    /**
     * @param placeOf of each batch the place of its sitting in the list of all
     * @param backOf of each batch the slots from its end to the end of its sitting
     */
    static Sitting of(List<Item> items, int[] placeOf, int[] backOf) {
        int slots = slots(items);
        List<Wait> waits = new ArrayList<>();
        List<Lying> lying = new ArrayList<>();
        int due = Integer.MAX_VALUE;
        int notBefore = Integer.MIN_VALUE;
        for (Item item : items) {
            int rest = slots - item.to();
            item.batch().waits().stream()
                    .filter(w -> placeOf[w.after()] != placeOf[item.place()])
                    .forEach(w -> waits.add(new Wait(placeOf[w.after()], w, backOf[w.after()], item.from(), rest)));
            item.batch().lying().forEach(l -> lying.add(new Lying(l, item.from(), rest)));
            due = Math.min(due, item.batch().due() + rest);
            notBefore = Math.max(notBefore, item.batch().notBefore() - item.from());
        }
        return new Sitting(items, slots, waits, due, Math.max(0, notBefore), lying);
    }

    /** Slots from the first touch to the last. */
    static int slots(List<Item> items) {
        return items.stream().mapToInt(Item::to).max().orElse(0);
    }

    /** The same in whole slots: the minute that these leave out is taken from all of it. */
    static List<Item> inSlots(List<Item> items) {
        double minutes = items.stream().mapToDouble(Item::toMin).max().orElse(0);
        double share = Math.min(1, Axis.ofMinutes(minutes) * Axis.SLOT_MIN / Math.max(minutes, 1e-9));
        return items.stream()
                .map(i -> new Item(i.place(), i.batch(), share * i.fromMin(), share * i.toMin()))
                .toList();
    }

    /** A batch that nothing is asked of but its hours. */
    static Sitting by(Batch batch) {
        return new Sitting(
                inSlots(List.of(new Item(0, batch, 0, batch.minutes()))),
                batch.slots(),
                List.of(),
                batch.due(),
                batch.notBefore(),
                List.of());
    }

    /** Its only batch; none where there are several. */
    Optional<Batch> alone() {
        return items.size() == 1 ? Optional.of(items.get(0).batch()) : Optional.empty();
    }

    /** Whether another is the same task of the same line and nothing else, as this one is. */
    boolean goesOnIn(Sitting next) {
        return alone().isPresent()
                && next.alone().filter(alone().get()::sameTask).isPresent();
    }

    /** Slots from its begin to that of one of its batches. */
    int from(int place) {
        return items.stream()
                .filter(item -> item.place() == place)
                .mapToInt(Item::from)
                .findFirst()
                .orElseThrow();
    }

    /** Whether any of it may be heard or smelt. */
    boolean disturbs() {
        return items.stream().anyMatch(item -> !item.batch().task().disturbs().isEmpty());
    }

    /** Whether it is of such kinds only. */
    boolean only(List<TaskKind> kinds) {
        return items.stream()
                .allMatch(item -> kinds.contains(item.batch().task().doing()));
    }
}
