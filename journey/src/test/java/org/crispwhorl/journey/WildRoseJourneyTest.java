package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** A flower that is not in the demo, from an empty plate, by keyboard alone. */
public class WildRoseJourneyTest extends Journey {
    private void find(String words) {
        page.keyboard().press("/");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        page.keyboard().type(words);
        Locator option = page.getByRole(AriaRole.OPTION).first();
        assertThat(option).containsText(words);
        assertThat(option).hasAttribute("data-headlessui-state", java.util.regex.Pattern.compile(".*active.*"));
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    private void add(String part, String bead) {
        find("add " + part);
        assertThat(page.locator("[data-bead=" + bead + "]")).hasAttribute("aria-selected", "true");
    }

    /** Goes to a field by its label, types into it, and comes back to the plate. */
    private void set(String field, String value) {
        find(field);
        Locator focused = page.locator("[data-design] :is(input, select):focus");
        assertThat(focused).hasCount(1);
        page.keyboard().type(value);
        if (!"SELECT".equals(focused.evaluate("e => e.tagName"))) {
            page.keyboard().press("Enter");
        }
        page.evaluate("() => document.activeElement.blur()");
    }

    @Test
    public void aWildRoseIsDescribedInUnderFiveMinutes() {
        page.navigate(base + "/shelf");
        page.waitForSelector("h2");
        find("begin a new species");
        assertThat(page.locator("input:focus")).hasCount(1);
        page.keyboard().type("Hedge rose");
        page.keyboard().press("Enter");
        page.waitForSelector("[data-face] path");
        for (String key : new String[] {"ArrowDown", "x", "ArrowDown", "x"}) {
            page.keyboard().press(key);
        }
        assertThat(page.locator("[data-bead]")).hasCount(0);

        add("centre", "centre");
        set("form", "ball");
        set("diameter, form", "8");
        set("hook", "4");
        add("stamens", "stamens");
        set("ring", "7");
        set("rows", "3");
        add("ring", "ring");
        set("length, outline", "26");
        set("width, outline", "25");
        set("gauge, joined", "28");
        add("calyx", "calyx");
        set("shade", "green");
        add("bead or hip", "bead");
        set("shade", "green");
        add("leaves", "leaf");
        set("shade", "green");
        set("count, pieces", "3");
        page.keyboard().press("Escape");
        set("wanted width", "58");

        assertThat(page.locator("[data-bead]")).hasCount(6);
        assertThat(page.locator("[data-figure=heads] [data-value]")).hasText("40");
        assertEquals(figure(page, "petals"), "13");
        for (int i = 0; i < 6 && page.locator("[data-finding]").count() > 0; i++) {
            fixFirst();
        }
        assertThat(page.locator("[data-fine]")).isVisible();
        waitKept(page);
        page.reload();
        page.waitForSelector("[data-face] path");
        assertThat(page.locator("[data-bead]")).hasCount(6);
    }

    /** Takes the first mend by its key, from the plate: a field that has just been left may still hold the keys. */
    private void fixFirst() {
        waitKept(page);
        String before = findings();
        assertThat(page.locator("[role=dialog]")).hasCount(0);
        page.evaluate("() => document.activeElement.blur()");
        page.keyboard().press("m");
        until("it is mended: " + before, () -> !findings().equals(before));
    }

    private String findings() {
        return page.locator("[data-finding]").allInnerTexts().toString();
    }
}
