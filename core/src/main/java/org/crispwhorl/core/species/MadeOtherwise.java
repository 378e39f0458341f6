package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;

/** The same way of making with one thing otherwise; none, or itself, where it has no such thing. */
public interface MadeOtherwise {
    /** The thinning of a piece that is cut from a sheet; none where there is no sheet. */
    Optional<Thinning> thinned();

    /** The same thinned otherwise; what is not cut from a sheet stays as it is. */
    Making withThinning(Thinning other);

    /** The ring's pieces in one cut round a middle, where they are cut singly; else none. */
    default Optional<Making> inOne(double middleMm) {
        return Optional.empty();
    }

    /** The ring's pieces cut singly, where they are cut in one; else none. */
    default Optional<Making> singly() {
        return Optional.empty();
    }

    /** The same cut apart into sections that are set one by one; none where it is not in one. */
    default Optional<Making> inSections() {
        return Optional.empty();
    }

    /** The same way of making a piece, its mean thickness brought to another; none where it cannot be. */
    Optional<Making> thickened(Outline outline, double meanMm, Paste paste);
}
