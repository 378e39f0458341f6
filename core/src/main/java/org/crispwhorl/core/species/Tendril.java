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

/** Tendrils of fine wire wrapped in tape, or of twisted tape alone, coiled round a stick. Not food. */
@Text(label = "tendrils", means = "Wire wrapped in tape, or twisted tape alone, coiled.")
@RecordBuilder
public record Tendril(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of the shade they are tinted to.")
        String shade,

        @Quantity(label = "count", unit = Unit.COUNT, min = 1, max = 40, usual = 2, means = "How many there are.")
        @CountsPieces
        int count,

        @Text(label = "of") TendrilKind of,

        @Quantity(label = "gauge", unit = Unit.GAUGE, min = 16, max = 33, usual = 30, means = "Gauge of the wire.")
        int gauge,

        @Quantity(label = "straight", unit = Unit.MM, min = 0, max = 150, usual = 15, means = "Length before the coil.")
        double straightMm,

        @Quantity(label = "coil wide", unit = Unit.MM, min = 2, max = 30, usual = 6, means = "Diameter of the coil.")
        double coilMm,

        @Quantity(label = "turns", unit = Unit.COUNT, min = 0, max = 20, usual = 3, means = "Turns of the coil.")
        int turns,

        @Quantity(
                label = "height on the stem",
                unit = Unit.MM,
                min = -300,
                max = 60,
                usual = -20,
                means = "Height above the neck; below it is negative.")
        double onStemMm,

        @Quantity(
                label = "at every such head",
                unit = Unit.COUNT,
                min = 0,
                max = 12,
                usual = 0,
                means =
                        "One at the joint of every second, third … further head, counted from the foot; 0 where they stand together at one height on the stem.")
        int everyHead,

        @Quantity(
                label = "tail",
                unit = Unit.MM,
                min = 5,
                max = 200,
                step = 5,
                usual = 40,
                means = "Wire taped along the stem.")
        double tailMm,

        @Text(label = "colour") Colouring colour)
        implements ShadedPart, BringsNothing {
    /** What a tendril is of. */
    @Text(label = "of", means = "What a tendril is of.")
    public enum TendrilKind {
        @Text(label = "wire in tape", means = "Fine wire wrapped in tape; it keeps its coil.")
        WIRE,
        @Text(label = "tape alone", means = "Stretched tape, twisted; no wire in it.")
        TAPE
    }

    public Tendril {
        Limits.check(
                Tendril.class,
                id,
                name,
                shade,
                count,
                of,
                gauge,
                straightMm,
                coilMm,
                turns,
                onStemMm,
                everyHead,
                tailMm,
                colour);
    }

    /** Tendrils of wire in tape that stand together. */
    public Tendril(
            String id,
            String name,
            String shade,
            int count,
            int gauge,
            double straightMm,
            double coilMm,
            int turns,
            double onStemMm,
            double tailMm,
            Colouring colour) {
        this(id, name, shade, count, TendrilKind.WIRE, gauge, straightMm, coilMm, turns, onStemMm, 0, tailMm, colour);
    }

    /** Across a strand of twisted tape, mm. */
    private static final double TWISTED_MM = 0.9;

    private double thickMm(WireTable table) {
        return of == TendrilKind.WIRE ? table.diameterMm(gauge) : TWISTED_MM;
    }

    @Override
    public List<String> idle() {
        return of == TendrilKind.WIRE ? List.of() : List.of("gauge");
    }

    /** Without further heads they stand at their seat; at the joints of heads they have none. */
    @Override
    public List<String> idleAmong(Optional<Heads> heads) {
        return heads.isEmpty() ? List.of("everyHead") : everyHead > 0 ? List.of("onStemMm") : List.of();
    }

    @Override
    public Optional<AtJoints> atJoints(WireTable table) {
        return everyHead == 0
                ? Optional.empty()
                : Optional.of(new AtJoints(everyHead, count, new Solid.Tube(path(0, 0), thickMm(table))));
    }

    @Override
    public Tendril with(Colouring newColour) {
        return TendrilBuilder.builder(this).colour(newColour).build();
    }

    @Override
    public String inShort() {
        return count + " × " + turns + " turns · " + (of == TendrilKind.WIRE ? Unit.GAUGE.write(gauge) : "tape");
    }

    @Override
    public int pieceCount() {
        return count;
    }

    /** Length of one, drawn out straight, mm: tail, straight and every turn of the coil. */
    public double lengthMm() {
        return tailMm + straightMm + turns * Math.PI * coilMm;
    }

    @Override
    public List<WireCut> wireCuts() {
        return of == TendrilKind.TAPE ? List.of() : List.of(new WireCut(gauge, lengthMm(), count));
    }

    @Override
    public boolean inHead() {
        return false;
    }

    @Override
    public Strand strand(WireTable table) {
        List<Double> strands = Collections.nCopies(count, thickMm(table));
        return of == TendrilKind.WIRE
                ? new Strand(strands, List.of(), true, tailMm)
                : new Strand(List.of(), strands, true, tailMm);
    }

    /** A tendril leaves the stem at this rise. */
    private static final double RISE_RAD = Math.toRadians(25);

    /** A coil taken off its stick opens to this share of its width from turn to turn. */
    private static final double COIL_STRETCH = 0.5;

    private static final int POINTS_PER_TURN = 24;

    /** Straight out and upwards a little, then coiled on; they stand evenly round the stem. */
    @Override
    public List<Solid> solids(WireTable table) {
        List<Solid> solids = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            solids.add(new Solid.Tube(path(onStemMm, 2 * Math.PI * i / count), thickMm(table)));
        }
        return solids;
    }

    private List<double[]> path(double seat, double azimuth) {
        List<double[]> path = new ArrayList<>();
        path.add(new double[] {0, 0, seat});
        double reach = straightMm * Math.cos(RISE_RAD);
        double up = straightMm * Math.sin(RISE_RAD);
        for (int i = 0; i <= turns * POINTS_PER_TURN; i++) {
            double turn = 2 * Math.PI * i / POINTS_PER_TURN;
            double on = coilMm * COIL_STRETCH * turn / (2 * Math.PI);
            double out = reach + on * Math.cos(RISE_RAD);
            double aside = coilMm / 2 * Math.sin(turn);
            double z = seat + up + on * Math.sin(RISE_RAD) + coilMm / 2 * (1 - Math.cos(turn));
            path.add(new double[] {
                out * Math.cos(azimuth) - aside * Math.sin(azimuth),
                out * Math.sin(azimuth) + aside * Math.cos(azimuth),
                z
            });
        }
        return path;
    }

    @Override
    public List<Portion> lumps(BuildContext made) {
        return List.of();
    }

    @Override
    public Optional<Body> drying(BuildContext made) {
        return Optional.empty();
    }

    /** Each wire is wrapped and coiled. */
    @Override
    public Steps making(BuildContext made) {
        String length = Said.mm(lengthMm()) + " long";
        return Steps.of(
                        Operation.WIRE,
                        count,
                        of == TendrilKind.TAPE
                                ? "Twist {n} lengths of tape, each " + length + "."
                                : "Wrap {n} wires of " + Unit.GAUGE.write(gauge) + ", each " + length + ", in tape.")
                .and(
                        Operation.PINCH,
                        turns > 0 ? count : 0,
                        "Leave " + Said.mm(straightMm) + " straight; coil " + Said.many(turns, "turn")
                                + " round a rod of " + Said.mm(coilMm) + ".");
    }

    @Override
    public double reachesDownMm() {
        return tailMm;
    }

    private String ordinal() {
        return switch (everyHead) {
            case 1 -> "";
            case 2 -> "second ";
            case 3 -> "third ";
            default -> everyHead + "th ";
        };
    }

    @Override
    public Steps joining(BuildContext made) {
        return Steps.of(
                Operation.TAPE,
                count,
                "Tape in {n}, " + Said.mm(tailMm) + " of each to tape down, "
                        + (everyHead > 0 && made.species().heads().isPresent()
                                ? "at the joint of every " + ordinal() + "head from the foot."
                                : Said.height(onStemMm) + "."));
    }

    @Override
    public int colouredPieces() {
        return count;
    }

    @Override
    public Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.empty();
    }

    @Override
    public List<NotFood> notFood() {
        return of == TendrilKind.TAPE ? List.of(new NotFood("tendrils of tape", count)) : List.of();
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        figures.in(Figure.Group.WIRE)
                .add(
                        "wireLength",
                        of == TendrilKind.WIRE ? "wire for one" : "tape for one",
                        lengthMm(),
                        Unit.MM,
                        Why.of(
                                "Tail + straight + turns × π × coil",
                                "Circumference of a circle",
                                Why.in("tail", tailMm, Unit.MM),
                                Why.in("straight", straightMm, Unit.MM),
                                Why.in("turns", turns, Unit.COUNT),
                                Why.in("coil", coilMm, Unit.MM)));
        made.species().heads().filter(heads -> everyHead > 0).ifPresent(heads -> {
            int joints = heads.pieceCount() / everyHead;
            figures.in(Figure.Group.PIECES)
                    .add(
                            "atJoints",
                            "joints that take one",
                            Math.min(count, joints),
                            Unit.COUNT,
                            Why.of(
                                    "Further heads ÷ every so many of them, no more than there are tendrils",
                                    "Your design",
                                    Why.in("further heads", heads.pieceCount(), Unit.COUNT),
                                    Why.in("at every such head", everyHead, Unit.COUNT),
                                    Why.in("tendrils", count, Unit.COUNT)));
        });
    }

    /** Tendrils stand on the stem, not on a head. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return Optional.empty();
    }
}
