package org.crispwhorl.core.drawer;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.SkinClock;
import org.crispwhorl.core.drying.Spread;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Stage;

/** How a paste of the drawer behaves in a room: its open time and its drying, told of a sheet of 1 mm. */
public final class PasteCheck {
    private static final double SHEET_MM = 1;

    private PasteCheck() {}

    public static List<Figure> of(Paste paste, Room room) {
        DryingCourse course = DryingCourse.of(paste, Body.of(SHEET_MM), room, Spread.UNRECORDED);
        double open = 60 * medianH(course, Stage.SKINNED);
        Why why = Why.of(
                "Time to skinned of a sheet dried on one side; under a cover it is " + (int) SkinClock.COVER
                        + " times as long",
                "The face skins by the bench's air, the body dries by its thickness and the air",
                in("sheet", SHEET_MM, Unit.MM),
                in("temperature", room.temperatureC(), Unit.CELSIUS),
                in("humidity", room.humidityPct(), Unit.PERCENT),
                in("dries up to", paste.driesUpToPct(), Unit.PERCENT),
                in("dries in, at 20 °C and 50 %", paste.sheetDriesH(), Unit.H));
        return List.of(
                new Figure("open", Group.DRYING, "open time, uncovered", open, Unit.MIN, why),
                new Figure("covered", Group.DRYING, "open time, covered", SkinClock.COVER * open, Unit.MIN, why),
                new Figure("dry", Group.DRYING, "as dry as it gets", medianH(course, paste.furthest()), Unit.H, why));
    }

    private static double medianH(DryingCourse course, Stage stage) {
        return course.at(stage).map(DryingCourse.Reached::medianH).orElse(Double.POSITIVE_INFINITY);
    }
}
