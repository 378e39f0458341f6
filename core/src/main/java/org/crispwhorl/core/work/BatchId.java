package org.crispwhorl.core.work;

import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A batch of a task as touches, pins and plans name it: {@code line/task/batch-of}. Whatever else becomes of its order, the name is
 * given to no other.
 *
 * @param line the id of a line of the order
 * @param task the id of a task of its plan
 * @param batch which of its task's, from 1
 * @param of in how many its task is done, no fewer than {@code batch}
 */
public record BatchId(String line, String task, int batch, int of) {
    private static final Pattern NAME = Pattern.compile("([^/]{1,36})/(.{1,150})/(\\d{1,4})-(\\d{1,4})");

    /** The batch of a name; none where it is the name of none. */
    public static Optional<BatchId> of(String uid) {
        Matcher name = NAME.matcher(uid);
        if (!name.matches()) {
            return Optional.empty();
        }
        int batch = Integer.parseInt(name.group(3));
        int of = Integer.parseInt(name.group(4));
        return batch < 1 || batch > of
                ? Optional.empty()
                : Optional.of(new BatchId(name.group(1), name.group(2), batch, of));
    }

    /** Line and task, as its card is named. */
    public static String key(String line, String task) {
        return line + "/" + task;
    }

    /** Line and task, as its card is named. */
    public String key() {
        return key(line, task);
    }

    /** Its name. */
    public String uid() {
        return key() + "/" + batch + "-" + of;
    }

    /**
     * Whether a name is that of a batch of a task that is there.
     *
     * @param keys of the tasks
     */
    public static boolean named(String uid, Set<String> keys) {
        return of(uid).filter(batch -> keys.contains(batch.key())).isPresent();
    }
}
