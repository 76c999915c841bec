package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Works a page with the keys alone: everything is reached by Tab, nothing is clicked or given the focus. */
final class Hands {

    /** More stops than any page of the demo has. */
    private static final int MOST_STOPS = 500;

    private final Page page;

    Hands(Page page) {
        this.page = page;
    }

    /** Goes on with Tab until the thing has the focus. */
    Hands reach(Locator thing) {
        return reach(thing, "Tab");
    }

    /** Goes back with Shift and Tab until the thing has the focus. */
    Hands reachBack(Locator thing) {
        return reach(thing, "Shift+Tab");
    }

    private Hands reach(Locator thing, String key) {
        assertThat(thing).isVisible();
        for (int stops = 0; stops < MOST_STOPS; stops++) {
            if ((Boolean) thing.evaluate("one => one === document.activeElement || one.querySelector('input') "
                    + "=== document.activeElement && document.activeElement !== null")) {
                return this;
            }
            page.keyboard().press(key);
        }
        throw new AssertionError("Not reached by " + key + ": " + thing);
    }

    /** Tab enters a group at one of its buttons; the arrows go on from there. */
    void pressIn(String group, String button) {
        Locator buttons = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(group));
        reach(buttons.locator("button[tabindex='0']"));
        reach(
                buttons.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(button).setExact(true)),
                "ArrowRight");
        page.keyboard().press("Enter");
    }

    void press(String button) {
        press(page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button).setExact(true)));
    }

    void press(Locator button) {
        reach(button);
        page.keyboard().press("Enter");
    }

    /** Writes into a field over what stands there. */
    void write(Locator field, String text) {
        reach(field);
        page.keyboard().press("Control+A");
        page.keyboard().type(text);
    }

    /** Opens a choice and goes down it to the option. */
    void choose(Locator choice, String option) {
        reach(choice);
        page.keyboard().press("Enter");
        Locator wanted = page.getByRole(
                AriaRole.OPTION, new Page.GetByRoleOptions().setName(option).setExact(true));
        reach(wanted, "ArrowDown");
        page.keyboard().press("Enter");
        assertThat(wanted).hasCount(0);
    }

    /** Jumps by the field that every page has. */
    void jump(String words, String option) {
        page.keyboard().press("Control+k");
        page.keyboard().type(words);
        assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option))
                        .first())
                .isVisible();
        page.keyboard().press("Enter");
    }
}
