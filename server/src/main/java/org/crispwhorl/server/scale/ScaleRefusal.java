package org.crispwhorl.server.scale;

/** The scale does not do what it was asked. */
public final class ScaleRefusal extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final String remedy;

    ScaleRefusal(String message, String remedy) {
        super(message);
        this.remedy = remedy;
    }

    /** What to do about it. */
    public String remedy() {
        return remedy;
    }
}
