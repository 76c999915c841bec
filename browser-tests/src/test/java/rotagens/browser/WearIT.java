package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What the tread says and why, and what drivers report, through the real interface. */
class WearIT extends OnDemoFleet {

    @Test
    @DisplayName(
            "one-shoulder and center wear are named with causes, evidence for and against, and the work goes on a day")
    void diagnosis() {
        Page page = open("/vehicles/{LC-03}/wear", COORDINATOR);
        assertThat(page.getByText("1R outer shoulder worn")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Tread of 1R: outer 9/32 in")))
                .isVisible();
        Locator causes = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Causes"));
        assertThat(causes.locator("> li").first()).containsText("camber, or a bent part");
        assertThat(causes.locator("> li").first()).containsText("1L across the axle is even");
        assertThat(Accessibility.faults(page)).isEmpty();
        button(page, "Schedule this work…").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Schedule").setExact(true))
                .click();
        assertThat(page.getByText("Scheduled for")).isVisible();
        page.navigate(product.at("/vehicles/{SH-05}/wear"));
        assertThat(page.getByText("1L center worn")).isVisible();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Causes"))
                        .locator("> li")
                        .first())
                .containsText("a pressure set for a load that isn’t carried");
    }

    @Test
    @DisplayName(
            "a driver reports a lamp from the card on a phone; the coordinator lets it count, and the job gauges every corner")
    void driversReport() {
        Page desk = open("/vehicles/{VN-02}/driver-card", COORDINATOR);
        String link = desk.getByText(Pattern.compile("/report/[A-Z0-9]{12}")).innerText();
        assertThat(desk.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Code that opens")))
                .isVisible();
        Page phone = chromium.open(product.address() + link.substring(link.indexOf("/report/")), 390, 844);
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Report on VN-02")))
                .isVisible();
        button(phone, "Send the report").click();
        assertThat(phone.getByText("Choose what you noticed.")).isVisible();
        button(phone, "pressure lamp on").click();
        button(phone, "1R").click();
        phone.getByLabel("In a few words").fill("since this morning");
        assertThat(Accessibility.faults(phone)).isEmpty();
        button(phone, "Send the report").click();
        assertThat(phone.getByText("may name the wrong corner")).isVisible();
        desk.navigate(product.address());
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("driver report"))
                .click();
        assertThat(desk.getByText("pressure lamp on at 1R")).isVisible();
        desk.navigate(product.at("/vehicles/{VN-02}/wear"));
        button(desk, "Review…").click();
        desk.getByLabel("Scheduled day").fill(today(desk).plusDays(1).toString());
        button(desk, "Accept report").click();
        assertThat(desk.getByText("accepted, Ines Okafor")).isVisible();
        desk.navigate(product.at("/vehicles/{VN-02}/jobs"));
        assertThat(desk.getByText("Gauge all before adding air").first()).isVisible();
        assertThat(Accessibility.faults(desk)).isEmpty();
    }

    @Test
    @DisplayName("pattern cards teach, and a practice round shows a tread, takes an answer and says why")
    void practice() {
        Page page = open("/reference/patterns", COORDINATOR);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("cupping")))
                .isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
        button(page, "Practice").click();
        Locator gauge = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("What the gauge shows"));
        assertThat(gauge.locator("tbody tr")).hasCount(4);
        button(page, "center worn").click();
        assertThat(page.getByText("First check:")).isVisible();
        button(page, "Next tread").click();
        assertThat(page.getByText(Pattern.compile("[01] right of 1"))).isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
    }

    @Test
    @DisplayName(
            "a walk-around on a phone takes pressure and tread from the gauges, several places, and a reason for the rest")
    void walkAroundWithGauges() {
        Page phone = chromium.open(product.at("/vehicles/{SP-02}"), 390, 844);
        signIn(phone, "Rafe Halloran, technician");
        button(phone, "Start walk-around").click();
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("1L steer left")))
                .isVisible();
        button(phone, "Pair the gauges (simulated)").click();
        phone.getByLabel("Tire pressure").focus();
        button(phone, "Take it from the gauge").click();
        assertThat(phone.getByLabel("Tire pressure")).hasValue(Pattern.compile("\\d+(\\.5)? psi"));
        phone.getByLabel("Tread outer").focus();
        button(phone, "Take it from the gauge").click();
        assertThat(phone.getByLabel("Tread outer")).hasValue(Pattern.compile("[\\d.]+/32 in"));
        button(phone, "Measure more locations…").click();
        for (String field : new String[] {"1: center", "1: inner", "2: outer", "2: center", "2: inner"}) {
            phone.getByLabel(field).fill("9");
        }
        assertThat(phone.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(Accessibility.faults(phone)).isEmpty();
        button(phone, "Finish…").click();
        // The position left a moment ago has a field of that name, too.
        assertThat(phone.getByText("End of the walk")).isVisible();
        phone.getByLabel("Reason for skipping").fill("rain, the rest tomorrow");
        button(phone, "Finish walk-around").click();
        phone.waitForURL(product.at("/vehicles/{SP-02}"));
        phone.navigate(product.at("/vehicles/{SP-02}/wear?at=1L"));
        assertThat(phone.getByText("Lowest place:")).isVisible();
    }
}
