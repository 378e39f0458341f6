package org.crispwhorl.core.drawer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.thinning.PressedBall;

/**
 * How well a cutter of the drawer does for a piece, and what has to be done with it.
 *
 * @param cutter the cutter
 * @param doing what has to be done with it
 * @param offShare share of the wanted area that still differs after everything is done
 * @param growth by how much it has to grow beyond the designed thinning, 1 to 1.2
 * @param reason what to do with it, or why it will not do, in the maker's words
 */
public record CutterFit(Cutter cutter, CutterWork doing, double offShare, double growth, String reason) {
    /** What has to be done with a cutter; worth is the share of differing area that a maker would rather accept. */
    public enum CutterWork {
        AS_IT_IS(0),
        BEND(0.005),
        GROW(0.01),
        BEND_AND_GROW(0.015),
        TRIM(0.03),
        NONE(1);

        private final double worth;

        CutterWork(double worth) {
            this.worth = worth;
        }
    }

    /** Whether the piece comes out as designed. */
    public boolean fits() {
        return doing != CutterWork.NONE;
    }

    /** Thinning may give away at most this much of the size. */
    public static final double MOST_GROWTH = 1.2;

    /** Perimeters that agree so far are the same bent cutter. */
    public static final double PERIMETER_SHARE = 0.04;

    /** A rigid outline that differs by less of its area reads as the one that was wanted. */
    public static final double RIGID_SHARE = 0.08;

    /** Metal is bent to this much narrower or wider, no more. */
    private static final double MOST_BENT = 0.35;

    /** Sizes closer than this are the same, as a share. */
    private static final double SAME = 0.02;

    /** What is left over after trimming by hand. */
    private static final double TRIMMED_OFF = 0.02;

    /** A cutter may stay inside the piece by this share of the area and still be one to trim. */
    private static final double INSIDE_SHARE = 0.02;

    /** More than this share of the piece is not trimmed off: that is cutting by hand. */
    private static final double MOST_TRIMMED = 0.35;

    private static final int STATIONS = 160;

    /**
     * What is wanted of a cutter.
     *
     * @param cut as designed
     * @param finishedMm mean thickness of the finished piece, mm
     */
    public record Wanted(Cut cut, double finishedMm) {}

    /** Every cutter of the drawer for a piece, the best first. */
    public static List<CutterFit> of(Wanted wanted, Drawer drawer) {
        Optional<RollerMachine> roller = drawer.roller();
        return drawer.all(Cutter.class).stream()
                .map(c -> of(wanted, c, roller))
                .sorted(Comparator.comparing(CutterFit::fits)
                        .reversed()
                        .thenComparing(f -> f.cutter().here() == 0)
                        .thenComparingDouble(CutterFit::effort))
                .toList();
    }

    /** The fit that leaves least to differ and to do goes first. */
    public static final Comparator<CutterFit> BY_EFFORT =
            Comparator.comparing(CutterFit::fits).reversed().thenComparingDouble(CutterFit::effort);

    private double effort() {
        return offShare + doing.worth;
    }

    /**
     * Whether a cutter is near enough in size that a closer look is worth while; one that is not never fits: growth makes up for
     * {@value #MOST_GROWTH} squared of the area, trimming for {@value #MOST_TRIMMED}, bending for little.
     */
    static boolean mayFit(Wanted wanted, Cutter cutter) {
        double share = cutter.cut().areaMm2() / wanted.cut().areaMm2();
        return share > LEAST_AREA && share < MOST_AREA;
    }

    private static final double LEAST_AREA = 0.4;
    private static final double MOST_AREA = 2;

