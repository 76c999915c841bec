package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** From the scale ticket to the figure on the gauge, through the real interface. */
class PressureIT extends OnDemoFleet {

    private static Locator schools(Page page) {
        return page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Methods for axle 1"));
    }

    @Test
    @DisplayName(
            "a coach never weighed is driven over the simulated pads, and the chart answer is chosen with a reason")
    void weighACoach() {
        Page page = open("/vehicles/{LC-04}/load-pressure", COORDINATOR, 1280);
        assertThat(schools(page).locator("tr").filter(has("Weighed"))).containsText("Never weighed");
        button(page, "Add scale ticket…").click();
        button(page, "Simulated wheel pads").click();
        assertThat(page.getByLabel("Axle 1 left end")).hasValue(java.util.regex.Pattern.compile("[56]\\d{3} lb"));
        String left = page.getByLabel("Axle 1 left end").inputValue();
        page.getByLabel("Axle 1 left end").fill("");
        button(page, "Save scale ticket").click();
        assertThat(page.getByText("Axle 1 has only its right end weighed.")).isVisible();
        page.getByLabel("Axle 1 left end").fill(left);
        button(page, "Save scale ticket").click();
        assertThat(schools(page).locator("tr").filter(has("▸ taken"))).containsText("Weighed");
        assertThat(page.getByText("Load per tire", new Page.GetByTextOptions().setExact(true))
                        .locator(".."))
                .containsText("lb");
        button(page, "Choose method…").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^Weighed")))
                .check();
        page.getByLabel("Why").fill("Constant equipment, weighed end by end");
        button(page, "Save method").click();
        assertThat(page.getByText("chosen by Ines Okafor").first()).isVisible();
        assertThat(page.getByText("Chosen by Ines Okafor").first()).containsText("Constant equipment");
        assertThat(Accessibility.faults(page)).isEmpty();
    }

    private static Locator.FilterOptions has(String text) {
        return new Locator.FilterOptions().setHasText(text);
    }

    @Test
    @DisplayName("every school stands beside the others for a light truck on a changed size and for a coach")
    void everySchool() {
        Page page = open("/vehicles/{SP-03}/load-pressure", COORDINATOR, 1280);
        for (String school :
                new String[] {"Placard", "Placard equivalent", "Weighed load", "Rated load", "Chalk test"}) {
            assertThat(schools(page)
                            .getByRole(
                                    AriaRole.CELL,
                                    new Locator.GetByRoleOptions()
                                            .setName(school)
                                            .setExact(true)))
                    .isVisible();
        }
        assertThat(schools(page)).containsText("LT285/70R17 is installed, the placard is for LT245/75R17");
        page.navigate(product.at("/vehicles/{LC-01}/load-pressure"));
        assertThat(schools(page).locator("tbody tr")).hasCount(5);
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Pressure ladder of axle 1")))
                .isVisible();
    }

    @Test
    @DisplayName("a low tire is filled with the simulated gauge on a phone; when the gauge drops out typing goes on")
    void adjustALowTire() {
        Page page = open("/vehicles/{VN-01}/check-and-adjust", TECHNICIAN, 390);
        page.getByLabel("Parked for").fill("12");
        button(page, "Pair the gauge").click();
        assertThat(page.getByText("Paired: simulated gauge 0417")).isVisible();
        button(page, "Go to 2R").click();
        page.getByLabel("Gauge reads", exact()).focus();
        button(page, "Read gauge").click();
        assertThat(page.getByLabel("Gauge reads", exact())).not().hasValue("");
        page.getByLabel("Gauge reads", exact()).fill("59");
        assertThat(page.getByText("Add air.")).isVisible();
        page.getByLabel("Gauge reads", exact()).press("Enter");
        assertThat(page.getByLabel("Gauge reads after")).isFocused();
        button(page, "Read gauge").click();
        assertThat(page.getByLabel("Gauge reads after")).hasValue("65 psi");
        assertThat(page.getByText("On target. Cap on.")).isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
        button(page, "Save and next").click();
        assertThat(page.getByText("1R steer right")).isVisible();
        page.locator("summary").click();
        button(page, "Let it drop out").click();
        assertThat(page.getByText("The gauge dropped out.").first()).isVisible();
        page.getByLabel("Gauge reads", exact()).fill("49");
        assertThat(page.getByText("On target. Cap on.")).isVisible();
        button(page, "Save and finish").click();
        assertThat(page.getByText("Loss of pressure")).isVisible();
    }

