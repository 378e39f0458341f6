package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.work.Steps;

/** What is asked of a part where hands make it and join it. */
public interface MadeByHand {
    /** How many separate pieces it has. */
    int pieceCount();

    /** How many things that are made, and may break, as one. */
    default int units() {
        return 1;
    }

    /** What hands do to make all of it, but for kneading and rolling out each batch. */
    Steps making(BuildContext made);

    /** What hands do to join it to the flower. */
    Steps joining(BuildContext made);

    /** What hands do once what it holds apart while it dries is firm; nothing where it holds nothing. */
    default Steps takingOut() {
        return Steps.NONE;
    }

    /** What hands do where its pieces are turned while they dry; nothing where they lie as they lie. */
    default Steps turning() {
        return Steps.NONE;
    }

    /** What is soft when it is joined; what is taped in is firm, and goes onto what is dry. */
    default Joining joins(BuildContext made) {
        return Joining.of(Joining.As.FIRM, Joining.Onto.DRY);
    }

    /** Whether it holds at once, so that soft parts may be set on it as soon as it is made. */
    default boolean holdsAtOnce() {
        return false;
    }

    /** With what sort of pieces its pieces break alike. */
    default PieceSort breaksAs() {
        return PieceSort.BODY;
    }

    /** Whether its pieces are glued on one by one; what is taped in, or is a body of its own, is not. */
    default boolean glued() {
        return false;
    }

    /** What the maker chose for it otherwise than for the rest of the flower; none where nothing was. */
    default Optional<Choices> choices() {
        return Optional.empty();
    }
}
