package org.crispwhorl.core.species;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.drying.Body;

/** What is asked of a part of its paste: how much, of which shade, from what, and how it dries. */
public interface OfPaste {
    /** The paste in it, lump by lump; empty where it has none of its own. */
    List<Portion> lumps(BuildContext made);

    /** What of it dries, and how far the water has to go; none where it has no paste. */
    Optional<Body> drying(BuildContext made);

    /** Id of the shade that it is of, or that tips or covers it; none where it has none of its own. */
    Optional<String> shadeId();

    /** Every shade that it names, by the field that does. */
    default Map<String, String> shadesByField() {
        return shadeId().map(shade -> Map.of("shade", shade)).orElse(Map.of());
    }

    /** What it is cut or rolled from; none where nothing of it is. */
    Optional<StartsFrom> startsFrom(BuildContext made);

    /** What is cut beside what each piece starts from, for a list of what to cut. */
    default List<AlsoCut> alsoCut() {
        return List.of();
    }
}
