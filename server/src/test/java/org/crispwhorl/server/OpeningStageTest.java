package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.flower.FlowerForm;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.reckoning.Conditions;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.species.OpeningStage;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.SpeciesDocument;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class OpeningStageTest {
    @DataProvider
    Object[][] demos() throws IOException {
        Resource[] all = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        return Arrays.stream(all)
                .map(r -> {
                    try {
                        return SpeciesDocument.readText(r.getContentAsString(StandardCharsets.UTF_8));
                    } catch (IOException e) {
                        throw new java.io.UncheckedIOException(e);
                    }
                })
                .map(s -> new Object[] {s.name(), s})
                .toArray(Object[][]::new);
    }

    private static double figure(Species species, String key) {
        return Figure.find(Reckoner.reckon(species, Conditions.USUAL).figures(), key)
                .value();
    }

    private static Set<String> findings(Species species) {
        return Findings.of(new Assessment(species, Conditions.USUAL)).stream()
                .map(Finding::kind)
                .collect(Collectors.toSet());
    }

    @Test(dataProvider = "demos")
    public void budHalfAndFullDifferInWidthAndMinutes(String name, Species full) {
        Species half = OpeningStage.HALF.of(full);
        Species bud = OpeningStage.BUD.of(full);
        assertEquals(OpeningStage.FULL.of(full), full);
        assertNotEquals(FlowerForm.of(half).faceMm(), FlowerForm.of(full).faceMm(), 0.5);
        assertTrue(figure(bud, "hands") < figure(half, "hands") + 1e-9, "a bud takes no longer than half a flower");
        assertTrue(figure(half, "hands") <= figure(full, "hands") + 1e-9);
        assertTrue(figure(bud, "paste") < figure(full, "paste"));
    }

    @Test(dataProvider = "demos")
    public void noStageHasAFindingThatTheFullFlowerHasNot(String name, Species full) {
        Set<String> before = findings(full);
        for (OpeningStage stage : OpeningStage.values()) {
            Set<String> now = findings(stage.of(full));
            now.removeAll(before);
            assertTrue(now.isEmpty(), name + ", " + stage + ": " + now);
        }
    }
}
