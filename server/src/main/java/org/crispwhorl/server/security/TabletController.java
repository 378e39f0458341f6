package org.crispwhorl.server.security;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.TooManyTries;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How a tablet comes to the bench. */
@RestController
@RequestMapping("/api/tablet")
public class TabletController {
    private final HomeNetwork home;
    private final HomeServer server;
    private final Passphrase passphrase;

    private final Devices devices;
    private final Throttle tries;

    TabletController(HomeNetwork home, HomeServer server, Passphrase passphrase, Devices devices, Throttle tries) {
        this.devices = devices;
        this.tries = tries;
        this.home = home;
        this.server = server;
        this.passphrase = passphrase;
    }

    /**
     * Whether and how the studio is reached from the home network.
     *
     * @param on whether it answers there
     * @param links its addresses there
     * @param fingerprint of its certificate, SHA-256; none where it answers to this machine alone
     * @param notices what has to be known of the certificate, in the maker's words
     * @param devices that are in, the latest first
     */
    public record TabletView(
            boolean on,
            List<String> links,
            Optional<String> fingerprint,
            List<String> notices,
            List<DeviceView> devices) {}

    /**
     * A device that is in.
     *
     * @param what sort of device it says that it is
     * @param address from which it came last
     * @param since when it came in
     * @param seen when it was last here, to the hour
     * @param own whether it is the one that asks
     */
    public record DeviceView(UUID id, String what, String address, Instant since, Instant seen, boolean own) {}

    /** Another passphrase. */
    public record NewPassphrase(String now, String next) {}

    @GetMapping
    @Operation(operationId = "getTablet", summary = "Whether and how the studio is reached from the home network")
    TabletView get(HttpServletRequest request) {
        Optional<UUID> own = devices.asking(request);
        return new TabletView(
                home.on(),
                links(request),
                server.fingerprint(),
                server.notices(),
                devices.all().stream()
                        .map(d -> new DeviceView(
                                d.id(),
                                d.what(),
                                d.address(),
                                d.since(),
                                d.seen(),
                                own.filter(d.id()::equals).isPresent()))
                        .toList());
    }

    @GetMapping("/code.svg")
    @Operation(operationId = "tabletCode", summary = "The first of its addresses as a code to scan")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "image/svg+xml"))
    ResponseEntity<String> code(HttpServletRequest request) {
        String link = links(request).stream().findFirst().orElseThrow(() -> new NotThere("address", "on a network"));
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .body(svg(link));
    }

    @PutMapping("/passphrase")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(
            operationId = "changePassphrase",
            summary = "Choose another passphrase; every other device is signed out by that")
    void change(@RequestBody NewPassphrase change, HttpServletRequest request) {
        Duration wait = tries.heard(request.getRemoteAddr());
        if (!wait.isZero()) {
            throw new TooManyTries(wait);
        }
        if (!home.on() || !passphrase.is(String.valueOf(change.now()))) {
            throw new InvalidValue("now", "", "the passphrase as it is");
        }
        tries.right(request.getRemoteAddr());
        passphrase.choose(String.valueOf(change.next()));
        devices.signOutOthers(devices.asking(request));
    }

    @DeleteMapping("/devices/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(
            operationId = "signOutDevice",
            summary = "Sign a device out: at its next step it is asked for the passphrase")
    void signOut(@PathVariable UUID id) {
        devices.signOut(id);
    }

    private List<String> links(HttpServletRequest request) {
        return home.on() ? server.links(request.getLocalPort()) : List.of();
    }

    private static String svg(String link) {
        try {
            BitMatrix code =
                    new QRCodeWriter().encode(link, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 2));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < code.getHeight(); y++) {
                for (int x = 0; x < code.getWidth(); x++) {
                    if (code.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + code.getWidth() + " " + code.getHeight()
                    + "\"><rect width=\"100%\" height=\"100%\" fill=\"#fff\"/><path d=\"" + path + "\"/></svg>";
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }
}
