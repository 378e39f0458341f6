package org.crispwhorl.core.assessment;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.ToIntFunction;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.species.Part;

/** What is done in a task, and all that whoever reads the work asks of it: one constant says it all. */
@Text(label = "doing", means = "What is done in a task.")
public enum TaskKind {
    @Text(label = "mix")
    MIX("mixing", part -> 0, Trait.MIXES),
    @Text(label = "make")
    MAKE("making", Part::units, Trait.MAKES, Trait.PIECE_BY_PIECE),
    @Text(label = "make and set")
    MAKE_AND_SET("making", Part::units, Trait.MAKES, Trait.SETS, Trait.ASSEMBLES),
    @Text(label = "dust")
    DUST("colouring", Part::colouredPieces, Trait.PIECE_BY_PIECE, Trait.COLOURS_PIECES),
    @Text(label = "paint")
    PAINT("colouring", Part::colouredPieces, Trait.PIECE_BY_PIECE, Trait.COLOURS_PIECES),
    @Text(label = "join")
    JOIN("assembling", Part::units, Trait.SETS, Trait.ASSEMBLES),
    @Text(label = "colour on the flower", means = "A ring once it is joined, or the whole flower.")
    COLOUR("colouring", Part::colouredPieces, Trait.ASSEMBLES),
    @Text(label = "see to", means = "Turn pieces, take supports out.")
    SEE_TO("seeing to and finishing", Part::units, Trait.ASSEMBLES),
    @Text(label = "finish", means = "Steam, glaze, the stem.")
    FINISH("seeing to and finishing", part -> 0, Trait.ASSEMBLES);

    private enum Trait {
        MIXES,
        MAKES,
        SETS,
        PIECE_BY_PIECE,
        COLOURS_PIECES,
        ASSEMBLES
    }

    private final String priced;
    private final ToIntFunction<Part> counted;
    private final Set<Trait> traits;

    TaskKind(String priced, ToIntFunction<Part> counted, Trait... traits) {
        this.priced = priced;
        this.counted = counted;
        this.traits = EnumSet.noneOf(Trait.class);
        this.traits.addAll(Set.of(traits));
    }

    /** As a price sums it up. */
    public String priced() {
        return priced;
    }

    /** Pieces of a part of one flower that go through the hands one by one; 0 where nothing is counted. */
    public int counted(Part part) {
        return counted.applyAsInt(part);
    }

    /** Whether it goes by the gram: shades are mixed in it, of all flowers at once. */
    public boolean mixes() {
        return traits.contains(Trait.MIXES);
    }

    /** Whether pieces are made in it, spares among them. */
    public boolean makes() {
        return traits.contains(Trait.MAKES);
    }

    /** Whether pieces go onto the flower in it. */
    public boolean sets() {
        return traits.contains(Trait.SETS);
    }

    /** Whether pieces are coloured in it before they go onto the flower. */
    public boolean coloursPieces() {
        return traits.contains(Trait.COLOURS_PIECES);
    }

    /** Whether it is done on the flower, and so in one go with what else is. */
    public boolean assembles() {
        return traits.contains(Trait.ASSEMBLES);
    }

    /** Whether it may be left between two pieces: nothing in it waits in the hand. */
    public boolean pieceByPiece() {
        return traits.contains(Trait.PIECE_BY_PIECE);
    }
}
