package org.crispwhorl.server;

import java.io.PrintStream;
import org.crispwhorl.server.security.HomeServer;
import org.crispwhorl.server.studio.StudioOpening;
import org.crispwhorl.server.studio.StudioRefusal;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the application, and says in a sentence where it is or why it is not. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class CrispWhorl {
    public static void main(String[] args) {
        PrintStream told = System.out;
        try {
            ConfigurableApplicationContext running = application().run(args);
            String address = running.getEnvironment().getProperty("server.address");
            int port = ((WebServerApplicationContext) running).getWebServer().getPort();
            HomeServer home = running.getBean(HomeServer.class);
            told.println(
                    "Crisp Whorl is at " + (home.fingerprint().isPresent() ? "https://" : "http://") + address + ":"
                            + port + "   (data in " + running.getEnvironment().getProperty("crispwhorl.data")
                            + "; stop it with Ctrl-C)");
            home.fingerprint()
                    .ifPresent(fingerprint -> told.println("On the home network: " + String.join(" ", home.links(port))
                            + "\nIts certificate, SHA-256: " + fingerprint));
        } catch (SpringApplication.AbandonedRunException e) {
            throw e;
        } catch (RuntimeException e) {
            System.err.println(sentence(e, args));
            System.exit(1);
        }
    }

    /** The application with its studio opened and guarded. */
    public static SpringApplicationBuilder application() {
        return new SpringApplicationBuilder(CrispWhorl.class).listeners(new StudioOpening());
    }

    private static String sentence(Throwable failure, String[] args) {
        for (Throwable e = failure; e != null; e = e.getCause()) {
            if (e instanceof StudioRefusal) {
                return e.getMessage();
            }
            if (e instanceof PortInUseException port) {
                return "Port " + port.getPort() + " is taken: stop what runs there, or choose another with --port N.";
            }
        }
        return "Crisp Whorl could not start: " + failure.getMessage() + ". The log beside the data says more.";
    }
}
