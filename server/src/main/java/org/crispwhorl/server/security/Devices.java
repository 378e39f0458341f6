package org.crispwhorl.server.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who is in: every device that said the passphrase, since when, and when it was last here. One that is signed out, or was not here for a
 * week, is out at its next step; kept beside the data, so that a restart signs nobody out or in.
 */
@Service
class Devices {
    /** Under which a session knows its device. */
    static final String DEVICE = "crisp-whorl.device";

    private static final String FILE = "devices.json";
    private static final Duration WEEK = Duration.ofDays(7);

    /** When a device was last here is written down this often. */
    private static final Duration WRITTEN = Duration.ofHours(1);

    private static final JsonMapper JSON = CraftJson.mapper();

    private final Path file;
    private final Clock clock;
    private final Map<UUID, Device> in = new LinkedHashMap<>();

    /**
     * A device that is in.
     *
     * @param what sort of device it says that it is
     * @param address from which it came last
     * @param since when it came in
     * @param seen when it was last here
     */
    record Device(UUID id, String what, String address, Instant since, Instant seen) {
        private Device here(String from, Instant now) {
            return new Device(id, what, from, since, now);
        }
    }

    private record Kept(List<Device> devices) {}

    Devices(@Value("${crispwhorl.data}") Path data, Clock clock) {
        this.file = data.resolve(HomeServer.FOLDER).resolve(FILE);
        this.clock = clock;
        try {
            if (Files.exists(file)) {
                JSON.readValue(Files.readString(file), Kept.class).devices().forEach(d -> in.put(d.id(), d));
            }
        } catch (IOException | JacksonException e) {
            // Who is in is no longer known: everyone says the passphrase once more.
            in.clear();
        }
    }

    /** A device has said the passphrase. */
    synchronized void enter(HttpServletRequest request) {
        UUID id = UUID.randomUUID();
        in.put(id, new Device(id, what(request), request.getRemoteAddr(), clock.instant(), clock.instant()));
        request.getSession().setAttribute(DEVICE, id.toString());
        keep();
    }

    private static String what(HttpServletRequest request) {
        String told = String.valueOf(request.getHeader("User-Agent")).toLowerCase(Locale.ROOT);
        String sort =
                told.contains("mobile") || told.contains("tablet") || told.contains("ipad") || told.contains("android")
                        ? "a tablet or a phone"
                        : "a computer";
        return HomeNetwork.fromHere(request.getRemoteAddr()) ? "this machine" : sort;
    }

    /** Whether the device of a session is still in; from then on it was last here now. */
    synchronized boolean isIn(HttpServletRequest request) {
        Optional<Device> known = own(request);
        Instant now = clock.instant();
        if (known.isEmpty()) {
            return false;
        }
        Device device = known.get();
        if (device.seen().plus(WEEK).isBefore(now)) {
            in.remove(device.id());
            keep();
            return false;
        }
        boolean write =
                device.seen().plus(WRITTEN).isBefore(now) || !device.address().equals(request.getRemoteAddr());
        if (write) {
            in.put(device.id(), device.here(request.getRemoteAddr(), now));
            keep();
        }
        return true;
    }

    private Optional<Device> own(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return Optional.ofNullable(session == null ? null : session.getAttribute(DEVICE))
                .map(id -> in.get(UUID.fromString(id.toString())));
    }

    /** The id of the device that asks. */
    synchronized Optional<UUID> asking(HttpServletRequest request) {
        return own(request).map(Device::id);
    }

    /** Those that are in, the latest first. */
    synchronized List<Device> all() {
        List<Device> all = new ArrayList<>(in.values());
        all.removeIf(d -> d.seen().plus(WEEK).isBefore(clock.instant()));
        all.sort(Comparator.comparing(Device::seen).reversed());
        return all;
    }

    /**
     * Signs a device out.
     *
     * @throws NotThere where none of that id is in
     */
    synchronized void signOut(UUID id) {
        if (in.remove(id) == null) {
            throw new NotThere("device", id);
        }
        keep();
    }

    /** Signs everyone out but one. */
    synchronized void signOutOthers(Optional<UUID> but) {
        in.keySet().removeIf(id -> !but.filter(id::equals).isPresent());
        keep();
    }

    private void keep() {
        try {
            Files.createDirectories(file.getParent());
            Path fresh = file.resolveSibling(FILE + ".new");
            Files.writeString(fresh, JSON.writeValueAsString(new Kept(List.copyOf(in.values()))));
            Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
