package org.crispwhorl.files.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.form.Crossings;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CommonBuildsTest {
    @DataProvider
    public Object[][] builds() {
        return CommonBuilds.all().entrySet().stream()
                .map(e -> new Object[] {e.getKey(), e.getValue()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "builds")
    public void whatIsBegunFromIsSound(String id, Species build) {
        Assessment a = new Assessment(build, Conditions.USUAL);
        assertEquals(Findings.of(a), List.of(), id);
        assertTrue(Crossings.of(a.form()).isEmpty(), id);
        boolean leavesAlone = build.petaled().stream().noneMatch(p -> p.inHead()) && !id.equals("rolled-strip");
        assertTrue(
                leavesAlone || Math.abs(a.form().faceMm() - build.faceMm()) <= 2,
                id + " is as wide as it wants to be: " + a.form().faceMm());
        assertFalse(build.note().isBlank(), id + " says what it is");
    }

    @Test
    public void eachIsFoundByItsId() {
        for (Map.Entry<String, Species> build : CommonBuilds.all().entrySet()) {
            assertEquals(CommonBuilds.named(build.getKey()).orElseThrow(), build.getValue());
        }
        assertTrue(CommonBuilds.named("no such build").isEmpty());
    }
}
