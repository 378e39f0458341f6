package org.crispwhorl.server.studio;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;

/** A database that closed itself, as on a full disk, is opened anew: its old connections are given up, though they say they live. */
public final class ClosedDatabase implements SQLExceptionOverride {
    /** H2's numbers: a general error of the store, an error in its file, a broken connection, a closed database. */
    private static final Set<Integer> CLOSED = Set.of(50000, 90028, 90031, 90067, 90098);

    @java.lang.Override
    public Override adjudicate(SQLException e) {
        return CLOSED.contains(e.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
