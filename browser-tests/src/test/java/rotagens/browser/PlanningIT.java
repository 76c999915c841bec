package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.time.DayOfWeek;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The weeks planned, a job moved into a conflict and back, the feed, two strategies compared and one taken. */
class PlanningIT extends OnDemoFleet {

    private static final LocatorAssertions.IsVisibleOptions LONG =
            new LocatorAssertions.IsVisibleOptions().setTimeout(120_000);

    private static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, named(name).setExact(true));
    }

    @Test
    @DisplayName(
            "eight weeks are planned and taken; a job moved over another says which rule, and back it stands clean")
    void eightWeeks() {
        Page page = open("/shop/calendar", COORDINATOR, 1280);
        button(page, "Propose schedule").click();
        assertThat(button(page, "Accept schedule"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(120_000));
        Assertions.assertThat(Accessibility.faults(page)).isEmpty();
        button(page, "Accept schedule").click();
        assertThat(page.getByText(Pattern.compile("have a place, [1-9]"))).isVisible();
        // Early in a week it holds the work, at its end the next one does.
        if (today(page).getDayOfWeek().compareTo(DayOfWeek.THURSDAY) > 0) {
            button(page, "Week after").click();
        }
        Locator blocks = page.locator("button[draggable=true][aria-label*=' bay ']");
        assertThat(blocks.first()).isVisible();
        assertThat(page.getByText("conflict with a rule")).hasCount(0);
        Locator job = blocks.first();
        String label = job.getAttribute("aria-label");
        String unit = label.replaceAll(",.*", "");
        job.focus();
        page.keyboard().press("Enter");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByText("Why this time")).isVisible();
        Assertions.assertThat(Accessibility.faults(page)).isEmpty();
        String from = dialog.getByLabel("From").inputValue();
        dialog.getByLabel("From").fill("04:00");
        button(page, "Save time slot").click();
        assertThat(page.getByText("1 job conflicts with a rule:")).isVisible();
        Locator moved = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                        .setName(Pattern.compile(unit + ", 04:00.*conflict: Outside opening hours")));
        assertThat(moved).isVisible();
        moved.click();
        dialog.getByLabel("From").fill(from);
        button(page, "Save time slot").click();
        assertThat(page.getByText("1 job conflicts with a rule:")).hasCount(0);
    }

    @Test
    @DisplayName("a calendar program reads the shop's days under a private address, until it is taken back")
    void feed() {
        Page page = open("/shop/setup", COORDINATOR, 1280);
        button(page, "Create private link").click();
        String address = page.locator("code").textContent();
        APIResponse calendar = page.request().get(address);
        Assertions.assertThat(calendar.text()).startsWith("BEGIN:VCALENDAR").contains("PRODID:-//Rotagens//Shop//EN");
        region(page, "Calendars").getByText("Revoke link").first().click();
        assertThat(region(page, "Calendars").getByText("Revoke link")).hasCount(0);
        Assertions.assertThat(page.request().get(address).status()).isEqualTo(404);
    }

    @Test
    @DisplayName("two strategies are compared, a number is tried, and one becomes jobs and an order list")
    void outlook() {
        Page page = open("/outlook", COORDINATOR, 1280);
        assertThat(region(page, "Tire timelines")).isVisible(LONG);
        page.getByLabel("Vehicle class").click();
        page.getByRole(AriaRole.OPTION, named("Service van")).click();
        page.getByRole(AriaRole.RADIO, named("All at once")).check();
        assertThat(page.getByRole(AriaRole.RADIO, named("All at once"))).isChecked();
        page.getByLabel("Overall age").fill("5");
        assertThat(page.getByText("With the numbers tried")).isVisible();
        page.getByLabel("Steer age").fill("6");
        assertThat(page.getByText("exceeds the overall age limit (5 years)")).isVisible();
        page.getByLabel("Steer age").fill("");
        page.getByLabel("Overall age").fill("");
        page.getByRole(AriaRole.RADIO, named("Planned visits")).check();
        button(page, "Schedule the next two years…").click();
        button(page, "Create jobs").click();
        assertThat(page.getByText(Pattern.compile("jobs? for \\d+ tires? scheduled")))
                .isVisible();
        page.getByRole(AriaRole.LINK, named("Stock")).first().click();
        page.getByRole(AriaRole.LINK, named("To order")).click();
        assertThat(page.getByText("tires for open jobs")).isVisible();
        assertThat(page.getByText(Pattern.compile("VN-0\\d")).first()).isVisible();
        page.getByRole(AriaRole.LINK, named("Outlook")).first().click();
        page.getByRole(AriaRole.LINK, named("Monthly report")).click();
        assertThat(page.getByText("vehicles out of service")).isVisible();
    }

    @Test
    @DisplayName(
            "the first question of the morning is one step from the yard; combined with another it is kept under a name")
    void questions() {
        Page page = open("/", COORDINATOR, 1280);
        page.getByRole(AriaRole.LINK, named("Questions")).click();
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Questions").setLevel(1)))
                .isVisible();
        assertThat(page.getByText("80% of target").first()).isVisible();
        page.getByLabel("Combine: Never weighed").click();
        assertThat(page.getByText("Only vehicles that come up in every question"))
                .isVisible();
        button(page, "Keep it under a name…").click();
        page.getByLabel("Name").fill("Stopped and never weighed");
        button(page, "Keep it").last().click();
        assertThat(page.getByRole(AriaRole.LINK, named("Stopped and never weighed")))
                .isVisible();
    }

    @Test
    @DisplayName("a due check is left until a day with a reason, and says by whom until it is taken back")
    void leave() {
        Page page = open("/", COORDINATOR, 1280);
        page.getByRole(AriaRole.BUTTON, named("Reasons for VN-02: Rotate")).click();
        page.getByRole(AriaRole.BUTTON, named("Postpone Rotate, VN-02")).click();
        assertThat(page.getByText("Waiting means:")).isVisible();
        button(page, "Postpone").click();
        assertThat(page.getByText("Choose until when.")).isVisible();
        page.getByLabel("Until").fill(today(page).plusDays(20).toString());
        page.getByRole(AriaRole.DIALOG).getByLabel("Reason").fill("out on loan");
        button(page, "Postpone").click();
        assertThat(page.getByText("by Ines Okafor: out on loan")).isVisible();
        button(page, "End postponement").click();
        assertThat(page.getByText("by Ines Okafor: out on loan")).hasCount(0);
    }
}
