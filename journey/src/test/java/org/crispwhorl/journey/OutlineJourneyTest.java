package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.testng.annotations.Test;

/** A piece lying flat is pulled into shape, freed from the family, or taken in from a drawing. */
public class OutlineJourneyTest extends Journey {
    private static final String CENTRE =
            "M 50 100 C 30 80 0 50 20 20 C 30 0 45 10 50 22 C 55 10 70 0 80 20 C 100 50 70 80 50 100 Z";

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void openOutline(String part) {
        openPlate(page, "Towpath camellia");
        select(page, part);
        page.keyboard().press("o");
        assertThat(page.locator("[data-outline]")).isVisible();
    }

    /** Drags a station point by some pixels. */
    private void pull(String point, double dx, double dy) {
        BoundingBox box = page.locator("[data-point=" + point + "]").boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + dx / 2, box.y + box.height / 2 + dy / 2);
        page.mouse().move(box.x + box.width / 2 + dx, box.y + box.height / 2 + dy);
        page.mouse().up();
    }

    private double typed(String field) {
        return Double.parseDouble(
                page.locator("[data-field$='" + field + "'] input").first().inputValue());
    }

    private void waitChanged(String field, double from) {
        until(field + " is another", () -> typed(field) != from);
    }

    @Test
    public void theTipIsPulledLongerAndTheWidestPlaceWider() {
        openOutline("second");
        double length = typed("outline/lengthMm");
        BoundingBox tip = page.locator("[data-point=tip]").boundingBox();
        BoundingBox base = page.locator("[data-point=base-right]").boundingBox();
        double mmOfPixel = length / (base.y - tip.y);
        pull("tip", 0, -60);
        waitChanged("outline/lengthMm", length);
        assertEquals(typed("outline/lengthMm"), length + 60 * mmOfPixel, 0.3, "the tip stays under the finger");
        double width = typed("outline/widthMm");
        page.locator("[data-point=widest-right]").focus();
        page.keyboard().press("Shift+ArrowRight");
        waitChanged("outline/widthMm", width);
        assertEquals(typed("outline/widthMm"), width + 5, 0.11);
        waitKept(page);
        page.keyboard().press("z");
        waitChanged("outline/widthMm", width + 5);
        assertEquals(typed("outline/widthMm"), width, 0.01);
    }

    @Test
    public void aShapeOfOnesOwnIsPulledAtAnyStationAndKept() {
        openOutline("third");
        assertThat(page.locator("[data-point]")).hasCount(7);
        button("Make it my own shape").click();
        assertThat(page.locator("[data-point]")).hasCount(16);
        assertThat(page.getByText("a shape of your own")).isVisible();
        double width = typed("outline/widthMm");
        page.locator("[data-point=right-5]").focus();
        page.keyboard().press("Shift+ArrowRight");
        waitChanged("outline/widthMm", width);
        assertTrue(typed("outline/widthMm") > width + 2);
        waitKept(page);
        page.reload();
        page.waitForSelector("[data-face] path");
        select(page, "third");
        assertThat(page.getByText("a shape of your own")).isVisible();
        page.keyboard().press("o");
        button("Back to the family").click();
        assertThat(page.locator("[data-point]")).hasCount(7);
    }

    @Test
    public void aPullThatCannotBeIsToldAndLosesNothing() {
        openOutline("fourth");
        button("Make it my own shape").click();
        assertThat(page.locator("[data-point]")).hasCount(16);
        double width = typed("outline/widthMm");
        page.getByLabel("both sides alike").uncheck();
        pull("right-4", -400, 0);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("crosses itself");
        assertThat(page.locator("[data-outline]")).isVisible();
        assertEquals(typed("outline/widthMm"), width, 3);
    }

    @Test
    public void aDrawingIsTakenInAndAHostileOneIsRefused() {
        openOutline("sixth");
        button("Import a drawing …").click();
        Locator text = page.getByLabel("drawing, or path");
        text.fill("M0 0L10 10L0 10L10 0Z");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("crosses itself");
        assertThat(button("Cut it so")).isDisabled();
        String svg = "<svg xmlns='http://www.w3.org/2000/svg'><script>1</script><path d='" + CENTRE + "'/></svg>";
        Locator file = page.locator("[role=dialog] input[type=file]");
        file.setInputFiles(new FilePayload("petal.svg", "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("script");
        file.setInputFiles(new FilePayload(
                "petal.svg",
                "image/svg+xml",
                svg.replace("<script>1</script>", "").getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("The outline that was read")))
                .isVisible();
        Locator length = page.getByRole(AriaRole.DIALOG)
                .getByRole(
                        AriaRole.TEXTBOX,
                        new Locator.GetByRoleOptions().setName("length").setExact(true));
        length.fill("36");
        length.press("Enter");
        assertThat(page.getByText("36.0 ×")).isVisible();
        button("Cut it so").click();
        assertThat(page.locator("[data-point]")).hasCount(16);
        assertEquals(typed("outline/lengthMm"), 36, 0);
        page.keyboard().press("o");
        assertThat(page.locator("[data-face] path").first()).isVisible();
        assertThat(page.locator("[data-figure=cutLength] [data-value]").first()).hasText("36.0");
        List<String> shown = page.locator("[data-bead=sixth]").allInnerTexts();
        assertTrue(shown.get(0).contains("36"), shown.toString());
    }
}
