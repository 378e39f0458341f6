package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManagerFactory;
import org.crispwhorl.benchmarks.RunningApplication;

/** Guesses at the passphrase from many addresses, and many at once: few are heard, and the maker comes in at her machine all the same. */
final class LockOut {
    private static final String WORDS = "seven herons on the weir";
    private static final int GUESSES = 120;
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private final int port;
    private final SSLContext trusted;

    private LockOut(int port, SSLContext trusted) {
        this.port = port;
        this.trusted = trusted;
    }

    static List<String> run(Path app) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-lockout");
        int port;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        try (RunningApplication application = RunningApplication.overTls(app, data, port, "--crispwhorl.lan=true")) {
            return new LockOut(port, trusted(data)).drilled(application);
        } catch (GeneralSecurityException e) {
            throw new IOException(e);
        }
    }

    private static SSLContext trusted(Path data) throws IOException, GeneralSecurityException {
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
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, managers.getTrustManagers(), null);
        return context;
    }

    private List<String> drilled(RunningApplication application) throws IOException {
        List<String> told = new ArrayList<>();
        Visitor maker = new Visitor("127.0.0.1");
        maker.form("/enter/first", Map.of("passphrase", WORDS, "again", WORDS));
        Map<Integer, Integer> answers = new HashMap<>();
        for (int i = 0; i < GUESSES; i++) {
            answers.merge(new Visitor("127.0.0." + (10 + i % 40)).guess("herons " + i), 1, Integer::sum);
        }
        told.add(GUESSES + " guesses from forty addresses, answers " + answers);
        Map<Integer, Integer> atOnce = new HashMap<>();
        Visitor one = new Visitor("127.0.0.99");
        IntStream.range(0, 16)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> {
                    try {
                        return one.guess("at once " + i);
                    } catch (IOException e) {
                        return 0;
                    }
                }))
                .toList()
                .forEach(answer -> atOnce.merge(answer.join(), 1, Integer::sum));
        told.add("16 at once from one, answers " + atOnce);
        String in = new Visitor("127.0.0.1").entered();
        told.add("the maker on the machine itself: " + in + (application.isAlive() ? "" : ", AND IT ENDED"));
        return told;
    }

    /** Somebody with an address of their own. */
    private final class Visitor {
        private final String address;
        private final Map<String, String> cookies = new HashMap<>();

        Visitor(String address) {
            this.address = address;
        }

        int guess(String said) throws IOException {
            return status(form("/enter", Map.of("username", "studio", "password", said)));
        }

        String entered() throws IOException {
            String answer = form("/enter", Map.of("username", "studio", "password", WORDS));
            return status(answer) == 302 && answer.contains("/shelf") ? "in" : "NOT in: " + status(answer);
        }

        String form(String path, Map<String, String> fields) throws IOException {
            Matcher token = TOKEN.matcher(sent("GET", "/enter", ""));
            StringBuilder body = new StringBuilder("_csrf=")
                    .append(token.find() ? URLEncoder.encode(token.group(1), StandardCharsets.UTF_8) : "");
            fields.forEach((name, value) ->
                    body.append('&').append(name).append('=').append(URLEncoder.encode(value, StandardCharsets.UTF_8)));
            return sent("POST", path, body.toString());
        }

        private synchronized String sent(String method, String path, String body) throws IOException {
            Socket plain = new Socket();
            plain.bind(new InetSocketAddress(InetAddress.getByName(address), 0));
            plain.connect(new InetSocketAddress(InetAddress.getByName("127.0.0.1"), port));
            try (SSLSocket socket =
                    (SSLSocket) trusted.getSocketFactory().createSocket(plain, "localhost", port, true)) {
                String jar = String.join(
                        "; ",
                        cookies.entrySet().stream()
                                .map(e -> e.getKey() + "=" + e.getValue())
                                .toList());
                socket.getOutputStream()
                        .write((method + " " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + port
                                        + "\r\nConnection: close\r\n"
                                        + "Content-Type: application/x-www-form-urlencoded\r\nContent-Length: "
                                        + body.length() + "\r\nCookie: " + jar + "\r\n\r\n" + body)
                                .getBytes(StandardCharsets.US_ASCII));
                String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                Matcher cookie =
                        Pattern.compile("(?im)^set-cookie: ([^=]+)=([^;\r\n]*)").matcher(answer);
                while (cookie.find()) {
                    cookies.put(cookie.group(1), cookie.group(2));
                }
                return answer;
            }
        }

        private int status(String answer) {
            return answer.length() > 12 ? Integer.parseInt(answer.substring(9, 12)) : 0;
        }
    }
}
