package org.crispwhorl.server.studio;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * A zip from elsewhere, unpacked as it is read and never beyond its bounds: so many entries, so many bytes in all and in one entry, no
 * more than a text packs to, and no more than the disk has room for. What an entry is called is only ever compared, never used as a path.
 */
final class BoundedZip implements AutoCloseable {
    /** Entries; 2 GB of pictures are some ten thousand. */
    private static final int MOST_ENTRIES = 100_000;

    /** Bytes that all entries unpack to. */
    private static final long MOST_BYTES = 6L << 30;

    /** Texts of rows pack to a fiftieth at most; beyond that and this much at the beginning it is no archive. */
    private static final int MOST_TIMES = 200;

    private static final long FREE_BYTES = 16L << 20;

    private final Counted packed;
    private final ZipInputStream zip;
    private final DiskRoom room;
    private long unpacked;
    private int entries;

    BoundedZip(InputStream from, DiskRoom room) {
        this.packed = new Counted(from);
        this.zip = new ZipInputStream(packed, StandardCharsets.UTF_8);
        this.room = room;
    }

    /**
     * The name of the next entry; none at the end.
     *
     * @throws StudioRefusal where there are too many
     */
    Optional<String> next() throws IOException {
        ZipEntry entry = zip.getNextEntry();
        if (entry != null && ++entries > MOST_ENTRIES) {
            throw new StudioRefusal("The archive has more than " + MOST_ENTRIES + " entries: no studio has. "
                    + OpenArchive.NOTHING_IMPORTED);
        }
        return Optional.ofNullable(entry).map(ZipEntry::getName);
    }

    /**
     * What the entry holds.
     *
     * @param most bytes that it may unpack to
     */
    Bounded content(long most) {
        return new Bounded(most);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    /** The present entry; of a stretch of it, such as one row, only so much is read. */
    final class Bounded extends InputStream {
        private final long most;
        private long read;
        private long stretch;
        private long mostOfStretch = Long.MAX_VALUE;

        private Bounded(long most) {
            this.most = most;
        }

        /** From here on so many bytes may be read until this is said again. */
        void stretch(long bytes) {
            stretch = 0;
            mostOfStretch = bytes;
        }

        @Override
        public int read() throws IOException {
            int one = zip.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int some = zip.read(into, from, length);
            count(Math.max(0, some));
            return some;
        }

        private void count(int more) {
            read += more;
            stretch += more;
            unpacked += more;
            if (read > most || stretch > mostOfStretch || unpacked > MOST_BYTES) {
                throw new StudioRefusal(
                        "The archive unpacks to more than a studio can hold. " + OpenArchive.NOTHING_IMPORTED);
            }
            if (unpacked > FREE_BYTES && unpacked / MOST_TIMES > packed.read) {
                throw new StudioRefusal("The archive unpacks to more than " + MOST_TIMES
                        + " times its size: no archive of a studio does. " + OpenArchive.NOTHING_IMPORTED);
            }
            if (more > 0) {
                room.check();
            }
        }
    }

    private static final class Counted extends FilterInputStream {
        private long read;

        Counted(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            int one = in.read();
            read += one < 0 ? 0 : 1;
            return one;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int some = in.read(into, from, length);
            read += Math.max(0, some);
            return some;
        }
    }
}
