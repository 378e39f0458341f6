package org.crispwhorl.files.page;

import java.awt.image.BufferedImage;
import java.io.IOException;
import org.crispwhorl.core.drawing.Drawing;

/** One page that is drawn on, whatever it is written as: millimetres from its upper left corner, y downwards. */
public interface SheetPage {
    /** Colours of lines, of what stands back, and of bare ground. */
    String INK = "#222222";

    String QUIET = "#6a675f";
    String GROUND = "#f4f2ee";

    /** How dark a shadow is. */
    double SHADOW = 0.13;

    /** What is drawn on it, or within a part of it. */
    interface Drawn {
        void on(SheetPage page) throws IOException;
    }

    /**
     * A line or a shape through points.
     *
     * @param points x and y in turn
     * @param fill sRGB {@code #rrggbb}; none where it is a line
     * @param strokeMm how broad its line is; 0 where it has none
     */
    void path(double[] points, boolean closed, String fill, String stroke, double strokeMm) throws IOException;

    /** A disc. */
    default void disc(double x, double y, double radius, String fill, String stroke, double strokeMm)
            throws IOException {
        double[] points = new double[2 * ROUND];
        for (int i = 0; i < ROUND; i++) {
            points[2 * i] = x + radius * Math.cos(2 * Math.PI * i / ROUND);
            points[2 * i + 1] = y + radius * Math.sin(2 * Math.PI * i / ROUND);
        }
        path(points, true, fill, stroke, strokeMm);
    }

    /** A circle is drawn with so many corners. */
    int ROUND = 36;

    /** The quiet shadow of a shape on what lies under it. */
    void shadow(double[] points) throws IOException;

    /** Something seen from the side, laid where it lies. */
    default void side(Drawing.Picture side) throws IOException {
        image(picture(side), side.leftMm(), side.topMm(), side.columns() * side.cellMm(), side.rows() * side.cellMm());
    }

    /** Colours in cells, laid where they lie. */
    default void colours(Drawing.ColourGrid grid) throws IOException {
        image(picture(grid), grid.leftMm(), grid.topMm(), grid.columns() * grid.cellMm(), grid.rows() * grid.cellMm());
    }

    /** A picture, stretched over a rectangle. */
    void image(BufferedImage picture, double left, double top, double wide, double high) throws IOException;

    /** Something drawn elsewhere, enlarged, and turned clockwise. */
    void placed(double x, double y, double scale, double turnDeg, Drawn drawn) throws IOException;

    /** Something of which only what lies within a shape is seen; several turned copies of the shape count as one. */
    void within(double[] shape, double[] turnsDeg, Drawn drawn) throws IOException;

    /** One line, its base line at y. */
    void text(String text, double x, double y, double highMm, boolean strong, String colour) throws IOException;

    /** Colours in cells as a picture of as many pixels. */
    static BufferedImage picture(Drawing.ColourGrid grid) {
        BufferedImage picture = new BufferedImage(grid.columns(), grid.rows(), BufferedImage.TYPE_INT_RGB);
        byte[] rgb = grid.rgb();
        for (int i = 0; i < grid.columns() * grid.rows(); i++) {
            int code = (rgb[3 * i] & 0xff) << 16 | (rgb[3 * i + 1] & 0xff) << 8 | rgb[3 * i + 2] & 0xff;
            picture.setRGB(i % grid.columns(), i / grid.columns(), code);
        }
        return picture;
    }

    /** Something seen from the side as a picture of as many pixels, clear where there is nothing of it. */
    static BufferedImage picture(Drawing.Picture side) {
        BufferedImage picture = new BufferedImage(side.columns(), side.rows(), BufferedImage.TYPE_INT_ARGB);
        byte[] rgba = side.rgba();
        for (int i = 0; i < side.columns() * side.rows(); i++) {
            int code = (rgba[4 * i + 3] & 0xff) << 24
                    | (rgba[4 * i] & 0xff) << 16
                    | (rgba[4 * i + 1] & 0xff) << 8
                    | rgba[4 * i + 2] & 0xff;
            picture.setRGB(i % side.columns(), i / side.columns(), code);
        }
        return picture;
    }
}
