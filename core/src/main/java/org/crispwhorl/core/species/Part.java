package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.labour.Labour;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;

/**
 * A part of a flower. Parts stand in build order, from the centre outwards and then down the stem. What the rest of the program
 * asks of a part, its kind answers here, so that a new kind is written in one place.
 */
@ShownAsPicture
public sealed interface Part permits ShadedPart, UnshadedPart {
    /** Pattern of a part's id: what findings, drawings and plans point at. */
    String ID = Shade.ID;

    /** Unique within the species. */
    String id();

    /** The maker's name for it. */
    String name();

    /** What it is, in as few words as a bead of the strand has room for. */
    String inShort();

    /** What of its design changes nothing as it is: paths of fields, as they stand in a document. */
    default List<String> idle() {
        return List.of();
    }

    /** What of its design changes nothing for the heads that there are besides, or because there are none. */
    default List<String> idleAmong(Optional<Heads> heads) {
        return List.of();
    }

    /** How many separate pieces it has. */
    int pieceCount();

    /** How many things that are made, and may break, as one. */
    default int units() {
        return 1;
    }

    /** Whether it belongs to the head as it is seen from above; what stands on the stem does not. */
    boolean inHead();

    /** What it fills the middle with. */
    default Core core() {
        return Core.NONE;
    }

    /** Diameter to which it thickens the stem, mm; 0 where it does not. */
    default double thickensToMm() {
        return 0;
    }

    /** What it puts on the stem. */
    Strand strand(WireTable wires);

    /** Its bodies; empty for flat pieces, which are placed round the axis, and for heads, which are flowers of their own. */
    List<Solid> solids(WireTable wires);

    /**
     * What stands at the joints of further heads instead of at one place.
     *
     * @param every at the joint of every so many further heads, counted from the foot
     * @param count how many there are at most
     * @param body one of them, from a joint at height 0 outwards
     */
    record AtJoints(int every, int count, Solid.Tube body) {
        /** Whether one stands at the joint of a further head: 1 is the lowest. */
        public boolean at(int head) {
            return head % every == 0 && head / every <= count;
        }
    }

    /** Where it stands at the joints of further heads: so many of it, and where; none where it stands at one place. */
    default Optional<AtJoints> atJoints(WireTable wires) {
        return Optional.empty();
    }

    /** Whether it is further heads, each a flower of its own. */
    default boolean severalHeads() {
        return false;
    }

    /** Its flat pieces; none where it is made of none. */
    default Optional<Petaled> flat() {
        return Optional.empty();
    }

    /** The paste in it, lump by lump; empty where it has none of its own. */
    List<Portion> lumps(BuildContext made);

    /** What of it dries, and how far the water has to go; none where it has no paste. */
    Optional<Body> drying(BuildContext made);

    /** The wires cut for it. */
    List<WireCut> wireCuts();

    /** How far down the stem its wires reach, mm; below 0 where they go all the way, into what holds the stem. */
    default double reachesDownMm() {
        return 0;
    }

    /** What its wires are called on a list. */
    String wireName();

    /** What hands do to make all of it, but for kneading and rolling out each lot. */
    Labour making(BuildContext made);

    /** What hands do to join it to the flower. */
    Labour joining(BuildContext made);

    /** Id of the shade that it is of, or that tips or covers it; none where it has none of its own. */
    Optional<String> shadeId();

    /** What is soft when it is joined; what is taped in is firm, and goes onto what is dry. */
    default Joining joins(BuildContext made) {
        return Joining.of(Joining.As.FIRM, Joining.Onto.DRY);
    }

    /** Whether it holds at once, so that soft parts may be set on it as soon as it is made. */
    default boolean holdsAtOnce() {
        return false;
    }

    /** Its colour after shaping; none where it has none of its own. */
    Optional<Colouring> colouring();

    /** The same part with its colour changed; one that has none of its own stays as it is. */
    Part coloured(UnaryOperator<Colouring> edit);

    /** How many pieces each pass of colour goes over, one by one. */
    default int colouredPieces() {
        return 1;
    }

    /** What it is cut or rolled from; none where nothing of it is. */
    Optional<StartsFrom> startsFrom(BuildContext made);

    /** Bought strands in it. */
    default int boughtStrands() {
        return 0;
    }

    /** What is bought ready-made for it; wires, tape and bought strands have lists of their own. */
    default List<Bought> bought() {
        return List.of();
    }

    /** What is cut beside what each piece starts from, for a list of what to cut. */
    default List<AlsoCut> alsoCut() {
        return List.of();
    }

    /** What in it is not food, its wires left out. */
    List<NotFood> notFood();

    /** Whether it bears steam and liquid. */
    default boolean bearsSteam() {
        return true;
    }

    /** Allergens that it brings, in words. */
    default List<String> allergens(BuildContext made) {
        return List.of();
    }

    /** Its own figures: sizes, fit, pieces and wire. */
    void figures(Figures figures, BuildContext made);

    /**
     * The part in a head at a stage of opening.
     *
     * @param ring how many rings lie inside it and itself, where it is one
     * @param stalkMm free stalk of the head; 0 where it keeps its stem
     * @return none where such a head has none
     */
    Optional<Part> opened(Opening opening, int ring, double stalkMm);

    /** With what sort of pieces its pieces break alike. */
    default PieceSort breaksAs() {
        return flat().map(p -> p.pieces().cut().filter(Cut::onePiece).isPresent()
                        ? PieceSort.ONE_PIECE
                        : p.pieces().wired().isPresent() ? PieceSort.WIRED : PieceSort.SET)
                .orElse(PieceSort.BODY);
    }
}
