package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The product on a fresh demo fleet and one browser for all tests of a class, and what they all do in it. */
abstract class OnDemoFleet {

    static final String COORDINATOR = "Ines Okafor, coordinator";
    static final String TECHNICIAN = "Rafe Halloran, technician";

    /** Narrower than this, a page is laid out for one hand. */
    private static final int PHONE = 600;

    static RunningProduct product;
    static Chromium chromium;

    /** What every open page showed when a test failed, in target/failures. */
    @RegisterExtension
    static final AfterTestExecutionCallback PICTURES = test -> test.getExecutionException()
            .ifPresent(failed -> chromium.takePictures(
                    Path.of("target", "failures", test.getRequiredTestMethod().getName())));

    @BeforeAll
    static void start() {
        product = RunningProduct.onDemoData();
        chromium = new Chromium();
    }

    @AfterAll
    static void stop() {
        chromium.close();
        product.close();
    }

    /** A page as one of the demo's people has it before them; a narrow one is a phone's. */
    static Page open(String path, String person, int width) {
        boolean signedIn = chromium.knows(person);
        Page page = chromium.openFor(person, product.at(path), width, width < 500 ? 844 : 800);
        if (!signedIn) {
            signIn(page, person);
        }
        assertThat(page.locator("header a").first()).isVisible();
        return page;
    }

    static Page open(String path, String person) {
        return open(path, person, 1280);
    }

    /** The day it is for the product. */
    static LocalDate today(Page page) {
        return LocalDate.parse((String) page.evaluate("async () => (await (await fetch('/api/fleet')).json()).today"));
    }

    /** Goes in as one of the demo's people, by one click. */
    static void signIn(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, named(name)).click();
        assertThat(page.locator("header a").first()).isVisible();
    }

    /** From whatever page to a vehicle's, by its picture among all vehicles. */
    static void toVehicle(Page page, String unit) {
        page.navigate(page.url().replaceAll("(https?://[^/]+).*", "$1/fleet"));
        if (page.viewportSize().width < PHONE) {
            button(page, "Vehicles").click();
        }
        page.locator("section[aria-label=Vehicles] a", new Page.LocatorOptions().setHasText(unit))
                .click();
        // The address changes before the page does: what is pressed meanwhile is pressed on the page before.
        assertThat(page.getByRole(AriaRole.HEADING, named(unit).setExact(true))).isVisible();
    }

    static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, named(name).setExact(true));
    }

    static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
