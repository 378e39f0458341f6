package org.crispwhorl.core.quick;

import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Text;

/** A question of the bench. */
@Text(label = "question", means = "A quick reckoner.")
public sealed interface QuickQuestion
        permits BallAndPetal,
                ThicknessGauge,
                CutterToPetal,
                WireCheck,
                BundleAndPick,
                ShadeMix,
                LogSlices,
                RoundTier,
                UnitTurning {
    /**
     * Its answer with what the drawer knows of pastes, wires and picks.
     *
     * @throws org.crispwhorl.core.measure.InvalidValue where the numbers cannot be
     */
    QuickAnswer answer(Drawer drawer);
}
