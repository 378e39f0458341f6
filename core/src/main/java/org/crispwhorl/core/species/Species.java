package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
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
        @Text(label = "techniques") Choices techniques,

        @Text(label = "why", longest = 40, means = "What a maker should know of a part, told on its card.")
        List<PartNote> notes)
        implements SpeciesBuilder.With {
    /**
     * Why a part is as it is, what is looked for, what goes wrong with it.
     *
     * @param part id of the part; a note on one that is gone is kept, and told nowhere
     */
    @Text(label = "why", means = "Why a part is as it is, what is looked for, what goes wrong with it.")
    public record PartNote(
            @Text(label = "part", pattern = Part.ID) String part,

            @Text(label = "why", shortest = 1, longest = 400)
            String text) {
        public PartNote {
            Limits.check(PartNote.class, part, text);
        }
    }

    /** What is done to the finished flower. */
    @Text(label = "finishing", means = "What is done to the finished flower.")
    public enum Finishing {
        @Text(label = "nothing")
        NONE(Reach.NOTHING, Coat.NONE, Reach.NOTHING),
        @Text(label = "steamed", means = "Sets the dust and deepens it.")
        STEAM(Reach.ALL, Coat.NONE, Reach.NOTHING),
        @Text(label = "petals steamed", means = "The petals alone; the centre is kept out of the steam.")
        STEAM_PETALS(Reach.PETALS, Coat.NONE, Reach.NOTHING),
        @Text(label = "glazed", means = "A liquid glaze.")
        GLAZE(Reach.NOTHING, Coat.GLAZE, Reach.ALL),
        @Text(label = "stem glazed", means = "Stem and leaves alone, with a liquid glaze.")
        GLAZE_STEM(Reach.NOTHING, Coat.GLAZE, Reach.STEM),
        @Text(label = "petals steamed, stem glazed", means = "The centre is kept out of both.")
        STEAM_PETALS_GLAZE_STEM(Reach.PETALS, Coat.GLAZE, Reach.STEM),
        @Text(label = "lacquered", means = "Sprayed thinly with lacquer in the open air; not eaten afterwards.")
        LACQUER(Reach.NOTHING, Coat.LACQUER, Reach.ALL),
        @Text(label = "stem lacquered", means = "Stem and leaves alone, sprayed with lacquer in the open air.")
        LACQUER_STEM(Reach.NOTHING, Coat.LACQUER, Reach.STEM),
        @Text(label = "petals steamed, stem lacquered", means = "The centre is kept out of both.")
        STEAM_PETALS_LACQUER_STEM(Reach.PETALS, Coat.LACQUER, Reach.STEM);

        /** What of a flower something reaches. */
        enum Reach {
            NOTHING,
            PETALS,
            STEM,
            ALL;

            boolean reaches(Part part) {
                return switch (this) {
                    case NOTHING -> false;
                    case PETALS -> part.inHead() && part.flat().isPresent();
                    case STEM -> !part.inHead();
                    case ALL -> true;
                };
            }
        }

        /** What is laid over it last. */
        enum Coat {
            NONE,
            GLAZE,
            LACQUER
        }

        private final Reach steamed;
        private final Coat coat;
        private final Reach coated;

        Finishing(Reach steamed, Coat coat, Reach coated) {
            this.steamed = steamed;
            this.coat = coat;
            this.coated = coated;
        }

        Reach steamed() {
            return steamed;
        }

        Coat coat() {
            return coat;
        }

        Reach coated() {
            return coated;
        }

        /** Whether it wets a part: all of them, the flat pieces of the head, or what stands on the stem. */
        public boolean wets(Part part) {
            return steams(part) || coated.reaches(part);
        }

        /** Whether a part is passed through steam. */
        public boolean steams(Part part) {
            return steamed.reaches(part);
        }

        /** Whether its smell fills a room. */
        public boolean smells() {
            return coat == Coat.LACQUER;
        }
    }

    public Species {
        shades = List.copyOf(shades);
        parts = List.copyOf(parts);
        notes = List.copyOf(notes);
        Limits.check(Species.class, name, note, faceMm, medium, shades, parts, finishing, techniques, notes);
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
            part.shadesByField().forEach((field, shade) -> known(shadeIds, at + "/" + field, shade));
        }
        if (all(parts, Heads.class).size() > 1) {
            int second = parts.indexOf(all(parts, Heads.class).get(1));
            throw new InvalidValue("parts/" + second, "a second set of further heads", "one at most");
        }
    }

    /** A species of which no part needs a word. */
    public Species(
            String name,
            String note,
            double faceMm,
            Medium medium,
            List<Shade> shades,
            List<Part> parts,
            Finishing finishing,
            Choices techniques) {
        this(name, note, faceMm, medium, shades, parts, finishing, techniques, List.of());
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

    /** What the first ring is laid on: the centre; none where rings are stacked in a cup first and the centre is set into them last. */
    public Optional<Centre> bearer() {
        return stack().isEmpty() ? centre() : Optional.empty();
    }

    /**
     * Rings that are laid soft into one cup, outermost first, each on the one before: those of one cup with which the flower begins,
     * before any centre; empty where it is built outwards.
     */
    public List<Petaled> stack() {
        List<Petaled> stack = new ArrayList<>();
        for (Part part : parts) {
            Optional<Petaled> ring = part.flat().filter(Petaled::ring).filter(Species::laidInACup);
            boolean same = ring.isPresent()
                    && (stack.isEmpty()
                            || stack.get(0)
                                    .pieces()
                                    .former()
                                    .equals(ring.get().pieces().former()));
            if (!same) {
                break;
            }
            stack.add(ring.get());
        }
        return stack;
    }

    private static boolean laidInACup(Petaled ring) {
        return ring.pieces().hugs()
                && ring.pieces()
                        .former()
                        .filter(f -> f.side() == Former.Side.CUPS_IN)
                        .isPresent();
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
        return withParts(changed);
    }

    /** The same species without a part. */
    public Species without(String partId) {
        return withParts(parts.stream().filter(p -> !p.id().equals(partId)).toList());
    }

    /** Why a part is as it is, as the maker wrote it. */
    public Optional<String> noteOn(String partId) {
        return notes.stream().filter(n -> n.part().equals(partId)).findFirst().map(PartNote::text);
    }
}
