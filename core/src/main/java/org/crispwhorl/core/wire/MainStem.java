package org.crispwhorl.core.wire;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.crispwhorl.core.measure.Unit;

/**
 * A stem of bundled wires under what stands on it, tilted by 45°. The wires are taped, not bonded: each bends for itself, and the
 * moment is shared by their section moduli. A wire counts as far down as it reaches, fading in over its last 10 mm, so that the
 * worst place may be where some of them end. All heights are mm above the foot of the free stem, where pick, cake or hand holds it.
 *
 * @param weights what stands on it, piece by piece
 * @param runs wires that hang down along it
 * @param wires those that carry
 * @param freeMm length of the free stem
 */
public record MainStem(List<Weight> weights, List<Run> runs, List<StemWire> wires, double freeMm) {
    /** A flower on a cake leans. */
    private static final double TILT_RAD = Math.toRadians(45);

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
     */
    public record StemWire(double diameterMm, double endsMm) {}

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

    /** Bending moment at a height at rest, N·mm, from all that is above it. */
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
        return Math.sin(TILT_RAD) * LoadedWire.GRAVITY / 1000 * gMm;
    }

    /** Sum of the section moduli of the wires that reach a height, mm³. */
    public double modulusMm3(double heightMm) {
        double sum = 0;
        for (StemWire wire : wires) {
            double bears = Math.min(1, Math.max(0, (heightMm - wire.endsMm()) / FADE_MM));
            sum += Math.PI * Math.pow(wire.diameterMm(), 3) / 32 * bears;
        }
        return sum;
    }

    /** How many wires reach a height. */
    public int bearing(double heightMm) {
        return (int) wires.stream().filter(w -> w.endsMm() < heightMm).count();
    }

    private double restMpaAt(double heightMm) {
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
            double stress = restMpaAt(height);
            if (stress > most + 1e-9) {
                most = stress;
                worst = height;
            }
        }
        return worst;
    }

    /** Greatest stress at rest, MPa; infinite where there is no wire in it. */
    public double restMpa() {
        return restMpaAt(worstMm());
    }

    /** Greatest stress in a jolt of 2 g, MPa. */
    public double joltMpa() {
        return LoadedWire.JOLT_G * restMpa();
    }

    /** Whether it stays straight in a jolt. */
    public boolean carries() {
        return joltMpa() <= LoadedWire.USABLE_MPA;
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
                wires.stream()
                        .map(w -> new StemWire(w.diameterMm(), w.endsMm() < 0 ? w.endsMm() : w.endsMm() - by))
                        .toList(),
                newFreeMm);
    }

    /** The same stem, every wire of which goes on to its foot. */
    public MainStem withLongTails() {
        return new MainStem(
                weights,
                runs,
                wires.stream().map(w -> new StemWire(w.diameterMm(), -FADE_MM)).toList(),
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
        DoubleUnaryOperator stress = free -> shortened(free).joltMpa();
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
