package org.crispwhorl.core.measure;

import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.Collection;

/** Checks the components of a record against their {@link Quantity} and {@link Text}. */
public final class Limits {
    private static final ClassValue<Limits> CACHE = new ClassValue<>() {
        @Override
        protected Limits computeValue(Class<?> type) {
            return new Limits(type);
        }
    };

    /** Longer texts are told by their length, in characters. */
    private static final int SHOWN = 200;

    private final String[] names;
    private final Quantity[] quantities;
    private final Text[] words;
    private final Method[] accessors;

    private Limits(Class<?> type) {
        RecordComponent[] components = type.getRecordComponents();
        names = new String[components.length];
        quantities = new Quantity[components.length];
        words = new Text[components.length];
        accessors = new Method[components.length];
        for (int i = 0; i < components.length; i++) {
            names[i] = components[i].getName();
            quantities[i] = components[i].getAnnotation(Quantity.class);
            words[i] = components[i].getAnnotation(Text.class);
            accessors[i] = components[i].getAccessor();
        }
    }

    /**
     * Checks all components of a record that is being made.
     *
     * @param type the record's class
     * @param values its components, in order
     * @throws InvalidValue naming the first component that is missing or outside its range
     */
    public static void check(Class<? extends Record> type, Object... values) {
        CACHE.get(type).check(values);
    }

    /**
     * Checks that a record is one that a maker may state: its derivable numbers lie within their ranges too.
     *
     * @param field under which it is held
     * @throws InvalidValue naming the first component outside its range
     */
    public static void stated(String field, Record held) {
        Limits limits = CACHE.get(held.getClass());
        for (int i = 0; i < limits.names.length; i++) {
            if (limits.quantities[i] != null && limits.quantities[i].derivable()) {
                checkRange(field + "/" + limits.names[i], number(held, limits.accessors[i]), limits.quantities[i]);
            }
        }
    }

    private static double number(Record held, Method accessor) {
        try {
            return ((Number) accessor.invoke(held)).doubleValue();
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Whether a number lies within the range that a record's component states. */
    public static boolean allows(Class<? extends Record> type, String component, double value) {
        Quantity range = CACHE.get(type).range(component);
        return value >= range.min() && value <= range.max();
    }

    /** The greatest value that a record's component may be stated with. */
    public static double greatest(Class<? extends Record> type, String component) {
        return CACHE.get(type).range(component).max();
    }

    /** The least value that a record's component may be stated with. */
    public static double least(Class<? extends Record> type, String component) {
        return CACHE.get(type).range(component).min();
    }

    /** The number nearest to a value within the range that a record's component states. */
    public static double within(Class<? extends Record> type, String component, double value) {
        Quantity range = CACHE.get(type).range(component);
        return Math.max(range.min(), Math.min(range.max(), value));
    }

    private Quantity range(String component) {
        for (int i = 0; i < names.length; i++) {
            if (names[i].equals(component) && quantities[i] != null) {
                return quantities[i];
            }
        }
        throw new IllegalArgumentException("no quantity " + component);
    }

    private void check(Object[] values) {
        for (int i = 0; i < names.length; i++) {
            Object value = values[i];
            if (value == null) {
                throw new InvalidValue(names[i], "nothing", "a value");
            }
            if (quantities[i] != null && value instanceof Number number) {
                if (quantities[i].derivable()) {
                    checkPositive(names[i], number.doubleValue());
                } else {
                    checkRange(names[i], number.doubleValue(), quantities[i]);
                }
            }
            if (words[i] != null) {
                checkWords(names[i], value, words[i]);
            }
        }
    }

    private static void checkPositive(String name, double value) {
        if (!(value > 0 && Double.isFinite(value))) {
            throw new InvalidValue(name, plain(value), "more than 0");
        }
    }

    private static void checkRange(String name, double value, Quantity range) {
        if (!(value >= range.min() && value <= range.max())) {
            throw new InvalidValue(
                    name,
                    plain(value),
                    plain(range.min()) + " to " + plain(range.max()) + " "
                            + range.unit().sign());
        }
    }

    private static void checkWords(String name, Object value, Text limit) {
        int length = value instanceof String text
                ? text.length()
                : value instanceof Collection<?> many ? many.size() : limit.shortest();
        if (length < limit.shortest() || length > limit.longest()) {
            throw new InvalidValue(
                    name,
                    value instanceof String text && length <= SHOWN ? "'" + text + "'" : length + " of them",
                    "a length of " + limit.shortest() + " to " + limit.longest());
        }
        if (value instanceof String text) {
            checkText(name, text, limit);
        }
        if (value instanceof String text && !limit.pattern().isEmpty() && !text.matches(limit.pattern())) {
            throw new InvalidValue(name, "'" + text + "'", "text like " + limit.pattern());
        }
    }

    private static void checkText(String name, String text, Text limit) {
        text.codePoints()
                .filter(c -> !PlainText.allows(c, limit.lines()))
                .findFirst()
                .ifPresent(c -> {
                    throw new InvalidValue(
                            name, String.format("text with the unprintable character U+%04X", c), "text without it");
                });
        if (limit.shortest() > 0 && !PlainText.seen(text)) {
            throw new InvalidValue(name, "'" + text + "', of which nothing is seen", "at least one letter or sign");
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
