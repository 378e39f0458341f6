package org.crispwhorl.core.progress;

/** Whoever waits for a piece of long work: it is told how far the work has come, and may give it up. */
public interface Progress {
    /** Nobody waits: the work is done to its end. */
    Progress UNWATCHED = new Progress() {
        @Override
        public void reached(double share, String step) {
            // Nobody is there to be told.
        }

        @Override
        public boolean stopped() {
            return false;
        }
    };

    /**
     * Tells how far the work has come.
     *
     * @param share of the work that is done, 0 to 1
     * @param step what is being done, in the maker's words
     * @throws Stopped where the work is no longer wanted
     */
    void reached(double share, String step);

    /** Whether the work is no longer wanted, so that the best so far will do. */
    boolean stopped();

    /** Tells how far the work has come, and whether it is wanted still: for work that has something to show when it is given up. */
    default boolean goesOn(double share, String step) {
        try {
            reached(share, step);
            return !stopped();
        } catch (Stopped e) {
            return false;
        }
    }

    /** The same work, told as one step whatever it does. */
    default Progress as(String step) {
        Progress whole = this;
        return new Progress() {
            @Override
            public void reached(double share, String unsaid) {
                whole.reached(share, step);
            }

            @Override
            public boolean stopped() {
                return whole.stopped();
            }
        };
    }

    /** A part of this work, as long as it is: its 0 to 1 is a stretch of this one's. */
    default Progress part(double from, double to) {
        if (this == UNWATCHED) {
            return this;
        }
        Progress whole = this;
        return new Progress() {
            @Override
            public void reached(double share, String step) {
                whole.reached(from + (to - from) * share, step);
            }

            @Override
            public boolean stopped() {
                return whole.stopped();
            }
        };
    }

    /** The work was given up. */
    class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1;

        public Stopped() {
            super("stopped", null, false, false);
        }
    }
}