    /** One cutter for a piece. */
    public static CutterFit of(Wanted wanted, Cutter cutter, Optional<RollerMachine> roller) {
        Cut want = wanted.cut();
        Cut have = cutter.cut();
        if (want.petals() != have.petals()) {
            return no(
                    cutter,
                    1,
                    want.onePiece()
                            ? have.onePiece()
                                    ? "cuts " + have.petals() + " petals in one, not " + want.petals()
                                    : "cuts single petals, not " + want.petals() + " in one"
                            : "cuts " + have.petals() + " petals in one");
        }
        List<CutterFit> techniques = new ArrayList<>();
        techniques.add(asItIs(wanted, cutter, roller));
        if (cutter.bendable() && !want.onePiece() && sameTip(want.outline(), have.outline())) {
            techniques.add(bent(wanted, cutter, roller));
        }
        if (!want.onePiece()) {
            techniques.add(trimmed(want.outline(), cutter));
        }
        return techniques.stream().min(BY_EFFORT).orElseThrow();
    }

    private static boolean sameTip(Outline a, Outline b) {
        return a.lobes() == b.lobes() && (a.lobes() == 1 || Math.abs(a.notch() - b.notch()) < 0.05);
    }

    private static CutterFit asItIs(Wanted wanted, Cutter cutter, Optional<RollerMachine> roller) {
        double ratio = Math.sqrt(wanted.cut().areaMm2() / cutter.cut().areaMm2());
        double growth = Math.max(1, Math.min(MOST_GROWTH, ratio));
        growth = growth < 1 + SAME ? 1 : growth;
        double off = differing(wanted.cut(), cutter.cut(), growth);
        Optional<String> thin = thinner(wanted, growth, roller);
        if (off > RIGID_SHARE || thin.isEmpty()) {
            return no(cutter, off, unlike(wanted.cut(), cutter.cut(), ratio, thin.isEmpty()));
        }
        return growth == 1
                ? new CutterFit(cutter, CutterWork.AS_IT_IS, off, 1, "as it is")
                : new CutterFit(cutter, CutterWork.GROW, off, growth, thin.get());
    }

    private static CutterFit bent(Wanted wanted, Cutter cutter, Optional<RollerMachine> roller) {
        Outline want = wanted.cut().outline();
        Outline have = cutter.cut().outline();
        double ratio = want.perimeterMm() / have.perimeterMm();
        double growth = ratio > 1 + PERIMETER_SHARE ? ratio : 1;
        Optional<String> thin = thinner(wanted, growth, roller);
        if (ratio < 1 - PERIMETER_SHARE || growth > MOST_GROWTH || thin.isEmpty()) {
            return no(
                    cutter,
                    Math.abs(1 - ratio * ratio),
                    String.format(
                            Locale.ROOT,
                            "bent, its edge is %.0f %% too %s",
                            100 * Math.abs(1 - 1 / ratio),
                            ratio > 1 ? "short" : "long"));
        }
        double width = want.widthMm() / ratio;
        double bend = width / have.widthMm() - 1;
        if (Math.abs(bend) > MOST_BENT) {
            return no(
                    cutter, Math.abs(bend), "it would have to be bent to " + whole(width) + " wide, too far for metal");
        }
        double left = growth > 1 ? 0 : Math.abs(1 - ratio);
        String squeeze = Math.abs(bend) < SAME
                ? ""
                : (bend < 0 ? "squeeze it to " : "pull it open to ") + whole(width) + " wide";
        if (squeeze.isEmpty()) {
            return growth == 1
                    ? new CutterFit(cutter, CutterWork.AS_IT_IS, left, 1, "as it is")
                    : new CutterFit(cutter, CutterWork.GROW, left, growth, thin.get());
        }
        return growth == 1
                ? new CutterFit(cutter, CutterWork.BEND, left, 1, squeeze)
                : new CutterFit(cutter, CutterWork.BEND_AND_GROW, left, growth, squeeze + ", " + thin.get());
    }

