package org.crispwhorl.journey;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import javax.sql.DataSource;
import org.crispwhorl.server.RunningStudio;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.Assert;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.AfterSuite;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;

/** A journey through the real interface: the whole application on a free port, driven in headless Chromium. */
public abstract class Journey {
    private static final Path CHROMIUM = Path.of("/usr/bin/chromium");

    /** A loaded machine is slow, but not wrong. */
    private static final double PATIENCE_MS = 30_000;

    private static Playwright playwright;
    private static Browser browser;

    private ConfigurableApplicationContext application;
    protected BrowserContext context;
    protected Page page;
    protected String base;
    private final List<String> complaints = new ArrayList<>();

    /** The application and the browser run once for all journeys; the data are laid anew for each class. */
    @BeforeClass
    public void open() {
        application = RunningStudio.fresh();
        base = "http://127.0.0.1:" + RunningStudio.port(application);
        if (browser == null) {
            playwright = Playwright.create();
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(CHROMIUM)
                            .setArgs(List.of("--disable-gpu", "--disable-quic")));
        }
    }

    @AfterSuite(alwaysRun = true)
    public static void close() {
        if (playwright != null) {
            playwright.close();
            playwright = null;
            browser = null;
        }
    }

    @BeforeMethod
    public void newWindow() {
        complaints.clear();
        context = browser.newContext(windowOptions());
        page = window();
    }

    @AfterMethod(alwaysRun = true)
    public void nothingWentWrongUnseen() {
        context.close();
        Assert.assertEquals(complaints, List.of(), "the browser complained");
    }

    /** What kind of window a maker sits at. */
    protected Browser.NewContextOptions windowOptions() {
        return new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setAcceptDownloads(true)
                .setServiceWorkers(ServiceWorkerPolicy.BLOCK);
    }

    /** One more window of the same browser. */
    protected Page window() {
        Page opened = context.newPage();
        opened.onPageError(complaints::add);
        return opened;
    }

    /** Does something to the studio's data behind the application's back. */
    protected void harm(String statement) {
        try (Connection database = application.getBean(DataSource.class).getConnection();
                Statement one = database.createStatement()) {
            one.execute(statement);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Opens a demo species on its plate by its name, through the shelf. */
    protected void openPlate(Page in, String name) {
        in.navigate(base + "/shelf");
        in.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
        in.waitForSelector("[data-face] path");
    }

    /** Opens an order at the bench by its name, in a studio. */
    protected void openBench(String studio, String order) {
        page.navigate(studio + "/orders");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(order))
                .first()
                .click();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Bench").setExact(true))
                .click();
        PlaywrightAssertions.assertThat(page.locator("h1")).hasText("Mix the shades");
    }

    /** Selects a part by its bead. */
    protected void select(Page in, String partId) {
        in.locator("[data-bead=" + partId + "]").click();
    }

    /** Takes one of the choices that are shown by their pictures. */
    protected void pick(Page in, String field, String choice) {
        in.locator("[data-choice='" + field + "']").click();
        in.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(choice).setExact(true))
                .click();
    }

    /** The number of a figure in the reckoning. */
    protected String figure(Page in, String key) {
        return in.locator("[data-figure=" + key + "] [data-value]").first().innerText();
    }

    /** Waits until something holds that no single element shows. */
    protected void until(String what, BooleanSupplier holds) {
        for (int i = 0; i < PATIENCE_MS / EVERY_MS; i++) {
            if (holds.getAsBoolean()) {
                return;
            }
            page.waitForTimeout(EVERY_MS);
        }
        throw new AssertionError("in vain: " + what);
    }

    private static final double EVERY_MS = 50;

    /** Waits until the draft is kept on the server. */
    protected void waitKept(Page in) {
        in.waitForSelector("[data-state=kept]");
    }
}
