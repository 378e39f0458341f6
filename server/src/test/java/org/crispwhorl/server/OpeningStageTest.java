package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.species.OpeningStage;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class OpeningStageTest {
    @DataProvider
    Object[][] demos() {
        return Api.demos().stream().map(s -> new Object[] {s.name(), s}).toArray(Object[][]::new);
    }

    private static double faceMm(Species species) {
        return new Assessment(species, Conditions.USUAL).form().faceMm();
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

    /** What is cut or rolled for a stage: counts and sizes of all its parts of paste. */
    private static List<Object> pieces(Species species) {
        List<Object> all = new ArrayList<>();
        Assessment a = new Assessment(species, Conditions.USUAL);
        for (Part part : species.parts()) {
            all.add(part.flat()
                    .<Object>map(p -> List.of(p.pieces().count(), p.pieces().outline()))
                    .orElseGet(() -> List.of(part.pieceCount(), a.lumps(part))));
        }
        return all;
    }

    @Test(dataProvider = "demos")
    public void budHalfAndFullDifferInTheDrawingThePiecesAndTheMinutes(String name, Species full) {
        Species half = OpeningStage.HALF.of(full, OpeningStageTest::faceMm);
        Species bud = OpeningStage.BUD.of(full, OpeningStageTest::faceMm);
        assertEquals(OpeningStage.FULL.of(full, OpeningStageTest::faceMm), full);
        List<Species> stages = List.of(bud, half, full);
        for (int i = 0; i + 1 < stages.size(); i++) {
            Species less = stages.get(i);
            Species more = stages.get(i + 1);
            assertTrue(
                    new Assessment(less, Conditions.USUAL).form().faceMm()
                            < new Assessment(more, Conditions.USUAL).form().faceMm() - 0.5,
                    name + ": width");
            assertNotEquals(
                    Api.JSON.writeValueAsString(Draughting.of(new Assessment(less, Conditions.USUAL).form())),
                    Api.JSON.writeValueAsString(Draughting.of(new Assessment(more, Conditions.USUAL).form())),
                    name + ": drawing");
            // One ring round what is not of paste is opened less, and made of the same pieces.
            boolean samePieces = full.petaled().stream().filter(Petaled::ring).count() == 1
                    && full.centre().orElseThrow().form().volumeMm3() == 0;
            assertTrue(samePieces || !pieces(less).equals(pieces(more)), name + ": pieces");
            assertTrue(figure(less, "labour") <= figure(more, "labour") + 1e-9, name + ": minutes");
            assertTrue(figure(less, "paste") <= figure(more, "paste") + 1e-9, name + ": paste");
        }
    }

    @Test(dataProvider = "demos")
    public void noStageHasAFindingThatTheFullFlowerHasNot(String name, Species full) {
        Set<String> before = findings(full);
        for (OpeningStage stage : OpeningStage.values()) {
            Set<String> now = findings(stage.of(full, OpeningStageTest::faceMm));
            now.removeAll(before);
            assertTrue(now.isEmpty(), name + ", " + stage + ": " + now);
        }
    }
}
