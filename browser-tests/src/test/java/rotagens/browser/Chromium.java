package rotagens.browser;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Debian's Chromium without a window. Nothing outside the product's own address is ever asked. */
final class Chromium implements AutoCloseable {

    private static final double PATIENCE_MS = 20_000;

    /** How many times slower than it is the browser works; more than 1 shows what only holds on a fast machine. */
    private static final int TIMES_SLOWER = Integer.getInteger("rotagens.slower", 1);

    private static final List<String> ARGUMENTS = List.of(
            // Whatever asks for another machine finds none.
            "--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE localhost, EXCLUDE 127.0.0.1",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private final Playwright playwright = Playwright.create();
    private final Browser browser;
    private final Map<String, BrowserContext> people = new HashMap<>();
    private final List<String> complaints = new ArrayList<>();
    private final Map<Request, Instant> underWay = new LinkedHashMap<>();

    Chromium() {
        this(List.of());
    }

    /** One whose camera sees this film, a Y4M file, and is allowed to every page. */
    static Chromium seeing(Path film) {
        return new Chromium(List.of(
                "--use-fake-ui-for-media-stream",
                "--use-fake-device-for-media-stream",
                "--use-file-for-fake-video-capture=" + film));
    }

    private Chromium(List<String> more) {
        List<String> arguments = new ArrayList<>(ARGUMENTS);
        arguments.addAll(more);
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setChromiumSandbox(false)
                        .setArgs(arguments));
        // A busy machine is slow, not wrong.
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    /** A page in a browser nobody used before. */
    Page open(String address, int width, int height) {
        return page(fresh(ServiceWorkerPolicy.BLOCK), address, width, height);
    }

    /** With what the browser keeps of the product for use without network. */
    Page openAsInstalled(String address, int width, int height) {
        return page(fresh(ServiceWorkerPolicy.ALLOW), address, width, height);
    }

    /** Whether a browser of this person’s is open already. */
    boolean knows(String person) {
        return people.containsKey(person);
    }

    /** A further page in this person’s own browser. */
    Page openFor(String person, String address, int width, int height) {
        return page(people.computeIfAbsent(person, any -> fresh(ServiceWorkerPolicy.BLOCK)), address, width, height);
    }

    private BrowserContext fresh(ServiceWorkerPolicy storing) {
        return browser.newContext(
                new Browser.NewContextOptions().setServiceWorkers(storing).setReducedMotion(ReducedMotion.REDUCE));
    }

    private Page page(BrowserContext context, String address, int width, int height) {
        Page page = context.newPage();
        page.setViewportSize(width, height);
        if (TIMES_SLOWER > 1) {
            slow(page, TIMES_SLOWER);
        }
        page.onPageError(complaints::add);
        page.onRequest(asked -> underWay.put(asked, Instant.now()));
        page.onRequestFinished(underWay::remove);
        page.onRequestFailed(underWay::remove);
        page.navigate(address);
        return page;
    }

    /** From now on the page's own work takes this many times as long. */
    static void slow(Page page, int times) {
        JsonObject rate = new JsonObject();
        rate.addProperty("rate", times);
        page.context().newCDPSession(page).send("Emulation.setCPUThrottlingRate", rate);
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
