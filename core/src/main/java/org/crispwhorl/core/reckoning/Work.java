package org.crispwhorl.core.reckoning;

import java.util.OptionalInt;
import org.crispwhorl.core.bench.Lots;
import org.crispwhorl.core.bench.Pace;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Stage;
import org.crispwhorl.core.species.Stamens;

/** Minutes of hands that a part of one flower takes, by the studio's pace. */
public final class Work {
    private Work() {}

    /** To make all pieces of a part, min. */
    public static double makeMin(Pace pace, Part part) {
        if (part instanceof Heart heart) {
            return pace.heartMin() + (heart.form().pieces() - 1) * pace.ballMin();
        }
        if (part instanceof Stamens stamens) {
            return stamens.strands() * pace.strandMin();
        }
        return pieceMin(pace, (Petaled) part) * ((Petaled) part).pieces().count();
    }

    /** To cut, wire and shape one piece, min. */
    private static double pieceMin(Pace pace, Petaled part) {
        boolean wired = part.pieces().attachment() instanceof Attachment.Wired;
        return pace.cutMin() + pace.shapeMin() + (wired ? pace.wireMin() : 0);
    }

    /** To join all pieces to the flower, min; a heart is what others are joined to. */
    public static double joinMin(Pace pace, Part part) {
        if (part instanceof Petaled petaled) {
            boolean wired = petaled.pieces().attachment() instanceof Attachment.Wired;
            return petaled.pieces().count() * (wired ? pace.tapeMin() : pace.glueMin());
        }
        return part instanceof Stamens ? pace.tapeMin() : 0;
    }

    /** To dust all pieces of a part, min. Stamens are dusted as one tuft. */
    public static double dustMin(Pace pace, Part part) {
        int pieces = part instanceof Stamens ? 1 : Assessment.pieces(part);
        return part.dustPasses() * pieces * pace.dustMin();
    }

    /** The lots in which a ring's pieces can be made. */
    public static Lots lots(Assessment a, Petaled part) {
        DryingCourse course = a.course(part);
        double skinnedMin = course.at(Stage.SKINNED).map(r -> 60 * r.medianH()).orElse(Double.POSITIVE_INFINITY);
        boolean covered = a.conditions().kit().covered();
        OptionalInt formers = part.pieces()
                .former()
                .map(Former::name)
                .map(a.conditions().kit()::formersNamed)
                .orElse(OptionalInt.empty());
        double open = Math.min(24 * 60, skinnedMin * (covered ? Lots.COVER : 1));
        return new Lots(open, pieceMin(a.conditions().kit().pace(), part), formers);
    }
}
