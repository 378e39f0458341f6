package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Two sheets rolled together: the back of each piece is of another shade. */
@Text(label = "laminated back", means = "A second sheet rolled on, so that the back has another shade.")
public record Lining(
        @Text(label = "shade", pattern = Part.ID, means = "Id of the shade of the back.")
        String shade,

        @Quantity(
                label = "share",
                unit = Unit.NONE,
                min = 0.05,
                max = 0.95,
                step = 0.05,
                usual = 0.5,
                means = "Share of the thickness that it makes.")
        double share) {
    public Lining {
        Limits.check(Lining.class, shade, share);
    }
}
