package org.crispwhorl.core.drawer;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/**
 * A roller machine. Its settings mean what was measured of it: each maker numbers them otherwise, and some count upwards where
 * others count downwards.
 */
@Text(label = "roller machine", means = "A roller machine, with what its settings roll.")
public record RollerMachine(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "owned", unit = Unit.COUNT, min = 0, max = 100, usual = 1, means = "How many there are.")
        int count,

        @Quantity(
                label = "on loan",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 0,
                means = "Of them, with somebody else.")
        int lent,

        @Quantity(
                label = "worn out",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 0,
                means = "Of them, of no use any more.")
        int worn,

        @Quantity(
                label = "widest strip",
                unit = Unit.MM,
                min = 20,
                max = 600,
                step = 5,
                usual = 140,
                means = "As wide as it rolls.")
        double stripMm,

        @Quantity(
                label = "rolls thicker by",
                unit = Unit.FACTOR,
                min = 0.5,
                max = 2,
                step = 0.01,
                usual = 1,
                means = "What its settings roll by now, over what was measured of them: rollers wear and are knocked.")
        double drift,

        @Text(label = "measured", shortest = 2, longest = 40, means = "Two settings or more, with what they rolled.")
        List<RollerReading> readings)
        implements DrawerItem, Tool {
    public RollerMachine {
        readings = readings.stream()
                .sorted(Comparator.comparingDouble(RollerReading::setting))
                .toList();
        Limits.check(RollerMachine.class, name, count, lent, worn, stripMm, drift, readings);
        boolean thicker = readings.get(1).thickMm() > readings.get(0).thickMm();
        for (int i = 1; i < readings.size(); i++) {
            RollerReading before = readings.get(i - 1);
            RollerReading now = readings.get(i);
            if (now.setting() == before.setting()) {
                throw new InvalidValue("readings/" + i + "/setting", now.setting(), "a setting that is not there yet");
            }
            if (now.thickMm() == before.thickMm() || (now.thickMm() > before.thickMm()) != thicker) {
                throw new InvalidValue(
                        "readings/" + i + "/thickMm",
                        now.thickMm(),
                        "a thickness that goes on getting " + (thicker ? "greater" : "less")
                                + " with the settings, from " + Unit.FINE_MM.write(before.thickMm()));
            }
        }
    }

    /** All of them here, and fit for use. */
    public RollerMachine(String name, int count, double stripMm, List<RollerReading> readings) {
        this(name, count, 0, 0, stripMm, 1, readings);
    }

    /** What one setting rolled. */
    @Text(label = "measured setting", means = "What one setting rolled.")
    public record RollerReading(
            @Quantity(label = "setting", unit = Unit.NONE, min = 0, max = 100, usual = 1, means = "As on its dial.")
            double setting,

            @Quantity(
                    label = "rolls",
                    unit = Unit.FINE_MM,
                    min = 0.1,
                    max = 20,
                    step = 0.05,
                    usual = 1,
                    means = "Thickness measured of a strip that it rolled.")
            double thickMm) {
        public RollerReading {
            Limits.check(RollerReading.class, setting, thickMm);
        }
    }

    /** The same, its settings rolling so many times what was measured of them. */
    public RollerMachine drifted(double factor) {
        return new RollerMachine(name, count, lent, worn, stripMm, factor, readings);
    }

    /** Thickness that a setting rolls by now, mm. */
    public double thickMm(double setting) {
        return drift * measuredMm(setting);
    }

    /** Thickness that was measured of a setting, mm; between two that were it is interpolated, beyond them it goes on alike. */
    public double measuredMm(double setting) {
        int i = 1;
        while (i < readings.size() - 1 && readings.get(i).setting() < setting) {
            i++;
        }
        RollerReading a = readings.get(i - 1);
        RollerReading b = readings.get(i);
        return a.thickMm() + (b.thickMm() - a.thickMm()) * (setting - a.setting()) / (b.setting() - a.setting());
    }

    /** The whole setting between the least and the greatest measured that comes nearest to a thickness. */
    public int settingFor(double thickMm) {
        int first = (int) Math.ceil(readings.get(0).setting());
        int last = (int) Math.floor(readings.get(readings.size() - 1).setting());
        int best = first;
        for (int setting = first; setting <= last; setting++) {
            if (Math.abs(thickMm(setting) - thickMm) < Math.abs(thickMm(best) - thickMm)) {
                best = setting;
            }
        }
        return best;
    }

    /** How many settings thinner one thickness is than another. */
    public int settingsThinner(double fromMm, double toMm) {
        return Math.abs(settingFor(fromMm) - settingFor(toMm));
    }

    @Override
    public String inShort() {
        return Unit.MM.write(stripMm) + " wide, " + readings.size() + " settings measured"
                + (drift == 1 ? "" : String.format(Locale.ROOT, ", rolls %.2f times as thick", drift));
    }
}
