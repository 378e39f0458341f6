package org.crispwhorl.core.paste;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * The colour of a mix of pastes: Kubelka–Munk for opaque layers, in each channel of linear light. K/S = (1−R)²/2R is mixed by
 * share of mass.
 */
public final class MixingLaw {
    /** Reflectance of white gum paste in each channel. */
    private static final double WHITE = 0.92;

    private MixingLaw() {}

    /** The colour of a shade as sRGB, {@code #rrggbb}. */
    public static String colour(Shade shade) {
        return hex(linear(shade));
    }

    /** Reflectances in linear light as sRGB, {@code #rrggbb}. */
    public static String hex(double[] linear) {
        StringBuilder hex = new StringBuilder("#");
        for (double channel : linear) {
            hex.append(String.format("%02x", code(channel)));
        }
        return hex.toString();
    }

    /** A reflectance in linear light as an sRGB code, 0 to 255: the code whose half steps it lies between. */
    public static int code(double reflectance) {
        int code = NEAR[(int) (Math.max(0, Math.min(1, reflectance)) * (NEAR.length - 1))];
        while (code < CODES && reflectance >= FROM[code + 1]) {
            code++;
        }
        return code;
    }

    private static final int CODES = 255;

    /** From which reflectance on each code holds. */
    private static final double[] FROM = IntStream.rangeClosed(0, CODES)
            .mapToDouble(code -> code == 0 ? 0 : decode((code - 0.5) / CODES))
            .toArray();

    /** The code that holds where each of so many equal stretches of reflectance begins. */
    private static final int[] NEAR = near(1 << 11);

    private static int[] near(int stretches) {
        int[] near = new int[stretches + 1];
        for (int i = 1; i <= stretches; i++) {
            near[i] = near[i - 1];
            while (near[i] < CODES && (double) i / stretches >= FROM[near[i] + 1]) {
                near[i]++;
            }
        }
        return near;
    }

    /** Reflectances of a shade in linear light: red, green, blue, 0 to 1. */
    public static double[] linear(Shade shade) {
        return mixed(new double[][] {linear(shade.strong()), white()}, new double[] {shade.share(), 1 - shade.share()});
    }

    /** Reflectances in linear light of an sRGB colour {@code #rrggbb}: red, green, blue, 0 to 1. */
    public static double[] linear(String hex) {
        double[] linear = new double[3];
        for (int i = 0; i < 3; i++) {
            linear[i] = decode(Integer.parseInt(hex.substring(1 + 2 * i, 3 + 2 * i), 16) / 255.0);
        }
        return linear;
    }

    /** Reflectances of white gum paste, and of cornflour. */
    public static double[] white() {
        return new double[] {WHITE, WHITE, WHITE};
    }

    /** One colour over another, by the share of it that is seen: 0 leaves what is under it, 1 hides it. */
    public static double[] over(double[] under, double[] colour, double share) {
        return overAbsorbing(under, absorbing(colour), share);
    }

    /** How strongly a colour absorbs in each channel, K/S, of reflectances in linear light. */
    public static double[] absorbing(double[] colour) {
        return Arrays.stream(colour).map(channel -> ratio(within(channel))).toArray();
    }

    /** The same as {@link #over}, of a colour by how strongly it absorbs. */
    public static double[] overAbsorbing(double[] under, double[] absorbing, double share) {
        if (share <= 0) {
            return under;
        }
        double[] mixed = new double[3];
        for (int i = 0; i < 3; i++) {
            mixed[i] = reflected(share * absorbing[i] + (1 - share) * ratio(within(under[i])));
        }
        return mixed;
    }

    private static double reflected(double absorbed) {
        return Math.max(0, without(reflectance(absorbed)));
    }

    /** Colours mixed by parts of mass; reflectances in linear light, red, green, blue. */
    public static double[] mixed(double[][] colours, double[] parts) {
        double whole = 0;
        for (double part : parts) {
            whole += part;
        }
        double[] mixed = new double[3];
        for (int i = 0; i < 3; i++) {
            double absorbed = 0;
            for (int k = 0; k < colours.length; k++) {
                absorbed += parts[k] / whole * ratio(within(colours[k][i]));
            }
            mixed[i] = reflected(absorbed);
        }
        return mixed;
    }

    /**
     * Paste reflects some light at its very surface, before it comes to the colour: without it a saturated strong colour would stay far too
     * strong when it is let down.
     */
    private static double within(double reflectance) {
        return SURFACE + (1 - SURFACE) * reflectance;
    }

    private static double without(double reflectance) {
        return (reflectance - SURFACE) / (1 - SURFACE);
    }

    private static final double SURFACE = 0.03;

    /** K/S of a reflectance. */
    private static double ratio(double reflectance) {
        return (1 - reflectance) * (1 - reflectance) / (2 * reflectance);
    }

    /** The reflectance that has a K/S: the law turned round. */
    private static double reflectance(double ratio) {
        return 1 + ratio - Math.sqrt(ratio * ratio + 2 * ratio);
    }

    /** sRGB decoding (IEC 61966-2-1). */
    private static double decode(double code) {
        return code <= 0.04045 ? code / 12.92 : Math.pow((code + 0.055) / 1.055, 2.4);
    }

    /** How far apart two shades look: Euclidean distance in OKLab. */
    public static double distance(Shade one, Shade other) {
        return distance(linear(one), linear(other));
    }

    /** How far apart two colours look, reflectances in linear light: Euclidean distance in OKLab. */
    public static double distance(double[] one, double[] other) {
        double[] a = oklab(one);
        double[] b = oklab(other);
        return Math.sqrt(square(a[0] - b[0]) + square(a[1] - b[1]) + square(a[2] - b[2]));
    }

    /** How light a colour looks, reflectances in linear light: L of OKLab, 0 black, 1 white. */
    public static double lightness(double[] linear) {
        return oklab(linear)[0];
    }

    /** Neighbours closer than this in OKLab cannot be told apart. */
    public static final double SAME = 0.02;

    private static double square(double x) {
        return x * x;
    }

    private static double[] oklab(double[] rgb) {
        double l = Math.cbrt(0.4122214708 * rgb[0] + 0.5363325363 * rgb[1] + 0.0514459929 * rgb[2]);
        double m = Math.cbrt(0.2119034982 * rgb[0] + 0.6806995451 * rgb[1] + 0.1073969566 * rgb[2]);
        double s = Math.cbrt(0.0883024619 * rgb[0] + 0.2817188376 * rgb[1] + 0.6299787005 * rgb[2]);
        return new double[] {
            0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s
        };
    }
}
