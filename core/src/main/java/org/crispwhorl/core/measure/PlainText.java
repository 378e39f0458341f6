package org.crispwhorl.core.measure;

/** What may stand in a text: what can be printed, and what shapes it, but nothing that steers a machine or turns lines about. */
public final class PlainText {
    private PlainText() {}

    /**
     * Whether a character may stand in a text.
     *
     * @param lines whether it may run over several lines
     */
    public static boolean allows(int codePoint, boolean lines) {
        return switch (Character.getType(codePoint)) {
            case Character.CONTROL -> lines && (codePoint == '\n' || codePoint == '\r' || codePoint == '\t');
            case Character.LINE_SEPARATOR, Character.PARAGRAPH_SEPARATOR, Character.SURROGATE -> false;
            case Character.FORMAT -> !turnsAbout(codePoint);
            default -> (codePoint & 0xfffe) != 0xfffe;
        };
    }

    /** Embeddings, overrides and isolates of direction, by which a text can show other than it says. */
    private static boolean turnsAbout(int codePoint) {
        return codePoint >= 0x202a && codePoint <= 0x202e || codePoint >= 0x2066 && codePoint <= 0x2069;
    }

    /** Whether anything of a text is seen. */
    public static boolean seen(String text) {
        return text.codePoints()
                .anyMatch(c -> !Character.isWhitespace(c)
                        && !Character.isSpaceChar(c)
                        && Character.getType(c) != Character.FORMAT
                        && Character.getType(c) != Character.CONTROL);
    }

    /** A text without what may not stand in it; what is left of nothing seen is a dash. */
    public static String cleaned(String text, boolean lines) {
        StringBuilder kept = new StringBuilder();
        text.codePoints().filter(c -> allows(c, lines)).forEach(kept::appendCodePoint);
        return text.isEmpty() || seen(kept.toString()) ? kept.toString() : "–";
    }
}
