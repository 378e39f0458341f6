package org.crispwhorl.core.book;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Words;

/** What of the book the maker left out. */
@Words(label = "left out", means = "Records that teach nothing.")
public record LeftOut(
        @Words(label = "works", longest = 10_000) List<String> works) {
    /** Nothing. */
    public static final LeftOut NOTHING = new LeftOut(List.of());

    public LeftOut {
        works = List.copyOf(works);
        Limits.check(LeftOut.class, works);
    }
}
