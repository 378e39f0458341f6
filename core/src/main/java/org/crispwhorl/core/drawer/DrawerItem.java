package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Text;

/** One thing in the drawer. */
@Text(label = "thing", means = "One thing in the drawer.")
public sealed interface DrawerItem
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
}
