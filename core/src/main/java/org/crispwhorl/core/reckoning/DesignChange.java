package org.crispwhorl.core.reckoning;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Species;

/**
 * Carries a change of a species as it is made back to the design: what the change touched is taken over, what the studio's
 * ways alone had altered stays as it was designed (a three-way merge of records).
 */
public final class DesignChange {
    private DesignChange() {}

    /**
     * @param designed the design
     * @param made the same as the studio makes it
     * @param changed {@code made} with a change
     * @return the design with that change
     * @throws org.crispwhorl.core.measure.InvalidValue where the design cannot take it
     */
    public static Species carriedOver(Species designed, Species made, Species changed) {
        boolean asDesigned =
                designed.parts().equals(made.parts()) && designed.shades().equals(made.shades());
        return asDesigned
                ? changed.withWays((Choices) merged(designed.ways(), made.ways(), changed.ways()))
                : (Species) merged(designed, made, changed);
    }

    private static Object merged(Object designed, Object made, Object changed) {
        if (changed.equals(made)) {
            return designed;
        }
        boolean sameType = designed.getClass() == made.getClass() && made.getClass() == changed.getClass();
        if (designed instanceof Record record && sameType) {
            return record(record, (Record) made, (Record) changed);
        }
        if (designed instanceof Optional<?> d && made instanceof Optional<?> m && changed instanceof Optional<?> c) {
            return d.isPresent() && m.isPresent() && c.isPresent()
                    ? Optional.of(merged(d.get(), m.get(), c.get()))
                    : changed;
        }
        if (designed instanceof List<?> d && made instanceof List<?> m && changed instanceof List<?> c) {
            return d.size() == m.size() && m.size() == c.size() ? list(d, m, c) : changed;
        }
        return changed;
    }

    private static List<Object> list(List<?> designed, List<?> made, List<?> changed) {
        List<Object> all = new ArrayList<>();
        for (int i = 0; i < designed.size(); i++) {
            Object item = designed.get(i);
            int at = item instanceof Part part ? indexOf(made, part.id()) : i;
            all.add(merged(item, made.get(at), changed.get(at)));
        }
        return all;
    }

    private static int indexOf(List<?> parts, String id) {
        for (int i = 0; i < parts.size(); i++) {
            if (((Part) parts.get(i)).id().equals(id)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no part " + id);
    }

    private static Object record(Record designed, Record made, Record changed) {
        RecordComponent[] components = designed.getClass().getRecordComponents();
        Class<?>[] types = new Class<?>[components.length];
        Object[] values = new Object[components.length];
        try {
            for (int i = 0; i < components.length; i++) {
                types[i] = components[i].getType();
                var read = components[i].getAccessor();
                values[i] = merged(read.invoke(designed), read.invoke(made), read.invoke(changed));
            }
            Object merged = designed.getClass().getDeclaredConstructor(types).newInstance(values);
            return merged instanceof Pieces pieces
                    ? counted(pieces, (Pieces) designed, (Pieces) made, (Pieces) changed)
                    : merged;
        } catch (InvocationTargetException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : new IllegalStateException(e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Where the quick count is in force, a change of the count is one of the quick count. */
    private static Pieces counted(Pieces merged, Pieces designed, Pieces made, Pieces changed) {
        boolean quick = made.count() != designed.count();
        return !quick || changed.count() == made.count()
                ? merged
                : merged.with(d -> {
                    d.count = designed.count();
                    d.quickCount = changed.count();
                });
    }
}
