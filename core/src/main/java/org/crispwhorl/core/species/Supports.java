package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Steps;

/** Soft supports that are put in between rings while they dry, and are counted out again once these are firm. */
@Text(label = "supports", means = "Put in between rings while they dry, and counted out again.")
public record Supports(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "of") SupportKind of,

        @Quantity(
                label = "pieces",
                unit = Unit.COUNT,
                min = 1,
                max = 80,
                usual = 5,
                means = "Put in after the part that stands before them.")
        int count)
        implements UnshadedPart, BringsNothing {
    /** What supports are of. */
    @Text(label = "of", means = "What supports are of.")
    public enum SupportKind {
        @Text(label = "foam", means = "Small pieces of clean foam.")
        FOAM("pieces of foam", Bought.BoughtSort.FOAM),
        @Text(label = "paper", means = "Twisted or folded kitchen paper.")
        PAPER("pieces of paper", Bought.BoughtSort.PAPER),
        @Text(label = "cotton wool")
        COTTON("tufts of cotton wool", Bought.BoughtSort.COTTON),
        @Text(label = "ring of card", means = "A ring or a cone of card under the petals.")
        CARD("rings of card", Bought.BoughtSort.CARD);

        private final String many;
        private final Bought.BoughtSort sort;

        SupportKind(String many, Bought.BoughtSort sort) {
            this.many = many;
            this.sort = sort;
        }
    }

    public Supports {
        Limits.check(Supports.class, id, name, of, count);
    }

    @Override
    public String inShort() {
        return count + " × " + Text.Labels.of(of) + ", out again";
    }

    @Override
    public int pieceCount() {
        return count;
    }

    /** They are gone once the flower is finished. */
    @Override
    public boolean inHead() {
        return false;
    }

    @Override
    public Strand strand(WireTable wires) {
        return Strand.NONE;
    }

    @Override
    public List<Solid> solids(WireTable wires) {
        return List.of();
    }

    @Override
    public List<Portion> lumps(BuildContext made) {
        return List.of();
    }

    @Override
    public Optional<Body> drying(BuildContext made) {
        return Optional.empty();
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of();
    }

    @Override
    public String wireName() {
        return name;
    }

    @Override
    public Steps making(BuildContext made) {
        return Steps.of(Operation.CUT, count, "Make ready {n} " + of.many + ".");
    }

    @Override
    public Steps joining(BuildContext made) {
        return Steps.of(
                Operation.PINCH,
                count,
                "Put all {n} in under " + under(made.species()) + ", evenly, before that skins and before it rests.");
    }

    /** What it holds up: the part that stands before it. */
    private String under(Species species) {
        List<Part> parts = species.parts();
        int at = parts.indexOf(this);
        return at > 0 ? parts.get(at - 1).name() : "the last part";
    }

    @Override
    public Steps takingOut() {
        return Steps.of(Operation.PINCH, count, "Take all {n} " + of.many + " out; count them.");
    }

    /** Put in at once: they wait for nothing. */
    @Override
    public Joining joins(BuildContext made) {
        return Joining.of(Joining.As.FIRM, Joining.Onto.SOFT);
    }

    @Override
    public List<Bought> bought() {
        return List.of(new Bought(of.sort, 0, 0, count));
    }

    @Override
    public List<NotFood> notFood() {
        return List.of(new NotFood(of.many + " that held rings apart", count));
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        figures.in(Figure.Group.PIECES)
                .add(
                        "pieces",
                        "put in, and counted out again",
                        count,
                        Unit.COUNT,
                        Why.of("As designed", "Your design", Why.in("supports", count, Unit.COUNT)));
    }

    /** A head that is open enough to fall back is held as the full flower is. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return opening.showsStamens() ? Optional.of(this) : Optional.empty();
    }
}
