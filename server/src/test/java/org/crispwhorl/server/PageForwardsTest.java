package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Every room that the page knows opens by its address, too: reloaded, kept as a bookmark, sent to somebody. */
public class PageForwardsTest extends ServerTest {
    private static final Pattern ROUTE = Pattern.compile("path: '(/[^'(]*)'");

    @Test
    public void everyRoomOpensByItsAddress() throws IOException {
        List<String> paths = ROUTE.matcher(Files.readString(Path.of("../web/src/router.ts")))
                .results()
                .map((MatchResult found) -> found.group(1))
                .filter(path -> !path.endsWith("/:rest"))
                .toList();
        assertTrue(paths.size() > 15, paths.toString());
        for (String path : paths) {
            String address = path.replace("/:sheet?", "/cuts")
                    .replaceAll(":\\w+", UUID.randomUUID().toString());
            assertEquals(api.get(address).status(), 200, address);
        }
    }
}
