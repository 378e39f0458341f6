package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is sent, the answer says in plain words what is wrong with it, and nothing is changed. */
public class RefusalTest extends ServerTest {
    private static final String NO_ID = "00000000-0000-0000-0000-000000000000";

    private static String order(String name, String handOver, String flowers) {
        return "{\"name\":" + name + ",\"note\":\"\",\"handOver\":" + handOver
                + ",\"spareTimeH\":12,\"tierMm\":100,\"lines\":[{\"id\":\"a\",\"speciesId\":\"" + NO_ID
                + "\",\"flowers\":" + flowers
                + "}]}";
    }

    @DataProvider
    public Object[][] nonsense() {
        String day = "\"2030-05-30T10:00\"";
        return new Object[][] {
            {"PUT", "/api/orders/" + NO_ID, "{\"name\":\"a\"}", "/spareTimeH"},
            {"PUT", "/api/drawer/" + NO_ID, "{\"kind\":\"cake-pick\",\"name\":\"a\"}", "/count"},
            {"PUT", "/api/choices/pace", "null", ""},
            {"PUT", "/api/choices/tariff", "[1]", ""},
            {"PUT", "/api/choices/room", "\"warm\"", ""},
            {"POST", "/api/orders", order("\"a\"", day, "3.9"), "/lines/0/flowers"},
            {"POST", "/api/orders", order("\"a\"", day, "\"3\""), "/lines/0/flowers"},
            {"POST", "/api/orders", order("\"a\"", "\"2030-05-30T10:00Z\"", "3"), "/handOver"},
            {"POST", "/api/orders", order("\"a\"", "\"+999999999-05-30T10:00\"", "3"), "/handOver"},
            {"POST", "/api/orders", order("\" \\u200b \"", day, "3"), "/name"},
            {"POST", "/api/orders", order("\"a\\u0007\"", day, "3"), "/name"},
            {"POST", "/api/orders", order("\"a\\u202eb\"", day, "3"), "/name"},
            {"POST", "/api/orders", "{\"lines\":[null]}", "/lines"},
            {"POST", "/api/study/write", "{}", "/rings"},
            {"POST", "/api/drawer/purchases", "{\"speciesIds\":[null]}", "/speciesIds"},
            {"POST", "/api/drawer/purchases", "{\"speciesIds\":\"\"}", "/speciesIds"},
            {"POST", "/api/species/begun", "{\"name\":\"\\u200b\"}", "/name"},
            {"POST", "/api/round/clearing", "{}", "/species"},
            {"POST", "/api/drawer/tools", "{}", "/species"},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsRefusedByItsPlace(String method, String path, String body, String place) {
        Api.Answer answer = api.send(api.written(path)
                .header("If-Match", "\"0\"")
                .method(method, HttpRequest.BodyPublishers.ofString(body)));
        assertEquals(answer.status(), 422, answer.body());
        assertTrue(answer.json().at("/faults/0/pointer").asString().startsWith(place), answer.body());
        plain(answer);
    }

    private static void plain(Api.Answer answer) {
        assertTrue(answer.type().startsWith("application/problem+json"), answer.type());
        assertFalse(
                answer.body().matches("(?s).*(java\\.|jackson|Exception|springframework|deserializ).*"), answer.body());
        assertEquals(answer.json().get("status").asInt(), answer.status());
    }

    @Test
    public void numbersWithLettersAreNone() {
        String species = api.get("/api/species").json().get(0).get("id").asString();
        String part = "/api/species/" + species + "/parts/ring/cutter.stl?bladeMm=";
        for (String number : new String[] {"30d", "0x1p4", "NaN"}) {
            Api.Answer answer = api.get(part + number);
            assertTrue(answer.status() == 404 || answer.status() == 422, number + " gave " + answer.status());
        }
        Api.Answer table = api.worked(api.send(api.written("/api/drawer/csv")
                .setHeader("content-type", "text/csv")
                .POST(HttpRequest.BodyPublishers.ofString(
                        "kind,name,count,widthMm,metres\r\ntape-roll,t,1,12d,0x1p4\r\n"))));
        assertFalse(table.body().contains("\"takenIn\":1"), table.body());
    }

    @Test
    public void anotherFormThanJsonIsRefused() {
        plain(api.send(api.written("/api/orders")
                .setHeader("content-type", "multipart/form-data; boundary=x")
                .POST(HttpRequest.BodyPublishers.ofString("--x\r\n\r\n{}\r\n--x--"))));
        plain(api.send(api.written("/api/orders")
                .setHeader("content-type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofByteArray(new byte[] {'a', '=', '%', 'f', 'f', (byte) 0xff}))));
        plain(api.get("/error"));
        plain(api.get("/api/orders/%ff"));
    }

    @Test
    public void whatNeverReachesARoomIsToldAsAProblemToo() throws IOException {
        try (Socket line = new Socket("127.0.0.1", api.port())) {
            OutputStream out = line.getOutputStream();
            out.write("GET /api/%zz HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n"
                    .getBytes(StandardCharsets.US_ASCII));
            String answer = new String(line.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertTrue(answer.startsWith("HTTP/1.1 400"), answer);
            assertTrue(answer.contains("application/problem+json"), answer);
        }
    }

    @Test
    public void moreThanIsTakenInIsRefused() {
        Api.Answer answer = api.post("/api/species", "[" + "1,".repeat(5 << 20) + "1]");
        assertEquals(answer.status(), 413, answer.body());
        plain(answer);
        String rows = "kind,name,count\r\n" + "pick,p,1\r\n".repeat(20_001);
        Api.Answer table = api.worked(api.send(api.written("/api/drawer/csv")
                .setHeader("content-type", "text/csv")
                .POST(HttpRequest.BodyPublishers.ofString(rows))));
        assertEquals(table.status(), 422);
        assertTrue(table.body().contains("20000 rows"), table.body());
    }

    @Test
    public void aPageOfAnotherSiteIsRefusedWhateverItsOrigin() {
        for (String site : new String[] {"cross-site", "same-site"}) {
            Api.Answer answer = api.send(api.written("/api/choices/room")
                    .header("Sec-Fetch-Site", site)
                    .GET());
            assertEquals(answer.status(), 403);
            plain(answer);
        }
        assertEquals(
                api.send(api.written("/api/choices/room")
                                .header("Sec-Fetch-Site", "same-origin")
                                .GET())
                        .status(),
                200);
    }

    @Test
    public void aPetalLargerThanAnyCutterIsReckonedAndKept() {
        for (double[] size : new double[][] {{240, 120, 1.1, 0.4}, {120, 240, 1.1, 0.4}, {120, 60, 12, 0.15}}) {
            ObjectNode document = Api.demo("lockside-hellebore");
            ObjectNode pieces = (ObjectNode) document.at("/parts").values().stream()
                    .filter(p -> p.at("/pieces/making/thinning").isObject())
                    .findFirst()
                    .orElseThrow()
                    .get("pieces");
            ((ObjectNode) pieces.get("outline")).put("lengthMm", size[0]).put("widthMm", size[1]);
            ((ObjectNode) pieces.at("/making/thinning"))
                    .put("rolledMm", size[2])
                    .put("finishedMm", size[3]);
            Api.Answer kept = api.post("/api/species", document);
            assertEquals(kept.status(), 201, kept.body());
            assertTrue(kept.json().has("drawn"), kept.body());
        }
    }
}
