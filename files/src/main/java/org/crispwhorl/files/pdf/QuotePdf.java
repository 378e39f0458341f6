package org.crispwhorl.files.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.price.PriceSheet;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.sheets.Block;
import org.crispwhorl.core.sheets.Cell;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.files.page.FlowerOnPage;
import org.crispwhorl.files.page.OutlinePages;
import org.crispwhorl.files.page.Paper;

/** A quote as one page in the maker's own words, with a drawing of each flower. */
public final class QuotePdf {
    private static final double PICTURE_MM = 42;
    private static final double LINE = 0.15;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private QuotePdf() {}

    /**
     * @param lines of the order, as it is reckoned
     * @param price of the order
     * @param written the day on which it is written
     */
    public static byte[] write(
            Order order,
            List<OrderSheet.Line> lines,
            Conditions conditions,
            PriceSheet price,
            Tariff tariff,
            LocalDate written,
            Paper paper) {
        try (PdfCanvas canvas = new PdfCanvas(paper, order.name(), LengthText.Lengths.MM)) {
            SheetFlow flow = new SheetFlow(canvas);
            flow.begin(DAY.format(written));
            flow.heading(order.name());
            flow.note("For " + DAY.format(order.handOver()));
            paragraphs(flow, tariff.opening());
            drawings(canvas, flow, lines, conditions);
            flow.table(sums(lines, price, tariff));
            flow.note(price.told());
            paragraphs(flow, tariff.closing());
            return canvas.finished();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Block.Table sums(List<OrderSheet.Line> lines, PriceSheet price, Tariff tariff) {
        List<List<Cell>> rows = new ArrayList<>();
        lines.forEach(l -> rows.add(row(l.count() + " × " + l.species().name(), "")));
        rows.add(row("working time", tariff.write(price.asHours())));
        rows.add(row("materials", tariff.write(price.asMaterials())));
        rows.add(row("in all", tariff.write(price.total())));
        rows.add(row("deposit, when you promise", tariff.write(price.deposit())));
        rows.add(row("when it is handed over", tariff.write(price.balance())));
        return new Block.Table(
                "Sums",
                List.of(new Block.Column("", Block.Holds.TEXT, 13), new Block.Column("", Block.Holds.NUMBER, 5)),
                rows);
    }

    private static List<Cell> row(String what, String amount) {
        return List.of(Cell.text(what), Cell.text(amount));
    }

    private static void paragraphs(SheetFlow flow, String text) throws IOException {
        for (String line : text.split("\n")) {
            if (!line.isBlank()) {
                flow.note(line);
            }
        }
    }

    /** How far anything of a flower reaches from its middle, leaves included. */
    private static double reachMm(Drawing.Face face) {
        double reach = Math.max(1, face.radiusMm());
        for (Drawing.DrawnRing ring : face.rings()) {
            for (int i = 0; i + 1 < ring.outline().length; i += 2) {
                reach = Math.max(reach, Math.hypot(ring.outline()[i], ring.outline()[i + 1]));
            }
        }
        return reach;
    }

    private static void drawings(PdfCanvas canvas, SheetFlow flow, List<OrderSheet.Line> lines, Conditions conditions)
            throws IOException {
        double x = OutlinePages.MARGIN_MM;
        flow.room(PICTURE_MM + 4);
        for (OrderSheet.Line line : lines) {
            if (x + PICTURE_MM > flow.right()) {
                x = OutlinePages.MARGIN_MM;
                flow.y += PICTURE_MM + 4;
                flow.room(PICTURE_MM + 4);
            }
            Assessment a = new Assessment(line.species(), conditions);
            Drawing drawing = Draughting.of(a.form());
            double scale = PICTURE_MM / 2 / reachMm(drawing.face());
            double middle = x + PICTURE_MM / 2;
            double down = flow.y + PICTURE_MM / 2;
            PdfPage.draw(
                    canvas,
                    page -> page.placed(
                            middle, down, scale, 0, p -> new FlowerOnPage(a, drawing).face(p, LINE / scale)));
            x += PICTURE_MM + 6;
        }
        flow.y += PICTURE_MM + 8;
    }
}