    @Test
    @DisplayName("on a phone what the gauge means comes into sight, above the button that goes on")
    void adviceInSight() {
        Page page = open("/vehicles/{LC-04}/check-and-adjust", TECHNICIAN, 390);
        page.getByLabel("Parked for").fill("12");
        page.getByLabel("Gauge reads", exact()).fill("60");
        assertThat(page.getByText("Stop.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertAboveButton(page, "Stop.");
        page.navigate(product.at("/vehicles/{SP-04}/check-and-adjust"));
        page.getByLabel("Parked for").fill("12");
        page.getByLabel("Gauge reads", exact()).fill("20");
        Locator none = page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("Add no air"));
        assertThat(none).containsText("No target on file.");
        assertAboveButton(page, "Add no air");
    }

    private static void assertAboveButton(Page page, String advice) {
        BoundingBox said = page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText(advice))
                .boundingBox();
        BoundingBox goesOn = button(page, "Save and next").boundingBox();
        assertThat(said.y + said.height).as(advice).isLessThanOrEqualTo(goesOn.y);
        assertThat(said.y).as(advice).isNotNegative();
    }

    private static Page.GetByLabelOptions exact() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    @Test
    @DisplayName("the slow leak in the demo is found from the yard, with its rate and the day to gauge it")
    void findTheLeak() {
        Page page = open("/", COORDINATOR, 1280);
        assertThat(page.getByText("Find the leak").first()).isVisible();
        page.navigate(product.at("/vehicles/{LC-04}/load-pressure?part=loss"));
        Locator loss = page.locator("section[aria-label='Loss of pressure']");
        Locator tire = loss.locator("> div > div").filter(has("1R steer right"));
        assertThat(tire).containsText("Leak:");
        assertThat(tire).containsText("A leak: look at valve core");
        assertThat(tire).containsText("Check it by");
    }

    @Test
    @DisplayName(
            "a chart with a falling row is refused at its cell, pasted right it is kept; the calculator's address keeps all")
    void chartAndCalculator() {
        Page page = open("/reference/charts", COORDINATOR, 1280);
        button(page, "Add a chart…").click();
        page.getByLabel("Manufacturer", exact()).fill("Quenmark");
        page.getByLabel("Size", exact()).fill("235/65R16C");
        page.getByLabel("Load range").fill("D");
        page.getByLabel("Taken from").fill("made-up leaflet");
        button(page, "Paste rows…").click();
        page.getByLabel("Rows", exact()).fill("50\t1900\t1800\n60\t1890\t2050\n76\t2680\t2535");
        button(page, "Read them").click();
        button(page, "Save chart").click();
        assertThat(page.getByText("1,890 lb at 60 psi isn’t above 1,900 lb")).isVisible();
        page.getByLabel("Row 2 single").fill("2190");
        button(page, "Save chart").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Quenmark 235/65R16C D")))
                .isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
        page.navigate(product.address() + "/reference/calculator");
        page.getByLabel("Sidewall").fill("LT235/80R17 120/117R E");
        page.getByLabel("Molded pressure").fill("80");
        page.getByLabel("Molded load, single").fill("3195");
        page.getByLabel("Left end").fill("2300");
        page.getByLabel("Right end").fill("2250");
        assertThat(page.getByText("55 psi").first()).isVisible();
        page.reload();
        assertThat(page.getByText("55 psi").first()).isVisible();
        assertThat(page.getByLabel("Left end")).hasValue("2300");
    }
}
