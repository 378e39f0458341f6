package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.file.Path;
import org.flywaydb.core.Flyway;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The tables that this program makes, and how those of older ones are lifted to them. */
final class Schema {
    private Schema() {}

    /** Their version. */
    static int version() throws IOException {
        int newest = 0;
        for (Resource r : new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*__*.sql")) {
            newest = Math.max(newest, Integer.parseInt(r.getFilename().replaceAll("^V(\\d+)__.*", "$1")));
        }
        return newest;
    }

    /** Makes them in a folder's database, or lifts those that are there. */
    static void lift(Path folder) {
        Flyway.configure()
                .dataSource("jdbc:h2:file:" + folder.resolve(DatabaseCheck.NAME), DatabaseCheck.USER, "")
                .load()
                .migrate();
    }
}