    private static CutterFit trimmed(Outline want, Cutter cutter) {
        Outline have = cutter.cut().outline();
        double inside = 0;
        double outside = 0;
        double reach = Math.max(want.lengthMm(), have.lengthMm());
        for (int i = 0; i < STATIONS; i++) {
            double s = reach * (i + 0.5) / STATIONS;
            double d = have.halfWidthAt(s) - want.halfWidthAt(s);
            inside += Math.max(0, -d);
            outside += Math.max(0, d);
        }
        double cell = 2 * reach / STATIONS / want.areaMm2();
        if (inside * cell > INSIDE_SHARE || want.lobes() != have.lobes()) {
            return no(cutter, (inside + outside) * cell, "it does not hold the whole piece");
        }
        List<String> cuts = new ArrayList<>();
        double tip = have.lengthMm() - want.lengthMm();
        double side = (have.widthMm() - want.widthMm()) / 2;
        if (tip >= 0.5) {
            cuts.add(whole(tip) + " off the tip");
        }
        if (side >= 0.5) {
            cuts.add(whole(side) + " off each side");
        }
        boolean worth = outside * cell <= MOST_TRIMMED;
        return cuts.isEmpty() || !worth
                ? no(cutter, outside * cell, "too much would have to be trimmed off")
                : new CutterFit(cutter, CutterWork.TRIM, TRIMMED_OFF, 1, "trim " + String.join(" and ", cuts));
    }

    /** What to roll or thin so that it grows; empty where the paste would get too thin. */
    private static Optional<String> thinner(Wanted wanted, double growth, Optional<RollerMachine> roller) {
        double thin = wanted.finishedMm() / (growth * growth);
        if (growth > 1 && thin < PressedBall.THINNEST_MM) {
            return Optional.empty();
        }
        int settings =
                roller.map(r -> r.settingsThinner(wanted.finishedMm(), thin)).orElse(0);
        String how = settings == 0
                ? "thin it to " + Unit.FINE_MM.write(thin)
                : settings == 1
                        ? "one setting thinner, " + Unit.FINE_MM.write(thin)
                        : settings + " settings thinner, " + Unit.FINE_MM.write(thin);
        return Optional.of(how + ", and it grows to size");
    }

    private static String unlike(Cut want, Cut have, double ratio, boolean tooThin) {
        if (tooThin) {
            return "too small: the paste would have to be thinner than " + Unit.FINE_MM.write(PressedBall.THINNEST_MM);
        }
        if (ratio > MOST_GROWTH) {
            return String.format(Locale.ROOT, "too small: it would have to grow by %.0f %%", 100 * (ratio - 1));
        }
        if (ratio < 1 / MOST_GROWTH) {
            return String.format(Locale.ROOT, "too large: by %.0f %% each way", 100 * (1 / ratio - 1));
        }
        double slender = have.outline().widthMm()
                / have.outline().lengthMm()
                / (want.outline().widthMm() / want.outline().lengthMm());
        return slender > 1.1
                ? "too broad for its length"
                : slender < 0.9 ? "too narrow for its length" : "of another shape";
    }

    /** Share of the wanted area in which the two differ, midribs and bases laid on each other. */
    private static double differing(Cut want, Cut have, double growth) {
        Outline w = want.outline();
        Outline h = have.outline()
                .scaled(Math.min(
                        growth,
                        300 / Math.max(have.outline().lengthMm(), have.outline().widthMm())));
        double shift = want.onePiece() ? (have.middleMm() * growth - want.middleMm()) / 2 : 0;
        double reach = Math.max(w.lengthMm(), h.lengthMm() + shift);
        double sum = 0;
        for (int i = 0; i < STATIONS; i++) {
            double s = reach * (i + 0.5) / STATIONS;
            sum += Math.abs(notched(w, s) - notched(h, s - shift));
        }
        return 2 * sum * reach / STATIONS / w.areaMm2();
    }

    /** Half-width without what notches take of it at a station. */
    private static double notched(Outline o, double s) {
        double half = o.halfWidthAt(s);
        if (o.lobes() == 1 || half == 0) {
            return half;
        }
        int steps = 24;
        double kept = 0;
        for (int j = 0; j < steps; j++) {
            double v = half * (j + 0.5) / steps;
            kept += s <= o.notchedStation(o.lengthMm(), v) ? half / steps : 0;
        }
        return kept;
    }

    private static String whole(double mm) {
        double half = Math.round(2 * mm) / 2.0;
        return Unit.MM.write(half);
    }

    private static CutterFit no(Cutter cutter, double off, String reason) {
        return new CutterFit(cutter, CutterWork.NONE, Math.min(1, off), 1, reason);
    }
}
