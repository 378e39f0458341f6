package org.crispwhorl.server.standins;

import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.crispwhorl.server.scale.LineReader;
import org.crispwhorl.server.scale.ScaleLine;
import org.crispwhorl.server.scale.ScaleLink;
import org.crispwhorl.server.security.HomeNetwork;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * A scale that is not there: it listens where a real one would be connected, and weighs what it is told lies on it. Its pan
 * swings before it comes to rest, its readings are noisy, and its zero drifts slowly, as those of cheap scales do.
 */
@Component
public class ScaleStandIn implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(ScaleStandIn.class);
    private static final int EVERY_MS = 100;

    /** Standard deviation of one reading, g. */
    private static final double NOISE_G = 0.01;

    /** The zero walks by this much on the mean in one reading, g. */
    private static final double DRIFT_G = 0.0004;

    /** Share of the way to rest that the pan makes in one reading. */
    private static final double SETTLES = 0.45;

    private static final double AT_REST_G = 0.04;

    private final ScaleLink link;
    private final HomeNetwork home;
    private final Random random = new Random();
    private volatile boolean running;
    private volatile boolean plugged = true;
    private double loadG;
    private double shownG;
    private double tareG;
    private double driftG;
    private ServerSocket server;
    private volatile Socket line;

    ScaleStandIn(ScaleLink link, HomeNetwork home) {
        this.home = home;
        this.link = link;
    }

    /** Lays something on the pan; below nothing is a pan that was taken off. */
    public synchronized void load(double grams) {
        loadG = grams;
    }

    public synchronized double load() {
        return loadG;
    }

    /** Pulls its cable out, or puts it in again. */
    public void plug(boolean in) {
        plugged = in;
        if (!in) {
            close(line);
        }
    }

    public boolean plugged() {
        return plugged;
    }

    @Override
    public void start() {
        if (!link.wantsStandIn() || home.on()) {
            return;
        }
        try {
            server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            LOG.warn("The simulated scale is not there: {}", e.getMessage());
            return;
        }
        link.connectTo(server.getInetAddress().getHostAddress() + ":" + server.getLocalPort());
        running = true;
        Thread serving = new Thread(this::serve, "scale-stand-in");
        serving.setDaemon(true);
        serving.start();
    }

    @Override
    public void stop() {
        running = false;
        close(line);
        close(server);
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return 0;
    }

    private void serve() {
        while (running) {
            try (Socket one = server.accept()) {
                if (plugged) {
                    line = one;
                    Thread asked = new Thread(() -> answer(one), "scale-stand-in-asked");
                    asked.setDaemon(true);
                    asked.start();
                    weigh(one);
                }
            } catch (IOException e) {
                LOG.debug("scale stand-in", e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    private void weigh(Socket to) throws IOException, InterruptedException {
        Writer out = new OutputStreamWriter(to.getOutputStream(), StandardCharsets.US_ASCII);
        while (running && plugged) {
            String says = ScaleLine.of(next());
            synchronized (to) {
                out.write(says + "\n");
                out.flush();
            }
            Thread.sleep(EVERY_MS);
        }
    }

    private synchronized ScaleLine.Weight next() {
        shownG += SETTLES * (loadG - shownG);
        driftG += DRIFT_G * random.nextGaussian();
        double grams = shownG + driftG - tareG + NOISE_G * random.nextGaussian();
        return new ScaleLine.Weight(Math.round(100 * grams) / 100.0, Math.abs(loadG - shownG) < AT_REST_G);
    }

    private void answer(Socket from) {
        try {
            LineReader in = new LineReader(from.getInputStream());
            for (String asked = in.next(); asked != null; asked = in.next()) {
                String says = asked.equals(ScaleLine.TARE) ? tare() : ScaleLine.REFUSED + "it does not know that";
                synchronized (from) {
                    from.getOutputStream().write((says + "\n").getBytes(StandardCharsets.US_ASCII));
                }
            }
        } catch (IOException e) {
            LOG.debug("scale stand-in", e);
        }
    }

    private synchronized String tare() {
        if (shownG < -AT_REST_G) {
            return ScaleLine.REFUSED + "there is less than nothing on it, the pan is off";
        }
        if (Math.abs(loadG - shownG) >= AT_REST_G) {
            return ScaleLine.REFUSED + "it is not at rest";
        }
        tareG = shownG + driftG;
        return ScaleLine.TARED;
    }

    private static void close(java.io.Closeable open) {
        try {
            if (open != null) {
                open.close();
            }
        } catch (IOException e) {
            LOG.debug("scale stand-in", e);
        }
    }
}
