package org.crispwhorl.core.reckoning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.colour.Carrier;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drawing.FlowerSurfaces;
import org.crispwhorl.core.drawing.Mesh;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.ShadedPart;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What of a pass is said to change nothing changes nothing; what is not said to changes something that is seen. */
public class IdleColourTest {
    private static final Dip DARK = Dip.dust("dark", "#401028");

    /** Dark petals beside white ones, so that brushing off matters; on a ball. */
    private static final Species FLOWER = flower();

    private static Species flower() {
        Shade white = new Shade("white", "white", "#ffffff", 0.5);
        Ring inner = Garden.ring("petals", Garden.petals(5, 26, 24, 40));
        Ring outer = new Ring("outer", "outer", "white", Garden.petals(6, 30, 27, 60), Colouring.NONE);
        Species species = Garden.species(60, Garden.ball(10), inner);
        List<Shade> shades = new ArrayList<>(species.shades());
        shades.add(white);
        return Garden.and(species.withShades(shades), outer);
    }

    private static final Map<String, UnaryOperator<Pass>> CHANGES = new LinkedHashMap<>();

    static {
        CHANGES.put("letDown", p -> p.withLetDown(p.letDown() + 3));
        CHANGES.put("side", p -> p.withSide(Pass.PieceSide.BACK));
        CHANGES.put("reachMm", p -> p.withReachMm(p.reachMm() + 3));
        CHANGES.put("fadeMm", p -> p.withFadeMm(p.fadeMm() + 3));
        CHANGES.put("brushedOff", p -> p.withBrushedOff(!p.brushedOff()));
        CHANGES.put("strength", p -> p.withStrength(p.strength() / 2));
        CHANGES.put("zone", p -> p.withZone(p.zone() == Zone.FOOT ? Zone.TIP : Zone.FOOT));
        CHANGES.put("carrier", p -> p.withCarrier(p.carrier() == Carrier.WATER ? Carrier.SPIRIT : Carrier.WATER));
    }

    @DataProvider
    public Object[][] passes() {
        List<Object[]> all = new ArrayList<>();
        for (String part : List.of("petals", "centre")) {
            for (Carrier carrier : Carrier.values()) {
                for (Zone zone : Zone.values()) {
                    all.add(new Object[] {
                        part,
                        Garden.pass(zone, 3, 4, 0.8, DARK).withCarrier(carrier).withLetDown(1)
                    });
                }
            }
        }
        return all.toArray(Object[][]::new);
    }

    private static Species with(String partId, Pass pass) {
        return FLOWER.with(((ShadedPart) FLOWER.part(partId).orElseThrow()).with(new Colouring(List.of(pass))));
    }

    /** All that a maker sees of a flower that colour may change. */
    private static List<Object> seen(Species species, String partId) {
        Reckoning reckoning = Reckoner.reckon(species, Conditions.USUAL);
        Assessment a = new Assessment(species, Conditions.USUAL);
        Part part = a.species().part(partId).orElseThrow();
        List<Object> seen = new ArrayList<>();
        seen.add(reckoning.plan().tasks());
        seen.add(reckoning.plan().handOver());
        seen.add(reckoning.findings().stream().map(Finding::kind).toList());
        seen.add(Coloured.worn(a, part));
        seen.add(Coloured.uses(a, part));
        for (Mesh mesh : FlowerSurfaces.of(a.form(), FlowerSurfaces.Detail.SCREEN)) {
            seen.add(mesh.colour());
            seen.add(java.util.Arrays.hashCode(mesh.colours()));
        }
        return seen;
    }

    @Test(dataProvider = "passes")
    public void aFieldOfAPassIsIdleJustWhereItChangesNothing(String partId, Pass pass) {
        Species species = with(partId, pass);
        List<String> idle = Reckoner.reckon(species, Conditions.USUAL).parts().stream()
                .filter(p -> p.id().equals(partId))
                .flatMap(p -> p.idle().stream())
                .filter(path -> path.startsWith("colour/passes/0/"))
                .map(path -> path.substring("colour/passes/0/".length()))
                .toList();
        List<Object> before = seen(species, partId);
        CHANGES.forEach((field, change) -> {
            List<Object> after = seen(with(partId, change.apply(pass)), partId);
            String told = partId + ", " + field + " of " + pass;
            if (idle.contains(field)) {
                assertEquals(after, before, told);
            } else if (!field.equals("brushedOff") || FLOWER.part(partId).orElseThrow() instanceof Petaled) {
                assertFalse(after.equals(before), told);
            }
        });
        assertTrue(CHANGES.keySet().containsAll(idle), idle.toString());
    }
}
