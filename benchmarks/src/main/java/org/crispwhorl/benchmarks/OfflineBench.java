package org.crispwhorl.benchmarks;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;

/** How soon the bench is there while its server is away. */
final class OfflineBench {
    private OfflineBench() {}

    /** From asking for the page until its task can be read, opened so many times. */
    static Samples measure(String base, int times) {
        try (Playwright playwright = Playwright.create();
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(List.of("--disable-gpu", "--disable-quic")))) {
            BrowserContext context = browser.newContext(new Browser.NewContextOptions().setViewportSize(820, 1180));
            Page page = context.newPage();
            page.navigate(base + "/orders");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Regatta tea"))
                    .first()
                    .click();
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Bench").setExact(true))
                    .click();
            page.waitForSelector("[data-done]");
            page.evaluate("() => navigator.serviceWorker.ready");
            page.reload();
            page.waitForSelector("[data-done]");
            context.setOffline(true);
            double[] took = new double[times];
            for (int i = 0; i < times; i++) {
                long begun = System.nanoTime();
                page.reload();
                page.waitForSelector("[data-done]");
                took[i] = (System.nanoTime() - begun) / 1e6;
            }
            return new Samples(took);
        }
    }
}
