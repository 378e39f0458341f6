package org.crispwhorl.server.studio;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The room left on the disk. A database that runs out of it in the middle of a change closes, so none is begun on the last of it. */
@Component
class DiskRoom {
    private static final long BYTES_PER_MB = 1 << 20;

    private final Path folder;
    private final long leastMb;

    DiskRoom(@Value("${crispwhorl.data}") Path folder, @Value("${crispwhorl.least-room-mb}") long leastMb) {
        this.folder = folder;
        this.leastMb = leastMb;
    }

    /**
     * @throws DiskFull where too little is left to begin a change
     */
    void check() {
        long left = leftMb();
        if (left < leastMb) {
            throw new DiskFull(left);
        }
    }

    boolean enough() {
        return leftMb() >= leastMb;
    }

    private long leftMb() {
        return folder.toFile().getUsableSpace() / BYTES_PER_MB;
    }
}
