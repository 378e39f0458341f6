package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Medium;

/** A species of sugar flower: its parts in build order, heart outwards. Immutable; part ids are unique, shades exist. */
@Words(
        label = "species",
        means = "A sugar flower as it is designed: its parts in build order, from the heart outwards.")
public record Species(
        @Words(label = "name", shortest = 1, longest = 80) String name,

        @Words(label = "note", longest = 2000, means = "Anything the maker wants to remember about it.")
        String note,

        @Quantity(
                label = "wanted width",
                unit = Unit.MM,
                min = 5,
                max = 400,
                usual = 60,
                means = "The finished width across the face that it is made for.")
        double faceMm,

        @Words(label = "medium") Medium medium,
        @Words(label = "shades", shortest = 1, longest = 24) List<Shade> shades,

        @Words(label = "parts", longest = 40, means = "In build order, from the heart outwards.")
        List<Part> parts,

        @Words(label = "ways") Ways ways) {
    public Species {
        shades = List.copyOf(shades);
        parts = List.copyOf(parts);
        Limits.check(Species.class, name, note, faceMm, medium, shades, parts, ways);
        Set<String> shadeIds = new HashSet<>();
        for (int i = 0; i < shades.size(); i++) {
            if (!shadeIds.add(shades.get(i).id())) {
                throw new InvalidValue("shades/" + i + "/id", shades.get(i).id(), "an id that no other shade has");
            }
        }
        Set<String> partIds = new HashSet<>();
        int hearts = 0;
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            if (!partIds.add(part.id())) {
                throw new InvalidValue("parts/" + i + "/id", part.id(), "an id that no other part has");
            }
            if (!shadeIds.contains(part.shade())) {
                throw new InvalidValue("parts/" + i + "/shade", part.shade(), "one of the shades " + shadeIds);
            }
            if (part instanceof Heart && ++hearts > 1) {
                throw new InvalidValue("parts/" + i, "a second heart", "one heart at most");
            }
        }
    }

    /** The heart, where there is one. */
    public Optional<Heart> heart() {
        return parts.stream()
                .filter(Heart.class::isInstance)
                .map(Heart.class::cast)
                .findFirst();
    }

    /** The rings, sepals and leaves, in build order. */
    public List<Petaled> petaled() {
        return parts.stream()
                .filter(Petaled.class::isInstance)
                .map(Petaled.class::cast)
                .toList();
    }

    /** The part of that id. */
    public Optional<Part> part(String id) {
        return parts.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The shade of that id; every part's shade exists. */
    public Shade shade(String id) {
        return shades.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    /** The same species with the part of the same id replaced. */
    public Species with(Part replacement) {
        List<Part> changed = new ArrayList<>(parts);
        changed.replaceAll(p -> p.id().equals(replacement.id()) ? replacement : p);
        return new Species(name, note, faceMm, medium, shades, changed, ways);
    }

    /** The same species wanted at another width. */
    public Species withFace(double newFaceMm) {
        return new Species(name, note, newFaceMm, medium, shades, parts, ways);
    }
}
