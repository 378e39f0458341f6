package org.crispwhorl.benchmarks;

import com.microsoft.playwright.Page;
import java.util.List;

/**
 * From a key press to the redrawn plate, by the browser's own clock: from the key event's time stamp to the first frame
 * after the drawing has changed.
 */
final class KeyToPlate {
    private static final String WATCH = """
            () => {
              window.redrawn = [];
              let pressed = 0;
              window.addEventListener('keydown', (e) => { pressed = e.timeStamp }, true);
              new MutationObserver(() => {
                if (!pressed) return;
                const from = pressed;
                pressed = 0;
                requestAnimationFrame(() => {
                  const channel = new MessageChannel();
                  channel.port1.onmessage = () => window.redrawn.push(performance.now() - from);
                  channel.port2.postMessage(0);
                });
              }).observe(document.querySelector('[data-face]'), { subtree: true, childList: true, attributes: true, attributeFilter: ['d', 'transform'] });
            }
            """;

    private KeyToPlate() {}

    static Samples measure(String base, String species, int warm, int counted) {
        try (OpenPlate plate = new OpenPlate(base, species)) {
            Page page = plate.page;
            page.locator("[data-bead]").nth(4).click();
            page.evaluate(WATCH);
            for (int i = 0; i < warm + counted; i++) {
                if (i == warm) {
                    page.evaluate("window.redrawn = []");
                }
                page.keyboard().press(i % 2 == 0 ? "+" : "-");
                page.waitForTimeout(90);
            }
            page.waitForTimeout(500);
            Object all = page.evaluate("window.redrawn");
            double[] millis = ((List<?>) all)
                    .stream().mapToDouble(o -> ((Number) o).doubleValue()).toArray();
            if (millis.length < counted * 9 / 10) {
                throw new IllegalStateException("only " + millis.length + " of " + counted + " keys redrew the plate");
            }
            return new Samples(millis);
        }
    }
}
