package org.crispwhorl.core.wire;

import java.util.OptionalInt;

/**
 * A wire held fast at one end with a load beyond its free length: droop and stress by the Euler-Bernoulli cantilever. The
 * load, a rigid petal, has its centre of mass {@code centreMm} beyond the wire's free end. At rest only the part of the weight
 * across the wire bends it; a jolt on the way comes from any side and has the whole lever.
 *
 * @param massG mass carried, g
 * @param centreMm from the end of the free wire to the centre of mass, mm
 * @param freeMm free length of wire, mm
 * @param opensDeg how far it leans from upright: 0 upright, 90 flat
 */
public record LoadedWire(double massG, double centreMm, double freeMm, double opensDeg) {
    /** Young's modulus of steel, MPa. */
    private static final double YOUNG_MPA = 200_000;

    /** Stress up to which annealed florist's wire stays straight, MPa. */
    public static final double USABLE_MPA = 250;

    /** Droop that the eye forgives, degrees. */
    public static final double DROOP_LIMIT_DEG = 1.5;

    /** A jolt on the road, multiples of gravity. */
    public static final double JOLT_G = 2;

    /** Standard gravity, m/s². */
    public static final double GRAVITY = 9.80665;

    /** A ridge thinner than this many wire diameters lets the wire show. */
    public static final double RIDGE_DIAMETERS = 1.6;

    private double weightN() {
        return massG / 1000 * GRAVITY;
    }

    /** Share of the weight that lies across the wire. */
    public double across() {
        return Math.abs(Math.sin(Math.toRadians(opensDeg)));
    }

    /** Droop at the end of the free wire at rest, degrees: θ = sin α · W(l²/2 + c·l)/EI with I = πd⁴/64. */
    public double droopDeg(double diameterMm) {
        double stiffness = YOUNG_MPA * Math.PI * Math.pow(diameterMm, 4) / 64;
        return Math.toDegrees(across() * weightN() * (freeMm * freeMm / 2 + centreMm * freeMm) / stiffness);
    }

    private double wholeLeverMpa(double diameterMm) {
        return 32 * weightN() * (freeMm + centreMm) / (Math.PI * Math.pow(diameterMm, 3));
    }

    /** Bending stress at the hold at rest, MPa: σ = sin α · 32·W(l + c)/πd³. */
    public double restMpa(double diameterMm) {
        return across() * wholeLeverMpa(diameterMm);
    }

    /** Bending stress at the hold in a jolt of 2 g from any side, MPa. */
    public double joltMpa(double diameterMm) {
        return JOLT_G * wholeLeverMpa(diameterMm);
    }

    /** Whether the wire stays bent under it at rest: it certainly fails. */
    public boolean bendsAtRest(double diameterMm) {
        return restMpa(diameterMm) > USABLE_MPA;
    }

    /** Whether a wire carries it: droops no more than 1.5° at rest and stays straight in a jolt of 2 g. */
    public boolean carriedBy(double diameterMm) {
        return droopDeg(diameterMm) <= DROOP_LIMIT_DEG && joltMpa(diameterMm) <= USABLE_MPA;
    }

    /**
     * The thinnest gauge that carries it.
     *
     * @param gauges those at hand
     * @param table how thick they are
     * @return the highest gauge that carries it, or empty where none does
     */
    public OptionalInt recommended(Iterable<Integer> gauges, WireTable table) {
        int best = -1;
        for (int gauge : gauges) {
            if (gauge > best && carriedBy(table.diameterMm(gauge))) {
                best = gauge;
            }
        }
        return best < 0 ? OptionalInt.empty() : OptionalInt.of(best);
    }
}
