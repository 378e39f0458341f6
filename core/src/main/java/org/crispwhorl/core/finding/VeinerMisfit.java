package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.species.Leaf;
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
            part.pieces().veiner().ifPresent(veiner -> {
                double paste = part.pieces().finishedMm(a.paste());
                if (veiner.sides() == Veiner.Sides.BOTH && paste < veiner.leastMm()) {
                    found.add(cutsThrough(a, part, veiner, paste));
                }
                double length = part.pieces().finished().lengthMm();
                if (veiner.lengthMm() < length) {
                    found.add(tooShort(a, part, veiner, length));
                } else if (veiner.lengthMm() > JUST_FITS * length && veiner.laid() != right(part)) {
                    found.add(wrongEnd(a, part, veiner, length));
                }
            });
        }
        return found;
    }

    /** Veins of a petal begin at its base, those of a leaf run to its tip. */
    private static Veiner.Laid right(Petaled part) {
        return part instanceof Leaf ? Veiner.Laid.TOWARDS_TIP : Veiner.Laid.TOWARDS_BASE;
    }

    private static Petaled with(Petaled part, Veiner veiner) {
        return part.with(part.pieces().with(d -> d.veiner = Optional.of(veiner)));
    }

    private static Finding cutsThrough(Assessment a, Petaled part, Veiner veiner, double paste) {
        List<Mend> mends = new ArrayList<>();
        mends.add(Mend.part(a, "vein one side only", () -> with(part, veiner.withSides(Veiner.Sides.ONE))));
        Pieces pieces = part.pieces();
        if (pieces.thinning().isPresent()) {
            double rolled = Math.max(pieces.making().rolledMm(), veiner.leastMm());
            mends.add(Mend.part(
                    a,
                    "thin only to " + veiner.leastMm() + " mm",
                    () -> part.with(pieces.withThinning(new Thinning(rolled, veiner.leastMm())))));
        }
        return new Finding(
                "veiner-cuts-through",
                Severity.STOP,
                Optional.of(part.id()),
                "A two-sided veiner cuts through paste this thin",
                Why.of(
                        "Finished thickness at least what the veiner asks for",
                        "Your veiner",
                        in("thickness", paste, Unit.FINE_MM),
                        in("least for " + veiner.name(), veiner.leastMm(), Unit.FINE_MM)),
                mends);
    }

    private static Finding tooShort(Assessment a, Petaled part, Veiner veiner, double length) {
        double longer = Math.ceil(length);
        double cut = Math.floor(2 * veiner.lengthMm() / part.pieces().growth()) / 2;
        return new Finding(
                "veiner-too-short",
                Severity.LOOK,
                Optional.of(part.id()),
                "The veiner is shorter than the piece",
                Why.of(
                        "A veiner at least as long as the finished piece",
                        "Your veiner",
                        in(veiner.name(), veiner.lengthMm(), Unit.MM),
                        in("finished length", length, Unit.MM)),
                List.of(
                        Mend.part(
                                a,
                                "use a veiner of " + Unit.MM.write(longer),
                                () -> with(part, veiner.withLength(longer))),
                        Mend.part(
                                a,
                                "cut them " + Unit.MM.write(cut) + " long",
                                () -> part.with(part.pieces()
                                        .withOutline(part.pieces().outline().withLength(cut))))));
    }

    private static Finding wrongEnd(Assessment a, Petaled part, Veiner veiner, double length) {
        boolean leaf = part instanceof Leaf;
        return new Finding(
                "veiner-wrong-end",
                Severity.LOOK,
                Optional.of(part.id()),
                leaf ? "Leaves lie towards the veiner's tip" : "Petals lie towards the veiner's base",
                Why.of(
                        leaf ? "The veins of a leaf run together at its tip" : "The veins of a petal begin at its base",
                        "Rule of the craft",
                        in(veiner.name(), veiner.lengthMm(), Unit.MM),
                        in("finished length", length, Unit.MM)),
                List.of(Mend.part(
                        a,
                        leaf ? "lay them towards its tip" : "lay them towards its base",
                        () -> with(part, veiner.withLaid(right(part))))));
    }
}
