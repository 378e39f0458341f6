package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Words;

/** Where makers disagree: the choices that this species is made by. */
@Words(label = "ways", means = "Where makers disagree: the choices that this species is made by.")
public record Ways(@Words(label = "dusting") Dusting dusting) {
    /** When dust goes on. */
    @Words(label = "dusting", means = "When dust goes on.")
    public enum Dusting {
        @Words(label = "parts before assembly", means = "Each part is dusted before it is out of reach.")
        PARTS,
        @Words(label = "the whole flower", means = "Dust goes on once the flower stands.")
        WHOLE
    }

    public Ways {
        Limits.check(Ways.class, dusting);
    }
}
