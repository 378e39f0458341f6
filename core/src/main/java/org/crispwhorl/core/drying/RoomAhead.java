package org.crispwhorl.core.drying;

import java.time.LocalDateTime;
import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** By what the air of the coming days is known, and what is announced for some of them. */
@Text(label = "room ahead", means = "The air of the room in the coming days.")
public record RoomAhead(
        @Text(label = "goes by") Source source,

        @Text(
                label = "pattern of a day",
                longest = 24,
                means = "The air at some hours of every day; between them it changes evenly, over midnight too.")
        List<Hour> day,

        @Text(label = "announced", longest = 60, means = "Spells of other weather, on top of the rest.")
        List<Spell> spells) {
    /** As the room is set, every day alike. */
    public static final RoomAhead STEADY = new RoomAhead(Source.STEADY, List.of(), List.of());

    /** By what the coming air is known. */
    @Text(label = "goes by", means = "By what the coming air is known.")
    public enum Source {
        @Text(label = "the room as it is set", means = "Day and night alike.")
        STEADY,
        @Text(label = "the pattern of a day", means = "The same every day, by the hours below.")
        PATTERN,
        @Text(
                label = "the sensor",
                means = "What it measured; ahead, what it measured at the same hour of the last three days.")
        SENSOR
    }

    /** The air at an hour of every day. */
    @Text(label = "hour", means = "The air at an hour of every day.")
    public record Hour(
            @Quantity(
                    label = "at",
                    unit = Unit.H,
                    min = 0,
                    max = 23.75,
                    step = 0.25,
                    usual = 8,
                    means = "Hours after midnight.")
            double atH,

            @Quantity(
                    label = "temperature",
                    unit = Unit.CELSIUS,
                    min = 2,
                    max = 45,
                    usual = 20,
                    means = "Air temperature then.")
            double temperatureC,

            @Quantity(
                    label = "humidity",
                    unit = Unit.PERCENT,
                    min = 5,
                    max = 98,
                    usual = 50,
                    means = "Relative humidity then.")
            double humidityPct) {
        public Hour {
            Limits.check(Hour.class, atH, temperatureC, humidityPct);
        }
    }

    /** Other weather for a while. */
    @Text(label = "spell", means = "Other weather for a while.")
    public record Spell(
            @Text(label = "what", shortest = 1, longest = 60)
            String what,

            @Text(label = "from") LocalDateTime from,
            @Text(label = "to") LocalDateTime to,

            @Quantity(
                    label = "warmer by",
                    unit = Unit.CELSIUS,
                    min = -20,
                    max = 20,
                    usual = 0,
                    means = "Below 0 it is colder.")
            double warmerC,

            @Quantity(
                    label = "damper by",
                    unit = Unit.PERCENT,
                    min = -60,
                    max = 60,
                    step = 5,
                    usual = 15,
                    means = "Of relative humidity; below 0 it is drier.")
            double damperPct) {
        public Spell {
            Limits.check(Spell.class, what, from, to, warmerC, damperPct);
            if (!to.isAfter(from)) {
                throw new InvalidValue("to", to, "later than " + from);
            }
        }

        boolean at(LocalDateTime when) {
            return !when.isBefore(from) && when.isBefore(to);
        }
    }

    public RoomAhead {
        day = List.copyOf(day);
        spells = List.copyOf(spells);
        Limits.check(RoomAhead.class, source, day, spells);
    }
}
