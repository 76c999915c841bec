package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Measures how long the page of a large fleet keeps its user waiting at each thing done in it. A benchmark: it judges nothing. */
@EnabledIfSystemProperty(named = "rotagens.smooth", matches = ".+")
class SmoothIT {

    private static final String COUNT_LONG_TASKS = """
            window.longTasks = []
            new PerformanceObserver((list) => list.getEntries().forEach((task) => longTasks.push(task.duration)))
              .observe({ type: 'longtask', buffered: true })
            """;
    private static final int REST_MS = 700;
    private static final int NOTCHES = 40;

    private Page page;

    @Test
    @DisplayName("the longest task of the page at each step, at the size of the fleet given")
    void longestTasks() {
        try (RunningProduct product = RunningProduct.onRecordsIn(Path.of(System.getProperty("rotagens.smooth")));
                Chromium chromium = new Chromium()) {
            page = chromium.openAsInstalled(product.address(), 1280, 800);
            page.addInitScript(COUNT_LONG_TASKS);
            OnDemoFleet.signIn(page, "coordinator");
            assertThat(page.locator("section[aria-label=Vehicles] a").first())
                    .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                            .setTimeout(120_000));
            step("program and yard, loaded anew", page::reload);
            step("yard scrolled through", this::scroll);
            step("yard scrolled back", () -> page.evaluate("() => scrollTo(0, 0)"));
            step("yard found by typing", () -> page.getByLabel("Find").fill("GF-0012"));
            step("yard, all again", () -> page.getByLabel("Find").fill(""));
            step(
                    "yard, one state",
                    () -> page.getByRole(AriaRole.BUTTON, named("watch")).click());
            step(
                    "vehicle opened",
                    () -> page.locator("section[aria-label=Vehicles] a").first().click());
            for (String part : new String[] {"Load & pressure", "Wear", "Rotation", "Overview", "History"}) {
                step(
                        "vehicle, " + part,
                        () -> page.getByRole(AriaRole.LINK, named(part)).first().click());
            }
            step("ledger scrolled through", this::scroll);
            for (String place : new String[] {"Shop", "Stock", "Outlook", "Fleet"}) {
                step(
                        place,
                        () -> page.getByRole(AriaRole.LINK, named(place))
                                .first()
                                .click());
            }
            step(
                    "Questions",
                    () -> page.getByRole(AriaRole.LINK, named("Questions")).click());
            step("answer scrolled through", this::scroll);
            step("jump, typed", () -> page.getByLabel("Search vehicles").fill("GF-0012"));
            step("Labels", () -> page.navigate(product.address() + "/labels"));
            step("Monthly report", () -> page.navigate(product.address() + "/outlook/monthly-report"));
        }
    }

    private void scroll() {
        for (int notch = 0; notch < NOTCHES; notch++) {
            page.mouse().wheel(0, 600);
            page.waitForTimeout(40);
        }
    }

    private void step(String what, Runnable doing) {
        page.evaluate("() => { window.longTasks = [] }");
        doing.run();
        page.waitForTimeout(REST_MS);
        page.waitForFunction(
                "() => !document.querySelector('[aria-busy=true], .MuiSkeleton-root')",
                null,
                new Page.WaitForFunctionOptions().setTimeout(120_000));
        page.waitForTimeout(REST_MS);
        System.out.printf(
                "%-36s longest %4.0f ms, over 100 ms: %d%n",
                what,
                ((Number) page.evaluate("() => Math.max(0, ...longTasks)")).doubleValue(),
                ((Number) page.evaluate("() => longTasks.filter((ms) => ms > 100).length")).intValue());
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
