package org.crispwhorl.core.colour;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.MixingLaw;
import org.testng.annotations.Test;

public class TintedBodyTest {
    private static final double[] WHITE = MixingLaw.linear("#ffffff");
    private static final Dip PLUM = Dip.dust("plum", "#5a2040");

    private static TintedBody ball(boolean steamed, Pass... passes) {
        return new TintedBody(new Colouring(List.of(passes)), -2, 8, steamed);
    }

    /** Darker is less light. */
    private static double light(TintedBody body, double z) {
        return body.at(WHITE, z)[1];
    }

    @Test
    public void fromTheFootItFadesUpwardsAndFromTheTipDownwards() {
        TintedBody foot = ball(false, Garden.pass(Zone.FOOT, 2, 4, 1, PLUM));
        assertEquals(light(foot, -2), light(foot, 0), 1e-12);
        assertTrue(light(foot, 1) > light(foot, 0) && light(foot, 3) > light(foot, 1));
        assertEquals(foot.at(WHITE, 4), WHITE, 1e-12);
        TintedBody tip = ball(false, Garden.pass(Zone.TIP, 2, 4, 1, PLUM));
        for (double z = -2; z <= 8; z += 0.5) {
            assertEquals(light(tip, z), light(foot, 6 - z), 1e-12, "turned over at " + z);
        }
    }

    @Test
    public void whatHasNoSidesIsColouredAllOverFromThere() {
        for (Zone zone : List.of(Zone.ALL, Zone.EDGE, Zone.MIDRIB, Zone.BETWEEN)) {
            TintedBody body = ball(false, Garden.pass(zone, 1, 1, 0.5, PLUM));
            assertFalse(body.graded());
            assertEquals(body.at(WHITE, -2), body.at(WHITE, 8), 1e-12);
            assertEquals(
                    body.uses(List.of(new TintedBody.Stretch(0, 1000))).get(0).milligrams(),
                    1000 * 0.5 * How.DUSTED.gramsPerM2() / 1000,
                    1e-9);
        }
    }

    @Test
    public void asMuchColourIsTakenAsLiesThere() {
        TintedBody body = ball(false, Garden.pass(Zone.FOOT, 4, 0, 1, PLUM));
        List<TintedBody.Stretch> even = IntStream.range(0, 1000)
                .mapToObj(i -> new TintedBody.Stretch(-2 + (i + 0.5) / 100, 1))
                .toList();
        assertEquals(body.uses(even).get(0).milligrams(), 400 * How.DUSTED.gramsPerM2() / 1000, 1e-9);
    }

    @Test
    public void steamDeepensWhatIsDryAndTakesNoMoreOfIt() {
        Pass dust = Garden.pass(Zone.ALL, 0, 0, 0.5, PLUM);
        assertTrue(light(ball(true, dust), 0) < light(ball(false, dust), 0));
        List<TintedBody.Stretch> surface = List.of(new TintedBody.Stretch(0, 100));
        assertEquals(
                ball(true, dust).uses(surface).get(0).milligrams(),
                ball(false, dust).uses(surface).get(0).milligrams(),
                0);
        Pass wash = dust.withCarrier(Carrier.SPIRIT);
        assertEquals(light(ball(true, wash), 0), light(ball(false, wash), 0), 0);
        Outline petal = Outline.of(40, 30, 0.62, 0.2, 2);
        Colouring dusted = new Colouring(List.of(dust));
        assertEquals(
                new Tinted(dusted, petal, 0, true).at(WHITE, 20, 0, Pass.PieceSide.FACE)[1],
                light(ball(true, dust), 0),
                1e-12,
                "petals and bodies alike");
    }
}
