package org.crispwhorl.core.wire;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.crispwhorl.core.measure.Unit;

/**
 * A stem of bundled wires under what stands on it. The wires are taped, not bonded: each bends for itself, and the moment is shared
 * by their section moduli. A wire bears from its joint down to its end, fading over 10 mm at both, so that the worst place may be
 * where some of them end. All heights are mm above the foot of the free stem, where pick, cake or hand holds it. As it is set it
 * leans a little, on its way it may lean to 45°; both at rest.
 *
 * @param weights what stands on it, piece by piece
 * @param runs wires that hang down along it
 * @param wires those that carry
 * @param freeMm length of the free stem, up to the highest joint
 */
public record MainStem(List<Weight> weights, List<Run> runs, List<StemWire> wires, double freeMm) {
    /** So far it may lean on its way, and so far as it is set. */
    private static final double ON_ITS_WAY_RAD = Math.toRadians(45);

    private static final double AS_SET_RAD = Math.toRadians(15);

    /** The tape takes this long to bring a wire's end to bear, mm. */
    private static final double FADE_MM = 10;

    private static final int STEPS = 48;

    public MainStem {
        weights = List.copyOf(weights);
        runs = List.copyOf(runs);
        wires = List.copyOf(wires);
    }

    /**
     * Something that stands on the stem.
     *
     * @param massG of it
     * @param heightMm of its middle
     */
    public record Weight(double massG, double heightMm) {}

    /**
     * The weight of wire that runs along the stem.
     *
     * @param gPerMm of all wires of this run together
     * @param fromMm height of their upper end
     * @param toMm height of their lower end
     */
    public record Run(double gPerMm, double fromMm, double toMm) {}

    /**
     * A wire that carries.
     *
     * @param diameterMm of it
     * @param endsMm height of its lower end; one that is held at the foot goes on below it
     * @param jointMm height at which it is taped in; infinite where it begins above what it bears
     * @param straightMpa up to which it stays straight
     */
    public record StemWire(double diameterMm, double endsMm, double jointMm, double straightMpa) {
        /** A steel wire that begins above what it bears. */
        public StemWire(double diameterMm, double endsMm) {
            this(diameterMm, endsMm, Double.POSITIVE_INFINITY, LoadedWire.USABLE_MPA);
        }

        /** A steel wire that is taped in at a height. */
        public static StemWire joined(double diameterMm, double endsMm, double jointMm) {
            return new StemWire(diameterMm, endsMm, jointMm, LoadedWire.USABLE_MPA);
        }

        /** A wooden skewer. */
        public static StemWire skewer(double diameterMm) {
            return new StemWire(diameterMm, -FADE_MM, Double.POSITIVE_INFINITY, SKEWER_MPA);
        }

        private double bears(double heightMm) {
            return within((heightMm - endsMm) / FADE_MM) * within((jointMm - heightMm) / FADE_MM);
        }

        private static double within(double share) {
            return Math.min(1, Math.max(0, share));
        }

        /** Its section modulus as if it were of steel, mm³. */
        private double modulusMm3() {
            return Math.PI * Math.pow(diameterMm, 3) / 32 * straightMpa / LoadedWire.USABLE_MPA;
        }

        private StemWire lowered(double byMm) {
            return new StemWire(diameterMm, endsMm < 0 ? endsMm : endsMm - byMm, jointMm - byMm, straightMpa);
        }
    }

    /** A skewer breaks beyond this, MPa. */
    private static final double SKEWER_MPA = 60;

    /** A plain stem: one weight at its top, wires that all go on below its foot. */
    public static MainStem plain(double massG, double freeMm, List<Double> diametersMm) {
        return new MainStem(
                List.of(new Weight(massG, freeMm)),
                List.of(),
                diametersMm.stream().map(d -> new StemWire(d, -FADE_MM)).toList(),
                freeMm);
    }

    /** Mass of all that stands on it, without the wires that run along it, g. */
    public double massG() {
        return weights.stream().mapToDouble(Weight::massG).sum();
    }

    /** Bending moment at a height, N·mm, from all that is above it, leaning as on its way. */
    public double momentNmm(double heightMm) {
        double gMm = 0;
        for (Weight weight : weights) {
            gMm += weight.massG() * Math.max(0, weight.heightMm() - heightMm);
        }
        for (Run run : runs) {
            double low = Math.max(heightMm, run.toMm());
            if (run.fromMm() > low) {
                gMm += run.gPerMm() * (run.fromMm() - low) * ((run.fromMm() + low) / 2 - heightMm);
            }
        }
        return Math.sin(ON_ITS_WAY_RAD) * LoadedWire.GRAVITY / 1000 * gMm;
    }

