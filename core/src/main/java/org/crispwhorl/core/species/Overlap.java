package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;

/** Who lies over whom within a ring. */
@Text(label = "overlap", means = "Who lies over whom within the ring.")
@ShownAsPicture
public enum Overlap {
    @Text(label = "tucked round", means = "Each under the next, the last closed under the first.")
    TUCKED,
    @Text(label = "one over one", means = "Every other petal lies over both its neighbours.")
    ALTERNATE,
    @Text(label = "opposite pairs", means = "A petal and the one across from it, then the next two over them.")
    PAIRS,
    @Text(
            label = "two first",
            means =
                    "The first and the third close round what is inside; the others go over them, as a cut of five is closed.")
    TWO_FIRST,
    @Text(label = "each behind the last", means = "Every petal lies behind the one set before it.")
    SUCCESSIVE,
    @Text(label = "standing apart", means = "Petals need not meet: gaps are meant.")
    APART;

    /** How neighbours lie, as it is told. */
    String told() {
        return switch (this) {
            case TUCKED -> "each edge over the one before, the last under the first";
            case ALTERNATE -> "the first, third and so on inside, the others over them";
            case PAIRS -> "in opposite pairs, each pair over the last";
            case TWO_FIRST -> "the first and the third round what is inside, then the others over them";
            case SUCCESSIVE -> "each behind the last";
            case APART -> "not touching";
        };
    }

    /** Whether a ring of that many can be closed in this order: one over one and opposite pairs ask for an even count. */
    public boolean closes(int count) {
        return (this != ALTERNATE && this != PAIRS) || count % 2 == 0;
    }
}
