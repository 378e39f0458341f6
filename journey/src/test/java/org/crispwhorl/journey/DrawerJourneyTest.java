package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.testng.annotations.Test;

/** What is in the drawer, what of it fits, what the quick figures say, and what the scale weighs. */
public class DrawerJourneyTest extends Journey {
    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator kind(String label) {
        return page.getByLabel("Kinds of things").getByText(label, new Locator.GetByTextOptions().setExact(true));
    }

    private Locator field(String label) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
    }

    private static Locator field(Locator in, String label) {
        return in.getByRole(
                AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName(label).setExact(true));
    }

    private void type(Locator field, String value) {
        field.fill(value);
        field.press("Enter");
    }

    @Test
    public void aCutterThatIsPutIntoTheDrawerIsFoundForThePart() {
        page.navigate(base + "/drawer");
        page.waitForSelector("text=tin petal, large");
        button("Add one").click();
        field("name").fill("copper outer petal");
        field("name").press("Enter");
        assertThat(button("copper outer petal")).isVisible();
        type(field("length"), "35");
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("copper outer petal")))
                .containsText("35 × 22 mm");
        type(field("width"), "30");
        type(field("widest at"), "0.66");
        type(field("base"), "0.3");
        type(field("tip"), "2.4");
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("copper outer petal")))
                .containsText("35 × 30 mm");
        waitKept(page);
        openPlate(page, "Towpath camellia");
        select(page, "sixth");
        page.locator("[data-drawer] summary").click();
        Locator cutters = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Cutters"));
        assertThat(cutters.locator("tr").first()).containsText("copper outer petal");
        assertThat(cutters.locator("tr").first()).containsText("as it is");
        assertThat(page.locator("[data-drawer] figcaption")).containsText("is cut");
        page.getByText("a cutter to print").click();
        type(field("wall"), "0.5");
        assertThat(page.locator("[data-drawer]").getByRole(AriaRole.ALERT)).containsText("from 0.8 to 4");
        Download stl = page.waitForDownload(
                () -> page.getByText("Cutter to print (STL)").click());
        assertTrue(stl.suggestedFilename().endsWith(".stl"));
    }

    private void find(String words) {
        page.locator("h1").click();
        page.keyboard().press("/");
        page.locator("[role=dialog] input").fill(words);
    }

    @Test
    public void aSetOfSizesIsAddedOneIsLentAndFoundByItsSize() {
        page.navigate(base + "/drawer");
        button("plastic nectary").click();
        field("length of each, mm").fill("17 21,5");
        button("Add the set").click();
        Locator set = page.locator("tr", new Page.LocatorOptions().setHasText("plastic nectary 21.5"));
        assertThat(set).containsText("21.5 × 16.7 mm");
        button("plastic nectary 21.5").click();
        type(field("on loan"), "1");
        assertThat(set).containsText("0, 1 on loan");
        waitKept(page);
        find("nectary 21");
        Locator first = page.locator("[role=dialog] [role=option]").first();
        assertThat(first).containsText("plastic nectary 21.5");
        assertThat(first).containsText("21.5 × 16.7 mm");
        page.keyboard().press("Enter");
        assertThat(field("name")).hasValue("plastic nectary 21.5");
    }

    @Test
    public void techniquesTellInFiguresWhatAnotherChoiceWouldChange() {
        page.navigate(base + "/");
        button("Techniques").click();
        page.getByLabel("told in figures for").selectOption(new SelectOption().setLabel("Towpath camellia"));
        assertThat(page.locator("[data-effects=glue] li").first()).isVisible();
        assertThat(page.locator("[data-effects=board]")).containsText("makes no difference");
        assertThat(page.locator("[data-effects]").first()).not().isEmpty();
        button("Close").click();
    }

    @Test
    public void threeFaultyRowsOfTenThousandAreToldAndTheOthersTakenIn() throws IOException {
        StringBuilder csv = new StringBuilder("kind,name,count,boreMm,lengthMm\n");
        for (int i = 1; i <= 10_000; i++) {
            csv.append("cake-pick,pick ")
                    .append(i)
                    .append(i % 4000 == 7 ? ",five" : ",5")
                    .append(",4,70\n");
        }
        page.navigate(base + "/drawer");
        page.waitForSelector("text=tin petal, large");
        button("Import a table …").click();
        page.locator("input[type=file]")
                .setInputFiles(
                        new FilePayload("picks.csv", "text/csv", csv.toString().getBytes(StandardCharsets.UTF_8)));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("3 places need fixing; nothing was imported yet");
        assertThat(dialog.locator("tbody tr").first()).containsText("'five'");
        Download left = page.waitForDownload(
                () -> dialog.getByText("The other rows, to fix").click());
        assertTrue(Files.readString(left.path()).contains("pick 4007"));
        button("Import the 9,997 good rows").click();
        assertThat(dialog.getByRole(AriaRole.STATUS)).containsText("9,997 things are in the drawer");
        button("Close").click();
    }

    @Test
    public void aBallIsWeighedForTheDensityOfItsPaste() {
        page.navigate(base + "/drawer");
        kind("paste").click();
        button("gum paste, tub").click();
        page.getByLabel("Weigh: its weight").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.locator("[data-weight]")).containsText("at rest");
        Locator pan = dialog.getByLabel("on its pan, g");
        pan.fill("6");
        pan.press("Tab");
        assertThat(dialog.locator("[data-weight]"))
                .containsText(java.util.regex.Pattern.compile(
                        "(5\\.[89]|6\\.[01])\\d.*at rest", java.util.regex.Pattern.DOTALL));
        dialog.getByLabel("its cable is in").uncheck();
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("The scale went silent");
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("that is kept");
        dialog.getByLabel("its cable is in").check();
        assertThat(dialog.locator("[data-weight]")).containsText("at rest");
        dialog.getByText("Take this weight").click();
        assertThat(field("density")).hasValue(java.util.regex.Pattern.compile("1\\.4[0-6]"));
    }

    @Test
    public void theFinderLeadsToEachQuestionOfTheQuickAndItAnswersAsItIsTyped() {
        page.navigate(base + "/shelf");
        page.waitForSelector("h2");
        for (String question : new String[] {"wire check", "log slices", "bundle and pick"}) {
            page.keyboard().press("Escape");
            page.locator("body").press("/");
            page.getByRole(AriaRole.COMBOBOX).fill(question);
            page.keyboard().press("Enter");
            Locator panel = page.getByRole(
                    AriaRole.REGION,
                    new Page.GetByRoleOptions().setName(question).setExact(true));
            assertThat(panel.locator("input, select").first()).isFocused();
            assertThat(panel.locator("[data-value]").first()).isVisible();
            page.locator("h1").first().evaluate("() => document.activeElement.blur()");
        }
        Locator gauge = page.locator("[data-question=thickness-gauge]");
        assertThat(gauge.locator("[data-figure=thickness] [data-value]")).hasText("0.81");
        type(field(gauge, "rolled"), "1.5");
        assertThat(gauge.locator("[data-figure=thickness] [data-value]")).hasText("1.10");
        type(field(gauge, "petal length"), "20");
        assertThat(gauge.getByRole(AriaRole.ALERT)).containsText("paste does not shrink");
        field(gauge, "petal length").fill("46");
        field(gauge, "petal length").press("Enter");
        gauge.locator("[data-figure=thickness] button").click();
        assertThat(gauge.getByText("Conservation of volume")).isVisible();
    }

    @Test
    public void theFewestCuttersAreBoughtForAllSpecies() {
        page.navigate(base + "/drawer/buy");
        button("All species").click();
        assertThat(page.locator("[data-purchase]")).containsText("fewer will not do");
        page.getByLabel("the purchase should be").selectOption("as cheap as can be");
        assertThat(page.locator("[data-purchase]")).containsText("no purchase is cheaper");
    }

    @Test
    public void anOrderIsTakenOutOfTheDrawerAndPutBack() {
        page.navigate(base + "/orders");
        page.getByText("Supper on the lock island").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheets"))
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Wires"))
                .click();
        assertThat(page.getByText("no plan needs fewer").first()).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shopping"))
                .click();
        Locator list = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Shopping list"));
        Locator paste = list.locator("tr", new Locator.LocatorOptions().setHasText("gum paste"));
        assertThat(paste).containsText("900");
        button("Use these up").click();
        assertThat(page.getByText("Taken out of the drawer for this order")).isVisible();
        assertThat(paste).not().containsText("900");
        button("Put it all back").click();
        assertThat(paste).containsText("900");
    }
}
