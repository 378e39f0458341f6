package org.crispwhorl.server.security;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.testng.annotations.Test;

/** A certificate is kept as long as it serves, and made anew before it does not. */
public class CertificateTest {
    private static final List<String> NAMES = List.of("localhost", "cottage");
    private static final List<String> HERE = List.of("127.0.0.1", "192.168.7.20");

    @Test
    public void itIsMadeAnewBeforeItEndsAndForAnotherAddress() throws IOException {
        Path folder = Files.createTempDirectory("crispwhorl-certificate");
        Instant now = Instant.now();
        Certificate first = Certificate.in(folder, NAMES, HERE, now);
        assertTrue(
                first.names().containsAll(HERE) && first.names().containsAll(NAMES),
                first.names().toString());
        assertTrue(first.staysUntil(now.plus(Duration.ofDays(800))));
        assertEquals(Certificate.in(folder, NAMES, HERE, now.plus(Duration.ofDays(700))), first);
        assertEquals(Certificate.in(folder, NAMES, List.of("127.0.0.1"), now), first, "one address less");
        Certificate moved = Certificate.in(folder, NAMES, List.of("127.0.0.1", "192.168.7.31"), now);
        assertNotEquals(moved.fingerprint(), first.fingerprint());
        Certificate ended =
                Certificate.in(folder, NAMES, List.of("127.0.0.1", "192.168.7.31"), now.plus(Duration.ofDays(810)));
        assertNotEquals(ended.fingerprint(), moved.fingerprint());
        assertEquals(Certificate.of(folder.resolve("certificate.p12"), ended.password()), ended);
    }
}
