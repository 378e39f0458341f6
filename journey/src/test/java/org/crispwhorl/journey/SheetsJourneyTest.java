package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The page tells of each sheet what its blocks say. */
public class SheetsJourneyTest extends Journey {
    private static String bare(String text) {
        return text.replaceAll("[\\s\\u00a0]+", "");
    }

    /** Every word of a sheet that stands in its blocks, but for what is only read out. */
    private static void words(JsonNode node, List<String> all) {
        node.properties().forEach(field -> {
            JsonNode value = field.getValue();
            boolean shown = List.of("text", "aside", "heading", "label", "told").contains(field.getKey());
            if (shown
                    && value.isString()
                    && !(field.getKey().equals("label")
                            && !node.path("kind").asString("").equals("patches"))) {
                all.add(value.asString());
            }
            if (field.getKey().equals("steps")) {
                value.forEach(step -> all.add(step.asString()));
            } else if (!field.getKey().equals("boxes")) {
                value.forEach(one -> words(one, all));
                if (value.isArray()) {
                    value.forEach(row -> row.forEach(cell -> words(cell, all)));
                }
            }
        });
    }

    @Test
    public void everySheetStandsOnThePageAsInItsBlocks() {
        page.navigate(base + "/orders");
        page.getByText("Supper on the lock island").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheets"))
                .click();
        assertThat(page.locator("article h1")).hasText("Cut sheet");
        String id = page.url().replaceAll(".*/orders/([^/]+)/.*", "$1");
        JsonNode sheets = JsonMapper.shared()
                .readTree(page.request()
                        .get(base + "/api/orders/" + id + "/sheets")
                        .text());
        assertTrue(sheets.size() >= 7, "all sheets of an order");
        for (JsonNode sheet : sheets) {
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions()
                                    .setName(sheet.get("label").asString())
                                    .setExact(true))
                    .click();
            Locator article = page.locator("article");
            assertThat(article.locator("h1")).hasText(sheet.get("title").asString());
            String shown = bare(article.innerText());
            List<String> all = new ArrayList<>();
            sheet.get("blocks").forEach(block -> words(block, all));
            assertTrue(all.size() > 5);
            for (String word : all) {
                assertTrue(shown.contains(bare(word)), sheet.get("title") + " lacks: " + word);
            }
        }
    }
}
