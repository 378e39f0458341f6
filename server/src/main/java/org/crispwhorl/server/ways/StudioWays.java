package org.crispwhorl.server.ways;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.files.DocumentFault;
import org.crispwhorl.files.KeptText;
import org.crispwhorl.server.problem.Unreadables;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The ways of the studio as they were last chosen; the usual ones before that, and where what is kept cannot be read. */
@Service
public class StudioWays implements Unreadables {
    private final WaysRows rows;

    StudioWays(WaysRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public Ways now() {
        return chosen().flatMap(this::read).orElse(Ways.USUAL);
    }

    /** What was chosen, as it is kept. */
    private Optional<String> chosen() {
        return rows.findById(WaysRow.ONLY).map(WaysRow::chosen);
    }

    private Optional<Ways> read(String chosen) {
        try {
            return Optional.of(KeptText.WAYS.read(chosen));
        } catch (DocumentFault e) {
            return Optional.empty();
        }
    }

    @Transactional
    public Ways set(Ways ways) {
        rows.held().keep(KeptText.WAYS.write(ways));
        return ways;
    }

    @Override
    @Transactional(readOnly = true)
    public List<Unreadable> unreadable() {
        return chosen()
                .filter(text -> read(text).isEmpty())
                .map(text ->
                        new Unreadable("the ways of the studio", "the usual ways hold until you choose again", text))
                .stream()
                .toList();
    }
}
