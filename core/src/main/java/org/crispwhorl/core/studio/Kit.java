package org.crispwhorl.core.studio;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.drying.Spread;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Grooves;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.wire.WireTable;

/** What the studio has at hand for a piece of work, and how it works. */
@RecordBuilder
@Text(label = "kit", means = "What the studio has at hand, and how it works.")
public record Kit(
        @Text(label = "gauges", longest = 20, means = "Gauges of wire in the drawer, 16 to 33.")
        List<Integer> gauges,

        @Text(label = "formers", longest = 100_000) List<FormerStock> formers,

        @Text(label = "places", means = "Where things dry, as far as the drawer says how many there are.")
        Places places,

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

        @Text(label = "laid", means = "How the board's grooves lie, as far as that is known.")
        Optional<Grooves> laid,

        @Quantity(
                label = "widest strip",
                unit = Unit.MM,
                min = 20,
                max = 600,
                step = 5,
                usual = 140,
                means = "As wide as the roller rolls.")
        double stripMm,

        @Text(label = "paste covered", means = "Whether cut pieces wait under a cover.")
        boolean covered,

        @Text(label = "pastes", longest = 5, means = "Those that are otherwise than usual.")
        List<Paste> pastes,

        @Text(label = "wires", longest = 20, means = "Gauges that were measured otherwise than the standard says.")
        List<MeasuredWire> wires,

        @Text(label = "breakage") Spares breakage,

        @Text(label = "breakage by sort", longest = 5, means = "Sorts of pieces that were counted apart.")
        List<SortedBreakage> breakages,

        @Text(label = "watched drying", longest = 10, means = "Media that were seen to dry otherwise than is reckoned.")
        List<Watched> watched)
        implements KitBuilder.With {

    /** A usual drawer. */
    public static final Kit USUAL = new Kit(
            List.of(18, 20, 22, 24, 26, 28, 30),
            List.of(),
            Places.UNSAID,
            8,
            1.2,
            Optional.empty(),
            140,
            true,
            List.of(),
            List.of(),
            Spares.UNRECORDED,
            List.of(),
            List.of());

    public Kit {
        gauges = List.copyOf(gauges);
        formers = List.copyOf(formers);
        pastes = List.copyOf(pastes);
        wires = List.copyOf(wires);
        watched = List.copyOf(watched);
        breakages = List.copyOf(breakages);
        Limits.check(
                Kit.class, gauges, formers, places, grooves, grooveMm, laid, stripMm, covered, pastes, wires, breakage,
                breakages, watched);
        WireTable table = WireTable.STANDARD;
        for (MeasuredWire wire : wires) {
            table = table.with(wire.gauge(), wire.diameterMm());
        }
        gauges.forEach(table::diameterMm);
    }

    /** How thick its wires are. */
    public WireTable wireTable() {
        WireTable table = WireTable.STANDARD;
        for (MeasuredWire wire : wires) {
            table = table.with(wire.gauge(), wire.diameterMm());
        }
        return table;
    }

    /** A medium as the studio has it, drying as fast as it was seen to. */
    public Paste paste(Medium medium) {
        Paste paste =
                pastes.stream().filter(p -> p.medium() == medium).findFirst().orElseGet(() -> Paste.usual(medium));
        return watched(medium).map(w -> paste.drying(w.factor())).orElse(paste);
    }

    /** What its records say of the drying of a medium. */
    public Optional<Watched> watched(Medium medium) {
        return watched(medium, Watched.DryingClock.BODY);
    }

    /** What its records say of one of the clocks of a medium. */
    public Optional<Watched> watched(Medium medium, Watched.DryingClock clock) {
        return watched.stream()
                .filter(w -> w.medium() == medium && w.clock() == clock)
                .findFirst();
    }

    /** The odds of breakage of a sort of pieces: their own, where they were counted apart. */
    public Spares spares(PieceSort sort) {
        return breakages.stream()
                .filter(b -> b.sort() == sort)
                .map(SortedBreakage::spares)
                .findFirst()
                .orElse(breakage);
    }

    /** The odds of breakage of one sort of pieces. */
    @Text(label = "breakage of a sort", means = "How many pieces of one sort break.")
    public record SortedBreakage(
            @Text(label = "sort") PieceSort sort,
            @Text(label = "breakage") Spares spares) {}

    /** How sure the drying of a medium is. */
    public Spread spread(Medium medium) {
        return watched(medium).map(w -> new Spread(w.sigma())).orElse(Spread.UNRECORDED);
    }

    /** A gauge as it was measured. */
    @Text(label = "measured wire", means = "A gauge as it was measured.")
    public record MeasuredWire(
            @Quantity(label = "gauge", unit = Unit.GAUGE, min = 16, max = 33, usual = 24, means = "Its gauge.")
            int gauge,

            @Quantity(
                    label = "diameter",
                    unit = Unit.FINE_MM,
                    min = 0.05,
                    max = 3,
                    step = 0.01,
                    usual = 0.56,
                    means = "Measured across the bare or the covered wire, as it is used.")
            double diameterMm) {
        public MeasuredWire {
            Limits.check(MeasuredWire.class, gauge, diameterMm);
        }
    }

    /** How many formers of a name there are; empty where the kit does not say. */
    public OptionalInt formersNamed(String name) {
        return formers.stream()
                .filter(f -> f.name().equals(name))
                .mapToInt(FormerStock::count)
                .findFirst();
    }

    /** Where things dry; what the drawer does not say is enough. */
    @Text(label = "places", means = "Where things dry.")
    public record Places(
            @Text(label = "cabinet", means = "Pieces that its shelves take at a time.")
            Optional<Integer> cabinet,

            @Text(label = "hooks", means = "Flowers that hang at a time.")
            Optional<Integer> hooks,

            @Text(label = "racks", means = "Wired pieces that stand at a time.")
            Optional<Integer> racks,

            @Text(label = "boards", means = "Ridged boards.")
            Optional<Integer> boards) {
        /** Of nothing it is said how many there are. */
        public static final Places UNSAID =
                new Places(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Formers of one kind. */
    @Text(label = "formers", means = "How many formers of one kind there are.")
    public record FormerStock(
            @Text(label = "name", shortest = 1, longest = 60)
            String name,

            @Quantity(label = "count", unit = Unit.COUNT, min = 0, max = 500, usual = 5, means = "How many there are.")
            int count) {
        public FormerStock {
            Limits.check(FormerStock.class, name, count);
        }
    }
}
