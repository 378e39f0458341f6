package org.crispwhorl.core.paste;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** A shade of paste: a strong colour let down with white. */
@Text(label = "shade", means = "A strong colour let down with white.")
public record Shade(
        @Text(label = "id", pattern = Shade.ID, means = "Unique among the shades.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "strong colour", pattern = "#[0-9a-f]{6}", means = "sRGB colour of the undiluted strong paste.")
        String strong,

        @Quantity(
                label = "share of master",
                unit = Unit.NONE,
                min = 0,
                max = 1,
                step = 0.05,
                usual = 0.5,
                means = "Share of strong paste by mass; the rest is white.")
        double share,

        @Text(label = "master of", longest = 6, means = "What the strong paste is coloured with.")
        List<MasterColour> master) {
    /** Pattern of a shade\'s id: what parts point at. */
    public static final String ID = "[a-z][a-z0-9-]{0,39}";

    public Shade {
        master = List.copyOf(master);
        Limits.check(Shade.class, id, name, strong, share, master);
    }

    /** One of whose master nothing is said. */
    public Shade(String id, String name, String strong, double share) {
        this(id, name, strong, share, List.of());
    }

    public Shade withShare(double newShare) {
        return new Shade(id, name, strong, Math.max(0, Math.min(1, newShare)), master);
    }
}
