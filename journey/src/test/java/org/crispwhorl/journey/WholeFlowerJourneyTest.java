package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ViewportSize;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class WholeFlowerJourneyTest extends Journey {
    /** Pairs of boxes that overlap, or that reach out of the panel that they stand in, told by their text. */
    private static final String COLLISIONS = """
            ([selector, within]) => {
              const panel = document.querySelector(within).getBoundingClientRect()
              const boxes = [...document.querySelectorAll(selector)].map((e) => ({ told: e.textContent.trim(), box: e.getBoundingClientRect() }))
              const wrong = []
              boxes.forEach((a, i) => {
                if (a.box.left < panel.left - 1 || a.box.right > panel.right + 1 || a.box.top < panel.top - 1 || a.box.bottom > panel.bottom + 1)
                  wrong.push(`${a.told} is cut off`)
                boxes.slice(i + 1).forEach((b) => {
                  if (a.box.left < b.box.right - 1 && b.box.left < a.box.right - 1 && a.box.top < b.box.bottom - 1 && b.box.top < a.box.bottom - 1)
                    wrong.push(`${a.told} over ${b.told}`)
                })
              })
              return wrong
            }
            """;

    private void nothingCollides(String selector, String within) {
        assertEquals(page.evaluate(COLLISIONS, List.of(selector, within)), List.of());
    }

    @DataProvider
    public Object[][] demos() {
        return new Object[][] {
            {"Lockside hellebore"}, {"Towpath camellia"}, {"Lock-gate blue poppy"}, {"Weir delphinium"},
            {"Towpath daffodil"}, {"Wedding-walk stephanotis"}, {"Lock-meadow scabious"}, {"Footbridge passion flower"},
            {"Lock-step viola"}, {"Cottage-wall lisianthus"}, {"Winding-hole water lily"}, {"Market-day rosette"},
            {"Back-pump thistle"}, {"Paddle-gear peony bud"}
        };
    }

    @Test(dataProvider = "demos")
    public void theLabelsOfTheDrawingDoNotCollide(String name) {
        openPlate(page, name);
        nothingCollides("[aria-label='Split plate'] text", "[aria-label='Split plate']");
        nothingCollides("[data-bead]", "[aria-label=Strand]");
        nothingCollides("[data-drying]", "[aria-label='Drying strip']");
    }

    @Test
    public void aFlowerOfFourteenPartsIsSeenWhole() {
        openPlate(page, "Footbridge passion flower");
        select(page, "petals");
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("d");
        }
        assertThat(page.locator("[data-bead]")).hasCount(14);
        assertThat(page.locator("[data-drying]")).hasCount(12);
        nothingCollides("[data-bead]", "[aria-label='Parts, from the centre outwards']");
        nothingCollides("[data-drying]", "[aria-label='Drying strip']");
        nothingCollides("[aria-label='Split plate'] text", "[aria-label='Split plate']");
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("z");
        }
        waitKept(page);
    }

    @Test
    public void theStudiosQuickCountsAreTakenUpAndASpeciesMayChooseOtherwise() {
        openPlate(page, "Lock-meadow scabious");
        Locator bead = page.locator("[data-bead=inner]");
        assertThat(bead).containsText("16 ×");
        String faithful = figure(page, "labour");
        choose("counts", "fewer");
        assertThat(bead).containsText("10 ×");
        assertTrue(hours(figure(page, "labour")) < hours(faithful));
        select(page, "inner");
        page.keyboard().press("+");
        assertThat(bead).containsText("11 ×");
        page.keyboard().press("z");
        page.keyboard().press("Escape");
        page.locator("[data-design] details summary").click();
        page.getByLabel("counts").selectOption("as-in-nature");
        assertThat(bead).containsText("16 ×");
        page.keyboard().press("Escape");
        page.getByLabel("counts").selectOption("");
        assertThat(bead).containsText("10 ×");
        choose("counts", "as-in-nature");
        assertThat(bead).containsText("16 ×");
        waitKept(page);
    }

    @Test
    public void aPartIsOfferedOnlyTheTechniquesThatItCanChoose() {
        openPlate(page, "Lock-meadow scabious");
        select(page, "inner");
        page.locator("[data-advanced] summary", new Page.LocatorOptions().setHasText("techniques of this part"))
                .click();
        page.getByLabel("techniques of this part: choose one").click();
        Locator part = page.locator("details", new Page.LocatorOptions().setHasText("all as the studio does"))
                .last();
        part.locator("summary").click();
        assertThat(part.getByLabel("counts")).isVisible();
        assertThat(part.getByLabel("assembly")).hasCount(0);
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        waitKept(page);
    }

    private static double hours(String figure) {
        return Double.parseDouble(figure);
    }

    private void choose(String way, String choice) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Techniques").setExact(true))
                .click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel(way).selectOption(choice);
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Close"))
                .click();
        assertThat(dialog).hasCount(0);
    }

    @Test
    public void aWayOfMakingIsChangedAndItsFiguresFollow() {
        openPlate(page, "Cottage-wall lisianthus");
        select(page, "outer");
        assertThat(page.locator("[data-figure=ball] [data-value]")).hasText("11.5");
        pick(page, "made", "pulled by hand");
        assertThat(page.locator("[data-bead=outer]")).containsText("pulled");
        assertThat(page.locator("[data-figure=meanThickness] [data-value]"))
                .not()
                .hasText("0.69");
        page.keyboard().press("z");
        assertThat(page.locator("[data-bead=outer]")).containsText("ball");
        waitKept(page);
    }

    @Test
    public void aSpikeIsShownWholeAndItsStagesAreChanged() {
        openPlate(page, "Weir delphinium");
        assertThat(page.locator("[data-habit] image")).hasCount(26);
        page.locator("[data-habit]").click();
        assertThat(page.locator("[data-bead=spike]")).hasAttribute("aria-selected", "true");
        page.locator("[data-field='/parts/3/openings/0/count'] input").fill("9");
        page.locator("[data-field='/parts/3/openings/0/count'] input").press("Enter");
        assertThat(page.locator("[data-habit] image")).hasCount(28);
        assertThat(page.locator("[data-figure=heads] [data-value]").first()).hasText("27");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add one more"))
                .click();
        assertThat(page.locator("[data-habit] image")).hasCount(35);
        page.keyboard().press("Escape");
        page.keyboard().press("z");
        page.keyboard().press("z");
        assertThat(page.locator("[data-habit] image")).hasCount(26);
        waitKept(page);
    }

    @Test
    public void whatIsNotFoodIsCountedAndAllergensAreNamed() {
        openPlate(page, "Paddle-gear peony bud");
        assertThat(page.locator("[data-caution=not-food]")).containsText("1 piece of polystyrene");
        openPlate(page, "Market-day rosette");
        assertThat(page.locator("[data-caution=allergens]")).containsText("nuts");
        assertThat(page.locator("[data-caution=not-food]")).hasCount(0);
    }

    @Test
    public void picturesToChooseFromLieWhollyInTheWindow() {
        openPlate(page, "Towpath ox-eye");
        page.locator("[data-bead]").first().click();
        page.locator("[data-choice=form]").click();
        BoundingBox list = page.locator("[role=listbox]:has(img)").boundingBox();
        ViewportSize window = page.viewportSize();
        assertTrue(list.x >= 0 && list.x + list.width <= window.width, list.x + " and " + list.width + " wide");
        assertTrue(list.y >= 0 && list.y + list.height <= window.height, list.y + " and " + list.height + " high");
    }
}
