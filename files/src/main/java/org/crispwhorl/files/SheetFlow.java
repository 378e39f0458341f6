package org.crispwhorl.files;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Headings, notes and tables that run down a page and on to the next. */
final class SheetFlow {
    static final double SMALL_PT = 9;
    static final double LINE_MM = 4.4;
    private static final double HEADING_PT = 15;
    private static final double FOOT_MM = 8;

    final PdfCanvas canvas;

    /** Where the next line stands, mm from the top of the page. */
    double y;

    SheetFlow(PdfCanvas canvas) {
        this.canvas = canvas;
    }

    double right() {
        return canvas.paper().widthMm() - OutlinePages.MARGIN_MM;
    }

    void begin(String title) throws IOException {
        canvas.newPage();
        y = OutlinePages.MARGIN_MM + 3;
        canvas.text(canvas.regular, SMALL_PT, OutlinePages.MARGIN_MM, y, title);
        y += 8;
    }

    void heading(String text) throws IOException {
        canvas.text(canvas.strong, HEADING_PT, OutlinePages.MARGIN_MM, y, text);
        y += 7;
    }

    void note(String text) throws IOException {
        for (String line : canvas.broken(canvas.regular, SMALL_PT, right() - OutlinePages.MARGIN_MM, text)) {
            room(LINE_MM);
            canvas.text(canvas.regular, SMALL_PT, OutlinePages.MARGIN_MM, y, line);
            y += LINE_MM;
        }
        y += 2;
    }

    /** Turns to a new page where there is no room left for so much. */
    void room(double highMm) throws IOException {
        if (y + highMm > canvas.paper().heightMm() - OutlinePages.MARGIN_MM - FOOT_MM) {
            canvas.newPage();
            y = OutlinePages.MARGIN_MM + 6;
        }
    }

    /** A column: its heading, its width in mm, whether numbers stand in it. */
    record Column(String heading, double wideMm, boolean numbers) {}

    void table(List<Column> columns, List<List<String>> rows) throws IOException {
        row(columns, columns.stream().map(Column::heading).toList(), canvas.strong);
        for (List<String> cells : rows) {
            row(columns, cells, canvas.regular);
        }
        y += 3;
    }

    private void row(List<Column> columns, List<String> cells, PDFont font) throws IOException {
        List<List<String>> broken = new ArrayList<>();
        int most = 1;
        for (int i = 0; i < columns.size(); i++) {
            List<String> lines = canvas.broken(font, SMALL_PT, columns.get(i).wideMm() - 4, cells.get(i));
            broken.add(lines);
            most = Math.max(most, lines.size());
        }
        room(most * LINE_MM + 1);
        double x = OutlinePages.MARGIN_MM;
        for (int i = 0; i < columns.size(); i++) {
            Column column = columns.get(i);
            for (int k = 0; k < broken.get(i).size(); k++) {
                String line = broken.get(i).get(k);
                double left = column.numbers() ? x + column.wideMm() - 2 - canvas.wide(font, SMALL_PT, line) : x;
                canvas.text(font, SMALL_PT, left, y + k * LINE_MM, line);
            }
            x += column.wideMm();
        }
        y += most * LINE_MM;
        canvas.line(OutlinePages.MARGIN_MM, y - 3, right(), y - 3);
        y += 1;
    }
}
