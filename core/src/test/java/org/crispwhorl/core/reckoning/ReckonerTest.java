package org.crispwhorl.core.reckoning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

public class ReckonerTest {
    private static Reckoning reckon(Species species) {
        return Reckoner.reckon(species, Conditions.USUAL);
    }

    private static double figure(Reckoning r, String part, String key) {
        return Figure.find(
                        r.parts().stream()
                                .filter(p -> p.id().equals(part))
                                .findFirst()
                                .orElseThrow()
                                .figures(),
                        key)
                .value();
    }

    private static double figure(Reckoning r, String key) {
        return Figure.find(r.figures(), key).value();
    }

    @Test
    public void pasteOfTheFlowerIsThatOfItsShades() {
        Reckoning r = reckon(Garden.rose());
        double shades = r.shades().stream()
                .mapToDouble(Reckoning.ShadeReckoning::pieceG)
                .sum();
        Close.within(1e-9, figure(r, "paste"), shades);
    }

    @Test
    public void strongAndWhiteMakeUpThePaste() {
        for (Reckoning.ShadeReckoning shade : reckon(Garden.rose()).shades()) {
            assertEquals(shade.strongG() + shade.whiteG(), shade.pieceG(), 1e-9);
        }
    }

    @Test
    public void aPetalWeighsItsCutVolume() {
        Reckoning r = reckon(Garden.rose());
        double area = figure(r, "petals", "cutArea");
        Close.within(1e-9, figure(r, "petals", "pieceMass"), area * 1.1 * 1.38);
        Close.within(1e-9, figure(r, "petals", "ringMass"), 5 * figure(r, "petals", "pieceMass") / 1000);
    }

    @Test
    public void thinningGrowsThePetalByItsRoot() {
        Reckoning r = reckon(Garden.rose());
        Close.within(1e-9, figure(r, "petals", "finishedLength"), 26 * Math.sqrt(1.1 / 0.7));
    }

    @Test
    public void piecesAndHeadsAreCounted() {
        Reckoning r = reckon(Garden.rose());
        assertEquals(figure(r, "petals"), 13.0);
        assertEquals(figure(r, "heads"), 60.0);
    }

    @Test
    public void theHandsOfTheFlowerAreThoseOfItsPartsTheMixingAndTheFinishing() {
        Reckoning r = reckon(Garden.rose());
        double parts = r.parts().stream()
                .mapToDouble(p -> Figure.find(p.figures(), "labour").value())
                .sum();
        double mixing = r.plan().tasks().get(0).labourMin();
        List<Plan.Task> finishes = r.plan().tasks().stream()
                .filter(task -> task.doing() == TaskKind.FINISH)
                .toList();
        assertEquals(finishes.size(), 2, "its stem is cut, and it is boxed");
        double finishing = finishes.stream().mapToDouble(Plan.Task::labourMin).sum();
        Close.within(1e-9, figure(r, "labour"), parts + mixing + finishing);
    }

    @Test
    public void aWiredRingShowsWhatEveryGaugeWouldDo() {
        Species rose = Garden.changed(Garden.rose(), "petals", p -> p.withWire(w -> w.withFree(3)));
        var petals = reckon(rose).parts().get(2);
        assertEquals(petals.gauges().size(), 10);
        double before = 0;
        for (Reckoning.GaugeRow row : petals.gauges()) {
            assertTrue(row.droopDeg() > before);
            before = row.droopDeg();
        }
        assertTrue(reckon(Garden.bud()).parts().get(1).gauges().isEmpty());
    }

    @Test
    public void piecesThatStandApartHaveNoGapToWatch() {
        Reckoning r = reckon(Garden.rose());
        assertTrue(r.parts().get(3).figures().stream().noneMatch(f -> f.key().equals("gap")));
        assertTrue(r.parts().get(2).figures().stream().anyMatch(f -> f.key().equals("gap")));
    }

    @Test
    public void everyFigureHasARuleAndASource() {
        Reckoning r = reckon(Garden.rose());
        List<Figure> all = r.parts().stream().flatMap(p -> p.figures().stream()).toList();
        for (Figure figure : all) {
            assertFalse(figure.why().rule().isBlank(), figure.key());
            assertFalse(figure.why().source().isBlank(), figure.key());
        }
        assertTrue(all.size() > 50);
    }

    @Test
    public void noTwoFiguresOfAPartHaveTheSameKey() {
        for (var part : reckon(Garden.rose()).parts()) {
            Set<String> keys = new HashSet<>();
            part.figures().forEach(f -> assertTrue(keys.add(f.key()), part.id() + " " + f.key()));
        }
    }

    @Test
    public void theRoomChangesTheDryingAndNothingOfTheShape() {
        Reckoning dry = reckon(Garden.rose());
        Reckoning damp =
                Reckoner.reckon(Garden.rose(), Conditions.USUAL.withRoom(new Room(20, 65, new Room.Air.Still())));
        assertTrue(figure(damp, "petals", "dry") > 1.8 * figure(dry, "petals", "dry"));
        assertEquals(figure(damp, "face"), figure(dry, "face"));
        assertEquals(
                damp.drawing().face().rings().size(),
                dry.drawing().face().rings().size());
    }

    @Test
    public void oneMorePetalIsOneMoreEverywhere() {
        Reckoning five = reckon(Garden.rose());
        Reckoning six = reckon(Garden.changed(Garden.rose(), "petals", p -> p.withCount(6)));
        assertEquals(figure(six, "petals") - figure(five, "petals"), 1.0);
        Close.within(1e-9, figure(six, "paste") - figure(five, "paste"), figure(five, "petals", "pieceMass") / 1000);
        assertTrue(figure(six, "labour") > figure(five, "labour"));
    }

    @Test
    public void anEmptySpeciesReckonsToNothing() {
        Reckoning r = reckon(Garden.species(50));
        assertEquals(figure(r, "paste"), 0.0);
        assertTrue(r.findings().isEmpty());
        assertTrue(r.drawing().face().rings().isEmpty());
    }
}
