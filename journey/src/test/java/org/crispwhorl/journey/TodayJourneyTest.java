package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The first page: from what was promised to days, and from what is next to its card. */
public class TodayJourneyTest extends Journey {
    /** A search takes up to a quarter of a minute, and more on a machine that is busy. */
    private static final double SEARCHED_MS = 90_000;

    private Locator promised(String order) {
        return page.locator("[data-promised] li", new Page.LocatorOptions().setHasText(order));
    }

    @Test
    public void whatIsPromisedLeadsToItsDaysAndWhatIsNextToItsCard() {
        page.navigate(base + "/");
        assertThat(page.locator("[data-clock]")).hasText(Pattern.compile("\\d\\d:\\d\\d"));
        Locator supper = promised("Supper on the lock island");
        assertThat(supper).containsText("not planned yet");
        supper.getByText("its days are not planned yet").click();
        page.locator("[data-plan]").click();
        assertThat(page.locator("[data-summary]"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SEARCHED_MS));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Today"))
                .click();
        assertThat(promised("Supper on the lock island")).containsText("in 100");
        assertThat(page.locator("[data-next] a").first()).containsText("Regatta tea");
        assertThat(page.locator("[data-lacking]").first()).isVisible();
        Locator next = page.locator("[data-next] a")
                .filter(new Locator.FilterOptions().setHasText("Supper on the lock island"))
                .first();
        String words = next.innerText();
        next.focus();
        page.keyboard().press("Enter");
        Locator task = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The task"))
                .getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setLevel(1));
        assertThat(task).isVisible();
        String first = task.innerText().split("[ ,]")[0];
        assertTrue(words.contains(first), first + " of " + words);
    }

    /** An order shows a plan at once, marked as not kept, and keeps none by itself. */
    @Test
    public void anOrderShowsAQuickPlanThatIsNotKept() {
        page.navigate(base + "/orders");
        page.getByLabel("a new order").fill("Christening at the weir");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Add").setExact(true))
                .click();
        page.getByLabel("add a species or a stage").selectOption("Lockside hellebore");
        Locator quick = page.locator("[data-quick]");
        assertThat(quick).containsText("not kept");
        assertThat(quick.locator("[data-odds]")).hasText(Pattern.compile("\\d+"));
        assertThat(quick).containsText("for one flower");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan its days"))
                .click();
        assertThat(page.locator("[data-plan]")).hasText("Plan the days");
    }
}
