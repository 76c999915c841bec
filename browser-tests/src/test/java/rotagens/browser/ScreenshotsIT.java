package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Makes the pictures in docs/screenshots from the demo data. */
@EnabledIfSystemProperty(named = "rotagens.screenshots", matches = ".+")
class ScreenshotsIT {

    private final Path folder = Path.of(System.getProperty("rotagens.screenshots", "."));

    @Test
    @DisplayName("one current picture of each main view")
    void pictures() {
        try (RunningProduct product = RunningProduct.onWholeDemo();
                Chromium chromium = new Chromium()) {
            Page page = chromium.open(product.address(), 1280, 800);
            OnDemoFleet.signIn(page, "Ines Okafor, coordinator");
            take(page, "fleet", "Replace tire");
            openVehicle(page);
            take(page, "vehicle-overview", "Needs a decision");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start walk-around"))
                    .click();
            enter(page, "1L steer left", "108", "12", "11", "12");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Next position"))
                    .click();
            enter(page, "2LO drive left outer", "86", "9", "6", "9");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Valve cap missing"))
                    .click();
            assertThat(page.locator("section[aria-label=Verdict]")).containsText("Valve cap missing");
            assertThat(page.getByText("Hand and eye").first()).isVisible();
            String walk = page.url();
            Page phone = chromium.open(product.address(), 390, 844);
            OnDemoFleet.signIn(phone, "Rafe Halloran, technician");
            phone.navigate(walk);
            assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("2LO drive left outer")))
                    .isVisible();
            take(phone, "walk-around-phone", "Hand and eye");
            phone.navigate(product.at("/today"));
            take(phone, "today-phone", "Open the job sheet");
            register(page, product);
            page.navigate(product.at("/vehicles/{LC-01}/load-pressure"));
            take(page, "load-pressure", "Loss of pressure");
            page.navigate(product.at("/vehicles/{LC-03}/wear"));
            take(page, "wear", "outer shoulder worn");
            page.navigate(product.at("/vehicles/{LC-03}/rotation"));
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Newest on steer"))
                    .click();
            take(page, "rotation", "proven best");
            workshop(page, phone, product);
            phone.navigate(product.at("/vehicles/{LC-04}/check-and-adjust"));
            phone.getByLabel("Parked for").fill("12");
            phone.locator("summary").click();
            phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go to 1R"))
                    .click();
            phone.getByLabel("Gauge reads").fill("98");
            take(phone, "adjust-phone", "Add air.");
            planning(page, product);
            takenAlong(chromium, product);
        }
    }

    /** A job's sheet where the bead is broken, and a relearn half way round. */
    private void workshop(Page page, Page phone, RunningProduct product) {
        page.navigate(product.at("/vehicles/{SH-02}/jobs"));
        String sheet = WorkshopIT.sheetOf(page, "Replace tire");
        phone.navigate(product.at(sheet));
        while (phone.getByRole(
                                AriaRole.HEADING,
                                new Page.GetByRoleOptions()
                                        .setName("Break the beads")
                                        .setExact(true))
                        .count()
                == 0) {
            SheetHands.doIt(phone, SheetHands.title(phone));
            SheetHands.mark(phone);
        }
        take(phone, "job-sheet-phone", "opposite the bead breaker");
        page.navigate(product.at("/vehicles/{VN-04}/sensors"));
        WorkshopIT.startWithTool(page);
        OnDemoFleet.button(page, "Key fob").click();
        OnDemoFleet.button(page, "Tool at 1L").click();
        assertThat(page.getByText("1R: Hold the activation tool")).isVisible();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Relearn"))
                .first()
                .evaluate("heading => window.scrollTo(0, heading.getBoundingClientRect().top + window.scrollY - 70)");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve("relearn.png")));
    }

    private void takenAlong(Chromium chromium, RunningProduct product) {
        Page phone = chromium.openAsInstalled(product.address(), 390, 844);
        OnDemoFleet.signIn(phone, "Rafe Halloran, technician");
        OfflineIT.takeAlong(phone, product.address());
        phone.context().setOffline(true);
        OfflineIT.walkAround(phone, "SH-02").click();
        phone.getByLabel("Tire pressure").fill("61");
        assertThat(phone.getByText("saved on this device", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        phone.navigate(product.at("/offline"));
        take(phone, "offline-phone", "Waiting to upload");
    }

    /** The register's views: stock, receiving, reading a sidewall, building a vehicle, one tire, the DOT sheet. */
    private void register(Page page, RunningProduct product) {
        page.navigate(product.at("/stock"));
        take(page, "stock", "LM2003");
        page.navigate(product.at("/tires/{LC-03 2LI}"));
        take(page, "tire", "Installations");
        page.navigate(product.at("/stock/orders"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Receive…"))
                .first()
                .click();
        page.getByLabel("Tires that came").fill("2");
        page.getByLabel("DOT code of tire 1").fill("3CT2AB123426");
        page.getByLabel("DOT code of tire 2").fill("3CT2AB121025");
        assertThat(page.getByText("Made in week 10 of 2025")).isVisible();
        take(page, "receiving", "As ordered.");
        page.navigate(product.at("/stock/catalog"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add tire model…"))
                .click();
        page.getByLabel("Sidewall marking as molded").fill("lt245/75r17121/118s e");
        take(page, "sidewall", "ply rating 10");
    }

    /** Planning's views: bays and hours after a plan was taken, the years ahead, the month, the questions. */
    private void planning(Page page, RunningProduct product) {
        page.navigate(product.at("/shop/calendar"));
        take(page, "shop", "Schedule");
        page.navigate(product.at("/outlook"));
        take(page, "outlook", "Tire timelines");
        page.navigate(product.at("/outlook/monthly-report"));
        take(page, "month", "vehicles out of service");
        page.navigate(product.at("/questions"));
        take(page, "questions", "80% of target");
    }

    private static void openVehicle(Page page) {
        page.locator("section[aria-label=Vehicles] a", new Page.LocatorOptions().setHasText("LC-03"))
                .click();
        assertThat(page.getByText("Needs a decision")).isVisible();
    }

    private static void enter(Page page, String heading, String psi, String outer, String center, String inner) {
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(heading)))
                .isVisible();
        page.getByLabel("Tire pressure").fill(psi);
        page.getByLabel("Tread outer").fill(outer);
        page.getByLabel("Tread center").fill(center);
        page.getByLabel("Tread inner").fill(inner);
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    /** Takes the picture once the view shows its own words. */
    private void take(Page page, String name, String shows) {
        assertThat(page.getByText(shows).first()).isVisible();
        assertThat(page.getByLabel("Loading")).hasCount(0);
        page.waitForFunction("() => !document.querySelector('[aria-busy=true], .MuiSkeleton-root')");
        page.evaluate("() => document.fonts.ready");
        page.evaluate("() => window.scrollTo(0, 0)");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
