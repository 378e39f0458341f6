package org.crispwhorl.core.paste;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** How the shades of one strong colour are let down from the strongest to the palest. */
public final class ShadeLadder {
    /** Points along the mix from which the way through OKLab is measured. */
    private static final int POINTS = 200;

    private ShadeLadder() {}

    /** The same shades, in their order, with the shares that a ladder gives them. */
    public static List<Shade> of(List<Shade> shades, Ladder ladder) {
        if (ladder == Ladder.STATED) {
            return shades;
        }
        Map<String, List<Shade>> byStrong = new LinkedHashMap<>();
        shades.forEach(s ->
                byStrong.computeIfAbsent(s.strong(), m -> new ArrayList<>()).add(s));
        Map<String, Shade> let = new LinkedHashMap<>();
        for (List<Shade> rungs : byStrong.values()) {
            rungs.sort(Comparator.comparingDouble(Shade::share).reversed());
            double[] shares = ladder == Ladder.HALVING ? halved(rungs) : equalSteps(rungs);
            for (int i = 0; i < shares.length; i++) {
                let.put(rungs.get(i).id(), rungs.get(i).withShare(shares[i]));
            }
        }
        return shades.stream().map(s -> let.get(s.id())).toList();
    }

    /** c, c/2, c/4 …: as much white as paste each time. */
    private static double[] halved(List<Shade> rungs) {
        double[] shares = new double[rungs.size()];
        for (int i = 0; i < shares.length; i++) {
            shares[i] = rungs.get(0).share() / Math.pow(2, i);
        }
        return shares;
    }

    /** Equal distances along the mix in OKLab between the strongest and the palest, which stay as they are. */
    private static double[] equalSteps(List<Shade> rungs) {
        int last = rungs.size() - 1;
        double strongest = rungs.get(0).share();
        double palest = rungs.get(last).share();
        double[] shares = new double[rungs.size()];
        shares[0] = strongest;
        shares[last] = palest;
        double[] way = new double[POINTS + 1];
        for (int k = 1; k <= POINTS; k++) {
            way[k] = way[k - 1]
                    + MixingLaw.distance(
                            rungs.get(0).withShare(at(strongest, palest, k - 1)),
                            rungs.get(0).withShare(at(strongest, palest, k)));
        }
        for (int i = 1; i < last; i++) {
            double wanted = way[POINTS] * i / last;
            int k = 1;
            while (k < POINTS && way[k] < wanted) {
                k++;
            }
            double within = way[k] == way[k - 1] ? 0 : (wanted - way[k - 1]) / (way[k] - way[k - 1]);
            shares[i] = at(strongest, palest, k - 1 + within);
        }
        return shares;
    }

    /** Points lie closer towards the palest, where the colour changes fastest with the share. */
    private static double at(double strongest, double palest, double point) {
        double left = 1 - point / POINTS;
        return palest + (strongest - palest) * left * left;
    }
}
