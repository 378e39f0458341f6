package org.crispwhorl.server.studio;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.Random;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A studio's folder is opened by one program, and only where its data is whole. */
public class StudioFolderTest {
    private static final StudioFolder.Wanted OWN = new StudioFolder.Wanted(false, false);
    private static final StudioFolder.Wanted DEMO = new StudioFolder.Wanted(true, false);
    private static final StudioFolder.Wanted FRESH = new StudioFolder.Wanted(true, true);

    private Path folder;

    @BeforeMethod
    public void folder() throws IOException {
        folder = Files.createTempDirectory("crispwhorl-studio");
    }

    @AfterMethod
    public void clear() throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path one : all.sorted(java.util.Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        }
    }

    private void open(StudioFolder.Wanted wanted) {
        try (StudioFolder studio = StudioFolder.locked(folder)) {
            studio.open(wanted);
        }
    }

    private void execute(String... statements) throws SQLException {
        try (Connection database =
                        DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("crispwhorl"), "sa", "");
                Statement statement = database.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
    }

    /** A database as the application leaves it, with so many species and saves. */
    private void inUse(int species) throws SQLException, IOException {
        Files.deleteIfExists(folder.resolve(DatabaseCheck.FILE));
        execute(
                "create table \"flyway_schema_history\" (\"version\" varchar, \"success\" boolean)",
                "insert into \"flyway_schema_history\" values ('" + Schema.version() + "', true)",
                "create table species (id int primary key, document clob)",
                "create sequence saves start with 1 no cache");
        more(species);
    }

    private void more(int species) throws SQLException, IOException {
        execute(
                "insert into species select x + (select count(*) from species), repeat(random_uuid(), 400) from system_range(1, "
                        + species + ")",
                "select next value for saves",
                "checkpoint sync");
        SavesSeen.note(folder, DatabaseCheck.of(folder).saves());
    }

    private String refused(StudioFolder.Wanted wanted) {
        return expectThrows(StudioRefusal.class, () -> open(wanted)).getMessage();
    }

    @Test
    public void anEmptyFolderBecomesAStudioThatOnlyItsMakerReads() throws IOException {
        open(OWN);
        assertFalse(StudioMark.in(folder).orElseThrow().demo());
        assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)), "rwx------");
    }

    @Test
    public void aSecondProgramIsTurnedAway() {
        try (StudioFolder first = StudioFolder.locked(folder)) {
            first.open(OWN);
            assertTrue(refused(OWN).contains("open in another"));
        }
        open(OWN);
    }

    @Test
    public void aDatabaseThatAnOlderProgramHoldsIsNotTouched() throws Exception {
        inUse(3);
        try (Connection held = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("crispwhorl"), "sa", "")) {
            assertFalse(held.isClosed());
            assertTrue(refused(FRESH).contains("open in another"));
        }
    }

    @Test
    public void aFreshDemoMovesTheOldOneAside() throws Exception {
        open(DEMO);
        inUse(5);
        open(FRESH);
        assertEquals(DatabaseCheck.of(folder).species(), 0);
        try (Stream<Path> aside = Files.list(folder.resolve("aside"))) {
            assertEquals(DatabaseCheck.of(aside.findFirst().orElseThrow()).species(), 5);
        }
    }

    @Test
    public void aStudioOfOnesOwnIsNeverADemoBegunAnew() throws Exception {
        open(OWN);
        inUse(5);
        assertTrue(refused(FRESH).contains("your own"));
        assertTrue(refused(DEMO).contains("your own"));
        assertEquals(DatabaseCheck.of(folder).species(), 5);
    }

    @Test
    public void aStudioThatDoesNotSayWhatItIsIsNotBegunAnew() throws Exception {
        inUse(5);
        assertTrue(refused(FRESH).contains("does not say"));
        assertEquals(DatabaseCheck.of(folder).species(), 5);
    }

    @Test
    public void anEmptiedFileIsToldWithItsNewestGoodCopy() throws Exception {
        open(OWN);
        inUse(5);
        new StudioCopies(folder, StudioClock.OF_THIS_MACHINE).ofClosed(StudioCopies.Sort.DAILY);
        Files.write(folder.resolve(DatabaseCheck.FILE), new byte[0]);
        String told = refused(OWN);
        assertTrue(told.contains("damaged") && told.contains("-daily.zip"), told);
        Files.delete(folder.resolve(DatabaseCheck.FILE));
        assertTrue(refused(OWN).contains("is gone"));
    }

    @Test
    public void aNewerProgramsDataIsLeftAsItIs() throws Exception {
        open(OWN);
        inUse(5);
        execute("update \"flyway_schema_history\" set \"version\" = '" + (Schema.version() + 1) + "'");
        assertTrue(refused(OWN).contains("newer Crisp Whorl"));
    }

    @Test
    public void anOlderProgramsDataIsCopiedBeforeItIsLifted() throws Exception {
        open(OWN);
        Files.delete(folder.resolve(DatabaseCheck.FILE));
        Flyway.configure()
                .dataSource("jdbc:h2:file:" + folder.resolve("crispwhorl"), "sa", "")
                .target("13")
                .load()
                .migrate();
        execute("insert into room_reading values ('2029-07-01 10:20:00', 20, 50)");
        open(OWN);
        assertEquals(new StudioCopies(folder, StudioClock.OF_THIS_MACHINE).all().size(), 1);
        assertEquals(DatabaseCheck.of(folder).schema(), Schema.version());
        try (Connection lifted = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("crispwhorl"), "sa", "");
                ResultSet reading = lifted.createStatement().executeQuery("select taken_at from room_reading")) {
            assertTrue(reading.next());
            assertEquals(
                    reading.getObject(1, OffsetDateTime.class).toInstant(),
                    LocalDateTime.of(2029, 7, 1, 10, 20)
                            .atZone(ZoneId.systemDefault())
                            .toInstant());
        }
    }

    /** Wherever garbage falls, either nothing was hit or it is told: what was acknowledged is never missing in silence. */
    @Test
    public void garbageIsToldOrHarmless() throws Exception {
        open(OWN);
        inUse(40);
        for (int i = 0; i < 6; i++) {
            more(20);
        }
        byte[] whole = Files.readAllBytes(folder.resolve(DatabaseCheck.FILE));
        long species = DatabaseCheck.of(folder).species();
        Random random = new Random(7);
        int told = 0;
        for (int round = 0; round < 40; round++) {
            byte[] garbage = new byte[8192];
            random.nextBytes(garbage);
            Files.write(folder.resolve(DatabaseCheck.FILE), whole);
            try (RandomAccessFile file =
                    new RandomAccessFile(folder.resolve(DatabaseCheck.FILE).toFile(), "rw")) {
                file.seek(random.nextInt(whole.length - garbage.length));
                file.write(garbage);
            }
            try {
                open(OWN);
                assertEquals(DatabaseCheck.of(folder).species(), species, "round " + round);
            } catch (StudioRefusal e) {
                told++;
            }
        }
        assertTrue(told > 0, "garbage was noticed now and then");
    }

    @Test
    public void aCopyIsPutBackAndWhatWasThereIsKept() throws Exception {
        open(OWN);
        inUse(5);
        StudioCopies copies = new StudioCopies(folder, StudioClock.OF_THIS_MACHINE);
        String copy = copies.ofClosed(StudioCopies.Sort.DAILY).getFileName().toString();
        more(4);
        Path aside = copies.restore(copy).orElseThrow();
        assertEquals(DatabaseCheck.of(folder).species(), 5);
        assertEquals(DatabaseCheck.of(aside).species(), 9);
        open(OWN);
    }

    @Test
    public void aCopyThatIsDamagedOrNewerOrNotThereChangesNothing() throws Exception {
        open(OWN);
        inUse(5);
        StudioCopies copies = new StudioCopies(folder, StudioClock.OF_THIS_MACHINE);
        execute("update \"flyway_schema_history\" set \"version\" = '99'");
        Path newer = copies.ofClosed(StudioCopies.Sort.DAILY);
        execute("update \"flyway_schema_history\" set \"version\" = '" + Schema.version() + "'");
        Path damaged = copies.made(
                StudioCopies.Sort.BEFORE_LIFT, zip -> Files.write(zip, new byte[] {'P', 'K', 3, 4, 0, 0, 0, 0, 0, 0}));
        for (String name : new String[] {
            newer.getFileName().toString(), damaged.getFileName().toString(), "none"
        }) {
            expectThrows(StudioRefusal.class, () -> copies.restore(name));
            assertEquals(DatabaseCheck.of(folder).species(), 5);
        }
    }

    @Test
    public void olderCopiesMakeRoom() throws Exception {
        open(OWN);
        StudioCopies copies = new StudioCopies(folder, StudioClock.OF_THIS_MACHINE);
        Files.createDirectories(folder.resolve("copies"));
        for (int day = 10; day < 30; day++) {
            Files.writeString(folder.resolve("copies/2020-01-" + day + "T10-00-00-daily.zip"), "");
        }
        for (int day = 10; day < 30; day++) {
            Files.writeString(folder.resolve("copies/2020-01-" + day + "T10-00-00-by-hand.zip"), "");
        }
        copies.made(StudioCopies.Sort.DAILY, zip -> Files.write(zip, new byte[40]));
        assertEquals(copies.all().size(), 14 + 20, "those that were made by hand stay");
        assertTrue(copies.all().get(1).toString().contains("2020-01-29"));
    }

    /** A copy that runs out of room is none. */
    @Test
    public void aCopyThatCannotBeWrittenLeavesNothingBehind() throws Exception {
        open(OWN);
        StudioCopies copies = new StudioCopies(folder, StudioClock.OF_THIS_MACHINE);
        StudioRefusal told = expectThrows(
                StudioRefusal.class,
                () -> copies.made(StudioCopies.Sort.BY_HAND, zip -> {
                    Files.write(zip, new byte[1000]);
                    throw new FileSystemException(zip.toString(), null, "No space left on device");
                }));
        assertTrue(told.getMessage().contains("no room") && !told.getMessage().contains(folder.toString()));
        try (Stream<Path> left = Files.list(folder.resolve("copies"))) {
            assertEquals(left.count(), 0);
        }
    }

    /** What a program that was ended from outside left half made or half read goes at the next start. */
    @Test
    public void whatWasLeftHalfMadeGoesAtTheNextStart() throws Exception {
        open(OWN);
        Files.createDirectories(folder.resolve("copies/reading123"));
        Files.writeString(folder.resolve("copies/reading123/crispwhorl.mv.db"), "half");
        Files.createDirectories(folder.resolve("copies/restoring9"));
        Files.writeString(folder.resolve("copies/2030-01-01T10-00-00-daily.making"), "half");
        Files.writeString(folder.resolve("incoming-1.zip"), "half");
        Files.createDirectories(folder.resolve("archives"));
        Files.writeString(folder.resolve("archives/a.zip.making"), "half");
        Files.createDirectories(folder.resolve("pictures"));
        Files.writeString(folder.resolve("pictures/a.new"), "half");
        open(OWN);
        for (String name : new String[] {"copies", "archives", "pictures"}) {
            try (Stream<Path> left = Files.list(folder.resolve(name))) {
                assertEquals(left.count(), 0, name);
            }
        }
        assertFalse(Files.exists(folder.resolve("incoming-1.zip")));
    }

    /** A database that writes a file as soon as its rows are read, as a stranger would make it. */
    private Path hostile(Path written) throws Exception {
        Path elsewhere = Files.createTempDirectory("crispwhorl-hostile");
        try (Connection database =
                        DriverManager.getConnection("jdbc:h2:file:" + elsewhere.resolve("crispwhorl"), "sa", "");
                Statement statement = database.createStatement()) {
            statement.execute("create alias run as 'String run() throws Exception { java.nio.file.Files.writeString("
                    + "java.nio.file.Path.of(\"" + written + "\"), \"run\"); return \"\"; }'");
            statement.execute("create table species (id int primary key, document clob)");
            statement.execute("create view notes as select run() as note");
        }
        return elsewhere.resolve("crispwhorl.mv.db");
    }

    @Test
    public void aCopyFromElsewhereIsNotEvenOpened() throws Exception {
        open(OWN);
        inUse(5);
        Path written = folder.resolve("written-by-a-stranger");
        StudioCopies copies = new StudioCopies(folder, StudioClock.OF_THIS_MACHINE);
        String copy = Sealing.laid(folder, hostile(written), false);
        assertEquals(copies.check(copies.named(copy)).state(), DatabaseCheck.State.STRANGE);
        StudioRefusal told = expectThrows(StudioRefusal.class, () -> copies.restore(copy));
        assertTrue(told.getMessage().contains("not made by this studio")
                && told.getMessage().contains("archive"));
        assertTrue(copies.newestGood().isEmpty());
        assertFalse(Files.exists(written), "nothing of it ran");
        assertEquals(DatabaseCheck.of(folder).species(), 5);
    }

    /** Even where somebody has the key, or puts the file in the place of the studio's: what runs code is found before a row is read. */
    @Test
    public void aDatabaseThatRunsCodeIsNotRead() throws Exception {
        open(OWN);
        Path written = folder.resolve("written-by-a-stranger");
        Path hostile = hostile(written);
        StudioCopies copies = new StudioCopies(folder, StudioClock.OF_THIS_MACHINE);
        String copy = Sealing.laid(folder, hostile, true);
        expectThrows(StudioRefusal.class, () -> copies.restore(copy));
        Files.copy(hostile, folder.resolve(DatabaseCheck.FILE), StandardCopyOption.REPLACE_EXISTING);
        assertTrue(refused(OWN).contains("never writes"));
        assertFalse(Files.exists(written), "nothing of it ran");
    }

    /** Copies that were there before copies were sealed are the studio's own; what comes into a folder that was no studio is not. */
    @Test
    public void copiesOfAnOlderVersionAreSealedOnce() throws Exception {
        open(OWN);
        inUse(5);
        String before = Sealing.laid(folder, folder.resolve(DatabaseCheck.FILE), false);
        Files.delete(folder.resolve("copies.key"));
        open(OWN);
        StudioCopies copies = new StudioCopies(folder, StudioClock.OF_THIS_MACHINE);
        assertEquals(copies.check(copies.named(before)).state(), DatabaseCheck.State.SOUND);
        byte[] changed = Files.readAllBytes(copies.named(before));
        changed[changed.length / 2] ^= 1;
        Files.write(copies.named(before), changed);
        assertEquals(copies.check(copies.named(before)).state(), DatabaseCheck.State.STRANGE);
        Path nowhere = Files.createTempDirectory("crispwhorl-nowhere");
        Sealing.laid(nowhere, folder.resolve(DatabaseCheck.FILE), false);
        StudioCopies none = new StudioCopies(nowhere, StudioClock.OF_THIS_MACHINE);
        none.prepare(false);
        assertTrue(none.newestGood().isEmpty());
    }
}
