package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
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

    /** Marks the step that is open and waits until it counts. */
    static void mark(Page page) {
        Locator counted = page.getByText(Pattern.compile("^\\d+ of \\d+ steps$"));
        String before = counted.textContent();
        next(page);
        assertThat(counted).not().hasText(before);
    }

    private static void next(Page page) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^(Done|Save and continue)$")))
                .click();
    }

    static String title(Page page) {
        return page.locator("section[aria-label] h2").first().textContent();
    }

    private static String card(Page page) {
        return page.locator("section[aria-label]").first().textContent();
    }

    private static String found(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        return matcher.find() ? matcher.group(1) : "";
    }

    /** Does the step that is open, as somebody would who follows it. */
    static void doIt(Page page, String title) {
        switch (title) {
            case "Seat the beads" -> {
                page.getByLabel("Beads seated at").fill("35");
                page.getByRole(AriaRole.BUTTON, named("in the open")).click();
            }
            case "Measure the bead gap" -> {
                for (int place = 1; place <= 4; place++) {
                    gap(page, "Front", place).fill("3");
                    gap(page, "Back", place).fill("4");
                }
            }
            case "Wheel clean and sound", "Tire off the wheel", "Tire on the wheel" ->
                page.getByRole(AriaRole.BUTTON, named("sound").setExact(true)).click();
            case "Where the old tire goes" -> {
                page.getByRole(AriaRole.BUTTON, named("scrap").setExact(true)).click();
                page.getByRole(AriaRole.BUTTON, named("tread").setExact(true)).click();
            }
            case "Wheel off", "Nuts by hand" -> {
                Locator second =
                        page.getByRole(AriaRole.BUTTON, named("Tomas Weil").setExact(true));
                if (second.count() > 0) {
                    second.click();
                }
            }
            case "Fill to the cold target" ->
                page.getByLabel("Cold pressure").fill(found("(?:Inflate|fill) to ([0-9.]+)", card(page)));
            case "Balance" -> page.getByLabel("Weights, inside and outside").fill("2 oz out, 1 oz in");
            case "Half the torque", "Full torque", "One pass round" -> {
                Locator nut = page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Nut \\d+ tightened$")));
                for (int turns = 0; nut.count() > 0 && turns < 12; turns++) {
                    nut.click();
                }
                int full = Integer.parseInt(found("(?:half of|order:) ([0-9]+) ft·lb", card(page)));
                page.getByLabel("Torque set").fill(String.valueOf(title.startsWith("Half") ? full / 2 : full));
                page.getByRole(AriaRole.BUTTON, named("W-1").setExact(true)).click();
            }
            case "Odometer" ->
                page.getByRole(AriaRole.TEXTBOX, named("Odometer")).fill(found("last ([0-9,]+) mi", card(page)));
            case "Tread of the installed tire" -> {
                for (String groove : new String[] {"outer", "center", "inner"}) {
                    page.getByLabel("Tread " + groove).fill("14");
                }
            }
            case "DOT code, what went where" -> {
                page.getByLabel("DOT code of the installed tire").fill("3CT2XR5M2226");
                page.getByRole(AriaRole.BUTTON, named("outward")).click();
            }
            case "The professional’s verdict", "Professional’s look inside" -> {
                page.getByRole(AriaRole.BUTTON, named("sound").setExact(true)).click();
                page.getByLabel("Name of the professional").fill("K. Oyelaran");
            }
            case "What was done", "Find and correct the cause" ->
                page.getByRole(AriaRole.TEXTBOX).last().fill("fixed");
            case "Ride height and alignment" ->
                page.getByLabel("Before and after").fill("toe 1/8 in out, now 0");
            default -> {}
        }
    }

    private static Locator gap(Page page, String side, int place) {
        return page.getByLabel(side + " gap, place " + place, new Page.GetByLabelOptions().setExact(true));
    }

    /** Works through a sheet to its last step; where the bead seats unevenly at first, it is remounted. */
    private static void work(Page page, boolean isUneven) {
        boolean remounts = isUneven;
        for (int steps = 0; steps < 120; steps++) {
            if (page.getByText(Pattern.compile("^(\\d+) of \\1 steps$")).count() > 0) {
                break;
            }
            String title = title(page);
            doIt(page, title);
            if (title.equals("Measure the bead gap") && remounts) {
                remounts = false;
                gap(page, "Front", 3).fill("6");
                next(page);
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
            mark(page);
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
        assertThat(heading(page, "Hand-over: what is on the vehicle")).isVisible();
    }

    @Test
    @DisplayName("a cracked wheel stops its sheet, and the work goes on with another wheel")
    void crackedWheel() {
        Page page = sheet("VN-02", "2L", "Replace tire");
        for (int steps = 0; steps < 60 && !title(page).equals("Wheel clean and sound"); steps++) {
            doIt(page, title(page));
            mark(page);
        }
        page.getByRole(AriaRole.BUTTON, named("cracked").setExact(true)).click();
        next(page);
        assertThat(page.getByText("The wheel is out of service: cracked.")).isVisible();
        assertThat(button(page, "Skip…")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, named("another wheel, sound").setExact(true))
                .click();
        next(page);
        assertThat(page.getByText("Look at the wheel that goes on: hub- or stud-piloted."))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, named("stud-piloted").setExact(true)).click();
        mark(page);
        assertThat(heading(page, "Stem, grommet and core")).isVisible();
        page.getByRole(AriaRole.BUTTON, named("Full torque")).click();
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
        next(page);
        // The other person sees the tick without doing anything.
        assertThat(second.getByText(Pattern.compile("^1 of \\d+ steps$"))).isVisible();
        second.close();
        work(page, true);
        button(page, "Complete job").click();
        assertThat(heading(page, "Hand-over: what is on the vehicle")).isVisible();
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
        return found(
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
        note(sheet, "Alignment before", "Total toe", "0.55");
        note(sheet, "Alignment after", "Total toe", "0.05");
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

    private static void note(Page page, String what, String field, String figure) {
        choose(page, what);
        page.getByLabel(field).fill(figure);
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
