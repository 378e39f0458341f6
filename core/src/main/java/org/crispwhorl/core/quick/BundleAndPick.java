package org.crispwhorl.core.quick;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.crispwhorl.core.drawer.CakePick;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.PickFit;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.MainStem;
import org.crispwhorl.core.wire.StemBundle;
import org.crispwhorl.core.wire.TapeRun;
import org.crispwhorl.core.wire.WireTable;

/** How thick a bundle of wires gets, the tape and the pick it takes, and what it carries. */
@Text(
        label = "bundle and pick",
        means = "How thick a bundle of wires gets, the tape and the pick it takes, and what it carries.")
public record BundleAndPick(
        @Quantity(label = "wires", unit = Unit.COUNT, min = 0, max = 60, usual = 5, means = "Wires of the first gauge.")
        int wires,

        @Quantity(label = "gauge", unit = Unit.GAUGE, min = 16, max = 33, step = 2, usual = 26, means = "Their gauge.")
        int gauge,

        @Quantity(
                label = "further wires",
                unit = Unit.COUNT,
                min = 0,
                max = 60,
                usual = 1,
                means = "Wires of a second gauge.")
        int furtherWires,

        @Quantity(
                label = "gauge of those",
                unit = Unit.GAUGE,
                min = 16,
                max = 33,
                step = 2,
                usual = 20,
                means = "Their gauge.")
        int furtherGauge,

        @Quantity(
                label = "layers of tape",
                unit = Unit.COUNT,
                min = 0,
                max = 60,
                usual = 3,
                means = "How often it is wound.")
        int layers,

        @Quantity(
                label = "stem length",
                unit = Unit.MM,
                min = 10,
                max = 400,
                step = 5,
                usual = 90,
                means = "Length that is covered, and free under the flower.")
        double stemMm,

        @Quantity(
                label = "flower",
                unit = Unit.G,
                min = 0,
                max = 1000,
                usual = 12,
                means = "Weight of the flower on it.")
        double flowerG,

        @Quantity(
                label = "tier",
                unit = Unit.MM,
                min = 20,
                max = 400,
                step = 5,
                usual = 100,
                means = "Height of the tier it goes into.")
        double tierMm)
        implements QuickQuestion {
    public BundleAndPick {
        Limits.check(BundleAndPick.class, wires, gauge, furtherWires, furtherGauge, layers, stemMm, flowerG, tierMm);
    }

    @Override
    public QuickAnswer answer(Drawer drawer) {
        if (wires + furtherWires == 0) {
            throw new InvalidValue("wires", 0, "one wire at least");
        }
        WireTable table = drawer.kit().wireTable();
        List<Double> all = new ArrayList<>(Collections.nCopies(wires, table.diameterMm(gauge)));
        all.addAll(Collections.nCopies(furtherWires, table.diameterMm(furtherGauge)));
        double thick = StemBundle.taped(StemBundle.diameterMm(all), layers);
        TapeRun tape = new TapeRun(stemMm, thick, layers, TapeRun.USUAL_WIDTH_MM);
        MainStem stem = MainStem.plain(flowerG, stemMm, all);
        Why bundle = Why.of(
                "Packed wires, with two thicknesses of stretched tape for each layer",
                "The two thickest side by side, or as full as the known packings: up to seven exactly, 0.7 up to twenty, 0.8 beyond",
                in("bare bundle", StemBundle.diameterMm(all), Unit.FINE_MM),
                in("layers", layers, Unit.COUNT));
        QuickAnswer.Draft draft = new QuickAnswer.Draft()
                .add(Group.WIRE, "thick", "stem, thick", thick, Unit.MM, bundle)
                .add(
                        Group.WIRE,
                        "bore",
                        "pick bore, at least",
                        thick + PickFit.PLAY_MM,
                        Unit.MM,
                        Why.of("Stem + 0.5 mm of play", "Bench experience", in("stem", thick, Unit.MM)))
                .add(
                        Group.WIRE,
                        "pickLength",
                        "pick length, at most",
                        Math.max(0, tierMm - PickFit.CLEAR_MM),
                        Unit.MM,
                        Why.of(
                                "Tier − 10 mm, so that it ends in cake",
                                "Bench experience",
                                in("tier", tierMm, Unit.MM)))
                .add(
                        Group.WIRE,
                        "tape",
                        "tape used",
                        tape.lengthMm(),
                        Unit.MM,
                        Why.of(
                                "Covered length × √((πD)² + pitch²) ÷ pitch ÷ stretch, for each layer",
                                "Helix on a cylinder",
                                in("pitch", tape.pitchMm(), Unit.MM),
                                in("stretch", TapeRun.STRETCH, Unit.FACTOR)))
                .add(
                        Group.WIRE,
                        "stress",
                        "stress in the stem",
                        stem.leaningMpa(),
                        Unit.MPA,
                        Why.of(
                                "M ÷ Σ(πd³/32), leaning by 45° on its way; each wire bends for itself",
                                "Euler-Bernoulli cantilever, steel 200 GPa",
                                in("moment", stem.momentNmm(0), Unit.NEWTON_MM),
                                in("usable stress", LoadedWire.USABLE_MPA, Unit.MPA)));
        if (!stem.carries()) {
            draft.note("The stem bends: " + stem.advice() + ".");
        }
        PickFit.of(thick, tierMm, drawer).stream()
                .filter(PickFit::fits)
                .findFirst()
                .ifPresentOrElse(
                        p -> draft.note("From the drawer: " + p.pick().name() + ", " + p.reason() + "."),
                        () -> draft.note(
                                drawer.all(CakePick.class).isEmpty()
                                        ? "There are no picks in the drawer."
                                        : "No pick of the drawer fits."));
        return draft.answer();
    }
}
