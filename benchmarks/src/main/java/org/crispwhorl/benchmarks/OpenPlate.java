package org.crispwhorl.benchmarks;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.List;

/** A species on its plate in Debian's headless Chromium. */
final class OpenPlate implements AutoCloseable {
    private final Playwright playwright = Playwright.create();
    private final Browser browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(List.of("--disable-gpu", "--disable-quic")));
    /** Without the worker that keeps the page for later: that is a matter of the first visit. */
    final Page page = browser.newPage(new Browser.NewPageOptions().setServiceWorkers(ServiceWorkerPolicy.BLOCK));

    OpenPlate(String base, String species) {
        page.setViewportSize(1280, 800);
        page.navigate(base + "/shelf");
        page.getByText(species).first().click();
        page.waitForSelector("[data-face] path");
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
