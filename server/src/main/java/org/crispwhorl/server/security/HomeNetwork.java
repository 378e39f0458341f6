package org.crispwhorl.server.security;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether the studio answers to the home network too, and by which names. */
@Component
public class HomeNetwork {
    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]");

    /** An address may be lent to another machine meanwhile: it is looked at again after so long. */
    private static final long KNOWN_NS = 10_000_000_000L;

    private final boolean on;
    private volatile Names known = new Names(Set.of(), List.of(), System.nanoTime() - KNOWN_NS);

    private record Names(Set<String> all, List<String> addresses, long at) {}

    HomeNetwork(@Value("${crispwhorl.lan}") boolean on) {
        this.on = on;
    }

    /** Whether it answers to more than this machine. */
    public boolean on() {
        return on;
    }

    /** The names by which it may be asked, as they stand in an address. */
    public Set<String> names() {
        return on ? now().all() : LOOPBACK;
    }

    /** Its addresses on the home network. */
    List<String> addresses() {
        return now().addresses();
    }

    private Names now() {
        Names names = known;
        if (System.nanoTime() - names.at() > KNOWN_NS) {
            names = looked();
            known = names;
        }
        return names;
    }

    private static Names looked() {
        Set<String> all = new LinkedHashSet<>(LOOPBACK);
        List<String> addresses = List.of();
        try {
            addresses = Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress() && !a.isLinkLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .toList();
            String host = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            all.add(host);
            all.add(host + ".local");
        } catch (SocketException | UnknownHostException e) {
            // A machine without a name or a network answers by its addresses, or to itself alone.
        }
        all.addAll(addresses);
        return new Names(Set.copyOf(all), addresses, System.nanoTime());
    }

    /** Whether a request comes from this machine itself. */
    static boolean fromHere(String remoteAddress) {
        return remoteAddress.equals("127.0.0.1")
                || remoteAddress.equals("::1")
                || remoteAddress.equals("0:0:0:0:0:0:0:1");
    }
}
