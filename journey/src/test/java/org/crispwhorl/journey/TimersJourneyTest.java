package org.crispwhorl.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Route;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.crispwhorl.server.RunningStudio;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;

/** A timer over a day and more: the lid closed, the page opened again, the studio put out and lit, by a clock that is moved. */
public class TimersJourneyTest extends Journey {
    private static final double MINUTE_MS = 60_000;
    private static final double LEFT_MIN = 20;

    /** Of all works the one that is waited for longest, in minutes. */
    private static final String LONGEST = """
            async () => {
              const view = await (await fetch(location.pathname.replace('/orders/', '/api/orders/'))).json()
              const all = view.cards.flatMap((c) => c.then.map((t) => ({ task: c.task, minutes: t.enoughMin, pieces: c.pieces })))
              return all.reduce((a, b) => (b.minutes > a.minutes ? b : a))
            }""";

    private static final String DONE_AT = """
            async () => {
              const view = await (await fetch(location.pathname.replace('/orders/', '/api/orders/'))).json()
              return Date.parse(view.events.find((e) => e.touch === 'done').at)
            }""";

    @Test
    public void aTimerIsRightAfterANightAClosedLidReloadsAndARestart() throws IOException {
        Path data = Files.createTempDirectory("crispwhorl-test");
        ConfigurableApplicationContext studio = RunningStudio.start(data);
        int port = RunningStudio.port(studio);
        try {
            page.clock().install();
            page.route(url -> url.contains("/bench/events") || url.endsWith("/api/clock"), this::later);
            openBench("http://127.0.0.1:" + port, "Supper on the lock island");
            Map<?, ?> longest = (Map<?, ?>) page.evaluate(LONGEST);
            double minutes = ((Number) longest.get("minutes")).doubleValue();
            assertTrue(minutes > 12 * 60 + LEFT_MIN, "something is waited for over a night: " + longest);
            for (int i = 0; i < 80 && !page.locator("h1").textContent().equals(longest.get("task")); i++) {
                page.getByLabel("Task after").click();
            }
            page.locator("[data-done]").click();
            if (((Number) longest.get("pieces")).intValue() > 0) {
                page.locator("[data-done-all-the-same]").click();
            }
            assertThat(page.locator("[data-kept]")).hasText("● kept");
            double done = ((Number) page.evaluate(DONE_AT)).doubleValue();
            double due = done + minutes * MINUTE_MS;
            // The lid is closed, and opened a night later: what should have ticked meanwhile did not.
            forward(Math.round(due - now() - LEFT_MIN * MINUTE_MS));
            right(due);
            page.reload();
            right(due);
            studio.close();
            forward(Math.round(5 * MINUTE_MS));
            studio = RunningStudio.start(data, port);
            page.reload();
            right(due);
            forward(Math.round(due - now() + 1000));
            assertThat(timer(longest.get("task").toString())).containsText("● now");
        } finally {
            studio.close();
        }
    }

    private long laterMs;

    /** Time goes by, here and at the studio. */
    private void forward(long ms) {
        laterMs += ms;
        page.clock().fastForward(ms);
    }

    /** The studio's clock, which the test cannot move, is told as late as it would be. */
    private void later(Route route) {
        try {
            APIResponse answer = route.fetch();
            String body = answer.text()
                    .replaceAll(
                            "\"now\":\"[^\"]+\"", "\"now\":\"" + Instant.now().plusMillis(laterMs) + "\"");
            route.fulfill(new Route.FulfillOptions().setResponse(answer).setBody(body));
        } catch (PlaywrightException e) {
            route.abort();
        }
    }

    private double now() {
        return ((Number) page.evaluate("() => Date.now()")).doubleValue();
    }

    private Locator timer(String task) {
        return page.locator("[data-timer]", new Page.LocatorOptions().setHasText(task))
                .last();
    }

    /** What it shows is what is left, to a second. */
    private void right(double due) {
        Locator shown = page.locator("[data-timer] p.tabular-nums").last();
        assertThat(shown).isVisible();
        until("the timer shows what is left", () -> {
            Matcher clock = Pattern.compile("(\\d+):(\\d\\d)").matcher(shown.textContent());
            return clock.find()
                    && Math.abs(60 * Integer.parseInt(clock.group(1))
                                    + Integer.parseInt(clock.group(2))
                                    - (due - now()) / 1000)
                            <= 1.25;
        });
    }
}
