package org.crispwhorl.core.sheets;

/** The sign before a text by which its weight is seen without colour. */
public enum Mark {
    NONE(""),
    FINE("● "),
    CHECK("◆ "),
    STOP("■ ");

    private final String sign;

    Mark(String sign) {
        this.sign = sign;
    }

    /** What stands before the text, its space included; empty where nothing does. */
    public String sign() {
        return sign;
    }
}
