package org.crispwhorl.files.solid;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.crispwhorl.core.drawing.Mesh;
import org.crispwhorl.core.drawing.VeinLines;
import org.crispwhorl.files.document.CraftJson;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class GltfTest {
    /** A square of 10 mm lying flat, and one standing on its edge. */
    private static final List<Mesh> MESHES = List.of(
            mesh("flat", new double[] {0, 0, 0, 10, 0, 0, 10, 10, 0, 0, 10, 0}, new int[] {0, 1, 2, 0, 2, 3}),
            mesh("upright", new double[] {0, 0, 0, 10, 0, 0, 10, 0, 10}, new int[] {0, 1, 2}));

    /** A vein along an edge of the flat one, of two stretches. */
    private static final List<VeinLines> VEINS =
            List.of(new VeinLines("flat", "#800000", new double[] {0, 0, 0, 5, 0, 0, 5, 0, 0, 10, 0, 0}));

    private static Mesh mesh(String partId, double[] points, int[] triangles) {
        return new Mesh(partId, "#ff0000", points, triangles, new double[0]);
    }

    private final ByteBuffer glb =
            ByteBuffer.wrap(Gltf.write("test", MESHES, VEINS)).order(ByteOrder.LITTLE_ENDIAN);

    private JsonNode json() {
        byte[] text = new byte[glb.getInt(12)];
        glb.position(20).get(text);
        return CraftJson.mapper().readTree(new String(text, StandardCharsets.UTF_8));
    }

    @Test
    public void itIsOneFileOfTwoChunks() {
        assertEquals(glb.getInt(0), 0x46546C67);
        assertEquals(glb.getInt(4), 2);
        assertEquals(glb.getInt(8), glb.capacity());
        int json = glb.getInt(12);
        assertEquals(json % 4, 0);
        assertEquals(20 + json + 8 + glb.getInt(20 + json), glb.capacity());
    }

    @Test
    public void partsAreNodesOfTheirNameInMetresWithYUp() {
        JsonNode json = json();
        assertEquals(json.at("/nodes/0/name").asString(), "flat");
        assertEquals(json.at("/nodes/1/name").asString(), "upright");
        JsonNode flat = json.at("/accessors/0");
        assertEquals(flat.at("/max/0").asDouble(), 0.01, 1e-7);
        assertEquals(flat.at("/max/1").asDouble(), 0, 1e-7, "what lies flat has no height");
        assertEquals(flat.at("/min/2").asDouble(), -0.01, 1e-7);
        assertEquals(json.at("/accessors/3/max/1").asDouble(), 0.01, 1e-7, "what stands up goes along y");
    }

    @Test
    public void partsOfOneColourShareItsMaterialInLinearLight() {
        JsonNode materials = json().get("materials");
        assertEquals(materials.size(), 2, "one for the surfaces, one for the vein");
        assertEquals(materials.at("/0/pbrMetallicRoughness/baseColorFactor/0").asDouble(), 1, 1e-9);
        assertEquals(materials.at("/0/pbrMetallicRoughness/baseColorFactor/1").asDouble(), 0, 1e-9);
        assertTrue(materials.at("/0/doubleSided").asBoolean());
    }

    @Test
    public void veinsAreLinesOfTheirPart() {
        JsonNode json = json();
        assertEquals(json.get("nodes").size(), 3);
        assertEquals(json.at("/nodes/2/name").asString(), "flat");
        JsonNode lines = json.at("/meshes/2/primitives/0");
        assertEquals(lines.get("mode").asInt(), 1);
        assertTrue(lines.path("indices").isMissingNode(), "two points to a stretch");
        JsonNode points =
                json.get("accessors").get(lines.at("/attributes/POSITION").asInt());
        assertEquals(points.get("count").asInt(), 4);
        assertEquals(points.at("/max/0").asDouble(), 0.01, 1e-7);
    }

    @Test
    public void areasAndNormalsAreThoseOfTheTriangles() {
        assertEquals(MESHES.get(0).areaMm2(), 100, 1e-9);
        double[] normals = MESHES.get(0).normals();
        for (int i = 0; i < normals.length; i += 3) {
            assertEquals(normals[i + 2], 1, 1e-9);
        }
    }

    @Test
    public void pointsOfTheirOwnColoursAreWrittenInLinearLightAndSeenFromOneSide() {
        double[] colours = {1, 0, 0, 0, 0.5, 0, 0, 0, 0.25};
        Mesh mesh =
                new Mesh("petal", "#ff0000", new double[] {0, 0, 0, 10, 0, 0, 10, 0, 10}, new int[] {0, 1, 2}, colours);
        ByteBuffer written =
                ByteBuffer.wrap(Gltf.write("test", List.of(mesh), List.of())).order(ByteOrder.LITTLE_ENDIAN);
        byte[] text = new byte[written.getInt(12)];
        written.position(20).get(text);
        JsonNode json = CraftJson.mapper().readTree(new String(text, StandardCharsets.UTF_8));
        int accessor = json.at("/meshes/0/primitives/0/attributes/COLOR_0").asInt(-1);
        assertEquals(json.at("/accessors/" + accessor + "/type").asString(), "VEC3");
        int view = json.at("/accessors/" + accessor + "/bufferView").asInt();
        int from = 20
                + text.length
                + 8
                + json.at("/bufferViews/" + view + "/byteOffset").asInt();
        for (int i = 0; i < colours.length; i++) {
            assertEquals(written.getFloat(from + 4 * i), colours[i], 1e-7);
        }
        assertEquals(json.at("/materials/0/doubleSided").asBoolean(), false);
    }
}
