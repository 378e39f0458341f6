package org.crispwhorl.core.measure;

import java.util.List;

/**
 * Why a figure is what it is: the rule in words, what went into it, and where the rule comes from.
 *
 * @param rule the relation, written for a maker
 * @param inputs the figures that it was given
 * @param source a law by its name, the maker's own setting, or the record it was learnt from
 */
public record Why(String rule, List<Input> inputs, String source) {
    public Why {
        inputs = List.copyOf(inputs);
    }

    public static Why of(String rule, String source, Input... inputs) {
        return new Why(rule, List.of(inputs), source);
    }

    /** One figure that went into the rule. */
    public record Input(String label, @MayBeInfinite double value, Unit unit) {}

    public static Input in(String label, double value, Unit unit) {
        return new Input(label, value, unit);
    }
}
