package org.crispwhorl.core.measure;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A record made of the usual values that stand on its components, so that they stand nowhere else. */
public final class Usual {
    private Usual() {}

    /**
     * A record of usual values: numbers as stated, the first of each choice, nothing where nothing need be.
     *
     * @param otherwise components that are otherwise, by name; texts have no usual value, so all of them
     * @throws IllegalArgumentException where a component has no usual value, or a name is none of the record's
     */
    public static <T extends Record> T of(Class<T> type, Map<String, ?> otherwise) {
        RecordComponent[] components = type.getRecordComponents();
        List<String> names =
                Arrays.stream(components).map(RecordComponent::getName).toList();
        if (!names.containsAll(otherwise.keySet())) {
            throw new IllegalArgumentException(type.getSimpleName() + " has " + names + ", not " + otherwise.keySet());
        }
        Object[] values = Arrays.stream(components)
                .map(c -> otherwise.containsKey(c.getName()) ? otherwise.get(c.getName()) : usual(c))
                .toArray();
        try {
            return type.getDeclaredConstructor(Arrays.stream(components)
                            .map(RecordComponent::getType)
                            .toArray(Class<?>[]::new))
                    .newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalArgumentException(type.getSimpleName() + " cannot be made of usual values", e);
        }
    }

    /** A record of usual values throughout. */
    public static <T extends Record> T of(Class<T> type) {
        return of(type, Map.of());
    }

    private static Object usual(RecordComponent component) {
        Class<?> type = component.getType();
        Quantity quantity = component.getAnnotation(Quantity.class);
        if (quantity != null) {
            return type == int.class ? (Object) (int) quantity.usual() : (Object) quantity.usual();
        }
        if (type == boolean.class) {
            return false;
        }
        if (type.isEnum()) {
            return type.getEnumConstants()[0];
        }
        if (type == Optional.class) {
            return Optional.empty();
        }
        if (type == List.class) {
            return List.of();
        }
        if (type.isRecord()) {
            return of(type.asSubclass(Record.class));
        }
        throw new IllegalArgumentException("'" + component.getName() + "' has no usual value");
    }
}
