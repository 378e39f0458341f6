package org.crispwhorl.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import org.crispwhorl.server.security.HomeNetwork;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only to its own names, those of this machine alone or of the home network too, so that a page from elsewhere cannot reach
 * the studio's data through the maker's browser, and lets pages load nothing from elsewhere.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OwnNamesOnly extends OncePerRequestFilter {
    /** Where a browser says that a page of another site asks, it may follow a link here, but nothing else. */
    private static final Set<String> FOREIGN = Set.of("cross-site", "same-site");

    private final HomeNetwork home;

    OwnNamesOnly(HomeNetwork home) {
        this.home = home;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String origin = request.getHeader("Origin");
        boolean own = home.names().contains(request.getServerName().toLowerCase(Locale.ROOT))
                && (origin == null || origin.equals(request.getScheme() + "://" + request.getHeader("Host")))
                && (!FOREIGN.contains(String.valueOf(request.getHeader("Sec-Fetch-Site"))) || followed(request));
        if (!own) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN, "It is asked by a name that is not its own.");
            return;
        }
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; object-src 'none';"
                        + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        // Of a form that tells nothing of where it stands a browser says that it has no origin.
        response.setHeader("Referrer-Policy", "same-origin");
        chain.doFilter(request, response);
    }

    private static boolean followed(HttpServletRequest request) {
        return "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                && "document".equals(request.getHeader("Sec-Fetch-Dest"))
                && "GET".equals(request.getMethod())
                && !request.getRequestURI().startsWith("/api/");
    }
}
