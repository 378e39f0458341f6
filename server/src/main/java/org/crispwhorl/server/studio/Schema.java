package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The tables that this program makes, and how those of older ones are lifted to them. */
final class Schema {
    private static final Map<String, String> OLD_COLUMNS = Map.of("margin_h", "spare_time_h", "aside", "archived");

    private Schema() {}

    /** Their version. */
    static int version() throws IOException {
        int newest = 0;
        for (Resource r : new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*__*.sql")) {
            newest = Math.max(newest, Integer.parseInt(r.getFilename().replaceAll("^V(\\d+)__.*", "$1")));
        }
        return newest;
    }

    /** A row of an archive by today's names; older versions called some columns otherwise, and the choice of techniques. */
    static JsonNode named(String table, JsonNode row) {
        ObjectNode named = (ObjectNode) row;
        OLD_COLUMNS.forEach((old, now) -> {
            if (named.has(old)) {
                named.set(now, named.remove(old));
            }
        });
        if (table.equals("CHOICE") && named.path("name").asString("").equals("ways")) {
            named.put("name", "techniques");
        }
        if (table.equals("FLOWER_ORDER_LINE") && !named.has("line_id")) {
            named.put("line_id", named.path("place").asString());
        }
        return named;
    }

    /** Makes them in a folder's database, or lifts those that are there. */
    static void lift(Path folder) {
        Flyway.configure()
                .dataSource("jdbc:h2:file:" + folder.resolve(DatabaseCheck.NAME), DatabaseCheck.USER, "")
                .load()
                .migrate();
    }
}
