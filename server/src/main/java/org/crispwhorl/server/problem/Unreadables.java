package org.crispwhorl.server.problem;

import java.util.List;

/** A room of the studio that may keep something which this program cannot read. It is left as it is, told, and hides nothing else. */
public interface Unreadables {
    /**
     * Something kept that cannot be read.
     *
     * @param what it is, in the maker's words
     * @param until what holds instead, and what to do
     * @param asKept its text, just as it is kept
     */
    record Unreadable(String what, String until, String asKept) {}

    List<Unreadable> unreadable();
}
