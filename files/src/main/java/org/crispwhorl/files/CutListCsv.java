package org.crispwhorl.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.crispwhorl.core.order.OrderSheet;

/** The cut list of an order as CSV (RFC 4180), in which no cell can be taken for a spreadsheet formula. */
public final class CutListCsv {
    private static final List<String> HEADER = List.of(
            "species",
            "part",
            "shade",
            "from",
            "length mm",
            "width mm",
            "rolled mm",
            "needed",
            "spares",
            "to cut",
            "g each");

    private CutListCsv() {}

    public static String write(List<OrderSheet.CutLine> lines) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(HEADER);
            for (OrderSheet.CutLine line : lines) {
                printer.printRecord(
                        plain(line.species()),
                        plain(line.part()),
                        plain(line.shade()),
                        plain(line.from()),
                        number(line.lengthMm()),
                        number(line.widthMm()),
                        number(line.rolledMm()),
                        line.needed(),
                        line.spares(),
                        line.needed() + line.spares(),
                        String.format(Locale.ROOT, "%.2f", line.grams()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** A text that a spreadsheet would take for a formula is led by an apostrophe. */
    static String plain(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
