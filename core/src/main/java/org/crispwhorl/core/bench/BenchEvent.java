package org.crispwhorl.core.bench;

import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/**
 * One touch at the bench. It has a name of its own, so that one that is told twice, or by two devices, counts once.
 *
 * @param id its own, made where it was touched
 * @param at when it was touched, by the studio's clock: where it was touched on a device whose clock is apart, that is reckoned in
 * @param said what was measured or noted; of nothing else than that
 * @param of the touch that is taken back; of nothing else than that
 */
@Text(label = "touch", means = "One touch at the bench.")
public record BenchEvent(
        UUID id,

        @Text(label = "work", shortest = 1, longest = 200) String uid,

        @Text(label = "touched") Touch touch,
        @Text(label = "at") Instant at,

        @Quantity(
                label = "pieces",
                unit = Unit.COUNT,
                min = -500,
                max = 500,
                usual = 1,
                means = "Of a count; below 0 takes back. Nothing else asks for it.")
        int pieces,

        @Text(label = "written down") Optional<BenchRecord> said,
        Optional<UUID> of) {
    /** What was touched. */
    @Text(label = "touched", means = "What was touched.")
    public enum Touch {
        @Text(label = "begun", means = "The first roll: from here the paste skins.")
        BEGUN,
        @Text(label = "pieces done")
        GOOD,
        @Text(label = "broke")
        BROKE,
        @Text(label = "done", means = "All of it is done: what waits for it waits from now on.")
        DONE,
        @Text(label = "not done after all")
        UNDONE,
        @Text(label = "not yet", means = "Looked at while it dries: it is not yet as it has to be.")
        NOT_YET,
        @Text(label = "ready", means = "Looked at while it dries: it is as it has to be.")
        READY,
        @Text(label = "still soft", means = "Looked at while it lies open: it can still be shaped.")
        STILL_SOFT,
        @Text(label = "skinned", means = "Found while it lay open: it can no longer be shaped.")
        SKINNED,
        @Text(label = "pass laid", means = "A pass of colour is on, by its number: what is wet dries from now on.")
        LAID,
        @Text(label = "written down", means = "Something was measured or noted.")
        SAID,
        @Text(label = "taken back", means = "Another touch was a mistake: it is as if it had not been.")
        TAKEN_BACK
    }

    public BenchEvent {
        Limits.check(BenchEvent.class, id, uid, touch, at, pieces, said, of);
        if ((touch == Touch.SAID) != said.isPresent()) {
            throw new InvalidValue("said", said.isPresent(), "what was written down, and of nothing else than that");
        }
        if ((touch == Touch.TAKEN_BACK) != of.isPresent()) {
            throw new InvalidValue("of", of.isPresent(), "the touch that is taken back, and of nothing else than that");
        }
    }

    /** One in which nothing is written down. */
    public BenchEvent(UUID id, String uid, Touch touch, Instant at, int pieces) {
        this(id, uid, touch, at, pieces, Optional.empty(), Optional.empty());
    }

    /** One in which something is written down. */
    public static BenchEvent saying(UUID id, String uid, Instant at, BenchRecord what) {
        return new BenchEvent(id, uid, Touch.SAID, at, 1, Optional.of(what), Optional.empty());
    }

    /** Those that stand, each once: neither taken back nor taking one back. */
    public static List<BenchEvent> standing(Collection<BenchEvent> told) {
        Map<UUID, BenchEvent> once = new LinkedHashMap<>();
        told.forEach(e -> once.putIfAbsent(e.id(), e));
        told.forEach(e -> e.of().ifPresent(once::remove));
        once.values().removeIf(e -> e.touch() == Touch.TAKEN_BACK);
        return List.copyOf(once.values());
    }
}
