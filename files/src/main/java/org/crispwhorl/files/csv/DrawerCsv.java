package org.crispwhorl.files.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.files.document.BindingFault;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.files.document.CraftSchema;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.PlainNumber;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The drawer as CSV: one row a thing, one column a field, in which the first column says of which kind a thing is. Fields within
 * fields are written with a dot ({@code cut.outline.lengthMm}), lists with spaces ({@code 120 85}), measured settings as
 * {@code 1=2.4 5=1.0}. Commas, semicolons and tabs divide; with the last two a decimal comma is understood.
 */
public final class DrawerCsv {
    /** More rows than this are not a drawer. */
    public static final int MOST_ROWS = 20_000;

    private static final JsonMapper MAPPER = CraftJson.mapper();
    private static final String PREFIX = "#/$defs/";
    private static final Map<String, ObjectNode> TYPES = types();

    /** Columns that may be left empty, of any kind of thing or of one: what then stands in them goes without saying. */
    private static final Map<String, String> UNSAID = Map.ofEntries(
            Map.entry("price", "0"),
            Map.entry("lent", "0"),
            Map.entry("worn", "0"),
            Map.entry("drift", "1"),
            Map.entry("breakage-record.sort", "any"),
            Map.entry("watched.clock", "body"),
            Map.entry("ready-made.highMm", "0"),
            Map.entry("colour-pot.grams", "0"),
            Map.entry("offcutsMm", ""),
            Map.entry("cut.petals", "1"),
            Map.entry("cut.middleMm", "0"),
            Map.entry("cut.outline.lobes", "1"),
            Map.entry("cut.outline.notch", "0"),
            Map.entry("bendable", "false"),
            Map.entry("paste.gumPct", "0"),
            Map.entry("paste.rekneadShare", "0.6"));

    private DrawerCsv() {}

    private static Map<String, ObjectNode> types() {
        CraftSchema schema = new CraftSchema(PREFIX, CraftSchema.Union.ONE_OF);
        schema.ref(DrawerItem.class);
        return schema.definitions();
    }

    /**
     * What was read.
     *
     * @param good the things of all rows without a fault
     * @param faults what is wrong, row by row
     * @param faulty the faulty rows as they came, with the header: to be mended and read again
     */
    public record Reading(List<DrawerItem> good, List<RowFault> faults, String faulty) {
        public Reading {
            good = List.copyOf(good);
            faults = List.copyOf(faults);
        }
    }

    /**
     * One fault of a row.
     *
     * @param line of the file on which the row begins, from 1
     * @param column its heading
     * @param came what stands there
     * @param expected what should
     */
    public record RowFault(long line, String column, String came, String expected) {}

    /** Whoever watches is told how far it is read after so many rows. */
    private static final int TOLD_EVERY_ROWS = 200;

