package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.Text;

/** The stages of drying, in order. */
@Text(label = "stage", means = "A stage of drying.")
public enum Stage {
    @Text(label = "skinned", means = "It can no longer be cut, veined or wired.")
    SKINNED,
    @Text(label = "part-dry", means = "It holds its shape but still bends.")
    PART_DRY,
    @Text(label = "firm", means = "It can be handled, glued, hung.")
    FIRM,
    @Text(
            label = "dry",
            means = "It can be dusted hard, taped tight, travelled; the middle of what is thick may give way still.")
    DRY
}
