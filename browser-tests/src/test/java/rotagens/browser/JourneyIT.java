package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The coordinator's main job, done once through the real interface on a fresh demo fleet. */
class JourneyIT extends OnDemoFleet {

    @Test
    @DisplayName("yard, vehicle, walk-around by keyboard, verdict, due, schedule, done; all there after a restart")
    void wholeJourney() {
        Page page = chromium.open(product.address(), 1280, 800);
        signIn(page, "Ines Okafor, coordinator");
        assertThat(page.getByRole(AriaRole.HEADING, named("Fleet"))).isVisible();
        assertThat(page.locator("section[aria-label=Vehicles] a")).hasCount(24);

        toVehicle(page, "SP-01");
        assertThat(page.getByText("Needs a decision")).isVisible();
        button(page, "Start walk-around").click();
        assertThat(page.getByRole(AriaRole.HEADING, named("1L steer left"))).isVisible();

        walkByKeyboard(page, "59", "8", "8", "8");
        assertThat(page.getByRole(AriaRole.HEADING, named("2L drive left"))).isVisible();
        Locator verdict = page.locator("section[aria-label=Verdict]");
        typeOne(page, "60", "9", "9", "9");
        assertThat(verdict).containsText("2L do not operate, provisional");
        button(page, "Confirm reading").click();
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(verdict).containsText("60 psi, target 75 psi: 80% of target");
        assertThat(verdict).containsText("do not operate");
        button(page, "Next position").click();
        assertThat(page.getByRole(AriaRole.HEADING, named("2R drive right"))).isVisible();
        page.getByRole(AriaRole.BUTTON, named("Valve cap missing")).click();
        assertThat(verdict).containsText("Valve cap missing");
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        button(page, "Finish…").click();
        page.getByLabel(Pattern.compile("^Odometer")).fill("160000");
        button(page, "Finish walk-around").click();
        assertThat(page.getByText(Pattern.compile("othing entered at .*Say why, or read them")))
                .isVisible();
        page.getByLabel("Reason for skipping").fill("in the wash, right side only next time");
        button(page, "Finish walk-around").click();
        assertThat(page.getByText(Pattern.compile("or confirm the reading"))).isVisible();
        button(page, "Confirm odometer").click();
        assertThat(page.getByText("Do not operate: 2L")).isVisible();

        Locator damage = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("60 psi, target 75 psi"));
        assertThat(damage).containsText("Professional inspection");
        damage.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Schedule…"))
                .click();
        button(page, "Schedule").click();
        page.getByRole(AriaRole.LINK, named("Shop")).click();
        Locator job = page.getByRole(AriaRole.ARTICLE).filter(new Locator.FilterOptions().setHasText("SP-01"));
        assertThat(job).containsText("Professional inspection");

        job.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Complete job…"))
                .click();
        button(page, "Complete job").click();
        assertThat(page.getByText("Choose what the tire professional found.")).isVisible();
        page.getByLabel("Tire professional’s verdict").click();
        page.getByRole(AriaRole.OPTION, named("sound")).click();
        page.getByLabel("Name of the professional").fill("Marrow Street Tire Service");
        page.getByLabel("Cold pressure after").fill("75");
        button(page, "Complete job").click();
        assertThat(page.getByRole(AriaRole.HEADING, named("Done lately"))).isVisible();

