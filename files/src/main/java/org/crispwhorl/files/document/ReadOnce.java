package org.crispwhorl.files.document;

import java.lang.ref.SoftReference;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What was read of a text stays read: documents and plans are asked for at every call, and change seldom. Known by a digest of the
 * text, so that a text that is otherwise is always read; let go of where memory is short. What is read must not be changeable.
 *
 * @param <T> what is read
 */
final class ReadOnce<T> {
    /** So much is kept: more than a large studio has of one sort that is asked for at once. */
    private static final int KEPT = 800;

    private final Map<Digest, SoftReference<T>> read = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Digest, SoftReference<T>> eldest) {
            return size() > KEPT;
        }
    };

    private record Digest(byte[] bytes) {
        static Digest of(String text) {
            try {
                return new Digest(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
            } catch (GeneralSecurityException e) {
                throw new IllegalStateException(e);
            }
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Digest digest && Arrays.equals(bytes, digest.bytes);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(bytes);
        }
    }

    /**
     * What a text holds.
     *
     * @param reader reads it where it is not known; what it throws is thrown, and nothing is kept
     */
    T of(String text, Function<String, T> reader) {
        Digest digest = Digest.of(text);
        synchronized (read) {
            SoftReference<T> kept = read.get(digest);
            T known = kept == null ? null : kept.get();
            if (known != null) {
                return known;
            }
        }
        T fresh = reader.apply(text);
        synchronized (read) {
            read.put(digest, new SoftReference<>(fresh));
        }
        return fresh;
    }
}
