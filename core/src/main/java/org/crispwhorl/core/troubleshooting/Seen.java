package org.crispwhorl.core.troubleshooting;

import java.util.List;
import org.crispwhorl.core.measure.Text;

/** What is seen to be wrong, and what is asked about it: the first answer is number 0. */
public enum Seen {
    @Text(label = "edges crack")
    EDGES_CRACK("When did they crack?", "while they were thinned", "when they were bent or cupped", "while they dried"),
    @Text(label = "petals fall back")
    FALL_BACK("When did they fall back?", "as soon as they were joined", "within the hour", "the next day"),
    @Text(label = "it is sticky")
    STICKY("What is sticky?", "the paste on the bench", "pieces that should be dry", "flowers that were finished"),
    @Text(label = "a wire turns in its piece")
    WIRE_TURNS("What turns?", "a petal or leaf on its wire", "the centre on its wire"),
    @Text(label = "the dust is dull or blotchy")
    BLOTCHY("How does it look?", "dull all over", "in blotches", "pale pieces are soiled"),
    @Text(label = "a gap at the centre")
    GAP("Where is the gap?", "between petals of one ring", "round the centre"),
    @Text(label = "a cup slumped")
    SLUMPED("When did it slump?", "in its former", "once it was taken out"),
    @Text(label = "the flower closed up")
    CLOSED_UP("How was it left?", "hanging head down", "standing upright"),
    @Text(label = "the chocolate sweats")
    SWEATS("Where was it?", "in a cold store", "in the room all the time"),
    @Text(label = "a shade ran out")
    RAN_OUT("What is left to make?", "a few pieces", "half of them or more");

    private final String question;
    private final List<String> answers;

    Seen(String question, String... answers) {
        this.question = question;
        this.answers = List.of(answers);
    }

    /** What is asked. */
    public String question() {
        return question;
    }

    /** What may be answered. */
    public List<String> answers() {
        return answers;
    }
}
