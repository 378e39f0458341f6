package org.crispwhorl.files.pdf;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.order.Gathering;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.sheets.Block;
import org.crispwhorl.core.sheets.PrintedSheet;
import org.crispwhorl.core.sheets.SheetKind;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.csv.SheetCsv;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.files.page.Paper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Page, paper and list tell the same. */
public class SheetsTest {
    private static final Materials MATERIALS = materials();

    /** Every fourth flower of the demo. */
    private static Materials materials() {
        List<String> texts = DemoDocuments.texts();
        List<OrderSheet.Line> lines = IntStream.range(0, texts.size())
                .filter(i -> i % 4 == 0)
                .mapToObj(i -> OrderSheet.Line.of(SpeciesDocument.readText(texts.get(i)), 2 + i % 3))
                .toList();
        return Gathering.of(lines, OrderSheet.of(lines, Conditions.USUAL), Conditions.USUAL, Drawer.EMPTY, 100);
    }

    /** Everything that blocks say in words. */
    private static final class Words implements Block.Renderer<RuntimeException> {
        private final List<String> all = new ArrayList<>();

        @Override
        public void heading(Block.Heading heading) {
            all.add(heading.text());
            all.add(heading.aside());
            heading.count().ifPresent(n -> all.add(Integer.toString(n)));
        }

        @Override
        public void note(Block.Note note) {
            all.add(note.text());
        }

        @Override
        public void steps(Block.Steps steps) {
            all.addAll(steps.steps());
        }

        @Override
        public void table(Block.Table table) {
            table.columns().forEach(c -> all.add(c.heading()));
            table.rows()
                    .forEach(row -> row.forEach(cell -> all.add(cell.number().isPresent() ? "" : cell.text())));
        }

        @Override
        public void patches(Block.Patches patches) {
            all.add(patches.label());
            patches.patches().forEach(p -> {
                all.add(p.text());
                all.add(p.aside());
            });
        }

        @Override
        public void flower(Block.FlowerDrawn picture) {
            all.add(picture.told());
        }

        @Override
        public void sketch(Block.Sketch sketch) {
            all.add(sketch.told());
        }
    }

    @DataProvider
    Object[][] sheets() {
        return Arrays.stream(SheetKind.values())
                .map(kind -> new Object[] {kind})
                .toArray(Object[][]::new);
    }

    private static String bare(String text) {
        return text.replaceAll("[\\s\\u00a0]+", "");
    }

    @Test(dataProvider = "sheets")
    public void whatOneOfThemTellsTheOthersTell(SheetKind kind) throws IOException {
        PrintedSheet sheet = kind.of(MATERIALS);
        Words words = new Words();
        sheet.blocks().forEach(block -> block.shownBy(words));
        assertTrue(words.all.size() > 5, "an empty sheet tells nothing of this");
        for (LengthText.Lengths lengths : LengthText.Lengths.values()) {
            List<String> paper = paper(sheet, lengths);
            String csv = bare(SheetCsv.write(sheet, lengths).replace("\"\"", "\""));
            for (String said : words.all) {
                String told = bare(LengthText.in(said, lengths));
                assertTrue(paper.stream().anyMatch(page -> page.contains(told)), "not on paper: " + said);
                assertTrue(csv.contains(told), "not in the list: " + said);
            }
        }
    }

    /** What stands on paper, read line by line, and column by column: a cell may go over several lines. */
    private static List<String> paper(PrintedSheet sheet, LengthText.Lengths lengths) throws IOException {
        byte[] pdf = SheetPdf.write("Supper", List.of(sheet), Paper.A4, lengths);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper inTurn = new PDFTextStripper();
            PDFTextStripper byPlace = new PDFTextStripper();
            byPlace.setSortByPosition(true);
            return List.of(bare(inTurn.getText(document)), bare(byPlace.getText(document)));
        }
    }

    @Test(dataProvider = "sheets")
    public void theNumbersOfAListAreThoseOfTheSheet(SheetKind kind) throws IOException {
        PrintedSheet sheet = kind.of(MATERIALS);
        List<List<String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(SheetCsv.write(sheet, LengthText.Lengths.MM), CSVFormat.RFC4180)) {
            for (CSVRecord record : parser) {
                rows.add(record.toList());
            }
        }
        for (Block block : sheet.blocks()) {
            if (block instanceof Block.Table table) {
                table.rows()
                        .forEach(row -> row.forEach(cell -> cell.number()
                                .ifPresent(number -> assertTrue(
                                        rows.stream().flatMap(List::stream).anyMatch(c -> isNumber(c, number)),
                                        "not in the list: " + number))));
            }
        }
    }

    private static boolean isNumber(String cell, double number) {
        try {
            return Math.abs(Double.parseDouble(cell) - number) < 0.006;
        } catch (NumberFormatException e) {
            return false;
        }
    }

    @Test
    public void theServiceCardHasABoxForEachSortOfPiece() {
        List<Block.Table> tables = SheetKind.SERVICE.of(MATERIALS).blocks().stream()
                .filter(Block.Table.class::isInstance)
                .map(Block.Table.class::cast)
                .toList();
        Block.Table out = tables.get(1);
        assertEquals(out.rows().size(), MATERIALS.service().takenOut().size());
        assertEquals(
                out.columns().stream().filter(c -> c.holds() == Block.Holds.BOX).count(), 2, "put in, counted out");
    }
}
