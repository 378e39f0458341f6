package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A morning at the bench on a tablet: by touch alone, by keys alone, and while the server is away. */
public class BenchJourneyTest extends Journey {
    private String order;

    @BeforeMethod
    public void anOrderOfThreeHellebores() {
        String species = page.request().get(base + "/api/species").text();
        Matcher hellebore = Pattern.compile("\\{\"id\":\"([^\"]+)\",\"name\":\"Lockside hellebore\"")
                .matcher(species);
        hellebore.find();
        String draft = "{\"name\":\"Three for the bench\",\"note\":\"\",\"handOver\":\""
                + LocalDateTime.now().plusDays(9).truncatedTo(ChronoUnit.HOURS)
                + ":00\",\"spareTimeH\":12,\"tierMm\":100,\"lines\":[{\"id\":\"a\",\"speciesId\":\""
                + hellebore.group(1)
                + "\",\"flowers\":3}]}";
        String kept = page.request()
                .post(
                        base + "/api/orders",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(draft))
                .text();
        Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(kept);
        id.find();
        order = id.group(1);
        page.setViewportSize(820, 1180);
        page.navigate(base + "/orders/" + order);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Bench").setExact(true))
                .click();
        assertThat(page.locator("h1")).hasText("Mix the shades");
    }

    @AfterMethod(alwaysRun = true)
    public void gone() {
        page.request().delete(base + "/api/orders/" + order);
    }

    private Locator count() {
        return page.locator("[data-count]");
    }

    private void turnTo(String task) {
        for (int i = 0; i < 20 && !page.locator("h1").textContent().equals(task); i++) {
            page.getByLabel("Task after").click();
        }
        assertThat(page.locator("h1")).hasText(task);
    }

    private int touchesKept() {
        String bench =
                page.request().get(base + "/api/orders/" + order + "/bench").text();
        return (int) Pattern.compile("\"touch\":").matcher(bench).results().count();
    }

