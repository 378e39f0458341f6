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
    private static final int MOST_MB = 8;

    /** An archive of a whole studio, pictures and all, is larger than any document. It is laid on the disk as it comes in. */
    private static final int MOST_MB_OF_AN_ARCHIVE = 4096;

    private static final long PATIENCE_NS = 30_000_000_000L;

    /** What comes in no slower than this, after a while, may go on coming; bytes each second. */
    private static final long SLOWEST = 200_000;

    private static final double NS_PER_S = 1e9;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Bounded(request), response);
    }

    private static final class Bounded extends HttpServletRequestWrapper {
        private final int mostMb;

        Bounded(HttpServletRequest request) {
            super(request);
            mostMb = "application/zip".equals(request.getContentType()) ? MOST_MB_OF_AN_ARCHIVE : MOST_MB;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (getContentLengthLong() > (long) mostMb << 20) {
                throw new TooLarge(mostMb + " MB");
            }
            return new BoundedStream(super.getInputStream(), mostMb);
        }
    }

    private static final class BoundedStream extends ServletInputStream {
        private final ServletInputStream in;
        private final long begun = System.nanoTime();
        private final int mostMb;
        private long read;

        BoundedStream(ServletInputStream in, int mostMb) {
            this.in = in;
            this.mostMb = mostMb;
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
            if (read > (long) mostMb << 20) {
                throw new TooLarge(mostMb + " MB");
            }
            if (System.nanoTime() - begun > PATIENCE_NS + NS_PER_S * read / SLOWEST) {
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
