package org.crispwhorl.benchmarks;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Locale;

/** The round view in software rendering: from the key to the first frame, and frames a second while it is turned. */
record RoundFrames(double firstMs, double framesPerSecond) {
    /** Counts the frames that are drawn: each begins by clearing the canvas. */
    private static final String COUNT = """
            () => {
              window.frames3d = 0;
              for (const kind of [WebGLRenderingContext, WebGL2RenderingContext]) {
                const clear = kind.prototype.clear;
                kind.prototype.clear = function (...args) { window.frames3d++; return clear.apply(this, args) };
              }
            }
            """;

    private static final int TURNS = 120;

    static RoundFrames measure(String base, String species) {
        try (OpenPlate plate = new OpenPlate(base, species)) {
            Page page = plate.page;
            page.waitForTimeout(1000);
            page.evaluate(COUNT);
            long begun = System.nanoTime();
            page.keyboard().press("r");
            page.waitForSelector("canvas[data-drawn=true]");
            while (frames(page) == 0) {
                page.waitForTimeout(5);
            }
            double firstMs = (System.nanoTime() - begun) / 1e6;
            page.locator("[data-crossings]:not(:has-text('looking'))").waitFor();
            page.waitForTimeout(500);
            BoundingBox box = page.locator("canvas").boundingBox();
            double x = box.x + box.width / 2;
            double y = box.y + 0.65 * box.height;
            page.mouse().move(x, y);
            page.mouse().down();
            page.evaluate("window.frames3d = 0");
            long turning = System.nanoTime();
            for (int i = 0; i < TURNS; i++) {
                page.mouse().move(x + 150 * Math.sin(i / 9.0), y + 20 * Math.sin(i / 5.0));
                page.waitForTimeout(16);
            }
            double seconds = (System.nanoTime() - turning) / 1e9;
            double frames = frames(page);
            page.mouse().up();
            return new RoundFrames(firstMs, frames / seconds);
        }
    }

    private static double frames(Page page) {
        return ((Number) page.evaluate("window.frames3d")).doubleValue();
    }

    String firstTold() {
        return String.format(Locale.ROOT, "%.2f s", firstMs / 1000);
    }

    String turningTold() {
        return String.format(Locale.ROOT, "%.0f frames/s", framesPerSecond);
    }
}
