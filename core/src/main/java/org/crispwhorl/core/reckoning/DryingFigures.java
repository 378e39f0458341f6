package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;

/** The drying figures of any part of paste. */
final class DryingFigures {
    private DryingFigures() {}

    static void add(Figures figures, Assessment a, Part part) {
        if (!a.dries(part)) {
            return;
        }
        DryingCourse course = a.course(part);
        Room room = a.conditions().room();
        Why why = Why.of(
                "Moisture falls as exp(−k·t), k from the drying length ^1.5 and the air's drive; safe by is when nine of ten are there",
                "Lognormal spread 0.35 before any record; Magnus-Tetens vapour pressure",
                in("where it dries", room.dryingC(), Unit.CELSIUS),
                in("humidity there", room.dryingPct(), Unit.PERCENT),
                in("volume ÷ open face", a.body(part).orElseThrow().firstMm(), Unit.NONE));
        for (DryingCourse.Reached reached : course.stages()) {
            if (reached.stage() == Stage.SKINNED) {
                figures.add("skinned", "skins over in", 60 * reached.medianH(), Unit.MIN, why);
            } else if (reached.stage() == Stage.FIRM) {
                figures.add("firm", "firm, safe by", reached.safeByH(), Unit.H, why);
            } else if (reached.stage() == Stage.DRY) {
                figures.add("dryMedian", "dry through, usually", reached.medianH(), Unit.H, why);
                figures.add("dry", "dry through, safe by", reached.safeByH(), Unit.H, why);
            }
        }
        course.window().ifPresent(w -> {
            figures.add("bendsFrom", "bends from", 60 * w.likelyFromH(), Unit.MIN, why);
            figures.add("bendsTo", "bends until", 60 * w.likelyToH(), Unit.MIN, why);
            figures.add(
                    "bendsBest",
                    "best moment to bend",
                    60 * w.bestH(),
                    Unit.MIN,
                    Why.of(
                            w.sure()
                                    ? "A moment in the window is sure"
                                    : "No moment is sure before there is a record: try one by touch",
                            "Lognormal spread of both ends of the window",
                            in("chance that it bends then", 100 * w.bestChance(), Unit.PERCENT)));
        });
    }
}
