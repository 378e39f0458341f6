package org.crispwhorl.server.studio;

/** The studio cannot be opened, or a copy cannot be put back: one plain sentence for the maker, what to do included. */
public final class StudioRefusal extends RuntimeException {
    private static final long serialVersionUID = 1;

    public StudioRefusal(String sentence) {
        super(sentence);
    }
}
