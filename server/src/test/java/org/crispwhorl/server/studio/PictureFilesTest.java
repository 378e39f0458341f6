package org.crispwhorl.server.studio;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Pictures as files: kept whole, let go late, and undisturbed by what else lies in their folder. */
public class PictureFilesTest {
    private Path studio;
    private PictureFiles pictures;

    @BeforeMethod
    public void fresh() throws IOException {
        studio = Files.createTempDirectory("crispwhorl-pictures");
        pictures = new PictureFiles(studio);
    }

    private UUID kept(String bytes) throws IOException {
        UUID id = UUID.randomUUID();
        pictures.keep(id, new ByteArrayInputStream(bytes.getBytes()));
        return id;
    }

    @Test
    public void whatWasKeptIsReadAndWhatNeverWasIsNotThere() throws IOException {
        UUID id = kept("petal");
        assertEquals(new String(pictures.read(id).orElseThrow()), "petal");
        assertTrue(pictures.read(UUID.randomUUID()).isEmpty());
        assertEquals(pictures.all(), List.of(id));
    }

    @Test
    public void aFileOfSomebodyElsesIsNoPictureAndStays() throws IOException {
        UUID id = kept("petal");
        Path foreign = Files.writeString(pictures.file(id).resolveSibling("holiday.jpg"), "a boat");
        assertEquals(pictures.all(), List.of(id));
        pictures.letGo(Set.of(), Instant.now().plus(Duration.ofDays(PictureFiles.KEPT_DAYS + 1)));
        assertTrue(Files.exists(foreign));
        assertTrue(pictures.read(id).isEmpty());
    }

    @Test
    public void whatNothingKnowsOfGoesAfterItsDaysAndNotBefore() throws IOException {
        UUID known = kept("known");
        UUID unknown = kept("unknown");
        Instant now = Instant.now();
        pictures.letGo(Set.of(known), now.plus(Duration.ofDays(PictureFiles.KEPT_DAYS - 1)));
        assertTrue(pictures.there(unknown));
        pictures.letGo(Set.of(known), now.plus(Duration.ofDays(PictureFiles.KEPT_DAYS + 1)));
        assertFalse(pictures.there(unknown));
        assertTrue(pictures.there(known));
    }

    @Test
    public void whatWasHalfWrittenGoes() throws IOException {
        UUID id = kept("petal");
        Path half = Files.writeString(pictures.file(id).resolveSibling(UUID.randomUUID() + ".new"), "pet");
        pictures.tidy();
        assertFalse(Files.exists(half));
        assertTrue(pictures.there(id));
    }
}
