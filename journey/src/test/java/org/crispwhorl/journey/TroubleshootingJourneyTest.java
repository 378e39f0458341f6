package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Something went wrong: with a flower, and with the whole studio. */
public class TroubleshootingJourneyTest extends Journey {
    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    public void fromThePlateToTheLikeliestCauseByKeys() {
        page.navigate(base + "/shelf");
        page.getByText("Towpath camellia").first().click();
        page.locator("[data-bead]").nth(6).click();
        page.getByText("Something went wrong with it?").press("Enter");
        assertThat(page.locator("#troubled-part")).hasValue("sixth");
        button("petals fall back").press("Enter");
        assertThat(page.locator("[data-cause]").first()).containsText("Most likely");
        button("the next day").press("Enter");
        assertThat(page.locator("[data-cause]").first()).containsText("It was not firm right through.");
        assertThat(page.locator("[data-cause]").first()).containsText("Nine of ten are firm after");
        page.reload();
        assertThat(page.locator("[data-cause]").first()).containsText("It was not firm right through.");
    }

    @Test
    public void theFinderLeadsToWhatIsSeen() {
        page.navigate(base + "/shelf");
        page.keyboard().press("/");
        page.getByRole(AriaRole.COMBOBOX).fill("blotchy");
        page.keyboard().press("Enter");
        assertThat(page.getByText("How does it look?")).isVisible();
        page.getByLabel("flower").selectOption("Lockside hellebore");
        assertThat(page.locator("[data-cause]").first()).isVisible();
    }

    @Test
    public void aStudioIsCopiedAndPutBack() {
        page.navigate(base + "/copies");
        button("Make a copy now").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("A copy was made");
        page.navigate(base + "/orders");
        page.getByText("Christening at the towpath").first().click();
        page.waitForURL("**/orders/*");
        String order = page.url();
        page.request().delete(order.replace("/orders/", "/api/orders/"));
        page.navigate(base + "/orders");
        assertThat(page.getByText("Supper on the lock island")).isVisible();
        assertThat(page.locator("main ul").first()).not().containsText("Christening at the towpath");
        page.navigate(base + "/copies");
        Locator newest = page.locator("[data-copy]").first();
        newest.getByText("Put back …").click();
        button("Put it back").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("The studio is as it was");
        assertThat(page.locator("[data-copy]").first()).containsText("before another was put back");
        page.navigate(base + "/orders");
        assertThat(page.getByText("Christening at the towpath")).isVisible();
    }
}
