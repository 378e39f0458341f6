package org.crispwhorl.files.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.drawing.FlowerSurfaces;
import org.crispwhorl.core.drawing.Mesh;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.files.solid.Gltf;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What passes of colour leave is the same on the drawing of the face, in the round and in the file of it. */
public class ColoursAgreeTest {
    private static final int SAMPLES = 200;

    @DataProvider
    public Object[][] demos() {
        return DemoDocuments.texts().stream()
                .map(t -> new Object[] {SpeciesDocument.readText(t)})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "demos")
    public void theMeshHasTheColourOfThePassesAtEveryPoint(Species species) {
        Assessment a = new Assessment(species, Conditions.USUAL);
        Map<String, Mesh> meshes = meshes(a);
        Random random = new Random(7);
        for (PlacedRing ring : a.form().rings()) {
            Mesh mesh = meshes.get(ring.part().id());
            if (mesh == null || !mesh.coloured()) {
                continue;
            }
            PlacedRing.Piece piece = ring.piece(FINE.stations(), FINE.across(), a.paste());
            int points = piece.points().length;
            int copies = mesh.points().length / 3 / points;
            for (int n = 0; n < SAMPLES; n++) {
                int copy = random.nextInt(copies);
                int at = random.nextInt(points);
                boolean face = copy % 2 == 0;
                double[] flat = piece.flat()[at];
                double[] base = MixingLaw.linear(
                        face ? a.species().shade(ring.part().shade()) : Coloured.backShade(a, ring.part()));
                double[] wanted =
                        ring.tinted().at(base, flat[1], flat[0], face ? Pass.PieceSide.FACE : Pass.PieceSide.BACK);
                for (int k = 0; k < 3; k++) {
                    int code = MixingLaw.code(mesh.colours()[3 * (copy * points + at) + k]);
                    assertEquals(
                            code,
                            MixingLaw.code(wanted[k]),
                            2,
                            species.name() + " " + ring.part().id());
                }
            }
        }
    }

    private static final FlowerSurfaces.Detail FINE = FlowerSurfaces.Detail.FINE;

    private static Map<String, Mesh> meshes(Assessment a) {
        return FlowerSurfaces.of(a.form(), FINE).stream()
                .collect(Collectors.toMap(Mesh::partId, Function.identity(), (one, other) -> one));
    }

    /** Each cell of the drawing has a colour that some point of the piece has which lies in it, seen from straight above. */
    @Test(dataProvider = "demos")
    public void theFaceHasTheColourOfTheSurfaceThatIsSeenThere(Species species) {
        Assessment a = new Assessment(species, Conditions.USUAL);
        List<Drawing.DrawnRing> rings = Draughting.of(a.form()).face().rings();
        Random random = new Random(11);
        for (Drawing.DrawnRing drawn : rings) {
            Optional<PlacedRing> placed = a.form().rings().stream()
                    .filter(r -> r.part().id().equals(drawn.partId()))
                    .findFirst();
            // Where a ring is drawn in several stretches, or of lobes that are not alike, each shows only one of them.
            long stretches = rings.stream()
                    .filter(r -> r.partId().equals(drawn.partId()))
                    .count();
            if (drawn.tint().isPresent() && placed.isPresent() && stretches == 1) {
                agree(a, placed.get(), drawn.tint().get(), random);
            }
        }
    }

    private static void agree(Assessment a, PlacedRing ring, Drawing.ColourGrid grid, Random random) {
        double[] base = MixingLaw.linear(a.species().shade(ring.part().shade()));
        for (int n = 0; n < SAMPLES; n++) {
            int row = random.nextInt(grid.rows());
            int column = random.nextInt(grid.columns());
            double x = -(grid.topMm() + (row + 0.5) * grid.cellMm());
            double y = grid.leftMm() + (column + 0.5) * grid.cellMm();
            int[] least = {255, 255, 255};
            int[] most = {0, 0, 0};
            Set<String> sides = new HashSet<>();
            for (double[] point : points(ring)) {
                if (Math.abs(point[0] - x) < 1.5 * grid.cellMm() && Math.abs(point[1] - y) < 1.5 * grid.cellMm()) {
                    sides.add((point[0] > x) + " " + (point[1] > y));
                    double[] colour = ring.tinted().at(base, point[2], point[3], Pass.PieceSide.FACE);
                    for (int k = 0; k < 3; k++) {
                        least[k] = Math.min(least[k], MixingLaw.code(colour[k]));
                        most[k] = Math.max(most[k], MixingLaw.code(colour[k]));
                    }
                }
            }
            // At its edge a cell is coloured on from the piece.
            for (int k = 0; k < 3 && sides.size() == 4; k++) {
                int seen = grid.rgb()[3 * (row * grid.columns() + column) + k] & 0xff;
                assertTrue(
                        seen >= least[k] - 3 && seen <= most[k] + 3,
                        ring.part().id() + " at " + x + ", " + y + ": " + seen + " of " + least[k] + " to " + most[k]);
            }
        }
    }

