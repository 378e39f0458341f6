package org.crispwhorl.core.book;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Step;
import org.crispwhorl.core.work.Steps;

/**
 * How long an operation takes this studio: the mean logarithm of *taken over reckoned* of the works in which it occurs, each by its
 * share of the work, drawn to the studio's hand by a weight of three works.
 *
 * @param works how many it rests on, each by its share
 * @param factor minutes over those of the studio's hand
 * @param handMin minutes for each thing by the studio's hand alone
 * @param learntMin minutes for each thing with the record
 * @param lowMin below which they lie with a chance of 10 %
 * @param highMin above which they lie with a chance of 10 %
 */
public record PaceLearnt(
        Operation operation,
        double works,
        double factor,
        double handMin,
        double learntMin,
        double lowMin,
        double highMin) {
    /** What is known of a hand beforehand weighs as much as so many works. */
    static final double PRIOR_WORKS = 3;

    /** Deviation of the logarithm of one work: a good day and a bad one are so far apart. */
    static final double NOISE = 0.35;

    /** Four times in five lies within so many deviations. */
    private static final double WITHIN = 1.2816;

    /** Less than this share of one work says nothing of an operation. */
    private static final double SHOWN = 0.25;

    /**
     * A work that was timed.
     *
     * @param hands what it was made of
     * @param ratio minutes taken over minutes reckoned by the studio's hand
     */
    record Timed(Steps hands, double ratio) {}

    /** @return what there is any record of, in the order of operations */
    static List<PaceLearnt> of(List<Timed> works, Pace.Hand hand) {
        Pace plain = new Pace(hand, List.of());
        Map<Operation, Double> weights = new EnumMap<>(Operation.class);
        Map<Operation, Double> logs = new EnumMap<>(Operation.class);
        for (Timed work : works) {
            double all = plain.minutes(work.hands());
            for (Step step : work.hands().list()) {
                double share = all <= 0 ? 0 : plain.minutes(new Steps(List.of(step))) / all;
                weights.merge(step.operation(), share, Double::sum);
                logs.merge(step.operation(), share * Math.log(work.ratio()), Double::sum);
            }
        }
        List<PaceLearnt> learnt = new ArrayList<>();
        weights.forEach((operation, weight) -> {
            if (weight >= SHOWN) {
                double factor = Math.exp(logs.get(operation) / (PRIOR_WORKS + weight));
                double each = plain.eachMin(operation);
                double off = Math.exp(WITHIN * NOISE / Math.sqrt(PRIOR_WORKS + weight));
                learnt.add(new PaceLearnt(
                        operation, weight, factor, each, each * factor, each * factor / off, each * factor * off));
            }
        });
        return learnt;
    }

    /** A pace with what was learnt in it; where the studio set its own minutes they give way. */
    public Pace into(Pace pace) {
        List<Pace.Own> own = new ArrayList<>(without(pace, operation).own());
        own.add(new Pace.Own(operation, Math.max(Pace.Own.LEAST_MIN, Math.round(learntMin * 1000) / 1000.0)));
        return new Pace(pace.hand(), own);
    }

    /** A pace in which an operation takes what the studio's hand takes. */
    public static Pace without(Pace pace, Operation operation) {
        return new Pace(
                pace.hand(),
                pace.own().stream().filter(o -> o.operation() != operation).toList());
    }
}
