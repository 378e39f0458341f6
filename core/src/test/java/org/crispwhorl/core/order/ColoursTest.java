package org.crispwhorl.core.order;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Carrier;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.How;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.ShadedPart;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

/** What is coloured for an order, and with what. */
public class ColoursTest {
    private static final Dip PLUM = Dip.dust("plum", "#5a2040");
    private static final Dip MOSS = Dip.dust("moss", "#35562c");

    private static Species flower(String part, Pass... passes) {
        Species bare = Garden.species(60, Garden.ball(12), Garden.ring("petals", Garden.petals(5, 26, 24, 40)));
        return bare.with(((ShadedPart) bare.part(part).orElseThrow()).with(new Colouring(List.of(passes))));
    }

    private static ColourSheet sheet(Drawer drawer, OrderSheet.Line... lines) {
        return Colours.of(List.of(lines), Conditions.USUAL, drawer);
    }

    private static double milligrams(ColourSheet sheet, Dip dip) {
        return sheet.colours().stream()
                .filter(c -> c.name().equals(dip.name()))
                .mapToDouble(ColourSheet.ColourJob::milligrams)
                .sum();
    }

    @Test
    public void oneColourOfSeveralSpeciesIsOneLineThatAddsUp() {
        Species edged =
                flower("petals", Garden.pass(Zone.EDGE, 3, 6, 0.6, PLUM)).withName("edged");
        Species footed =
                flower("petals", Garden.pass(Zone.FOOT, 3, 6, 0.6, PLUM, MOSS)).withName("footed");
        ColourSheet one = sheet(Drawer.EMPTY, OrderSheet.Line.of(edged, 3));
        ColourSheet other = sheet(Drawer.EMPTY, OrderSheet.Line.of(footed, 2));
        ColourSheet both = sheet(Drawer.EMPTY, OrderSheet.Line.of(edged, 3), OrderSheet.Line.of(footed, 2));
        assertEquals(both.colours().size(), 2);
        assertEquals(milligrams(both, PLUM), milligrams(one, PLUM) + milligrams(other, PLUM), 1e-9);
        assertEquals(milligrams(both, MOSS), milligrams(other, MOSS), 1e-9);
        assertEquals(both.colours().get(0).name(), "plum", "that of which most is needed comes first");
        assertEquals(both.colours().get(0).uses(), List.of("edged, petals", "footed, petals"));
        assertEquals(
                milligrams(sheet(Drawer.EMPTY, OrderSheet.Line.of(edged, 6)), PLUM), 2 * milligrams(one, PLUM), 1e-9);
    }

    @Test
    public void whatIsNoFlatPieceTakesColourByItsSurface() {
        Pass all = Garden.pass(Zone.ALL, 0, 0, 1, PLUM);
        double ball = milligrams(sheet(Drawer.EMPTY, OrderSheet.Line.of(flower("centre", all), 1)), PLUM);
        double surface = Math.PI * 12 * 12;
        assertEquals(ball, surface * How.DUSTED.gramsPerM2() / 1000, 0.03 * ball);
    }

    @Test
    public void thePartsStandInOrderOfWorkEachPassInWords() {
        Pass wash = Garden.pass(Zone.ALL, 0, 0, 0.4, PLUM, MOSS)
                .withHow(How.WASHED)
                .withCarrier(Carrier.SPIRIT)
                .withLetDown(2)
                .withAt(Stage.DRY);
        Species species = flower(
                "petals",
                Garden.pass(Zone.EDGE, 3, 6.5, 0.6, PLUM),
                wash,
                Colouring.dust(1).passes().get(0));
        ColourSheet.PartJob part =
                sheet(Drawer.EMPTY, OrderSheet.Line.of(species, 4)).parts().get(0);
        assertEquals(part.pieces(), 20);
        ColourSheet.PassJob edge = part.passes().get(0);
        assertEquals(edge.what(), "plum");
        assertTrue(edge.where().startsWith("from the edge, face and back: 3"), edge.where());
        assertTrue(edge.where().contains("fading over 6.5"), edge.where());
        assertEquals(edge.after(), "brush off what is loose");
        ColourSheet.PassJob paint = part.passes().get(1);
        assertEquals(paint.what(), "1 plum + 1 moss, let down 1 : 2 with spirit");
        assertEquals(paint.where(), "all over, face and back");
        assertEquals(paint.after(), "wait 4 min");
        assertEquals(part.passes().get(2).what(), "a colour still to be chosen");
        assertEquals(part.passes().get(2).swatch(), Optional.empty());
    }

    @Test
    public void theDrawerIsAskedByNameAndForm() {
        Species species = flower("petals", Garden.pass(Zone.EDGE, 3, 6, 0.6, PLUM));
        Drawer paste =
                new Drawer(List.of(new ColourPot("plum", 2, 3, "#5a2040", ColourForm.PASTE, ColourPot.Eaten.EDIBLE)));
        Drawer dust =
                new Drawer(List.of(new ColourPot("Plum", 2, 3, "#612345", ColourForm.DUST, ColourPot.Eaten.EDIBLE)));
        OrderSheet.Line line = OrderSheet.Line.of(species, 1);
        assertEquals(sheet(paste, line).colours().get(0).owned(), Optional.empty());
        assertEquals(sheet(dust, line).colours().get(0).owned(), Optional.of(2));
    }

    @Test
    public void anOrderWithoutColourHasAnEmptySheet() {
        ColourSheet sheet = sheet(Drawer.EMPTY, OrderSheet.Line.of(flower("petals"), 3));
        assertEquals(sheet, new ColourSheet(List.of(), List.of()));
    }
}
