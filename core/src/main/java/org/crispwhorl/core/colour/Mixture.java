package org.crispwhorl.core.colour;

import java.util.List;
import org.crispwhorl.core.paste.MixingLaw;

/** What a pass's colours are together, where they lie thick. */
public final class Mixture {
    private Mixture() {}

    /**
     * The colours of a pass by their parts, with cornflour as parts of white (Kubelka–Munk, by mass); a liquid thins what is laid and
     * leaves its colour.
     *
     * @return reflectances in linear light: red, green, blue
     */
    static double[] linear(Pass pass) {
        int n = pass.colours().size();
        double[][] colours = new double[n + 1][];
        double[] parts = new double[n + 1];
        for (int i = 0; i < n; i++) {
            colours[i] = MixingLaw.linear(pass.colours().get(i).swatch());
            parts[i] = pass.colours().get(i).parts();
            parts[n] += pass.carrier() == Carrier.CORNFLOUR ? parts[i] * pass.letDown() : 0;
        }
        colours[n] = MixingLaw.white();
        return MixingLaw.mixed(colours, parts);
    }

    /** The colour of a pass where it lies thick, sRGB {@code #rrggbb}. */
    public static String swatch(Pass pass) {
        return MixingLaw.hex(linear(pass));
    }

    /** How much of each colour of a pass lies on an area that it covers in full: by its parts, what it is let down with left out. */
    static List<ColourUse> uses(Pass pass, double laidMm2) {
        double milligrams = laidMm2 * pass.how().gramsPerM2() / MM2_PER_M2 * MG_PER_G;
        double parts = pass.colours().stream().mapToDouble(Dip::parts).sum();
        double whole = parts * (pass.carrier() == Carrier.CORNFLOUR ? 1 + pass.letDown() : 1);
        return pass.colours().stream()
                .map(dip -> new ColourUse(dip.name(), dip.swatch(), dip.form(), milligrams * dip.parts() / whole))
                .toList();
    }

    private static final double MM2_PER_M2 = 1e6;
    private static final double MG_PER_G = 1000;
}
