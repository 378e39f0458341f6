package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.Text;

/** How a strong colour is let down from shade to shade. */
@Text(label = "light-to-dark mixes", means = "How a shade is let down.")
public enum Ladder {
    @Text(label = "as each shade says")
    STATED,
    @Text(label = "equal visible steps")
    EQUAL_STEPS,
    @Text(label = "halve with white each step")
    HALVING
}
