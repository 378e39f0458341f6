package org.crispwhorl.server.choices;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.server.problem.Unreadables;
import org.crispwhorl.server.problem.Versioned;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The studio's choices as they were last made; the usual ones before that, and where what is kept cannot be read. */
@Service
public class StudioChoices implements Unreadables {
    private final ChoiceRows rows;
    private final JsonMapper json;

    StudioChoices(ChoiceRows rows, JsonMapper json) {
        this.json = json;
        this.rows = rows;
    }

    /** As it was last chosen. */
    @Transactional(readOnly = true)
    public <T> T now(Choice<T> choice) {
        return kept(choice).value();
    }

    /** As it was last chosen, with the version of it that is kept. */
    @Transactional(readOnly = true)
    public <T> Versioned<T> kept(Choice<T> choice) {
        return rows.findById(choice.name())
                .map(row -> now(choice, row))
                .orElseGet(() -> new Versioned<>(choice.usual(), 0));
    }

    /**
     * Chooses another.
     *
     * @param version from which it was changed; empty where whoever chooses does not care
     * @throws org.crispwhorl.server.problem.TwoVersions where another is kept by now
     */
    @Transactional
    public <T> Versioned<T> choose(Choice<T> choice, T chosen, Optional<Long> version) {
        ChoiceRow row = rows.held(choice.name());
        Versioned<T> kept = now(choice, row);
        kept.checkAgainst(chosen, version, json.valueToTree(kept.value()));
        row.keep(choice.text().write(chosen));
        return now(choice, rows.saveAndFlush(row));
    }

    private static <T> Versioned<T> now(Choice<T> choice, ChoiceRow row) {
        T chosen = Optional.ofNullable(row.chosen())
                .flatMap(text -> read(choice, text))
                .orElse(choice.usual());
        return new Versioned<>(chosen, row.version());
    }

    private static <T> Optional<T> read(Choice<T> choice, String text) {
        try {
            return Optional.of(choice.text().read(text));
        } catch (DocumentFault e) {
            return Optional.empty();
        }
    }

    @Override
    @Transactional(readOnly = true)
    public List<Unreadable> unreadable() {
        return Choice.ALL.stream()
                .flatMap(choice -> rows
                        .findById(choice.name())
                        .map(ChoiceRow::chosen)
                        .filter(text -> read(choice, text).isEmpty())
                        .map(text -> new Unreadable(choice.said(), "the usual hold until you choose again", text))
                        .stream())
                .toList();
    }
}
