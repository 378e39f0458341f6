package org.crispwhorl.files.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.colour.Mixture;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Worn;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.page.FlowerOnPage;
import org.crispwhorl.files.page.OutlinePages;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.page.SheetPage;
import org.crispwhorl.files.pdf.PdfCanvas;
import org.crispwhorl.files.pdf.PdfPage;
import org.crispwhorl.files.svg.SvgPage;

/** A species as one page to hand out or to hang up: face and section at one scale, its parts in order with sizes and colours. */
public final class SpeciesSheet {
    private static final String INK = SheetPage.INK;
    private static final String QUIET = SheetPage.QUIET;
    private static final String GROUND = SheetPage.GROUND;

    /** Pixels to the inch of the picture. */
    private static final float DPI = 200;

    private static final double MARGIN = OutlinePages.MARGIN_MM;
    private static final double LEAST_DRAWN = 90;
    private static final double MOST_DRAWN = 165;
    private static final double HEAD = 19;
    private static final double UNDER = 40;
    /** How broad outlines are drawn, mm. */
    private static final double LINE = 0.22;

    /** From one part to the next, mm, and from its base line up to the rule over it. */
    private static final double ROW = 6.4;

    private static final double RULE = 4.6;

    /** Where the columns of the parts begin, mm from the margin: what they are, what they look like, their passes. */
    private static final double SIZES_AT = 42;

    private static final double WORN_AT = 104;
    private static final double PASSES_AT = 124;

    /** Heights of type, mm. */
    private static final double TITLE = 9;

    private static final double UNDER_TITLE = 3.6;
    private static final double NAMES = 3.4;
    private static final double TEXT = 3.2;
    private static final double NOTES = 3;

    /** Room kept free in the frame of the drawing: at its sides, above, and in all from top to foot, mm. */
    private static final double AT_SIDES = 6;

    private static final double ABOVE = 5;
    private static final double IN_ALL = 14;

    /** So much of the flower's radius is shown round it in the face and beside its axis in the section, for what stands behind. */
    private static final double ROUND_FACE = 1.15;

    private static final double BESIDE_AXIS = 1.1;

    /** Side of a swatch, mm, how far it stands above its base line, and from one to the next. */
    private static final double SWATCH = 5;

    private static final double SWATCH_UP = 4;
    private static final double SWATCH_STEP = 6;

    private final Assessment a;
    private final Species species;
    private final Drawing drawing;
    private final Paper paper;
    private final double drawnHigh;
    private final FlowerOnPage flower;

    private SpeciesSheet(Assessment a, Paper paper) {
        this.a = a;
        this.species = a.species();
        this.drawing = Draughting.of(a.form());
        this.paper = paper;
        double left = paper.heightMm()
                - 2 * MARGIN
                - HEAD
                - UNDER
                - ROW * a.species().parts().size();
        this.drawnHigh = Math.max(LEAST_DRAWN, Math.min(MOST_DRAWN, left));
        this.flower = new FlowerOnPage(a, drawing);
    }

