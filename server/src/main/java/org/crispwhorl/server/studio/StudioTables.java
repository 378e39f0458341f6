package org.crispwhorl.server.studio;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** The tables in which a studio is kept. */
final class StudioTables {
    private static final String HISTORY = "flyway_schema_history";

    private StudioTables() {}

    /** A stage of opening names its full flower, which therefore comes before it. */
    static String order(String table) {
        return table.equalsIgnoreCase("species") ? " order by full_flower nulls first" : "";
    }

    /** Tables of rows, each after those that it refers to. */
    static List<String> parentsFirst(Connection of) throws SQLException {
        List<String> left = new ArrayList<>();
        try (Statement statement = of.createStatement();
                ResultSet found = statement.executeQuery(
                        "select table_name from information_schema.tables where table_schema = 'PUBLIC' order by 1")) {
            while (found.next()) {
                if (!found.getString(1).equals(HISTORY)) {
                    left.add(found.getString(1));
                }
            }
        }
        List<String> sorted = new ArrayList<>();
        while (!left.isEmpty()) {
            int before = sorted.size();
            for (String table : List.copyOf(left)) {
                if (sorted.containsAll(parents(of, table))) {
                    sorted.add(table);
                    left.remove(table);
                }
            }
            if (sorted.size() == before) {
                throw new IllegalStateException("tables that refer to each other: " + left);
            }
        }
        return sorted;
    }

    private static List<String> parents(Connection of, String table) throws SQLException {
        List<String> parents = new ArrayList<>();
        try (ResultSet keys = of.getMetaData().getImportedKeys(null, "PUBLIC", table)) {
            while (keys.next()) {
                String parent = keys.getString("PKTABLE_NAME");
                if (!parent.equals(table)) {
                    parents.add(parent);
                }
            }
        }
        return parents;
    }
}
