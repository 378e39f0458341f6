package org.crispwhorl.server.choices;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.book.LeftOut;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.KeptText;
import org.crispwhorl.server.problem.Unreadables;
import org.crispwhorl.server.problem.Versioned;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

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

    private static final Choice<Techniques> TECHNIQUES =
            new Choice<>("techniques", "the techniques of the studio", KeptText.TECHNIQUES, Techniques.USUAL);
    private static final Choice<Pace> PACE =
            new Choice<>("pace", "the pace of the studio", KeptText.PACE, Pace.UNRECORDED);

    private static final Choice<StudioTime> TIME =
            new Choice<>("time", "the time of the studio", KeptText.TIME, StudioTime.USUAL);

    private static final Choice<Tariff> TARIFF =
            new Choice<>("tariff", "the tariff of the studio", KeptText.TARIFF, Tariff.USUAL);

    private static final Choice<RoomAhead> AHEAD =
            new Choice<>("ahead", "the room ahead", KeptText.AHEAD, RoomAhead.STEADY);

    private static final Choice<LeftOut> LEFT_OUT =
            new Choice<>("left-out", "what is left out of the book", KeptText.LEFT_OUT, LeftOut.NOTHING);

    private final ChoiceRows rows;
    private final JsonMapper json;

    StudioChoices(ChoiceRows rows, JsonMapper json) {
        this.json = json;
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public Techniques techniques() {
        return keptTechniques().value();
    }

    /** The ways with the version of them that is kept. */
    @Transactional(readOnly = true)
    public Versioned<Techniques> keptTechniques() {
        return now(TECHNIQUES);
    }

    /**
     * Chooses the ways.
     *
     * @param version from which they were changed
     * @throws org.crispwhorl.server.problem.TwoVersions where others are kept by now
     */
    @Transactional
    public Versioned<Techniques> choose(Techniques techniques, Optional<Long> version) {
        return set(TECHNIQUES, techniques, version);
    }

    @Transactional(readOnly = true)
    public Pace pace() {
        return keptPace().value();
    }

    /** The pace with the version of it that is kept. */
    @Transactional(readOnly = true)
    public Versioned<Pace> keptPace() {
        return now(PACE);
    }

    /**
     * Chooses the pace.
     *
     * @param version from which it was changed
     * @throws org.crispwhorl.server.problem.TwoVersions where another is kept by now
     */
    @Transactional
    public Versioned<Pace> choose(Pace pace, Optional<Long> version) {
        return set(PACE, pace, version);
    }

    @Transactional(readOnly = true)
    public StudioTime time() {
        return keptTime().value();
    }

    /** The time with the version of it that is kept. */
    @Transactional(readOnly = true)
    public Versioned<StudioTime> keptTime() {
        return now(TIME);
    }

    /**
     * Chooses the time.
     *
     * @param version from which it was changed
     * @throws org.crispwhorl.server.problem.TwoVersions where another is kept by now
     */
    @Transactional
    public Versioned<StudioTime> choose(StudioTime time, Optional<Long> version) {
        return set(TIME, time, version);
    }

    @Transactional(readOnly = true)
    public RoomAhead ahead() {
        return keptAhead().value();
    }

    /** By what the coming air is known, with the version of it that is kept. */
    @Transactional(readOnly = true)
    public Versioned<RoomAhead> keptAhead() {
        return now(AHEAD);
    }

    /**
     * Chooses by what the coming air is known.
     *
     * @param version from which it was changed
     * @throws org.crispwhorl.server.problem.TwoVersions where another is kept by now
     */
    @Transactional
    public Versioned<RoomAhead> choose(RoomAhead ahead, Optional<Long> version) {
        return set(AHEAD, ahead, version);
    }

    /** What the studio asks for its work, with the version of it that is kept. */
    @Transactional(readOnly = true)
    public Versioned<Tariff> keptTariff() {
        return now(TARIFF);
    }

    /**
     * Chooses what the studio asks for its work.
     *
     * @param version from which it was changed
     * @throws org.crispwhorl.server.problem.TwoVersions where another is kept by now
     */
    @Transactional
    public Versioned<Tariff> choose(Tariff tariff, Optional<Long> version) {
        return set(TARIFF, tariff, version);
    }

    /** What of the book is left out, with the version of it that is kept. */
    @Transactional(readOnly = true)
    public Versioned<LeftOut> keptLeftOut() {
        return now(LEFT_OUT);
    }

    /**
     * Chooses what of the book is left out.
     *
     * @param version from which it was changed
     * @throws org.crispwhorl.server.problem.TwoVersions where another is kept by now
     */
    @Transactional
    public Versioned<LeftOut> choose(LeftOut leftOut, Optional<Long> version) {
        return set(LEFT_OUT, leftOut, version);
    }

    private <T> Versioned<T> now(Choice<T> choice) {
        return rows.findById(choice.row())
                .map(row -> now(choice, row))
                .orElseGet(() -> new Versioned<>(choice.usual(), 0));
    }

    private static <T> Versioned<T> now(Choice<T> choice, ChoiceRow row) {
        T chosen = Optional.ofNullable(row.chosen())
                .flatMap(text -> read(choice, text))
                .orElse(choice.usual());
        return new Versioned<>(chosen, row.version());
    }

    private <T> Versioned<T> set(Choice<T> choice, T chosen, Optional<Long> version) {
        ChoiceRow row = rows.held(choice.row());
        Versioned<T> kept = now(choice, row);
        kept.checkAgainst(chosen, version, json.valueToTree(kept.value()));
        row.keep(choice.text().write(chosen));
        return now(choice, rows.saveAndFlush(row));
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
        return List.of(TECHNIQUES, PACE, TIME, TARIFF, AHEAD, LEFT_OUT).stream()
                .flatMap(choice -> kept(choice)
                        .filter(text -> read(choice, text).isEmpty())
                        .map(text -> new Unreadable(choice.name(), "the usual hold until you choose again", text))
                        .stream())
                .toList();
    }
}
