package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Where two people change the same thing, and where the machine's clock can't be right. */
class TrustIT extends OnDemoFleet {

    private static final String MANAGER = "Dana Prestwick, manager";

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    @DisplayName(
            "two change the same vehicle: whoever is second sees both versions, chooses where both changed it, and nothing is lost")
    void bothVersions() {
        Page second = open("/vehicles/{LC-05}/edit", COORDINATOR);
        Page first = open("/vehicles/{LC-05}/edit", MANAGER);
        field(first, "Vehicle class").fill("Long coach");
        field(first, "Yard").fill("Northgate");
        button(first, "Save the changes").click();
        assertThat(first.getByText("Changes saved.")).isVisible();

        field(second, "Vehicle class").fill("Spare coach");
        field(second, "GVWR from the plate").fill("45000");
        button(second, "Save the changes").click();
        Locator both = second.getByRole(AriaRole.REGION, named("Both versions"));
        assertThat(both).containsText("both changed it");
        assertThat(button(second, "1 to choose")).isDisabled();
        Assertions.assertThat(Accessibility.faults(second)).isEmpty();
        both.getByLabel("yours, Spare coach").check();
        button(second, "Go on with these").click();
        assertThat(field(second, "Yard")).hasValue("Northgate");
        assertThat(field(second, "Vehicle class")).hasValue("Spare coach");
        button(second, "Save the changes").click();
        assertThat(second.getByText("Changes saved.")).isVisible();
        first.navigate(product.at("/vehicles/{LC-05}/edit"));
        assertThat(field(first, "Vehicle class")).hasValue("Spare coach");
        assertThat(field(first, "Yard")).hasValue("Northgate");
        assertThat(field(first, "GVWR from the plate")).hasValue(Pattern.compile("45,?000.*"));
    }

    @Test
    @DisplayName(
            "a clock behind what is stored is told to everybody, nothing is stored by it, and a manager can say that it is right")
    void clock() {
        try (RunningProduct own = RunningProduct.onDemoData()) {
            Page page = chromium.open(own.at("/vehicles/{LC-05}"), 1280, 800);
            signIn(page, TECHNICIAN);
            button(page, "Start walk-around").click();
            assertThat(page.getByRole(AriaRole.HEADING, named("1L steer left"))).isVisible();
            own.close();
            own.onRecords("update walk_around"
                    + " set started_at = (cast(substr(started_at, 1, 4) as integer) + 1) || substr(started_at, 5)");
            own.startAgain();
            page.navigate(own.at("/vehicles/{VN-01}"));
            assertThat(page.getByText("Nothing is stored until the clock is set right"))
                    .isVisible();
            assertThat(button(page, "The clock is right now")).hasCount(0);
            button(page, "Start walk-around").click();
            assertThat(page.getByText("but something was stored on")).hasCount(2);

            Page manager = chromium.open(own.address() + "/", 1280, 800);
            signIn(manager, MANAGER);
            Assertions.assertThat(Accessibility.faults(manager)).isEmpty();
            button(manager, "The clock is right now").click();
            assertThat(manager.getByText("Nothing is stored until the clock is set right"))
                    .hasCount(0);
            page.reload();
            button(page, "Start walk-around").click();
            assertThat(page.getByRole(AriaRole.HEADING, named("1L steer left"))).isVisible();
        }
    }
}