    @Test
    public void petalsAreCountedByTouchAndOutlastAReload() {
        turnTo("Make petals");
        assertThat(count()).containsText("0 of 15");
        assertThat(page.getByLabel("What is done, in order")).containsText("kitchen roller");
        page.locator("[data-act='1']").click();
        assertThat(page.locator("[data-act='2']")).hasAttribute("aria-current", "step");
        for (int i = 0; i < 4; i++) {
            count().click();
        }
        page.locator("[data-broke]").click();
        page.getByText("one back").click();
        assertThat(count()).containsText("3 of 15");
        assertThat(count()).containsText("1 broke");
        assertThat(page.locator("[data-timer]")).containsText("can be shaped");
        assertThat(page.locator("[data-kept]")).hasText("● kept");
        page.reload();
        turnTo("Make petals");
        assertThat(count()).containsText("3 of 15");
        page.locator("[data-measure] summary").click();
        Locator measure = page.locator("[data-measure]");
        for (String way : new String[] {"long", "wide"}) {
            Locator field = measure.getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName(way));
            field.fill("30");
            field.press("Tab");
        }
        measure.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Work it out"))
                .click();
        assertThat(measure.getByRole(AriaRole.STATUS)).containsText("still thick");
        page.locator("[data-done]").click();
        assertThat(page.locator("[data-asking]")).containsText("3 of 15 are counted");
        page.locator("[data-done-all-the-same]").click();
        assertThat(page.locator("[data-timer]").first()).containsText("until");
        assertThat(page.locator("h1")).hasText("Mix the shades");
    }

    /** Still soft, a sheet, a petal, a few words and a picture, by keys and touch: all of it stands in the book. */
    @Test
    public void whatIsSeenMeasuredAndNotedComesIntoTheBook() throws IOException {
        turnTo("Make petals");
        page.locator("[data-begin]").click();
        page.getByText("still soft").click();
        Locator sheet = page.locator("[data-sheet]");
        sheet.locator("summary").press("Enter");
        sheet.getByText("Keep it").press("Enter");
        assertThat(sheet.getByRole(AriaRole.STATUS)).containsText("1 kept");
        Locator note = page.locator("[data-note]");
        note.locator("summary").press("Enter");
        note.locator("textarea").fill("the yellow is warmer than last time");
        note.getByText("Add").click();
        assertThat(note.getByRole(AriaRole.STATUS)).hasText("It is in the book.");
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);
        note.locator("input[type=file]").setInputFiles(new FilePayload("petal.png", "image/png", png.toByteArray()));
        assertThat(note.getByRole(AriaRole.STATUS)).hasText("The picture is in the book.");
        assertThat(page.locator("[data-kept]")).hasText("● kept");
        page.navigate(base + "/book");
        assertThat(page.locator("[data-promises]")).containsText("Lock-house anniversary, promised");
        Locator entry = page.locator("[data-entry]")
                .filter(new Locator.FilterOptions().setHasText("Three for the bench"))
                .first();
        assertThat(entry).containsText("still soft at");
        assertThat(entry).containsText("by its table");
        assertThat(entry).containsText("the yellow is warmer than last time");
        assertEquals(
                entry.locator("img")
                        .evaluate("img => img.decode().then(() => img.naturalWidth)")
                        .toString(),
                "40");
    }

    @Test
    public void aMorningGoesByKeysAlone() {
        page.locator("body").click();
        page.keyboard().press("Enter");
        assertThat(page.locator("h1")).not().hasText("Mix the shades");
        // Whoever turns to a task means it: until then what follows a touch at once is a slip.
        page.keyboard().press("n");
        page.keyboard().press("p");
        turnTo("Make petals");
        page.locator("h1").click();
        page.keyboard().press(" ");
        page.keyboard().press(" ");
        page.keyboard().press("b");
        page.keyboard().press("Backspace");
        assertThat(count()).containsText("1 of 15");
        page.keyboard().press("Enter");
        page.locator("[data-done-all-the-same]").press("Enter");
        Locator timer = page.locator("[data-timer]", new Page.LocatorOptions().setHasText("Make petals"));
        assertThat(timer).isVisible();
        page.keyboard().press("t");
        assertThat(timer).isVisible();
        page.keyboard().press("p");
        page.keyboard().press("n");
        assertThat(page.locator("[data-kept]")).hasText("● kept");
    }

    /** What is touched while the server is away waits in the browser, outlives the page, and is kept once. */
    @Test
    public void touchesWaitWhileTheServerIsAway() {
        turnTo("Make petals");
        assertThat(page.locator("[data-kept]")).hasText("● kept");
        page.context().setOffline(true);
        for (int i = 0; i < 3; i++) {
            count().click();
        }
        assertThat(count()).containsText("3 of 15");
        assertThat(page.locator("[data-kept]")).hasText("◆ 4 wait here for the server");
        page.context().setOffline(false);
        assertThat(page.locator("[data-kept]")).hasText("● kept");
        assertEquals(touchesKept(), 4, "begun, and three petals");
        page.reload();
        turnTo("Make petals");
        assertThat(count()).containsText("3 of 15");
        assertEquals(touchesKept(), 4, "told once");
    }

    @Test
    public void whatIsDoneIsSeenInTheDays() {
        page.locator("[data-done]").click();
        assertThat(page.locator("[data-kept]")).hasText("● kept");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Days").setExact(true))
                .click();
        page.locator("[data-plan]").click();
        assertThat(page.locator("[data-day]").first()).containsText("Mix the shades");
        assertThat(page.locator("[data-day]").first()).containsText("done");
    }

    /** Twelve petals, one that broke, found ready: the book has it, teaches from it, and is gone by until it is told to forget. */
    @Test
    public void theDayComesIntoTheBookWhichIsGoneBy() {
        turnTo("Make petals");
        for (int i = 0; i < 12; i++) {
            count().click();
        }
        page.locator("[data-broke]").click();
        assertThat(count()).containsText("12 of 15");
        page.locator("[data-done]").click();
        page.locator("[data-done-all-the-same]").click();
        page.locator("[data-timer]")
                .first()
                .getByText("not yet", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator("[data-kept]")).hasText("● kept");
        page.navigate(base + "/book");
        Locator entry = page.locator("[data-entry]")
                .filter(new Locator.FilterOptions().setHasText("Three for the bench"))
                .first();
        assertThat(entry).containsText("12 whole, 1 broke");
        assertThat(entry).containsText("not yet at");
        Locator drying = page.locator("[data-lesson]").first();
        drying.getByText("Use this", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(drying).containsText("It is reckoned");
        assertThat(drying).containsText("times as fast, from");
        drying.getByText("Forget it", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(drying).containsText("It is reckoned without this.");
        entry.getByText("leave out").click();
        assertThat(entry.getByText("learn from it")).isVisible();
        entry.getByText("learn from it").click();
        assertThat(entry.getByText("leave out")).isVisible();
    }
}
