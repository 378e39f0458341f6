package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import org.testng.annotations.Test;

public class DaysJourneyTest extends Journey {
    /** A search takes up to a quarter of a minute, and more on a machine that is busy. */
    private static final double SEARCHED_MS = 90_000;

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private void openDays() {
        page.navigate(base + "/orders");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Supper on the lock island"))
                .first()
                .click();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Days").setExact(true))
                .click();
    }

    private void plan() {
        page.locator("[data-plan]").click();
        assertThat(page.locator("[data-summary], [data-limit]").first())
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SEARCHED_MS));
        assertThat(button("Plan it anew")).isEnabled(new LocatorAssertions.IsEnabledOptions().setTimeout(SEARCHED_MS));
    }

    @Test
    public void anOrderIsPlannedItsReasonsReadAndItsDaysTakenOut() throws IOException {
        openDays();
        plan();
        Locator work = page.locator("[data-sitting] > button");
        assertTrue(work.count() > 10, work.count() + " pieces of work");
        work.first().focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-because]")).containsText("before");
        Download ics = page.waitForDownload(
                () -> page.getByText("Export as a calendar").click());
        String calendar = Files.readString(ics.path());
        int withdrawn = calendar.split("STATUS:CANCELLED").length - 1;
        assertEquals(calendar.split("BEGIN:VEVENT").length - 1 - withdrawn, work.count());
        page.reload();
        assertThat(page.locator("[data-summary]")).isVisible();
        int all = work.count();
        page.locator("[data-find]").fill("make petals");
        assertThat(work.first()).containsText("petals");
        assertTrue(work.count() < all, work.count() + " of " + all + " are found");
        page.locator("[data-find]").fill("");
        button("The studio’s time …").press("Enter");
        page.getByText("may run on at night").locator("input").press("Space");
        button("Close").press("Enter");
        assertThat(page.locator("[data-changed]")).containsText("the studio's time");
        button("The studio’s time …").press("Enter");
        page.getByText("may run on at night").locator("input").press("Space");
        button("Close").press("Enter");
        assertThat(page.locator("[data-changed]")).hasCount(0);
        button("Fold all days").press("Enter");
        assertThat(work).hasCount(0);
        Locator first = page.locator("[data-day] h2 button").first();
        Locator halfDays = page.locator("[data-half-days] button");
        assertThat(halfDays).hasCount(page.locator("[data-day]").count());
        halfDays.first().press("Enter");
        assertThat(first).hasAttribute("aria-expanded", "true");
        assertThat(work.first()).isVisible();
        page.locator("[data-day]").first().getByText("close up").press("Enter");
        assertThat(page.locator("[data-day]").first().getByText("the whole day"))
                .isVisible();
    }

    @Test
    public void aWetDayIsAnnouncedAndThePlanIsMadeAnewForIt() {
        openDays();
        plan();
        assertThat(page.locator("[data-summary]"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SEARCHED_MS));
        String days = page.url();
        page.getByText("The room ahead …").press("Enter");
        button("Announce other weather").press("Enter");
        page.getByRole(
                        AriaRole.TEXTBOX,
                        new Page.GetByRoleOptions().setName("what").setExact(true))
                .fill("rain");
        page.keyboard().press("Tab");
        assertThat(page.getByText("Slowest:")).not().containsText("100 %");
        assertThat(page.locator("[data-chart]")).isVisible();
        page.locator("[data-chart]").press("ArrowRight");
        assertThat(page.getByText("expected", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        page.navigate(days);
        assertThat(page.locator("[data-changed]")).containsText("the room");
        plan();
        assertThat(page.locator("[data-moved]"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SEARCHED_MS));
        assertThat(page.locator("[data-changed]")).hasCount(0);
        page.navigate(base + "/room");
        button("Remove rain").press("Enter");
        assertThat(page.getByText("Slowest:")).containsText("100 %");
    }

    /** Two orders at once by keys; then other counts beside those that are kept, of which nothing is kept until they are taken. */
    @Test
    public void ordersArePlannedAtOnceAndOtherCountsAreTriedBesideThem() {
        openDays();
        Locator together = page.locator("[data-together] input").first();
        together.focus();
        page.keyboard().press("Space");
        assertThat(together).isChecked();
        plan();
        assertThat(page.locator("[data-summary]"))
                .containsText(
                        "planned at once with", new LocatorAssertions.ContainsTextOptions().setTimeout(SEARCHED_MS));
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("The order").setExact(true))
                .click();
        page.locator("[data-counts] summary").press("Enter");
        Locator count = page.locator("[data-counts] input").first();
        String kept = count.inputValue();
        count.fill("7");
        count.press("Tab");
        page.locator("[data-counts] button[type=submit]").press("Enter");
        Locator beside =
                page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Counts beside each other"));
        assertThat(beside).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SEARCHED_MS));
        assertThat(beside).containsText("price in all");
        Locator flowers = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The order"))
                .locator("input[inputmode=decimal]");
        assertThat(flowers.nth(2)).hasValue(kept);
        button("Take these counts").press("Enter");
        assertThat(flowers.nth(2)).hasValue("7");
    }

    @Test
    public void aStudioThatNeverWorksIsToldWhatWouldHelpAndTakesIt() {
        openDays();
        button("The studio’s time …").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        for (String day : new String[] {"Monday", "Tuesday", "Wednesday", "Thursday", "Friday"}) {
            dialog.getByLabel(day, new Locator.GetByLabelOptions().setExact(true))
                    .uncheck();
        }
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Close"))
                .click();
        plan();
        assertThat(page.locator("[data-limit]"))
                .containsText("There is no plan", new LocatorAssertions.ContainsTextOptions().setTimeout(SEARCHED_MS));
        button("work every day of the week").click();
        assertThat(page.locator("[data-summary]"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SEARCHED_MS));
        button("The studio’s time …").click();
        Locator again = page.getByRole(AriaRole.DIALOG);
        assertThat(again.getByLabel("Sunday", new Locator.GetByLabelOptions().setExact(true)))
                .isChecked();
        for (String day : new String[] {"Saturday", "Sunday"}) {
            again.getByLabel(day, new Locator.GetByLabelOptions().setExact(true))
                    .uncheck();
        }
    }
}
