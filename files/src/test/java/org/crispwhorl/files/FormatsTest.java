package org.crispwhorl.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.order.OrderSheet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

public class FormatsTest {
    private static final JsonMapper MAPPER = CraftJson.mapper();

    private static OrderSheet.CutLine line(String species, String part) {
        return new OrderSheet.CutLine(
                species,
                part,
                "pale, pink",
                "cutter 26.3 mm × 25.4 mm",
                26.25,
                25.4,
                1.1,
                0.7,
                35,
                6,
                0.7654,
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                false,
                false);
    }

    private static List<CSVRecord> read(String csv) throws IOException {
        try (CSVParser parser = CSVParser.parse(csv, CSVFormat.RFC4180)) {
            return parser.getRecords();
        }
    }

    @Test
    public void theCutListHasAHeadingAndALineForEachCut() throws IOException {
        List<CSVRecord> rows =
                read(ListCsv.cuts(List.of(line("Rose", "petals"), line("Rose", "leaves")), LengthText.Lengths.MM));
        assertEquals(rows.size(), 3);
        assertEquals(rows.get(0).get(0), "from");
        assertEquals(rows.get(0).get(5), "species");
        assertEquals(rows.get(1).get(9), "41");
        assertEquals(rows.get(1).get(10), "0.77");
        assertEquals(rows.get(1).get(1), "26.3");
    }

    @Test
    public void commasQuotesAndLinesComeBackWhole() throws IOException {
        String odd = "a \"double\", and\nanother line";
        assertEquals(
                read(ListCsv.cuts(List.of(line(odd, "petals")), LengthText.Lengths.MM))
                        .get(1)
                        .get(5),
                odd);
    }

    @Test
    public void linesEndAsTheStandardSays() {
        assertTrue(ListCsv.cuts(List.of(line("Rose", "petals")), LengthText.Lengths.MM)
                .endsWith("\r\n"));
    }

    @DataProvider
    public Object[][] formulas() {
        return new Object[][] {{"=SUM(A1:A9)"}, {"+1"}, {"-1"}, {"@cmd"}, {"\tx"}, {"\rx"}};
    }

    @Test(dataProvider = "formulas")
    public void noCellCanBeTakenForAFormula(String name) throws IOException {
        String cell = read(ListCsv.cuts(List.of(line(name, "petals")), LengthText.Lengths.MM))
                .get(1)
                .get(5);
        assertEquals(cell, "'" + name);
    }

    @Test
    public void aPlainNameStaysPlain() {
        assertEquals(ListCsv.plain("wild rose -"), "wild rose -");
        assertEquals(ListCsv.plain(""), "");
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
        List<CSVRecord> rows = read(ListCsv.cuts(List.of(line("Rose", "petals")), LengthText.Lengths.IN));
        assertEquals(rows.get(0).get(1), "length in");
        String mm = read(ListCsv.cuts(List.of(line("Rose", "petals")), LengthText.Lengths.MM))
                .get(1)
                .get(1);
        assertEquals(Double.parseDouble(rows.get(1).get(1)), Double.parseDouble(mm) / 25.4, 0.01);
    }
}