        product.restart();
        page.navigate(product.address() + "/shop");
        // What follows the work stands open beside it.
        Locator done = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("SP-01, done"));
        assertThat(done).containsText("by Ines Okafor");
        assertThat(done).containsText("Sound, Marrow Street Tire Service. 75 psi cold.");
        done.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("SP-01"))
                .click();
        assertThat(page.getByText("Valve cap missing, seen").first()).isVisible();
        assertThat(page.getByText("Do not operate")).hasCount(0);
        page.getByRole(AriaRole.LINK, named("History")).click();
        assertThat(page.getByText("60 psi cold, tread 9/32 in · 9/32 in · 9/32 in")
                        .first())
                .isVisible();
        assertThat(chromium.complaints()).isEmpty();
    }

    @Test
    @DisplayName("a wrong figure is marked at its field, the rest is kept, and closing the page loses nothing")
    void nothingTypedIsLost() {
        Page page = chromium.open(product.address() + "/", 390, 844);
        signIn(page, "Tomas Weil, technician");
        page.getByText("Yard", new Page.GetByTextOptions().setExact(true))
                .last()
                .click();
        page.getByRole(AriaRole.BUTTON, named("Vehicles").setExact(true)).click();
        toVehicle(page, "VN-05");
        button(page, "Start walk-around").click();
        assertThat(page.getByRole(AriaRole.HEADING, named("1L steer left"))).isVisible();
        page.getByLabel("Tire pressure").fill("48");
        page.getByLabel("Tread outer").fill("9x");
        assertThat(page.getByText("“x” is not a unit of tread depth")).isVisible();
        assertThat(page.getByLabel("Tread outer")).hasValue("9x");

        page.reload();
        assertThat(page.getByLabel("Tire pressure")).hasValue("48");
        assertThat(page.getByLabel("Tread outer")).hasValue("9x");
        page.getByLabel("Tread outer").fill("7");
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    @DisplayName("what was acknowledged as saved survives the plug being pulled")
    void survivesAKill() {
        try (RunningProduct own = RunningProduct.onDemoData()) {
            Page page = chromium.open(own.address() + "/", 1280, 800);
            signIn(page, "Tomas Weil, technician");
            toVehicle(page, "TR-01");
            button(page, "Start walk-around").click();
            walkOne(page, "78", "5", "5", "5");
            String walk = page.url();

            own.kill();
            page.getByLabel("Tread inner").fill("4");
            assertThat(page.getByText("saved on this device", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            own.startAgain();
            Page other = chromium.open(own.address() + "/", 1280, 800);
            signIn(other, "Rafe Halloran, technician");
            other.navigate(walk);
            assertThat(other.getByLabel("Tire pressure")).hasValue("78");
            assertThat(other.getByLabel("Tread inner")).hasValue("5");

            // The session went with the process: signing in again on top keeps what was typed.
            page.evaluate("() => window.dispatchEvent(new Event('online'))");
            page.getByRole(AriaRole.BUTTON, named("Tomas Weil, technician")).click();
            assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            other.reload();
            assertThat(other.getByLabel("Tread inner")).hasValue("4");
        }
    }

    @Test
    @DisplayName("filters narrow the yard and its due list together")
    void filters() {
        Page page = chromium.open(product.address() + "/?class=Clinic+coach", 1280, 800);
        signIn(page, "Lio Marsh, viewer");
        assertThat(page.locator("section[aria-label=Vehicles] a")).hasCount(5);
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("bulge");
        assertThat(page.locator("section[aria-label=Vehicles] a")).hasCount(1);
        assertThat(page.locator("section[aria-label=Due] li")).hasCount(1);
        assertThat(page.locator("section[aria-label=Due] li")).containsText("LC-03");
    }

    @Test
    @DisplayName("a walk-around and a vehicle in metric units pass the accessibility scan")
    void accessible() {
        Page page = open("/vehicles/{LC-03}", TECHNICIAN);
        page.getByText("kPa · mm").click();
        assertThat(page.getByText("524 kPa, target 655 kPa: 80% of target.")).isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
        button(page, "Start walk-around").click();
        assertThat(page.getByRole(AriaRole.HEADING, named("1L steer left"))).isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
    }

    private static void walkByKeyboard(Page page, String psi, String outer, String center, String inner) {
        walkOne(page, psi, outer, center, inner);
        page.keyboard().press("Enter");
    }

    /** Types the four figures with Enter between them; the first field has the focus already. */
    private static void walkOne(Page page, String psi, String outer, String center, String inner) {
        typeOne(page, psi, outer, center, inner);
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    private static void typeOne(Page page, String psi, String outer, String center, String inner) {
        assertThat(page.getByLabel("Tire pressure")).isFocused();
        page.keyboard().type(psi);
        for (String depth : new String[] {outer, center, inner}) {
            page.keyboard().press("Enter");
            page.keyboard().type(depth);
        }
    }
}
