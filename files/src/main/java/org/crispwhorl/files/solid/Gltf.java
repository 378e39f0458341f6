package org.crispwhorl.files.solid;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.drawing.Mesh;
import org.crispwhorl.core.drawing.VeinLines;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.files.document.CraftJson;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Meshes, and the veins on them as lines, as binary glTF 2.0: metres, y up, one node for each of a part, named by it. */
public final class Gltf {
    private static final JsonMapper MAPPER = CraftJson.mapper();
    private static final int MAGIC = 0x46546C67;
    private static final int JSON_CHUNK = 0x4E4F534A;
    private static final int BINARY_CHUNK = 0x004E4942;
    private static final int FLOAT = 5126;
    private static final int UNSIGNED_INT = 5125;
    private static final int LINES = 1;
    private static final int VERTICES = 34962;
    private static final int INDICES = 34963;
    private static final double M_PER_MM = 0.001;

    /** Name of the material of what has a colour at each point. */
    private static final String COLOURED = "coloured";

    private static final String WHITE = "#ffffff";

    private final ObjectNode root = MAPPER.createObjectNode();
    private final ArrayNode views;
    private final ArrayNode accessors;
    private final ByteArrayOutputStream binary = new ByteArrayOutputStream();

    private Gltf() {
        root.putObject("asset").put("version", "2.0").put("generator", "Crisp Whorl");
        views = MAPPER.createArrayNode();
        accessors = MAPPER.createArrayNode();
    }

    public static byte[] write(String name, List<Mesh> meshes, List<VeinLines> veins) {
        return new Gltf().written(name, meshes, veins);
    }

    private byte[] written(String name, List<Mesh> meshes, List<VeinLines> veins) {
        root.put("scene", 0);
        ArrayNode roots = root.putArray("scenes").addObject().put("name", name).putArray("nodes");
        ArrayNode nodes = root.putArray("nodes");
        ArrayNode shapes = root.putArray("meshes");
        ArrayNode materials = root.putArray("materials");
        Map<String, Integer> byColour = new LinkedHashMap<>();
        for (int i = 0; i < meshes.size(); i++) {
            Mesh mesh = meshes.get(i);
            String looks = mesh.coloured() ? COLOURED : mesh.colour();
            int material = byColour.computeIfAbsent(looks, c -> byColour.size());
            if (material == materials.size()) {
                material(materials.addObject(), looks, mesh.coloured() ? WHITE : mesh.colour());
            }
            roots.add(i);
            nodes.addObject().put("mesh", i).put("name", mesh.partId());
            ObjectNode primitive = shapes.addObject()
                    .put("name", mesh.partId())
                    .putArray("primitives")
                    .addObject();
            ObjectNode attributes = primitive
                    .putObject("attributes")
                    .put("POSITION", vectors(mesh.points(), M_PER_MM, true))
                    .put("NORMAL", vectors(mesh.normals(), 1, false));
            if (mesh.coloured()) {
                attributes.put("COLOR_0", colours(mesh.colours()));
            }
            primitive.put("indices", indices(mesh.triangles())).put("material", material);
        }
        for (VeinLines lines : veins) {
            int at = nodes.size();
            roots.add(at);
            nodes.addObject().put("mesh", at).put("name", lines.partId());
            ObjectNode primitive = shapes.addObject()
                    .put("name", lines.partId())
                    .putArray("primitives")
                    .addObject()
                    .put("mode", LINES);
            primitive.putObject("attributes").put("POSITION", vectors(lines.points(), M_PER_MM, true));
            int material = byColour.computeIfAbsent(lines.colour(), c -> byColour.size());
            if (material == materials.size()) {
                material(materials.addObject(), lines.colour(), lines.colour());
            }
            primitive.put("material", material);
        }
        root.set("accessors", accessors);
        root.set("bufferViews", views);
        root.putArray("buffers").addObject().put("byteLength", binary.size());
        return chunks();
    }

