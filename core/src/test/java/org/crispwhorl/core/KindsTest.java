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

    /** Whether a part is of flat pieces, asked to do otherwise with it. */
    private static final Pattern ASKS_FLAT = Pattern.compile("\\b(?:part|p)\\.flat\\(\\)|Part::flat");

    /**
     * Where that is still asked outside the kinds' home, and why: what is drawn, placed and coloured of a flat piece is otherwise than
     * of a body; what hands do (cards, tools, lists, minutes) will be told by the work itself.
     */
    private static final Map<String, Integer> LEFT_FLAT = Map.ofEntries(
            Map.entry("assessment/Coloured.java", 2),
            Map.entry("assessment/Work.java", 2),
            Map.entry("bench/Cards.java", 1),
            Map.entry("book/Pages.java", 2),
            Map.entry("form/Assembly.java", 1),
            Map.entry("order/Adding.java", 1),
            Map.entry("reckoning/PartFigures.java", 1),
            Map.entry("reckoning/Reckoner.java", 1),
            Map.entry("studio/AppliedTechniques.java", 2),
            Map.entry("troubleshooting/Shaping.java", 1),
            Map.entry("troubleshooting/Signs.java", 1));

    /** Which way a medium sets is asked of its law. */
    private static final Pattern ASKS_SETTING =
            Pattern.compile("instanceof Medium\\.Setting|\\(Medium\\.Setting\\.\\w+\\) ");

    @Test
    public void nobodyAsksForAKindOutsideItsHome() throws IOException {
        assertEquals(found(ASKS), new TreeMap<>(LEFT));
    }

    @Test
    public void fewAskWhetherAPartIsOfFlatPieces() throws IOException {
        Map<String, Integer> found = found(ASKS_FLAT);
        found.keySet().removeIf(file -> file.startsWith("species/"));
        assertEquals(found, new TreeMap<>(LEFT_FLAT));
    }

    @Test
    public void nobodyAsksInWhichWayAMediumSets() throws IOException {
        assertEquals(found(ASKS_SETTING), Map.of());
    }

    private static Map<String, Integer> found(Pattern asks) throws IOException {
        Map<String, Integer> found = new TreeMap<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            files.filter(f -> f.toString().endsWith(".java")).forEach(f -> {
                int asked = asked(asks, f);
                if (asked > 0) {
                    found.put(SOURCES.relativize(f).toString().replace('\\', '/'), asked);
                }
            });
        }
        return found;
    }

    private static int asked(Pattern asks, Path file) {
        try {
            Matcher asked = asks.matcher(Files.readString(file));
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
