package org.crispwhorl.server.security;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.crispwhorl.server.studio.StudioRefusal;

/**
 * The certificate by which a tablet knows the studio: one that was given, or one made at first use, signed by itself.
 *
 * @param file keys and certificate, PKCS #12
 * @param fingerprint SHA-256, in pairs
 * @param until when it ends
 * @param names and addresses that it is for
 */
record Certificate(Path file, String password, String fingerprint, Instant until, Set<String> names) {
    private static final String FILE = "certificate.p12";
    private static final String PASSWORD = "certificate.password";
    private static final String ALIAS = "crisp-whorl";

    /** Browsers take none that holds for longer. */
    private static final int DAYS = 825;

    private static final int PASSWORD_BYTES = 24;
    private static final long MAKING_S = 60;

    /** So long before it ends one that was made is made anew, and one that was given is told of. */
    static final Duration SOON = Duration.ofDays(30);

    /**
     * The one that was made in a folder, or a new one where there is none, it ends soon, or the machine has another address by now.
     *
     * @param names and addresses that it is for
     */
    static Certificate in(Path folder, List<String> names, List<String> addresses, Instant now) {
        try {
            Files.createDirectories(folder);
            Path file = folder.resolve(FILE);
            Path secret = folder.resolve(PASSWORD);
            if (Files.exists(file) && Files.exists(secret)) {
                Certificate kept = of(file, Files.readString(secret));
                if (kept.staysUntil(now.plus(SOON)) && kept.names().containsAll(addresses)) {
                    return kept;
                }
            }
            byte[] random = new byte[PASSWORD_BYTES];
            new SecureRandom().nextBytes(random);
            String password = HexFormat.of().formatHex(random);
            Path fresh = folder.resolve(FILE + ".new");
            Files.deleteIfExists(fresh);
            make(fresh, password, names, addresses);
            Files.writeString(secret, password);
            Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
            return of(file, password);
        } catch (IOException e) {
            throw new StudioRefusal("No certificate can be kept beside the data (" + e.getMessage() + ").");
        }
    }

    boolean staysUntil(Instant moment) {
        return until.isAfter(moment);
    }

    /** One that was given. */
    static Certificate of(Path file, String password) {
        try (InputStream in = Files.newInputStream(file)) {
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(in, password.toCharArray());
            X509Certificate own =
                    (X509Certificate) store.getCertificate(store.aliases().nextElement());
            byte[] encoded = own.getEncoded();
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(encoded);
            Set<String> names = new LinkedHashSet<>();
            if (own.getSubjectAlternativeNames() != null) {
                own.getSubjectAlternativeNames().forEach(name -> names.add(String.valueOf(name.get(1))));
            }
            return new Certificate(
                    file,
                    password,
                    HexFormat.ofDelimiter(":").formatHex(digest).toUpperCase(Locale.ROOT),
                    own.getNotAfter().toInstant(),
                    names);
        } catch (IOException | GeneralSecurityException | ClassCastException e) {
            throw new StudioRefusal("The certificate " + file + " cannot be read (" + e.getMessage()
                    + "): give a PKCS #12 file and its password.");
        }
    }

    /** Made by the JDK's own tool. */
    private static void make(Path file, String password, List<String> names, List<String> addresses)
            throws IOException {
        String tool = Path.of(System.getProperty("java.home"), "bin", "keytool").toString();
        String san = String.join(
                ",",
                java.util.stream.Stream.concat(
                                names.stream().map(n -> "dns:" + n),
                                addresses.stream().map(a -> "ip:" + a))
                        .toList());
        ProcessBuilder making = new ProcessBuilder(
                        tool,
                        "-genkeypair",
                        "-alias",
                        ALIAS,
                        "-keyalg",
                        "EC",
                        "-groupname",
                        "secp256r1",
                        "-dname",
                        "CN=Crisp Whorl",
                        "-validity",
                        String.valueOf(DAYS),
                        "-ext",
                        "san=" + san,
                        "-ext",
                        "eku=serverAuth",
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        file.toString(),
                        "-storepass:env",
                        "CRISP_WHORL_STORE")
                .redirectErrorStream(true);
        making.environment().put("CRISP_WHORL_STORE", password);
        Process made = making.start();
        try {
            String said = new String(made.getInputStream().readAllBytes());
            if (!made.waitFor(MAKING_S, TimeUnit.SECONDS) || made.exitValue() != 0) {
                made.destroy();
                throw new IOException("keytool says: " + said.strip());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted", e);
        }
    }
}
