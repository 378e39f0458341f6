package org.crispwhorl.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.order.ColourSheet;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.wire.CuttingPlan;

/** The lists of an order as CSV (RFC 4180), in which no cell can be taken for a spreadsheet formula. */
public final class ListCsv {
    private ListCsv() {}

    /** The cut list. */
    public static String cuts(List<OrderSheet.CutLine> lines, LengthText.Lengths lengths) {
        return table(
                lengths,
                List.of(
                        "from",
                        "length mm",
                        "width mm",
                        "rolled mm",
                        "shade",
                        "species",
                        "part",
                        "needed",
                        "spares",
                        "to cut",
                        "g each"),
                lines.stream()
                        .map(l -> List.<Object>of(
                                l.from(),
                                length(l.lengthMm(), lengths),
                                length(l.widthMm(), lengths),
                                length(l.rolledMm(), lengths),
                                l.shade(),
                                l.species(),
                                l.part(),
                                l.needed(),
                                l.spares(),
                                l.needed() + l.spares(),
                                hundredths(l.grams())))
                        .toList());
    }

    /** What is done when, in order of time. */
    public static String days(Calendar calendar) {
        return table(
                LengthText.Lengths.MM,
                List.of("from", "to", "species", "task", "batch", "of", "maker", "evening", "why then"),
                calendar.tasks().stream()
                        .map(s -> List.<Object>of(
                                s.from(),
                                s.to(),
                                s.species(),
                                s.task(),
                                s.batch(),
                                s.of(),
                                s.maker(),
                                s.evening() ? "evening" : "",
                                s.because()))
                        .toList());
    }

    /** The wires with their cutting plan. */
    public static String wires(Materials materials, LengthText.Lengths lengths) {
        return table(
                lengths,
                List.of("gauge", "from mm", "of", "times", "pieces mm", "left mm", "proved"),
                materials.wires().stream()
                        .flatMap(job -> job.plan().cuts().stream()
                                .map(cut -> List.<Object>of(
                                        job.gauge(),
                                        length(cut.fromMm(), lengths),
                                        cut.offcut() ? "an offcut" : "a whole wire",
                                        cut.times(),
                                        pieces(cut, lengths),
                                        length(cut.leftMm(), lengths),
                                        job.plan().proved())))
                        .toList());
    }

    private static String pieces(CuttingPlan.WireCutting cut, LengthText.Lengths lengths) {
        return cut.piecesMm().stream().map(mm -> length(mm, lengths)).collect(Collectors.joining(" "));
    }

    /** What is dusted and painted, pass by pass in order of work. */
    public static String colours(Materials materials, LengthText.Lengths lengths) {
        List<List<Object>> rows = new ArrayList<>();
        for (ColourSheet.PartJob part : materials.colours().parts()) {
            for (int i = 0; i < part.passes().size(); i++) {
                ColourSheet.PassJob pass = part.passes().get(i);
                rows.add(List.of(
                        pass.what(),
                        pass.swatch().orElse(""),
                        part.species(),
                        part.part(),
                        part.pieces(),
                        i + 1,
                        pass.how(),
                        LengthText.in(pass.where(), lengths),
                        hundredths(pass.strength()),
                        pass.when(),
                        pass.after()));
            }
        }
        return table(
                LengthText.Lengths.MM,
                List.of(
                        "colour",
                        "swatch",
                        "species",
                        "part",
                        "pieces",
                        "pass",
                        "how",
                        "where",
                        "strength",
                        "when",
                        "after it"),
                rows);
    }

    /** Pastes and shades. */
    public static String pastes(Materials materials) {
        return table(
                LengthText.Lengths.MM,
                List.of(
                        "medium",
                        "strong",
                        "species",
                        "shade",
                        "colour",
                        "strong g",
                        "white g",
                        "in all g",
                        "like",
                        "gum powder g"),
                materials.pastes().stream()
                        .flatMap(job -> job.batches().stream().flatMap(batch -> rows(job, batch).stream()))
                        .toList());
    }

    private static List<List<Object>> rows(Materials.PasteJob job, Batch batch) {
        return batch.shades().stream()
                .map(s -> List.<Object>of(
                        job.medium().label(),
                        batch.strong(),
                        s.whose(),
                        s.name(),
                        s.colour(),
                        s.strongG(),
                        s.whiteG(),
                        s.grams(),
                        s.alike().orElse(""),
                        tenths(job.gumG() * s.grams() / Math.max(1, job.grams()))))
                .toList();
    }

    /** The shopping list against the drawer. */
    public static String shopping(Materials materials, LengthText.Lengths lengths) {
        return table(
                lengths,
                List.of("what", "needed", "in the drawer", "missing", "unit", "note"),
                materials.shopping().stream()
                        .map(l -> List.<Object>of(
                                l.what(),
                                tenths(l.needed()),
                                tenths(l.owned()),
                                tenths(l.missing()),
                                l.sign(),
                                l.note()))
                        .toList());
    }

    /** Stems, tape and picks. */
    public static String stems(Materials materials, LengthText.Lengths lengths) {
        return table(
                lengths,
                List.of("species", "flowers", "stem mm", "tape mm each", "weight g", "stem", "pick"),
                materials.stems().stream()
                        .map(s -> List.<Object>of(
                                s.species(),
                                s.flowers(),
                                length(s.plan().thickMm(), lengths),
                                length(s.plan().tapeMm(), lengths),
                                tenths(s.plan().weightG()),
                                s.advice(),
                                s.picks().stream()
                                        .filter(p -> p.fits())
                                        .findFirst()
                                        .map(p -> p.pick().name())
                                        .orElse("none fits")))
                        .toList());
    }

    private static String table(LengthText.Lengths lengths, List<String> header, List<List<Object>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(header.stream()
                    .map(h -> lengths == LengthText.Lengths.IN ? h.replaceAll("\\bmm\\b", "in") : h)
                    .toList());
            for (List<Object> row : rows) {
                printer.printRecord(row.stream()
                        .map(cell -> cell instanceof String words ? plain(LengthText.in(words, lengths)) : cell)
                        .toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /**
     * A text that a spreadsheet would take for a formula is led by an apostrophe, and so is one that begins with an apostrophe of
     * its own: the first is taken off again when it is read.
     */
    static String plain(String text) {
        return !text.isEmpty() && "=+-@\t\r'".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    /** A length alone in its cell: tenths of a millimetre, or hundredths of an inch. */
    private static String length(double mm, LengthText.Lengths lengths) {
        return lengths == LengthText.Lengths.IN ? hundredths(mm / LengthText.MM_PER_INCH) : tenths(mm);
    }

    private static String tenths(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static String hundredths(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}
