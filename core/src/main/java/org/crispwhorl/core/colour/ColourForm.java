package org.crispwhorl.core.colour;

import org.crispwhorl.core.measure.Words;

/** What a colour comes as. */
@Words(label = "form", means = "What a colour comes as.")
public enum ColourForm {
    @Words(label = "dust")
    DUST,
    @Words(label = "paste colour")
    PASTE,
    @Words(label = "liquid")
    LIQUID
}
