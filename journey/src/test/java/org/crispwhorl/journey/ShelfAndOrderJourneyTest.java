package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.testng.annotations.Test;

public class ShelfAndOrderJourneyTest extends Journey {
    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static FilePayload file(String name, String text) {
        return new FilePayload(name, "application/json", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    public void aSpeciesIsBegunFromItsName() {
        page.navigate(base + "/shelf");
        page.getByLabel("a new species").fill("Cottage primrose");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Begin").setExact(true))
                .click();
        page.waitForSelector("[data-face] path");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Cottage primrose")))
                .isVisible();
        assertThat(page.locator("[data-fine]")).isVisible();
    }

    @Test
    public void aBrokenDocumentIsRefusedWithItsPlaces() throws IOException {
        page.navigate(base + "/shelf");
        page.waitForSelector("h2");
        Download download = page.waitForDownload(
                () -> page.getByTitle("As a document").first().click());
        String good = Files.readString(download.path());
        int cards = page.locator("h2").count();
        String broken = good.replaceFirst("\"count\" : \\d+", "\"count\" : 999")
                .replaceFirst("\"kind\" : \"ring\"", "\"kind\" : \"wheel\"");
        page.locator("input[type=file]").setInputFiles(file("broken.json", broken));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot be read as it is");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("/parts/");
        page.locator("input[type=file]").setInputFiles(file("torn.json", good.substring(0, 200)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("torn.json is not a species document");
        assertEquals(page.locator("h2").count(), cards);
        page.locator("input[type=file]").setInputFiles(file("good.json", good));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("stands on the shelf");
        assertThat(page.locator("h2")).hasCount(cards + 1);
    }

    /** A stage is seen by its rule, changed into one's own, ordered, and brought back to the rule. */
    @Test
    public void aSpeciesShowsItsStagesAndOneIsMadeOnesOwn() {
        page.navigate(base + "/shelf");
        Locator card = page.locator("li", new Page.LocatorOptions().setHasText("Winding-hole water lily"));
        card.getByText("Stages", new Locator.GetByTextOptions().setExact(true)).click();
        Locator bud = page.locator("[data-stages] [data-stage=bud]");
        assertThat(bud).containsText("by rule");
        int cards = page.locator("h2").count();
        bud.getByText("Change it").click();
        page.waitForSelector("[data-face] path");
        assertThat(page.getByRole(
                        AriaRole.HEADING, new Page.GetByRoleOptions().setName("Winding-hole water lily, bud")))
                .isVisible();
        page.navigate(base + "/shelf");
        assertThat(page.locator("h2")).hasCount(cards);
        card.getByText("Stages", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(bud).containsText("as you changed it");
        page.navigate(base + "/orders");
        page.locator("a[href^='/orders/']").first().click();
        page.getByLabel("add a species or a stage").selectOption("Winding-hole water lily, half open");
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Remove Winding-hole water lily, half open")))
                .isVisible();
        page.navigate(base + "/shelf");
        card.getByText("Stages", new Locator.GetByTextOptions().setExact(true)).click();
        bud.getByText("Back to the rule").click();
        assertThat(bud).containsText("by rule");
    }

    @Test
    public void whatIsPutAsideCanBePutBack() {
        page.navigate(base + "/shelf");
        page.waitForSelector("h2");
        int cards = page.locator("h2").count();
        String first = page.locator("h2").first().innerText();
        button("Archive").first().click();
        assertThat(page.locator("h2")).hasCount(cards - 1);
        page.getByText("Archived: ").click();
        page.locator("li", new Page.LocatorOptions().setHasText(first))
                .getByText("Put back")
                .click();
        button("Back to the shelf").click();
        assertThat(page.locator("h2")).hasCount(cards);
    }

    @Test
    public void anOrderIsWrittenDownAddedUpAndPrinted() throws IOException {
        page.navigate(base + "/orders");
        page.getByLabel("a new order").fill("Christening at the basin");
        button("Add").click();
        page.getByLabel("add a species or a stage").selectOption("Towpath camellia");
        assertThat(page.locator("[data-total=pieces]")).not().hasText("0");
        int one = Integer.parseInt(page.locator("[data-total=pieces]").innerText());
        Locator flowers = page.getByLabel("Towpath camellia", new Page.GetByLabelOptions().setExact(true));
        flowers.fill("3");
        flowers.press("Enter");
        assertThat(page.locator("[data-total=pieces]")).not().hasText(String.valueOf(one));
        int three = Integer.parseInt(page.locator("[data-total=pieces]").innerText());
        assertTrue(three > 2 * one && three <= 3 * one, one + " and " + three);
        assertThat(page.getByText("Make cone").first()).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheets"))
                .click();
        Locator table = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Cut list"))
                .filter(new Locator.FilterOptions().setHasText("outer ring"));
        assertThat(table).containsText("outer ring");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(button("Print")).isHidden();
        assertThat(table).isVisible();
        byte[] pdf = page.pdf(new Page.PdfOptions().setFormat("A4"));
        assertTrue(new String(pdf, 0, 5, StandardCharsets.US_ASCII).startsWith("%PDF"));
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.SCREEN));
        Download csv = page.waitForDownload(() -> page.getByText("As CSV").click());
        String list = Files.readString(csv.path());
        assertTrue(list.contains("35 × 30 mm\",outer ring,Towpath camellia,30,"), list);
    }

    @Test
    public void aSpeciesIsBegunFromABuildAndFromAnother() {
        page.navigate(base + "/shelf");
        button("or from a build …").click();
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Builds to start from"))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("A rose that hugs its cone"))
                .click();
        page.waitForSelector("[data-face] path");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("A rose that hugs its cone");
        page.navigate(base + "/shelf");
        page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Towpath daffodil"))
                .getByText("Start from this")
                .click();
        page.waitForSelector("[data-face] path");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Towpath daffodil, another");
    }

    @Test
    public void aReloadKeepsTheOrder() {
        page.navigate(base + "/orders");
        page.getByLabel("a new order").fill("Boat naming");
        button("Add").click();
        page.getByLabel("add a species or a stage").selectOption("Lockside hellebore");
        assertThat(page.locator("[data-total=pieces]")).not().hasText("0");
        page.reload();
        assertThat(page.getByLabel("Lockside hellebore", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("1");
    }

    @Test
    public void lengthsAreShownInInchesEverywhereAtASwitch() {
        openPlate(page, "Towpath camellia");
        select(page, "sixth");
        assertThat(page.locator("[data-figure=cutLength] [data-value]")).hasText("35.0");
        button("Lengths in millimetres; change").click();
        assertThat(page.locator("[data-figure=cutLength] [data-value]")).hasText("1 3/8");
        page.locator("[data-field$='/pieces/outline/lengthMm'] input").fill("1.5");
        page.locator("[data-field$='/pieces/outline/lengthMm'] input").press("Enter");
        button("Lengths in inches; change").click();
        assertThat(page.locator("[data-figure=cutLength] [data-value]")).hasText("38.1");
        button("Undo").click();
        assertThat(page.locator("[data-figure=cutLength] [data-value]")).hasText("35.0");
        waitKept(page);
    }
}
