package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** A shade of paste: a master colour let down with white. */
@Text(label = "shade", means = "A master colour let down with white.")
public record Shade(
        @Text(label = "id", pattern = Shade.ID, means = "Unique among the shades.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "master colour", pattern = "#[0-9a-f]{6}", means = "sRGB colour of the undiluted master paste.")
        String master,

        @Quantity(
                label = "share of master",
                unit = Unit.NONE,
                min = 0,
                max = 1,
                step = 0.05,
                usual = 0.5,
                means = "Share of master paste by mass; the rest is white.")
        double share) {
    /** Pattern of a shade\'s id: what parts point at. */
    public static final String ID = "[a-z][a-z0-9-]{0,39}";

    public Shade {
        Limits.check(Shade.class, id, name, master, share);
    }

    public Shade withShare(double newShare) {
        return new Shade(id, name, master, Math.max(0, Math.min(1, newShare)));
    }
}
