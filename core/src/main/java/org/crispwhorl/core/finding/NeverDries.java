package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;

/** The paste never gets to the stage that is needed in this room. */
final class NeverDries implements Rule {
    /** A gentle cabinet: warm enough to dry, not so warm that paste slumps. */
    private static final Room.Air.Cabinet GENTLE = new Room.Air.Cabinet(30, 40);

    @Override
    public List<Finding> look(Assessment a) {
        for (Part part : a.species().parts()) {
            if (a.dries(part)) {
                DryingCourse course = a.course(part);
                if (course.never().isPresent() && course.never().get().compareTo(needed(part, a)) <= 0) {
                    return List.of(finding(a, a.room(part)));
                }
            }
        }
        return List.of();
    }

    /** Never asks of a medium what it cannot give in any room. */
    private static Stage needed(Part part, Assessment a) {
        Stage furthest = a.paste().furthest();
        Stage wanted = part.joins(a).as().stage().orElse(Stage.DRY);
        return wanted.compareTo(furthest) > 0 ? furthest : wanted;
    }

    private static Finding finding(Assessment a, Room room) {
        return a.paste().setting().either(law -> damp(a, room, law), law -> warm(a, room, law));
    }

    private static Finding damp(Assessment a, Room room, Medium.Setting.Drying law) {
        Why why = Why.of(
                "Paste dries while the room is drier than the paste's own water activity",
                "Water activity of the medium; Magnus-Tetens vapour pressure",
                in("humidity where it dries", room.dryingPct(), Unit.PERCENT),
                in("dries only below", 100 * law.waterActivity(), Unit.PERCENT),
                in(
                        "drying against 20 °C and 50 %",
                        Math.max(0, room.air().rate() * DryingLaw.of(a.paste()).drive(room)), Unit.FACTOR));
        return new Finding(
                "never-dries", Severity.STOP, Optional.empty(), "Never dry in this room", why, rooms(a, room, law));
    }

    private static Finding warm(Assessment a, Room room, Medium.Setting.Cooling law) {
        return new Finding(
                "never-dries",
                Severity.STOP,
                Optional.empty(),
                "Never sets in this room",
                Why.of(
                        "It sets by cooling and softens again above its limit",
                        "Newton's law of cooling",
                        in("room", room.dryingC(), Unit.CELSIUS),
                        in("softens above", law.softensAboveC(), Unit.CELSIUS)),
                List.of(Fix.room(a, "cool the room to 18 °C", new Room(18, room.humidityPct(), room.air()))));
    }

    private static List<Fix> rooms(Assessment a, Room room, Medium.Setting.Drying law) {
        List<Fix> fixes = new ArrayList<>();
        fixes.add(Fix.room(
                a, "dry in a cabinet at 30 °C and 40 %", new Room(room.temperatureC(), room.humidityPct(), GENTLE)));
        double drier = Math.floor(100 * law.waterActivity()) - 20;
        fixes.add(Fix.room(
                a,
                "dry the room's air to " + Math.round(drier) + " %",
                new Room(
                        room.temperatureC(),
                        drier,
                        room.air() instanceof Room.Air.Cabinet ? new Room.Air.Still() : room.air())));
        return fixes;
    }
}
