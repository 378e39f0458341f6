package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.Text;

/** The stages of drying, each by the moisture ratio at which it is reached. */
@Text(label = "stage", means = "A stage of drying.")
public enum Stage {
    @Text(label = "skinned", means = "It can no longer be cut, veined or wired.")
    SKINNED(0.92),
    @Text(label = "part-dry", means = "It holds its shape but still bends.")
    PART_DRY(0.80),
    @Text(label = "firm", means = "It can be handled, glued, hung.")
    FIRM(0.45),
    @Text(label = "dry", means = "It is dry through: it can be dusted hard, taped tight, travelled.")
    DRY(0.15);

    /** The moisture ratio at which a part-dry piece no longer bends. */
    public static final double PART_DRY_ENDS = 0.62;

    private final double moistureRatio;

    Stage(double moistureRatio) {
        this.moistureRatio = moistureRatio;
    }

    /** Share of the water to be lost that is still there when the stage begins. */
    public double moistureRatio() {
        return moistureRatio;
    }
}
