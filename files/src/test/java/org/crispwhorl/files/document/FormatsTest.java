package org.crispwhorl.files.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.sheets.Block;
import org.crispwhorl.core.sheets.Cell;
import org.crispwhorl.core.sheets.Mark;
import org.crispwhorl.core.sheets.PrintedSheet;
import org.crispwhorl.core.sheets.SheetKind;
import org.crispwhorl.files.csv.CsvText;
import org.crispwhorl.files.csv.SheetCsv;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

public class FormatsTest {
    private static final JsonMapper MAPPER = CraftJson.mapper();

    private static Cell number(double value) {
        return new Cell(Unit.MM.write(value), Optional.of(value), Optional.empty(), Mark.NONE);
    }

    /** A sheet of one table with a row for each species. */
    private static String list(LengthText.Lengths lengths, String... species) {
        Block.Table table = new Block.Table(
                "Cut list",
                List.of(
                        new Block.Column("species", Block.Holds.TEXT, 2),
                        new Block.Column("long", Block.Holds.LENGTH, 1),
                        new Block.Column("cut", Block.Holds.BOX, 1)),
                Arrays.stream(species)
                        .map(name -> List.of(Cell.text(name), number(26.25), Cell.EMPTY))
                        .toList());
        return SheetCsv.write(new PrintedSheet(SheetKind.CUTS, "Cut", "Cut sheet", List.of(table)), lengths);
    }

    private static List<CSVRecord> read(String csv) throws IOException {
        try (CSVParser parser = CSVParser.parse(csv, CSVFormat.RFC4180)) {
            return parser.getRecords();
        }
    }

    @Test
    public void aListHasAHeadingAndALineForEachRow() throws IOException {
        List<CSVRecord> rows = read(list(LengthText.Lengths.MM, "Rose", "Fern"));
        assertEquals(rows.size(), 3);
        assertEquals(rows.get(0).toList(), List.of("under", "species", "long mm", "cut"));
        assertEquals(rows.get(1).toList(), List.of("Cut sheet", "Rose", "26.25", ""));
    }

    @Test
    public void commasQuotesAndLinesComeBackWhole() throws IOException {
        String odd = "a \"double\", and\nanother line";
        assertEquals(read(list(LengthText.Lengths.MM, odd)).get(1).get(1), odd);
    }

    @Test
    public void linesEndAsTheStandardSays() {
        assertTrue(list(LengthText.Lengths.MM, "Rose").endsWith("\r\n"));
    }

    @DataProvider
    public Object[][] formulas() {
        return new Object[][] {{"=SUM(A1:A9)"}, {"+1"}, {"-1"}, {"@cmd"}, {"\tx"}, {"\rx"}};
    }

    @Test(dataProvider = "formulas")
    public void noCellCanBeTakenForAFormula(String name) throws IOException {
        String cell = read(list(LengthText.Lengths.MM, name)).get(1).get(1);
        assertEquals(cell, "'" + name);
    }

    @Test
    public void aPlainNameStaysPlain() {
        assertEquals(CsvText.plain("wild rose -"), "wild rose -");
        assertEquals(CsvText.plain(""), "");
    }

    @Test
    public void namesAreWrittenInKebabCase() {
        assertEquals(CraftJson.name("PART_DRY"), "part-dry");
        assertEquals(CraftJson.name("TurnedOut"), "turned-out");
        assertEquals(CraftJson.name("Ring"), "ring");
        assertEquals(CraftJson.name("MM"), "mm");
    }

    @Test
    public void whatNeverHappensIsNull() {
        record Wait(double hours) {}
        assertEquals(MAPPER.writeValueAsString(new Wait(Double.POSITIVE_INFINITY)), "{\"hours\":null}");
        assertEquals(MAPPER.writeValueAsString(new Wait(2.5)), "{\"hours\":2.5}");
    }

    @Test
    public void equalDocumentsDoNotDiffer() {
        var tree = MAPPER.readTree("{\"a\":[1,{\"b\":2}]}");
        assertEquals(DocumentDiff.between(tree, tree.deepCopy()), List.of());
    }

    @Test
    public void aChangedValueIsToldByItsPointer() {
        var before = MAPPER.readTree("{\"a\":[1,{\"b\":2,\"c\":3}]}");
        var after = MAPPER.readTree("{\"a\":[1,{\"b\":5,\"c\":3}]}");
        List<DocumentDiff.Change> changes = DocumentDiff.between(before, after);
        assertEquals(changes.size(), 1);
        assertEquals(changes.get(0).path(), "/a/1/b");
        assertEquals(changes.get(0).from().asInt(), 2);
        assertEquals(changes.get(0).to().asInt(), 5);
    }

    @Test
    public void anObjectOfOtherFieldsIsSetAsAWhole() {
        var before = MAPPER.readTree("{\"form\":{\"kind\":\"ball\",\"diameterMm\":8}}");
        var after = MAPPER.readTree("{\"form\":{\"kind\":\"cone\",\"diameterMm\":8,\"heightMm\":9}}");
        assertEquals(DocumentDiff.between(before, after).get(0).path(), "/form");
    }

    @Test
    public void aListInInchesHasNoMillimetresInIt() throws IOException {
        List<CSVRecord> rows = read(list(LengthText.Lengths.IN, "Rose"));
        assertEquals(rows.get(0).get(2), "long in");
        assertEquals(Double.parseDouble(rows.get(1).get(2)), 26.25 / 25.4, 0.001);
    }
}
