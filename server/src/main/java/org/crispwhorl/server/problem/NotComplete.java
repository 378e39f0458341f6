package org.crispwhorl.server.problem;

import java.util.List;

/** An order cannot be made whole: some of its species cannot be read. */
public final class NotComplete extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** @param species names of those that cannot be read */
    public NotComplete(List<String> species) {
        super(String.join(", ", species) + " cannot be read");
    }
}
