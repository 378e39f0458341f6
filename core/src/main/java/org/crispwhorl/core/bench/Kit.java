package org.crispwhorl.core.bench;

import java.util.List;
import java.util.OptionalInt;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.wire.WireTable;

/** What the studio has at hand for a piece of work, and how it works. */
@Words(label = "kit", means = "What the studio has at hand, and how it works.")
public record Kit(
        @Words(label = "gauges", longest = 20, means = "Gauges of wire in the drawer, 16 to 33.")
        List<Integer> gauges,

        @Words(label = "formers", longest = 60) List<FormerStock> formers,

        @Quantity(
                label = "grooves",
                unit = Unit.COUNT,
                min = 1,
                max = 60,
                usual = 8,
                means = "Grooves of the ridged board.")
        int grooves,

        @Quantity(
                label = "groove",
                unit = Unit.MM,
                min = 0.3,
                max = 6,
                step = 0.1,
                usual = 1.2,
                means = "Thickness of the ridge that a groove leaves.")
        double grooveMm,

        @Quantity(
                label = "scrap",
                unit = Unit.NONE,
                min = 0,
                max = 0.9,
                step = 0.05,
                usual = 0.25,
                means = "Share of the paste rolled that cannot be kneaded in again.")
        double scrapShare,

        @Words(label = "paste covered", means = "Whether cut pieces wait under a cover.")
        boolean covered,

        @Words(label = "pace") Pace pace) {
    /** A plain share of scrap, until the cutters' real nesting replaces it. */
    public static final double PLAIN_SCRAP = 0.25;

    /** A usual drawer. */
    public static final Kit USUAL =
            new Kit(List.of(18, 20, 22, 24, 26, 28, 30), List.of(), 8, 1.2, PLAIN_SCRAP, true, Pace.UNRECORDED);

    public Kit {
        gauges = List.copyOf(gauges);
        formers = List.copyOf(formers);
        Limits.check(Kit.class, gauges, formers, grooves, grooveMm, scrapShare, covered, pace);
        gauges.forEach(WireTable::diameterMm);
    }

    /** How many formers of a name there are; empty where the kit does not say. */
    public OptionalInt formersNamed(String name) {
        return formers.stream()
                .filter(f -> f.name().equals(name))
                .mapToInt(FormerStock::count)
                .findFirst();
    }

    /** Formers of one kind. */
    @Words(label = "formers", means = "How many formers of one kind there are.")
    public record FormerStock(
            @Words(label = "name", shortest = 1, longest = 60)
            String name,

            @Quantity(label = "count", unit = Unit.COUNT, min = 0, max = 500, usual = 5, means = "How many there are.")
            int count) {
        public FormerStock {
            Limits.check(FormerStock.class, name, count);
        }
    }
}
