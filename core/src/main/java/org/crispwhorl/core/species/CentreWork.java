package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** What is asked of a centre where it is made, and set on. */
public interface CentreWork {
    /** Pieces of paste that it is made of, all alike. */
    default int pieces() {
        return 1;
    }

    /** Rows of a fringe, slivers or the like that the maker adds one by one; each takes as long as a small ball. */
    default int touches() {
        return pieces() - 1;
    }

    /** Whether it is a plain body that is made to be covered: one with a texture, a coat or threads is made to be seen. */
    default boolean plain() {
        return touches() == 0;
    }

    /** What hands do to make it. */
    Steps making();

    /** What is done with its wire, so long, where so much of it is bent back. */
    default Steps onWire(int gauge, double wireMm, double hookMm) {
        String cut = "Cut " + Unit.GAUGE.write(gauge) + " wire, " + Said.mm(wireMm) + " long. ";
        return Steps.of(
                        Operation.HOOK,
                        1,
                        cut
                                + (hookMm > 0
                                        ? "Bend back " + Said.mm(hookMm)
                                                + ", moisten it, pull it into the foot until it is hidden."
                                        : "Push it straight in, with glue."))
                .using(Use.GLUE);
    }
}
