package org.crispwhorl.core.book;

import java.util.List;
import org.crispwhorl.core.bench.BenchRecord;
import org.crispwhorl.core.drawer.RollerMachine;

/**
 * How much thicker a roller rolls by now than its settings were measured: the mean logarithm of *measured over table*, drawn to no
 * drift. A roller that was set to paper and knocked since is off by about a tenth (prior N(0, 0.10²)), a sheet is measured to about
 * 8 %.
 *
 * @param machine its name
 * @param measures sheets that were measured
 * @param factor thickness over the table's
 * @param low below which it lies with a chance of 10 %
 * @param high above which it lies with a chance of 10 %
 * @param taken factor that the studio goes by
 */
public record RollerLearnt(String machine, int measures, double factor, double low, double high, double taken) {
    private static final double PRIOR = 0.10;
    private static final double NOISE = 0.08;

    /** Four times in five lies within so many deviations. */
    private static final double WITHIN = 1.2816;

    /** What sheets make of a machine. */
    static RollerLearnt of(RollerMachine machine, List<BenchRecord.SheetMeasured> sheets) {
        double weight = 1 / (PRIOR * PRIOR) + sheets.size() / (NOISE * NOISE);
        double sum = sheets.stream()
                .mapToDouble(s -> Math.log(s.thickMm() / machine.measuredMm(s.setting())))
                .sum();
        double mean = sum / (NOISE * NOISE) / weight;
        double sigma = Math.sqrt(1 / weight);
        return new RollerLearnt(
                machine.name(),
                sheets.size(),
                Math.exp(mean),
                Math.exp(mean - WITHIN * sigma),
                Math.exp(mean + WITHIN * sigma),
                machine.drift());
    }
}
