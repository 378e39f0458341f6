package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.crispwhorl.server.RunningStudio;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;

/** The door to the home network: a passphrase is chosen, a tablet comes in and works, another stays out, and a restart keeps it so. */
public class LanJourneyTest extends Journey {
    private static final String WORDS = "nine lilies under the bridge";

    @Override
    protected Browser.NewContextOptions windowOptions() {
        // The certificate is the studio's own; its fingerprint is compared by eye.
        return super.windowOptions().setViewportSize(820, 1180).setIgnoreHTTPSErrors(true);
    }

    private static void enter(Page tablet, String words) {
        tablet.locator("input[type=password]").first().fill(words);
        tablet.keyboard().press("Enter");
    }

    @Test
    public void aTabletComesInAndWorksAndAnotherStaysOut() throws IOException {
        Path data = Files.createTempDirectory("crispwhorl-test");
        ConfigurableApplicationContext studio = RunningStudio.start(data, "--crispwhorl.lan=true");
        int port = RunningStudio.port(studio);
        String home = "https://127.0.0.1:" + port;
        try (BrowserContext another = page.context().browser().newContext(windowOptions())) {
            page.navigate(home);
            page.locator("input[type=password]").nth(1).fill(WORDS);
            enter(page, WORDS);
            assertThat(page.locator("input[type=password]")).hasCount(1);
            enter(page, "some other words altogether");
            assertThat(page.locator("input[type=password]")).hasCount(1);
            enter(page, WORDS);
            assertThat(page.locator("h1").first()).isVisible();
            openBench(home, "Supper on the lock island");
            page.locator("[data-begin]").click();
            assertThat(page.locator("[data-kept]")).hasText("● kept");
            Page guest = another.newPage();
            guest.navigate(page.url());
            assertThat(guest.locator("input[type=password]")).hasCount(1);
            assertThat(guest.locator("[data-begin]")).hasCount(0);
            studio.close();
            studio = RunningStudio.start(data, port, "--crispwhorl.lan=true");
            page.reload();
            assertThat(page.locator("[data-begin]")).containsText("begun");
            page.locator("[data-done]").click();
            assertThat(page.locator("[data-kept]")).hasText("● kept");
            guest.reload();
            assertThat(guest.locator("input[type=password]")).hasCount(1);
        } finally {
            studio.close();
        }
    }
}
