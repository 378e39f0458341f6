package org.crispwhorl.core.reckoning;

import java.util.OptionalInt;
import org.crispwhorl.core.bench.Lots;
import org.crispwhorl.core.bench.Pace;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Pistil;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.ShadedPart;
import org.crispwhorl.core.species.Stage;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.species.Tendril;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.core.species.Whorl;

/** Minutes of hands that a part of one flower takes, by the studio's pace. */
public final class Work {
    /** Share of the taping that is left to each petal where all go on in one pass under one wrap. */
    private static final double ONE_PASS_TAPING = 0.6;

    /** A bead, a pistil or a thickened stem takes this share of the time of a heart. */
    private static final double SMALL_SOLID = 0.5;

    /**
     * Share of the time over a piece that is the same for every size: to take it up, turn it and lay it down. A starting point, as
     * the pace itself is.
     */
    private static final double ANY_SIZE = 0.5;

    /** Length and width together of the piece that the studio's pace is stated for, a petal of 28 × 22 mm. */
    private static final double USUAL_SIZES_MM = 28 + 22;

    /** Length of the strip or fan that the pace of a heart is stated for where it is rolled up. */
    private static final double USUAL_STRIP_MM = 200;

    private final Assessment a;
    private final Pace pace;

    private Work(Assessment a) {
        this.a = a;
        this.pace = a.conditions().kit().pace();
    }

    /** To make all pieces of a part, min. */
    public static double makeMin(Assessment a, Part part) {
        return new Work(a).make(part);
    }

    private double make(Part part) {
        if (part instanceof Petaled petaled) {
            return petaled.pieces().count() * piece(petaled.pieces());
        }
        if (part instanceof Heart heart) {
            boolean bare = heart.lumps(a.paste()).isEmpty();
            return pace.heartMin() * (bare ? SMALL_SOLID : 1) + heart.form().touches() * pace.ballMin();
        }
        if (part instanceof Stamens stamens) {
            return stamens.strands() * pace.strandMin() + (stamens.bunches() - 1) * pace.tapeMin();
        }
        if (part instanceof FineStamens fine) {
            return fine.count() * (pace.ballMin() + pace.wireMin());
        }
        if (part instanceof Pistil pistil) {
            return SMALL_SOLID * pace.heartMin() + pistil.stigmas() * pace.tapeMin();
        }
        if (part instanceof Roll roll) {
            return pace.heartMin() * sized(roll.from().alongMm() / USUAL_STRIP_MM)
                    + roll.from().pieces() * pace.cutMin();
        }
        if (part instanceof Tendril tendril) {
            return tendril.count() * pace.wireMin();
        }
        if (part instanceof Heads) {
            return a.opened().stream()
                    .mapToDouble(h -> h.opening().count() * oneHead(h.head()))
                    .sum();
        }
        return SMALL_SOLID * pace.heartMin();
    }

    /** To make one head and put it together, min. */
    private static double oneHead(Assessment head) {
        return head.species().parts().stream()
                .mapToDouble(p -> makeMin(head, p) + joinMin(head, p) + colourMin(head, p))
                .sum();
    }

    /** To make one piece of a ring up to laying it down, min; what is done once for the ring is shared among its pieces. */
    private double piece(Pieces pieces) {
        Edge edge = pieces.edge();
        boolean edged = edge.bandMm() > 0 || edge.turnedMm() > 0 || edge.finish() != Edge.Finish.SMOOTH;
        double carried = pieces.carries().isPresent() ? pace.cutMin() + pace.glueMin() : 0;
        double laminated =
                pieces.lining().isPresent() ? pace.cutMin() / pieces.making().piecesPerUnit(pieces.count()) : 0;
        double wired = pieces.attachment() instanceof Attachment.Wired ? pace.wireMin() : 0;
        double shaped = (pace.shapeMin() + (edged ? pace.frillMin() : 0)) * sized(pieces);
        return begun(pieces) + shaped + wired + carried + laminated;
    }

    /** By how much a piece takes longer than the one that the pace is stated for: the tool goes along it and across. */
    static double sized(Pieces pieces) {
        Outline finished = pieces.finished();
        return sized((finished.lengthMm() + finished.widthMm()) / USUAL_SIZES_MM);
    }

