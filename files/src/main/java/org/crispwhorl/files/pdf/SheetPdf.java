package org.crispwhorl.files.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.IntStream;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.sheets.Block;
import org.crispwhorl.core.sheets.OfBlocks;
import org.crispwhorl.files.page.OutlinePages;
import org.crispwhorl.files.page.Paper;

/** Sheets as PDF, each begun on a page of its own. */
public final class SheetPdf implements Block.Renderer<IOException> {
    private static final double PATCH_WIDE_MM = 8;
    private static final double PATCH_HIGH_MM = 6;

    /** Between patches that stand beside one another, and the least that one with its text takes. */
    private static final double BETWEEN_MM = 4;

    private static final double LEAST_PATCH_MM = 20;

    /** A sketch is never drawn higher than this. */
    private static final double MOST_HIGH_MM = 150;

    /** Outlines that are laid out small are drawn no higher than this. */
    private static final double STRIP_HIGH_MM = 20;

    private static final double LABEL_PT = 7;
    private static final String SPARE = "#f4f2ee";

    private final PdfCanvas canvas;
    private final SheetFlow flow;

    private SheetPdf(PdfCanvas canvas) {
        this.canvas = canvas;
        this.flow = new SheetFlow(canvas);
    }

    /**
     * @param title of the order, at the head of every sheet
     * @param lengths what the maker reads lengths in
     */
    public static byte[] write(String title, List<? extends OfBlocks> sheets, Paper paper, LengthText.Lengths lengths) {
        try (PdfCanvas canvas = new PdfCanvas(paper, title, lengths)) {
            SheetPdf pdf = new SheetPdf(canvas);
            for (OfBlocks sheet : sheets) {
                pdf.flow.begin(title);
                pdf.flow.heading(sheet.title());
                for (Block block : sheet.blocks()) {
                    block.shownBy(pdf);
                }
            }
            return canvas.finished();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void heading(Block.Heading heading) throws IOException {
        flow.heading(heading);
    }

    @Override
    public void note(Block.Note note) throws IOException {
        flow.note(note.mark(), note.text());
    }

    @Override
    public void steps(Block.Steps steps) throws IOException {
        for (int i = 0; i < steps.steps().size(); i++) {
            flow.note(i + 1 + ". " + steps.steps().get(i));
        }
    }

    @Override
    public void table(Block.Table table) throws IOException {
        flow.table(table);
    }

    @Override
    public void patches(Block.Patches block) throws IOException {
        if (!block.label().isEmpty()) {
            flow.note(block.label());
        }
        double x = OutlinePages.MARGIN_MM;
        flow.room(PATCH_HIGH_MM + 2);
        for (Block.Patch patch : block.patches()) {
            String text = patch.text() + (patch.aside().isEmpty() ? "" : ", " + patch.aside());
            double wide = Math.max(
                    LEAST_PATCH_MM,
                    PATCH_WIDE_MM + 2 + canvas.wide(canvas.regular, SheetFlow.SMALL_PT, text) + BETWEEN_MM);
            if (x > OutlinePages.MARGIN_MM && x + wide > flow.right()) {
                x = OutlinePages.MARGIN_MM;
                flow.y += PATCH_HIGH_MM + 1;
                flow.room(PATCH_HIGH_MM + 2);
            }
            canvas.box(x, flow.y - 4, PATCH_WIDE_MM, PATCH_HIGH_MM, patch.colour());
            canvas.text(canvas.regular, SheetFlow.SMALL_PT, x + PATCH_WIDE_MM + 2, flow.y, text);
            x += wide;
        }
        flow.y += PATCH_HIGH_MM + 2;
    }

    @Override
    public void sketch(Block.Sketch sketch) throws IOException {
        double left = OutlinePages.MARGIN_MM;
        double scale = Math.min((flow.right() - left) / sketch.wideMm(), MOST_HIGH_MM / sketch.highMm());
        if (!sketch.laid().isEmpty()) {
            scale = Math.min(scale, STRIP_HIGH_MM / Math.max(STRIP_HIGH_MM, sketch.highMm()));
        }
        flow.room(scale * sketch.highMm() + 10);
        double top = flow.y - 3;
        if (!sketch.laid().isEmpty()) {
            PdfCanvas.Stamp stamp = canvas.stamp(corners(sketch.shape()), scale);
            for (Block.PutDown laid : sketch.laid()) {
                canvas.put(stamp, left + scale * laid.x(), top + scale * laid.y(), laid.turnDeg());
            }
        }
        for (Block.Box box : sketch.boxes()) {
            box(box, left + scale * box.x(), top + scale * box.y(), scale);
        }
        flow.y = top + scale * sketch.highMm() + 4;
        if (!sketch.told().isEmpty()) {
            flow.note(sketch.told());
        }
        flow.y += 2;
    }

    @Override
    public void flower(Block.FlowerDrawn picture) throws IOException {
        double scale = PICTURE_MM / 2 / picture.radiusMm();
        flow.room(PICTURE_MM + 8);
        double x = OutlinePages.MARGIN_MM + PICTURE_MM / 2;
        double y = flow.y - 3 + PICTURE_MM / 2;
        for (Block.Turned shape : picture.shapes()) {
            PdfCanvas.Stamp stamp = canvas.stamp(corners(shape.shape()), scale, shape.colour());
            for (double turn : shape.turnsDeg()) {
                canvas.put(stamp, x, y, turn);
            }
        }
        flow.y += PICTURE_MM + 1;
        flow.note(picture.told());
        flow.y += 1;
    }

    private static final double PICTURE_MM = 38;

    private static double[][] corners(double[] inTurn) {
        return IntStream.range(0, inTurn.length / 2)
                .mapToObj(i -> new double[] {inTurn[2 * i], inTurn[2 * i + 1]})
                .toArray(double[][]::new);
    }

    private void box(Block.Box box, double x, double y, double scale) throws IOException {
        if (box.wideMm() > 0) {
            canvas.box(x, y, scale * box.wideMm(), scale * box.highMm(), box.spare() ? SPARE : null);
        }
        String label = canvas.told(box.label());
        if (box.wideMm() <= 0 || canvas.wide(canvas.regular, LABEL_PT, label) < scale * box.wideMm() - 1) {
            canvas.text(canvas.regular, LABEL_PT, x + 0.8, y + scale * box.highMm() / 2 + 1.2, label);
        }
    }
}
