package org.crispwhorl.files.document;

import static org.testng.Assert.assertTrue;

import java.lang.reflect.Array;
import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** No field is a promise that nothing keeps: each changes something that is seen, or is said to change nothing and does not. */
public class EveryFieldTest {
    /** Not of the making: names, and colour, which is tried pass by pass elsewhere. */
    private static final Set<String> NOT_TRIED = Set.of("id", "name", "shade");

    /** What is said of a design beside what is reckoned of it. */
    private static final Set<String> NOT_FIGURES = Set.of("inShort", "idle", "fixes");

    /** What changes something only beside something else, each with what that is. */
    private static final Map<String, String> ONLY_BESIDE = Map.ofEntries(
            Map.entry("fewerCount", "the way of fewer pieces"),
            Map.entry("guide", "the list of pieces, where it is named"),
            Map.entry("lengthMm", "a piece longer than the veiner"),
            Map.entry("leastMm", "paste thinner than that"),
            Map.entry("sides", "paste that is veined too thin"),
            Map.entry("crestMm", "a band that is thinned"),
            Map.entry("finish", "an edge that is worked in no other way"),
            Map.entry("bandMm", "a strip of which no edge was worked"),
            Map.entry("onto", "a part within, which is soft by then"),
            Map.entry("as", "a piece that dries"),
            Map.entry("rule", "a ring within"),
            Map.entry("upTo", "a centre as high as that"),
            Map.entry("opensFrom", "a centre as high as that"),
            Map.entry("along", "more than one leaf"),
            Map.entry("freeMm", "a stem longer than that"),
            Map.entry("tailMm", "a stem longer than that"),
            Map.entry("apartMm", "more than one node"),
            Map.entry("texture", "the face, which is drawn from the design"),
            Map.entry("crown", "the face, which is drawn from the design"),
            Map.entry("quillDeg", "a piece that is not held shut"));

    @DataProvider
    public Object[][] flowers() {
        return DemoDocuments.texts().stream()
                .map(SpeciesDocument::readText)
                .map(species -> new Object[] {species.name(), species})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "flowers")
    public void eachChangesSomething(String name, Species species) {
        Reckoning before = Reckoner.reckon(species, Conditions.USUAL);
        String seen = seen(species);
        Set<String> unkept = new TreeSet<>();
        for (Part part : species.parts()) {
            List<String> idle = before.parts().stream()
                    .filter(p -> p.id().equals(part.id()))
                    .flatMap(p -> p.idle().stream())
                    .toList();
            changed((Record) part, "", (path, other) -> {
                boolean idles = idle.stream().anyMatch(i -> path.equals(i) || path.startsWith(i + "/"));
                boolean beside = ONLY_BESIDE.containsKey(path.substring(path.lastIndexOf('/') + 1));
                if ((idles || !beside)
                        && idles != seen(species.with((Part) other)).equals(seen)) {
                    unkept.add(part.getClass().getSimpleName() + ":" + part.id() + " " + path);
                }
            });
        }
        assertTrue(unkept.isEmpty(), name + ": " + unkept);
    }

    /** Every record that differs from one in a single number, choice or switch, wherever in it that is. */
    private static void changed(Record record, String at, BiConsumer<String, Record> each) {
        RecordComponent[] components = record.getClass().getRecordComponents();
        for (int i = 0; i < components.length; i++) {
            String name = components[i].getName();
            if (NOT_TRIED.contains(name)) {
                continue;
            }
            String path = at.isEmpty() ? name : at + "/" + name;
            int index = i;
            Object value = value(record, components[i]);
            for (Object other : others(components[i], value)) {
                made(record, index, other).ifPresent(r -> each.accept(path, r));
            }
            Object inner = value instanceof Optional<?> maybe ? maybe.orElse(null) : value;
            if (inner instanceof Record nested && !(inner instanceof Colouring) && !(inner instanceof Outline)) {
                changed(nested, path, (deeper, r) -> made(
                                record, index, value instanceof Optional<?> ? Optional.of(r) : r)
                        .ifPresent(outer -> each.accept(deeper, outer)));
            }
        }
    }

    private static List<Object> others(RecordComponent component, Object value) {
        Quantity range = component.getAnnotation(Quantity.class);
        if (value instanceof Integer number && range != null) {
            return List.of(number < range.max() ? number + 1 : number - 1);
        }
        if (value instanceof Double number && range != null) {
            double more = number + Math.max(range.step(), (range.max() - range.min()) / 10);
            return List.of(more <= range.max() ? more : Math.max(range.min(), number - range.step()));
        }
        if (value instanceof Enum<?> choice) {
            return Arrays.stream(choice.getDeclaringClass().getEnumConstants())
                    .filter(other -> other != choice)
                    .map(Object.class::cast)
                    .toList();
        }
        return value instanceof Boolean on ? List.of(!on) : List.of();
    }

    private static Object value(Record record, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }

    /** The same with one component otherwise; none where that is not allowed beside the others. */
    private static Optional<Record> made(Record record, int index, Object other) {
        RecordComponent[] components = record.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        Class<?>[] types = new Class<?>[components.length];
        for (int i = 0; i < components.length; i++) {
            values[i] = i == index ? other : value(record, components[i]);
            types[i] = components[i].getType();
        }
        try {
            Constructor<?> constructor = record.getClass().getDeclaredConstructor(types);
            constructor.setAccessible(true);
            return Optional.of((Record) constructor.newInstance(values));
        } catch (ReflectiveOperationException e) {
            return Optional.empty();
        }
    }

    /** All that is reckoned of a flower, its drawing among it. */
    private static String seen(Species species) {
        StringBuilder all = new StringBuilder();
        write(all, Reckoner.reckon(species, Conditions.USUAL));
        return all.toString();
    }

    private static void write(StringBuilder all, Object value) {
        if (value instanceof Record record) {
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                if (!NOT_FIGURES.contains(component.getName())) {
                    write(all, value(record, component));
                }
            }
        } else if (value instanceof Iterable<?> many) {
            many.forEach(one -> write(all, one));
        } else if (value instanceof Optional<?> maybe) {
            write(all, maybe.orElse(null));
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((k, v) -> {
                write(all, k);
                write(all, v);
            });
        } else if (value != null && value.getClass().isArray()) {
            for (int i = 0; i < Array.getLength(value); i++) {
                write(all, Array.get(value, i));
            }
        } else {
            all.append(value).append(' ');
        }
    }
}
