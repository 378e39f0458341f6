package org.crispwhorl.core.work;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The id of a task of a plan: what is done, and which time anew where what it made broke.
 *
 * @param done what is done on what, unique in the plan of its flower
 * @param again 0 for the task itself, 1 for the first time that it is done anew
 */
public record TaskId(String done, int again) {
    private static final String AGAIN = "~more";
    private static final Pattern ANEW = Pattern.compile("(.*)" + AGAIN + "(\\d{1,4})");

    /** The id that a text writes. */
    public static TaskId of(String text) {
        Matcher anew = ANEW.matcher(text);
        return anew.matches() ? new TaskId(anew.group(1), Integer.parseInt(anew.group(2))) : new TaskId(text, 0);
    }

    /** The same task done anew for the so-manieth time. */
    public TaskId anew(int time) {
        return new TaskId(done, time);
    }

    /** Whether it is done anew. */
    public boolean isAnew() {
        return again > 0;
    }

    /** As plans and touches write it. */
    public String text() {
        return again == 0 ? done : done + AGAIN + again;
    }
}
