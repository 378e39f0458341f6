package org.crispwhorl.files.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawing.FlowerSurfaces;
import org.crispwhorl.core.drawing.VeinLines;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.species.OpeningStage;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.RandomDocuments;
import org.crispwhorl.files.solid.Gltf;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** What the schema allows is reckoned, drawn, ordered and read back, at the ends of every range too. */
public class RandomSpeciesTest {
    private static final int FLOWERS = 1000;

    /** Orders lay out every cut on its strip, which takes longest: every so many flowers are ordered too. */
    private static final int ORDERED = 5;

    private static final int SHOWN = 12;
    private static final Conditions CONDITIONS = Conditions.USUAL;

    @Test
    public void whateverTheSchemaAllowsIsReckonedDrawnAndReadBack() {
        RandomDocuments documents = new RandomDocuments(SpeciesDocument.schema(), 20, 5);
        Map<String, String> faults = new LinkedHashMap<>();
        int faulty = 0;
        for (int i = 0; i < FLOWERS; i++) {
            ObjectNode document = documents.next();
            try {
                Species species = SpeciesDocument.read(document);
                assertEquals(SpeciesDocument.read(SpeciesDocument.write(species)), species);
                goesThrough(species);
                if (i % ORDERED == 0) {
                    OrderSheet.of(List.of(OrderSheet.Line.of(species, 3)), CONDITIONS);
                }
            } catch (RuntimeException | AssertionError | StackOverflowError e) {
                faulty++;
                faults.putIfAbsent(place(e), i + ": " + e);
            }
        }
        List<String> shown = new ArrayList<>();
        faults.forEach((where, what) -> shown.add(what + "\n    at " + where));
        assertTrue(
                faults.isEmpty(),
                faulty + " of " + FLOWERS + ", such as\n"
                        + String.join("\n", shown.subList(0, Math.min(SHOWN, shown.size()))));
    }

    private static void goesThrough(Species species) {
        Reckoning reckoning = Reckoner.reckon(species, CONDITIONS);
        reckoning.figures().forEach(f -> assertTrue(!Double.isNaN(f.value()), f.key() + " is not a number"));
        reckoning.parts().forEach(p -> p.figures()
                .forEach(f -> assertTrue(!Double.isNaN(f.value()), p.id() + " " + f.key() + " is not a number")));
        FlowerForm form = new Assessment(species, Conditions.USUAL).form();
        Gltf.write(
                species.name(),
                FlowerSurfaces.of(form, FlowerSurfaces.Detail.SCREEN),
                VeinLines.of(form, FlowerSurfaces.Detail.SCREEN));
        for (OpeningStage stage : OpeningStage.values()) {
            new Assessment(
                            stage.of(
                                    species,
                                    s -> new Assessment(s, CONDITIONS).form().faceMm()),
                            Conditions.USUAL)
                    .form();
        }
    }

    /** The first place of ours in a stack. */
    private static String place(Throwable e) {
        return Arrays.stream(e.getStackTrace())
                .filter(s -> s.getClassName().startsWith("org.crispwhorl.")
                        && !s.getClassName().contains(".measure.")
                        && !s.getMethodName().equals("<init>"))
                .limit(3)
                .map(StackTraceElement::toString)
                .reduce((a, b) -> a + "\n    at " + b)
                .orElse("?");
    }
}
