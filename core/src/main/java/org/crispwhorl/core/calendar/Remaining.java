package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/**
 * What is left to be placed once some of it is done: what waits for something done waits from when that was over.
 *
 * @param all everything, done or not, each waiting for places in this list
 * @param done what of it was done, by its key
 * @param places of each of all among those that are left; below 0 where it is done
 * @param batches those that are left, in their order, waiting for places among them
 * @param busy what of tools pieces that are done still take
 */
record Remaining(List<Batch> all, Map<String, Done> done, int[] places, List<Batch> batches, List<Busy> busy) {
    /**
     * Tools that are not free.
     *
     * @param count how many
     * @param from the slot from which they are taken
     * @param until the slot at which they are free again
     */
    record Busy(String tool, int count, int from, int until) {}

    /**
     * @param byUid what is done, by the key of its batch
     * @param softUntil slot until which what is done and was to be gone on with at once may be gone on with at the latest; 0 for no
     *     later than it is soft
     */
    static Remaining of(List<Batch> all, Map<String, Done> byUid, Axis axis, int softUntil) {
        int[] place = new int[all.size()];
        List<Batch> left = new ArrayList<>();
        List<Busy> busy = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Batch batch = all.get(i);
            Done over = byUid.get(batch.key());
            place[i] = over == null ? left.size() : -1;
            if (over == null) {
                left.add(held(batch, all, place, byUid, axis, softUntil));
            } else {
                int ended = axis.ceil(over.to());
                batch.lying().stream()
                        .filter(lying -> lying.until().over(ended) > 0)
                        .forEach(lying -> busy.add(new Busy(
                                lying.tool(), lying.wanted(), 0, lying.until().over(ended))));
            }
        }
        return new Remaining(all, byUid, place, List.copyOf(left), List.copyOf(busy));
    }

    /**
     * Something done that has not had what it needs when its order leaves, whatever is done from now on.
     *
     * @param why what it needs
     * @param readyAt the slot at which it has had it
     */
    record Late(Batch done, String why, int readyAt) {}

    /**
     * What is ready last of what is done and not ready in time, for its order to leave or for what is still to do; none where all is.
     *
     * @param latest the last slot in which hands that are there may begin something
     */
    Optional<Late> notReady(Axis axis, ToIntFunction<Batch> latest) {
        Stream<Late> leave = all.stream()
                .filter(b -> done.containsKey(b.key()))
                .map(b -> new Late(b, b.tailWhy(), b.tail().over(ended(b, axis))))
                .filter(late -> late.readyAt() > late.done().last());
        Stream<Late> wait = all.stream().filter(b -> !done.containsKey(b.key())).flatMap(b -> b.waits().stream()
                .filter(w -> done.containsKey(all.get(w.after()).key()))
                .map(w -> new Late(all.get(w.after()), w.why().told(), w.opens(ended(all.get(w.after()), axis))))
                .filter(late -> late.readyAt() > latest.applyAsInt(b)));
        return Stream.concat(leave, wait)
                .filter(late -> !late.why().isEmpty())
                .max(Comparator.comparingInt(Late::readyAt));
    }

    private int ended(Batch batch, Axis axis) {
        return axis.ceil(done.get(batch.key()).to());
    }

    private static Batch held(
            Batch batch, List<Batch> all, int[] place, Map<String, Done> done, Axis axis, int softUntil) {
        List<Batch.Wait> waits = new ArrayList<>();
        int notBefore = 0;
        OptionalInt endBy = OptionalInt.empty();
        for (Batch.Wait wait : batch.waits()) {
            if (place[wait.after()] >= 0) {
                waits.add(new Batch.Wait(place[wait.after()], wait.least(), wait.most(), wait.why()));
                continue;
            }
            Done over = done.get(all.get(wait.after()).key());
            notBefore = Math.max(notBefore, wait.opens(axis.ceil(over.to())));
            if (wait.most().isPresent()) {
                boolean atOnce = wait.least().slots() == 0;
                int closes = Math.max(
                        wait.closes(axis.floor(over.to()), batch.slots()), atOnce ? softUntil : Integer.MIN_VALUE);
                endBy = OptionalInt.of(Math.min(endBy.orElse(closes), closes));
            }
        }
        return batch.after(waits, notBefore, endBy);
    }
}
