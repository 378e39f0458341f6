package org.crispwhorl.server.ways;

import org.crispwhorl.core.species.Ways;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The ways of the studio as they were last chosen; the usual ones before that. */
@Service
public class StudioWays {
    private final WaysRows rows;
    private final JsonMapper json;

    StudioWays(WaysRows rows, JsonMapper json) {
        this.rows = rows;
        this.json = json;
    }

    @Transactional(readOnly = true)
    public Ways now() {
        return rows.findById(WaysRow.ONLY)
                .map(row -> json.readValue(row.chosen(), Ways.class))
                .orElse(Ways.USUAL);
    }

    @Transactional
    public Ways set(Ways ways) {
        String chosen = json.writeValueAsString(ways);
        rows.findById(WaysRow.ONLY).ifPresentOrElse(row -> row.keep(chosen), () -> rows.save(new WaysRow(chosen)));
        return ways;
    }
}
