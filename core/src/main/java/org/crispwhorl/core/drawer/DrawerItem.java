package org.crispwhorl.core.drawer;

import java.util.List;
import org.crispwhorl.core.measure.Text;

/** One thing in the drawer. */
@Text(label = "thing", means = "One thing in the drawer.")
public sealed interface DrawerItem extends Counted
        permits Cutter,
                OwnVeiner,
                OwnFormer,
                RidgedBoard,
                RollerMachine,
                OwnWire,
                StamenBunch,
                TapeRoll,
                CakePick,
                OwnPaste,
                ColourPot,
                ReadyMade,
                DryingPlace,
                GaugeDiameter,
                BreakageRecord,
                DryingRecord {
    /** As written on it; it need not be unique. */
    String name();

    /** What it is in a few words, beside its name. */
    String inShort();

    /** Sizes by which a maker asks for it, mm; none where it has no such size. */
    default List<Double> sizesMm() {
        return List.of();
    }
}
