package org.crispwhorl.files.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.crispwhorl.core.calendar.Calendar;

/** What is done when, in order of time, as CSV (RFC 4180). */
public final class DaysCsv {
    private DaysCsv() {}

    /** The tasks of a calendar, from the first to the last. */
    public static String write(Calendar calendar) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(
                    "from", "to", "species", "task", "batch", "of", "sitting", "maker", "evening", "why then");
            for (Calendar.PlacedTask s : calendar.tasks()) {
                printer.printRecord(
                        s.from(),
                        s.to(),
                        CsvText.plain(s.species()),
                        CsvText.plain(s.task()),
                        s.batch(),
                        s.of(),
                        s.sitting(),
                        s.maker(),
                        s.evening() ? "evening" : "",
                        CsvText.plain(s.because()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
