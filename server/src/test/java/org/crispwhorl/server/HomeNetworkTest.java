package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The studio on the home network: over TLS, its certificate trusted for its names, nothing without the passphrase. */
public class HomeNetworkTest {
    private static final String WORDS = "seven herons on the weir";

    private ConfigurableApplicationContext studio;
    private Path data;
    private String base;
    private SSLContext trusted;
    private final CookieManager cookies = new CookieManager();
    private HttpClient maker;

    @BeforeClass
    public void open() throws IOException, GeneralSecurityException {
        data = Files.createTempDirectory("crispwhorl-test");
        studio = RunningStudio.start(data, "--crispwhorl.lan=true");
        base = "https://127.0.0.1:" + RunningStudio.port(studio);
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(data.resolve("lan/certificate.p12"))) {
            store.load(
                    in,
                    Files.readString(data.resolve("lan/certificate.password")).toCharArray());
        }
        KeyStore trust = KeyStore.getInstance("PKCS12");
        trust.load(null, null);
        trust.setCertificateEntry("studio", store.getCertificate("crisp-whorl"));
        TrustManagerFactory managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        managers.init(trust);
        trusted = SSLContext.getInstance("TLS");
        trusted.init(null, managers.getTrustManagers(), null);
        maker = HttpClient.newBuilder()
                .sslContext(trusted)
                .cookieHandler(cookies)
                .build();
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        studio.close();
    }

    private HttpResponse<String> get(HttpClient by, String path) throws IOException, InterruptedException {
        return by.send(HttpRequest.newBuilder(URI.create(base + path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> form(HttpClient by, String path, String... fields)
            throws IOException, InterruptedException {
        StringBuilder body = new StringBuilder();
        for (int i = 0; i < fields.length; i += 2) {
            body.append(i == 0 ? "" : "&")
                    .append(fields[i])
                    .append('=')
                    .append(URLEncoder.encode(fields[i + 1], StandardCharsets.UTF_8));
        }
        return by.send(
                HttpRequest.newBuilder(URI.create(base + path))
                        .header("content-type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(body.toString()))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static String token(HttpResponse<String> page) {
        Matcher found = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(page.body());
        assertTrue(found.find(), page.body());
        return found.group(1);
    }

    @Test(dependsOnMethods = "thereIsNoSecondKey")
    public void aFirstPassphraseIsChosenHereAndOpensTheStudio() throws IOException, InterruptedException {
        HttpResponse<String> first = get(maker, "/enter");
        assertTrue(first.body().contains("Choose the passphrase"), first.body());
        HttpResponse<String> tooShort =
                form(maker, "/enter/first", "_csrf", token(first), "passphrase", "short", "again", "short");
        assertTrue(tooShort.body().contains("12 to 72"), tooShort.body());
        HttpResponse<String> unlike =
                form(maker, "/enter/first", "_csrf", token(first), "passphrase", WORDS, "again", WORDS + "!");
        assertTrue(unlike.body().contains("not alike"), unlike.body());
        assertEquals(
                form(maker, "/enter/first", "_csrf", token(first), "passphrase", WORDS, "again", WORDS)
                        .statusCode(),
                302);
        String kept = Files.readString(data.resolve("lan/passphrase"));
        assertTrue(kept.startsWith("$2") && !kept.contains(WORDS), "a slow hash alone");
        assertEquals(
                form(maker, "/enter", "_csrf", token(get(maker, "/enter")), "username", "studio", "password", WORDS)
                        .statusCode(),
                302);
        HttpCookie session = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("crisp-whorl"))
                .findFirst()
                .orElseThrow();
        assertTrue(session.isHttpOnly() && session.getSecure());
        assertEquals(get(maker, "/api/orders").statusCode(), 200);
        assertEquals(get(maker, "/shelf").statusCode(), 200);
        assertTrue(get(maker, "/api/tablet").body().contains("\"fingerprint\""));
        assertEquals(get(maker, "/api/standins/scale").statusCode(), 404, "no stand-ins on the home network");
    }

    @Test(dependsOnMethods = "aFirstPassphraseIsChosenHereAndOpensTheStudio")
    public void withoutItNothingAnswersButTheHealthLine() throws IOException, InterruptedException {
        HttpClient guest = HttpClient.newBuilder().sslContext(trusted).build();
        for (String path : new String[] {
            "/api/orders",
            "/api/species",
            "/api/tablet",
            "/api/openapi",
            "/api/choices/room",
            "/api/copies",
            "/api/formats/room.schema.json"
        }) {
            assertEquals(get(guest, path).statusCode(), 401, path);
        }
        for (String path : new String[] {"/", "/shelf", "/index.html", "/assets/index.js", "/orders/1/bench"}) {
            HttpResponse<String> answer = get(guest, path);
            assertEquals(answer.statusCode(), 302, path);
            assertTrue(answer.headers().firstValue("location").orElse("").endsWith("/enter"), path);
        }
        assertEquals(get(guest, "/actuator/health").statusCode(), 200);
        HttpResponse<String> missed = form(
                guest,
                "/enter",
                "_csrf",
                token(get(guest, "/enter")),
                "username",
                "studio",
                "password",
                "eight herons");
        assertFalse(missed.headers().firstValue("location").orElse("").endsWith("/shelf"));
    }

    @Test(dependsOnMethods = "aFirstPassphraseIsChosenHereAndOpensTheStudio")
    public void aChangeWantsTheTokenAndAForeignPageDrivesNothing() throws IOException, InterruptedException {
        HttpRequest.Builder change = HttpRequest.newBuilder(URI.create(base + "/api/choices/room"))
                .header("content-type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(
                        "{\"temperatureC\":21,\"humidityPct\":48,\"air\":{\"kind\":\"still\"}}"));
        assertEquals(
                maker.send(change.copy().build(), HttpResponse.BodyHandlers.ofString())
                        .statusCode(),
                403);
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
        HttpRequest.Builder meant = change.copy().header("X-XSRF-TOKEN", token);
        assertEquals(
                maker.send(meant.copy().build(), HttpResponse.BodyHandlers.ofString())
                        .statusCode(),
                200);
        assertEquals(
                maker.send(
                                meant.copy()
                                        .header("Origin", "https://elsewhere.example")
                                        .build(),
                                HttpResponse.BodyHandlers.ofString())
                        .statusCode(),
                403);
    }

    /** Before a passphrase is chosen nothing opens the studio, whatever name or password is said, and by whichever way. */
    @Test
    public void thereIsNoSecondKey() throws IOException, InterruptedException {
        HttpClient stranger = HttpClient.newBuilder()
                .sslContext(trusted)
                .cookieHandler(new CookieManager())
                .build();
        assertTrue(studio.getBeansOfType(UserDetailsService.class).isEmpty(), "no user is set up by itself");
        assertTrue(
                studio.getBeansOfType(AuthenticationManager.class).isEmpty(),
                "but that of the locks, in their own context");
        for (String said : new String[] {"", "user", "password", "null"}) {
            form(stranger, "/enter", "_csrf", token(get(stranger, "/enter")), "username", "user", "password", said);
            assertEquals(get(stranger, "/api/orders").statusCode(), 401, said);
        }
        for (String header : new String[] {"Basic dXNlcjpwYXNzd29yZA==", "Bearer user", "Digest username=\"user\""}) {
            HttpResponse<String> answer = stranger.send(
                    HttpRequest.newBuilder(URI.create(base + "/api/orders"))
                            .header("authorization", header)
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
            assertEquals(answer.statusCode(), 401, header);
        }
        for (String path :
                new String[] {"/login", "/oauth2/authorization/any", "/saml2", "/webauthn/register", "/ott/generate"}) {
            assertEquals(get(stranger, path).statusCode(), 302, path);
        }
        Path log = data.resolve("crispwhorl.log");
        assertFalse(Files.exists(log)
                && Files.readString(log).toLowerCase(Locale.ROOT).contains("password"));
    }

    private HttpClient entered(CookieManager jar) throws IOException, InterruptedException {
        HttpClient device =
                HttpClient.newBuilder().sslContext(trusted).cookieHandler(jar).build();
        String token = token(get(device, "/enter"));
        assertEquals(
                form(device, "/enter", "_csrf", token, "username", "studio", "password", WORDS)
                        .statusCode(),
                302);
        assertEquals(get(device, "/api/orders").statusCode(), 200);
        return device;
    }

    private static HttpRequest.Builder meant(CookieManager jar, URI to) {
        String token = jar.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
        return HttpRequest.newBuilder(to)
                .header("content-type", "application/json")
                .header("X-XSRF-TOKEN", token);
    }

    /** The passphrase changed to itself, which signs every other device out. */
    private HttpResponse<String> changed() throws IOException, InterruptedException {
        return maker.send(
                meant(cookies, URI.create(base + "/api/tablet/passphrase"))
                        .PUT(HttpRequest.BodyPublishers.ofString(
                                "{\"now\":\"" + WORDS + "\",\"next\":\"" + WORDS + "\"}"))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Who is in is listed; who is signed out is out; another passphrase signs every other device out. */
    @Test(dependsOnMethods = "aChangeWantsTheTokenAndAForeignPageDrivesNothing")
    public void devicesAreListedAndSignedOut() throws IOException, InterruptedException {
        CookieManager first = new CookieManager();
        HttpClient tablet = entered(first);
        JsonNode devices = Api.JSON.readTree(get(maker, "/api/tablet").body()).get("devices");
        assertEquals(devices.size(), 2, devices.toString());
        for (JsonNode device : devices) {
            if (!device.get("own").asBoolean()) {
                URI to = URI.create(
                        base + "/api/tablet/devices/" + device.get("id").asString());
                assertEquals(
                        maker.send(meant(cookies, to).DELETE().build(), HttpResponse.BodyHandlers.ofString())
                                .statusCode(),
                        204);
            }
        }
        assertEquals(get(tablet, "/api/orders").statusCode(), 401);
        HttpClient again = entered(new CookieManager());
        assertEquals(changed().statusCode(), 204);
        assertEquals(get(again, "/api/orders").statusCode(), 401, "every other device is out");
        assertEquals(get(maker, "/api/orders").statusCode(), 200);
    }

    @Test(
            dependsOnMethods = {
                "withoutItNothingAnswersButTheHealthLine",
                "devicesAreListedAndSignedOut",
                "aChangeWantsTheTokenAndAForeignPageDrivesNothing"
            })
    public void triesAreSlowedDown() throws IOException, InterruptedException {
        HttpClient guesser = HttpClient.newBuilder()
                .sslContext(trusted)
                .cookieHandler(new CookieManager())
                .build();
        String token = token(get(guesser, "/enter"));
        HttpResponse<String> last = null;
        for (int i = 0; i < 8; i++) {
            last = form(guesser, "/enter", "_csrf", token, "username", "studio", "password", "herons " + i);
        }
        assertEquals(last.statusCode(), 429);
        assertTrue(Integer.parseInt(last.headers().firstValue("retry-after").orElse("0")) >= 1);
        assertTrue(last.body().contains("Too many tries"));
        HttpResponse<String> other = changed();
        assertEquals(other.statusCode(), 429, "nor is it guessed where it is changed");
        assertTrue(other.body().contains("Too many tries"), other.body());
    }

    @Test(dependsOnMethods = "triesAreSlowedDown")
    public void theCertificateThePassphraseAndWhoCameInAreThereAfterARestart()
            throws IOException, InterruptedException {
        assertEquals(get(maker, "/api/orders").statusCode(), 200);
        byte[] before = Files.readAllBytes(data.resolve("lan/certificate.p12"));
        studio.close();
        studio = RunningStudio.start(data, "--crispwhorl.lan=true");
        base = "https://127.0.0.1:" + RunningStudio.port(studio);
        assertEquals(get(maker, "/api/orders").statusCode(), 200, "nobody has to come in anew");
        assertEquals(
                get(HttpClient.newBuilder().sslContext(trusted).build(), "/api/orders")
                        .statusCode(),
                401);
        assertEquals(Files.readAllBytes(data.resolve("lan/certificate.p12")), before);
        assertTrue(Files.exists(data.resolve("lan/passphrase")));
    }
}