    private static final Map<PlacedRing, List<double[]>> POINTS = new IdentityHashMap<>();

    /** Points of a piece: x, y, and where they lie on it: station, across. */
    private static List<double[]> points(PlacedRing ring) {
        return POINTS.computeIfAbsent(ring, r -> {
            List<double[]> points = new ArrayList<>();
            for (double[] at : r.surface().flat(120, 40).points()) {
                double[] p = r.surface().point(at[1], at[0]);
                points.add(new double[] {p[0], p[1], at[1], at[0]});
            }
            return points;
        });
    }

    /** What is coloured by zones on a body has the same colour in the section, in the round and from above. */
    @Test(dataProvider = "demos")
    public void bodiesHaveTheirColoursEverywhere(Species species) {
        Assessment a = new Assessment(species, Conditions.USUAL);
        Drawing drawing = Draughting.of(a.form());
        Map<String, Mesh> meshes = meshes(a);
        for (Drawing.Ramp up : drawing.section().ramps()) {
            Mesh mesh = meshes.get(up.partId());
            Drawing.Ramp out = drawing.face().ramps().stream()
                    .filter(ramp -> ramp.partId().equals(up.partId()))
                    .findFirst()
                    .orElseThrow();
            assertTrue(mesh.coloured(), up.partId());
            for (int i = 0; i < mesh.points().length; i += 3) {
                double z = mesh.points()[i + 2];
                for (int k = 0; k < 3; k++) {
                    assertEquals(MixingLaw.code(mesh.colours()[i + k]), code(up, z, k), 12, up.partId() + " at " + z);
                }
            }
            assertEquals(out.colours().get(0), up.colours().get(up.colours().size() - 1), "its top in the middle");
        }
    }

    /** The colour of a ramp at a place, between its two next. */
    private static double code(Drawing.Ramp ramp, double at, int channel) {
        int steps = ramp.colours().size() - 1;
        double place = Math.max(0, Math.min(steps, (at - ramp.fromMm()) / (ramp.toMm() - ramp.fromMm()) * steps));
        int below = (int) Math.min(steps - 1.0, Math.floor(place));
        return code(ramp.colours().get(below), channel)
                + (place - below)
                        * (code(ramp.colours().get(below + 1), channel)
                                - code(ramp.colours().get(below), channel));
    }

    private static int code(String hex, int channel) {
        return Integer.parseInt(hex.substring(1 + 2 * channel, 3 + 2 * channel), 16);
    }

    @Test(dataProvider = "demos")
    public void theFileHasTheColoursOfTheMesh(Species species) {
        Assessment a = new Assessment(species, Conditions.USUAL);
        List<Mesh> meshes = FlowerSurfaces.of(a.form(), FlowerSurfaces.Detail.SCREEN);
        ByteBuffer glb =
                ByteBuffer.wrap(Gltf.write(species.name(), meshes, List.of())).order(ByteOrder.LITTLE_ENDIAN);
        byte[] text = new byte[glb.getInt(12)];
        glb.position(20).get(text);
        JsonNode json = CraftJson.mapper().readTree(new String(text, StandardCharsets.UTF_8));
        Random random = new Random(13);
        for (int m = 0; m < meshes.size(); m++) {
            if (!meshes.get(m).coloured()) {
                continue;
            }
            int accessor =
                    json.at("/meshes/" + m + "/primitives/0/attributes/COLOR_0").asInt();
            int view = json.at("/accessors/" + accessor + "/bufferView").asInt();
            int from = 20
                    + text.length
                    + 8
                    + json.at("/bufferViews/" + view + "/byteOffset").asInt();
            double[] colours = meshes.get(m).colours();
            for (int n = 0; n < SAMPLES; n++) {
                int i = random.nextInt(colours.length);
                assertEquals(glb.getFloat(from + 4 * i), colours[i], 1e-6);
            }
        }
    }
}
