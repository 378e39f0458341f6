package org.crispwhorl.files.page;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.crispwhorl.core.outline.CutShape;

/**
 * Outlines laid out on pages at true size, several to the page, each with its label; a ruler at the foot of every page checks
 * the printer.
 *
 * @param paper they are laid on
 * @param pages what lies where
 * @param leftOut labels of those that are larger than the page
 */
public record OutlinePages(Paper paper, List<List<Placed>> pages, List<String> leftOut) {
    /** Printers leave a margin of this much, mm. */
    public static final double MARGIN_MM = 12;

    /** The ruler at the foot, mm long. */
    public static final double RULER_MM = 100;

    /** Room for the ruler at the foot and the title at the head, mm. */
    static final double FOOT_MM = 16;

    static final double HEAD_MM = 12;

    /** Room for the label under an outline, mm. */
    static final double LABEL_MM = 9;

    private static final double GAP_MM = 4;

    /** A letter of a label takes about so much, mm. */
    private static final double LETTER_MM = 1.6;

    public OutlinePages {
        pages = pages.stream().map(List::copyOf).toList();
        leftOut = List.copyOf(leftOut);
    }

    /**
     * An outline to be printed.
     *
     * @param label its name
     * @param note its size and count
     */
    public record Piece(String label, String note, CutShape shape) {}

    /**
     * An outline on a page.
     *
     * @param leftMm of its corners, from the left of the page
     * @param topMm of the top of it, from the top of the page
     * @param turned by a quarter turn
     */
    public record Placed(Piece piece, double leftMm, double topMm, boolean turned) {
        /** Its corners as rows of (x, y) in mm from the upper left corner of the page. */
        public double[][] ring() {
            double[][] ring = piece.shape().ring();
            double[][] placed = new double[ring.length][];
            double minX = Double.MAX_VALUE;
            double minY = Double.MAX_VALUE;
            for (int i = 0; i < ring.length; i++) {
                double[] p = ring[i];
                placed[i] = turned ? new double[] {p[1], p[0]} : new double[] {p[0], -p[1]};
                minX = Math.min(minX, placed[i][0]);
                minY = Math.min(minY, placed[i][1]);
            }
            for (double[] p : placed) {
                p[0] += leftMm - minX;
                p[1] += topMm - minY;
            }
            return placed;
        }

        double wideMm() {
            return turned ? piece.shape().alongMm() : piece.shape().acrossMm();
        }

        public double highMm() {
            return turned ? piece.shape().acrossMm() : piece.shape().alongMm();
        }
    }

    /** Lays outlines out in rows, the highest first. */
    public static OutlinePages of(List<Piece> pieces, Paper paper) {
        double wide = paper.widthMm() - 2 * MARGIN_MM;
        double high = paper.heightMm() - 2 * MARGIN_MM - FOOT_MM - HEAD_MM;
        List<String> leftOut = new ArrayList<>();
        List<Placed> sized = new ArrayList<>();
        for (Piece piece : pieces) {
            boolean upright = piece.shape().acrossMm() <= wide && piece.shape().alongMm() + LABEL_MM <= high;
            boolean across = piece.shape().alongMm() <= wide && piece.shape().acrossMm() + LABEL_MM <= high;
            if (upright || across) {
                sized.add(new Placed(piece, 0, 0, !upright));
            } else {
                leftOut.add(piece.label());
            }
        }
        sized.sort(Comparator.comparingDouble((Placed p) -> -p.highMm()));
        List<List<Placed>> pages = new ArrayList<>();
        List<Placed> page = new ArrayList<>();
        double x = 0;
        double y = 0;
        double row = 0;
        for (Placed p : sized) {
            int letters = Math.max(p.piece().label().length(), p.piece().note().length());
            double room = Math.max(p.wideMm(), Math.min(wide, LETTER_MM * letters));
            if (x > 0 && x + room > wide) {
                x = 0;
                y += row + GAP_MM;
                row = 0;
            }
            if (y > 0 && y + p.highMm() + LABEL_MM > high) {
                pages.add(page);
                page = new ArrayList<>();
                y = 0;
            }
            page.add(new Placed(p.piece(), MARGIN_MM + x, MARGIN_MM + HEAD_MM + y, p.turned()));
            x += room + GAP_MM;
            row = Math.max(row, p.highMm() + LABEL_MM);
        }
        if (!page.isEmpty()) {
            pages.add(page);
        }
        return new OutlinePages(paper, pages, leftOut);
    }
}
