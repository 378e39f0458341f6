package org.crispwhorl.core.drawing;

/** Lays triangles over the cells of a grid: for each cell whose middle lies in one, how it is mixed of the corners. */
final class Raster {
    private final int columns;
    private final int rows;
    private final double beyond;

    /**
     * @param beyond how far beyond its edge a triangle still counts, in shares of it, so that two that share an edge leave no gap
     */
    Raster(int columns, int rows, double beyond) {
        this.columns = columns;
        this.rows = rows;
        this.beyond = beyond;
    }

    /** What is done with a cell: its number, row by row, and the shares of the three corners. */
    interface Cell {
        void at(int cell, double a, double b, double c);
    }

    /** A triangle of which each corner is given as column and row, of which a whole number is a cell's middle. */
    void lay(double[] a, double[] b, double[] c, Cell cell) {
        double area = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
        if (Math.abs(area) < NONE) {
            return;
        }
        int firstRow = (int) Math.max(0, Math.floor(least(a[1], b[1], c[1])));
        int lastRow = (int) Math.min(rows - 1.0, Math.ceil(-least(-a[1], -b[1], -c[1])));
        int first = (int) Math.max(0, Math.floor(least(a[0], b[0], c[0])));
        int last = (int) Math.min(columns - 1.0, Math.ceil(-least(-a[0], -b[0], -c[0])));
        for (int row = firstRow; row <= lastRow; row++) {
            for (int column = first; column <= last; column++) {
                double x = column - a[0];
                double y = row - a[1];
                double atB = (x * (c[1] - a[1]) - (c[0] - a[0]) * y) / area;
                double atC = ((b[0] - a[0]) * y - x * (b[1] - a[1])) / area;
                double atA = 1 - atB - atC;
                if (atA >= -beyond && atB >= -beyond && atC >= -beyond) {
                    cell.at(row * columns + column, atA, atB, atC);
                }
            }
        }
    }

    private static final double NONE = 1e-9;

    private static double least(double a, double b, double c) {
        return Math.min(a, Math.min(b, c));
    }
}
