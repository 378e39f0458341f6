package org.crispwhorl.core;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** What a kind of part, making, centre or joint is, its own file says: nobody else asks which kind it is. */
public class KindsTest {
    private static final Path SOURCES = Path.of("src/main/java/org/crispwhorl/core");

    private static final String KINDS =
            "(Centre|Ring|Calyx|Leaf|Petaled|ShadedPart|Stamens|FineStamens|Pistil|Roll|Bead"
                    + "|Tendril|StemWrap|Heads|Making|FromBall|Sheet|OnePiece|Pressed|Weighed|Pulled|Tape|HollowedCone|CentreForm|Cone|Ball"
                    + "|Teardrop|Dome|Disc|Cluster|CoveredBall|CappedHalfBall|SliverCone|WoundFringe|Attachment|Wired|Glued"
                    + "|Threaded|RollForm|Strip|PetalFan|FoldedDisc|TexturedHead|BoughtCore|Pearls|BareStem|ByHand|BrimmedCone"
                    + "|Supports)";

    private static final Pattern ASKS =
            Pattern.compile("instanceof (?:[A-Z]\\w+\\.)?" + KINDS + "\\b|\\ball\\((?:[A-Z]\\w+\\.)?" + KINDS
                    + "\\.class\\)" + "|\\b(?:[A-Z]\\w+\\.)?" + KINDS + "\\.class::");

    /**
     * Where a kind is asked for outside its home, and why: a species knows that it has at most one set of further heads and which
     * centre has the stem; three findings are about bought stamens and nothing else.
     */
    private static final Map<String, Integer> LEFT = Map.of(
            "finding/NeckShows.java", 1,
            "finding/StamenSpacing.java", 1,
            "finding/StamensHidden.java", 1,
            "species/Species.java", 4);

    @Test
    public void nobodyAsksForAKindOutsideItsHome() throws IOException {
        Map<String, Integer> found = new TreeMap<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            files.filter(f -> f.toString().endsWith(".java")).forEach(f -> {
                int asks = asks(f);
                if (asks > 0) {
                    found.put(SOURCES.relativize(f).toString().replace('\\', '/'), asks);
                }
            });
        }
        assertEquals(found, new TreeMap<>(LEFT));
    }

    private static int asks(Path file) {
        try {
            Matcher asked = ASKS.matcher(Files.readString(file));
            return (int) asked.results().count();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The test itself finds what it looks for. */
    @Test
    public void askingIsSeen() {
        for (String line :
                List.of("part instanceof Centre centre", "x instanceof Making.Sheet s", "a.all(Stamens.class)")) {
            assertEquals(ASKS.matcher(line).results().count(), 1L, line);
        }
    }
}
