package org.crispwhorl.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
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
        try (Playwright playwright = Playwright.create();
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(List.of("--disable-gpu", "--disable-quic")))) {
            Page page = browser.newPage();
            page.setViewportSize(1280, 800);
            page.navigate(base + "/shelf");
            page.getByText(species).first().click();
            page.waitForSelector("[data-face] path");
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
