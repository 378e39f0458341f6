package org.crispwhorl.core.paste;

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

    /** A reflectance in linear light as an sRGB code, 0 to 255. */
    public static int code(double reflectance) {
        return (int) Math.round(255 * encode(Math.max(0, Math.min(1, reflectance))));
    }

    /** Reflectances of a shade in linear light: red, green, blue, 0 to 1. */
    public static double[] linear(Shade shade) {
        return mixed(new double[][] {linear(shade.master()), white()}, new double[] {shade.share(), 1 - shade.share()});
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
        return share <= 0 ? under : mixed(new double[][] {colour, under}, new double[] {share, 1 - share});
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
            mixed[i] = Math.max(0, without(reflectance(absorbed)));
        }
        return mixed;
    }

    /**
     * Paste reflects some light at its very surface, before it comes to the colour: without it a saturated master would stay far too
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

    /** sRGB encoding (IEC 61966-2-1). */
    private static double encode(double light) {
        return light <= 0.0031308 ? light * 12.92 : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
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
