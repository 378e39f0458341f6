package org.crispwhorl.server.studio;

/** The database cannot be written to at the moment. */
public final class StudioUnreachable extends RuntimeException {
    private static final long serialVersionUID = 1;

    StudioUnreachable(Exception cause) {
        super("the database cannot be written to", cause);
    }
}