    public static String svg(Assessment a, Paper paper, LengthText.Lengths lengths) {
        try {
            return SvgPage.written(paper, a.species().name(), lengths, new SpeciesSheet(a, paper)::draw);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static byte[] pdf(Assessment a, Paper paper, LengthText.Lengths lengths) {
        try (PdfCanvas canvas = new PdfCanvas(paper, a.species().name(), lengths)) {
            canvas.newPage();
            PdfPage.draw(canvas, new SpeciesSheet(a, paper)::draw);
            return canvas.finished();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static byte[] png(Assessment a, Paper paper, LengthText.Lengths lengths) {
        try (PDDocument document = Loader.loadPDF(pdf(a, paper, lengths))) {
            BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(0, DPI);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(picture, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw(SheetPage page) throws IOException {
        double wide = paper.widthMm() - 2 * MARGIN;
        page.text(species.name(), MARGIN, MARGIN + 8, TITLE, true, INK);
        page.text(
                Unit.MM.write(a.form().faceMm()) + " across, "
                        + Unit.MM.write(a.form().heightMm()) + " high, "
                        + species.petaled().stream().mapToInt(Part::pieceCount).sum() + " pieces",
                MARGIN,
                MARGIN + 14.5,
                UNDER_TITLE,
                false,
                QUIET);
        double top = MARGIN + HEAD;
        page.path(
                new double[] {MARGIN, top, MARGIN + wide, top, MARGIN + wide, top + drawnHigh, MARGIN, top + drawnHigh},
                true,
                GROUND,
                INK,
                0);
        drawn(page, top, wide);
        double y = top + drawnHigh + 8;
        y = shades(page, y);
        parts(page, y);
        page.text(
                "Wires, stamens and whatever is not food are counted in, and counted out before serving. Follow your local food rules.",
                MARGIN,
                paper.heightMm() - MARGIN,
                2.8,
                false,
                QUIET);
    }

    /** The section on the left and the whole face on the right, at one scale, with a bar that tells it. */
    private void drawn(SheetPage page, double top, double wide) throws IOException {
        double reach = reach();
        double lowest = Math.max(drawing.section().lowestMm(), -1.1 * reach);
        double high = drawing.section().highestMm() - lowest;
        double leftMm = leftMm();
        double scale = Math.min(
                (drawnHigh - IN_ALL) / Math.max(2 * reach, high), (wide - IN_ALL) / (2 * reach + leftMm + 0.1 * reach));
        double faceX = MARGIN + wide - AT_SIDES - scale * reach;
        double faceY = top + ABOVE + (drawnHigh - IN_ALL) / 2;
        double axis = MARGIN + AT_SIDES + scale * leftMm;
        double split = (axis + faceX - scale * drawing.face().radiusMm()) / 2;
        page.within(
                box(split, top, MARGIN + wide, top + drawnHigh),
                new double[] {0},
                q -> q.placed(faceX, faceY, scale, 0, p -> flower.face(p, LINE / scale)));
        double neck = top
                + ABOVE
                + scale * drawing.section().highestMm()
                + Math.max(0, (drawnHigh - IN_ALL - scale * high) / 2);
        double foot = (top + drawnHigh - neck) / scale;
        page.within(
                box(MARGIN, top, axis, top + drawnHigh),
                new double[] {0},
                q -> q.placed(axis, neck, scale, 0, p -> flower.section(p, LINE / scale, -foot)));
        double bar = bar(scale);
        double y = top + drawnHigh - 4;
        page.path(new double[] {MARGIN + 5, y, MARGIN + 5 + bar * scale, y}, false, null, INK, 0.5);
        page.text(Unit.MM.write(bar), MARGIN + 7 + bar * scale, y + 1, 3, false, INK);
    }

    private static double[] box(double left, double top, double right, double bottom) {
        return new double[] {left, top, right, top, right, bottom, left, bottom};
    }

    /** The farthest that anything of the face lies from its middle, leaves included only where they hardly stick out, mm. */
    private double reach() {
        return drawing.face().radiusMm() * ROUND_FACE;
    }

    private double leftMm() {
        return drawing.face().radiusMm() * BESIDE_AXIS;
    }

    private static double bar(double scale) {
        for (double bar : new double[] {50, 20, 10, 5}) {
            if (bar * scale <= 45) {
                return bar;
            }
        }
        return 2;
    }

    private double shades(SheetPage page, double top) throws IOException {
        double x = MARGIN;
        for (Shade shade : species.shades()) {
            swatch(page, x, top - SWATCH_UP, MixingLaw.colour(shade));
            page.text(shade.name(), x + 7, top, TEXT, false, INK);
            x += 7 + 1.9 * shade.name().length() + 8;
            if (x > paper.widthMm() - MARGIN - 30) {
                x = MARGIN;
                top += 7;
            }
        }
        return top + 9;
    }

    private static void swatch(SheetPage page, double x, double y, String colour) throws IOException {
        page.path(box(x, y, x + SWATCH, y + SWATCH), true, colour, INK, 0.15);
    }

    /** One line for each part in build order: what it is, how it is joined, how it looks, what goes on it. */
    private void parts(SheetPage page, double top) throws IOException {
        double y = top;
        double foot = paper.heightMm() - MARGIN - 6;
        double row = Math.min(ROW, (foot - top) / Math.max(1, species.parts().size()));
        for (Part part : species.parts()) {
            page.path(
                    new double[] {MARGIN, y - RULE, paper.widthMm() - MARGIN, y - RULE}, false, null, "#c9c5bb", 0.15);
            page.text(part.name(), MARGIN, y, NAMES, true, INK);
            page.text(part.inShort(), MARGIN + SIZES_AT, y, TEXT, false, INK);
            double x = MARGIN + WORN_AT;
            if (part.shadeId().isPresent()) {
                Worn worn = Coloured.worn(a, part).orElseThrow();
                for (String colour : List.of(worn.foot(), worn.middle(), worn.edge())) {
                    swatch(page, x, y - SWATCH_UP, colour);
                    x += SWATCH;
                }
            }
            List<Pass> passes = part.colouring().map(c -> c.passes()).orElse(List.of());
            x = MARGIN + PASSES_AT;
            for (Pass pass : passes) {
                if (!pass.colours().isEmpty()) {
                    swatch(page, x, y - SWATCH_UP, Mixture.swatch(pass));
                    x += SWATCH_STEP;
                }
            }
            if (!passes.isEmpty()) {
                page.text(
                        passes.size() == 1 ? "1 pass of colour" : passes.size() + " passes of colour",
                        x + 1,
                        y,
                        3,
                        false,
                        QUIET);
            }
            y += row;
        }
    }
}
