package org.crispwhorl.core.reckoning;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;

/**
 * What each choice of a way would change of a flower, in figures, before it is taken.
 *
 * @param way name of the way, as a component of {@link Techniques}
 * @param choice the constant that would be chosen
 * @param label the maker's word for it
 * @param changes what would come out otherwise; none where it makes no difference to this flower
 */
public record WayEffects(String way, Enum<?> choice, String label, List<FigureChange> changes) {
    /** The figures of the whole flower that are told. */
    private static final List<String> TOLD = List.of("labour", "petals", "paste", "wire", "stem", "ready");

    /** What differs by less than this share does not differ. */
    private static final double SAME = 1e-3;

    public WayEffects {
        changes = List.copyOf(changes);
    }

    /** A figure as it is and as it would be. */
    public record FigureChange(String key, String label, double from, double to, Unit unit) {}

    /** Every choice that is not made, way by way. */
    public static List<WayEffects> of(Species species, Conditions conditions) {
        List<Figure> now = Reckoner.reckon(species, conditions).figures();
        List<WayEffects> all = new ArrayList<>();
        for (RecordComponent way : Techniques.class.getRecordComponents()) {
            for (Object choice : way.getType().getEnumConstants()) {
                Techniques other = otherwise(conditions.techniques(), way, choice);
                if (!other.equals(conditions.techniques())) {
                    List<Figure> then = Reckoner.reckon(species, conditions.withTechniques(other))
                            .figures();
                    all.add(new WayEffects(
                            way.getName(), (Enum<?>) choice, Text.Labels.of((Enum<?>) choice), changes(now, then)));
                }
            }
        }
        return all;
    }

    private static Techniques otherwise(Techniques techniques, RecordComponent changed, Object choice) {
        RecordComponent[] components = Techniques.class.getRecordComponents();
        try {
            Object[] values = new Object[components.length];
            for (int i = 0; i < components.length; i++) {
                values[i] = components[i].getName().equals(changed.getName())
                        ? choice
                        : components[i].getAccessor().invoke(techniques);
            }
            return Techniques.class
                    .getConstructor(Arrays.stream(components)
                            .map(RecordComponent::getType)
                            .toArray(Class<?>[]::new))
                    .newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static List<FigureChange> changes(List<Figure> now, List<Figure> then) {
        return TOLD.stream()
                .map(key -> change(key, now, then))
                .filter(Objects::nonNull)
                .toList();
    }

    private static FigureChange change(String key, List<Figure> now, List<Figure> then) {
        if (now.stream().noneMatch(f -> f.key().equals(key))
                || then.stream().noneMatch(f -> f.key().equals(key))) {
            return null;
        }
        Figure from = Figure.find(now, key);
        double to = Figure.find(then, key).value();
        boolean same = from.value() == to || Math.abs(from.value() - to) <= SAME * Math.abs(from.value());
        return same ? null : new FigureChange(key, from.label(), from.value(), to, from.unit());
    }
}
