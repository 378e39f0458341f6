package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.Text;

/** How a master colour is let down from shade to shade. */
@Text(label = "ladder of shades", means = "How a shade is let down.")
public enum Ladder {
    @Text(label = "as each shade says")
    STATED,
    @Text(label = "equal visible steps")
    EQUAL_STEPS,
    @Text(label = "halve with white each step")
    HALVING
}
