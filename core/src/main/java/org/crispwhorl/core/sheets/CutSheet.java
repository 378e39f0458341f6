package org.crispwhorl.core.sheets;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.safety.Cautions;

/** What to cut, cutter by cutter: which of the drawer, what to do with it, how the cuts lie on the strip. */
final class CutSheet {
    /** So much of a strip is drawn, mm. */
    private static final double SHOWN_MM = 360;

    /** More pieces than this are not drawn on one strip; the figures beside it tell how many there are. */
    private static final int MOST_DRAWN = 120;

    /** Corners are written to so many parts of a millimetre. */
    private static final double FINE = 20;

    private CutSheet() {}

    static List<Block> of(Materials materials) {
        List<Block> blocks = new ArrayList<>();
        for (Materials.CutterJob job : materials.cuts()) {
            blocks.add(Block.Heading.of(job.cutter().orElse("no cutter of the drawer"), size(job.cut()))
                    .counted(job.pieces()));
            blocks.add(new Block.Note(job.cutter().isPresent() ? Mark.FINE : Mark.CHECK, job.doing()));
            blocks.add(rolled(job));
            job.notes().forEach(note -> blocks.add(new Block.Note(Mark.CHECK, note)));
            blocks.add(new Block.Table("Cut list", COLUMNS, rows(job)));
            blocks.add(strip(job));
        }
        if (!materials.uncut().isEmpty()) {
            blocks.add(Block.Heading.of("Without a cutter"));
            blocks.add(uncut(materials.uncut()));
        }
        blocks.add(new Block.Note(Mark.CHECK, COUNTED));
        return blocks;
    }

    private static Block rolled(Materials.CutterJob job) {
        return new Block.Table(
                "Rolled",
                List.of(
                        new Block.Column("shade", Block.Holds.TEXT, 6),
                        new Block.Column("rolled to", Block.Holds.LENGTH, 3),
                        new Block.Column("setting", Block.Holds.NUMBER, 2),
                        new Block.Column("strip wide", Block.Holds.LENGTH, 3),
                        new Block.Column("strip long", Block.Holds.LENGTH, 3)),
                List.of(List.of(
                        Cell.text(job.shade()),
                        Cell.thickness(job.rolledMm()),
                        job.setting().map(s -> Cell.number(s, 0)).orElse(Cell.EMPTY),
                        Cell.length(job.nesting().stripMm()),
                        Cell.length(job.stripMm()))));
    }

    private static final String COUNTED =
            "Wires and stamens are not food: count them in, and count them out before serving. " + Cautions.RULES;

    private static final List<Block.Column> COLUMNS = List.of(
            new Block.Column("part", Block.Holds.TEXT, 6),
            new Block.Column("species", Block.Holds.TEXT, 6),
            new Block.Column("needed", Block.Holds.NUMBER, 2),
            new Block.Column("to spare", Block.Holds.NUMBER, 2),
            new Block.Column("cut", Block.Holds.BOX, 1));

    private static List<List<Cell>> rows(Materials.CutterJob job) {
        return job.lines().stream()
                .map(line -> List.of(
                        Cell.text(line.part()),
                        Cell.text(line.species()),
                        Cell.count(line.needed()),
                        Cell.count(line.spares()),
                        Cell.EMPTY))
                .toList();
    }

    private static Block uncut(List<OrderSheet.CutLine> lines) {
        return new Block.Table(
                "Pieces without a cutter",
                List.of(
                        new Block.Column("part", Block.Holds.TEXT, 5),
                        new Block.Column("species", Block.Holds.TEXT, 5),
                        new Block.Column("from", Block.Holds.TEXT, 5),
                        new Block.Column("needed", Block.Holds.NUMBER, 2),
                        new Block.Column("to spare", Block.Holds.NUMBER, 2),
                        new Block.Column("g each", Block.Holds.NUMBER, 2),
                        new Block.Column("made", Block.Holds.BOX, 1)),
                lines.stream()
                        .map(l -> List.of(
                                Cell.text(l.part()),
                                Cell.text(l.species()),
                                Cell.text(l.from()),
                                Cell.count(l.needed()),
                                Cell.count(l.spares()),
                                Cell.number(l.grams(), 2),
                                Cell.EMPTY))
                        .toList());
    }

    private static String size(Cut cut) {
        return cut.onePiece()
                ? cut.petals() + " petals, " + Unit.MM.write(cut.sizeMm()) + " across"
                : LengthText.size(cut.outline().lengthMm(), cut.outline().widthMm());
    }

    /** The pieces as they lie on their strip: as much of it as they fill, or the beginning of it. */
    private static Block strip(Materials.CutterJob job) {
        Nesting nesting = job.nesting();
        double[][] ring = job.cut().shape().ring();
        List<Nesting.OnStrip> places = nesting.places(Math.min(job.pieces(), MOST_DRAWN));
        double begin = places.stream().mapToDouble(p -> along(ring, p)[0]).min().orElse(0);
        double end = places.stream().mapToDouble(p -> along(ring, p)[1]).max().orElse(0);
        double wide = fine(Math.min(end - begin, Math.max(SHOWN_MM, 2 * nesting.pitchMm())));
        List<Block.PutDown> laid = places.stream()
                .filter(p -> along(ring, p)[1] - begin <= wide + 1 / FINE)
                .map(p -> new Block.PutDown(fine(p.alongMm() - begin), fine(p.acrossMm()), p.turnDeg()))
                .toList();
        boolean whole = laid.size() == job.pieces();
        String told = String.format(
                Locale.ROOT,
                "Turned by %.0f°, %.0f %% of the strip is cut, in a plain grid %.0f %%%s.",
                nesting.turnDeg(),
                100 * nesting.stripYield(),
                100 * nesting.gridYield(),
                whole ? "" : "; the beginning of it is drawn");
        double[] shape = Arrays.stream(ring)
                .flatMapToDouble(Arrays::stream)
                .map(CutSheet::fine)
                .toArray();
        return new Block.Sketch(
                told,
                wide,
                nesting.stripMm(),
                shape,
                laid,
                List.of(new Block.Box(0, 0, wide, nesting.stripMm(), "", false)));
    }

    private static double[] along(double[][] ring, Nesting.OnStrip place) {
        double cos = Math.cos(Math.toRadians(place.turnDeg()));
        double sin = Math.sin(Math.toRadians(place.turnDeg()));
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (double[] corner : ring) {
            double along = corner[0] * cos - corner[1] * sin + place.alongMm();
            least = Math.min(least, along);
            most = Math.max(most, along);
        }
        return new double[] {least, most};
    }

    private static double fine(double mm) {
        return Math.round(mm * FINE) / FINE;
    }
}
