package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.Words;

/** How a master colour is let down from shade to shade. */
@Words(label = "ladder of shades", means = "How a shade is let down.")
public enum Ladder {
    @Words(label = "as each shade says")
    STATED,
    @Words(label = "equal visible steps")
    EQUAL_STEPS,
    @Words(label = "halve with white each step")
    HALVING
}
