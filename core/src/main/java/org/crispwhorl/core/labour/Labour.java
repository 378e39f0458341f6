package org.crispwhorl.core.labour;

import java.util.ArrayList;
import java.util.List;

/** A piece of work as operations, each so many times. */
public record Labour(List<Turn> turns) {
    /** Nothing to do. */
    public static final Labour NONE = new Labour(List.of());

    /**
     * One operation, so many times.
     *
     * @param things taken up
     * @param petals on all of them together; 0 where the operation asks nothing of them
     */
    public record Turn(Operation operation, double things, double petals) {}

    public Labour {
        turns = List.copyOf(turns);
    }

    /** One operation on so many things. */
    public static Labour of(Operation operation, double things) {
        return of(operation, things, 0);
    }

    /** One operation on so many things with so many petals in all. */
    public static Labour of(Operation operation, double things, double petals) {
        return things > 0 || petals > 0 ? new Labour(List.of(new Turn(operation, things, petals))) : NONE;
    }

    /** This work and then other work. */
    public Labour and(Labour other) {
        if (turns.isEmpty()) {
            return other;
        }
        List<Turn> all = new ArrayList<>(turns);
        all.addAll(other.turns);
        return new Labour(all);
    }

    /** This work and then one operation more. */
    public Labour and(Operation operation, double things) {
        return and(of(operation, things));
    }

    /** This work and then one operation more, on petals. */
    public Labour and(Operation operation, double things, double petals) {
        return and(of(operation, things, petals));
    }

    /** The same work so many times. */
    public Labour times(double times) {
        return new Labour(turns.stream()
                .map(t -> new Turn(t.operation(), times * t.things(), times * t.petals()))
                .toList());
    }
}
