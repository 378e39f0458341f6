package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import org.testng.annotations.Test;

/** A species tried at the bench, whose page opens without its server once it was open before. */
public class OfflineJourneyTest extends Journey {
    @Override
    protected Browser.NewContextOptions windowOptions() {
        return super.windowOptions().setServiceWorkers(ServiceWorkerPolicy.ALLOW);
    }

    @Test
    public void theBenchOpensWithoutItsServerAndNothingTouchedIsLost() {
        openPlate(page, "Wharf pearl blossom");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Try one at the bench"))
                .press("Enter");
        assertThat(page.locator("h1")).hasText("Mix the shades");
        page.evaluate("() => navigator.serviceWorker.ready");
        String bench = page.url();
        context.setOffline(true);
        page.navigate(bench);
        assertThat(page.locator("h1")).hasText("Mix the shades");
        page.getByLabel("Task after").press("Enter");
        page.locator("[data-count]").press(" ");
        assertThat(page.locator("[data-count]")).containsText("1 of");
        assertThat(page.locator("[data-kept]")).containsText("wait here for the server");
        page.reload();
        assertThat(page.locator("[data-kept]")).containsText("wait here for the server");
        context.setOffline(false);
        assertThat(page.locator("[data-kept]")).containsText("● kept");
        page.reload();
        page.getByLabel("Task after").press("Enter");
        assertThat(page.locator("[data-count]")).containsText("1 of");
        page.request().delete(bench.replace("/bench", "").replace("/orders/", "/api/orders/"));
    }
}
