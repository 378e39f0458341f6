package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.crispwhorl.core.form.StandingPetal;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.document.SpeciesDocument;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

public class StudyApiTest extends ServerTest {
    private static final double WITHIN = 0.03;

    @DataProvider
    Object[][] demos() {
        return api.get("/api/species")
                .json()
                .valueStream()
                .map(s -> new Object[] {s.get("name").asString(), s.get("id").asString()})
                .filter(s -> !rings((String) s[1]).isEmpty())
                .toArray(Object[][]::new);
    }

    private List<Petaled> rings(String id) {
        Species species = SpeciesDocument.readText(
                api.get("/api/species/" + id + "/document").body());
        return species.petaled().stream().filter(Ring.class::isInstance).toList();
    }

    private static ObjectNode study(String name, double real, double wanted) {
        ObjectNode study = Api.JSON
                .createObjectNode()
                .put("name", name)
                .put("realFaceMm", real)
                .put("faceMm", wanted);
        study.putObject("thinning").put("rolledMm", 1.1).put("finishedMm", 0.7);
        return study;
    }

    /** A petal's surface measured with a tape laid on it: along its midrib, and across where it looks widest. */
    private static ObjectNode measured(StandingPetal surface) {
        double length = surface.midrib().lengthMm();
        double along = 0;
        double chord = 0;
        double widest = 0;
        for (int i = 0; i < STEPS; i++) {
            double s = length * i / STEPS;
            along += apart(surface.point(s, 0), surface.point(s + length / STEPS, 0));
            if (surface.chordAt(s) > chord) {
                chord = surface.chordAt(s);
                widest = s;
            }
        }
        double[] span = surface.outline().spanAt(widest);
        double step = (span[1] - span[0]) / STEPS;
        double across = 0;
        for (int j = 0; j < STEPS; j++) {
            double v = span[0] + j * step;
            across += apart(surface.point(widest, v), surface.point(widest, v + step));
        }
        return Api.JSON
                .createObjectNode()
                .put("lengthMm", Math.round(10 * along) / 10.0)
                .put("widthMm", Math.round(10 * across) / 10.0)
                .put("widest", Math.round(100 * widest / length) / 100.0);
    }

    private static double apart(double[] a, double[] b) {
        return Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
    }

    private static final int STEPS = 120;

    /** The finished petals of a demo flower, measured on their own surfaces as a maker would, draft that flower again. */
    @Test(dataProvider = "demos")
    public void petalsMeasuredOffAFlowerLeadBackToIt(String name, String id) {
        List<Petaled> rings = new ArrayList<>(rings(id));
        ObjectNode study = study(name, 80, 80);
        ArrayNode petals = study.putArray("petals");
        for (Petaled ring : rings) {
            petals.add(measured(StandingPetal.of(ring.pieces(), 2, 0))
                    .put("count", Math.max(2, ring.pieces().count()))
                    .put("note", ""));
        }
        Api.Answer answer = api.post("/api/study/draft", study);
        assertEquals(answer.status(), 201, answer.body());
        List<Petaled> drafted = rings(answer.json().get("id").asString());
        rings.sort(Comparator.comparingDouble(
                w -> w.pieces().finished().lengthMm() * w.pieces().finished().widthMm()));
        assertEquals(drafted.size(), rings.size(), "as many rings");
        for (int i = 0; i < rings.size(); i++) {
            Outline was = rings.get(i).pieces().finished();
            Outline is = drafted.get(i).pieces().finished();
            assertEquals(
                    drafted.get(i).pieces().count(),
                    Math.max(2, rings.get(i).pieces().count()),
                    name);
            assertEquals(is.lengthMm() / was.lengthMm(), 1, WITHIN, name);
            // Widths are read to a tenth of a millimetre.
            assertEquals(is.widthMm() / was.widthMm(), 1, Math.max(WITHIN, 0.06 / was.widthMm()), name);
            assertEquals(is.widest() / was.widest(), 1, WITHIN, name);
        }
    }

    @Test
    public void tablesAreReadAndFaultsAreToldByTheirRow() {
        ObjectNode table = Api.JSON.createObjectNode().put("csv", "count,length mm,width mm\n5,30,24\n8,44,x\n");
        Api.Answer refused = api.post("/api/study/read", table);
        assertEquals(refused.status(), 422);
        assertEquals(refused.json().at("/faults/0/pointer").asString(), "/row 2/width mm");
        Api.Answer read = api.post("/api/study/read", table.put("csv", "count,length mm,width mm\n5,30,24\n"));
        assertEquals(read.json().at("/rings/0/lengthMm").asDouble(), 30, 0);
        Api.Answer written = api.post("/api/study/write", read.json());
        assertTrue(written.json().get("csv").asString().startsWith("count,length mm"));
    }

    @Test
    public void aStudyWithoutPetalsIsRefused() {
        ObjectNode study = study("nothing", 80, 60);
        study.putArray("petals");
        Api.Answer refused = api.post("/api/study/rings", study);
        assertEquals(refused.status(), 422);
        assertEquals(refused.json().at("/faults/0/pointer").asString(), "/petals");
    }
}
