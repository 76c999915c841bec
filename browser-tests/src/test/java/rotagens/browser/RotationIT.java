package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Deciding which tire goes where. */
class RotationIT extends OnDemoFleet {

    private static Page bench(String unit) {
        Page page = open("/", COORDINATOR);
        page.keyboard().press("/");
        page.keyboard().type(unit);
        page.getByRole(AriaRole.OPTION, named(unit)).first().click();
        page.getByRole(AriaRole.LINK, named("Rotation").setExact(true)).click();
        assertThat(page.getByRole(AriaRole.REGION, named("The axles after it"))).isVisible();
        return page;
    }

    /** A place of the board, by its position. */
    private static Locator place(Page page, String position) {
        return in(page, "The axles after it, front up", position);
    }

    /** A tire that has no place, by its number. */
    private static Locator beside(Page page, String tire) {
        return in(page, "Tires beside the vehicle", tire);
    }

    private static Locator in(Page page, String region, String starts) {
        return page.getByRole(AriaRole.REGION, named(region))
                .getByRole(
                        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + starts + "\\b")));
    }

    @Test
    @DisplayName(
            "an age ladder on a coach is proposed, accepted, and stands as a job; taken off the plan it gives its tires back")
    void ageLadder() {
        Page page = bench("LC-03");
        button(page, "Newest on steer").click();
        assertThat(page.getByText("proven best")).isVisible();
        assertThat(place(page, "1L")).hasAccessibleName(Pattern.compile("LM2004.*from stock"));
        button(page, "Schedule rotation…").click();
        button(page, "Schedule rotation").click();
        assertThat(page.getByText("rotation: newest on steer")).isVisible();
        assertThat(page.getByText("Put the tire here as planned").first()).isVisible();
        page.getByRole(AriaRole.LINK, named("Rotation").setExact(true)).click();
        assertThat(page.getByText("A rotation of this vehicle is planned")).isVisible();
        page.getByRole(AriaRole.LINK, named("Its job")).click();
        page.getByRole(AriaRole.ARTICLE, named("LC-03"))
                .filter(new Locator.FilterOptions().setHasText("rotation: newest on steer"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Unschedule"))
                .click();
        assertThat(page.getByText("rotation: newest on steer")).hasCount(0);
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page)).isEmpty();
    }

    @Test
    @DisplayName("by keys alone: a retread is refused on steer by its rule, and put behind it can be undone")
    void retreadByHand() {
        Page page = bench("LC-03");
        Locator retread = beside(page, "LM2007");
        retread.focus();
        page.keyboard().press("Enter");
        assertThat(place(page, "1L")).hasAccessibleName(Pattern.compile("Not eligible.*Retread on the steer axle"));
        place(page, "1L").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("No retread on steer:").first()).isVisible();
        assertThat(button(page, "Schedule rotation…")).isDisabled();
        button(page, "Undo").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("No retread on steer:")).hasCount(0);
        assertThat(beside(page, "LM2007")).isVisible();
        org.assertj.core.api.Assertions.assertThat(Accessibility.faults(page)).isEmpty();
    }

    @Test
    @DisplayName("one of a dual pair is replaced from stock with nothing else touched")
    void oneOfADual() {
        Page page = bench("SH-03");
        button(page, "Least labor").click();
        assertThat(page.getByText("proven best")).isVisible();
        assertThat(place(page, "2LI")).hasAccessibleName(Pattern.compile("from stock"));
        assertThat(place(page, "2LO")).hasAccessibleName(Pattern.compile("stays"));
    }

    @Test
    @DisplayName("a tire that is to go is replaced by the best match from stock, laid out, and put on a day")
    void replaced() {
        Page page = bench("SH-03");
        Locator replace = page.getByRole(AriaRole.REGION, named("Replace tires"));
        replace.getByLabel("2LI").click();
        replace.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Find replacements"))
                .click();
        assertThat(replace.getByText("smaller than its mate 2LO")).isVisible();
        assertThat(replace.getByText("Not from stock: 2")).isVisible();
        replace.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Show this arrangement: best"))
                .click();
        assertThat(place(page, "2LI")).hasAccessibleName(Pattern.compile("from stock"));
        button(page, "Schedule rotation…").click();
        button(page, "Schedule rotation").click();
        assertThat(page.getByText("rotation: by hand")).isVisible();
    }
}
