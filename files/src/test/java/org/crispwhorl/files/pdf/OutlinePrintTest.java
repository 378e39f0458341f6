package org.crispwhorl.files.pdf;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.files.page.OutlinePages;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.svg.OutlineSvg;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class OutlinePrintTest {
    private static final double MM = 72 / 25.4;

    private static final List<OutlinePages.Piece> PIECES = List.of(
            new OutlinePages.Piece("petals", "40 × 22 mm, 12", CutShape.of(Outline.of(40, 22, 0.62, 0.12, 2))),
            new OutlinePages.Piece("sepals, naïve ½″", "30 × 5", CutShape.of(Outline.of(30, 5, 0.4, 0.4, 1.3))),
            new OutlinePages.Piece("notched", "", CutShape.of(new Outline(38, 34, 0.7, 0.2, 2.5, 3, 0.2))),
            new OutlinePages.Piece("blossom", "", CutShape.blossom(Outline.of(30, 19, 0.6, 0.3, 2), 5, 9)),
            new OutlinePages.Piece("leaf", "", CutShape.of(Outline.of(210, 60, 0.4, 0.1, 1.4))),
            new OutlinePages.Piece("too long", "", CutShape.of(Outline.of(300, 60, 0.4, 0.1, 1.4))));

    @DataProvider
    Object[][] papers() {
        return new Object[][] {{Paper.A4}, {Paper.LETTER}};
    }

    /** The closed paths that a page strokes, in mm from its lower left corner. */
    private static final class Paths extends PDFGraphicsStreamEngine {
        private Path2D.Double path = new Path2D.Double();
        private final List<Path2D.Double> stroked = new ArrayList<>();

        Paths(PDPage page) throws IOException {
            super(page);
            processPage(page);
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
            moveTo((float) a.getX(), (float) a.getY());
            lineTo((float) c.getX(), (float) c.getY());
        }

        @Override
        public void moveTo(float x, float y) {
            path.moveTo(x / MM, y / MM);
        }

        @Override
        public void lineTo(float x, float y) {
            path.lineTo(x / MM, y / MM);
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            path.curveTo(x1 / MM, y1 / MM, x2 / MM, y2 / MM, x3 / MM, y3 / MM);
        }

        @Override
        public Point2D getCurrentPoint() {
            return path.getCurrentPoint();
        }

        @Override
        public void closePath() {
            path.closePath();
        }

        @Override
        public void endPath() {
            path = new Path2D.Double();
        }

        @Override
        public void strokePath() {
            stroked.add(path);
            endPath();
        }

        @Override
        public void fillPath(int rule) {
            endPath();
        }

        @Override
        public void fillAndStrokePath(int rule) {
            strokePath();
        }

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }

    private static List<double[]> corners(Path2D.Double path) {
        List<double[]> all = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator i = path.getPathIterator(null); !i.isDone(); i.next()) {
            if (i.currentSegment(at) != PathIterator.SEG_CLOSE) {
                all.add(new double[] {at[0], at[1]});
            }
        }
        return all;
    }

    @Test(dataProvider = "papers")
    public void outlinesMeasuredBackFromThePdfAreTrueToATenth(Paper paper) throws IOException {
        OutlinePages laid = OutlinePages.of(PIECES, paper);
        assertEquals(laid.leftOut(), List.of("too long"));
        try (PDDocument pdf = Loader.loadPDF(OutlinePdf.write("Lock wedding", laid, LengthText.Lengths.MM))) {
            assertEquals(pdf.getNumberOfPages(), laid.pages().size());
            for (int i = 0; i < laid.pages().size(); i++) {
                PDPage page = pdf.getPage(i);
                assertEquals(page.getMediaBox().getWidth() / MM, paper.widthMm(), 0.01);
                List<Path2D.Double> paths = new Paths(page).stroked;
                for (int k = 0; k < laid.pages().get(i).size(); k++) {
                    OutlinePages.Placed placed = laid.pages().get(i).get(k);
                    List<double[]> printed = corners(paths.get(k));
                    double[][] wanted = placed.piece().shape().ring();
                    assertEquals(printed.size(), wanted.length, placed.piece().label());
                    for (int a = 0; a < wanted.length; a++) {
                        int b = (a + wanted.length / 3) % wanted.length;
                        double chord = Math.hypot(wanted[a][0] - wanted[b][0], wanted[a][1] - wanted[b][1]);
                        double inPrint = Math.hypot(
                                printed.get(a)[0] - printed.get(b)[0], printed.get(a)[1] - printed.get(b)[1]);
                        assertEquals(inPrint, chord, 0.1, placed.piece().label());
                    }
                    Rectangle2D bounds = paths.get(k).getBounds2D();
                    assertTrue(bounds.getMinX() >= OutlinePages.MARGIN_MM - 0.01);
                    assertTrue(bounds.getMaxX() <= paper.widthMm() - OutlinePages.MARGIN_MM + 0.01);
                    for (int o = 0; o < k; o++) {
                        assertTrue(!paths.get(o).getBounds2D().intersects(bounds), "two outlines lie on each other");
                    }
                }
                assertTrue(
                        paths.stream().anyMatch(p -> Math.abs(p.getBounds2D().getWidth() - 100) < 0.01),
                        "a ruler of 100 mm");
                for (COSName font : page.getResources().getFontNames()) {
                    assertTrue(page.getResources().getFont(font).isEmbedded());
                }
            }
            String text = new PDFTextStripper().getText(pdf);
            assertTrue(text.contains("petals") && text.contains("naïve ½″"), text);
        }
    }

    @Test
    public void theSvgIsInMillimetres() {
        OutlinePages laid = OutlinePages.of(PIECES, Paper.A4);
        String svg = OutlineSvg.write("a < b", laid, LengthText.Lengths.MM);
        assertTrue(svg.contains("width=\"210.0mm\""));
        assertTrue(svg.contains("<title>a &lt; b</title>"));
        assertEquals(svg.split("<path d=\"M", -1).length - 1, 5 + laid.pages().size());
    }

    @Test
    public void nothingToPrintIsAnEmptyPageWithItsRuler() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(
                OutlinePdf.write("Nothing", OutlinePages.of(List.of(), Paper.A4), LengthText.Lengths.MM))) {
            assertEquals(pdf.getNumberOfPages(), 1);
        }
    }
}
