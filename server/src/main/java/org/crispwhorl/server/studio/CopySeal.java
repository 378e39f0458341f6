package org.crispwhorl.server.studio;

import java.io.IOException;
import java.io.InputStream;
import java.io.RandomAccessFile;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * By which a studio knows the copies that it made itself: a key of its folder, and at the end of each copy, as the comment of the
 * zip, a code that only who has the key can make (HMAC-SHA-256, RFC 2104). A database runs what a stranger may have written into
 * it as soon as it is opened, so a copy without its code is never opened.
 */
final class CopySeal {
    private static final String KEY = "copies.key";
    private static final String ALGORITHM = "HmacSHA256";
    private static final int KEY_BYTES = 32;
    private static final String MARK = "crisp-whorl-copy:";
    private static final int COMMENT_BYTES = MARK.length() + 2 * 32;

    /** The length of a zip's comment stands in its last two bytes before the comment. */
    private static final int LENGTH_BYTES = 2;

    private static final int BLOCK = 1 << 16;

    private final Path key;

    CopySeal(Path studio) {
        this.key = studio.resolve(KEY);
    }

    /** Whether the studio has a key; one that was begun before there were any has none. */
    boolean there() {
        return Files.exists(key);
    }

    /** Makes the key, for good. */
    void begin() throws IOException {
        byte[] random = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(random);
        Path fresh = key.resolveSibling(KEY + ".new");
        Files.writeString(fresh, HexFormat.of().formatHex(random));
        try (FileChannel written = FileChannel.open(fresh, StandardOpenOption.WRITE)) {
            written.force(true);
        }
        Files.move(fresh, key, StandardCopyOption.ATOMIC_MOVE);
    }

    /** Seals a copy that was just made, and forces it to the disk. */
    void seal(Path copy) throws IOException {
        try (RandomAccessFile file = new RandomAccessFile(copy.toFile(), "rw")) {
            long body = file.length() - LENGTH_BYTES;
            byte[] comment = (MARK + code(copy, body)).getBytes(StandardCharsets.US_ASCII);
            file.seek(body);
            file.write(new byte[] {(byte) comment.length, (byte) (comment.length >> 8)});
            file.write(comment);
            file.getFD().sync();
        }
    }

    /** Whether this studio made a copy, and nobody has changed it since. */
    boolean holds(Path copy) throws IOException {
        long body = Files.size(copy) - COMMENT_BYTES - LENGTH_BYTES;
        if (body <= 0 || !there()) {
            return false;
        }
        byte[] comment = new byte[COMMENT_BYTES];
        try (RandomAccessFile file = new RandomAccessFile(copy.toFile(), "r")) {
            file.seek(body + LENGTH_BYTES);
            file.readFully(comment);
        }
        String told = new String(comment, StandardCharsets.US_ASCII);
        return told.startsWith(MARK)
                && MessageDigest.isEqual(
                        told.substring(MARK.length()).getBytes(StandardCharsets.US_ASCII),
                        code(copy, body).getBytes(StandardCharsets.US_ASCII));
    }

    private String code(Path copy, long bytes) throws IOException {
        try (InputStream in = Files.newInputStream(copy)) {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(
                    HexFormat.of().parseHex(Files.readString(key).strip()), ALGORITHM));
            byte[] block = new byte[BLOCK];
            for (long left = bytes; left > 0; ) {
                int read = in.read(block, 0, (int) Math.min(block.length, left));
                if (read < 0) {
                    break;
                }
                mac.update(block, 0, read);
                left -= read;
            }
            return HexFormat.of().formatHex(mac.doFinal());
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        } catch (IllegalArgumentException e) {
            throw new StudioRefusal(KEY
                    + " in the studio's folder cannot be read: the copies of this studio cannot be told from others. "
                    + "Bring its archive into a new studio instead.");
        }
    }
}
