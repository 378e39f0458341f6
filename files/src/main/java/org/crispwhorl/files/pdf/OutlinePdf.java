package org.crispwhorl.files.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.files.page.OutlinePages;

/** Outlines at true size as PDF, several to the page, with a ruler to check the printer. */
public final class OutlinePdf {
    private OutlinePdf() {}

    public static byte[] write(String title, OutlinePages laid, LengthText.Lengths lengths) {
        try (PdfCanvas canvas = new PdfCanvas(laid.paper(), title, lengths)) {
            for (int i = 0; i < Math.max(1, laid.pages().size()); i++) {
                canvas.newPage();
                double top = OutlinePages.MARGIN_MM;
                canvas.text(canvas.strong, 12, OutlinePages.MARGIN_MM, top + 4, title);
                if (i < laid.pages().size()) {
                    for (OutlinePages.Placed placed : laid.pages().get(i)) {
                        outline(canvas, placed);
                    }
                }
                if (i == 0 && !laid.leftOut().isEmpty()) {
                    canvas.text(
                            canvas.regular,
                            8,
                            OutlinePages.MARGIN_MM,
                            top + 9,
                            "Larger than this paper, take the SVG: " + String.join(", ", laid.leftOut()));
                }
                canvas.ruler();
            }
            return canvas.finished();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void outline(PdfCanvas canvas, OutlinePages.Placed placed) throws IOException {
        canvas.closedPath(placed.ring());
        double under = placed.topMm() + placed.highMm();
        canvas.text(canvas.strong, 8, placed.leftMm(), under + 4, placed.piece().label());
        canvas.text(
                canvas.regular, 8, placed.leftMm(), under + 7.5, placed.piece().note());
    }
}
