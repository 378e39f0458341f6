package org.crispwhorl.core.order;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Where flowers stand once they have left the studio. */
@Text(label = "venue", means = "Where the flowers stand once they have left.")
public record Venue(
        @Quantity(
                label = "temperature",
                unit = Unit.CELSIUS,
                min = -10,
                max = 50,
                usual = 22,
                means = "The warmest that it gets there.")
        double temperatureC,

        @Quantity(
                label = "humidity",
                unit = Unit.PERCENT,
                min = 5,
                max = 100,
                usual = 55,
                means = "The dampest that it gets there.")
        double humidityPct,

        @Quantity(label = "stands for", unit = Unit.H, min = 0, max = 240, usual = 6, means = "Hours on the table.")
        double hours,

        @Text(label = "in the sun", means = "Outdoors, or behind glass: what the sun falls on is warmer than the air.")
        boolean sun,

        @Text(label = "kept cold before", means = "In a refrigerator or a cold room, and brought out again.")
        boolean cold) {
    public Venue {
        Limits.check(Venue.class, temperatureC, humidityPct, hours, sun, cold);
    }
}
