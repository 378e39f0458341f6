package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A finger slips, a wheel turns, a clock is wrong, a window is left: nothing is done that was not meant, and nothing is lost. */
public class MishapsJourneyTest extends Journey {
    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private void find(String what) {
        page.keyboard().press("/");
        page.getByRole(AriaRole.COMBOBOX).fill(what);
        assertThat(page.getByRole(AriaRole.OPTION).first()).containsText(what);
        page.keyboard().press("Enter");
    }

    /** From one order to another by the finder: what is deleted is what is shown, and it can be had back. */
    @Test
    public void whatIsDeletedIsWhatIsShownAndCanBeHadBack() {
        page.navigate(base + "/orders");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Regatta tea"))
                .first()
                .click();
        assertThat(page.locator("h1")).hasText("Regatta tea");
        find("Christening at the towpath");
        assertThat(page.locator("h1")).hasText("Christening at the towpath");
        button("Delete").click();
        Locator deleted = page.locator("[data-deleted]");
        assertThat(deleted).containsText("Christening at the towpath");
        Locator orders = page.locator("main ul").first();
        assertThat(orders).containsText("Regatta tea");
        assertThat(orders).not().containsText("Christening");
        deleted.getByRole(AriaRole.BUTTON).click();
        assertThat(page.locator("h1")).hasText("Christening at the towpath");
        page.goBack();
        page.goBack();
        assertThat(page.locator("h1")).hasText("Christening at the towpath");
        page.goBack();
        assertThat(page.locator("h1")).hasText("Regatta tea");
    }

    /** The wheel enlarges; a key says what it did, is undone by a touch, and does nothing under a dialog or once it is switched off. */
    @Test
    public void theWheelChangesNothingAndAKeySaysWhatItDid() {
        openPlate(page, "Step viola");
        BoundingBox face = page.locator("[data-face]").boundingBox();
        page.mouse().move(face.x + face.width / 3, face.y + face.height / 2);
        for (int i = 0; i < 3; i++) {
            page.mouse().wheel(0, -120);
        }
        assertThat(page.locator("[data-zoom]")).isVisible();
        assertThat(button("Undo").first()).isDisabled();
        page.locator("[data-bead]").nth(1).click();
        page.keyboard().press("]");
        Locator did = page.locator("[data-did]");
        assertThat(did).containsText("open by 2°");
        did.getByRole(AriaRole.BUTTON).click();
        assertThat(did).hasCount(0);
        page.keyboard().press("?");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        page.keyboard().press("]");
        dialog.getByRole(AriaRole.CHECKBOX).uncheck();
        dialog.getByText("Close", new Locator.GetByTextOptions().setExact(true)).click();
        page.keyboard().press("]");
        page.keyboard().press("Escape");
        assertThat(did).hasCount(0);
        waitKept(page);
        assertThat(button("Undo").first()).isDisabled();
    }

    /** Two taps a moment apart end one task, asked about, and none after it; each touch is taken back. */
    @Test
    public void aSlipOfTheFingerIsAskedAboutAndTakenBack() {
        openBench(base, "Supper on the lock island");
        page.locator("[data-done]").dblclick();
        assertThat(page.locator("h1")).not().hasText("Mix the shades");
        String task = page.locator("h1").textContent();
        assertThat(page.locator("[data-begin]")).isEnabled();
        page.getByLabel("Task after").click();
        page.getByLabel("Task before").click();
        assertThat(page.locator("h1")).hasText(task);
        page.locator("[data-count]").click();
        page.locator("[data-broke]").click();
        assertThat(page.locator("[data-count]")).containsText("1 broke");
        page.locator("[data-take-back]").click();
        assertThat(page.locator("[data-count]")).not().containsText("broke");
        page.locator("[data-done]").dblclick();
        assertThat(page.locator("[data-asking]")).containsText("1 of");
        assertThat(page.locator("h1")).hasText(task);
        page.getByText("Not yet", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("[data-asking]")).hasCount(0);
        assertThat(page.locator("[data-kept]")).hasText("● kept");
    }

    /** A tablet whose clock is two hours ahead tells its touches by the studio's. */
    @Test
    public void aWrongClockTouchesByTheStudios() {
        page.clock()
                .install(new Clock.InstallOptions()
                        .setTime(Instant.now().plus(2, ChronoUnit.HOURS).toString()));
        page.clock().resume();
        openBench(base, "Christening at the towpath");
        page.locator("[data-begin]").click();
        assertThat(page.locator("[data-kept]")).hasText("● kept");
        String id = page.url().replaceAll(".*/orders/([^/]+)/.*", "$1");
        Matcher at = Pattern.compile("\"touch\":\"begun\",\"at\":\"([^\"]+)\"")
                .matcher(page.request()
                        .get(base + "/api/orders/" + id + "/bench")
                        .text());
        assertTrue(at.find());
        Duration apart =
                Duration.between(Instant.parse(at.group(1)), Instant.now()).abs();
        assertTrue(apart.toMinutes() < 30, "two hours apart, told by the studio's clock: " + apart);
    }

    /** Left and come back to, or loaded anew: what was typed, and what can be undone, is there. */
    @Test
    public void whatWasTypedAndWhatCanBeUndoneOutlastTheWindow() {
        page.navigate(base + "/quick");
        Locator ball = page.locator("[data-question=ball-and-petal] input").first();
        ball.fill("17");
        ball.press("Tab");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Book"))
                .click();
        page.waitForURL("**/book");
        page.goBack();
        assertThat(page.locator("[data-question=ball-and-petal] input").first()).hasValue("17");
        page.reload();
        assertThat(page.locator("[data-question=ball-and-petal] input").first()).hasValue("17");

        openPlate(page, "Step viola");
        page.locator("[data-bead]").nth(1).click();
        Locator length = page.locator("[data-field$='/pieces/outline/lengthMm'] input");
        String before = length.inputValue();
        length.fill("31");
        page.reload();
        page.locator("[data-bead]").nth(1).click();
        assertThat(length).hasValue("31");
        waitKept(page);
        button("Undo").first().click();
        assertThat(length).hasValue(before);
        waitKept(page);
    }

    /** An address that is none is told in words, and a line tells when nothing answers. */
    @Test
    public void whatIsNotThereIsToldInWords() {
        assertEquals(page.navigate(base + "/nosuch").status(), 404);
        assertThat(page.locator("h1")).hasText("There is nothing here");
        page.getByText("To the orders").click();
        assertThat(page.locator("h1")).hasText("Orders");
        page.navigate(base + "/drawer");
        assertThat(button("Add one")).isVisible();
        context.setOffline(true);
        button("Add one").click();
        assertThat(page.locator("[data-away]")).containsText("does not answer just now");
        context.setOffline(false);
        assertThat(page.locator("[data-away]")).hasCount(0);
    }

    /** A sum that lacks something says so, and the quote wants a yes. */
    @Test
    public void aQuoteThatLacksSomethingWantsAYes() {
        page.navigate(base + "/orders");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Supper on the lock island"))
                .first()
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Price"))
                .click();
        assertThat(page.locator("[data-price]")).containsText("without");
        page.locator("[data-quote]").click();
        assertThat(page.locator("[data-sure]")).containsText("Make it as it is");
    }
}
