package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The main tasks with the keys alone, from the first Tab to the last Enter. */
class KeyboardIT extends OnDemoFleet {

    private static Page.GetByLabelOptions exact() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static Locator text(Page page, String words) {
        return page.getByText(words).first();
    }

    @Test
    @DisplayName("by keys alone what must not leave is chosen in the due list, put on a day and signed off")
    void fromDueToDone() {
        Page page = open("/", COORDINATOR);
        Hands hands = new Hands(page);
        hands.press("Reasons for LC-03: Professional inspection 2RO 3R");
        hands.reach(page.getByLabel("Choose: Professional inspection, LC-03 2RO"));
        page.keyboard().press("Space");
        hands.reachBack(button(page, "Schedule 1…"));
        page.keyboard().press("Enter");
        assertThat(text(page, "in the shop at")).isVisible();
        // A visit of its own, whatever other tests have put on a day for this vehicle.
        if (page.getByLabel("Add to the job").count() > 0) {
            page.getByLabel("Add to the job").uncheck();
        }
        hands.press("Schedule");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        hands.jump("shop", "Shop");
        assertThat(page.getByRole(AriaRole.HEADING, named("Shop"))).isVisible();
        hands.press(page.getByRole(AriaRole.ARTICLE, named("LC-03"))
                .filter(new Locator.FilterOptions().setHasText("Professional inspection"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Complete job…")));
        hands.choose(page.getByLabel("Tire professional’s verdict"), "sound");
        hands.write(page.getByLabel("Name of the professional"), "Marrow Street Tire Service");
        hands.write(page.getByLabel("Cold pressure after").first(), "95");
        // Its mate was let down with it.
        hands.write(page.getByLabel("Cold pressure after").nth(1), "95");
        hands.press("Complete job");
        assertThat(page.getByRole(AriaRole.HEADING, named("Done lately"))).isVisible();
    }

    @Test
    @DisplayName("by keys alone a low tire is checked, filled and checked again")
    void air() {
        Page page = open("/vehicles/{VN-01}/check-and-adjust", TECHNICIAN);
        Hands hands = new Hands(page);
        hands.write(page.getByLabel("Parked for"), "12");
        hands.press("Go to 2R");
        hands.write(page.getByLabel("Gauge reads", exact()), "59");
        assertThat(text(page, "Add air.")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Gauge reads after")).isFocused();
        page.keyboard().type("65");
        assertThat(text(page, "On target. Cap on.")).isVisible();
        hands.press("Save and next");
        assertThat(text(page, "1R steer right")).isVisible();
    }

    @Test
    @DisplayName("by keys alone an arrangement is proposed and made a job")
    void rotation() {
        Page page = open("/vehicles/{LC-03}/rotation", COORDINATOR);
        Hands hands = new Hands(page);
        hands.pressIn("Goal", "Newest on steer");
        assertThat(page.getByText("proven best")).isVisible();
        hands.press("Schedule rotation…");
        hands.press("Schedule rotation");
        assertThat(page.getByText("rotation: newest on steer")).isVisible();
    }

    @Test
    @DisplayName("by keys alone a tire comes off its vehicle and another is fitted from stock")
    void fitting() {
        Page page = open("/vehicles/{SH-02}", TECHNICIAN);
        Hands hands = new Hands(page);
        hands.press(page.getByRole(AriaRole.BUTTON, named("2LO,")));
        hands.press(page.getByRole(AriaRole.LINK, named("history, take off, move")));
        hands.press("Remove…");
        hands.write(page.getByLabel("Yard", exact()), "Eastbank");
        page.keyboard().press("Escape");
        hands.press("Remove");
        assertThat(text(page, "In stock, Eastbank")).isVisible();
        hands.jump("SH-02 2LO", "SH-02 2LO");
        hands.press("Install tire from stock…");
        Locator fitting = page.getByRole(AriaRole.DIALOG);
        hands.press(
                fitting.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^LM\\d+ ·")))
                        .first());
        hands.press("Install");
        assertThat(page.getByText("Installed at SH-02 2LO")).isVisible();
    }

    @Test
    @DisplayName("by keys alone a job’s sheet is opened from its vehicle and its first steps are ticked")
    void sheet() {
        Page page = open("/vehicles/{SH-02}", TECHNICIAN);
        Page desk = open("/vehicles/{SH-02}", COORDINATOR);
        WorkshopIT.schedule(desk, "legal limit 4/32 in");
        desk.close();
        Hands hands = new Hands(page);
        hands.press(page.getByRole(AriaRole.LINK, named("Jobs")));
        hands.press(page.getByRole(AriaRole.LINK, named("Job sheet")).first());
        assertThat(page.getByText(Pattern.compile("^0 of \\d+ steps$"))).isVisible();
        hands.press(button(page, "Done"));
        assertThat(page.getByText(Pattern.compile("^1 of \\d+ steps$"))).isVisible();
        hands.press(button(page, "Done"));
        assertThat(page.getByText(Pattern.compile("^2 of \\d+ steps$"))).isVisible();
    }

    @Test
    @DisplayName("the list of keys opens on its key and closes on Escape")
    void keys() {
        Page page = open("/", TECHNICIAN);
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.HEADING, named("Keys"))).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }
}
