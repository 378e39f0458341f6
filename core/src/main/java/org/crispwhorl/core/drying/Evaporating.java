package org.crispwhorl.core.drying;

import java.util.List;
import org.crispwhorl.core.paste.Medium;

/**
 * Setting by giving off water: M = exp(−1.897·t/t_dry) of the rind that a stage asks for, where t_dry grows with the drying length ℓ as far as the air has to carry the
 * water off its face, and with ℓ² as far as the water has to come through the paste.
 *
 * @param of what is known of the medium
 */
record Evaporating(Medium.Setting.Drying of) implements DryingLaw {
    /** Share of the time of a sheet of 1 mm that the air takes to carry the water off its face. */
    private static final double FACE_SHARE = 0.6;

    /** Share of it in which the water comes through the paste. */
    private static final double BODY_SHARE = 0.4;

    private static final double REFERENCE_C = 20;
    private static final double REFERENCE_SHARE = 0.5;

    @Override
    public boolean skins() {
        return true;
    }

    /** Nearer to the paste's own humidity than this the air dries less than in proportion, but still does. */
    private static final double SOFT_GAP = 0.11;

    /**
     * Vapour pressure times how much drier the air is than the paste, over the same in the air of reference. Near the paste's own
     * humidity the gap is softened, so that no point of humidity changes a wait by a tenth; in damper air nothing dries.
     */
    @Override
    public double drive(double temperatureC, double humidityPct) {
        double drive = MoistAir.saturationKPa(temperatureC) * softened(of.waterActivity() - humidityPct / 100);
        return drive / (MoistAir.saturationKPa(REFERENCE_C) * (of.waterActivity() - REFERENCE_SHARE));
    }

    private static double softened(double gap) {
        if (gap <= 0) {
            return 0;
        }
        return gap >= SOFT_GAP ? gap : SOFT_GAP * Math.exp((gap - SOFT_GAP) / SOFT_GAP);
    }

    /** Integrated piece by piece: from one reading to the next, and where the body itself lies otherwise. */
    @Override
    public double hoursTo(Rind rind, Body body, List<Reading> readings) {
        double needed = rind.share();
        double hour = 0;
        for (int i = 0; i < readings.size(); i++) {
            double readingEnds = i + 1 < readings.size() ? readings.get(i + 1).fromH() : Double.POSITIVE_INFINITY;
            Room room = readings.get(i).room();
            while (hour < readingEnds) {
                double end = hour < body.changesAfterH() ? Math.min(readingEnds, body.changesAfterH()) : readingEnds;
                double rate = 1 / dryH(rind.lengthMm(body.lengthMm(hour)), room);
                double here = rate == 0 ? 0 : rate * (end - hour);
                if (rate > 0 && here >= needed) {
                    return hour + needed / rate;
                }
                needed -= here;
                hour = end;
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    /** Hours to dry through, t_ref·(0.6·ℓ/(air·F) + 0.4·ℓ²/F); infinite where nothing dries. */
    double dryH(double lengthMm, Room room) {
        double drive = drive(room);
        return drive <= 0
                ? Double.POSITIVE_INFINITY
                : of.referenceDryH()
                        * (FACE_SHARE * lengthMm / (room.air().rate() * drive)
                                + BODY_SHARE * lengthMm * lengthMm / drive);
    }
}
