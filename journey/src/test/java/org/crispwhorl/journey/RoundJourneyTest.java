package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The flower in the round: loaded when asked for, turned by hand, opened and closed, taken out. */
public class RoundJourneyTest extends Journey {
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");

    private Locator drawn() {
        return page.locator("canvas[data-drawn=true]");
    }

    /** Waits until two pictures that follow each other are the same. */
    private byte[] picture() {
        byte[] last = new byte[0];
        for (int i = 0; i < 200; i++) {
            byte[] now = page.locator("canvas").screenshot();
            if (Arrays.equals(now, last)) {
                return now;
            }
            last = now;
            page.waitForTimeout(150);
        }
        return last;
    }

    @Test
    public void threeDimensionsComeWhenTheyAreAskedForAndFollowTheHand() {
        List<String> loaded = new ArrayList<>();
        page.onRequest(r -> loaded.add(r.url()));
        openPlate(page, "Towpath camellia");
        assertFalse(loaded.stream().anyMatch(u -> u.contains("RoundView")), loaded.toString());
        page.keyboard().press("r");
        assertThat(drawn()).isVisible();
        assertTrue(loaded.stream().anyMatch(u -> u.contains("RoundView")), loaded.toString());
        byte[] full = picture();
        BoundingBox box = page.locator("canvas").boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 120, box.y + box.height / 2 + 20);
        page.mouse().up();
        byte[] turned = picture();
        assertFalse(Arrays.equals(turned, full), "dragging turns it");
        page.getByLabel("how far it is opened").fill("0.3");
        until("the slider closes it", () -> !Arrays.equals(picture(), turned));
        page.mouse().click(box.x + box.width / 2, box.y + box.height / 2);
        assertThat(
                        page.locator(
                                "[data-bead][aria-selected=true], [data-bead][aria-pressed=true], [data-bead][aria-current=true]"))
                .hasCount(1);
        page.keyboard().press("r");
        assertThat(page.locator("[data-face] path").first()).isVisible();
    }

    private void type(String path, String value) {
        Locator field = page.locator("[data-field$='" + path + "'] input");
        field.fill(value);
        field.press("Enter");
    }

    /** A ring closed so far that it cuts through another is told, and one touch leans it clear. */
    @Test
    public void petalsThatPassThroughEachOtherAreToldAndLeanedClear() {
        openPlate(page, "Footbridge passion flower");
        select(page, "sepals");
        type("/place/onStemMm", "-4");
        type("/pieces/opensDeg", "60");
        waitKept(page);
        page.locator("[data-bead=sepals]").focus();
        page.keyboard().press("r");
        Locator told = page.locator("[data-crossings]");
        assertThat(told).containsText("sepals passes through petals");
        int before = page.locator("[data-crossings] li").count();
        told.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("open it clear").setExact(true))
                .first()
                .click();
        assertThat(told).not().containsText("sepals passes through petals");
        assertThat(page.locator("[data-crossings] li")).hasCount(before - 1);
        waitKept(page);
    }

    @Test
    public void everyDemoFlowerIsValidGltf() throws IOException, InterruptedException {
        page.navigate(base + "/shelf");
        Path folder = Files.createTempDirectory("crispwhorl-round");
        List<String> command = new ArrayList<>(List.of(System.getenv("PLAYWRIGHT_NODEJS_PATH"), "checks/gltf.mjs"));
        Matcher ids = ID.matcher(page.request().get(base + "/api/species").text());
        while (ids.find()) {
            APIResponse glb = page.request().get(base + "/api/species/" + ids.group(1) + "/round.glb");
            assertEquals(glb.status(), 200);
            Path file = folder.resolve(ids.group(1) + ".glb");
            Files.write(file, glb.body());
            command.add(file.toString());
        }
        Process validator = new ProcessBuilder(command)
                .directory(Path.of("../web").toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(validator.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(validator.waitFor(), 0, said);
        assertTrue(said.contains(command.size() - 2 + " files, 0 errors"), said);
    }
}
