package org.crispwhorl.core.drying;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** The air in which pieces dry. */
@Text(label = "room", means = "The air in which pieces dry.")
public record Room(
        @Quantity(
                label = "temperature",
                unit = Unit.CELSIUS,
                min = 2,
                max = 45,
                usual = 20,
                means = "Air temperature of the room.")
        double temperatureC,

        @Quantity(
                label = "humidity",
                unit = Unit.PERCENT,
                min = 5,
                max = 98,
                usual = 50,
                means = "Relative humidity of the room.")
        double humidityPct,

        @Text(label = "air") Air air) {
    /** 20 °C, 50 %, still air: the room in which the reference times are stated. */
    public static final Room REFERENCE = new Room(20, 50, new Air.Still());

    public Room {
        Limits.check(Room.class, temperatureC, humidityPct, air);
    }

    /** How the air moves. */
    @Text(label = "air", means = "How the air round the pieces moves.")
    public sealed interface Air {
        /** Drying rate as a multiple of still air. */
        double rate();

        @Text(label = "still")
        record Still() implements Air {
            @Override
            public double rate() {
                return 1;
            }
        }

        @Text(label = "fan")
        record Fan() implements Air {
            @Override
            public double rate() {
                return 1.6;
            }
        }

        /** A drying cabinet with an air of its own. */
        @Text(label = "cabinet")
        record Cabinet(
                @Quantity(
                        label = "inside temperature",
                        unit = Unit.CELSIUS,
                        min = 15,
                        max = 50,
                        usual = 30,
                        means = "Air temperature in the cabinet.")
                double insideC,

                @Quantity(
                        label = "inside humidity",
                        unit = Unit.PERCENT,
                        min = 5,
                        max = 95,
                        usual = 40,
                        means = "Relative humidity in the cabinet.")
                double insidePct)
                implements Air {
            public Cabinet {
                Limits.check(Cabinet.class, insideC, insidePct);
            }

            @Override
            public double rate() {
                return 1.6;
            }
        }
    }

    /** The open room beside its cabinet; itself where it has none. */
    public Room open() {
        return air instanceof Air.Cabinet ? new Room(temperatureC, humidityPct, new Air.Still()) : this;
    }

    /** Drying rate on the bench as a multiple of still air: a cabinet's fan blows in the cabinet. */
    public double benchRate() {
        return air instanceof Air.Fan ? air.rate() : 1;
    }

    /** Temperature of the air that the pieces are in, °C. */
    public double dryingC() {
        return air instanceof Air.Cabinet cabinet ? cabinet.insideC() : temperatureC;
    }

    /** Relative humidity of the air that the pieces are in, %. */
    public double dryingPct() {
        return air instanceof Air.Cabinet cabinet ? cabinet.insidePct() : humidityPct;
    }
}
