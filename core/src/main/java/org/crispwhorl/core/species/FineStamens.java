package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.CountsPieces;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** Stamens of paste, each on its own fine wire, one of which may stand longer. */
@Text(label = "stamens on fine wire", means = "Stamens of paste, each on a fine wire of its own.")
@RecordBuilder
public record FineStamens(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of the shade of paste of the anthers.")
        String shade,

        @Quantity(label = "count", unit = Unit.COUNT, min = 1, max = 120, usual = 6, means = "How many there are.")
        @CountsPieces
        int count,

        @Quantity(label = "gauge", unit = Unit.GAUGE, min = 16, max = 33, usual = 33, means = "Gauge of the fine wire.")
        int gauge,

        @Quantity(
                label = "height above the centre",
                unit = Unit.MM,
                min = 2,
                max = 150,
                usual = 16,
                means = "Height of the anthers above the neck.")
        double aboveCentreMm,

        @Quantity(
                label = "ring",
                unit = Unit.MM,
                min = 0,
                max = 80,
                step = 0.5,
                usual = 4,
                means = "Radius of the ring on which the anthers stand.")
        double ringMm,

        @Quantity(
                label = "spread over",
                unit = Unit.DEGREE,
                min = 0,
                max = 360,
                step = 15,
                usual = 360,
                means = "How much of the way round they stand: 360 all round, less all to one side.")
        double spreadDeg,

        @Quantity(
                label = "anther long",
                unit = Unit.MM,
                min = 0.5,
                max = 30,
                step = 0.5,
                usual = 3,
                means = "Length of an anther.")
        double antherMm,

        @Quantity(
                label = "anther thick",
                unit = Unit.MM,
                min = 0.3,
                max = 10,
                step = 0.1,
                usual = 1.2,
                means = "Thickness of an anther.")
        double thickMm,

        @Quantity(
                label = "one longer by",
                unit = Unit.MM,
                min = 0,
                max = 60,
                usual = 0,
                means = "How much longer one of them stands; 0 for none.")
        double longerMm,

        @Quantity(
                label = "tail",
                unit = Unit.MM,
                min = 5,
                max = 300,
                step = 5,
                usual = 60,
                means = "Wire below the neck.")
        double tailMm,

        @Text(label = "colour") Colouring colour)
        implements ShadedPart, BringsNothing {
    public FineStamens {
        Limits.check(
                FineStamens.class,
                id,
                name,
                shade,
                count,
                gauge,
                aboveCentreMm,
                ringMm,
                spreadDeg,
                antherMm,
                thickMm,
                longerMm,
                tailMm,
                colour);
    }

    @Override
    public FineStamens with(Colouring newColour) {
        return FineStamensBuilder.builder(this).colour(newColour).build();
    }

    @Override
    public String inShort() {
        return count + " × " + Unit.MM.write(aboveCentreMm) + " · " + Unit.GAUGE.write(gauge);
    }

    @Override
    public int pieceCount() {
        return count;
    }

    /** Stamens all round their ring. */
    public FineStamens(
            String id,
            String name,
            String shade,
            int count,
            int gauge,
            double aboveCentreMm,
            double ringMm,
            double antherMm,
            double thickMm,
            double longerMm,
            double tailMm,
            Colouring colour) {
        this(
                id,
                name,
                shade,
                count,
                gauge,
                aboveCentreMm,
                ringMm,
                ALL_ROUND,
                antherMm,
                thickMm,
                longerMm,
                tailMm,
                colour);
    }

    private static final double ALL_ROUND = 360;

    /** The same spread over another part of the way round. */
    public FineStamens spreadOver(double newSpreadDeg) {
        return FineStamensBuilder.builder(this).spreadDeg(newSpreadDeg).build();
    }

    /** From one to the next round the axis, radians; all round the last has the first for its neighbour. */
    private double apartRad() {
        double steps = spreadDeg == ALL_ROUND ? count : Math.max(1, count - 1);
        return Math.toRadians(spreadDeg) / steps;
    }

    /** Length of each wire but the longer one, mm: out to the ring, and the tail. */
    public double wireMm() {
        return Math.hypot(aboveCentreMm, ringMm) + tailMm;
    }

    @Override
    public List<WireCut> wireCuts() {
        if (longerMm == 0) {
            return List.of(new WireCut(gauge, wireMm(), count));
        }
        WireCut longer = new WireCut(gauge, wireMm() + longerMm, 1);
        return count == 1 ? List.of(longer) : List.of(new WireCut(gauge, wireMm(), count - 1), longer);
    }

    public FineStamens withRing(double newRingMm) {
        return FineStamensBuilder.builder(this).ringMm(newRingMm).build();
    }

    @Override
    public boolean inHead() {
        return true;
    }

    @Override
    public Strand strand(WireTable table) {
        return new Strand(Collections.nCopies(count, table.diameterMm(gauge)), List.of(), true, tailMm);
    }

    /** The longer one stands half-way in. */
    @Override
    public List<Solid> solids(WireTable table) {
        List<Solid> solids = new ArrayList<>();
        List<double[]> anthers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean longer = i == 0 && longerMm > 0;
            double turn = apartRad() * i;
            double out = longer ? ringMm / 2 : ringMm;
            double[] tip = {out * Math.cos(turn), out * Math.sin(turn), aboveCentreMm + (longer ? longerMm : 0)};
            anthers.add(tip);
            solids.add(new Solid.Tube(List.of(new double[3], tip), table.diameterMm(gauge)));
        }
        solids.add(new Solid.Grains(anthers, thickMm, antherMm));
        return solids;
    }

    /** An anther is an ellipsoid: πld²/6. */
    @Override
    public List<Portion> lumps(BuildContext made) {
        return List.of(new Portion(shade, Math.PI * antherMm * thickMm * thickMm / 6, count));
    }

    /** Volume ÷ surface of a long spindle in its thickness: (πld²/6) ÷ (π²ld/4). */
    private static final double SPINDLE = 2 / (3 * Math.PI);

    @Override
    public Optional<Body> drying(BuildContext made) {
        return Optional.of(Body.of(thickMm * SPINDLE));
    }

    @Override
    public Steps making(BuildContext made) {
        return Steps.of(Operation.BALL, count, "Roll {n} anthers, " + Said.size(antherMm, thickMm) + ".")
                .and(
                        Operation.WIRE,
                        count,
                        "Push each on " + Unit.GAUGE.write(gauge) + " wire, " + Said.mm(wireMm()) + " long, with glue"
                                + (longerMm > 0 ? "; one " + Said.mm(longerMm) + " longer." : "."))
                .using(Use.GLUE);
    }

    @Override
    public double reachesDownMm() {
        return tailMm;
    }

    /** Bound to the stem as one bunch. */
    @Override
    public Steps joining(BuildContext made) {
        return Steps.of(
                Operation.TAPE,
                1,
                "Tape them in, anthers " + Said.mm(aboveCentreMm) + " above the neck on a circle of "
                        + Said.mm(2 * ringMm)
                        + (spreadDeg == ALL_ROUND ? "" : ", over " + Said.deg(spreadDeg) + " to one side")
                        + "; " + Said.mm(tailMm) + " to tape down.");
    }

    @Override
    public Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.empty();
    }

    @Override
    public List<NotFood> notFood() {
        return List.of();
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        figures.in(Figure.Group.FIT)
                .add(
                        "spacing",
                        "from anther to anther",
                        apartRad() * ringMm,
                        Unit.MM,
                        Why.of(
                                "2πr ÷ count",
                                "Circumference of a circle",
                                Why.in("ring", ringMm, Unit.MM),
                                Why.in("count", count, Unit.COUNT)))
                .in(Figure.Group.PIECES)
                .add(
                        "pieces",
                        "stamens",
                        count,
                        Unit.COUNT,
                        Why.of("As designed", "Your design", Why.in("stamens", count, Unit.COUNT)))
                .in(Figure.Group.WIRE)
                .add(
                        "wireLength",
                        "wire for one",
                        wireMm(),
                        Unit.MM,
                        Why.of(
                                "√(stand² + ring²) + tail; the longer one has its length more",
                                "Pythagoras",
                                Why.in("height above the centre", aboveCentreMm, Unit.MM),
                                Why.in("ring", ringMm, Unit.MM),
                                Why.in("tail", tailMm, Unit.MM),
                                Why.in("one longer by", longerMm, Unit.MM)));
        Portioned.wire(figures, made, gauge);
    }

    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return opening.showsStamens() ? Optional.of(this) : Optional.empty();
    }
}
