package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.thinning.Thinning;

/** A veiner that cuts through, is too short, or on which a piece is laid at the wrong end. */
final class VeinerMisfit implements Rule {
    /** A veiner longer than the piece by no more than this share has no end to be wrong at. */
    private static final double JUST_FITS = 1.1;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            part.pieces().veiner().filter(Veiner::pressed).ifPresent(veiner -> {
                double paste = veiner.pasteMm(part.pieces(), a.paste());
                if (veiner.sides() == Veiner.Sides.BOTH && paste < veiner.leastMm()) {
                    found.add(cutsThrough(a, part, veiner, paste));
                }
                double length = veiner.neededMm(part.pieces());
                if (veiner.lengthMm() < length) {
                    found.add(tooShort(a, part, veiner, length));
                } else if (veiner.laid().hasEnds()
                        && veiner.lengthMm() > JUST_FITS * length
                        && veiner.laid() != part.laid()) {
                    found.add(wrongEnd(a, part, veiner, length));
                }
            });
        }
        return found;
    }

    private static Fix veiner(Assessment a, String label, Petaled part, UnaryOperator<Veiner> edit) {
        return Fix.pieces(a, label, part, p -> p.with(d -> d.veiner = d.veiner.map(edit)));
    }

    private static Finding cutsThrough(Assessment a, Petaled part, Veiner veiner, double paste) {
        List<Fix> fixes = new ArrayList<>();
        if (veiner.when() == Veiner.When.THINNED) {
            fixes.add(veiner(a, "vein it before it is thinned", part, v -> v.withWhen(Veiner.When.ROLLED)));
        }
        fixes.add(veiner(a, "vein one side only", part, v -> v.withSides(Veiner.Sides.ONE)));
        Pieces pieces = part.pieces();
        if (pieces.thinning().isPresent()) {
            double rolled = Math.max(pieces.making().rolledMm(), veiner.leastMm());
            fixes.add(Fix.pieces(
                    a,
                    "roll it to " + Unit.FINE_MM.write(veiner.leastMm()),
                    part,
                    p -> p.withThinning(new Thinning(rolled, Math.min(rolled, p.finishedMm(a.paste()))))));
        }
        return new Finding(
                "veiner-cuts-through",
                Severity.STOP,
                Optional.of(part.id()),
                "A two-sided veiner cuts through paste this thin",
                Why.of(
                        "As thick as it is when it is veined, at least what the veiner asks for",
                        "Your veiner",
                        in("thickness at veining", paste, Unit.FINE_MM),
                        in("least for " + veiner.name(), veiner.leastMm(), Unit.FINE_MM)),
                fixes);
    }

    private static Finding tooShort(Assessment a, Petaled part, Veiner veiner, double length) {
        double longer = Math.ceil(length);
        double cut = Math.floor(
                        2 * veiner.lengthMm() / length * part.pieces().outline().lengthMm())
                / 2;
        return new Finding(
                "veiner-too-short",
                Severity.CHECK,
                Optional.of(part.id()),
                "The veiner is shorter than the piece",
                Why.of(
                        "A veiner at least as long as the piece is when it is veined",
                        "Your veiner",
                        in(veiner.name(), veiner.lengthMm(), Unit.MM),
                        in("needed", length, Unit.MM)),
                List.of(
                        veiner(a, "use a veiner of " + Unit.MM.write(longer), part, v -> v.withLength(longer)),
                        Fix.pieces(
                                a,
                                "cut them " + Unit.MM.write(cut) + " long",
                                part,
                                p -> p.outlined(o -> o.withLength(cut)))));
    }

    private static Finding wrongEnd(Assessment a, Petaled part, Veiner veiner, double length) {
        boolean leaf = part.laid() == Veiner.Laid.TOWARDS_TIP;
        return new Finding(
                "veiner-wrong-end",
                Severity.CHECK,
                Optional.of(part.id()),
                leaf ? "Leaves lie towards the veiner's tip" : "Petals lie towards the veiner's base",
                Why.of(
                        leaf ? "The veins of a leaf run together at its tip" : "The veins of a petal begin at its base",
                        "Rule of the craft",
                        in(veiner.name(), veiner.lengthMm(), Unit.MM),
                        in("finished length", length, Unit.MM)),
                List.of(veiner(
                        a,
                        leaf ? "lay them towards its tip" : "lay them towards its base",
                        part,
                        v -> v.withLaid(part.laid()))));
    }
}