    private static void material(ObjectNode material, String name, String colour) {
        // Where points are coloured, each side of a piece has triangles of its own.
        material.put("name", name).put("doubleSided", !name.equals(COLOURED));
        ObjectNode looks = material.putObject("pbrMetallicRoughness")
                .put("metallicFactor", 0)
                .put("roughnessFactor", 0.85);
        ArrayNode factor = looks.putArray("baseColorFactor");
        for (double reflectance : MixingLaw.linear(colour)) {
            factor.add(reflectance);
        }
        factor.add(1);
    }

    /** Vectors of the flower, z up, as vectors with y up. */
    private int vectors(double[] all, double scale, boolean bounds) {
        ByteBuffer bytes = ByteBuffer.allocate(4 * all.length).order(ByteOrder.LITTLE_ENDIAN);
        float[] least = {Float.MAX_VALUE, Float.MAX_VALUE, Float.MAX_VALUE};
        float[] most = {-Float.MAX_VALUE, -Float.MAX_VALUE, -Float.MAX_VALUE};
        for (int i = 0; i < all.length; i += 3) {
            float[] p = {(float) (scale * all[i]), (float) (scale * all[i + 2]), (float) (-scale * all[i + 1])};
            for (int k = 0; k < 3; k++) {
                bytes.putFloat(p[k]);
                least[k] = Math.min(least[k], p[k]);
                most[k] = Math.max(most[k], p[k]);
            }
        }
        ObjectNode accessor = accessor(bytes, VERTICES, FLOAT, all.length / 3, "VEC3");
        if (bounds) {
            ArrayNode min = accessor.putArray("min");
            ArrayNode max = accessor.putArray("max");
            for (int k = 0; k < 3; k++) {
                min.add(least[k]);
                max.add(most[k]);
            }
        }
        return accessors.size() - 1;
    }

    /** Colours in linear light, as they are kept. */
    private int colours(double[] all) {
        ByteBuffer bytes = ByteBuffer.allocate(4 * all.length).order(ByteOrder.LITTLE_ENDIAN);
        for (double reflectance : all) {
            bytes.putFloat((float) Math.min(1, reflectance));
        }
        accessor(bytes, VERTICES, FLOAT, all.length / 3, "VEC3");
        return accessors.size() - 1;
    }

    private int indices(int[] all) {
        ByteBuffer bytes = ByteBuffer.allocate(4 * all.length).order(ByteOrder.LITTLE_ENDIAN);
        for (int index : all) {
            bytes.putInt(index);
        }
        accessor(bytes, INDICES, UNSIGNED_INT, all.length, "SCALAR");
        return accessors.size() - 1;
    }

    private ObjectNode accessor(ByteBuffer bytes, int target, int component, int count, String type) {
        views.addObject()
                .put("buffer", 0)
                .put("byteOffset", binary.size())
                .put("byteLength", bytes.capacity())
                .put("target", target);
        binary.writeBytes(bytes.array());
        return accessors
                .addObject()
                .put("bufferView", views.size() - 1)
                .put("componentType", component)
                .put("count", count)
                .put("type", type);
    }

    private byte[] chunks() {
        byte[] json = padded(MAPPER.writeValueAsString(root).getBytes(StandardCharsets.UTF_8), (byte) ' ');
        byte[] data = padded(binary.toByteArray(), (byte) 0);
        ByteBuffer all =
                ByteBuffer.allocate(12 + 8 + json.length + 8 + data.length).order(ByteOrder.LITTLE_ENDIAN);
        all.putInt(MAGIC).putInt(2).putInt(all.capacity());
        all.putInt(json.length).putInt(JSON_CHUNK).put(json);
        all.putInt(data.length).putInt(BINARY_CHUNK).put(data);
        return all.array();
    }

    private static byte[] padded(byte[] bytes, byte with) {
        byte[] whole = java.util.Arrays.copyOf(bytes, (bytes.length + 3) / 4 * 4);
        java.util.Arrays.fill(whole, bytes.length, whole.length, with);
        return whole;
    }
}
