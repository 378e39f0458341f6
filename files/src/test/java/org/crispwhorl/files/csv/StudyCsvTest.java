package org.crispwhorl.files.csv;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.crispwhorl.core.study.MeasuredPetals;
import org.crispwhorl.files.document.DocumentFault;
import org.testng.annotations.Test;

public class StudyCsvTest {
    private static final List<MeasuredPetals> PETALS = List.of(
            new MeasuredPetals(5, 30, 24.5, 0.62, "inner, =frilled"), new MeasuredPetals(1, 41, 33, 0.5, "=torn"));

    @Test
    public void petalsComeBackAsTheyWentOut() {
        assertEquals(StudyCsv.read(StudyCsv.write(PETALS)), PETALS);
    }

    @Test
    public void whereTheyAreWidestMayBeLeftOut() {
        assertEquals(
                StudyCsv.read("count;length mm;width mm\n5;30,5;24\n"),
                List.of(new MeasuredPetals(5, 30.5, 24, 0.6, "")));
    }

    @Test
    public void everyFaultyRowIsTold() {
        DocumentFault fault = expectThrows(
                DocumentFault.class, () -> StudyCsv.read("count,length mm,width mm\n5,long,24\n5,30,24\n0,30,24\n"));
        assertEquals(fault.faults().size(), 2);
        assertEquals(fault.faults().get(0).pointer(), "/row 1/length mm");
        assertEquals(fault.faults().get(1).pointer(), "/row 3/count");
        expectThrows(DocumentFault.class, () -> StudyCsv.read("petal,size\n"));
        expectThrows(DocumentFault.class, () -> StudyCsv.read("count,length mm,width mm\n"));
    }
}
