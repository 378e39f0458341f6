package org.crispwhorl.server.security;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ssl.SslBundle;
import org.springframework.boot.ssl.SslBundleKey;
import org.springframework.boot.ssl.SslBundleRegistry;
import org.springframework.boot.ssl.SslOptions;
import org.springframework.boot.ssl.jks.JksSslStoreBundle;
import org.springframework.boot.ssl.jks.JksSslStoreDetails;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.Ssl;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Lets the web server listen to the home network, over TLS alone. */
@Component
public class HomeServer implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** In the folder of the studio's data; not part of its copies. */
    static final String FOLDER = "lan";

    /** The name under which the web server knows it; one that is made anew takes its place while it runs. */
    private static final String BUNDLE = "studio";

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.UK);

    private final HomeNetwork home;
    private final SslBundleRegistry bundles;
    private final Clock clock;
    private final Path folder;
    private final String given;
    private final String givenPassword;
    private volatile Optional<Certificate> certificate = Optional.empty();
    private volatile Optional<Instant> madeAnew = Optional.empty();

    HomeServer(
            HomeNetwork home,
            SslBundleRegistry bundles,
            Clock clock,
            @Value("${crispwhorl.data}") Path data,
            @Value("${crispwhorl.certificate.file}") String given,
            @Value("${crispwhorl.certificate.password}") String givenPassword) {
        this.home = home;
        this.bundles = bundles;
        this.clock = clock;
        this.folder = data.resolve(FOLDER);
        this.given = given;
        this.givenPassword = givenPassword;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!home.on()) {
            return;
        }
        Certificate own = now();
        certificate = Optional.of(own);
        bundles.registerBundle(BUNDLE, bundle(own));
        factory.setSsl(Ssl.forBundle(BUNDLE));
        try {
            factory.setAddress(InetAddress.getByName("0.0.0.0"));
        } catch (UnknownHostException e) {
            throw new IllegalStateException(e);
        }
    }

    private Certificate now() {
        return given.isEmpty()
                ? Certificate.in(folder, names(), addresses(), clock.instant())
                : Certificate.of(Path.of(given), givenPassword);
    }

    private static SslBundle bundle(Certificate own) {
        JksSslStoreDetails keys =
                new JksSslStoreDetails("PKCS12", null, "file:" + own.file().toAbsolutePath(), own.password());
        return SslBundle.of(
                new JksSslStoreBundle(keys, null),
                SslBundleKey.of(own.password()),
                SslOptions.of(null, Set.of("TLSv1.2", "TLSv1.3")));
    }

    /** A certificate that ends soon, or is for an address that the machine no longer has, is made anew while it runs. */
    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT10M")
    void look() {
        if (certificate.isEmpty()) {
            return;
        }
        Certificate today = now();
        if (!today.fingerprint().equals(certificate.get().fingerprint())) {
            bundles.updateBundle(BUNDLE, bundle(today));
            certificate = Optional.of(today);
            madeAnew = Optional.of(clock.instant());
        }
    }

    /** What a maker has to know of it, in her words. */
    public List<String> notices() {
        List<String> told = new ArrayList<>();
        madeAnew.ifPresent(
                at -> told.add(
                        "A new certificate was made on " + DAY.format(at.atZone(clock.getZone()))
                                + ", since this machine has another address or the old one ended. Each tablet asks once more: compare the fingerprint."));
        certificate
                .filter(c -> !given.isEmpty() && !c.staysUntil(clock.instant().plus(Certificate.SOON)))
                .ifPresent(c -> told.add("The certificate that you gave ends on "
                        + DAY.format(c.until().atZone(clock.getZone()))
                        + ": get a new one, and start Crisp Whorl again with it."));
        return told;
    }

    private List<String> names() {
        return home.names().stream()
                .filter(name -> !home.addresses().contains(name) && !name.startsWith("[") && !name.equals("127.0.0.1"))
                .toList();
    }

    private List<String> addresses() {
        List<String> all = new ArrayList<>(home.addresses());
        all.add("127.0.0.1");
        return all;
    }

    /** By which a tablet knows that it is this studio; none where it answers to this machine alone. */
    public Optional<String> fingerprint() {
        return certificate.map(Certificate::fingerprint);
    }

    /** Where tablets reach it. */
    public List<String> links(int port) {
        return home.addresses().stream()
                .map(address -> "https://" + address + ":" + port)
                .toList();
    }
}
