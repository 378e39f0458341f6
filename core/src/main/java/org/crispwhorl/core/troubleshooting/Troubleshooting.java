package org.crispwhorl.core.troubleshooting;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.species.Part;

/**
 * The likely causes of what is seen, the likeliest first. Each cause weighs by what was answered and by what this species, this room
 * and this studio's book make of it; each says by which figures, what to do now and what to do next time.
 */
public final class Troubleshooting {
    private Troubleshooting() {}

    /**
     * A likely cause.
     *
     * @param cause what it is
     * @param because the figures that speak for it
     * @param now what to do with what is there
     * @param next what to do next time
     * @param weight the more the likelier
     */
    public record Cause(String cause, String because, String now, String next, int weight) {}

    /**
     * @param part of which it is seen; where none is named, the whole flower
     * @param answer number of the answer to what is asked; none before it was answered
     * @return the likeliest first, never none
     */
    public static List<Cause> of(Assessment a, Optional<Part> part, Seen seen, OptionalInt answer) {
        Signs signs = new Signs(a, part, answer);
        switch (seen) {
            case EDGES_CRACK -> new Shaping(signs).cracked();
            case FALL_BACK -> new Shaping(signs).fellBack();
            case STICKY -> new Surfaces(signs).sticky();
            case WIRE_TURNS -> new Shaping(signs).turned();
            case BLOTCHY -> new Surfaces(signs).blotchy();
            case GAP -> new Fitting(signs).gap();
            case SLUMPED -> new Shaping(signs).slumped();
            case CLOSED_UP -> new Shaping(signs).closed();
            case SWEATS -> new Surfaces(signs).sweats();
            case RAN_OUT -> new Fitting(signs).ranOut();
        }
        return signs.causes();
    }
}
