package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** From an empty folder to the first judged truck, with every click and key counted by the page itself. */
class FirstTruckIT {

    private static final int MOST_CLICKS = 30;
    private static final int MOST_KEYS = 120;

    private static final String COUNT = """
            const count = (name) => sessionStorage.setItem(name, Number(sessionStorage.getItem(name) ?? 0) + 1)
            addEventListener('pointerdown', () => count('clicks'), true)
            addEventListener('keydown', (event) => ['Control', 'Shift', 'Alt'].includes(event.key) || count('keys'), true)
            """;

    @Test
    @DisplayName("the first six-tire truck is on file and judged in at most 30 clicks and 120 keys")
    void firstTruck() {
        try (RunningProduct product = RunningProduct.onNothing();
                Chromium chromium = new Chromium()) {
            Page page = chromium.open(product.address(), 1280, 800);
            try {
                walk(page);
            } catch (AssertionError | RuntimeException failed) {
                chromium.takePictures(Path.of("target", "failures", "firstTruck"));
                throw failed;
            }
        }
    }

    private static void walk(Page page) {
        page.addInitScript(COUNT);
        page.reload();
        type(page, "Your name", "Ann");
        type(page, "Password", "seven blue wheels");
        click(page, "Create account and sign in");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Add the first vehicle"))
                .click();
        click(page, "Two-axle truck");
        type(page, "Unit number", "T1");
        type(page, "Yard", "North");
        type(page, "GVWR from the plate", "19500");
        click(page, "Add vehicle");
        type(page, "DOT code, or its last four digits", "1024");
        type(page, "Manufacturer, model and size as molded", "Ostrav Roadmere 225/70R19.5 128/126N G");
        type(page, "Tread depth in 32nds: outer center inner", "9 8 9");
        page.keyboard().press("Enter");
        for (String position : new String[] {"1R", "2LO", "2LI", "2RI", "2RO"}) {
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2)))
                    .containsText(position);
            page.keyboard().press("Control+Enter");
        }
        click(page, "Record 6 tires");
        assertThat(page.getByText("6 tires on record.")).isVisible();
        int clicks = Integer.parseInt((String) page.evaluate("() => sessionStorage.getItem('clicks')"));
        int keys = Integer.parseInt((String) page.evaluate("() => sessionStorage.getItem('keys')"));
        System.out.println("First truck: " + clicks + " clicks, " + keys + " keys");
        Assertions.assertThat(clicks).isLessThanOrEqualTo(MOST_CLICKS);
        Assertions.assertThat(keys).isLessThanOrEqualTo(MOST_KEYS);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("DOT sheet"))
                .click();
        assertThat(page.getByText("1024").nth(5)).isVisible();
    }

    /** As a hand does it: a click into the field, then a key for each letter. */
    private static void type(Page page, String label, String text) {
        var field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        field.click();
        field.pressSequentially(text);
    }

    private static void click(Page page, String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
    }
}
