package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;

/** What is asked of a part where it has its place in the flower: what it fills, and its bodies. */
public interface Standing {
    /**
     * What stands at the joints of further heads instead of at one place.
     *
     * @param every at the joint of every so many further heads, counted from the foot
     * @param count how many there are at most
     * @param body one of them, from a joint at height 0 outwards
     */
    record AtJoints(int every, int count, Solid.Tube body) {
        /** Whether one stands at the joint of a further head: 1 is the lowest. */
        public boolean at(int head) {
            return head % every == 0 && head / every <= count;
        }
    }

    /** Whether it belongs to the head as it is seen from above; what stands on the stem does not. */
    boolean inHead();

    /** What it fills the middle with. */
    default Core core() {
        return Core.NONE;
    }

    /** Diameter to which it thickens the stem, mm; 0 where it does not. */
    default double thickensToMm() {
        return 0;
    }

    /** Its bodies; empty for flat pieces, which are placed round the axis, and for heads, which are flowers of their own. */
    List<Solid> solids(WireTable wires);

    /** Where it stands at the joints of further heads: so many of it, and where; none where it stands at one place. */
    default Optional<AtJoints> atJoints(WireTable wires) {
        return Optional.empty();
    }

    /** Whether it is further heads, each a flower of its own. */
    default boolean severalHeads() {
        return false;
    }

    /** Whether it is a ring of petals of the flower itself. */
    default boolean ring() {
        return false;
    }

    /** How many petals or leaves it has; 0 where it is made of none. */
    default int petals() {
        return 0;
    }
}
