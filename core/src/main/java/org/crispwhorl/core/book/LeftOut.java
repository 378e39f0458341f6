package org.crispwhorl.core.book;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;

/** What of the book the maker left out. */
@Text(label = "left out", means = "Records that teach nothing.")
public record LeftOut(
        @Text(label = "works", longest = 10_000) List<String> works) {
    /** Nothing. */
    public static final LeftOut NOTHING = new LeftOut(List.of());

    public LeftOut {
        works = List.copyOf(works);
        Limits.check(LeftOut.class, works);
    }
}
