package org.crispwhorl.core.bench;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.crispwhorl.core.work.BatchId;

/** Touches of what was one task in an earlier version, carried over to those that took its place. */
public final class CarriedOver {
    /** What of a task is true of all that it fell into; pieces were counted of the whole only. */
    private static final Set<BenchEvent.Touch> OF_EACH =
            Set.of(BenchEvent.Touch.BEGUN, BenchEvent.Touch.DONE, BenchEvent.Touch.UNDONE);

    private CarriedOver() {}

    /**
     * @param events of an order
     * @param line the id of one of its lines
     * @param formerly tasks of an earlier version, and those of the line's plan that took their place
     * @return touches to keep beside them; the same whenever they are asked for
     */
    public static List<BenchEvent> of(Collection<BenchEvent> events, String line, Map<String, List<String>> formerly) {
        List<BenchEvent> carried = new ArrayList<>();
        for (BenchEvent event : BenchEvent.standing(events)) {
            Optional<BatchId> batch =
                    BatchId.of(event.uid()).filter(one -> one.line().equals(line));
            if (batch.isPresent() && OF_EACH.contains(event.touch())) {
                for (String task : formerly.getOrDefault(batch.get().task(), List.of())) {
                    String uid = new BatchId(
                                    line, task, batch.get().batch(), batch.get().of())
                            .uid();
                    UUID id = UUID.nameUUIDFromBytes((event.id() + uid).getBytes(StandardCharsets.UTF_8));
                    carried.add(new BenchEvent(id, uid, event.touch(), event.at(), event.pieces()));
                }
            }
        }
        return carried;
    }
}
