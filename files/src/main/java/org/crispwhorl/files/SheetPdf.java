package org.crispwhorl.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.crispwhorl.core.drawer.PickFit;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.wire.CuttingPlan;

/** The sheets of an order as PDF: what to cut, which wires from which, which paste, what to buy, which stems. */
public final class SheetPdf {
    private final PdfCanvas canvas;
    private final SheetFlow flow;

    private SheetPdf(PdfCanvas canvas) {
        this.canvas = canvas;
        this.flow = new SheetFlow(canvas);
    }

    /** Which sheets there are. */
    public enum Sheet {
        CUTS,
        WIRES,
        PASTES,
        COLOURS,
        SHOPPING,
        STEMS,
        SERVICE
    }

    /**
     * Writes sheets of an order.
     *
     * @param title of the order
     * @param sheets which, in this order
     * @param lengths what the maker reads lengths in
     */
    public static byte[] write(
            String title, Materials materials, List<Sheet> sheets, Paper paper, LengthText.Lengths lengths) {
        try (PdfCanvas canvas = new PdfCanvas(paper, title, lengths)) {
            SheetPdf pdf = new SheetPdf(canvas);
            for (Sheet sheet : sheets) {
                pdf.flow.begin(title);
                switch (sheet) {
                    case CUTS -> pdf.cuts(materials);
                    case WIRES -> pdf.wires(materials);
                    case PASTES -> pdf.pastes(materials);
                    case COLOURS -> new ColourPdf(pdf.flow).write(materials.colours());
                    case SHOPPING -> pdf.shopping(materials);
                    case STEMS -> pdf.stems(materials);
                    case SERVICE -> new ServicePdf(pdf.flow).write(materials.service());
                }
            }
            return canvas.finished();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void cuts(Materials materials) throws IOException {
        flow.heading("Cut sheet");
        List<SheetFlow.Column> columns = List.of(
                new SheetFlow.Column("cutter and what to do with it", 58, false),
                new SheetFlow.Column("for", 42, false),
                new SheetFlow.Column("size", 22, true),
                new SheetFlow.Column("roll", 16, true),
                new SheetFlow.Column("cut", 16, true),
                new SheetFlow.Column("strip", 32, true));
        for (Materials.CutterJob job : materials.cuts()) {
            List<List<String>> rows = new ArrayList<>();
            rows.add(List.of(
                    job.cutter().map(c -> c + ": " + job.doing()).orElse(job.doing()),
                    job.shade(),
                    length(job.cut().sizeMm()) + " × "
                            + length(job.cut().outline().widthMm()),
                    Unit.MM.write(job.rolledMm())
                            + job.setting()
                                    .map(s -> String.format(Locale.ROOT, " (%.0f)", s))
                                    .orElse(""),
                    Integer.toString(job.pieces()),
                    length(job.nesting().stripMm()) + " × " + length(job.stripMm())));
            for (OrderSheet.CutLine line : job.lines()) {
                rows.add(List.of(
                        "", line.species() + ", " + line.part(), "", "", line.needed() + " + " + line.spares(), ""));
            }
            flow.room(rows.size() * 6 + 24);
            flow.table(columns, rows);
            for (String note : job.notes()) {
                flow.note(note);
            }
            strip(job.cut().shape(), job.nesting(), job.pieces());
        }
        if (!materials.uncut().isEmpty()) {
            flow.heading("Without a cutter");
            flow.table(
                    List.of(
                            new SheetFlow.Column("piece", 80, false),
                            new SheetFlow.Column("from", 60, false),
                            new SheetFlow.Column("make", 20, true),
                            new SheetFlow.Column("g each", 22, true)),
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

    /** More pieces than this are not drawn on one strip; the figures beside it tell how many there are. */
    private static final int MOST_DRAWN = 400;

    /** How many pieces may have room on so much of a strip. */
    private static int fitting(double alongMm, Nesting nesting) {
        double pitches = Math.ceil(alongMm / nesting.pitchMm());
        return (int) Math.min(MOST_DRAWN, pitches * nesting.pattern().size());
    }

    /** The pieces as they lie on their strip, drawn small: a strip as long as they fill, or what of it fits on the page. */
    private void strip(CutShape shape, Nesting nesting, int pieces) throws IOException {
        double scale = STRIP_HIGH_MM / Math.max(STRIP_HIGH_MM, nesting.stripMm());
        double wide = flow.right() - OutlinePages.MARGIN_MM;
        flow.room(STRIP_HIGH_MM + 4);
        double top = flow.y - 3;
        double[][] ring = shape.ring();
        PdfCanvas.Stamp stamp = canvas.stamp(ring, scale);
        double filled = 0;
        for (Nesting.OnStrip laid : nesting.places(Math.min(pieces, fitting(wide / scale, nesting)))) {
            double cos = Math.cos(Math.toRadians(laid.turnDeg()));
            double sin = Math.sin(Math.toRadians(laid.turnDeg()));
            double most = 0;
            double least = Double.MAX_VALUE;
            for (double[] corner : ring) {
                double along = scale * (corner[0] * cos - corner[1] * sin + laid.alongMm());
                most = Math.max(most, along);
                least = Math.min(least, along);
            }
            if (most <= wide && least >= 0) {
                canvas.put(
                        stamp,
                        OutlinePages.MARGIN_MM + scale * laid.alongMm(),
                        top + scale * laid.acrossMm(),
                        laid.turnDeg());
                filled = Math.max(filled, most);
            }
        }
        boolean all = scale * nesting.lengthMm(pieces) <= wide;
        double drawn = all ? Math.min(wide, Math.max(filled, scale * nesting.lengthMm(pieces))) : wide;
        canvas.box(OutlinePages.MARGIN_MM, top, drawn, scale * nesting.stripMm(), null);
        flow.y = top + scale * nesting.stripMm() + 4;
        canvas.text(
                canvas.regular,
                SheetFlow.SMALL_PT,
                OutlinePages.MARGIN_MM,
                flow.y,
                String.format(
                        Locale.ROOT,
                        "turned by %.0f°, %.0f %% of the strip is cut%s",
                        nesting.turnDeg(),
                        100 * nesting.stripYield(),
                        all ? "" : "; the beginning of it is drawn"));
        flow.y += 8;
    }

    private void wires(Materials materials) throws IOException {
        flow.heading("Wires");
        for (Materials.WireJob job : materials.wires()) {
            flow.room(20);
            CuttingPlan plan = job.plan();
            canvas.text(
                    canvas.strong,
                    SheetFlow.SMALL_PT + 2,
                    OutlinePages.MARGIN_MM,
                    flow.y,
                    job.gauge() + " gauge: " + plan.wholeWires() + " whole wires"
                            + (plan.proved() ? ", no plan needs fewer" : ", " + plan.atLeast() + " at the least"));
            flow.y += 6;
            for (WirePieceLine line : lines(job)) {
                flow.note(line.text());
            }
            double longest = plan.cuts().stream()
                    .mapToDouble(CuttingPlan.WireCutting::fromMm)
                    .max()
                    .orElse(1);
            for (CuttingPlan.WireCutting cut : plan.cuts()) {
                bar(cut, (flow.right() - OutlinePages.MARGIN_MM - 30) / longest);
            }
            for (var piece : plan.tooLong()) {
                flow.note("Too long for any wire of the drawer: " + piece.count() + " × " + length(piece.lengthMm())
                        + ". Take a longer stock, or join two.");
            }
            flow.y += 4;
        }
    }

    private record WirePieceLine(String text) {}

    private static List<WirePieceLine> lines(Materials.WireJob job) {
        return job.pieces().stream()
                .sorted(Comparator.comparingDouble(w -> -w.lengthMm()))
                .map(w -> new WirePieceLine(w.count() + " × " + length(w.lengthMm()) + ", " + w.use()))
                .toList();
    }

    private void bar(CuttingPlan.WireCutting cut, double scale) throws IOException {
        flow.room(8);
        canvas.text(
                canvas.regular,
                SheetFlow.SMALL_PT,
                OutlinePages.MARGIN_MM,
                flow.y,
                cut.times() + " ×" + (cut.offcut() ? " offcut" : ""));
        double x = OutlinePages.MARGIN_MM + 22;
        for (double piece : cut.piecesMm()) {
            canvas.box(x, flow.y - 3.4, scale * piece, 4.6, null);
            String size = canvas.told(length(piece));
            if (canvas.wide(canvas.regular, 7, size) < scale * piece - 1) {
                canvas.text(canvas.regular, 7, x + 0.8, flow.y, size);
            }
            x += scale * piece;
        }
        if (cut.leftMm() > 0.5) {
            canvas.text(canvas.regular, 7, x + 1, flow.y, length(cut.leftMm()) + " left");
        }
        flow.y += 6;
    }

    private void pastes(Materials materials) throws IOException {
        flow.heading("Paste and shades");
        for (Materials.PasteJob job : materials.pastes()) {
            flow.note(job.medium().label() + ": " + job.grams() + " g in all, spares, trimmings and reserve included."
                    + (job.gumG() > 0 ? " Knead " + Unit.G.write(job.gumG()) + " of gum powder into it." : ""));
            for (Batch batch : job.batches()) {
                flow.room(30);
                canvas.box(OutlinePages.MARGIN_MM, flow.y - 4, 8, 6, batch.strong());
                canvas.text(
                        canvas.strong,
                        SheetFlow.SMALL_PT + 1,
                        OutlinePages.MARGIN_MM + 11,
                        flow.y,
                        "strong colour: mix " + batch.strongG() + " g, of which a tenth in reserve; white: "
                                + batch.whiteG() + " g");
                flow.y += 7;
                for (Batch.Mixed shade : batch.shades()) {
                    shade(shade);
                }
                flow.y += 3;
            }
        }
    }

    /** For whom a shade is; where it is for several, what each takes of it. */
    private static String whose(Batch.Mixed shade) {
        return shade.portions().isEmpty()
                ? shade.whose()
                : "mixed at once for "
                        + shade.portions().stream()
                                .map(p -> p.whose() + " (" + Math.round(p.grams()) + " g)")
                                .collect(Collectors.joining(", "));
    }

    private void shade(Batch.Mixed shade) throws IOException {
        flow.room(14);
        canvas.box(OutlinePages.MARGIN_MM, flow.y - 4, 8, 6, shade.colour());
        canvas.text(
                canvas.regular,
                SheetFlow.SMALL_PT,
                OutlinePages.MARGIN_MM + 11,
                flow.y,
                shade.name() + ", " + whose(shade) + ": " + shade.strongG() + " g strong colour + " + shade.whiteG()
                        + " g white = "
                        + shade.grams() + " g"
                        + shade.alike()
                                .map(a -> "   (cannot be told from " + a + ")")
                                .orElse(""));
        flow.y += SheetFlow.LINE_MM;
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
        for (String line :
                canvas.broken(canvas.regular, 8, flow.right() - OutlinePages.MARGIN_MM - 11, again.toString())) {
            canvas.text(canvas.regular, 8, OutlinePages.MARGIN_MM + 11, flow.y, line);
            flow.y += SheetFlow.LINE_MM;
        }
        flow.y += 2;
    }

    private void shopping(Materials materials) throws IOException {
        flow.heading("Shopping, against the drawer");
        flow.table(
                List.of(
                        new SheetFlow.Column("what", 70, false),
                        new SheetFlow.Column("needed", 22, true),
                        new SheetFlow.Column("have", 22, true),
                        new SheetFlow.Column("buy", 22, true),
                        new SheetFlow.Column("note", 50, false)),
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
        flow.heading("Stems, tape and picks");
        flow.table(
                List.of(
                        new SheetFlow.Column("species", 50, false),
                        new SheetFlow.Column("flowers", 16, true),
                        new SheetFlow.Column("stem", 18, true),
                        new SheetFlow.Column("tape", 20, true),
                        new SheetFlow.Column("g", 14, true),
                        new SheetFlow.Column("stem", 34, false),
                        new SheetFlow.Column("pick", 34, false)),
                materials.stems().stream()
                        .map(s -> List.of(
                                s.species(),
                                Integer.toString(s.flowers()),
                                length(s.plan().thickMm()),
                                length(s.plan().tapeMm()),
                                plain(s.plan().weightG()),
                                s.advice(),
                                s.picks().stream()
                                        .filter(PickFit::fits)
                                        .findFirst()
                                        .map(p -> p.pick().name())
                                        .orElse("none of the drawer fits")))
                        .toList());
        flow.note(
                "No bare wire in food: every stem goes into a food-safe pick. Wires, stamens, tape and picks are not food: count"
                        + " them in, and count them out before serving. Follow your local food rules; where in doubt ask your local"
                        + " food authority or a qualified adviser.");
    }

    private static String length(double mm) {
        return Unit.MM.write(mm);
    }

    private static String plain(double value) {
        return String.format(Locale.ROOT, "%.1f", value).replaceAll("\\.0$", "");
    }
}