    private static double sized(double share) {
        return ANY_SIZE + (1 - ANY_SIZE) * share;
    }

    /** To bring one piece to its outline, min. */
    private double begun(Pieces pieces) {
        Making making = pieces.making();
        int count = pieces.count();
        if (making instanceof Making.OnePiece one) {
            int snips =
                    switch (one.division()) {
                        case WHOLE -> 0;
                        case SPLIT -> one.cutterPetals(count);
                        case SECTIONS, SINGLES -> one.joints(count);
                    };
            return (pace.cutMin() + snips * pace.snipMin()) / count;
        }
        if (making instanceof HollowedCone) {
            return (SMALL_SOLID * pace.heartMin()) / count + pace.snipMin();
        }
        if (making instanceof Making.Pulled) {
            return pace.ballMin() + pace.shapeMin();
        }
        return making instanceof Making.Pressed || making instanceof Making.Weighed ? pace.ballMin() : pace.cutMin();
    }

    /** To join all pieces to the flower, min; the first heart is what others are joined to. */
    public static double joinMin(Assessment a, Part part) {
        Pace pace = a.conditions().kit().pace();
        if (part instanceof Petaled petaled) {
            Pieces pieces = petaled.pieces();
            if (pieces.attachment() instanceof Attachment.Wired) {
                boolean onePass = part instanceof Whorl && a.ways().assembly() == Ways.Assembly.ONE_PASS;
                return pieces.count() * pace.tapeMin() * (onePass ? ONE_PASS_TAPING : 1);
            }
            return pieces.making().joints(pieces.count()) * pace.glueMin();
        }
        if (part instanceof Heart heart) {
            return a.species().heart().filter(first -> first.equals(heart)).isPresent() ? 0 : pace.glueMin();
        }
        if (part instanceof Roll || part instanceof Bead) {
            return pace.glueMin();
        }
        if (part instanceof Tendril || part instanceof Heads) {
            return part.pieceCount() * pace.tapeMin();
        }
        return part instanceof StemWrap ? 0 : pace.tapeMin();
    }

    /** To dust and paint all pieces of a part, min. Stamens are coloured as one tuft. */
    public static double colourMin(Assessment a, Part part) {
        return dustMin(a, part) + paintMin(a, part);
    }

    /** To dust all pieces of a part, min. */
    public static double dustMin(Assessment a, Part part) {
        return part instanceof ShadedPart shaded
                ? shaded.colour().dustPasses()
                        * coloured(part)
                        * a.conditions().kit().pace().dustMin()
                : 0;
    }

    /** To paint all pieces of a part, min. */
    public static double paintMin(Assessment a, Part part) {
        return part instanceof ShadedPart shaded
                ? shaded.colour().paintPasses()
                        * coloured(part)
                        * a.conditions().kit().pace().paintMin()
                : 0;
    }

    /** Pieces that are coloured one by one, the larger for more. */
    private static double coloured(Part part) {
        return part instanceof Petaled petaled
                ? part.pieceCount() * sized(petaled.pieces())
                : part instanceof Tendril ? part.pieceCount() : 1;
    }

    /** The lots in which a ring's pieces can be made. */
    public static Lots lots(Assessment a, Petaled part) {
        boolean covered = a.conditions().kit().covered();
        double skinnedMin = a.drying(part)
                .flatMap((DryingCourse c) -> c.at(Stage.SKINNED))
                .map(r -> 60 * r.medianH())
                .orElse(Double.POSITIVE_INFINITY);
        OptionalInt formers = part.pieces()
                .former()
                .map(Former::name)
                .map(a.conditions().kit()::formersNamed)
                .orElse(OptionalInt.empty());
        boolean grooved = part.pieces().attachment() instanceof Attachment.Wired
                && a.ways(part).ridge() == Ways.Ridge.BOARD;
        OptionalInt grooves = grooved ? OptionalInt.of(a.conditions().kit().grooves()) : OptionalInt.empty();
        double open = Math.min(24 * 60, skinnedMin * (covered ? Lots.COVER : 1));
        return new Lots(open, new Work(a).piece(part.pieces()), formers, grooves);
    }
}
