package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Whoever knows nothing but the method reaches it from the plate, by mouse and by keys, and finds every act in it. */
public class MethodJourneyTest extends Journey {
    @Test
    public void theMethodIsReachedFromThePlateAndTellsEveryAct() {
        openPlate(page, "Lockside hellebore");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("The method, act by act, to print"))
                .click();
        Locator method = page.locator("article");
        assertThat(method.locator("h1")).hasText("Lockside hellebore");
        assertThat(method).containsText("What is needed");
        assertThat(method).containsText("push it 13 mm in; pinch the foot");
        assertThat(method).containsText("What goes wrong");
        assertThat(page.getByText("As PDF")).hasAttribute("href", java.util.regex.Pattern.compile(".*/method\\.pdf.*"));
        page.getByText("Back to the plate").click();
        assertThat(page.locator("[data-bead]").first()).isVisible();
    }

    @Test
    public void theFinderLeadsToTheMethod() {
        openPlate(page, "Lockside hellebore");
        page.keyboard().press("/");
        page.keyboard().type("method");
        page.keyboard().press("Enter");
        assertThat(page.locator("article h1")).hasText("Lockside hellebore");
    }

    /** What a maker wrote of a part stands in the method, where every ring is drawn as it goes on. */
    @Test
    public void aWordOnAPartStandsInTheMethod() {
        openPlate(page, "Lockside hellebore");
        page.locator("[data-bead='sepals']").click();
        Locator why = page.getByLabel("why, for its card");
        why.fill("Only a quarter up: the first ring must open.");
        why.press("Tab");
        assertThat(page.locator("[data-state]")).containsText("kept");
        page.keyboard().press("/");
        page.keyboard().type("method");
        page.keyboard().press("Enter");
        assertThat(page.locator("article")).containsText("Only a quarter up: the first ring must open.");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("petals, once it is on")))
                .isVisible();
    }

    /** A price that was agreed stays, and today's stands beside it. */
    @Test
    public void anAgreedPriceStays() {
        page.navigate(base + "/orders");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Christening at the towpath"))
                .first()
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Price"))
                .click();
        Locator agreed = page.locator("[data-agreed]");
        assertThat(agreed).containsText("it would be the same");
        String before = page.locator("[data-price] strong").first().textContent();
        Locator hour = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("an hour of working time"));
        hour.fill("90");
        hour.press("Tab");
        assertThat(agreed).containsText("instead of");
        assertThat(page.locator("[data-price] strong").first()).hasText(before);
    }
}
