package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** On an old phone in the yard, with a server that takes its time: people type on without looking. */
class SlowDeviceIT extends OnDemoFleet {

    private static final int TIMES_SLOWER = 8;
    private static final int ANSWER_AFTER_MS = 1_500;

    @Test
    @DisplayName(
            "a walk-around typed without looking, eight times slower: every figure lands on the tire it was typed for")
    void typedWithoutLooking() {
        Page page = open("/vehicles/{VN-04}", TECHNICIAN);
        button(page, "Start walk-around").click();
        assertThat(page.getByLabel("Tire pressure")).isFocused();
        // Answers come late by the browser's own clock; nothing here waits for them.
        page.evaluate(
                "late => { const quick = window.fetch; window.fetch = (...asked) =>"
                        + " new Promise(after => setTimeout(after, late)).then(() => quick(...asked)) }",
                ANSWER_AFTER_MS);
        Chromium.slow(page, TIMES_SLOWER);

        String[] walked = {"1L steer left", "2L drive left", "2R drive right", "1R steer right"};
        String[][] typed = {{"49", "4", "5", "3"}, {"62", "5", "6", "4"}, {"64", "6", "5", "3"}};
        for (String[] position : typed) {
            page.keyboard().type(String.join("\n", position));
            page.keyboard().press("Enter");
        }
        Chromium.slow(page, 1);
        // Whoever steps back before the form of the last one is there steps back from the one before.
        assertThat(page.getByRole(AriaRole.HEADING, named(walked[typed.length])))
                .isVisible();

        for (int back = typed.length - 1; back >= 0; back--) {
            button(page, "Back").click();
            assertThat(page.getByRole(AriaRole.HEADING, named(walked[back]))).isVisible();
            assertThat(page.getByLabel("Tire pressure")).hasValue(typed[back][0]);
            assertThat(page.getByLabel("Tread outer")).hasValue(typed[back][1]);
            assertThat(page.getByLabel("Tread center")).hasValue(typed[back][2]);
            assertThat(page.getByLabel("Tread inner")).hasValue(typed[back][3]);
        }
    }
}
