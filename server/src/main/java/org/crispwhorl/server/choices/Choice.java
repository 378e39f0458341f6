package org.crispwhorl.server.choices;

import java.util.List;
import org.crispwhorl.core.book.LeftOut;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.files.document.KeptText;

/**
 * Something that a studio chooses once for all its work.
 *
 * @param name of its row, and in its address
 * @param said in the maker's words
 * @param type of what is chosen
 * @param text how it is kept
 * @param usual before it was chosen
 */
public record Choice<T>(String name, String said, Class<T> type, KeptText<T> text, T usual) {
    /** How it works where makers disagree. */
    public static final Choice<Techniques> TECHNIQUES = new Choice<>(
            "techniques", "the techniques of the studio", Techniques.class, KeptText.TECHNIQUES, Techniques.USUAL);

    /** How fast its hands are. */
    public static final Choice<Pace> PACE =
            new Choice<>("pace", "the pace of the studio", Pace.class, KeptText.PACE, Pace.UNRECORDED);

    /** When it works. */
    public static final Choice<StudioTime> TIME =
            new Choice<>("time", "the time of the studio", StudioTime.class, KeptText.TIME, StudioTime.USUAL);

    /** What it asks for its work. */
    public static final Choice<Tariff> TARIFF =
            new Choice<>("tariff", "the tariff of the studio", Tariff.class, KeptText.TARIFF, Tariff.USUAL);

    /** By what the coming air is known. */
    public static final Choice<RoomAhead> AHEAD =
            new Choice<>("ahead", "the room ahead", RoomAhead.class, KeptText.AHEAD, RoomAhead.STEADY);

    /** What of the book teaches nothing. */
    public static final Choice<LeftOut> LEFT_OUT =
            new Choice<>("left-out", "what is left out of the book", LeftOut.class, KeptText.LEFT_OUT, LeftOut.NOTHING);

    /** Those that are chosen as a whole; what is left out of the book is chosen record by record there. */
    static final List<Choice<?>> AS_A_WHOLE = List.of(TECHNIQUES, PACE, TIME, TARIFF, AHEAD);

    static final List<Choice<?>> ALL = List.of(TECHNIQUES, PACE, TIME, TARIFF, AHEAD, LEFT_OUT);
}
