package org.crispwhorl.core.colour;

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
            parts[n] += pass.with() == Carrier.CORNFLOUR ? parts[i] * pass.letDown() : 0;
        }
        colours[n] = MixingLaw.white();
        return MixingLaw.mixed(colours, parts);
    }

    /** The colour of a pass where it lies thick, sRGB {@code #rrggbb}. */
    public static String swatch(Pass pass) {
        return MixingLaw.hex(linear(pass));
    }
}
