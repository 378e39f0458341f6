package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.testng.annotations.Test;

public class PlateJourneyTest extends Journey {
    private static final String HELLEBORE = "Lockside hellebore";
    private static final String CAMELLIA = "Towpath camellia";

    private Locator field(String path) {
        return page.locator("[data-field$='" + path + "'] input");
    }

    @Test
    public void fromFirstOpenToTheFirstChangedFigure() {
        openPlate(page, HELLEBORE);
        select(page, "sepals");
        String before = figure(page, "finishedLength");
        field("/pieces/outline/lengthMm").fill("36");
        field("/pieces/outline/lengthMm").press("Enter");
        assertThat(page.locator("[data-figure=cutLength] [data-value]")).hasText("36.0");
        assertNotEquals(figure(page, "finishedLength"), before);
        waitKept(page);
    }

    @Test
    public void whatIsTypedIsReadAsAMakerWritesIt() {
        openPlate(page, CAMELLIA);
        select(page, "sixth");
        for (String[] typed :
                new String[][] {{"3.4cm", "34.0"}, {"1 1/4in", "31.8"}, {"1¼\"", "31.8"}, {"36", "36.0"}}) {
            field("/pieces/outline/lengthMm").fill(typed[0]);
            field("/pieces/outline/lengthMm").press("Enter");
            assertThat(page.locator("[data-figure=cutLength] [data-value]")).hasText(typed[1]);
        }
        select(page, "leaves");
        field("/attachment/gauge").fill("26ga");
        field("/attachment/gauge").press("Enter");
        assertThat(page.locator("[data-bead=leaves]")).containsText("26 ga");
    }

    @Test
    public void whatCannotBeReadIsToldAndKept() {
        openPlate(page, CAMELLIA);
        select(page, "sixth");
        field("/pieces/outline/lengthMm").fill("about so");
        field("/pieces/outline/lengthMm").press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("is not a length");
        assertThat(field("/pieces/outline/lengthMm")).hasValue("about so");
        field("/pieces/outline/lengthMm").fill("4000");
        field("/pieces/outline/lengthMm").press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("from 2 to 300");
    }

