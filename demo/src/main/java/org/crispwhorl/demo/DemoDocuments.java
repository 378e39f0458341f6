package org.crispwhorl.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** The species documents of the demo. */
public final class DemoDocuments {
    private static final List<String> NAMES = List.of(
            "blue-lock-poppy",
            "bridge-passion-flower",
            "cottage-lisianthus",
            "hedge-thistle",
            "lock-wedding-stephanotis",
            "lockside-hellebore",
            "market-rosette",
            "meadow-scabious",
            "paddle-peony-bud",
            "step-viola",
            "towpath-camellia",
            "towpath-daffodil",
            "weir-delphinium",
            "winding-hole-water-lily",
            "towpath-ox-eye",
            "lock-bellflower",
            "wharf-pearl-blossom",
            "cottage-rosebud",
            "wharf-ruffle",
            "towline-pea");

    private DemoDocuments() {}

    /** Their texts, as JSON. */
    public static List<String> texts() {
        List<String> all = new ArrayList<>();
        for (String name : NAMES) {
            try (InputStream in = DemoDocuments.class.getResourceAsStream("/demo/" + name + ".json")) {
                all.add(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return all;
    }
}
