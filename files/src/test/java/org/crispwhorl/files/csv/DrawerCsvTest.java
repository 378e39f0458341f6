package org.crispwhorl.files.csv;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.drawer.BreakageRecord;
import org.crispwhorl.core.drawer.CakePick;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Cutter;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.DryingPlace;
import org.crispwhorl.core.drawer.GaugeDiameter;
import org.crispwhorl.core.drawer.OwnFormer;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.OwnVeiner;
import org.crispwhorl.core.drawer.OwnWire;
import org.crispwhorl.core.drawer.RidgedBoard;
import org.crispwhorl.core.drawer.RollerMachine;
import org.crispwhorl.core.drawer.StamenBunch;
import org.crispwhorl.core.drawer.TapeRoll;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.Pulling;
import org.crispwhorl.core.paste.Grooves;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.files.document.DocumentFault;
import org.testng.annotations.Test;

public class DrawerCsvTest {
    private static final List<DrawerItem> ONE_OF_EACH = List.of(
            new Cutter("petal, \"garden\" 3", 2, Cut.of(Outline.of(40, 31.5, 0.62, 0.2, 2)), true, 4.5),
            new Cutter("five petals", 1, new Cut(Outline.of(14, 9, 0.6, 0.3, 2), 5, 6), false, 0),
            new Cutter("bent by hand", 1, Cut.of(Pulling.freed(Outline.of(30, 22, 0.6, 0.2, 2))), true, 0),
            new OwnVeiner("leaf veiner", 1, 80, Veiner.Sides.BOTH, 0.6),
            new OwnFormer("spoon", 6, 30, 9),
            new RidgedBoard("board", 1, 8, 1.2, Optional.of(new Grooves(150, 25))),
            new RollerMachine(
                    "roller",
                    1,
                    140,
                    List.of(new RollerMachine.RollerReading(1, 2.4), new RollerMachine.RollerReading(5, 1))),
            new OwnWire("26 white", 40, 26, 360, List.of(120.0, 85.5), 0.1),
            new StamenBunch("pale", 144, 1.2, 0.3),
            new TapeRoll("green", 26, 12),
            new CakePick("slim", 20, 4, 70),
            new OwnPaste("gum paste", 900, new Paste(Medium.GUM_PASTE, 1.41, 75, 10, 0, 0.6)),
            new ColourPot("moss", 1, 4, "#35562c", ColourForm.DUST, ColourPot.Eaten.NON_TOXIC),
            new DryingPlace("hooks", 24, DryingPlace.Sort.HOOK, 1),
            new GaugeDiameter("my 26", 26, 0.48),
            new BreakageRecord("petals", PieceSort.WIRED, 3, 97));

    @Test
    public void aDrawerComesBackAsItWentOut() {
        DrawerCsv.Reading reading = DrawerCsv.read(DrawerCsv.write(ONE_OF_EACH));
        assertEquals(reading.faults(), List.of());
        assertEquals(reading.good(), ONE_OF_EACH);
    }

    @Test
    public void aSpreadsheetsSemicolonsAndDecimalCommasAreUnderstood() {
        DrawerCsv.Reading reading =
                DrawerCsv.read("\uFEFFkind;name;count;boreMm;lengthMm\r\ncake-pick;slim;20;4,5;70\r\n");
        assertEquals(reading.good(), List.of(new CakePick("slim", 20, 4.5, 70)));
    }

    @Test
    public void threeFaultyRowsAmongTenThousandAreToldAndGivenBack() {
        StringBuilder csv = new StringBuilder("kind,name,count,boreMm,lengthMm\n");
        List<Integer> faulty = List.of(17, 5000, 9999);
        for (int i = 1; i <= 10_000; i++) {
            csv.append("cake-pick,pick ")
                    .append(i)
                    .append(",5,")
                    .append(faulty.contains(i) ? i == 17 ? "wide" : "0" : "4");
            csv.append(",70\n");
        }
        DrawerCsv.Reading reading = DrawerCsv.read(csv.toString());
        assertEquals(reading.good().size(), 9997);
        assertEquals(reading.faults().stream().map(DrawerCsv.RowFault::line).toList(), List.of(18L, 5001L, 10_000L));
        DrawerCsv.RowFault first = reading.faults().get(0);
        assertEquals(first.column(), "boreMm");
        assertEquals(first.came(), "'wide'");
        assertTrue(
                reading.faults().get(1).expected().contains("1 to 40"),
                reading.faults().get(1).expected());
        // Mended, the rows that came back complete the drawer: nothing is lost.
        List<DrawerItem> all = new ArrayList<>(reading.good());
        all.addAll(DrawerCsv.read(reading.faulty().replace("wide", "4").replace(",0,", ",4,"))
                .good());
        assertEquals(all.size(), 10_000);
    }

    @Test
    public void whatIsWrongIsToldWithItsPlace() {
        String header =
                "kind,name,count,cut.outline.lengthMm,cut.outline.widthMm,cut.outline.widest,cut.outline.base,cut.outline.tip\n";
        DrawerCsv.RowFault nothing =
                DrawerCsv.read(header + "cutter,c,1,0,20,0.6,0.2,2\n").faults().get(0);
        assertEquals(nothing.column(), "cut.outline.lengthMm");
        assertEquals(nothing.came(), "0");
        assertEquals(
                DrawerCsv.read(header + "cuter,c,1,30,20,0.6,0.2,2\n")
                        .faults()
                        .get(0)
                        .column(),
                "kind");
        assertEquals(
                DrawerCsv.read(header + "cutter,c,1,30,20,0.6,0.2\n")
                        .faults()
                        .get(0)
                        .came(),
                "7 cells");
        assertEquals(
                DrawerCsv.read(header + "cutter,c,,30,20,0.6,0.2,2\n")
                        .faults()
                        .get(0)
                        .came(),
                "nothing");
        expectThrows(DocumentFault.class, () -> DrawerCsv.read("colour,weight\nred,3\n"));
        expectThrows(DocumentFault.class, () -> DrawerCsv.read("kind,name,lenght\ncutter,c,3\n"));
        expectThrows(DocumentFault.class, () -> DrawerCsv.read(""));
        DocumentFault open = expectThrows(
                DocumentFault.class,
                () -> DrawerCsv.read("kind,name,count,boreMm,lengthMm\ncake-pick,\"open,1,4,70\n"));
        assertTrue(open.getMessage().contains("line 2"), open.getMessage());
    }
}
