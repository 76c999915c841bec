package rotagens.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Debian's Chromium without a window. Nothing outside the product's own address is ever asked. */
final class Chromium implements AutoCloseable {

    private static final double PATIENCE_MS = 20_000;

    private final Playwright playwright = Playwright.create();
    private final Browser browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setChromiumSandbox(false)
                    .setArgs(List.of(
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
    private final List<String> complaints = new ArrayList<>();
    private final Map<Request, Instant> underWay = new LinkedHashMap<>();

    Chromium() {
        // A busy machine is slow, not wrong.
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    Page open(String address, int width, int height) {
        return open(address, width, height, true);
    }

    /** With the pages the browser keeps for itself: filtering addresses would shut its own store out. */
    Page openAsInstalled(String address, int width, int height) {
        return open(address, width, height, false);
    }

    private Page open(String address, int width, int height, boolean filtered) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        String own = address.replaceFirst("(https?://[^/]+).*", "$1");
        if (filtered) {
            context.route(url -> !url.startsWith(own), route -> route.abort());
        }
        Page page = context.newPage();
        page.onPageError(complaints::add);
        page.onRequest(asked -> underWay.put(asked, Instant.now()));
        page.onRequestFinished(underWay::remove);
        page.onRequestFailed(underWay::remove);
        page.navigate(address);
        return page;
    }

    /** Script errors seen so far; a healthy page has none. */
    List<String> complaints() {
        return complaints;
    }

    /** Keeps a picture of every page that is open, numbered under this name, and says what still waits for an answer. */
    void takePictures(Path name) {
        underWay.forEach(
                (asked, since) -> System.out.println(since + " not answered: " + asked.method() + " " + asked.url()));
        int number = 0;
        for (BrowserContext context : browser.contexts()) {
            for (Page page : context.pages()) {
                number++;
                page.screenshot(new Page.ScreenshotOptions()
                        .setPath(name.resolveSibling(name.getFileName() + "-" + number + ".png")));
            }
        }
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
