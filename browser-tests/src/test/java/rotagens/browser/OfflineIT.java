package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** In the yard without network, and what a walk-around covers beside its figures, through the real interface. */
class OfflineIT extends OnDemoFleet {

    /** A phone that keeps the pages, as one added to the home screen does. */
    private static Page installed(String person) {
        Page page = chromium.openAsInstalled(product.address() + "/", 390, 844);
        signIn(page, person);
        return page;
    }

    private static void network(Page page, boolean there) {
        page.context().setOffline(!there);
        if (there) {
            page.evaluate("() => window.dispatchEvent(new Event('online'))");
        }
    }

    /** Takes the whole fleet along, once the browser keeps the pages. */
    static void takeAlong(Page page, String address) {
        page.navigate(address + "/offline");
        assertThat(page.getByText("This device opens Rotagens without a network."))
                .isVisible();
        page.getByLabel("Yard").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Eastbank"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take along"))
                .click();
        assertThat(page.getByText(Pattern.compile("^[0-9]+ on this device$"))).isVisible();
    }

    static Locator walkAround(Page page, String unit) {
        return page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText(unit))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Walk-around"));
    }

    @Test
    @DisplayName(
            "a whole walk-around without network: opened, compared, reloaded, finished, and sent once when it returns")
    void withoutNetwork() {
        Page page = installed(TECHNICIAN);
        takeAlong(page, product.address());
        network(page, false);
        walkAround(page, "VN-01").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("1L steer left")))
                .isVisible();
        page.getByLabel("Tire pressure").fill("30");
        page.getByLabel("Tread outer").fill("2");
        assertThat(page.getByRole(
                        AriaRole.HEADING, new Page.GetByRoleOptions().setName("1L do not operate, provisional")))
                .isVisible();
        assertThat(page.getByText("Legal tread limit: 2/32 in")).isVisible();
        assertThat(page.getByText("No connection to the server")).isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();

        page.reload();
        assertThat(page.getByLabel("Tire pressure")).hasValue("30");
        button(page, "Finish…").click();
        // The position left a moment ago has a field of that name, too.
        assertThat(page.getByText("End of the walk")).isVisible();
        page.getByLabel("Reason for skipping").fill("rain");
        button(page, "Finish walk-around").click();
        assertThat(page.getByText("finishes automatically when the server is available"))
                .isVisible();

        network(page, true);
        assertThat(page.getByText("No connection to the server")).hasCount(0);
        // The figure is far from the last one: asked about before the walk-around is finished with it.
        assertThat(page.getByText("Resolve it there first")).isVisible();
        button(page, "Change").first().click();
        button(page, "Confirm reading").click();
        page.navigate(product.address() + "/offline");
        assertThat(page.getByText("Waiting to upload")).hasCount(0);
        page.navigate(product.address() + "/");
        toVehicle(page, "VN-01");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("History"))
                .click();
        assertThat(page.getByText("30 psi cold, tread 2/32 in · – · –")).hasCount(1);
        assertThat(page.getByText("Skipped: rain").first()).isVisible();
        assertThat(chromium.complaints()).isEmpty();
    }

    @Test
    @DisplayName("where two people entered the same position, both are shown and one of them chooses")
    void conflict() {
        Page away = installed(TECHNICIAN);
        takeAlong(away, product.address());
        network(away, false);
        walkAround(away, "SH-02").click();
        away.getByLabel("Tire pressure").fill("70");
        assertThat(away.getByText("saved on this device", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        Page there = installed("Tomas Weil, technician");
        toVehicle(there, "SH-02");
        button(there, "Start walk-around").click();
        there.getByLabel("Tire pressure").fill("66");
        assertThat(there.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        network(away, true);
        assertThat(away.getByText("Tomas Weil saved this position meanwhile:")).isVisible();
        assertThat(away.getByText("Conflict with another user")).isVisible();
        assertThat(away.getByLabel("Tire pressure")).hasValue("70");
        button(away, "Use your version").click();
        assertThat(away.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        there.reload();
        assertThat(there.getByLabel("Tire pressure")).hasValue("70");
    }

    @Test
    @DisplayName(
            "scope, gauges in hand, a photo and a position left out go into the history, by keyboard where it counts")
    void wholeWalk() throws Exception {
        Page page = installed(COORDINATOR);
        toVehicle(page, "SP-03");
        button(page, "Start with another scope").press("Enter");
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Pressure only"))
                .press("Enter");
        button(page, "Which gauges?").click();
        page.getByLabel("Pressure gauge").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("P-2"))
                .click();
        assertThat(page.getByText("P-2 was calibrated")).isVisible();
        button(page, "Done").click();
        assertThat(page.getByLabel("Tread outer")).hasCount(0);
        page.getByLabel("Tire pressure").fill("41");
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        Path photo = Files.createTempFile("photo", ".png");
        page.screenshot(new Page.ScreenshotOptions().setPath(photo));
        page.locator("input[type=file]").setInputFiles(photo);
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("1L, ")))
                .isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
        button(page, "Next position").click();
        button(page, "Skip position…").click();
        button(page, "Wheel removed").click();
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        button(page, "Finish…").click();
        // The position left a moment ago has a field of that name, too.
        assertThat(page.getByText("End of the walk")).isVisible();
        page.getByLabel("Reason for skipping").fill("dark");
        button(page, "Finish walk-around").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("History"))
                .click();
        assertThat(page.getByText("41 psi cold, with P-2")).isVisible();
        assertThat(page.getByText("Skipped: Wheel removed")).isVisible();
        page.navigate(product.address() + "/reference/gauges");
        assertThat(page.getByText("Check it against a master gauge").first()).isVisible();
    }
}
