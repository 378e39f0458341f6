package org.crispwhorl.core.study;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.thinning.Thinning;

/** A flower taken apart. */
@Text(label = "study", means = "A flower taken apart, petal by petal.")
public record Study(
        @Text(label = "name", shortest = 1, longest = 80) String name,

        @Quantity(
                label = "the real one, across",
                unit = Unit.MM,
                min = 5,
                max = 1000,
                usual = 80,
                means = "Width of the flower that was taken apart.")
        double realFaceMm,

        @Quantity(
                label = "wanted, across",
                unit = Unit.MM,
                min = 5,
                max = 400,
                usual = 60,
                means = "Width that the sugar flower shall have.")
        double faceMm,

        @Text(label = "thickness") Thinning thinning,

        @Text(label = "petals", shortest = 1, longest = 200, means = "Petals by size, in any order.")
        List<MeasuredPetals> petals) {
    /** Petals measured one by one that differ by less are of one ring. */
    public static final double ONE_RING = 0.06;

    /** Rows of several petals that differ by less were measured twice. */
    private static final double SAME = 0.015;

    /** The inner ring stands up, the outer lies open, degrees. */
    private static final double INNER_DEG = 35;

    private static final double OUTER_DEG = 75;

    private static final double BASE = 0.25;
    private static final double TIP = 2;

    /** The centre is as wide as this share of the smallest petals' length. */
    private static final double CENTRE = 0.35;

    public Study {
        petals = List.copyOf(petals);
        Limits.check(Study.class, name, realFaceMm, faceMm, thinning, petals);
    }

    /** Petals that belong together so far. */
    private record Group(MeasuredPetals mean, boolean measuredAlone) {}

    /** The petals sorted into rings, the smallest inside. */
    public List<MeasuredPetals> rings() {
        List<Group> groups = new ArrayList<>(
                petals.stream().map(p -> new Group(p, p.count() == 1)).toList());
        while (join(groups)) {
            // Until no two belong together.
        }
        return groups.stream()
                .map(Group::mean)
                .sorted(Comparator.comparingDouble((MeasuredPetals r) -> r.lengthMm() * r.widthMm()))
                .toList();
    }

    /** Joins the two groups that are most alike, where they are of one ring; a ring measured as such stays one. */
    private static boolean join(List<Group> groups) {
        int one = -1;
        int other = -1;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < groups.size(); i++) {
            for (int j = 0; j < i; j++) {
                boolean alone = groups.get(i).measuredAlone() && groups.get(j).measuredAlone();
                double differs = groups.get(i).mean().differs(groups.get(j).mean());
                if (differs < (alone ? ONE_RING : SAME) && differs < least) {
                    least = differs;
                    one = i;
                    other = j;
                }
            }
        }
        if (one < 0) {
            return false;
        }
        Group removed = groups.remove(one);
        Group kept = groups.get(other);
        groups.set(other, new Group(kept.mean().with(removed.mean()), kept.measuredAlone() && removed.measuredAlone()));
        return true;
    }

    /** The first draft: rings of the measured shapes at the wanted width, cut smaller by what thinning makes them grow. */
    public Species draft() {
        double scale = faceMm / realFaceMm;
        List<MeasuredPetals> rings = rings();
        Shade petal = new Shade("petal", "petal", "#c9a0b4", 0.4);
        Shade green = new Shade("green", "green", "#3d5e33", 0.8);
        List<Part> parts = new ArrayList<>();
        double ball = Math.max(2, Math.min(80, CENTRE * scale * rings.get(0).lengthMm()));
        parts.add(new Centre(
                "centre", "centre", green.id(), new CentreForm.Ball(ball), 20, 0, 1, 4, 100, Colouring.NONE));
        for (int i = 0; i < rings.size(); i++) {
            parts.add(ring(i, rings.size(), rings.get(i), scale, petal.id()));
        }
        return new Species(
                name,
                note(rings),
                faceMm,
                Medium.USUAL,
                List.of(petal, green),
                parts,
                Species.Finishing.NONE,
                Choices.NONE);
    }

    private Ring ring(int i, int rings, MeasuredPetals measured, double scale, String shade) {
        Outline finished = Outline.of(
                Limits.within(Outline.class, "lengthMm", scale * measured.lengthMm()),
                Limits.within(Outline.class, "widthMm", scale * measured.widthMm()),
                measured.widest(),
                BASE,
                TIP);
        double rim = Limits.within(Former.class, "rimRadiusMm", finished.lengthMm());
        double lean = rings == 1 ? OUTER_DEG : INNER_DEG + (OUTER_DEG - INNER_DEG) * i / (rings - 1);
        return new Ring(
                "ring-" + (i + 1),
                measured.note().isBlank() ? "ring " + (i + 1) : shortened(measured.note()),
                shade,
                Pieces.cut(
                        measured.count(),
                        thinning.cutterFor(finished),
                        thinning,
                        lean,
                        Optional.of(new Former(
                                "cup", rim, Limits.within(Former.class, "depthMm", rim / 4), Former.Side.CUPS_IN)),
                        Place.of(i == 0 ? Place.Rule.FREE : Place.Rule.IN_THE_GAPS),
                        Overlap.TUCKED,
                        new Attachment.Wired(28, Math.max(2, finished.lengthMm() / 3), 0, 3, 80, 0.9),
                        new Lying.OneSided(),
                        Joining.of(Joining.As.FIRM, Joining.Onto.DRY)),
                Colouring.dust(1));
    }

    private static final int LONGEST_NAME = 60;

    private static String shortened(String note) {
        return note.length() <= LONGEST_NAME ? note : note.substring(0, LONGEST_NAME);
    }

    private String note(List<MeasuredPetals> rings) {
        return String.format(
                java.util.Locale.ROOT,
                "Drafted from a real flower %.0f mm across: %d petals in %d rings. Leans, formers and centre are guesses.",
                realFaceMm,
                rings.stream().mapToInt(MeasuredPetals::count).sum(),
                rings.size());
    }
}
