package org.crispwhorl.server.choices;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.files.DocumentFault;
import org.crispwhorl.files.KeptText;
import org.crispwhorl.server.problem.Unreadables;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The studio's choices as they were last made; the usual ones before that, and where what is kept cannot be read. */
@Service
public class StudioChoices implements Unreadables {
    /**
     * Something that a studio chooses once for all its work.
     *
     * @param row its row
     * @param name in the maker's words
     * @param text how it is kept
     * @param usual before it was chosen
     */
    private record Choice<T>(String row, String name, KeptText<T> text, T usual) {}

    private static final Choice<Ways> WAYS = new Choice<>("ways", "the ways of the studio", KeptText.WAYS, Ways.USUAL);
    private static final Choice<Pace> PACE =
            new Choice<>("pace", "the pace of the studio", KeptText.PACE, Pace.UNRECORDED);

    private final ChoiceRows rows;

    StudioChoices(ChoiceRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public Ways ways() {
        return now(WAYS);
    }

    @Transactional
    public Ways choose(Ways ways) {
        return set(WAYS, ways);
    }

    @Transactional(readOnly = true)
    public Pace pace() {
        return now(PACE);
    }

    @Transactional
    public Pace choose(Pace pace) {
        return set(PACE, pace);
    }

    private <T> T now(Choice<T> choice) {
        return kept(choice).flatMap(text -> read(choice, text)).orElse(choice.usual());
    }

    private <T> T set(Choice<T> choice, T chosen) {
        rows.held(choice.row()).keep(choice.text().write(chosen));
        return chosen;
    }

    /** What was chosen, as it is kept. */
    private Optional<String> kept(Choice<?> choice) {
        return rows.findById(choice.row()).map(ChoiceRow::chosen);
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
        return List.of(WAYS, PACE).stream()
                .flatMap(choice -> kept(choice)
                        .filter(text -> read(choice, text).isEmpty())
                        .map(text -> new Unreadable(choice.name(), "the usual hold until you choose again", text))
                        .stream())
                .toList();
    }
}
