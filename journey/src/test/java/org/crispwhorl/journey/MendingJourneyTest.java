package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Something went wrong with a flower. */
public class MendingJourneyTest extends Journey {
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
}
