package org.crispwhorl.core.species;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.List;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.paste.Shade;
import org.testng.annotations.Test;

public class ColourStepsTest {
    private static Pass edge(double reach, double strength) {
        return Garden.pass(Zone.EDGE, reach, 4, strength, Dip.dust("plum", "#5a2040"));
    }

    private static final Pass FOOT =
            Garden.pass(Zone.FOOT, 3, 3, 0.4, Dip.dust("moss", "#35562c")).withSide(Pass.PieceSide.FACE);

    private static Species rings(Pass inner, Pass... outer) {
        Part[] parts = {
            Garden.ring("a", Garden.petals(5, 26, 22, 20)),
            Garden.ring("b", Garden.petals(5, 28, 24, 40)),
            Garden.ring("c", Garden.petals(5, 30, 26, 55)),
            Garden.ring("d", Garden.petals(5, 32, 28, 70))
        };
        Species species = Garden.species(60, parts);
        return species.with(ring(species, "a").with(new Colouring(List.of(inner))))
                .with(ring(species, "d").with(new Colouring(List.of(outer))));
    }

    private static Petaled ring(Species species, String id) {
        return (Petaled) species.part(id).orElseThrow();
    }

    @Test
    public void ringsBetweenTakeEvenSteps() {
        Species stepped = ColourSteps.between(rings(edge(2, 0.9), edge(8, 0.3)), "a", "d");
        Pass b = ring(stepped, "b").colour().passes().get(0);
        Pass c = ring(stepped, "c").colour().passes().get(0);
        assertEquals(b.reachMm(), 4, 1e-9);
        assertEquals(c.reachMm(), 6, 1e-9);
        assertEquals(b.strength(), 0.7, 1e-9);
        assertEquals(c.strength(), 0.5, 1e-9);
        assertEquals(ColourSteps.between(rings(edge(2, 0.9), edge(8, 0.3)), "d", "a"), stepped);
    }

    @Test
    public void aPassThatOnlyOneEndHasFadesOut() {
        Species stepped = ColourSteps.between(rings(edge(2, 0.9), edge(8, 0.3), FOOT), "a", "d");
        assertEquals(ring(stepped, "b").colour().passes().get(1).strength(), 0.4 / 3, 1e-9);
        assertEquals(ring(stepped, "c").colour().passes().get(1).strength(), 0.8 / 3, 1e-9);
    }

    @Test
    public void whatIsCopiedFollowsTheLadder() {
        Species species = rings(edge(2, 0.8));
        Shade pale = new Shade("pale", "pale", Garden.PINK.strong(), Garden.PINK.share() / 2);
        Species ladder = species.withShades(List.of(Garden.PINK, pale));
        ladder = ladder.with(new Ring("d", "d", "pale", ring(species, "d").pieces(), Colouring.NONE));
        Species copied = ColourSteps.copied(ladder, "a", "d");
        assertEquals(ring(copied, "d").colour().passes().get(0).strength(), 0.4, 1e-9);
        assertEquals(ring(copied, "a"), ring(ladder, "a"));
    }

    @Test
    public void whatIsNoRingIsRefused() {
        Species species = rings(edge(2, 0.8));
        assertThrows(InvalidValue.class, () -> ColourSteps.copied(species, "a", "nowhere"));
        assertThrows(InvalidValue.class, () -> ColourSteps.between(species, "nowhere", "a"));
    }
}
