package org.crispwhorl.files.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.study.MeasuredPetals;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.PlainNumber;

/** Measured petals as CSV: count, length mm, width mm, widest at, note. */
public final class StudyCsv {
    private static final List<String> HEADER = List.of("count", "length mm", "width mm", "widest at", "note");

    /** Where the greatest width usually lies, for rows that do not say. */
    private static final double USUAL_WIDEST = 0.6;

    private StudyCsv() {}

    public static String write(List<MeasuredPetals> petals) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(HEADER);
            for (MeasuredPetals p : petals) {
                printer.printRecord(p.count(), p.lengthMm(), p.widthMm(), p.widest(), CsvText.plain(p.note()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /**
     * Reads petals.
     *
     * @throws DocumentFault naming every row and column that cannot be read
     */
    public static List<MeasuredPetals> read(String text) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String header = plain.lines().findFirst().orElse("");
        char divider = header.indexOf(';') >= 0 ? ';' : header.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(divider)
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        List<MeasuredPetals> petals = new ArrayList<>();
        List<DocumentFault.Fault> faults = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            if (!parser.getHeaderNames().containsAll(HEADER.subList(0, 3))) {
                throw DocumentFault.at("", "the headings " + parser.getHeaderNames(), "the headings " + HEADER);
            }
            for (CSVRecord row : parser) {
                if (row.getRecordNumber() > DrawerCsv.MOST_ROWS) {
                    throw DocumentFault.at(
                            "", "more than " + DrawerCsv.MOST_ROWS + " rows", "the petals of one flower");
                }
                String at = "/row " + row.getRecordNumber();
                try {
                    petals.add(new MeasuredPetals(
                            whole(row, "count"),
                            number(row, "length mm", divider),
                            number(row, "width mm", divider),
                            said(row, "widest at").isBlank() ? USUAL_WIDEST : number(row, "widest at", divider),
                            unquoted(said(row, "note"))));
                } catch (InvalidValue e) {
                    faults.add(new DocumentFault.Fault(at + "/" + e.field(), e.came(), e.expected()));
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw DocumentFault.at(
                    "", "a table that cannot be read: " + e.getMessage(), "CSV with the headings " + HEADER);
        }
        if (petals.isEmpty() && faults.isEmpty()) {
            throw DocumentFault.at("", "no rows", "one row at least under the headings " + HEADER);
        }
        if (!faults.isEmpty()) {
            throw new DocumentFault(faults);
        }
        return petals;
    }

    private static String said(CSVRecord row, String column) {
        return row.isMapped(column) && row.isSet(column) ? row.get(column) : "";
    }

    private static String unquoted(String note) {
        return note.startsWith("'") ? note.substring(1) : note;
    }

    private static int whole(CSVRecord row, String column) {
        String cell = said(row, column).strip();
        try {
            return Math.toIntExact(PlainNumber.whole(cell));
        } catch (NumberFormatException | ArithmeticException e) {
            throw new InvalidValue(column, cell.isEmpty() ? "nothing" : "'" + cell + "'", "a whole number");
        }
    }

    private static double number(CSVRecord row, String column, char divider) {
        String cell = said(row, column).strip();
        try {
            return PlainNumber.decimal(divider == ',' ? cell : cell.replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new InvalidValue(column, cell.isEmpty() ? "nothing" : "'" + cell + "'", "a number");
        }
    }
}
