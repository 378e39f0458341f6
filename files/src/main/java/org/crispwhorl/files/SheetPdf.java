package org.crispwhorl.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.crispwhorl.core.drawer.PickFit;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.wire.CuttingPlan;

/** The sheets of an order as PDF: what to cut, which wires from which, which paste, what to buy, which stems. */
public final class SheetPdf {
    private static final double SMALL_PT = 9;
    private static final double HEADING_PT = 15;
    private static final double LINE_MM = 4.4;
    private static final double FOOT_MM = 8;

    private final PdfCanvas canvas;
    private double y;

    private SheetPdf(PdfCanvas canvas) {
        this.canvas = canvas;
    }

    /** Which sheets there are. */
    public enum Sheet {
        CUTS,
        WIRES,
        PASTES,
        SHOPPING,
        STEMS
    }

    /**
     * Writes sheets of an order.
     *
     * @param title of the order
     * @param sheets which, in this order
     */
    public static byte[] write(String title, Materials materials, List<Sheet> sheets, Paper paper) {
        try (PdfCanvas canvas = new PdfCanvas(paper, title)) {
            SheetPdf pdf = new SheetPdf(canvas);
            for (Sheet sheet : sheets) {
                pdf.begin(title);
                switch (sheet) {
                    case CUTS -> pdf.cuts(materials);
                    case WIRES -> pdf.wires(materials);
                    case PASTES -> pdf.pastes(materials);
                    case SHOPPING -> pdf.shopping(materials);
                    case STEMS -> pdf.stems(materials);
                }
            }
            return canvas.finished();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private double right() {
        return canvas.paper().widthMm() - OutlinePages.MARGIN_MM;
    }

    private void begin(String title) throws IOException {
        canvas.newPage();
        y = OutlinePages.MARGIN_MM + 3;
        canvas.text(canvas.regular, SMALL_PT, OutlinePages.MARGIN_MM, y, title);
        y += 8;
    }

    private void heading(String text) throws IOException {
        canvas.text(canvas.strong, HEADING_PT, OutlinePages.MARGIN_MM, y, text);
        y += 7;
    }

    private void note(String text) throws IOException {
        for (String line : canvas.broken(canvas.regular, SMALL_PT, right() - OutlinePages.MARGIN_MM, text)) {
            room(LINE_MM);
            canvas.text(canvas.regular, SMALL_PT, OutlinePages.MARGIN_MM, y, line);
            y += LINE_MM;
        }
        y += 2;
    }

    /** Turns to a new page where there is no room left for so much. */
    private void room(double highMm) throws IOException {
        if (y + highMm > canvas.paper().heightMm() - OutlinePages.MARGIN_MM - FOOT_MM) {
            canvas.newPage();
            y = OutlinePages.MARGIN_MM + 6;
        }
    }

    /** A column: its heading, its width in mm, whether numbers stand in it. */
    private record Column(String heading, double wideMm, boolean numbers) {}

    private void table(List<Column> columns, List<List<String>> rows) throws IOException {
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

    private void cuts(Materials materials) throws IOException {
        heading("Cut sheet");
        List<Column> columns = List.of(
                new Column("cutter and what to do with it", 58, false),
                new Column("for", 42, false),
                new Column("size mm", 22, true),
                new Column("roll mm", 16, true),
                new Column("cut", 16, true),
                new Column("strip mm", 32, true));
        for (Materials.CutterJob job : materials.cuts()) {
            List<List<String>> rows = new ArrayList<>();
            rows.add(List.of(
                    job.cutter().map(c -> c + ": " + job.doing()).orElse(job.doing()),
                    job.shade(),
                    mm(job.cut().sizeMm()) + " × " + mm(job.cut().outline().widthMm()),
                    String.format(Locale.ROOT, "%.1f", job.rolledMm())
                            + job.setting()
                                    .map(s -> String.format(Locale.ROOT, " (%.0f)", s))
                                    .orElse(""),
                    Integer.toString(job.pieces()),
                    mm(job.nesting().stripMm()) + " × " + mm(job.stripMm())));
            for (OrderSheet.CutLine line : job.lines()) {
                rows.add(List.of(
                        "", line.species() + ", " + line.part(), "", "", line.needed() + " + " + line.spares(), ""));
            }
            room(rows.size() * 6 + 24);
            table(columns, rows);
            strip(job.cut().shape(), job.nesting());
        }
        if (!materials.uncut().isEmpty()) {
            heading("Without a cutter");
            table(
                    List.of(
                            new Column("piece", 80, false),
                            new Column("from", 60, false),
                            new Column("make", 20, true),
                            new Column("g each", 22, true)),
                    materials.uncut().stream()
                            .map(l -> List.of(
                                    l.species() + ", " + l.part(),
                                    l.from(),
                                    Integer.toString(l.needed() + l.spares()),
                                    String.format(Locale.ROOT, "%.2f", l.grams())))
                            .toList());
        }
    }

    private static final double STRIP_HIGH_MM = 20;

    /** The lattice on its strip, drawn small. */
    private void strip(CutShape shape, Nesting nesting) throws IOException {
        double scale = STRIP_HIGH_MM / Math.max(STRIP_HIGH_MM, nesting.stripMm());
        double wide = right() - OutlinePages.MARGIN_MM;
        room(STRIP_HIGH_MM + 4);
        double top = y - 3;
        int pieces = (int) Math.floor(wide / scale / nesting.pitchMm())
                * nesting.pattern().size();
        double[][] ring = shape.ring();
        for (Nesting.OnStrip laid : nesting.places(pieces)) {
            double cos = Math.cos(Math.toRadians(laid.turnDeg()));
            double sin = Math.sin(Math.toRadians(laid.turnDeg()));
            double[][] placed = new double[ring.length][];
            double most = 0;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < ring.length; i++) {
                double px = ring[i][0] * cos - ring[i][1] * sin + laid.alongMm();
                double py = ring[i][0] * sin + ring[i][1] * cos + laid.acrossMm();
                placed[i] = new double[] {OutlinePages.MARGIN_MM + scale * px, top + scale * py};
                most = Math.max(most, scale * px);
                least = Math.min(least, scale * px);
            }
            if (most <= wide && least >= 0) {
                canvas.closedPath(placed);
            }
        }
        canvas.box(OutlinePages.MARGIN_MM, top, wide, scale * nesting.stripMm(), null);
        y = top + scale * nesting.stripMm() + 4;
        canvas.text(
                canvas.regular,
                SMALL_PT,
                OutlinePages.MARGIN_MM,
                y,
                String.format(
                        Locale.ROOT,
                        "turned by %.0f°, %.0f %% of the strip is cut",
                        nesting.turnDeg(),
                        100 * nesting.stripYield()));
        y += 8;
    }

    private void wires(Materials materials) throws IOException {
        heading("Wires");
        for (Materials.WireJob job : materials.wires()) {
            room(20);
            CuttingPlan plan = job.plan();
            canvas.text(
                    canvas.strong,
                    SMALL_PT + 2,
                    OutlinePages.MARGIN_MM,
                    y,
                    job.gauge() + " gauge: " + plan.wholeWires() + " whole wires"
                            + (plan.proved() ? ", no plan needs fewer" : ", " + plan.atLeast() + " at the least"));
            y += 6;
            for (WirePieceLine line : lines(job)) {
                note(line.text());
            }
            double longest = plan.cuts().stream()
                    .mapToDouble(CuttingPlan.WireCutting::fromMm)
                    .max()
                    .orElse(1);
            for (CuttingPlan.WireCutting cut : plan.cuts()) {
                bar(cut, (right() - OutlinePages.MARGIN_MM - 30) / longest);
            }
            for (var piece : plan.tooLong()) {
                note("Too long for any wire of the drawer: " + piece.count() + " × " + mm(piece.lengthMm())
                        + " mm. Take a longer stock, or join two.");
            }
            y += 4;
        }
    }

    private record WirePieceLine(String text) {}

    private static List<WirePieceLine> lines(Materials.WireJob job) {
        return job.pieces().stream()
                .sorted(Comparator.comparingDouble(w -> -w.lengthMm()))
                .map(w -> new WirePieceLine(w.count() + " × " + mm(w.lengthMm()) + " mm, " + w.use()))
                .toList();
    }

    private void bar(CuttingPlan.WireCutting cut, double scale) throws IOException {
        room(8);
        canvas.text(
                canvas.regular,
                SMALL_PT,
                OutlinePages.MARGIN_MM,
                y,
                cut.times() + " ×" + (cut.offcut() ? " offcut" : ""));
        double x = OutlinePages.MARGIN_MM + 22;
        for (double piece : cut.piecesMm()) {
            canvas.box(x, y - 3.4, scale * piece, 4.6, null);
            String size = mm(piece);
            if (canvas.wide(canvas.regular, 7, size) < scale * piece - 1) {
                canvas.text(canvas.regular, 7, x + 0.8, y, size);
            }
            x += scale * piece;
        }
        if (cut.leftMm() > 0.5) {
            canvas.text(canvas.regular, 7, x + 1, y, mm(cut.leftMm()) + " left");
        }
        y += 6;
    }

    private void pastes(Materials materials) throws IOException {
        heading("Paste and shades");
        for (Materials.PasteJob job : materials.pastes()) {
            note(job.medium().label() + ": " + job.grams() + " g in all, spares, trimmings and reserve included.");
            for (Batch batch : job.batches()) {
                room(30);
                canvas.box(OutlinePages.MARGIN_MM, y - 4, 8, 6, batch.master());
                canvas.text(
                        canvas.strong,
                        SMALL_PT + 1,
                        OutlinePages.MARGIN_MM + 11,
                        y,
                        "master: mix " + batch.masterG() + " g, of which a tenth in reserve; white: " + batch.whiteG()
                                + " g");
                y += 7;
                for (Batch.Mixed shade : batch.shades()) {
                    shade(shade);
                }
                y += 3;
            }
        }
    }

    private void shade(Batch.Mixed shade) throws IOException {
        room(14);
        canvas.box(OutlinePages.MARGIN_MM, y - 4, 8, 6, shade.colour());
        canvas.text(
                canvas.regular,
                SMALL_PT,
                OutlinePages.MARGIN_MM + 11,
                y,
                shade.name() + ", " + shade.whose() + ": " + shade.masterG() + " g master + " + shade.whiteG()
                        + " g white = "
                        + shade.grams() + " g"
                        + shade.alike()
                                .map(a -> "   (cannot be told from " + a + ")")
                                .orElse(""));
        y += LINE_MM;
        StringBuilder again = new StringBuilder("if it runs out, for 10 g: ");
        for (int i = 0; i < shade.remade().size(); i++) {
            Batch.Remake way = shade.remade().get(i);
            again.append(String.format(
                    Locale.ROOT,
                    "%s%.1f g %s + %.1f g %s",
                    i == 0 ? "" : ", or ",
                    way.fromG(),
                    way.from(),
                    way.withG(),
                    way.with()));
        }
        for (String line : canvas.broken(canvas.regular, 8, right() - OutlinePages.MARGIN_MM - 11, again.toString())) {
            canvas.text(canvas.regular, 8, OutlinePages.MARGIN_MM + 11, y, line);
            y += LINE_MM;
        }
        y += 2;
    }

    private void shopping(Materials materials) throws IOException {
        heading("Shopping, against the drawer");
        table(
                List.of(
                        new Column("what", 70, false),
                        new Column("needed", 22, true),
                        new Column("have", 22, true),
                        new Column("buy", 22, true),
                        new Column("note", 50, false)),
                materials.shopping().stream()
                        .map(l -> List.of(
                                l.what() + (l.sign().isEmpty() ? "" : ", " + l.sign()),
                                plain(l.needed()),
                                plain(l.owned()),
                                l.missing() > 0 ? plain(l.missing()) : "–",
                                l.note()))
                        .toList());
    }

    private void stems(Materials materials) throws IOException {
        heading("Stems, tape and picks");
        table(
                List.of(
                        new Column("species", 50, false),
                        new Column("flowers", 16, true),
                        new Column("stem mm", 18, true),
                        new Column("tape mm", 20, true),
                        new Column("g", 14, true),
                        new Column("stem", 34, false),
                        new Column("pick", 34, false)),
                materials.stems().stream()
                        .map(s -> List.of(
                                s.species(),
                                Integer.toString(s.flowers()),
                                mm(s.plan().thickMm()),
                                mm(s.plan().tapeMm()),
                                mm(s.plan().weightG()),
                                s.advice(),
                                s.picks().stream()
                                        .filter(PickFit::fits)
                                        .findFirst()
                                        .map(p -> p.pick().name())
                                        .orElse("none of the drawer fits")))
                        .toList());
        note(
                "No bare wire in food: every stem goes into a food-safe pick. Wires, stamens, tape and picks are not food: count"
                        + " them in, and count them out before serving. Follow your local food rules; where in doubt ask your local"
                        + " food authority or a qualified adviser.");
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.1f", value).replaceAll("\\.0$", "");
    }

    private static String plain(double value) {
        return mm(value);
    }
}
