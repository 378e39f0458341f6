package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** What is done while nobody asks for anything: a copy each day, and the database's file made small again. */
@Component
@EnableScheduling
class Housekeeping {
    private static final Logger LOG = LoggerFactory.getLogger(Housekeeping.class);

    /** A copy is due when the newest is older than this. */
    private static final Duration DAY = Duration.ofHours(22);

    /** So many writes after a spell of changes. */
    private static final int WRITES = 4;

    private final JdbcTemplate database;
    private final Path folder;
    private final DiskRoom room;
    private final Archive copies;
    private final ArchiveFile archives;
    private final PictureFiles pictures;
    private final Clock clock;
    private long savesThen = -1;
    private int writesLeft;

    Housekeeping(
            DataSource database,
            @Value("${crispwhorl.data}") Path folder,
            DiskRoom room,
            Archive copies,
            ArchiveFile archives,
            PictureFiles pictures,
            Clock clock) {
        this.clock = clock;
        this.copies = copies;
        this.archives = archives;
        this.pictures = pictures;
        this.database = new JdbcTemplate(database);
        this.folder = folder;
        this.room = room;
    }

    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT1H")
    void copyOfTheDay() {
        try {
            if (room.enough() && due(new StudioCopies(folder.toAbsolutePath(), clock).all())) {
                copies.makeDaily();
                archives.daily();
                pictures.letGo(
                        Set.copyOf(database.queryForList("select id from bench_picture", UUID.class)), clock.instant());
            }
        } catch (IOException | RuntimeException e) {
            LOG.warn("No copy was made today: {}", e.getMessage());
        }
    }

    private boolean due(List<Path> all) throws IOException {
        Optional<Path> newest = all.stream()
                .filter(p -> StudioCopies.sortOf(p).equals(StudioCopies.Sort.DAILY.word()))
                .findFirst();
        return newest.isEmpty()
                || Files.getLastModifiedTime(newest.get())
                        .toInstant()
                        .isBefore(clock.instant().minus(DAY));
    }

    /**
     * The store gives the room of old versions back only as it writes new ones, so after a spell of changes it is made to write
     * some times more.
     */
    @Scheduled(initialDelayString = "PT10S", fixedDelayString = "PT10S")
    void tidy() {
        try {
            long saves = SavesSeen.in(folder);
            writesLeft = saves != savesThen ? WRITES : writesLeft - 1;
            savesThen = saves;
            if (writesLeft > 0 && room.enough()) {
                database.execute("select next value for saves");
            }
        } catch (IOException | RuntimeException e) {
            LOG.debug("tidying", e);
        }
    }
}
