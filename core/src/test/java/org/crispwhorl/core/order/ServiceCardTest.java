package org.crispwhorl.core.order;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.safety.Contents;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Supports;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

public class ServiceCardTest {
    private static ServiceCard card(Species species, int flowers, Drawer drawer) {
        return card(species, flowers, drawer, Optional.empty());
    }

    private static ServiceCard card(Species species, int flowers, Drawer drawer, Optional<Venue> venue) {
        List<OrderSheet.Line> lines = List.of(OrderSheet.Line.of(species, flowers));
        return ServiceCard.of(lines, OrderSheet.of(lines, Conditions.USUAL), Conditions.USUAL, drawer, flowers, venue);
    }

    @Test
    public void whereItGoesSetsItsLimits() {
        Venue damp = new Venue(24, 85, 6, false, true);
        List<String> keeping =
                card(Garden.rose(), 3, Drawer.EMPTY, Optional.of(damp)).keeping();
        assertTrue(
                keeping.stream().anyMatch(k -> k.contains("takes water up at 75 %") && k.contains("85 %")),
                "" + keeping);
        assertTrue(keeping.stream().anyMatch(k -> k.contains("a cold store is damp")), "" + keeping);
        Venue dry = new Venue(20, 50, 6, false, false);
        assertEquals(
                card(Garden.rose(), 3, Drawer.EMPTY, Optional.of(dry)).keeping(),
                card(Garden.rose(), 3, Drawer.EMPTY).keeping(),
                "nothing is said where nothing speaks against it");
    }

    private static int out(ServiceCard card, String what) {
        return card.takenOut().stream()
                .filter(t -> t.what().contains(what))
                .mapToInt(ServiceCard.TakenOut::count)
                .sum();
    }

    @Test
    public void whatComesOutIsCountedOverTheWholeOrder() {
        Species rose = Garden.and(Garden.rose(), new Supports("supports", "supports", Supports.SupportKind.FOAM, 3));
        int wires = Contents.of(new Assessment(rose, Conditions.USUAL)).notFood().stream()
                .filter(n -> n.what().equals("wires"))
                .mapToInt(n -> n.count())
                .sum();
        ServiceCard card = card(rose, 6, Drawer.EMPTY);
        assertTrue(wires > 5, "a centre, petals and leaves on wires");
        assertEquals(out(card, "wires"), 6 * wires);
        assertEquals(out(card, "foam"), 18);
        assertEquals(out(card, "picks"), 6);
        assertTrue(card.ask().contains("food authority"));
    }

    @Test
    public void allergensAndWhatIsNoFoodAreNamed() {
        ServiceCard nuts = card(Garden.in(Garden.bud(), Medium.MARZIPAN), 2, Drawer.EMPTY);
        assertTrue(
                nuts.allergens().contains("nuts (marzipan)"), nuts.allergens().toString());
        ServiceCard porcelain = card(Garden.in(Garden.rose(), Medium.COLD_PORCELAIN), 2, Drawer.EMPTY);
        assertFalse(porcelain.flowers().get(0).edible());
        assertTrue(porcelain.notEaten().get(0).contains("never food"));
    }

    @Test
    public void aColourThatIsNotSoldAsFoodIsNamed() {
        Species dusted = Garden.species(
                50,
                Garden.ball(10),
                Garden.ring("a", Garden.petals(5, 30, 24, 40))
                        .coloured(c -> new Colouring(List.of(
                                Garden.pass(Zone.ALL, 0, 0, 1, new Dip("plum", "#5a2040", ColourForm.DUST, 1))))));
        ColourPot toxic = new ColourPot("plum", 1, 3, "#5a2040", ColourForm.DUST, ColourPot.Eaten.NON_TOXIC);
        ColourPot food = new ColourPot("plum", 1, 3, "#5a2040", ColourForm.DUST, ColourPot.Eaten.EDIBLE);
        assertTrue(card(dusted, 2, new Drawer(List.of(toxic))).notEaten().get(0).contains("not therefore food"));
        assertTrue(
                card(dusted, 2, new Drawer(List.of(food))).notEaten().stream().noneMatch(n -> n.startsWith("plum")));
        assertTrue(card(dusted, 2, Drawer.EMPTY).notEaten().get(0).contains("does not say"));
    }

    @Test
    public void keepingGoesByTheMedium() {
        assertTrue(card(Garden.rose(), 1, Drawer.EMPTY).keeping().get(0).contains("below 75 % humidity"));
        assertTrue(card(Garden.in(Garden.rose(), Medium.MODELLING_CHOCOLATE), 1, Drawer.EMPTY)
                .keeping()
                .get(0)
                .contains("below 27 °C"));
    }

    /** What was lacquered is told by its name, and what was not is not. */
    @Test
    public void whatIsLacqueredIsNotEaten() {
        Species rose = Garden.rose();
        String told = rose.name() + ": lacquered";
        assertTrue(card(rose.withFinishing(Species.Finishing.LACQUER), 3, Drawer.EMPTY).notEaten().stream()
                .anyMatch(line -> line.startsWith(told)));
        assertTrue(card(rose.withFinishing(Species.Finishing.STEAM), 3, Drawer.EMPTY).notEaten().stream()
                .noneMatch(line -> line.startsWith(told)));
    }
}
