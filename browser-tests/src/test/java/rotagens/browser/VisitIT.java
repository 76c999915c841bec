package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A shop visit from what somebody asks for to the signature, and what the vehicle's file shows of it afterwards. */
class VisitIT extends OnDemoFleet {

    private static void note(Page page, String part, String... labelsAndFigures) {
        page.getByLabel("Note", new Page.GetByLabelOptions().setExact(true)).click();
        page.getByRole(AriaRole.OPTION, named(part).setExact(true)).click();
        for (int at = 0; at < labelsAndFigures.length; at += 2) {
            page.getByLabel(labelsAndFigures[at], new Page.GetByLabelOptions().setExact(true))
                    .fill(labelsAndFigures[at + 1]);
        }
    }

    private static void wish(Page page, String work) {
        button(page, "Book work…").click();
        page.getByLabel("Work", new Page.GetByLabelOptions().setExact(true)).click();
        page.getByRole(AriaRole.OPTION, named(work).setExact(true)).click();
    }

    private static void add(Page page) {
        Locator lines = page.locator("section[aria-label='Noted so far'] strong");
        int before = lines.count();
        button(page, "Add entry").click();
        assertThat(lines).not().hasCount(before);
    }

    private static void axle(Page page, String axle) {
        page.getByRole(AriaRole.BUTTON, named(axle).setExact(true)).click();
    }

    @Test
    @DisplayName(
            "a visit with weighing and a wished alignment runs from booking to the signed hand-over, and the evidence pack tells it")
    void fromBookingToHandOver() {
        Page desk = open("/", COORDINATOR);
        toVehicle(desk, "SP-04");
        desk.getByRole(AriaRole.LINK, named("Jobs")).click();
        wish(desk, "Align the wheels");
        desk.getByLabel("What is wanted, and by whom (optional)").fill("driver says it pulls left");
        button(desk, "Book").click();
        assertThat(desk.getByText("driver says it pulls left").first()).isVisible();
        wish(desk, "Weigh");
        desk.getByLabel("When", new Page.GetByLabelOptions().setExact(true)).click();
        desk.getByRole(AriaRole.OPTION, named("With the visit of")).click();
        button(desk, "Book").click();
        assertThat(desk.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(desk.getByRole(AriaRole.ARTICLE)).hasCount(1);
        desk.getByRole(AriaRole.LINK, named("Visit")).first().click();
        assertThat(desk.getByRole(AriaRole.HEADING, named("SP-04, shop visit"))).isVisible();
        assertThat(button(desk, "Sign the hand-over")).isDisabled();
        assertThat(Accessibility.faults(desk)).isEmpty();
        String visit = desk.url();

        note(desk, "Check-in: Wheel damage already there", "What", "none");
        add(desk);
        note(desk, "Before the work: Road test before: a general look for faults", "What", "pulls left");
        add(desk);
        note(desk, "Before the work: Alignment before", "Total toe", "0.55", "Toe limit, least", "0");
        desk.getByLabel("Toe limit, most").fill("0.2");
        axle(desk, "axle 1");
        add(desk);
        assertThat(desk.getByText("outside the manufacturer’s limits.").first()).isVisible();
        note(desk, "After the work: Alignment after", "Total toe", "0.1");
        assertThat(desk.getByLabel("Toe limit, most")).hasValue("0.2°");
        axle(desk, "axle 1");
        add(desk);

        desk.getByRole(AriaRole.LINK, named("Enter the scale ticket")).click();
        button(desk, "Add scale ticket…").click();
        button(desk, "Simulated wheel pads").click();
        assertThat(desk.getByLabel("Axle 1 left end")).hasValue(Pattern.compile("\\d lb$"));
        button(desk, "Save scale ticket").click();
        assertThat(desk.getByRole(AriaRole.DIALOG)).hasCount(0);

        desk.navigate(visit);
        desk.getByRole(AriaRole.LINK, named("Open the job sheet")).click();
        assertThat(desk.getByText(Pattern.compile("^2 of \\d+ steps$"))).isVisible();
        SheetHands.mark(desk);
        button(desk, "Complete job").click();
        assertThat(desk.getByRole(AriaRole.HEADING, named("SP-04, shop visit"))).isVisible();
        note(desk, "Clean-up: Everything touched cleaned, fluids and auxiliaries looked at", "What", "done");
        add(desk);
        desk.getByLabel("Person in charge: name or mail").fill("dispatch@millrace.example");
        button(desk, "Sign the hand-over").click();
        assertThat(desk.getByText("Handed over to dispatch@millrace.example")).isVisible();

        toVehicle(desk, "SP-04");
        desk.getByRole(AriaRole.LINK, named("History")).click();
        desk.getByRole(AriaRole.LINK, named("Evidence pack of SP-04")).click();
        assertThat(desk.getByRole(AriaRole.HEADING, named("SP-04, evidence pack")))
                .isVisible();
        desk.getByText("Steering, suspension, alignment, outside work").click();
        assertThat(desk.getByText("axle 1: total toe 0.1°").first()).isVisible();
        assertThat(Accessibility.faults(desk)).isEmpty();
        assertThat(chromium.complaints()).isEmpty();
    }
}
