package org.crispwhorl.server.studio;

/** How long a kept text may be: the longest that stands in its row, and not beside it as a large object. */
public final class KeptColumn {
    public static final int LONGEST = 1_048_576;

    private KeptColumn() {}
}
