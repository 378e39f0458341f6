package org.crispwhorl.files.csv;

/** Texts in cells of CSV. */
public final class CsvText {
    private CsvText() {}

    /**
     * A text that a spreadsheet would take for a formula is led by an apostrophe, and so is one that begins with an apostrophe of
     * its own: the first is taken off again when it is read.
     */
    public static String plain(String text) {
        return !text.isEmpty() && "=+-@\t\r'".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
