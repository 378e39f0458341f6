package org.crispwhorl.server.studio;

/** The disk on which the studio lies has no room left for another change. */
public final class DiskFull extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final long leftMb;

    DiskFull(long leftMb) {
        super(leftMb + " MB left");
        this.leftMb = leftMb;
    }

    /** Room left, MB. */
    public long leftMb() {
        return leftMb;
    }
}
