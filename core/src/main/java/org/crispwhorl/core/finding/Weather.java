package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;

/** Air in which paste can be worked and dries, but badly: damp, so that all stays sticky; hot, so that it sags under the tool. */
final class Weather implements Rule {
    /** So near to its own dampness paste dries slowly and stays sticky, points of humidity. */
    private static final double NEAR_PCT = 8;

    /** Above this paste sags on the bench, °C. */
    private static final double SAGS_C = 30;

    private static final double COOL_C = 24;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        Room room = a.conditions().room();
        double upTo = a.paste().driesUpToPct();
        double damp = room.dryingPct();
        if (a.paste().drying() && damp < upTo && damp >= upTo - NEAR_PCT) {
            double drier = Math.floor(upTo - NEAR_PCT) - 2;
            found.add(new Finding(
                    "air-damp",
                    Severity.CHECK,
                    Optional.empty(),
                    "Damp air: it dries slowly and stays sticky",
                    Why.of(
                            "Within 8 points of the humidity at which the paste takes water up",
                            "Water activity of the medium",
                            in("humidity where it dries", damp, Unit.PERCENT),
                            in("dries only below", upTo, Unit.PERCENT)),
                    List.of(
                            Fix.room(
                                    a,
                                    "dry in a cabinet at 30 °C and 40 %",
                                    new Room(room.temperatureC(), room.humidityPct(), new Room.Air.Cabinet(30, 40))),
                            Fix.room(
                                    a,
                                    "dry the room's air to " + Math.round(drier) + " %",
                                    new Room(room.temperatureC(), drier, new Room.Air.Still())))));
        }
        if (a.paste().drying() && room.temperatureC() > SAGS_C) {
            found.add(new Finding(
                    "air-hot",
                    Severity.CHECK,
                    Optional.empty(),
                    "Hot: paste sags under the tool",
                    Why.of(
                            "Paste is worked up to 30 °C",
                            "Bench experience",
                            in("the bench's air", room.temperatureC(), Unit.CELSIUS)),
                    List.of(Fix.room(a, "cool the room to 24 °C", new Room(COOL_C, room.humidityPct(), room.air())))));
        }
        return found;
    }
}
