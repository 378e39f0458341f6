package org.crispwhorl.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.crispwhorl.server.problem.TooLarge;
import org.crispwhorl.server.problem.TooSlow;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A request may be so large and may take so long to come in; then it is refused, so that none keeps the others waiting. */
@Component
class BoundedBodies extends OncePerRequestFilter {
    private static final int MOST_BYTES = 8 << 20;
    private static final String MOST = "8 MB";
    private static final long PATIENCE_NS = 30_000_000_000L;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Bounded(request), response);
    }

    private static final class Bounded extends HttpServletRequestWrapper {
        Bounded(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (getContentLengthLong() > MOST_BYTES) {
                throw new TooLarge(MOST);
            }
            return new BoundedStream(super.getInputStream());
        }
    }

    private static final class BoundedStream extends ServletInputStream {
        private final ServletInputStream in;
        private final long until = System.nanoTime() + PATIENCE_NS;
        private long read;

        BoundedStream(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int one = in.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int most) throws IOException {
            int some = in.read(into, from, most);
            count(Math.max(0, some));
            return some;
        }

        private void count(int more) throws IOException {
            read += more;
            if (read > MOST_BYTES) {
                throw new TooLarge(MOST);
            }
            if (System.nanoTime() > until) {
                throw new TooSlow();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
