package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/**
 * What a database file holds, read to its last row before anything is written to it.
 *
 * @param state in a word
 * @param schema version of its tables; 0 where there are none
 * @param saves acknowledged changes that it knows of
 * @param species how many it holds
 */
record DatabaseCheck(State state, int schema, long saves, long species) {
    /** The database's file in a studio's folder, without its ending. */
    static final String NAME = "crispwhorl";

    static final String FILE = NAME + ".mv.db";
    static final String USER = "sa";

    /** How a database file is; strange where this program never wrote what it holds. */
    enum State {
        ABSENT,
        SOUND,
        DAMAGED,
        STRANGE
    }

    static final DatabaseCheck DAMAGED = new DatabaseCheck(State.DAMAGED, 0, 0, 0);
    static final DatabaseCheck STRANGE = new DatabaseCheck(State.STRANGE, 0, 0, 0);
    private static final DatabaseCheck ABSENT = new DatabaseCheck(State.ABSENT, 0, 0, 0);

    /** What runs code of its own, or reaches out of the database, as soon as it is read: Crisp Whorl makes none of it. */
    private static final String STRANGERS = "select (select count(*) from information_schema.routines)"
            + " + (select count(*) from information_schema.triggers)"
            + " + (select count(*) from information_schema.tables where table_schema = 'PUBLIC' and table_type <> 'BASE TABLE')"
            + " + (select count(*) from information_schema.tables where storage_type = 'TABLE LINK')"
            + " + (select count(*) from information_schema.synonyms)";

    static {
        // No class is loaded because a database file names it.
        System.setProperty("h2.allowedClasses", "org.h2.*");
    }

    /** Reads every row of every table, once it is known that nothing else is in it. */
    static DatabaseCheck of(Path folder) throws IOException {
        Path file = folder.resolve(FILE);
        if (!Files.exists(file)) {
            return ABSENT;
        }
        if (Files.size(file) == 0) {
            return DAMAGED;
        }
        String url = "jdbc:h2:file:" + folder.resolve(NAME).toAbsolutePath() + ";IFEXISTS=TRUE;ACCESS_MODE_DATA=r";
        try (Connection connection = DriverManager.getConnection(url, USER, "");
                Statement statement = connection.createStatement()) {
            if (number(statement, STRANGERS) > 0) {
                return STRANGE;
            }
            List<String> tables = tables(statement);
            for (String table : tables) {
                readThrough(statement, table);
            }
            return new DatabaseCheck(
                    State.SOUND,
                    tables.contains("flyway_schema_history") ? schema(statement) : 0,
                    saves(statement),
                    tables.contains("SPECIES") ? number(statement, "select count(*) from species") : 0);
        } catch (SQLException | RuntimeException e) {
            return DAMAGED;
        }
    }

    private static List<String> tables(Statement statement) throws SQLException {
        List<String> names = new ArrayList<>();
        try (ResultSet r = statement.executeQuery(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC' order by 1")) {
            while (r.next()) {
                names.add(r.getString(1));
            }
        }
        return names;
    }

    private static void readThrough(Statement statement, String table) throws SQLException {
        try (ResultSet r = statement.executeQuery("select * from \"" + table + "\"")) {
            int columns = r.getMetaData().getColumnCount();
            while (r.next()) {
                for (int i = 1; i <= columns; i++) {
                    r.getString(i);
                }
            }
        }
    }

    private static int schema(Statement statement) throws SQLException {
        return (int)
                number(
                        statement,
                        "select coalesce(max(cast(\"version\" as integer)), 0) from \"flyway_schema_history\" where \"success\"");
    }

    private static long saves(Statement statement) throws SQLException {
        return number(
                statement,
                "select coalesce(max(base_value), 0) from information_schema.sequences where sequence_name = 'SAVES'");
    }

    private static long number(Statement statement, String query) throws SQLException {
        try (ResultSet r = statement.executeQuery(query)) {
            r.next();
            return r.getLong(1);
        }
    }
}