    @Test
    public void aFindingIsMendedByOneTouch() {
        openPlate(page, HELLEBORE);
        select(page, "leaf");
        field("/pieces/attachment/freeMm").fill("25");
        field("/pieces/attachment/freeMm").press("Enter");
        Locator finding = page.locator("[data-finding=wire-too-thin]");
        assertThat(finding).isVisible();
        finding.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("use 26 gauge"))
                .click();
        assertThat(finding).hasCount(0);
        assertThat(page.locator("[data-bead=leaf]")).containsText("26 ga");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(finding).isVisible();
        waitKept(page);
    }

    @Test
    public void theReasonIsOneTouchAway() {
        openPlate(page, CAMELLIA);
        page.locator("[data-figure=face]")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Why"))
                .click();
        assertThat(page.getByText("Twice the outermost radius in plan")).isVisible();
    }

    @Test
    public void undoAndRedoGoBackAndForth() {
        openPlate(page, CAMELLIA);
        select(page, "fourth");
        page.keyboard().press("Escape");
        select(page, "fourth");
        String before = page.locator("[data-bead=fourth]").innerText();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Duplicate").setExact(true))
                .click();
        assertThat(page.locator("[data-bead]")).hasCount(10);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.locator("[data-bead]")).hasCount(9);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Redo"))
                .click();
        assertThat(page.locator("[data-bead]")).hasCount(10);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertEquals(page.locator("[data-bead=fourth]").innerText(), before);
        waitKept(page);
    }

    @Test
    public void aReloadKeepsEverything() {
        openPlate(page, CAMELLIA);
        select(page, "fifth");
        page.locator("[data-bead=fifth]").focus();
        page.keyboard().press("+");
        assertThat(page.locator("[data-bead=fifth]")).containsText("10 ×");
        waitKept(page);
        page.reload();
        page.waitForSelector("[data-face] path");
        assertThat(page.locator("[data-bead=fifth]")).containsText("10 ×");
    }

    @Test
    public void aDraftThatTheServerNeverGotIsStillThereAfterAReload() {
        openPlate(page, CAMELLIA);
        page.route("**/api/species/*/document", route -> {
            if (route.request().method().equals("PUT")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        select(page, "second");
        page.keyboard().press("+");
        assertThat(page.locator("[data-state=here-only]")).isVisible();
        String told = page.locator("[data-bead=second]").innerText();
        page.unroute("**/api/species/*/document");
        page.reload();
        page.waitForSelector("[data-face] path");
        assertEquals(page.locator("[data-bead=second]").innerText(), told);
        waitKept(page);
    }

    @Test
    public void twoWindowsOnOneSpeciesDoNotOverwriteEachOther() {
        openPlate(page, HELLEBORE);
        Page other = window();
        other.navigate(page.url());
        other.waitForSelector("[data-face] path");
        select(other, "bracts");
        other.keyboard().press("+");
        assertThat(other.locator("[data-bead=bracts]")).containsText("4 ×");
        waitKept(other);
        select(page, "nectaries");
        page.evaluate("localStorage.clear()");
        page.keyboard().press("-");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Changed in another window");
        assertThat(dialog).containsText("bracts: not the same");
        assertThat(dialog).containsText("nectaries: not the same");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take theirs"))
                .click();
        assertThat(page.locator("[data-bead=bracts]")).containsText("4 ×");
        assertThat(page.locator("[data-bead=nectaries]")).containsText("9 ×");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.locator("[data-bead=nectaries]")).containsText("8 ×");
        waitKept(page);
    }

    @Test
    public void aRingIsPulledLongerLeanedAndTurnedInTheDrawing() {
        openPlate(page, CAMELLIA);
        select(page, "sixth");
        double before = Double.parseDouble(figure(page, "cutLength"));
        dragBy("[data-handle=tip]", -60, -20);
        until("it is longer", () -> Double.parseDouble(figure(page, "cutLength")) > before);
        waitKept(page);
        String angle = field("/pieces/opensDeg").inputValue();
        dragBy("[data-handle=opens]", 20, -50);
        until(
                "it opens otherwise",
                () -> !field("/pieces/opensDeg").inputValue().equals(angle));
        String turn = field("/place/turnDeg").inputValue();
        atRest("[data-handle=opens]");
        dragFrom(shown("sixth"), -10, 60);
        until("it is turned", () -> !field("/place/turnDeg").inputValue().equals(turn));
        waitKept(page);
    }

    /** A spot of the face where nothing lies over the ring, the one furthest to the right. */
    private double[] shown(String part) {
        Object spot = page.evaluate(
                "part => { const box = document.querySelector(`[data-face] [data-part=${part}]`).getBoundingClientRect();"
                        + " for (let x = box.right - 4; x > box.left; x -= 4)"
                        + " for (let y = box.top + 4; y < box.bottom; y += 4)"
                        + " if (document.elementFromPoint(x, y)?.closest(`[data-face] [data-part=${part}]`)) return [x, y];"
                        + " return []; }",
                part);
        return ((List<?>) spot)
                .stream().mapToDouble(v -> ((Number) v).doubleValue()).toArray();
    }

    private void dragBy(String selector, double dx, double dy) {
        BoundingBox box = atRest(selector);
        dragFrom(new double[] {box.x + box.width / 2, box.y + box.height / 2}, dx, dy);
    }

    /** Where something of the drawing lies once what was asked of it before has come and moves it no more. */
    private BoundingBox atRest(String selector) {
        BoundingBox[] last = {page.locator(selector).boundingBox()};
        int[] same = {0};
        until("the drawing is at rest", () -> {
            BoundingBox now = page.locator(selector).boundingBox();
            same[0] = now.x == last[0].x && now.y == last[0].y ? same[0] + 1 : 0;
            last[0] = now;
            return same[0] >= LOOKS_AT_REST;
        });
        return last[0];
    }

    /** So many looks in a row at one place are a second. */
    private static final int LOOKS_AT_REST = 20;

    private void dragFrom(double[] spot, double dx, double dy) {
        double x = spot[0];
        double y = spot[1];
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + dx, y + dy, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
    }

    @Test
    public void pointingAtARingLightsItInTheStrandAndBothHalves() {
        openPlate(page, CAMELLIA);
        page.locator("[data-bead=sixth]").hover();
        String accent = "var(--color-accent)";
        assertThat(page.locator("[data-face] [data-part=sixth]").first()).hasAttribute("stroke", accent);
        assertThat(page.locator("[data-section] [data-part=sixth] path").last()).hasAttribute("stroke", accent);
    }

    @Test
    public void aDampRoomStopsTheDryingAndACabinetFixesIt() {
        openPlate(page, CAMELLIA);
        Locator humidity = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("The room now"))
                .getByLabel("humidity", new Locator.GetByLabelOptions().setExact(true));
        humidity.fill("82");
        humidity.press("Enter");
        assertThat(page.locator("[data-finding=never-dries]")).isVisible();
        assertThat(page.getByText("never done in this room")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("dry in a cabinet at 30 °C and 40 %"))
                .click();
        assertThat(page.locator("[data-finding=never-dries]")).hasCount(0);
        humidity.fill("52");
        humidity.press("Enter");
        page.getByLabel("air", new Page.GetByLabelOptions().setExact(true)).selectOption("still");
    }

    @Test
    public void theDrawingLeavesNothingOutOfTheWindow() {
        openPlate(page, CAMELLIA);
        assertEquals(page.evaluate("document.documentElement.scrollWidth <= innerWidth"), true);
        assertEquals(
                page.evaluate(
                        "document.querySelector('main').scrollHeight <= document.querySelector('main').clientHeight"),
                true);
    }

    @Test
    public void aDraftThatAnOlderCrispWhorlLeftHereIsBroughtUpToThePresent() throws IOException {
        page.navigate(base + "/shelf");
        page.getByPlaceholder("its name").fill("An old draft");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Begin").setExact(true))
                .click();
        page.waitForSelector("[data-bead=ring]");
        String older;
        try (InputStream in = PlateJourneyTest.class.getResourceAsStream("hellebore-version-2.json")) {
            older = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        page.evaluate("""
                async (older) => {
                  const id = location.pathname.split('/').pop()
                  const kept = await fetch(`/api/species/${id}/document`)
                  const version = Number(kept.headers.get('etag').replace(/\\D/g, ''))
                  localStorage.setItem(`crisp-whorl.draft.${id}`, JSON.stringify({ version, document: JSON.parse(older) }))
                }
                """, older);
        page.reload();
        assertThat(page.locator("[data-bead=nectaries]")).containsText("9 × 9 × 7");
        waitKept(page);
    }
}
