package org.crispwhorl.server.studio;

import java.sql.Clob;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The rows of a table as JSON, one by one. */
final class RowStream {
    private RowStream() {}

    /** Whether the rows of a question come one by one, or all of them are laid ready first. */
    static void oneByOne(Connection connection, boolean so) throws SQLException {
        try (Statement set = connection.createStatement()) {
            set.execute("set lazy_query_execution " + (so ? 1 : 0));
        }
    }

    /** The present row. */
    static ObjectNode row(ResultSet rows, JsonMapper json) throws SQLException {
        ObjectNode row = json.createObjectNode();
        for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
            row.set(rows.getMetaData().getColumnName(i).toLowerCase(Locale.ROOT), value(rows, i, json));
        }
        return row;
    }

    /** Numbers and truths as they are, documents as documents, everything else as text. */
    private static JsonNode value(ResultSet rows, int column, JsonMapper json) throws SQLException {
        Object value = rows.getObject(column);
        if (value == null || value instanceof Number || value instanceof Boolean) {
            return json.valueToTree(value);
        }
        String text = value instanceof Clob clob ? clob.getSubString(1, (int) clob.length()) : rows.getString(column);
        if (text.startsWith("{")) {
            try {
                return json.readTree(text);
            } catch (JacksonException e) {
                // A text that only looks like a document.
            }
        }
        return json.valueToTree(text);
    }

    /** The columns of a table, in upper case. */
    static Set<String> columns(Connection of, String table) throws SQLException {
        Set<String> columns = new HashSet<>();
        try (ResultSet found = of.getMetaData().getColumns(null, "PUBLIC", table, null)) {
            while (found.next()) {
                columns.add(found.getString("COLUMN_NAME"));
            }
        }
        return columns;
    }

    /**
     * Puts a row into a table.
     *
     * @param columns those of the table
     * @param over whether it takes the place of one that is there
     * @throws StudioRefusal where it has a column that the table has not
     */
    static void insert(Connection to, String table, Set<String> columns, JsonNode row, boolean over)
            throws SQLException {
        List<String> names = new ArrayList<>(row.propertyNames());
        for (String name : names) {
            if (!columns.contains(name.toUpperCase(Locale.ROOT))) {
                throw new StudioRefusal("There is no " + (name.length() > 40 ? "such column" : "'" + name + "'")
                        + " in " + table.toLowerCase(Locale.ROOT) + ": the archive was changed. "
                        + OpenArchive.NOTHING_IMPORTED);
            }
        }
        String into = (over ? "merge" : "insert") + " into \"" + table + "\" ("
                + String.join(
                        ", ",
                        names.stream()
                                .map(n -> "\"" + n.toUpperCase(Locale.ROOT) + "\"")
                                .toList())
                + ") values (" + String.join(", ", Collections.nCopies(names.size(), "?")) + ")";
        try (PreparedStatement write = to.prepareStatement(into)) {
            for (int i = 0; i < names.size(); i++) {
                JsonNode value = row.get(names.get(i));
                if (value.isNull()) {
                    write.setObject(i + 1, null);
                } else if (value.isBoolean()) {
                    write.setBoolean(i + 1, value.asBoolean());
                } else {
                    write.setString(i + 1, value.isString() || value.isNumber() ? value.asString() : value.toString());
                }
            }
            write.executeUpdate();
        }
    }
}
