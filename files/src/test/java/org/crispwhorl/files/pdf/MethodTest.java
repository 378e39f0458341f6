package org.crispwhorl.files.pdf;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.sheets.Block;
import org.crispwhorl.core.sheets.PrintedMethod;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.picture.MethodPdf;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A species as a method: whoever has nothing but the paper can make it. */
public class MethodTest {
    @DataProvider
    Object[][] demos() {
        return DemoDocuments.texts().stream()
                .map(text -> new Object[] {SpeciesDocument.readText(text)})
                .toArray(Object[][]::new);
    }

    private static PrintedMethod method(Species species) {
        return PrintedMethod.of(species, Conditions.USUAL, Drawer.EMPTY);
    }

    private static List<String> acts(PrintedMethod method) {
        List<String> acts = new ArrayList<>();
        method.blocks().forEach(block -> {
            if (block instanceof Block.Steps steps) {
                acts.addAll(steps.steps());
            }
        });
        return acts;
    }

    private static List<String> headings(PrintedMethod method) {
        List<String> headings = new ArrayList<>();
        method.blocks().forEach(block -> {
            if (block instanceof Block.Heading heading) {
                headings.add(heading.text());
            }
        });
        return headings;
    }

    /** Every task has its heading, every act its words, every flat piece its size, and nothing is left to be filled in. */
    @Test(dataProvider = "demos")
    public void everyTaskAndEveryActIsInIt(Species species) {
        PrintedMethod method = method(species);
        List<Plan.Task> tasks =
                Planning.of(new Assessment(species, Conditions.USUAL)).tasks();
        List<String> headings = headings(method);
        for (Plan.Task task : tasks) {
            assertTrue(
                    headings.stream().anyMatch(h -> h.endsWith("  " + task.name())), task.name() + " of " + headings);
        }
        List<String> acts = acts(method);
        int told = tasks.stream().mapToInt(t -> t.steps().list().size()).sum();
        assertTrue(acts.size() >= told, acts.size() + " of " + told);
        for (String act : acts) {
            assertFalse(act.contains("{") || act.contains("null") || act.contains("NaN"), act);
            assertTrue(act.endsWith("."), act);
        }
        for (Petaled part : species.petaled()) {
            Outline thinnedTo = part.pieces().making().finished(part.pieces().outline());
            String length = Said.size(thinnedTo.lengthMm(), thinnedTo.widthMm());
            boolean thinned = part.pieces().thinning().filter(t -> t.thins()).isPresent();
            assertTrue(!thinned || acts.stream().anyMatch(a -> a.contains(length)), part.name() + ", " + length);
        }
    }

    @Test
    public void itIsWholeOnPaperInEitherUnit() throws IOException {
        for (Object[] demo : demos()) {
            PrintedMethod method = method((Species) demo[0]);
            for (LengthText.Lengths lengths : LengthText.Lengths.values()) {
                Assessment a = new Assessment((Species) demo[0], Conditions.USUAL);
                byte[] pdf = MethodPdf.write(method, a, Paper.A4, lengths);
                try (PDDocument document = Loader.loadPDF(pdf)) {
                    String text = bare(new PDFTextStripper().getText(document));
                    for (String act : acts(method)) {
                        assertTrue(text.contains(bare(LengthText.in(act, lengths))), method.title() + ": " + act);
                    }
                }
            }
        }
    }

    private static String bare(String text) {
        return text.replaceAll("[\\s\\u00a0]+", "");
    }

    @Test
    public void aMethodBeginsWithWhatItMakes() {
        Species first = SpeciesDocument.readText(DemoDocuments.texts().get(0));
        PrintedMethod method = method(first);
        assertEquals(method.title(), first.name());
        assertTrue(method.blocks().get(0) instanceof Block.Note note
                && note.text().startsWith("Makes 1, spares included"));
    }

    /** Every ring is drawn as it goes on: with what was there before it, and with nothing that comes later. */
    @Test
    public void everyRingIsDrawnAsItGoesOn() {
        Species flower = DemoDocuments.texts().stream()
                .map(SpeciesDocument::readText)
                .filter(s -> s.name().equals("Towpath camellia"))
                .findFirst()
                .orElseThrow();
        List<Block.FlowerDrawn> pictures = PrintedMethod.of(flower, Conditions.USUAL, Drawer.EMPTY).blocks().stream()
                .filter(Block.FlowerDrawn.class::isInstance)
                .map(Block.FlowerDrawn.class::cast)
                .toList();
        long rings = flower.petaled().stream().filter(Petaled::ring).count();
        assertTrue(pictures.size() >= rings, pictures.size() + " pictures of " + rings + " rings");
        for (int i = 1; i < pictures.size(); i++) {
            assertTrue(pictures.get(i).shapes().size()
                    > pictures.get(i - 1).shapes().size());
        }
        for (Block.FlowerDrawn picture : pictures) {
            assertTrue(
                    picture.shapes().stream().anyMatch(shape -> shape.colour().isPresent()), picture.told());
        }
    }
}
