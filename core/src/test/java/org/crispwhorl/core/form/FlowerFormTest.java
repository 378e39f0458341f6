package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.testng.annotations.Test;

public class FlowerFormTest {
    private static PlacedRing at(Species species, String id) {
        return Garden.form(species).ring(id).orElseThrow();
    }

    @Test
    public void equalRingsStandInEachOthersGaps() {
        Species species = Garden.species(
                70, Garden.ring("a", Garden.petals(5, 26, 20, 70)), Garden.ring("b", Garden.petals(5, 28, 20, 80)));
        double off = at(species, "b").azimuthsRad()[0] - at(species, "a").azimuthsRad()[0];
        assertEquals(off, Math.PI / 5, 1e-12);
    }

    @Test
    public void behindMeansBehind() {
        Species species = Garden.species(
                70,
                Garden.ring("a", Garden.petals(5, 26, 20, 70)),
                Garden.ring("b", Garden.petals(5, 28, 20, 80).withPlace(Place.of(Place.Rule.BEHIND))));
        assertEquals(at(species, "b").azimuthsRad()[0], at(species, "a").azimuthsRad()[0]);
    }

    @Test
    public void aSpiralGoesOnFromRingToRingAtTheGoldenAngle() {
        Species bud = Garden.bud();
        double[] first = at(bud, "first").azimuthsRad();
        double[] second = at(bud, "second").azimuthsRad();
        double golden = Math.toRadians(137.50776405);
        assertEquals(first[1] - first[0], golden, 1e-9);
        assertEquals(second[0] - first[first.length - 1], golden, 1e-9);
    }

    @Test
    public void turningARingTurnsEveryPetalOfIt() {
        Species rose = Garden.rose();
        Species turned =
                Garden.changed(rose, "petals", p -> p.withPlace(p.place().withTurn(30)));
        for (int i = 0; i < 5; i++) {
            assertEquals(
                    at(turned, "petals").azimuthsRad()[i] - at(rose, "petals").azimuthsRad()[i], Math.PI / 6, 1e-12);
        }
    }

    @Test
    public void everyWiredRingMakesTheNextNeckWider() {
        Species species = Garden.species(
                70,
                Garden.ball(8),
                Garden.ring("a", Garden.petals(5, 26, 20, 70)),
                Garden.ring("b", Garden.petals(5, 28, 20, 80)));
        double inner = at(species, "a").neckMm();
        double outer = at(species, "b").neckMm();
        assertTrue(outer > inner, inner + " then " + outer);
    }

    @Test
    public void gluedPetalsStartFromTheCentre() {
        Species bud = Garden.bud();
        double neck = at(bud, "first").neckMm();
        assertTrue(neck > 3 && neck < 6, "on the side of a cone 12 mm across, not " + neck);
        double outer = at(bud, "second").neckMm();
        assertTrue(outer > neck, "the second ring starts outside the first: " + outer);
    }

    @Test
    public void aFlatFlowerIsTwiceItsReachAcross() {
        Species flat = Garden.species(70, Garden.ring("a", Garden.flat(Garden.petals(6, 28, 8, 90))));
        PlacedRing ring = at(flat, "a");
        double reach = ring.neckMm() + ring.surface().outline().lengthMm();
        Close.within(0.002, Garden.form(flat).faceMm(), 2 * reach);
    }

    @Test
    public void openingAClosedFlowerMakesItWiderAndLower() {
        Species closed = Garden.species(70, Garden.ball(6), Garden.ring("a", Garden.petals(5, 30, 26, 20)));
        Species open = Garden.changed(closed, "a", p -> p.withOpensDeg(75));
        assertTrue(Garden.form(open).faceMm() > Garden.form(closed).faceMm());
        assertTrue(Garden.form(open).heightMm() < Garden.form(closed).heightMm());
    }

    @Test
    public void leavesDoNotWidenTheFace() {
        Species rose = Garden.rose();
        Close.within(
                1e-12,
                Garden.form(rose).faceMm(),
                Garden.form(Garden.without(rose, "leaves")).faceMm());
    }

    @Test
    public void anEmptySpeciesHasNoFace() {
        assertEquals(Garden.form(Garden.species(50)).faceMm(), 0.0);
        assertEquals(Garden.form(Garden.species(50)).rings(), List.of());
    }
}
