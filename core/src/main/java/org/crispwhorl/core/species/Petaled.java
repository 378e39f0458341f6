package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** A part made of equal flat pieces that are thinned, shaped and set round the axis. */
public sealed interface Petaled extends ShadedPart permits Ring, Calyx, Leaf {
    /** What it is made of. */
    Pieces pieces();

    /** The same part made of other pieces. */
    Petaled with(Pieces newPieces);

    @Override
    Petaled with(Colouring colour);

    /** Whether it is a ring of the flower itself, not what stands behind it or on its stem. */
    @Override
    boolean ring();

    /** Whether a midrib shows on its pieces without a veiner. */
    boolean midrib();

    /** How far below the first a piece stands, mm: what goes down a stem may, petals never do. */
    double belowMm(int piece);

    /** Azimuths, radians, that its own way of standing gives; none where they follow the place of its pieces. */
    Optional<double[]> ownAzimuthsRad();

    /** Which end of a veiner its pieces are laid towards, where their veins begin. */
    Veiner.Laid laid();

    /** Where its pieces are taped in, as it is told. */
    default String standing() {
        return Said.height(pieces().place().onStemMm());
    }

    /** What hands do to join its pieces, where none of them is wired. */
    Steps setting();

    /** What is laid on has its place from what is inside it, unless it is glued at a seat; what stands opens nowhere. */
    @Override
    default List<String> idle() {
        Pieces p = pieces();
        List<String> idle = new ArrayList<>();
        if (!p.making().unlike().isEmpty()) {
            idle.add("pieces/making/petalsInCut");
        }
        p.joining().rest().idle().forEach(field -> idle.add("pieces/joining/rest/" + field));
        p.edge().idle().forEach(field -> idle.add("pieces/edge/" + field));
        p.ridges().ifPresent(ridges -> ridges.idle().forEach(field -> idle.add("pieces/ridges/" + field)));
        if (!inHead() || p.wired().isPresent()) {
            return idle;
        }
        if (!p.hugs()) {
            idle.addAll(List.of("pieces/attachment/opensFrom", "pieces/attachment/reach"));
            return idle;
        }
        boolean seated = ring()
                && p.attachment().glued()
                && p.attachment().reach().isEmpty()
                && p.making().finishedMiddleMm() == 0;
        if (!seated) {
            idle.add("pieces/place/onStemMm");
        }
        if (Math.max(p.attachment().gluedShare(), p.attachment().opensFrom()) >= 1) {
            idle.add("pieces/opensDeg");
        }
        return idle;
    }

    @Override
    default String inShort() {
        return pieces().inShort();
    }

    @Override
    default int pieceCount() {
        return pieces().all();
    }

    @Override
    default int units() {
        return pieces().units();
    }

    @Override
    default Optional<Petaled> flat() {
        return Optional.of(this);
    }

    /** Wires run down the stem and are taped in. */
    @Override
    default Map<String, String> shadesByField() {
        Map<String, String> shades = new LinkedHashMap<>();
        shadeId().ifPresent(shade -> shades.put("shade", shade));
        pieces().carries().ifPresent(c -> shades.put("pieces/carries/shade", c.shade()));
        pieces().lining().ifPresent(l -> shades.put("pieces/lining/shade", l.shade()));
        return shades;
    }

    @Override
    default Strand strand(WireTable table) {
        return pieces().wired()
                .map(w -> new Strand(
                        Collections.nCopies(pieces().count(), table.diameterMm(w.gauge())),
                        List.of(),
                        true,
                        w.tailMm()))
                .orElse(Strand.NONE);
    }

    /** The solid foot that a cone leaves below its petals. */
    @Override
    default List<Solid> solids(WireTable table) {
        return pieces().making().foot(pieces().place().onStemMm());
    }

    @Override
    default List<Portion> lumps(BuildContext made) {
        return pieces().lumps(shade(), made.paste());
    }

