package org.crispwhorl.core.wire;

/**
 * A wire held fast at one end with a load beyond its free length: droop and stress by the Euler-Bernoulli cantilever. The
 * load, a rigid petal, has its centre of mass {@code centreMm} beyond the wire's free end.
 *
 * @param massG mass carried, g
 * @param centreMm from the end of the free wire to the centre of mass, mm
 * @param freeMm free length of wire, mm
 */
public record LoadedWire(double massG, double centreMm, double freeMm) {
    /** Young's modulus of steel, MPa. */
    private static final double YOUNG_MPA = 200_000;

    /** Usable stress of annealed florist's wire, MPa. */
    public static final double USABLE_MPA = 200;

    /** Droop that the eye forgives, degrees. */
    public static final double DROOP_LIMIT_DEG = 1.5;

    /** Acceleration of a bump on the road, multiples of gravity. */
    public static final double BUMP_G = 3;

    /** Standard gravity, m/s². */
    public static final double GRAVITY = 9.80665;

    /** A ridge thinner than this many wire diameters lets the wire show. */
    public static final double RIDGE_DIAMETERS = 1.6;

    private double weightN() {
        return massG / 1000 * GRAVITY;
    }

    /** Droop at the end of the free wire, degrees: θ = W(l²/2 + c·l)/EI with I = πd⁴/64. */
    public double droopDeg(double diameterMm) {
        double stiffness = YOUNG_MPA * Math.PI * Math.pow(diameterMm, 4) / 64;
        return Math.toDegrees(weightN() * (freeMm * freeMm / 2 + centreMm * freeMm) / stiffness);
    }

    /** Bending stress at the hold under a multiple of gravity, MPa: σ = 32·W(l + c)/πd³. */
    public double stressMpa(double diameterMm, double loadG) {
        return 32 * loadG * weightN() * (freeMm + centreMm) / (Math.PI * Math.pow(diameterMm, 3));
    }

    /** Whether a wire carries it: droops no more than 1.5° and stays usable in a bump of 3 g. */
    public boolean carriedBy(double diameterMm) {
        return droopDeg(diameterMm) <= DROOP_LIMIT_DEG && stressMpa(diameterMm, BUMP_G) <= USABLE_MPA;
    }

    /**
     * The thinnest gauge that carries it.
     *
     * @param gauges those at hand
     * @param table how thick they are
     * @return the highest gauge that carries it, or empty where none does
     */
    public java.util.OptionalInt recommended(Iterable<Integer> gauges, WireTable table) {
        int best = -1;
        for (int gauge : gauges) {
            if (gauge > best && carriedBy(table.diameterMm(gauge))) {
                best = gauge;
            }
        }
        return best < 0 ? java.util.OptionalInt.empty() : java.util.OptionalInt.of(best);
    }
}
