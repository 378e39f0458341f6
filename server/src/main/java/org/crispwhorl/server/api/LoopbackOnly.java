package org.crispwhorl.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only to this machine by its own names, so that a page from elsewhere cannot reach the studio's data through the
 * maker's browser, and lets pages load nothing from elsewhere.
 */
@Component
class LoopbackOnly extends OncePerRequestFilter {
    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");

    /** Where a browser says that a page of another site asks, it may follow a link here, but nothing else. */
    private static final Set<String> FOREIGN = Set.of("cross-site", "same-site");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String origin = request.getHeader("Origin");
        boolean own = OWN_NAMES.contains(request.getServerName())
                && (origin == null || origin.equals(request.getScheme() + "://" + request.getHeader("Host")))
                && (!FOREIGN.contains(String.valueOf(request.getHeader("Sec-Fetch-Site"))) || followed(request));
        if (!own) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN, "Only this machine may ask.");
            return;
        }
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; object-src 'none';"
                        + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Referrer-Policy", "no-referrer");
        chain.doFilter(request, response);
    }

    private static boolean followed(HttpServletRequest request) {
        return "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                && "document".equals(request.getHeader("Sec-Fetch-Dest"))
                && "GET".equals(request.getMethod())
                && !request.getRequestURI().startsWith("/api/");
    }
}
