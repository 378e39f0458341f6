package org.crispwhorl.core.assessment;

import java.util.OptionalInt;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.WireTable;

/**
 * What all heads of a stem put on its main wire.
 *
 * @param massG of all heads
 * @param middleMm of their mass above the lowest head's joint
 * @param freeMm of stem below that joint
 */
public record HeadLoad(double massG, double middleMm, double freeMm) {
    /** A flower on a cake leans, and is bumped on the way: 45° and twice its weight. */
    private static final double TILT_RAD = Math.toRadians(45);

    private static final double BUMP_G = 2;

    public static HeadLoad of(Assessment a, Heads heads) {
        double mass = a.headG();
        double moment = 0;
        for (int head = 1; head <= heads.pieceCount(); head++) {
            Heads.Opening opening = heads.opening(head);
            double one =
                    a.opened().get(heads.openings().indexOf(opening)).head().headG();
            mass += one;
            moment += one * heads.heightMm(head);
        }
        return new HeadLoad(mass, mass == 0 ? 0 : moment / mass, heads.stemMm());
    }

    /** The load as a cantilever. */
    public LoadedWire wire() {
        return new LoadedWire(massG, middleMm, freeMm);
    }

    /** Bending moment at the stem's end, tilted and bumped, N·mm. */
    public double momentNmm() {
        return BUMP_G * massG / 1000 * LoadedWire.GRAVITY * Math.sin(TILT_RAD) * (freeMm + middleMm);
    }

    /** Stress in a wire of a diameter at the stem's end, MPa. */
    public double stressMpa(double diameterMm) {
        return wire().stressMpa(diameterMm, BUMP_G * Math.sin(TILT_RAD));
    }

    /** The thinnest of the gauges at hand that carries it. */
    public OptionalInt recommended(Iterable<Integer> gauges, WireTable table) {
        int best = -1;
        for (int gauge : gauges) {
            if (gauge > best && stressMpa(table.diameterMm(gauge)) <= LoadedWire.USABLE_MPA) {
                best = gauge;
            }
        }
        return best < 0 ? OptionalInt.empty() : OptionalInt.of(best);
    }
}
