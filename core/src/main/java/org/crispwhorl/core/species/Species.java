package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Shade;

/** A species of sugar flower: its parts in build order, centre outwards. Immutable; part ids are unique, shades exist. */
@Text(
        label = "species",
        means = "A sugar flower as it is designed: its parts in build order, from the centre outwards.")
public record Species(
        @Text(label = "name", shortest = 1, longest = 80) String name,

        @Text(label = "note", longest = 2000, lines = true, means = "Anything the maker wants to remember about it.")
        String note,

        @Quantity(
                label = "wanted width",
                unit = Unit.MM,
                min = 5,
                max = 400,
                usual = 60,
                means = "The finished width across the face that it is made for.")
        double faceMm,

        @Text(label = "medium") Medium medium,
        @Text(label = "shades", shortest = 1, longest = 24) List<Shade> shades,

        @Text(label = "parts", longest = 40, means = "In build order, from the centre outwards.")
        List<Part> parts,

        @Text(label = "finishing") Finishing finishing,
        @Text(label = "techniques") Choices techniques) {
    /** What is done to the finished flower. */
    @Text(label = "finishing", means = "What is done to the finished flower.")
    public enum Finishing {
        @Text(label = "nothing")
        NONE,
        @Text(label = "steamed", means = "Sets the dust and deepens it.")
        STEAM,
        @Text(label = "petals steamed", means = "The petals alone; the centre is kept out of the steam.")
        STEAM_PETALS,
        @Text(label = "glazed", means = "A liquid glaze.")
        GLAZE,
        @Text(label = "stem glazed", means = "Stem and leaves alone, with a liquid glaze.")
        GLAZE_STEM,
        @Text(label = "petals steamed, stem glazed", means = "The centre is kept out of both.")
        STEAM_PETALS_GLAZE_STEM;

        /** Whether it wets a part: all of them, the flat pieces of the head, or what stands on the stem. */
        public boolean wets(Part part) {
            boolean petals = this == STEAM_PETALS || this == STEAM_PETALS_GLAZE_STEM;
            boolean stem = this == GLAZE_STEM || this == STEAM_PETALS_GLAZE_STEM;
            return reachesCentres() || petals && part.inHead() && part.flat().isPresent() || stem && !part.inHead();
        }

        /** Whether a part is passed through steam. */
        public boolean steams(Part part) {
            boolean petals = this == STEAM_PETALS || this == STEAM_PETALS_GLAZE_STEM;
            return this == STEAM || petals && part.inHead() && part.flat().isPresent();
        }

        /** Whether it is glazed anywhere. */
        public boolean glazes() {
            return this == GLAZE || this == GLAZE_STEM || this == STEAM_PETALS_GLAZE_STEM;
        }

        /** Whether it wets the centres. */
        public boolean reachesCentres() {
            return this == STEAM || this == GLAZE;
        }
    }

    public Species {
        shades = List.copyOf(shades);
        parts = List.copyOf(parts);
        Limits.check(Species.class, name, note, faceMm, medium, shades, parts, finishing, techniques);
        Set<String> shadeIds = new HashSet<>();
        for (int i = 0; i < shades.size(); i++) {
            if (!shadeIds.add(shades.get(i).id())) {
                throw new InvalidValue("shades/" + i + "/id", shades.get(i).id(), "an id that no other shade has");
            }
        }
        Set<String> partIds = new HashSet<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            if (!partIds.add(part.id())) {
                throw new InvalidValue("parts/" + i + "/id", part.id(), "an id that no other part has");
            }
            String at = "parts/" + i;
            part.shadeId().ifPresent(shade -> known(shadeIds, at + "/shade", shade));
            part.flat().map(Petaled::pieces).ifPresent(pieces -> {
                pieces.carries().ifPresent(c -> known(shadeIds, at + "/pieces/carries/shade", c.shade()));
                pieces.lining().ifPresent(l -> known(shadeIds, at + "/pieces/lining/shade", l.shade()));
            });
        }
        if (all(parts, Heads.class).size() > 1) {
            int second = parts.indexOf(all(parts, Heads.class).get(1));
            throw new InvalidValue("parts/" + second, "a second set of further heads", "one at most");
        }
    }

    private static void known(Set<String> shadeIds, String field, String shade) {
        if (!shadeIds.contains(shade)) {
            throw new InvalidValue(field, shade, "one of the shades " + shadeIds);
        }
    }

    /** All parts of one kind, in build order. */
    public <P extends Part> List<P> all(Class<P> kind) {
        return all(parts, kind);
    }

    private static <P extends Part> List<P> all(List<Part> parts, Class<P> kind) {
        return parts.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** What thickens the stem. */
    public List<StemWrap> wraps() {
        return all(StemWrap.class);
    }

    /** The parts of one head and its stem: all but further heads, which are flowers of their own. */
    public List<Part> ownParts() {
        return parts.stream().filter(p -> !p.severalHeads()).toList();
    }

    /** The first centre, whose wire is the stem, where there is one. */
    public Optional<Centre> centre() {
        return all(Centre.class).stream().findFirst();
    }

    /** Every centre, the first of which has the stem. */
    public List<Centre> centres() {
        return all(Centre.class);
    }

    /** The further heads on its stem, where there are any. */
    public Optional<Heads> heads() {
        return all(Heads.class).stream().findFirst();
    }

    /** The rings, sepals and leaves, in build order. */
    public List<Petaled> petaled() {
        return parts.stream().flatMap(p -> p.flat().stream()).toList();
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
        return new Species(name, note, faceMm, medium, shades, changed, finishing, techniques);
    }

    /** The same species under another name. */
    public Species named(String newName) {
        return new Species(newName, note, faceMm, medium, shades, parts, finishing, techniques);
    }

    /** The same species without a part. */
    public Species without(String partId) {
        return withParts(parts.stream().filter(p -> !p.id().equals(partId)).toList());
    }

    /** The same species made of other parts. */
    public Species withParts(List<Part> newParts) {
        return new Species(name, note, faceMm, medium, shades, newParts, finishing, techniques);
    }

    /** The same species in other shades. */
    public Species withShades(List<Shade> newShades) {
        return new Species(name, note, faceMm, medium, newShades, parts, finishing, techniques);
    }

    /** The same species of another medium. */
    public Species withMedium(Medium newMedium) {
        return new Species(name, note, faceMm, newMedium, shades, parts, finishing, techniques);
    }

    /** The same species finished otherwise. */
    public Species withFinishing(Finishing newFinishing) {
        return new Species(name, note, faceMm, medium, shades, parts, newFinishing, techniques);
    }

    /** The same species made in other ways. */
    public Species withTechniques(Choices newTechniques) {
        return new Species(name, note, faceMm, medium, shades, parts, finishing, newTechniques);
    }

    /** The same species wanted at another width. */
    public Species withFace(double newFaceMm) {
        return new Species(name, note, newFaceMm, medium, shades, parts, finishing, techniques);
    }

    /** The same species under another name. */
    public Species withName(String newName) {
        return new Species(newName, note, faceMm, medium, shades, parts, finishing, techniques);
    }
}
