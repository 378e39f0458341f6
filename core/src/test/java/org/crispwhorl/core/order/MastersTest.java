package org.crispwhorl.core.order;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.bench.BenchCard;
import org.crispwhorl.core.bench.Cards;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.paste.MasterColour;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

/** What strong paste is coloured with is told wherever it is mixed, and asked for where it is bought. */
public class MastersTest {
    private static final List<MasterColour> RECIPE =
            List.of(new MasterColour("sky blue", 3), new MasterColour("damson", 1));

    private static Species rose(double share) {
        Shade pink = new Shade(Garden.PINK.id(), "dusk", "#3b3fa0", share, RECIPE);
        return Garden.shaded(Garden.rose(), pink, Garden.PALE, Garden.GREEN);
    }

    private static List<OrderSheet.Line> two(Species species) {
        return List.of(OrderSheet.Line.of(species, 2));
    }

    private static String mixing(Species species) {
        List<OrderSheet.Line> lines = two(species);
        return Cards.of(lines, OrderSheet.of(lines, Conditions.USUAL), Conditions.USUAL, Drawer.EMPTY).stream()
                .filter(card -> card.doing().mixes())
                .flatMap(card -> card.acts().stream())
                .map(BenchCard.BenchAct::words)
                .toList()
                .toString();
    }

    private static Materials materials(Species species, Drawer drawer) {
        List<OrderSheet.Line> lines = two(species);
        return Gathering.of(lines, OrderSheet.of(lines, Conditions.USUAL), Conditions.USUAL, drawer, 100);
    }

    @Test
    public void aRecipeGoesByPartsAndOneColourByItsName() {
        assertEquals(MasterColour.told(RECIPE), "3 parts sky blue, 1 part damson");
        assertEquals(MasterColour.told(RECIPE.subList(0, 1)), "sky blue");
        try {
            new MasterColour("", 1);
            assertFalse(true, "a colour has a name");
        } catch (InvalidValue e) {
            assertTrue(e.getMessage().contains("name"), e.getMessage());
        }
    }

    @Test
    public void itStandsOnTheCardThatMixesAndOnTheSheetOfPastes() {
        assertTrue(mixing(rose(0.4)).contains("of master (3 parts sky blue, 1 part damson), "), mixing(rose(0.4)));
        assertTrue(mixing(rose(1)).contains("of dusk as it is (3 parts sky blue, 1 part damson)"), mixing(rose(1)));
        assertEquals(
                materials(rose(0.4), Drawer.EMPTY).pastes().stream()
                        .flatMap(job -> job.batches().stream())
                        .filter(batch -> batch.strong().equals("#3b3fa0"))
                        .findFirst()
                        .map(batch -> batch.master()),
                Optional.of(RECIPE));
        assertFalse(mixing(Garden.rose()).contains("("), "of a master of which nothing is said");
    }

    @Test
    public void whatTheDrawerHasNoPotOfIsBought() {
        Drawer drawer = new Drawer(
                List.of(new ColourPot("damson", 1, 4, "#5a2346", ColourForm.PASTE, ColourPot.Eaten.EDIBLE, 0)));
        List<Materials.ShoppingLine> lines = materials(rose(0.4), drawer).shopping().stream()
                .filter(line -> line.what().startsWith("paste colour "))
                .toList();
        assertEquals(
                lines.stream().map(Materials.ShoppingLine::what).toList(),
                List.of("paste colour sky blue", "paste colour damson"));
        assertTrue(lines.get(0).owned() < lines.get(0).needed());
        assertTrue(lines.get(1).owned() >= lines.get(1).needed());
    }
}