    /** A sheet is dry when its thickest place is: its foot, its ridge, what it carries. */
    @Override
    default Optional<Body> drying(BuildContext made) {
        if (lumps(made).isEmpty()) {
            return Optional.empty();
        }
        Pieces p = pieces();
        double free = p.finishedMm(made.paste());
        double base = p.outline().base() * p.outline().widthMm();
        double thickest = Body.ridgeMm(free, p.making().thicknessAt(0, p.outline(), made.paste()), base);
        for (Solid.Turned foot : feet()) {
            thickest = Math.max(thickest, foot.dryingMm());
        }
        if (p.ridges().isPresent()) {
            Ridges ridges = p.ridges().get();
            thickest = Math.max(thickest, ridges.dryingMm(free));
        } else if (p.wired().isPresent()) {
            double ridge = p.wired().get().ridgeMm();
            thickest = Math.max(thickest, Body.ridgeMm(free, ridge, Math.max(ridge, LEAST_RIDGE_MM)));
        }
        if (p.carries().isPresent()) {
            Carried carried = p.carries().get();
            thickest = Math.max(thickest, Body.ridgeMm(free, free + carried.thicknessMm(), carried.widthMm()));
        }
        return Optional.of(Body.sheet(free, thickest, p.drying()));
    }

    /** A wire's ridge is at least so wide, mm. */
    double LEAST_RIDGE_MM = 1.2;

    private List<Solid.Turned> feet() {
        return pieces().making().foot(pieces().place().onStemMm()).stream()
                .filter(Solid.Turned.class::isInstance)
                .map(Solid.Turned.class::cast)
                .toList();
    }

    @Override
    default List<WireCut> wireCuts() {
        return pieces().wires();
    }

    @Override
    default double reachesDownMm() {
        return pieces().wired().map(Attachment.Wired::tailMm).orElse(0.0);
    }

    @Override
    default Joining joins(BuildContext made) {
        return pieces().joining();
    }

    @Override
    default Steps making(BuildContext made) {
        return PieceSteps.making(this, made);
    }

    @Override
    default Steps turning() {
        return PieceSteps.turning(pieces());
    }

    /** Share of the taping that is left to each petal where all go on in one pass under one wrap. */
    double ONE_PASS_TAPING = 0.6;

    @Override
    default Steps joining(BuildContext made) {
        boolean onePass = ring() && made.techniques(this).assembly() == Techniques.Assembly.ONE_PASS;
        Steps joined = pieces().wired().isEmpty() ? setting() : PieceSteps.taping(this, onePass ? ONE_PASS_TAPING : 1);
        if (made.species().stack().contains(this)) {
            joined = PieceSteps.stacking(this, made);
        }
        return joined.and(pieces().joining().rest().steps());
    }

    @Override
    default int colouredPieces() {
        return pieces().count();
    }

    @Override
    default Optional<StartsFrom> startsFrom(BuildContext made) {
        Pieces p = pieces();
        return Optional.of(new StartsFrom(
                p.making().startsFrom(p.outline(), p.count(), made.paste()),
                p.outline().lengthMm(),
                p.outline().widthMm(),
                p.making().rolledMm(),
                p.finishedMm(made.paste()),
                p.cut(),
                p.template()));
    }

    /** The small petals that its pieces carry. */
    @Override
    default List<AlsoCut> alsoCut() {
        return pieces().carries().stream()
                .map(small -> new AlsoCut(
                        "small petal",
                        small.shade(),
                        1,
                        new StartsFrom(
                                "cutter",
                                small.outline().lengthMm(),
                                small.outline().widthMm(),
                                small.thicknessMm(),
                                small.thicknessMm(),
                                Optional.of(Cut.of(small.outline())))))
                .toList();
    }

    @Override
    default List<NotFood> notFood() {
        return pieces().making().edible() ? List.of() : List.of(new NotFood("pieces of tape", pieceCount()));
    }

    /** What is glued brings what the glue is made of. */
    @Override
    default List<String> allergens(BuildContext made) {
        List<String> found = new ArrayList<>();
        if (pieces().wired().isEmpty()) {
            made.techniques(this).glue().allergen().ifPresent(found::add);
        }
        return found;
    }

    /** Those of how its pieces are made; what depends on where they stand is reckoned with the whole flower. */
    @Override
    default void figures(Figures figures, BuildContext made) {
        pieces().figures(figures, made);
    }

    @Override
    default boolean glued() {
        return pieces().wired().isEmpty();
    }

    @Override
    default Optional<Choices> choices() {
        return pieces().techniques();
    }

    @Override
    default int petals() {
        return pieceCount();
    }

    @Override
    default boolean zoned() {
        return true;
    }

    @Override
    default Part petalsOtherwise(UnaryOperator<Petaled> change) {
        return change.apply(this);
    }

    @Override
    default PieceSort breaksAs() {
        return pieces().cut().filter(Cut::onePiece).isPresent()
                ? PieceSort.ONE_PIECE
                : pieces().wired().isPresent() ? PieceSort.WIRED : PieceSort.SET;
    }
}
