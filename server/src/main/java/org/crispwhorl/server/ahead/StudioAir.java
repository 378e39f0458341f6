package org.crispwhorl.server.ahead;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.server.choices.Choice;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.room.RoomLog;
import org.crispwhorl.server.room.StudioRoom;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** The air of the studio at every moment. */
@Service
public class StudioAir {
    /** What lies farther back nobody dries in any more, days. */
    private static final int BACK_DAYS = 14;

    private final StudioRoom room;
    private final StudioChoices choices;
    private final RoomLog log;

    private final Clock clock;

    StudioAir(StudioRoom room, StudioChoices choices, RoomLog log, Clock clock) {
        this.clock = clock;
        this.room = room;
        this.choices = choices;
        this.log = log;
    }

    /** As it is known now: what the sensor told since it was last asked is in it. */
    public RoomCourse course() {
        RoomAhead ahead = choices.now(Choice.AHEAD);
        if (ahead.source() != RoomAhead.Source.SENSOR) {
            return new RoomCourse(room.now(), ahead, List.of());
        }
        log.catchUp();
        return new RoomCourse(
                room.now(), ahead, log.since(LocalDateTime.now(clock).minusDays(BACK_DAYS)));
    }

    /** The log is kept on while nobody looks. */
    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT10M")
    void keepOn() {
        if (choices.now(Choice.AHEAD).source() == RoomAhead.Source.SENSOR) {
            log.catchUp();
        }
    }
}
