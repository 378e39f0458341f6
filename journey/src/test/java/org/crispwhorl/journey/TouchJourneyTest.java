package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** A fingertip alone: no mouse, no keyboard. */
public class TouchJourneyTest extends Journey {
    @Override
    protected Browser.NewContextOptions windowOptions() {
        return super.windowOptions().setHasTouch(true).setViewportSize(1180, 820);
    }

    @Test
    public void aFlowerIsOpenedChangedMendedAndUndoneByTaps() {
        page.navigate(base + "/shelf");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lockside hellebore"))
                .first()
                .tap();
        page.waitForSelector("[data-face] path");
        page.locator("[data-bead=sepals]").tap();
        page.getByLabel("more: count").tap();
        assertThat(page.locator("[data-bead=sepals]")).containsText("6 ×");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .tap();
        assertThat(page.locator("[data-bead=sepals]")).containsText("5 ×");
        page.locator("[data-bead=leaf]").tap();
        page.locator("[data-field$='/pieces/attachment/freeMm'] input").fill("25");
        page.locator("[data-field$='/pieces/attachment/freeMm'] input").press("Enter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("use 26 gauge"))
                .tap();
        assertThat(page.locator("[data-finding=wire-too-thin]")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .tap();
        waitKept(page);
    }

    @Test
    public void aPetalIsPulledLongerWithAFinger() {
        openPlate(page, "Towpath camellia");
        page.locator("[data-bead=sixth]").tap();
        String before = figure(page, "cutLength");
        BoundingBox tip = page.locator("[data-handle=tip]").boundingBox();
        double x = tip.x + tip.width / 2;
        double y = tip.y + tip.height / 2;
        var touch = context.newCDPSession(page);
        touch.send("Input.dispatchTouchEvent", touchAt("touchStart", x, y));
        for (int i = 1; i <= 8; i++) {
            touch.send("Input.dispatchTouchEvent", touchAt("touchMove", x - 8 * i, y - 3 * i));
        }
        com.google.gson.JsonObject end = new com.google.gson.JsonObject();
        end.addProperty("type", "touchEnd");
        end.add("touchPoints", new com.google.gson.JsonArray());
        touch.send("Input.dispatchTouchEvent", end);
        until("it is longer or shorter", () -> !figure(page, "cutLength").equals(before));
        waitKept(page);
    }

    private static com.google.gson.JsonObject touchAt(String type, double x, double y) {
        return new com.google.gson.Gson()
                .toJsonTree(Map.of("type", type, "touchPoints", List.of(Map.of("x", x, "y", y))))
                .getAsJsonObject();
    }
}
