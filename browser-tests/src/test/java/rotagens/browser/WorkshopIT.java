package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Work on the wheel by its sheet, and sensors that end up at the right corner. */
class WorkshopIT extends OnDemoFleet {

    private static Page vehicle(String unit, String tab, String person, int width) {
        Page page = open("/", person, width);
        page.keyboard().press("/");
        page.keyboard().type(unit);
        page.getByRole(AriaRole.OPTION, named(unit)).first().click();
        page.getByRole(AriaRole.LINK, named(tab)).click();
        return page;
    }

    private static Locator heading(Page page, String title) {
        return page.getByRole(AriaRole.HEADING, named(title).setExact(true));
    }

    /** Puts a due piece of work on a day and opens its sheet as a technician with a phone. */
    private static Page sheet(String unit, String ground, String work) {
        Page desk = open("/", COORDINATOR);
        desk.keyboard().press("/");
        desk.keyboard().type(unit);
        desk.getByRole(AriaRole.OPTION, named(unit)).first().click();
        schedule(desk, ground);
        desk.getByRole(AriaRole.LINK, named("Jobs")).click();
        return open(sheetOf(desk, work), TECHNICIAN, 390);
    }

    /** Puts the due work with this ground on the day that is proposed, from the vehicle's page. */
    static void schedule(Page vehicle, String ground) {
        vehicle.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(ground))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Schedule…"))
                .click();
        Locator dialog = vehicle.getByRole(AriaRole.DIALOG);
        dialog.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Schedule").setExact(true))
                .click();
        assertThat(dialog).hasCount(0);
    }

    /** The address of the sheet of the job with this work, from the vehicle's jobs. */
    static String sheetOf(Page jobs, String work) {
        return jobs.getByRole(AriaRole.ARTICLE)
                .filter(new Locator.FilterOptions().setHasText(work))
                .first()
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Job sheet"))
                .getAttribute("href");
    }

    /** Works through a sheet to its last step; where the bead seats unevenly at first, it is remounted. */
    private static void work(Page page, boolean isUneven) {
        boolean remounts = isUneven;
        for (int steps = 0; steps < 120; steps++) {
            if (page.getByText(Pattern.compile("^(\\d+) of \\1 steps$")).count() > 0) {
                break;
            }
            String title = SheetHands.title(page);
            SheetHands.doIt(page, title);
            if (title.equals("Measure the bead gap") && remounts) {
                remounts = false;
                SheetHands.gap(page, "Front", 3).fill("6");
                SheetHands.next(page);
                assertThat(page.getByText("Outside limits:")).isVisible();
                assertThat(page.getByText("Tried before")).hasCount(0);
                button(page, "Complete job").click();
                assertThat(page.getByText("Complete first: Core out").first()).isVisible();
                org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page))
                        .isEmpty();
                button(page, "Go to core out").click();
                assertThat(heading(page, "Core out")).isVisible();
                continue;
            }
            SheetHands.mark(page);
        }
        org.assertj.core.api.Assertions.assertThat(remounts).isFalse();
    }

    @Test
    @DisplayName(
            "a dual that ran low comes off and goes back by two people: its mate goes down with it, an uneven bead is remounted, and both end at their targets")
    void dualByTwo() {
        Page page = sheet("LC-03", "2RO", "Professional inspection");
        work(page, true);
        page.getByRole(AriaRole.BUTTON, named("Wheel off done")).first().click();
        assertThat(page.getByText("with Tomas Weil").first()).isVisible();
        page.getByRole(AriaRole.BUTTON, named("Measure the bead gap done")).click();
        assertThat(page.getByText("Tried before").first()).isVisible();
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page)).isEmpty();
        button(page, "Complete job").click();
        assertThat(heading(page, "Hand-over")).isVisible();
    }

    @Test
    @DisplayName("a cracked wheel stops its sheet, and the work goes on with another wheel")
    void crackedWheel() {
        Page page = sheet("VN-02", "2L", "Replace tire");
        for (int steps = 0; steps < 60 && !SheetHands.title(page).equals("Wheel clean and sound"); steps++) {
            SheetHands.doIt(page, SheetHands.title(page));
            SheetHands.mark(page);
        }
        page.getByRole(AriaRole.BUTTON, named("cracked").setExact(true)).click();
        SheetHands.next(page);
        assertThat(page.getByText("The wheel is out of service: cracked.")).isVisible();
        assertThat(button(page, "Skip…")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, named("another wheel, sound").setExact(true))
                .click();
        SheetHands.next(page);
        assertThat(page.getByText("Look at the wheel that goes on: hub- or stud-piloted."))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, named("stud-piloted").setExact(true)).click();
        SheetHands.mark(page);
        assertThat(heading(page, "Tire on the wheel")).isVisible();
        page.getByRole(AriaRole.BUTTON, named("Torque in the star")).click();
        assertThat(page.getByText("The wheel’s torque isn’t on file")).isVisible();
    }

    @Test
    @DisplayName(
            "a steer tire is replaced on a phone with every gate: a bead gap 3/32 apart keeps the sheet open until it is remounted")
    void steerReplacement() {
        Page page = sheet("SH-02", "legal limit 4/32 in", "Replace tire");
        assertThat(heading(page, "Secure the vehicle")).isVisible();
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page)).isEmpty();
        Page second = open(page.url().replace(product.address(), ""), COORDINATOR, 1280);
        assertThat(second.getByText(Pattern.compile("^0 of \\d+ steps$"))).isVisible();
        SheetHands.next(page);
        // The other person sees the tick without doing anything.
        assertThat(second.getByText(Pattern.compile("^1 of \\d+ steps$"))).isVisible();
        second.close();
        work(page, true);
        button(page, "Complete job").click();
        assertThat(heading(page, "Hand-over")).isVisible();
        assertThat(page.getByText("3CT2XR5M2226").first()).isVisible();
        assertThat(page.getByText("Re-torque").first()).isVisible();
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page)).isEmpty();
        org.assertj.core.api.Assertions.assertThat(chromium.complaints()).isEmpty();
    }

    /** Starts a relearn with the tool on a simulated vehicle without faults, ignition on. */
    static void startWithTool(Page page) {
        button(page, "Start, with the activation tool").click();
        button(page, "Automatic lamps off").click();
        plug(page, "", "");
    }

    private static void plug(Page page, String dead, String crossed) {
        page.getByText("Simulated sensor system").click();
        page.getByLabel("Dead sensors").fill(dead);
        page.getByLabel("Swapped sensors").fill(crossed);
        button(page, "Plug it in").click();
        button(page, "Ignition on").click();
        assertThat(button(page, "Ignition off")).isVisible();
    }

    private static String target(Page page, String corner) {
        return SheetHands.found(
                corner + " ?target ([0-9.]+)",
                page.getByRole(AriaRole.REGION, named("Relearn")).textContent());
    }

    private static void gauge(Page page, String corner, String figure) {
        Locator field = page.getByLabel("Gauge " + corner);
        field.fill(figure);
        field.press("Tab");
    }

    @Test
    @DisplayName("a relearn with the tool ends once dash and gauge agree at every corner, not with the horn")
    void relearnWithTheTool() {
        Page page = vehicle("VN-02", "Sensors", TECHNICIAN, 1280);
        startWithTool(page);
        button(page, "Key fob").click();
        for (String corner : new String[] {"1L", "1R", "2R", "2L"}) {
            button(page, "Tool at " + corner).click();
            assertThat(page.getByRole(
                            AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile(corner + "[^;]*heard"))))
                    .isVisible();
        }
        assertThat(page.getByText("Read every corner on the dash and by gauge")).isVisible();
        assertThat(button(page, "Finish relearn")).hasCount(0);
        button(page, "Read the dash").click();
        for (String corner : new String[] {"1L", "1R", "2R", "2L"}) {
            assertThat(page.getByLabel("Dash " + corner)).not().hasValue("");
            gauge(page, corner, page.getByLabel("Dash " + corner).inputValue());
        }
        button(page, "Finish relearn").click();
        assertThat(page.getByText("Earlier relearns: 1")).isVisible();
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page)).isEmpty();
    }

    @Test
    @DisplayName(
            "a relearn by letting air out meets a dead sensor: it leads to replacing it, and closes only once every tire is filled again")
    void relearnByDeflation() {
        Page page = vehicle("VN-04", "Sensors", TECHNICIAN, 1280);
        button(page, "Start, by letting air out").click();
        button(page, "Automatic lamps off").click();
        plug(page, "1R", "");
        button(page, "Key fob").click();
        button(page, "Air out at 1L").click();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("1L[^;]*heard"))))
                .isVisible();
        button(page, "Air out at 1R").click();
        assertThat(page.getByText("Try again: let more air out")).isVisible();
        button(page, "Air out at 1R").click();
        assertThat(page.getByText("No response at 1R: out of range")).isVisible();
        button(page, "Air out at 1R").click();
        assertThat(page.getByText("replace it, then relearn")).isVisible();
        page.getByText("Abandon relearn…").click();
        page.getByLabel("Reason").fill("sensor at 1R is dead");
        button(page, "Abandon relearn").click();
        assertThat(page.getByText("Inflate every tire to target and check it first: 1L, 1R"))
                .isVisible();
        button(page, "End signal").click();
        assertThat(page.getByLabel("Gauge 1L")).isVisible();
        gauge(page, "1L", target(page, "1L"));
        gauge(page, "1R", target(page, "1R"));
        assertThat(page.getByText("Not every corner was heard").or(page.getByText("Read every corner on the dash")))
                .isVisible();
        button(page, "Abandon relearn").click();
        assertThat(page.getByText("Earlier relearns: 1")).isVisible();
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page)).isEmpty();
    }

    @Test
    @DisplayName("a lamp that the gauge doesn't bear out opens dash against gauge, which names the crossed corners")
    void crossedCorners() {
        Page page = vehicle("LC-04", "Sensors", TECHNICIAN, 1280);
        assertThat(page.getByText("The sensors may be swapped")).isVisible();
        String[][] read = {
            {"1L", "98", "110"},
            {"1R", "110", "98"},
            {"2LO", "95", "95"},
            {"2LI", "94", "94"},
            {"2RI", "95", "95"},
            {"2RO", "94", "95"},
            {"3L", "84", "84"},
            {"3R", "90", "90"},
        };
        for (String[] corner : read) {
            page.getByLabel("Dash " + corner[0]).fill(corner[1]);
            page.getByLabel("Gauge " + corner[0]).fill(corner[2]);
        }
        page.getByLabel("Gauge 3R").press("Enter");
        assertThat(page.getByText("1L and 1R are swapped")).isVisible();
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions().setName(Pattern.compile("1L, dash shows the tire at 1R"))))
                .isVisible();
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page)).isEmpty();
    }

    @Test
    @DisplayName(
            "a visit keeps ride height and alignment before and after side by side, and says when a joint is worn out")
    void visitFigures() {
        Page sheet = sheet("VN-01", "inner shoulder worn", "Correct the cause of wear");
        sheet.getByText("Shop visit: check-in").click();
        note(sheet, "Alignment before", "Total toe", "0.55", "0.2");
        note(sheet, "Alignment after", "Total toe", "0.05", "0.2");
        assertThat(sheet.getByRole(AriaRole.REGION, named("Before and after").setExact(true)))
                .containsText("−0.5°");
        choose(sheet, "Play of joints");
        sheet.getByLabel("Which joint").fill("ball joint left");
        sheet.getByLabel("Play found").fill("0.09");
        sheet.getByLabel("Manufacturer’s limit").fill("0.05");
        button(sheet, "Add entry").click();
        assertThat(sheet.getByText("Over the manufacturer’s limit")).isVisible();
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(sheet)).isEmpty();
    }

    private static void choose(Page page, String what) {
        page.getByRole(AriaRole.COMBOBOX, named("Note").setExact(true)).click();
        page.getByRole(AriaRole.OPTION, named(what)).click();
    }

    private static void note(Page page, String what, String field, String figure, String most) {
        choose(page, what);
        page.getByRole(AriaRole.BUTTON, named("axle 1").setExact(true)).click();
        page.getByLabel(field).fill(figure);
        page.getByLabel("Toe limit, most").fill(most);
        button(page, "Add entry").click();
        assertThat(page.getByText(figure + "°").first()).isVisible();
    }

    @Test
    @DisplayName("the tire changers and the policy's choices can be read by everyone")
    void reference() {
        Page page = open("/reference/tire-changers", COORDINATOR, 1280);
        assertThat(page.getByText("Changer 1").first()).isVisible();
        page.navigate(product.address() + "/reference/policy?part=choices");
        assertThat(page.getByText("Even wear").first()).isVisible();
    }
}
