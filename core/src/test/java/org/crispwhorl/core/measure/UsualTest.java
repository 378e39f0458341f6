package org.crispwhorl.core.measure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.finding.Severity;
import org.crispwhorl.core.species.Beginning;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.Test;

public class UsualTest {
    @Test
    public void aRecordOfUsualValuesIsWhatItsComponentsSay() throws NoSuchFieldException {
        Thinning usual = Usual.of(Thinning.class);
        assertEquals(usual.rolledMm(), 1.1);
        assertEquals(usual.finishedMm(), 0.7);
        Veiner veiner = Usual.of(Veiner.class, Map.of("name", "rose"));
        assertEquals(veiner.lengthMm(), 50.0);
        assertEquals(veiner.sides(), Veiner.Sides.ONE);
    }

    @Test
    public void whatHasNoUsualValueHasToBeSaid() {
        assertTrue(expectThrows(IllegalArgumentException.class, () -> Usual.of(Veiner.class))
                .getMessage()
                .contains("'name'"));
        assertTrue(expectThrows(
                        IllegalArgumentException.class, () -> Usual.of(CentreForm.Ball.class, Map.of("width", 3.0)))
                .getMessage()
                .contains("width"));
    }

    /** Each part as it is put in stops nothing in a flower that is sound, and has a name of its own. */
    @Test
    public void partsAsTheyBeginStopNoFlower() {
        List<Part> begun = Beginning.parts(Garden.PINK.id());
        Set<String> names = new HashSet<>();
        for (Part part : begun) {
            assertTrue(names.add(part.id()) && !part.name().isBlank(), part.id());
            assertTrue(!part.inShort().isBlank(), part.id());
            if (Garden.rose().part(part.id()).isPresent()) {
                continue;
            }
            List<Finding> found = Findings.of(new Assessment(Garden.and(Garden.rose(), part), Conditions.USUAL));
            assertTrue(
                    found.stream()
                            .noneMatch(f -> f.severity() == Severity.STOP
                                    && f.partId().filter(part.id()::equals).isPresent()),
                    part.id() + ": " + found);
        }
    }
}
