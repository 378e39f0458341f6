package org.crispwhorl.server.demo;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.CountDownLatch;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** While the demo is laid out pages come already; what is asked of the studio waits, so that nothing answers with half of it. */
@Component
class WholeAnswers extends OncePerRequestFilter {
    private final CountDownLatch laid = new CountDownLatch(1);

    /** From now on everything is there. */
    void begin() {
        laid.countDown();
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getServletPath();
        return laid.getCount() == 0 || !(path.startsWith("/api/") || path.startsWith("/actuator/"));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            laid.await();
            chain.doFilter(request, response);
        } catch (InterruptedException e) {
            // The studio is put out: nobody is answered any more.
            Thread.currentThread().interrupt();
        }
    }
}
