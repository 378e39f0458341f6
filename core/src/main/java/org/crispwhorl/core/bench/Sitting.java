package org.crispwhorl.core.bench;

import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A sitting at the bench as touches and plans name it: {@code line/task/batch-of}.
 *
 * @param line of the order, from 0
 * @param task its id
 * @param batch which of its task's, from 1
 * @param of in how many its task is done, no fewer than {@code batch}
 */
public record Sitting(int line, String task, int batch, int of) {
    private static final Pattern NAME = Pattern.compile("(\\d{1,3})/(.{1,150})/(\\d{1,4})-(\\d{1,4})");

    /** The sitting of a name; none where it is the name of none. */
    public static Optional<Sitting> of(String uid) {
        Matcher name = NAME.matcher(uid);
        if (!name.matches()) {
            return Optional.empty();
        }
        int batch = Integer.parseInt(name.group(3));
        int of = Integer.parseInt(name.group(4));
        return batch < 1 || batch > of
                ? Optional.empty()
                : Optional.of(new Sitting(Integer.parseInt(name.group(1)), name.group(2), batch, of));
    }

    /** Line and task, as its card is named. */
    public String key() {
        return line + "/" + task;
    }

    /**
     * Whether a name is that of a sitting of a task that is there.
     *
     * @param keys of the tasks
     */
    public static boolean named(String uid, Set<String> keys) {
        return of(uid).filter(sitting -> keys.contains(sitting.key())).isPresent();
    }
}
