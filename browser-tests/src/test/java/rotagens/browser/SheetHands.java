package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static rotagens.browser.OnDemoFleet.button;
import static rotagens.browser.OnDemoFleet.named;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Does the steps of a job sheet as somebody would who follows it. */
final class SheetHands {

    private SheetHands() {}

    /** Marks the step that is open and waits until it counts. */
    static void mark(Page page) {
        Locator counted = page.getByText(Pattern.compile("^\\d+ of \\d+ steps$"));
        String before = counted.textContent();
        if (button(page, "Save and continue").count() + button(page, "Done").count() > 0) {
            next(page);
        } else {
            // What is recorded on another page is looked at later.
            button(page, "Skip…").click();
            page.getByLabel("Reason for skipping").fill("with the next visit");
            button(page, "Skip step").click();
        }
        assertThat(counted).not().hasText(before);
    }

    static void next(Page page) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^(Done|Save and continue)$")))
                .click();
    }

    static String title(Page page) {
        return page.locator("section[aria-label] h2").first().textContent();
    }

    static String card(Page page) {
        return page.locator("section[aria-label]").first().textContent();
    }

    static String found(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        return matcher.find() ? matcher.group(1) : "";
    }

    /** Does the step that is open, as somebody would who follows it. */
    static void doIt(Page page, String title) {
        doIt(page, title, "3CT2XR5M2226");
    }

    /** The same, with the code that is read off the tire that goes on. */
    static void doIt(Page page, String title, String code) {
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
            case "Tire off the wheel", "Wheel clean and sound", "Tire on the wheel" ->
                page.getByRole(AriaRole.BUTTON, named("sound").setExact(true)).click();
            case "Wheel off", "Hub clean, nuts by hand" -> {
                Locator second =
                        page.getByRole(AriaRole.BUTTON, named("Tomas Weil").setExact(true));
                if (second.count() > 0) {
                    second.click();
                }
            }
            case "Fill to the cold target" -> {
                page.getByLabel("Cold pressure").fill(found("(?:Inflate|fill) to ([0-9.]+)", card(page)));
                Locator tight =
                        page.getByRole(AriaRole.BUTTON, named("no bubbles").setExact(true));
                if (tight.count() > 0) {
                    tight.click();
                }
            }
            case "Balance" -> {
                page.getByLabel("Weight outside, 0 for none").fill("2");
                page.getByLabel("Weight inside, 0 for none").fill("1");
            }
            case "Torque in the star" -> {
                Locator nut = page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Nut \\d+ tightened$")));
                for (int turns = 0; nut.count() > 0 && turns < 12; turns++) {
                    nut.click();
                }
                page.getByLabel("Torque set").fill(found("(?:full torque,|order:) ([0-9]+) ft·lb", card(page)));
                page.getByRole(AriaRole.BUTTON, named("W-1").setExact(true)).click();
                Locator none =
                        page.getByRole(AriaRole.BUTTON, named("none turned").setExact(true));
                if (none.count() > 0) {
                    none.click();
                }
            }
            case "Clean up, odometer" ->
                page.getByRole(AriaRole.TEXTBOX, named("Odometer")).fill(found("last ([0-9,]+) mi", card(page)));
            case "DOT code, what went where" -> {
                for (String groove : new String[] {"outer", "center", "inner"}) {
                    if (page.getByLabel("Tread " + groove).count() > 0) {
                        page.getByLabel("Tread " + groove).fill("11");
                    }
                }
                page.getByLabel("DOT code of the installed tire").fill(code);
                page.getByRole(AriaRole.BUTTON, named("outward")).click();
                Locator scrap = page.getByRole(AriaRole.BUTTON, named("scrap").setExact(true));
                if (scrap.count() > 0) {
                    scrap.click();
                    page.getByRole(AriaRole.BUTTON, named("tread").setExact(true))
                            .click();
                }
            }
            case "The professional’s verdict", "Professional’s look inside" -> {
                page.getByRole(AriaRole.BUTTON, named("sound").setExact(true)).click();
                page.getByLabel("Name of the professional").fill("K. Oyelaran");
            }
            case "What was done", "Find and correct the cause" ->
                page.getByRole(AriaRole.TEXTBOX).last().fill("fixed");
            default -> {}
        }
    }

    static Locator gap(Page page, String side, int place) {
        return page.getByLabel(side + " gap, place " + place, new Page.GetByLabelOptions().setExact(true));
    }
}
