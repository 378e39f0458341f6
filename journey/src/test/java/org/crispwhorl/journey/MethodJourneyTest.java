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
}
