package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.testng.annotations.Test;

/** Colour is planned pass by pass on a piece lying flat, and taken from ring to ring. */
public class ColourJourneyTest extends Journey {
    private int actions;

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void click(Locator what) {
        actions++;
        what.click();
    }

    private void press(String key) {
        actions++;
        page.keyboard().press(key);
    }

    private void choose(String part) {
        actions++;
        select(page, part);
        assertThat(page.locator("[data-side=face]")).isVisible();
    }

    /** Adds a pass of a colour of the drawer, from the edge, and says where it goes where it goes elsewhere. */
    private void addPass(String dust, String zone) {
        int before = passes().count();
        click(button("a pass of " + dust).first());
        assertThat(passes()).hasCount(before + 1);
        if (!zone.equals("from the edge")) {
            actions += 2;
            pick(page, "zone", zone);
        }
    }

    private void type(String field, String value) {
        actions++;
        Locator input = page.locator("[data-field$='/" + field + "'] input");
        input.fill(value);
        input.press("Enter");
        assertThat(input).hasValue(value);
    }

    private Locator passes() {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Passes"))
                .getByRole(AriaRole.LISTITEM);
    }

    private String face() {
        return page.locator("[data-side=face]").getAttribute("href");
    }

    private void openColour(String species, String part) {
        openPlate(page, species);
        select(page, part);
        page.keyboard().press("c");
        assertThat(page.locator("[data-side=face]")).isVisible();
    }

    /** Fifty petals of five shades, five dusts, graded from ring to ring. */
    @Test
    public void theColourOfFiftyPetalsIsPlannedInSixtyActions() {
        openPlate(page, "Towpath camellia");
        select(page, "sixth");
        page.locator("[data-field$='/pieces/count'] input").fill("19");
        page.keyboard().press("Tab");
        waitKept(page);
        actions = 0;
        click(button("Colour"));
        choose("first");
        addPass("wine", "from the edge");
        type("strength", "0.9");
        addPass("plum", "from the foot");
        choose("sixth");
        while (passes().count() > 0) {
            int left = passes().count();
            click(button("Remove it"));
            assertThat(passes()).hasCount(left - 1);
        }
        choose("first");
        click(button("Take them there"));
        choose("sixth");
        assertThat(passes()).hasCount(2);
        click(passes().first().getByRole(AriaRole.BUTTON));
        type("strength", "0.3");
        type("reachMm", "2");
        choose("first");
        click(button("Step between"));
        choose("third");
        assertThat(passes()).hasCount(2);
        double stepped = Double.parseDouble(
                page.locator("[data-field$='/strength'] input").inputValue());
        assertEquals(stepped, 0.66, 0.011, "two fifths of the way from 0.9 to 0.3");
        choose("calyx");
        addPass("moss", "from the foot");
        choose("leaves");
        addPass("bottle green", "down the midrib");
        addPass("rust", "at the tip");
        waitKept(page);
        press("c");
        assertThat(page.locator("svg image[data-laid]").first()).isAttached();
        assertTrue(actions <= 60, actions + " actions");
    }

    @Test
    public void aPassIsPulledWiderOnThePieceByHandAndByKey() {
        openColour("Lockside hellebore", "sepals");
        Locator reach = page.locator("[data-handle=reach]");
        Locator field = page.locator("[data-field$='/reachMm'] input");
        double before = Double.parseDouble(field.inputValue());
        String drawn = face();
        BoundingBox box = reach.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 + 20);
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 + 40);
        page.mouse().up();
        until("it reaches farther", () -> Double.parseDouble(field.inputValue()) > before + 2);
        until("it is drawn so", () -> !face().equals(drawn));
        waitLetGo(reach);
        double pulled = Double.parseDouble(field.inputValue());
        reach.focus();
        page.keyboard().press("Shift+ArrowUp");
        until("it reaches less far", () -> Double.parseDouble(field.inputValue()) < pulled - 1);
        waitLetGo(reach);
        page.keyboard().press("z");
        page.keyboard().press("z");
        until("both are undone", () -> Double.parseDouble(field.inputValue()) == before);
    }

    private void waitLetGo(Locator handle) {
        assertThat(handle).hasAttribute("aria-pressed", "false");
        waitKept(page);
    }

    @Test
    public void whatIsLaidOnIsSeenOnTheFlowerAndStandsOnTheSheet() {
        openColour("Winding-hole water lily", "fourth");
        String drawn = face();
        button("a pass of wine").first().click();
        until("it is drawn", () -> !face().equals(drawn));
        waitKept(page);
        List<String> pictures =
                page.locator("[aria-label='Colours from ring to ring'] li").allInnerTexts();
        assertEquals(pictures.size(), 5);
        page.keyboard().press("c");
        String face = page.locator("svg image[data-laid]").first().getAttribute("href");
        assertTrue(face.startsWith("data:image/png"), "the passes are laid on the drawing");
        assertNotEquals(face, drawn);
    }
}