    /** Sum of the section moduli of the wires that reach a height, mm³. */
    public double modulusMm3(double heightMm) {
        double sum = 0;
        for (StemWire wire : wires) {
            sum += wire.modulusMm3() * wire.bears(heightMm);
        }
        return sum;
    }

    /** How many wires reach a height. */
    public int bearing(double heightMm) {
        return (int) wires.stream().filter(w -> w.bears(heightMm) > 0).count();
    }

    private double leaningMpaAt(double heightMm) {
        double moment = momentNmm(heightMm);
        return moment == 0 ? 0 : moment / modulusMm3(heightMm);
    }

    /** Height at which it is stressed most, mm above the foot. */
    public double worstMm() {
        double worst = 0;
        double most = -1;
        List<Double> heights = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            heights.add(freeMm * i / STEPS);
        }
        // Just below the place where a wire ends nothing of it is left.
        wires.stream().map(StemWire::endsMm).filter(h -> h > 0 && h < freeMm).forEach(heights::add);
        for (double height : heights) {
            double stress = leaningMpaAt(height);
            if (stress > most + 1e-9) {
                most = stress;
                worst = height;
            }
        }
        return worst;
    }

    /** Greatest stress as it may lean on its way, MPa; infinite where no wire bears. */
    public double leaningMpa() {
        return leaningMpaAt(worstMm());
    }

    /** Greatest stress as it is set, MPa; infinite where no wire bears. */
    public double asSetMpa() {
        return leaningMpa() * Math.sin(AS_SET_RAD) / Math.sin(ON_ITS_WAY_RAD);
    }

    /** Whether it stays straight on its way. */
    public boolean carries() {
        return leaningMpa() <= LoadedWire.USABLE_MPA;
    }

    /** The same stem with further wires that go on below its foot. */
    public MainStem with(int more, double diameterMm) {
        List<StemWire> all = new ArrayList<>(wires);
        for (int i = 0; i < more; i++) {
            all.add(new StemWire(diameterMm, -FADE_MM));
        }
        return new MainStem(weights, runs, all, freeMm);
    }

    /** The same stem cut shorter at its foot. */
    public MainStem shortened(double newFreeMm) {
        double by = freeMm - newFreeMm;
        return new MainStem(
                weights.stream()
                        .map(w -> new Weight(w.massG(), w.heightMm() - by))
                        .toList(),
                runs.stream()
                        .map(r -> new Run(r.gPerMm(), r.fromMm() - by, r.toMm() - by))
                        .toList(),
                wires.stream().map(w -> w.lowered(by)).toList(),
                newFreeMm);
    }

    /** The same stem, every wire of which goes on to its foot. */
    public MainStem withLongTails() {
        return new MainStem(
                weights,
                runs,
                wires.stream()
                        .map(w -> new StemWire(w.diameterMm(), -FADE_MM, w.jointMm(), w.straightMpa()))
                        .toList(),
                freeMm);
    }

    private double thickestMm() {
        return wires.stream().mapToDouble(StemWire::diameterMm).max().orElse(0);
    }

    private static final int MOST_WIRES = 24;

    /** How closely a length of stem is looked for, mm; it is told in whole ones. */
    private static final double LENGTH_MM = 0.1;

    /** How many further wires, as thick as its thickest, it takes to carry; 0 where it carries already, or nothing helps. */
    public int wiresMore() {
        for (int more = 0; more <= MOST_WIRES; more++) {
            if (with(more, thickestMm()).carries()) {
                return more;
            }
        }
        return 0;
    }

    /** The longest free stem that it carries, mm. */
    public double longestMm() {
        DoubleUnaryOperator stress = free -> shortened(free).leaningMpa();
        double low = 0;
        double high = freeMm;
        if (stress.applyAsDouble(high) <= LoadedWire.USABLE_MPA) {
            return freeMm;
        }
        while (high - low > LENGTH_MM) {
            double middle = (low + high) / 2;
            if (stress.applyAsDouble(middle) <= LoadedWire.USABLE_MPA) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** What to do with it, in the maker's words. */
    public String advice() {
        if (wires.isEmpty()) {
            return "there is no wire in it";
        }
        if (carries()) {
            return "strong enough";
        }
        if (withLongTails().carries()) {
            return "leave the tails of its wires longer, down to the foot";
        }
        int more = wiresMore();
        String wiresToo = more == wires.size() ? "double it" : "add " + more + (more == 1 ? " wire" : " wires");
        return wiresToo + ", or leave " + Unit.MM.write(Math.floor(longestMm())) + " of it free";
    }
}
