package org.crispwhorl.server.scale;

import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Service;

/**
 * The line to a scale. It is kept open as long as the application runs; where it breaks it is opened anew, and what was weighed
 * last is kept.
 */
@Service
public class ScaleLink implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(ScaleLink.class);
    private static final int PATIENCE_MS = 1500;
    private static final int AGAIN_MS = 500;
    private static final int ANSWER_S = 2;

    private volatile String address;
    private final BlockingQueue<String> answers = new ArrayBlockingQueue<>(1);
    private volatile boolean running;
    private volatile Reading now = Reading.silent(Optional.empty(), "it has not said anything yet");
    private Thread listener;
    private Socket socket;

    ScaleLink(@Value("${crispwhorl.scale.address}") String address) {
        this.address = address;
    }

    /** Whether a real scale is named; a stand-in is wanted where none is. */
    public boolean wantsStandIn() {
        return address.isEmpty();
    }

    /** Connects to another place than the one that the settings name. */
    public void connectTo(String hostAndPort) {
        address = hostAndPort;
    }

    /**
     * What the scale says.
     *
     * @param there whether it is heard of
     * @param grams what it weighs now
     * @param steady whether it has come to rest
     * @param lastSteadyG what it weighed when it was last at rest, kept when it goes silent
     * @param trouble why it is not heard of, where that is known
     */
    public record Reading(
            boolean there,
            Optional<Double> grams,
            boolean steady,
            Optional<Double> lastSteadyG,
            Optional<String> trouble) {
        /** A scale that is not heard of. */
        static Reading silent(Optional<Double> lastSteadyG, String trouble) {
            return new Reading(false, Optional.empty(), false, lastSteadyG, Optional.of(trouble));
        }
    }

    public Reading now() {
        return now;
    }

    /**
     * Takes what lies on it as nothing.
     *
     * @throws ScaleRefusal where it does not, or does not answer
     */
    public synchronized void tare() {
        Socket line = socket;
        if (line == null || !now.there()) {
            throw new ScaleRefusal(
                    "The scale is not there", "See that it is switched on and its cable is in, or type the weight.");
        }
        try {
            answers.clear();
            Writer out = new OutputStreamWriter(line.getOutputStream(), StandardCharsets.US_ASCII);
            out.write(ScaleLine.TARE + "\n");
            out.flush();
            String answer = answers.poll(ANSWER_S, TimeUnit.SECONDS);
            if (answer == null) {
                throw new ScaleRefusal("The scale does not answer", "Try once more, or type the weight.");
            }
            if (answer.startsWith(ScaleLine.REFUSED)) {
                throw new ScaleRefusal(
                        "The scale does not tare: " + answer.substring(ScaleLine.REFUSED.length()),
                        "Set the empty dish on it, wait until it is at rest, then tare.");
            }
        } catch (IOException e) {
            throw new ScaleRefusal("The scale went silent", "See to its cable, or type the weight.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void start() {
        running = true;
        listener = new Thread(this::listen, "scale");
        listener.setDaemon(true);
        listener.start();
    }

    @Override
    public void stop() {
        running = false;
        close();
        listener.interrupt();
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** After the stand-in, which may be what it connects to. */
    @Override
    public int getPhase() {
        return 1;
    }

    private void listen() {
        while (running) {
            String trouble;
            try (Socket line = new Socket()) {
                line.connect(place(address), PATIENCE_MS);
                line.setSoTimeout(PATIENCE_MS);
                socket = line;
                LineReader in = new LineReader(line.getInputStream());
                for (String said = in.next(); said != null; said = in.next()) {
                    heard(said);
                }
                trouble = "it ended the connection";
            } catch (IOException | RuntimeException e) {
                LOG.debug("scale", e);
                trouble = e instanceof IOException && e.getMessage() != null ? e.getMessage() : "its address is wrong";
            }
            now = Reading.silent(now.lastSteadyG(), trouble);
            socket = null;
            rest();
        }
    }

    /** The place that an address names, as host:port. */
    private static InetSocketAddress place(String address) throws IOException {
        int colon = address.lastIndexOf(':');
        String port = address.substring(colon + 1);
        if (colon < 1 || !port.matches("\\d{1,5}") || Integer.parseInt(port) > 65535) {
            throw new IOException("its address '" + address + "' is not host:port");
        }
        InetSocketAddress place = new InetSocketAddress(address.substring(0, colon), Integer.parseInt(port));
        if (place.isUnresolved()) {
            throw new IOException("there is no " + address.substring(0, colon));
        }
        return place;
    }

    /** What a scale says; words that are neither a weight nor an answer are passed over. */
    private void heard(String said) {
        Optional<ScaleLine.Weight> weight = ScaleLine.weight(said);
        if (weight.isPresent()) {
            double grams = weight.get().grams();
            now = new Reading(
                    true,
                    Optional.of(grams),
                    weight.get().steady(),
                    weight.get().steady() ? Optional.of(grams) : now.lastSteadyG(),
                    Optional.empty());
        } else if (said.equals(ScaleLine.TARED) || said.startsWith(ScaleLine.REFUSED)) {
            answers.offer(said);
        }
    }

    private void rest() {
        try {
            Thread.sleep(AGAIN_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void close() {
        try {
            if (socket != null) {
                socket.close();
            }
        } catch (IOException e) {
            LOG.debug("scale", e);
        }
    }
}
