package org.crispwhorl.server.scale;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;

/** Reads lines of plain characters, none longer than a scale ever says. */
public final class LineReader {
    private static final int LONGEST = 120;

    private final InputStream in;

    public LineReader(InputStream in) {
        this.in = new BufferedInputStream(in);
    }

    /**
     * The next line.
     *
     * @return null at the end of the connection
     * @throws IOException where the line does not end in time, or does not end at all
     */
    public String next() throws IOException {
        StringBuilder line = new StringBuilder();
        for (int one = in.read(); one >= 0; one = in.read()) {
            if (one == '\n') {
                return line.toString();
            }
            if (line.length() == LONGEST) {
                throw new IOException("it says lines that do not end");
            }
            if (one != '\r') {
                line.append(one < 0x20 || one > 0x7e ? '?' : (char) one);
            }
        }
        return line.isEmpty() ? null : line.toString();
    }
}
