package org.crispwhorl.files.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.sheets.Block;
import org.crispwhorl.core.sheets.Cell;
import org.crispwhorl.core.sheets.PrintedSheet;

/**
 * A sheet as CSV (RFC 4180), in which no cell can be taken for a spreadsheet formula: tables of the same columns stand together under
 * one row of headings, each row led by what it stands under on the sheet; what is said beside the tables comes last. A line that is
 * left empty parts one from the next.
 */
public final class SheetCsv implements Block.Renderer<RuntimeException> {
    private static final String UNDER = "under";
    private static final int DIGITS = 2;
    private static final int INCH_DIGITS = 3;

    private final LengthText.Lengths lengths;
    private final Map<List<String>, List<List<Object>>> tables = new LinkedHashMap<>();
    private final List<List<Object>> said = new ArrayList<>();
    private String under = "";

    private SheetCsv(LengthText.Lengths lengths) {
        this.lengths = lengths;
    }

    /** @param lengths what the maker reads lengths in */
    public static String write(PrintedSheet sheet, LengthText.Lengths lengths) {
        SheetCsv csv = new SheetCsv(lengths);
        csv.under = sheet.title();
        sheet.blocks().forEach(block -> block.shownBy(csv));
        return csv.written();
    }

    @Override
    public void note(Block.Note note) {
        say(note.mark().sign() + note.text());
    }

    @Override
    public void steps(Block.Steps steps) {
        for (int i = 0; i < steps.steps().size(); i++) {
            say(i + 1 + ". " + steps.steps().get(i));
        }
    }

    /** A drawing is no row of a list. */
    @Override
    public void flower(Block.FlowerDrawn picture) {}

    @Override
    public void sketch(Block.Sketch sketch) {
        if (!sketch.told().isEmpty()) {
            say(sketch.told());
        }
    }

    @Override
    public void patches(Block.Patches patches) {
        for (Block.Patch patch : patches.patches()) {
            rows(List.of(UNDER, "of", "colour", "name", "note"))
                    .add(List.of(
                            under,
                            text(patches.label()),
                            patch.colour(),
                            text(patch.text()),
                            text(patch.mark().sign() + patch.aside())));
        }
    }

    @Override
    public void heading(Block.Heading heading) {
        under = text(heading.text()) + (heading.aside().isEmpty() ? "" : ", " + text(heading.aside()));
        heading.count().ifPresent(count -> rows(List.of(UNDER, "in all")).add(List.of(under, count)));
    }

    private void say(String text) {
        said.add(List.of(under, text(text)));
    }

    private static final List<String> SAID = List.of(UNDER, "note");

    private List<List<Object>> rows(List<String> headings) {
        return tables.computeIfAbsent(headings, h -> new ArrayList<>());
    }

    @Override
    public void table(Block.Table table) {
        List<String> headings = new ArrayList<>(List.of(UNDER));
        for (int i = 0; i < table.columns().size(); i++) {
            headings.add(heading(table, table.columns().get(i)));
            if (patched(table, i)) {
                headings.add(table.columns().get(i).heading() + " colour");
            }
        }
        List<List<Object>> rows = rows(headings);
        for (List<Cell> cells : table.rows()) {
            List<Object> row = new ArrayList<>(List.of(under));
            for (int i = 0; i < cells.size(); i++) {
                row.add(cell(cells.get(i), table.columns().get(i)));
                if (patched(table, i)) {
                    row.add(cells.get(i).colour().orElse(""));
                }
            }
            rows.add(row);
        }
    }

    private static boolean patched(Block.Table table, int column) {
        return table.rows().stream().anyMatch(row -> row.get(column).colour().isPresent());
    }

    private String heading(Block.Table table, Block.Column column) {
        String plain = column.heading().isEmpty()
                ? column.holds() == Block.Holds.NUMBER ? "count" : table.label()
                : column.heading();
        return plain + (column.holds() == Block.Holds.LENGTH ? lengths == LengthText.Lengths.IN ? " in" : " mm" : "");
    }

    private Object cell(Cell cell, Block.Column column) {
        if (cell.number().isEmpty()) {
            return text(cell.mark().sign() + cell.text());
        }
        double value = cell.number().get();
        boolean inches = column.holds() == Block.Holds.LENGTH && lengths == LengthText.Lengths.IN;
        BigDecimal written = BigDecimal.valueOf(inches ? value / LengthText.MM_PER_INCH : value)
                .setScale(inches ? INCH_DIGITS : DIGITS, RoundingMode.HALF_UP);
        return written.signum() == 0 ? "0" : written.stripTrailingZeros().toPlainString();
    }

    private String text(String text) {
        return CsvText.plain(LengthText.in(text, lengths));
    }

    private String written() {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            for (Map.Entry<List<String>, List<List<Object>>> table : tables.entrySet()) {
                if (!text.isEmpty()) {
                    printer.println();
                }
                printer.printRecord(table.getKey());
                printer.printRecords(table.getValue());
            }
            if (!said.isEmpty()) {
                if (!text.isEmpty()) {
                    printer.println();
                }
                printer.printRecord(SAID);
                printer.printRecords(said);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
