package org.crispwhorl.core.wire;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.Unit;

/**
 * A main stem of bundled wires under a head: the wires are taped, not bonded, so that each bends for itself and takes its share
 * of the moment by its stiffness. The stem is tilted by 45° and bumped at 2 g.
 *
 * @param massG mass at its end, g
 * @param freeMm its free length, mm
 * @param diametersMm of the wires in it
 */
public record MainStem(double massG, double freeMm, List<Double> diametersMm) {
    private static final double TILT_RAD = Math.toRadians(45);

    private static final double BUMP_G = 2;

    public MainStem {
        diametersMm = List.copyOf(diametersMm);
    }

    private double fourthPowers() {
        return diametersMm.stream().mapToDouble(d -> Math.pow(d, 4)).sum();
    }

    /** Bending moment at its foot, N·mm. */
    public double momentNmm() {
        return BUMP_G * Math.sin(TILT_RAD) * massG / 1000 * LoadedWire.GRAVITY * freeMm;
    }

    /** Greatest stress in any of its wires, MPa: the thickest wire bends as much as the others and is stressed most. */
    public double stressMpa() {
        double thickest = diametersMm.stream().mapToDouble(d -> d).max().orElse(0);
        return thickest == 0 ? Double.POSITIVE_INFINITY : 32 * momentNmm() * thickest / (Math.PI * fourthPowers());
    }

    /** Whether it stays straight. */
    public boolean carries() {
        return massG == 0 || stressMpa() <= LoadedWire.USABLE_MPA;
    }

    /** How many further wires, as thick as its thickest, it takes to carry; 0 where it carries already. */
    public int wiresMore() {
        double thickest = diametersMm.stream().mapToDouble(d -> d).max().orElse(0);
        if (carries() || thickest == 0) {
            return 0;
        }
        double wanted = fourthPowers() * stressMpa() / LoadedWire.USABLE_MPA;
        return (int) Math.ceil((wanted - fourthPowers()) / Math.pow(thickest, 4) - 1e-9);
    }

    /** The longest free length that it carries, mm. */
    public double longestMm() {
        return freeMm * LoadedWire.USABLE_MPA / stressMpa();
    }

    /** The same stem with further wires as thick as its thickest. */
    public MainStem with(int wiresMore) {
        List<Double> more = new ArrayList<>(diametersMm);
        double thickest = diametersMm.stream().mapToDouble(d -> d).max().orElse(0);
        for (int i = 0; i < wiresMore; i++) {
            more.add(thickest);
        }
        return new MainStem(massG, freeMm, more);
    }

    /** What to do with it, in the maker's words. */
    public String advice() {
        if (carries()) {
            return "carries it";
        }
        if (diametersMm.isEmpty()) {
            return "there is no wire in it";
        }
        int more = wiresMore();
        String wires = more <= diametersMm.size()
                ? more == diametersMm.size() ? "double it" : "add " + more + (more == 1 ? " wire" : " wires")
                : "add " + more + " wires";
        return wires + ", or shorten it to " + Unit.MM.write(Math.floor(longestMm()));
    }
}
