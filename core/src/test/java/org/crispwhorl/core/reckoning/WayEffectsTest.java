package org.crispwhorl.core.reckoning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

public class WayEffectsTest {
    private static final Species ROSE = Garden.rose();

    private static WayEffects of(String way, Enum<?> choice) {
        return WayEffects.of(ROSE, Conditions.USUAL).stream()
                .filter(e -> e.way().equals(way) && e.choice() == choice)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void everyChoiceThatIsNotMadeIsTold() {
        List<WayEffects> all = WayEffects.of(ROSE, Conditions.USUAL);
        assertTrue(all.stream().noneMatch(e -> e.choice() == Techniques.Board.FAT), "what is chosen is not told");
        assertEquals(
                all.stream().map(WayEffects::way).collect(Collectors.toSet()).size(),
                Techniques.class.getRecordComponents().length);
    }

    @Test
    public void aHookTakesMoreWireAsItIsThenReckoned() {
        WayEffects hooked = of("wireEnd", Techniques.WireEnd.HOOK);
        WayEffects.FigureChange wire = hooked.changes().stream()
                .filter(c -> c.key().equals("wire"))
                .findFirst()
                .orElseThrow();
        assertTrue(wire.to() > wire.from());
        Conditions then = Conditions.USUAL.withTechniques(Techniques.USUAL.withWireEnd(Techniques.WireEnd.HOOK));
        assertEquals(
                wire.to(),
                Figure.find(Reckoner.reckon(ROSE, then).figures(), "wire").value());
    }

    @Test
    public void whatMakesNoDifferenceChangesNothing() {
        assertEquals(of("ringOrder", Techniques.RingOrder.SMALL_INSIDE).changes(), List.of(), "there is one ring");
    }
}
