package org.crispwhorl.journey;

import static org.testng.Assert.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

public class AccessibilityJourneyTest extends Journey {
    private static final Set<String> GRAVE = Set.of("serious", "critical");

    private void noSeriousFault() {
        List<String> faults = new AxeBuilder(page)
                .analyze().getViolations().stream()
                        .filter(r -> GRAVE.contains(r.getImpact()))
                        .map(AccessibilityJourneyTest::told)
                        .toList();
        assertEquals(faults, List.of());
    }

    private static String told(Rule rule) {
        return rule.getId() + " at "
                + rule.getNodes().stream().limit(3).map(n -> n.getHtml()).toList();
    }

    @Test
    public void theShelf() {
        page.navigate(base + "/shelf");
        page.waitForSelector("h2");
        noSeriousFault();
    }

    @Test
    public void thePlateAsAWhole() {
        openPlate(page, "Towpath camellia");
        noSeriousFault();
    }

    @Test
    public void thePlateWithARingSelected() {
        openPlate(page, "Lockside hellebore");
        select(page, "sepals");
        page.waitForSelector("[data-figure=finishedLength]");
        noSeriousFault();
    }

    @Test
    public void aFlowerOfManyPartsASpikeAndTheTechniques() {
        openPlate(page, "Footbridge passion flower");
        select(page, "filaments");
        page.waitForSelector("[data-figure=across]");
        noSeriousFault();
        openPlate(page, "Weir delphinium");
        select(page, "spike");
        page.waitForSelector("[data-figure=along]");
        noSeriousFault();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Techniques").setExact(true))
                .click();
        page.waitForSelector("[role=dialog]");
        noSeriousFault();
    }

    @Test
    public void theRoomAheadTheTabletTheCopiesAndTroubleshooting() {
        page.navigate(base + "/room");
        page.waitForSelector("[data-chart]");
        noSeriousFault();
        page.navigate(base + "/tablet");
        page.waitForSelector("ol");
        noSeriousFault();
        page.navigate(base + "/copies");
        page.waitForSelector("h2");
        noSeriousFault();
        page.navigate(base + "/troubleshooting");
        page.waitForSelector("li button");
        noSeriousFault();
    }

    @Test
    public void theFinderAndTheListOfKeys() {
        openPlate(page, "Lockside hellebore");
        page.keyboard().press("?");
        page.waitForSelector("[role=dialog]");
        noSeriousFault();
        page.keyboard().press("Escape");
        page.keyboard().press("/");
        page.waitForSelector("[role=option]");
        noSeriousFault();
    }

    @Test
    public void theOrders() {
        page.navigate(base + "/orders");
        page.waitForSelector("li a");
        noSeriousFault();
        page.locator("li a").first().click();
        page.waitForSelector("[data-total=pieces]");
        noSeriousFault();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheets"))
                .click();
        for (String sheet : List.of("Wires", "Paste and shades", "Stems, tape, picks", "Shopping", "Outlines", "Cut")) {
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName(sheet).setExact(true))
                    .click();
            page.waitForSelector("h1");
            noSeriousFault();
        }
    }

    @Test
    public void theDrawerAndTheQuick() {
        page.navigate(base + "/drawer");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("tin petal, large"))
                .click();
        page.waitForSelector("figure svg");
        noSeriousFault();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Import a table"))
                .click();
        page.waitForSelector("[role=dialog]");
        noSeriousFault();
        page.navigate(base + "/drawer/buy");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("All species"))
                .click();
        page.waitForSelector("[data-purchase]");
        noSeriousFault();
        page.navigate(base + "/quick");
        page.waitForSelector("[data-question=unit-turning] [data-value]");
        noSeriousFault();
    }
}
