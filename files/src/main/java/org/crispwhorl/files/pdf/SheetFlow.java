package org.crispwhorl.files.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.crispwhorl.core.sheets.Block;
import org.crispwhorl.core.sheets.Cell;
import org.crispwhorl.core.sheets.Mark;
import org.crispwhorl.files.page.OutlinePages;

/** Headings, notes and tables that run down a page and on to the next. */
final class SheetFlow {
    static final double SMALL_PT = 9;
    static final double LINE_MM = 4.4;
    private static final double TITLE_PT = 15;
    private static final double HEADING_PT = 11;
    private static final double FOOT_MM = 8;
    private static final double PATCH_MM = 4;
    private static final double TICK_MM = 3.4;

    /** A sign before a text is so high; a disc has so many corners. */
    private static final double SIGN_MM = 2.2;

    private static final int ROUND = 24;
    private static final int SQUARE = 4;
    private static final double QUARTER_DEG = 90;

    /** A heading is not left at the foot of a page without the beginning of what it heads. */
    private static final double KEPT_TOGETHER_MM = 30;

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
        for (String line : canvas.broken(canvas.strong, TITLE_PT, right() - OutlinePages.MARGIN_MM, text)) {
            canvas.text(canvas.strong, TITLE_PT, OutlinePages.MARGIN_MM, y, line);
            y += 7;
        }
    }

    void heading(Block.Heading heading) throws IOException {
        room(KEPT_TOGETHER_MM);
        double x = OutlinePages.MARGIN_MM;
        y += 3;
        if (heading.colour().isPresent()) {
            canvas.box(
                    x,
                    y - PATCH_MM,
                    2 * PATCH_MM,
                    PATCH_MM + 1,
                    heading.colour().get());
            x += 2 * PATCH_MM + 3;
        }
        String count = heading.count().map(n -> Integer.toString(n)).orElse("");
        double wide = right() - x - canvas.wide(canvas.strong, HEADING_PT, count) - 4;
        canvas.text(canvas.strong, HEADING_PT, right() - canvas.wide(canvas.strong, HEADING_PT, count), y, count);
        for (String line : canvas.broken(canvas.strong, HEADING_PT, wide, heading.text())) {
            canvas.text(canvas.strong, HEADING_PT, x, y, line);
            y += LINE_MM + 0.8;
        }
        if (!heading.aside().isEmpty()) {
            note(heading.aside());
        }
    }

    void note(String text) throws IOException {
        note(Mark.NONE, text);
    }

    void note(Mark mark, String text) throws IOException {
        double left = OutlinePages.MARGIN_MM + indent(mark);
        boolean first = true;
        for (String line : canvas.broken(canvas.regular, SMALL_PT, right() - left, canvas.told(text))) {
            room(LINE_MM);
            if (first) {
                sign(mark, OutlinePages.MARGIN_MM, y);
                first = false;
            }
            canvas.text(canvas.regular, SMALL_PT, left, y, line);
            y += LINE_MM;
        }
        y += 2;
    }

    /** The font has no signs: they are drawn, a disc, a square on its corner, a square. */
    private void sign(Mark mark, double left, double base) throws IOException {
        if (mark != Mark.NONE) {
            double turnDeg = mark == Mark.STOP ? QUARTER_DEG / 2 : 0;
            canvas.disc(
                    left + SIGN_MM / 2, base - SIGN_MM / 2, SIGN_MM / 2, mark == Mark.FINE ? ROUND : SQUARE, turnDeg);
        }
    }

    private static double indent(Mark mark) {
        return mark == Mark.NONE ? 0 : SIGN_MM + 1.4;
    }

    /** Turns to a new page where there is no room left for so much. */
    void room(double highMm) throws IOException {
        if (y + highMm > canvas.paper().heightMm() - OutlinePages.MARGIN_MM - FOOT_MM) {
            canvas.newPage();
            y = OutlinePages.MARGIN_MM + 6;
        }
    }

    void table(Block.Table table) throws IOException {
        room(2 * LINE_MM + 6);
        double[] wide = widths(table.columns());
        if (table.columns().stream().anyMatch(c -> !c.heading().isEmpty())) {
            row(
                    table.columns(),
                    wide,
                    table.columns().stream().map(c -> Cell.text(c.heading())).toList(),
                    true);
        }
        for (List<Cell> cells : table.rows()) {
            row(table.columns(), wide, cells, false);
        }
        y += 3;
    }

    private double[] widths(List<Block.Column> columns) {
        double shares = columns.stream().mapToInt(Block.Column::share).sum();
        return columns.stream()
                .mapToDouble(c -> (right() - OutlinePages.MARGIN_MM) * c.share() / shares)
                .toArray();
    }

    private void row(List<Block.Column> columns, double[] wide, List<Cell> cells, boolean heads) throws IOException {
        PDFont font = heads ? canvas.strong : canvas.regular;
        List<List<String>> broken = new ArrayList<>();
        int most = 1;
        for (int i = 0; i < columns.size(); i++) {
            List<String> lines =
                    canvas.broken(font, SMALL_PT, wide[i] - 3 - indent(cells.get(i)), written(cells.get(i)));
            broken.add(lines);
            most = Math.max(most, lines.size());
        }
        room(most * LINE_MM + 1);
        double x = OutlinePages.MARGIN_MM;
        for (int i = 0; i < columns.size(); i++) {
            Block.Holds holds = columns.get(i).holds();
            Cell cell = cells.get(i);
            if (cell.colour().isPresent()) {
                canvas.box(x, y - 3, PATCH_MM, PATCH_MM - 0.6, cell.colour().get());
            }
            if (holds == Block.Holds.BOX && !heads) {
                canvas.box(x, y - TICK_MM + 0.5, TICK_MM, TICK_MM, null);
            }
            sign(cell.mark(), x + indent(cell) - indent(cell.mark()), y);
            boolean toRight = holds == Block.Holds.NUMBER || holds == Block.Holds.LENGTH;
            for (int k = 0; k < broken.get(i).size(); k++) {
                String line = broken.get(i).get(k);
                double left = toRight ? x + wide[i] - 3 - canvas.wide(font, SMALL_PT, line) : x + indent(cell);
                canvas.text(font, SMALL_PT, left, y + k * LINE_MM, line);
            }
            x += wide[i];
        }
        y += most * LINE_MM;
        canvas.line(OutlinePages.MARGIN_MM, y - 3, right(), y - 3);
        y += 1;
    }

    private static double indent(Cell cell) {
        return (cell.colour().isPresent() ? PATCH_MM + 1.5 : 0) + indent(cell.mark());
    }

    private String written(Cell cell) {
        return canvas.told(cell.text());
    }
}
