package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** No mouse is touched in these. */
public class KeyboardJourneyTest extends Journey {
    private void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    @Test
    public void aFlowerIsFoundChangedAndUndoneByKeyboardAlone() {
        page.navigate(base + "/shelf");
        page.waitForSelector("h2");
        press("/");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        page.keyboard().type("camellia");
        assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("Towpath camellia");
        press("Enter");
        page.waitForSelector("[data-face] path");
        press("ArrowDown", "ArrowDown");
        Locator first = page.locator("[data-bead=first]");
        assertThat(first).hasAttribute("aria-selected", "true");
        press("+", "+");
        assertThat(first).containsText("5 ×");
        press("l");
        assertThat(first).containsText("× 27 ×");
        press("z", "z");
        assertThat(first).containsText("3 × 26");
        press("y");
        assertThat(first).containsText("5 ×");
        press("z");
        assertThat(first).containsText("3 × 26");
        waitKept(page);
    }

    @Test
    public void everyShortcutIsListedUnderTheQuestionMark() {
        openPlate(page, "Lockside hellebore");
        press("?");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("one fewer");
        assertThat(dialog).containsText("take the first fix");
        press("Escape");
        assertThat(dialog).hasCount(0);
    }

    @Test
    public void partsAreAddedMovedDoubledAndTakenAwayByKeys() {
        openPlate(page, "Towpath camellia");
        press("ArrowDown");
        Locator beads = page.locator("[data-bead]");
        press("a");
        assertThat(beads).hasCount(10);
        assertThat(beads.nth(1)).hasAttribute("data-bead", "ring");
        press("Alt+ArrowDown");
        assertThat(beads.nth(2)).hasAttribute("data-bead", "ring");
        press("d");
        assertThat(beads).hasCount(11);
        press("x");
        assertThat(beads).hasCount(10);
        press("z", "z", "z", "z");
        assertThat(beads).hasCount(9);
        waitKept(page);
    }

    @Test
    public void theFinderReachesAPartOfTheFlowerThatIsOpen() {
        openPlate(page, "Towpath camellia");
        press("/");
        page.keyboard().type("calyx");
        assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("calyx");
        press("Enter");
        assertThat(page.locator("[data-bead=calyx]")).hasAttribute("aria-selected", "true");
    }

    @Test
    public void focusGoesThroughTheRoomsByTab() {
        page.navigate(base + "/shelf");
        page.waitForSelector("h2");
        press("Tab", "Tab", "Tab", "Tab", "Tab", "Tab");
        assertThat(page.getByRole(
                        AriaRole.LINK, new com.microsoft.playwright.Page.GetByRoleOptions().setName("Orders")))
                .isFocused();
        press("Enter");
        assertThat(page.getByRole(
                        AriaRole.HEADING, new com.microsoft.playwright.Page.GetByRoleOptions().setName("Orders")))
                .isVisible();
    }
}
