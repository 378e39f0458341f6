package org.crispwhorl.benchmarks;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.svg.SvgOutline;

/** How long outlines take that should be refused: the slowest of a hostile set, each tried several times. */
final class TracedLines {
    private static final int TIMES = 9;

    private TracedLines() {}

    static String measure() {
        String slowest = "";
        double worst = 0;
        for (Map.Entry<String, String> one : hostile().entrySet()) {
            double[] millis = new double[TIMES];
            for (int i = 0; i < TIMES; i++) {
                long begun = System.nanoTime();
                try {
                    SvgOutline.read(one.getValue(), 40, 0);
                    throw new IllegalStateException(one.getKey() + " was taken");
                } catch (DocumentFault | InvalidValue expected) {
                    millis[i] = (System.nanoTime() - begun) / 1e6;
                }
            }
            double most = new Samples(millis).percentile(1);
            if (most > worst) {
                worst = most;
                slowest = one.getKey();
            }
        }
        return String.format(
                Locale.ROOT,
                "worst %.0f ms of %d tries (%s)",
                worst,
                TIMES * hostile().size(),
                slowest);
    }

    private static Map<String, String> hostile() {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("crossing itself", "M0 0L10 10L0 10L10 0Z");
        all.put("open", "M0 0L10 0L10 30");
        all.put("a million points", line(1_000_000));
        all.put("as many points as are looked at", circle(15_000));
        all.put("scripts", "<svg><script>1</script></svg>");
        all.put("an outer reference", "<svg><use href='a.svg'/></svg>");
        all.put("no area", "M0 0L40 40L40.01 40L0.01 0Z");
        all.put("needle tips", "M0 0H10L5.3 30L5 90L4.7 30Z");
        all.put("ragged", saw(1_500));
        return all;
    }

    private static String line(int points) {
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < points; i++) {
            path.append('L').append(i % 7).append(' ').append(i % 11);
        }
        return path.append('Z').toString();
    }

    /** A line of very many points that goes round properly and then slips over itself at its end. */
    private static String circle(int points) {
        StringBuilder path = new StringBuilder("M100 50");
        for (int i = 1; i < points; i++) {
            double turn = 2 * Math.PI * i / points;
            path.append(String.format(Locale.ROOT, "L%.2f %.2f", 50 + 50 * Math.cos(turn), 50 + 50 * Math.sin(turn)));
        }
        return path.append("L50 120Z").toString();
    }

    private static String saw(int teeth) {
        StringBuilder path = new StringBuilder("M0 0L100 0");
        for (int i = 0; i < teeth; i++) {
            path.append(String.format(Locale.ROOT, "L%.4f %d", 100 - 100.0 * (i + 1) / teeth, i % 2 == 0 ? 100 : 60));
        }
        return path.append('Z').toString();
    }
}
