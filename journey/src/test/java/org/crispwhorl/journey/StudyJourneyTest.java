package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;

/** A flower taken apart becomes the first draft of a species. */
public class StudyJourneyTest extends Journey {
    private void type(Locator in, String label, String value) {
        Locator field = in.getByRole(
                AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName(label).setExact(true));
        field.fill(value);
        field.press("Enter");
    }

    @Test
    public void measuredPetalsBecomeADraftOnThePlate() {
        page.navigate(base + "/study");
        assertThat(page.getByText("2 rings, 13 petals")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a row"))
                .click();
        Locator third = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("row 3"));
        type(third, "count", "3");
        type(third, "length", "20");
        type(third, "width", "15");
        assertThat(page.getByText("3 rings, 16 petals")).isVisible();
        page.reload();
        assertThat(page.getByText("3 rings, 16 petals")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Draft the species"))
                .click();
        page.waitForSelector("[data-face] path");
        assertThat(page.locator("[data-bead]")).hasCount(4);
        select(page, "ring-1");
        // 20 mm of a flower 90 mm across, wanted at 60: 13.3 mm, and cut smaller by √(0.7 ÷ 1.1).
        assertThat(page.locator("[data-figure=finishedLength] [data-value]").first())
                .hasText("13.3");
        assertThat(page.locator("[data-figure=cutLength] [data-value]").first()).hasText("10.6");
    }

    @Test
    public void aTableOfPetalsIsTakenInAndItsFaultsAreTold() {
        page.navigate(base + "/study");
        Locator file = page.locator("input[type=file]");
        String table = "count,length mm,width mm,note\n4,21,18,centre side\n7,33,x,outer\n";
        file.setInputFiles(new FilePayload("petals.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("/row 2/width mm");
        file.setInputFiles(new FilePayload(
                "petals.csv", "text/csv", table.replace("x", "30").getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("2 rings, 11 petals")).isVisible();
    }

    @Test
    public void twoStagesOfOneFlowerStandSideBySide() {
        page.navigate(base + "/compare");
        page.getByLabel("species, left").selectOption("Towpath camellia");
        page.getByLabel("species, right").selectOption("Towpath camellia");
        page.getByLabel("stage, left").selectOption("bud");
        Locator pieces = page.locator("tr", new Page.LocatorOptions().setHasText("pieces to cut"));
        assertThat(pieces).containsText("48");
        assertThat(pieces).containsText("◆");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Face of Towpath camellia, bud")))
                .isVisible();
        page.getByLabel("stage, left").selectOption("full");
        assertThat(pieces).containsText("=");
        page.getByLabel("stage, left").selectOption("bud");
        page.getByText("Change this stage").click();
        page.waitForSelector("[data-face] path");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Towpath camellia, bud")))
                .isVisible();
    }
}