    /** Writes things with a column for every field that any of them has. */
    public static String write(List<DrawerItem> items) {
        List<Map<String, String>> rows = new ArrayList<>();
        Set<String> columns = new LinkedHashSet<>(List.of(CraftJson.KIND, "name"));
        for (DrawerItem item : items) {
            Map<String, String> row = new LinkedHashMap<>();
            flatten("", MAPPER.valueToTree(item), row);
            columns.addAll(row.keySet());
            rows.add(row);
        }
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(columns);
            for (Map<String, String> row : rows) {
                printer.printRecord(
                        columns.stream().map(c -> row.getOrDefault(c, "")).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static void flatten(String path, JsonNode node, Map<String, String> row) {
        if (node.isObject()) {
            node.properties()
                    .forEach(e -> flatten(path.isEmpty() ? e.getKey() : path + "." + e.getKey(), e.getValue(), row));
        } else if (node.isArray()) {
            List<String> all = new ArrayList<>();
            node.forEach(
                    n -> all.add(n.isObject() ? number(n.get("setting")) + "=" + number(n.get("thickMm")) : number(n)));
            row.put(path, String.join(" ", all));
        } else {
            row.put(path, node.isString() ? CsvText.plain(node.asString()) : number(node));
        }
    }

    private static String number(JsonNode node) {
        double value = node.isNumber() ? node.asDouble() : 0;
        return !node.isNumber()
                ? node.asString()
                : value == Math.rint(value) && Math.abs(value) < 1e15
                        ? Long.toString((long) value)
                        : Double.toString(value);
    }

    /**
     * Reads things.
     *
     * @throws DocumentFault where the file as a whole is no such table
     */
    public static Reading read(String text) {
        return read(text, Progress.UNWATCHED);
    }

    /**
     * Reads things, for somebody who watches.
     *
     * @throws Progress.Stopped where they are no longer wanted
     */
    public static Reading read(String text, Progress progress) {
        double most = Math.max(1, text.length());
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String header = plain.lines().findFirst().orElse("");
        char divider = header.indexOf(';') >= 0 ? ';' : header.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(divider)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<DrawerItem> good = new ArrayList<>();
        List<RowFault> faults = new ArrayList<>();
        StringBuilder faulty = new StringBuilder();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format);
                CSVPrinter left = new CSVPrinter(faulty, CSVFormat.RFC4180)) {
            List<String> columns =
                    parser.getHeaderNames().stream().map(String::strip).toList();
            checkHeader(columns);
            left.printRecord(columns);
            long line = 1 + parser.getCurrentLineNumber();
            for (CSVRecord record : parser) {
                if (record.getRecordNumber() > MOST_ROWS) {
                    throw DocumentFault.at("", "more than " + MOST_ROWS + " rows", "a drawer; divide the file");
                }
                List<RowFault> own = new ArrayList<>();
                row(record, columns, line, divider != ',', own).ifPresent(good::add);
                if (!own.isEmpty()) {
                    faults.addAll(own);
                    left.printRecord(record.toList());
                }
                line = 1 + parser.getCurrentLineNumber();
                if (record.getRecordNumber() % TOLD_EVERY_ROWS == 0) {
                    progress.reached(record.getCharacterPosition() / most, "reading it");
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw DocumentFault.at(
                    "", "a table that cannot be read: " + e.getMessage(), "CSV by RFC 4180, with a header");
        }
        return new Reading(good, faults, faulty.toString());
    }

    private static void checkHeader(List<String> columns) {
        if (!columns.contains(CraftJson.KIND) || !columns.contains("name")) {
            throw DocumentFault.at(
                    "",
                    "the headings " + columns,
                    "headings, among them kind and name; take the drawer out once to see all");
        }
        Set<String> known = new LinkedHashSet<>();
        CraftJson.kinds(DrawerItem.class)
                .forEach(k -> fields("", TYPES.get(k.getSimpleName()), true, new LinkedHashMap<>())
                        .forEach((c, t) -> known.add(c)));
        List<DocumentFault.Fault> strange = columns.stream()
                .filter(c -> !known.contains(c))
                .map(c -> new DocumentFault.Fault("/" + c, "a column '" + c + "'", "one of " + known))
                .toList();
        if (!strange.isEmpty()) {
            throw new DocumentFault(strange);
        }
    }

    /**
     * A column of a kind of thing.
     *
     * @param needed whether a thing must have it
     */
    private record Column(JsonNode node, boolean needed) {}

    private static Map<String, Column> fields(String path, JsonNode type, boolean needed, Map<String, Column> found) {
        Set<String> required = new LinkedHashSet<>();
        type.path("required").forEach(r -> required.add(r.asString()));
        type.get("properties").properties().forEach(e -> {
            String at = path.isEmpty() ? e.getKey() : path + "." + e.getKey();
            JsonNode node = resolved(e.getValue());
            boolean here = needed && required.contains(e.getKey());
            if (node.has("properties")) {
                fields(at, node, here, found);
            } else {
                found.put(at, new Column(node, here));
            }
        });
        return found;
    }

    private static JsonNode resolved(JsonNode node) {
        return node.has("$ref") ? TYPES.get(node.get("$ref").asString().substring(PREFIX.length())) : node;
    }

    private static Optional<DrawerItem> row(
            CSVRecord record, List<String> columns, long line, boolean commas, List<RowFault> faults) {
        if (!record.isConsistent()) {
            faults.add(new RowFault(line, "", record.size() + " cells", columns.size() + " cells, as the header has"));
            return Optional.empty();
        }
        String kind = record.get(columns.indexOf(CraftJson.KIND)).strip();
        List<String> kinds = new ArrayList<>();
        JsonNode type = null;
        for (Class<?> k : CraftJson.kinds(DrawerItem.class)) {
            String name = CraftJson.name(k.getSimpleName());
            kinds.add(name);
            type = name.equals(kind) ? TYPES.get(k.getSimpleName()) : type;
        }
        if (type == null) {
            faults.add(new RowFault(line, CraftJson.KIND, came(kind), "one of " + kinds));
            return Optional.empty();
        }
        ObjectNode item = MAPPER.createObjectNode();
        fields("", type, true, new LinkedHashMap<>()).forEach((column, field) -> {
            String cell = columns.contains(column) ? record.get(columns.indexOf(column)) : "";
            boolean text = field.node().path("type").asString("string").equals("string");
            String plain = text ? cell : cell.strip();
            Optional<String> unsaid = Optional.ofNullable(UNSAID.getOrDefault(kind + "." + column, UNSAID.get(column)));
            String said = plain.isBlank() ? unsaid.orElse("") : plain;
            if (!said.isEmpty() || unsaid.isPresent()) {
                put(item, column, field.node(), said, commas, line, faults);
            } else if (field.needed()) {
                faults.add(new RowFault(line, column, "nothing", meaning(field.node())));
            }
        });
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(MAPPER.treeToValue(item, DrawerItem.class));
        } catch (JacksonException e) {
            for (DocumentFault.Fault fault : BindingFault.of(e).faults()) {
                faults.add(new RowFault(
                        line,
                        fault.pointer().replaceFirst("^/", "").replace('/', '.'),
                        fault.came(),
                        fault.expected()));
            }
            return Optional.empty();
        }
    }

    private static String came(String cell) {
        return cell.isEmpty() ? "nothing" : "'" + cell + "'";
    }

    private static String meaning(JsonNode node) {
        return node.has("minimum")
                ? number(node.get("minimum")) + " to " + number(node.get("maximum")) + " "
                        + node.get("x-unit").asString()
                : node.has("enum") ? "one of " + node.get("enum") : "something";
    }

    private static void put(
            ObjectNode item,
            String column,
            JsonNode node,
            String cell,
            boolean commas,
            long line,
            List<RowFault> faults) {
        ObjectNode into = item;
        String[] steps = column.split("\\.");
        for (int i = 0; i + 1 < steps.length; i++) {
            into = into.withObject("/" + steps[i]);
        }
        String field = steps[steps.length - 1];
        String sort = node.has("type") ? node.get("type").asString() : "string";
        try {
            switch (sort) {
                case "integer" -> into.put(field, Math.toIntExact(PlainNumber.whole(cell)));
                case "number" -> into.put(field, parsed(cell, commas));
                case "boolean" -> into.put(field, truth(cell));
                case "array" -> list(into.putArray(field), node, cell, commas);
                default -> into.put(field, cell.startsWith("'") ? cell.substring(1) : cell);
            }
        } catch (IllegalArgumentException | ArithmeticException e) {
            faults.add(new RowFault(
                    line,
                    column,
                    came(cell),
                    sort.equals("boolean")
                            ? "true or false"
                            : sort.equals("array")
                                    ? "numbers with spaces between, settings as 1=2.4"
                                    : "a number, " + meaning(node)));
        }
    }

    private static double parsed(String cell, boolean commas) {
        return PlainNumber.decimal(commas ? cell.replace(',', '.') : cell);
    }

    private static boolean truth(String cell) {
        return switch (cell.toLowerCase(Locale.ROOT)) {
            case "true", "yes", "1" -> true;
            case "false", "no", "0" -> false;
            default -> throw new IllegalArgumentException(cell);
        };
    }

    private static void list(ArrayNode list, JsonNode node, String cell, boolean commas) {
        boolean pairs = node.get("items").has("$ref");
        for (String one : cell.isBlank() ? new String[0] : cell.trim().split("\\s+")) {
            if (pairs) {
                String[] both = one.split("=");
                if (both.length != 2) {
                    throw new IllegalArgumentException(one);
                }
                list.addObject().put("setting", parsed(both[0], commas)).put("thickMm", parsed(both[1], commas));
            } else {
                list.add(parsed(one, commas));
            }
        }
    }
}
