package org.crispwhorl.files.pdf;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;
import org.crispwhorl.files.page.SheetPage;

/** A page of a PDF. */
public final class PdfPage implements SheetPage {
    private final PdfCanvas canvas;
    private final PDPageContentStream page;
    private final PDExtendedGraphicsState clear = new PDExtendedGraphicsState();

    private PdfPage(PdfCanvas canvas) {
        this.canvas = canvas;
        this.page = canvas.page();
        clear.setNonStrokingAlphaConstant((float) SHADOW);
    }

    /** Draws on the canvas's page. */
    public static void draw(PdfCanvas canvas, Drawn drawn) throws IOException {
        PdfPage page = new PdfPage(canvas);
        page.page.saveGraphicsState();
        // From here on a unit is a millimetre and y goes down.
        page.page.transform(new Matrix((float) PdfCanvas.MM, 0, 0, (float) -PdfCanvas.MM, 0, (float)
                (canvas.paper().heightMm() * PdfCanvas.MM)));
        page.page.setLineJoinStyle(1);
        page.page.setLineCapStyle(1);
        drawn.on(page);
        page.page.restoreGraphicsState();
    }

    private void trace(double[] points, boolean closed) throws IOException {
        for (int i = 0; i + 1 < points.length; i += 2) {
            if (i == 0) {
                page.moveTo((float) points[i], (float) points[i + 1]);
            } else {
                page.lineTo((float) points[i], (float) points[i + 1]);
            }
        }
        if (closed) {
            page.closePath();
        }
    }

    @Override
    public void path(double[] points, boolean closed, String fill, String stroke, double strokeMm) throws IOException {
        if (points.length < 4 || fill == null && strokeMm <= 0) {
            return;
        }
        trace(points, closed);
        if (fill != null) {
            page.setNonStrokingColor(Color.decode(fill));
        }
        if (strokeMm > 0) {
            page.setStrokingColor(Color.decode(stroke));
            page.setLineWidth((float) strokeMm);
        }
        if (fill != null && strokeMm > 0) {
            page.fillAndStroke();
        } else if (fill != null) {
            page.fill();
        } else {
            page.stroke();
        }
    }

    @Override
    public void shadow(double[] points) throws IOException {
        page.saveGraphicsState();
        page.setGraphicsStateParameters(clear);
        path(points, true, INK, INK, 0);
        page.restoreGraphicsState();
    }

    @Override
    public void image(BufferedImage cells, double left, double top, double wide, double high) throws IOException {
        PDImageXObject picture = LosslessFactory.createFromImage(canvas.document(), cells);
        picture.setInterpolate(true);
        page.drawImage(picture, new Matrix((float) wide, 0, 0, (float) -high, (float) left, (float) (top + high)));
    }

    @Override
    public void placed(double x, double y, double scale, double turnDeg, Drawn drawn) throws IOException {
        page.saveGraphicsState();
        AffineTransform place = AffineTransform.getTranslateInstance(x, y);
        place.rotate(Math.toRadians(turnDeg));
        place.scale(scale, scale);
        page.transform(new Matrix(place));
        drawn.on(this);
        page.restoreGraphicsState();
    }

    @Override
    public void within(double[] shape, double[] turnsDeg, Drawn drawn) throws IOException {
        page.saveGraphicsState();
        for (double turn : turnsDeg) {
            double[] turned = new double[shape.length];
            AffineTransform.getRotateInstance(Math.toRadians(turn)).transform(shape, 0, turned, 0, shape.length / 2);
            trace(turned, true);
        }
        page.clip();
        drawn.on(this);
        page.restoreGraphicsState();
    }

    @Override
    public void text(String text, double x, double y, double highMm, boolean strong, String colour) throws IOException {
        page.saveGraphicsState();
        page.transform(new Matrix(1, 0, 0, -1, (float) x, (float) y));
        page.setNonStrokingColor(Color.decode(colour));
        canvas.write(strong ? canvas.strong : canvas.regular, highMm, text);
        page.restoreGraphicsState();
    }
}
