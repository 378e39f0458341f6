package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.crispwhorl.benchmarks.RunningApplication;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Requests made at random from the description of the interface: right, nearly right, and wrong in every way. */
final class Fuzz {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int DEEPEST = 7;
    private static final double SLOW_MS = 1000;

    private final Random random = new Random(9);
    private final JsonNode description;
    private final Caller caller;
    private final List<String> ids = new ArrayList<>();

    private Fuzz(Caller caller) throws IOException, InterruptedException {
        this.caller = caller;
        description = caller.get("/api/openapi").json();
        for (String list : new String[] {"/api/species", "/api/orders", "/api/drawer"}) {
            caller.get(list).json().forEach(one -> ids.add(one.get("id").asString()));
        }
    }

    static String run(Path app, int requests) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-fuzz");
        try (RunningApplication application = new RunningApplication(app, data, "demo")) {
            return new Fuzz(new Caller(application.client, application.base)).run(application, requests);
        }
    }

    private record Operation(String path, String method, JsonNode described) {}

    private String run(RunningApplication application, int requests) throws IOException, InterruptedException {
        List<Operation> operations = new ArrayList<>();
        description.get("paths").properties().forEach(p -> p.getValue()
                .properties()
                .forEach(m -> operations.add(new Operation(p.getKey(), m.getKey(), m.getValue()))));
        Map<Integer, Integer> statuses = new TreeMap<>();
        Map<String, String> failures = new TreeMap<>();
        Map<String, Double> slow = new TreeMap<>();
        long memory = 0;
        for (int i = 0; i < requests; i++) {
            if (i == requests / 2) {
                memory = residentMb(application.pid());
            }
            Operation operation = operations.get(random.nextInt(operations.size()));
            Caller.Answer answer;
            try {
                answer = caller.send(request(operation));
            } catch (HttpTimeoutException e) {
                answer = new Caller.Answer(599, "no answer within a minute", "", 60_000);
            }
            if (answer.millis() > SLOW_MS) {
                slow.merge(operation.method() + " " + operation.path(), answer.millis(), Math::max);
            }
            statuses.merge(answer.status() / 100, 1, Integer::sum);
            if (answer.status() >= 500) {
                failures.putIfAbsent(operation.method() + " " + operation.path(), answer.body());
            }
        }
        failures.forEach((where, what) -> System.out.println("  " + where + ": " + what));
        return String.format(
                java.util.Locale.ROOT,
                "%d requests, answers by hundreds %s, over a second %s, resident %d MB at half, %d MB at the end",
                requests,
                statuses,
                slow,
                memory,
                residentMb(application.pid()));
    }

    static long residentMb(long pid) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + pid + "/status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElse(0);
    }

    private HttpRequest.Builder request(Operation operation) {
        String path = operation.path();
        while (path.contains("{")) {
            path = path.replaceFirst("\\{[^}]*}", part());
        }
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : operation.described().path("parameters")) {
            if (parameter.path("in").asString("").equals("query") && random.nextBoolean()) {
                query.append(query.isEmpty() ? '?' : '&')
                        .append(parameter.get("name").asString())
                        .append('=')
                        .append(part());
            }
        }
        HttpRequest.Builder request = caller.json(path + query);
        if (random.nextInt(3) > 0) {
            request.header("If-Match", random.nextBoolean() ? "\"" + random.nextInt(3) + "\"" : "x");
        }
        JsonNode content = operation.described().path("requestBody").path("content");
        if (content.isMissingNode()) {
            return request.method(
                    operation.method().toUpperCase(java.util.Locale.ROOT), HttpRequest.BodyPublishers.noBody());
        }
        String type = content.propertyNames().iterator().next();
        byte[] body = body(content.get(type).path("schema"));
        request.setHeader("content-type", random.nextInt(20) == 0 ? "multipart/form-data; boundary=x" : type);
        return request.method(
                operation.method().toUpperCase(java.util.Locale.ROOT), HttpRequest.BodyPublishers.ofByteArray(body));
    }

    private String part() {
        return switch (random.nextInt(8)) {
            case 0 -> "x";
            case 1 -> "%ff";
            case 2 -> "0";
            case 3 -> "-1e9";
            case 4 -> "bud";
            default -> ids.get(random.nextInt(ids.size()));
        };
    }

    private byte[] body(JsonNode schema) {
        return switch (random.nextInt(14)) {
            case 0 -> "null".getBytes(StandardCharsets.UTF_8);
            case 1 -> "[".repeat(500 + random.nextInt(3000)).getBytes(StandardCharsets.UTF_8);
            case 2 -> new byte[] {'{', '"', (byte) 0xff, (byte) 0xfe, '"', ':', '1', '}'};
            case 3 -> ("[" + "0,".repeat(random.nextInt(50_000)) + "0]").getBytes(StandardCharsets.UTF_8);
            default -> value(schema, 0).toString().getBytes(StandardCharsets.UTF_8);
        };
    }

    private JsonNode value(JsonNode schema, int depth) {
        if (random.nextInt(60) == 0 || depth > DEEPEST) {
            return wrong();
        }
        if (schema.has("$ref")) {
            return value(description.at(schema.get("$ref").asString().substring(1)), depth);
        }
        if (schema.has("oneOf")) {
            return value(
                    schema.get("oneOf").get(random.nextInt(schema.get("oneOf").size())), depth);
        }
        if (schema.has("const")) {
            return schema.get("const");
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        }
        JsonNode type = schema.path("type");
        return switch (type.isArray() ? type.get(0).asString() : type.asString("object")) {
            case "object" -> object(schema, depth);
            case "array" -> array(schema, depth);
            case "string" -> text(schema);
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "integer" -> NODES.numberNode(Math.round(number(schema)));
            default -> NODES.numberNode(number(schema));
        };
    }

    private JsonNode wrong() {
        return switch (random.nextInt(7)) {
            case 0 -> NODES.nullNode();
            case 1 -> NODES.stringNode("3");
            case 2 -> NODES.numberNode(3.9);
            case 3 -> NODES.numberNode(1e300);
            case 4 -> NODES.arrayNode().addNull();
            case 5 -> NODES.objectNode();
            default -> NODES.stringNode("\u0000\u202e");
        };
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode made = NODES.objectNode();
        schema.path("properties").properties().forEach(e -> {
            if (random.nextInt(25) > 0) {
                made.set(e.getKey(), value(e.getValue(), depth + 1));
            }
        });
        return made;
    }

    private JsonNode array(JsonNode schema, int depth) {
        ArrayNode made = NODES.arrayNode();
        int size = random.nextInt(4);
        for (int i = 0; i < size; i++) {
            made.add(value(schema.path("items"), depth + 1));
        }
        return made;
    }

    private JsonNode text(JsonNode schema) {
        String pattern = schema.path("pattern").asString("");
        String format = schema.path("format").asString("");
        return NODES.stringNode(
                pattern.startsWith("^#")
                        ? "#a0b0c0"
                        : format.equals("uuid")
                                ? ids.get(random.nextInt(ids.size()))
                                : format.equals("date-time-local") ? "2030-05-30T10:00" : "part-" + random.nextInt(4));
    }

    private double number(JsonNode schema) {
        double min = schema.path("minimum").asDouble(0);
        double max = schema.path("maximum").asDouble(100);
        return switch (random.nextInt(4)) {
            case 0 -> min;
            case 1 -> max;
            case 2 -> schema.path("default").asDouble(min);
            default -> min + (max - min) * random.nextDouble();
        };
    }
}
