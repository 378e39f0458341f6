package org.crispwhorl.server.problem;

import tools.jackson.databind.JsonNode;

/** Two windows changed the same thing: what is kept is not what the sender's change was made from. */
public final class TwoVersions extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final long yours;
    private final long theirs;
    private final transient JsonNode document;

    /**
     * @param yours version that the sender's change was made from
     * @param theirs version that is kept now
     * @param document what is kept now
     */
    public TwoVersions(long yours, long theirs, JsonNode document) {
        super("version " + yours + " was changed, version " + theirs + " is kept");
        this.yours = yours;
        this.theirs = theirs;
        this.document = document;
    }

    long yours() {
        return yours;
    }

    long theirs() {
        return theirs;
    }

    JsonNode document() {
        return document;
    }
}
