package org.crispwhorl.server.tablet;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.Ssl;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Lets the web server listen to the home network, over TLS alone. */
@Component
public class HomeServer implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** In the folder of the studio's data; not part of its copies. */
    static final String FOLDER = "lan";

    private final HomeNetwork home;
    private final Path folder;
    private final String given;
    private final String givenPassword;
    private Optional<Certificate> certificate = Optional.empty();

    HomeServer(
            HomeNetwork home,
            @Value("${crispwhorl.data}") Path data,
            @Value("${crispwhorl.certificate.file}") String given,
            @Value("${crispwhorl.certificate.password}") String givenPassword) {
        this.home = home;
        this.folder = data.resolve(FOLDER);
        this.given = given;
        this.givenPassword = givenPassword;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!home.on()) {
            return;
        }
        Certificate own = given.isEmpty()
                ? Certificate.in(folder, names(), addresses())
                : Certificate.of(Path.of(given), givenPassword);
        certificate = Optional.of(own);
        Ssl ssl = new Ssl();
        ssl.setKeyStore("file:" + own.file().toAbsolutePath());
        ssl.setKeyStorePassword(own.password());
        ssl.setKeyStoreType("PKCS12");
        ssl.setEnabledProtocols(new String[] {"TLSv1.2", "TLSv1.3"});
        factory.setSsl(ssl);
        try {
            factory.setAddress(InetAddress.getByName("0.0.0.0"));
        } catch (UnknownHostException e) {
            throw new IllegalStateException(e);
        }
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
