package org.crispwhorl.core.quick;

import static org.crispwhorl.core.measure.Why.in;

import java.util.OptionalInt;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.WireTable;

/** Which wire carries a petal: droop and stress of every gauge. */
@Text(label = "wire check", means = "Which wire carries a petal: droop and stress of every gauge.")
public record WireCheck(
        @Quantity(
                label = "weight",
                unit = Unit.G,
                min = 0.01,
                max = 200,
                step = 0.1,
                usual = 1,
                means = "Weight of one petal or leaf.")
        double massG,

        @Quantity(
                label = "middle beyond the wire",
                unit = Unit.MM,
                min = 0,
                max = 200,
                usual = 25,
                means = "From the end of the free wire to the middle of the petal.")
        double centreMm,

        @Quantity(
                label = "free wire",
                unit = Unit.MM,
                min = 0,
                max = 300,
                usual = 25,
                means = "Wire between the petal and the tape that holds it.")
        double freeMm,

        @Quantity(
                label = "ridge",
                unit = Unit.MM,
                min = 0.3,
                max = 6,
                step = 0.1,
                usual = 0.9,
                means = "Thickness of the ridge that takes the wire.")
        double ridgeMm)
        implements QuickQuestion {
    /** It is asked of a petal that lies flat, which is the hardest. */
    private static final double FLAT_DEG = 90;

    public WireCheck {
        Limits.check(WireCheck.class, massG, centreMm, freeMm, ridgeMm);
    }

    @Override
    public QuickAnswer answer(Drawer drawer) {
        Kit kit = drawer.kit();
        WireTable table = kit.wireTable();
        LoadedWire load = new LoadedWire(massG, centreMm, freeMm, FLAT_DEG);
        QuickAnswer.Draft draft = new QuickAnswer.Draft();
        for (int gauge : table.gauges()) {
            double d = table.diameterMm(gauge);
            draft.gauges.add(new Reckoning.GaugeRow(gauge, d, load.droopDeg(d), load.joltMpa(d), load.carriedBy(d)));
        }
        OptionalInt best = load.recommended(table.gauges(), table);
        if (best.isEmpty()) {
            return draft.note("No wire carries it so far out: shorten the free wire, or make it lighter.")
                    .answer();
        }
        double d = table.diameterMm(best.getAsInt());
        draft.add(
                        Group.WIRE,
                        "gauge",
                        "thinnest that carries it",
                        best.getAsInt(),
                        Unit.GAUGE,
                        Why.of(
                                "Droop W(l²/2 + c·l)/EI up to 1.5° lying flat, and stress 2·32·W(l + c)/πd³ up to 250 MPa in a jolt",
                                "Euler-Bernoulli cantilever, steel 200 GPa",
                                in("droop", load.droopDeg(d), Unit.FINE_DEGREE),
                                in("stress at 2 g", load.joltMpa(d), Unit.MPA)))
                .add(
                        Group.WIRE,
                        "ridge",
                        "ridge that hides it",
                        LoadedWire.RIDGE_DIAMETERS * d,
                        Unit.FINE_MM,
                        Why.of("1.6 × its diameter", "Bench experience", in("diameter", d, Unit.FINE_MM)));
        if (LoadedWire.RIDGE_DIAMETERS * d > ridgeMm) {
            draft.note("It shows through a ridge of " + Unit.MM.write(ridgeMm) + ": pinch the ridge thicker.");
        }
        if (!kit.gauges().contains(best.getAsInt())) {
            draft.note("The drawer has no " + best.getAsInt() + " gauge; the next thicker that it has will do.");
        }
        return draft.answer();
    }
}
