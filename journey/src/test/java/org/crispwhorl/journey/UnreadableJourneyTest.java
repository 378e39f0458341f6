package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.testng.annotations.Test;

/** A species that cannot be read is seen on the shelf among the others, taken out, mended and brought back. */
public class UnreadableJourneyTest extends Journey {
    @Test
    public void itIsTakenOutMendedAndBroughtBackInItsPlace() throws IOException {
        page.navigate(base + "/shelf");
        page.waitForSelector("h2");
        int cards = page.locator("h2").count();
        harm("update species set document = replace(document, '\"count\":', '\"cuont\":'), card = null"
                + " where name = 'Towpath camellia'");
        harm("update choice set chosen = 'x' where name = 'techniques'");
        page.reload();
        Locator card = page.locator("li", new Page.LocatorOptions().setHasText("It cannot be read"));
        assertThat(card).containsText("cuont");
        assertThat(card).containsText("Towpath camellia");
        assertThat(page.locator("h2")).hasCount(cards);
        assertTrue(page.locator("li svg").count() >= cards - 1);
        assertThat(page.getByText("What is kept of the techniques of the studio cannot be read"))
                .isVisible();

        Download out =
                page.waitForDownload(() -> card.getByText("Export as it is").click());
        String kept = Files.readString(out.path());
        assertTrue(kept.contains("cuont"), kept);
        String mended = kept.replace("\"cuont\":", "\"count\":");
        card.locator("input[type=file]")
                .setInputFiles(
                        new FilePayload("mended.json", "application/json", mended.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator("li", new Page.LocatorOptions().setHasText("It cannot be read")))
                .hasCount(0);
        openPlate(page, "Towpath camellia");
        assertEquals(page.locator("[data-face] path").count() > 0, true);
    }

    @Test
    public void aReasonIsFetchedWhenItsFigureIsAskedWhy() {
        openPlate(page, "Lockside hellebore");
        page.locator("[data-figure=face] button").click();
        assertThat(page.getByText("Twice the outermost radius in plan, leaves left out"))
                .isVisible();
    }
}
