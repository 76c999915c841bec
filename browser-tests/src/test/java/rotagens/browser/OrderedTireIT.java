package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A tire from its order onto the vehicle, and the nuts looked at again once it has run. */
class OrderedTireIT extends OnDemoFleet {

    private static final String CODE = "7KB4TW9A3426";

    private static Locator in(Locator part, String button) {
        return part.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true));
    }

    /** Puts the due replacement on the day proposed, with a tire that is on its way. */
    private static void scheduleWithOrdered(Page desk) {
        desk.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("1R"))
                .filter(new Locator.FilterOptions().setHasText("Replace tire"))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Schedule…"))
                .click();
        Locator dialog = desk.getByRole(AriaRole.DIALOG, named("Schedule SH-04"));
        in(dialog, "Choose tire… for 1R").click();
        Locator choice = desk.getByRole(AriaRole.DIALOG, named("Tire for SH-04 1R"));
        assertThat(choice.getByText("235/65R16C here, LT225/75R16 at 1L")).isVisible();
        assertThat(Accessibility.faults(desk)).isEmpty();
        choice.getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("On order"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^Brantholm Stowmere 4 4 on order")))
                .click();
        in(choice, "Choose this tire").click();
        assertThat(dialog.getByText("4 on order from Marrow Street Tire Service"))
                .isVisible();
        in(dialog, "Schedule").click();
        assertThat(dialog).hasCount(0);
    }

    private static void receive() {
        Page page = open("/stock/orders", "Tomas Weil, technician");
        page.getByRole(
                        AriaRole.REGION,
                        named("Order from Marrow Street Tire Service").setExact(true))
                .filter(new Locator.FilterOptions().setHasText("Stowmere"))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Receive…"))
                .click();
        page.getByLabel("Tires that came").fill("1");
        for (String look : new String[] {"Look at each tire", "Brand or paint", "Store them"}) {
            page.getByLabel("Done: " + look).check();
        }
        page.getByLabel("DOT code of tire 1").fill(CODE);
        button(page, "Receive 1").click();
        assertThat(page.getByText("1 taken into stock at Millrace.")).isVisible();
        page.close();
    }

    @Test
    @DisplayName(
            "a tire on order is chosen as its job is made, goes on only once it was received, and the re-torque counts from 50 miles")
    void fromOrderToRetorque() {
        Page desk = open("/", COORDINATOR);
        toVehicle(desk, "SH-04");
        scheduleWithOrdered(desk);
        desk.getByRole(AriaRole.LINK, named("Jobs")).click();
        assertThat(desk.getByText("Brantholm Stowmere 4, on order").first()).isVisible();
        Page phone = open(WorkshopIT.sheetOf(desk, "Replace tire"), TECHNICIAN, 390);
        for (int steps = 0; steps < 60 && !SheetHands.title(phone).equals("DOT code, what went where"); steps++) {
            SheetHands.doIt(phone, SheetHands.title(phone));
            SheetHands.mark(phone);
        }
        SheetHands.doIt(phone, SheetHands.title(phone), CODE);
        SheetHands.next(phone);
        assertThat(phone.getByText("Receive it under Stock first").first()).isVisible();
        receive();
        SheetHands.mark(phone);
        String ran = "";
        for (int steps = 0; steps < 20; steps++) {
            if (phone.getByText(Pattern.compile("^(\\d+) of \\1 steps$")).count() > 0) {
                break;
            }
            if (SheetHands.title(phone).equals("Clean up, odometer")) {
                ran = SheetHands.found("last ([0-9,]+) mi", SheetHands.card(phone))
                        .replace(",", "");
            }
            SheetHands.doIt(phone, SheetHands.title(phone), CODE);
            SheetHands.mark(phone);
        }
        button(phone, "Complete job").click();
        assertThat(phone.getByRole(AriaRole.HEADING, named("Hand-over").setExact(true)))
                .isVisible();
        assertThat(phone.getByText(CODE).first()).isVisible();

        toVehicle(desk, "SH-04");
        desk.getByRole(AriaRole.LINK, named("Jobs")).click();
        Page again = open(WorkshopIT.sheetOf(desk, "Re-torque"), TECHNICIAN, 390);
        for (int steps = 0; steps < 10 && !SheetHands.title(again).equals("Miles since the wheels went on"); steps++) {
            SheetHands.doIt(again, SheetHands.title(again));
            SheetHands.mark(again);
        }
        Locator odometer = again.getByRole(AriaRole.TEXTBOX, named("Odometer"));
        odometer.fill(ran);
        SheetHands.next(again);
        assertThat(again.getByText("Outside limits:").first()).isVisible();
        odometer.fill(String.valueOf(Integer.parseInt(ran) + 60));
        SheetHands.mark(again);
        for (int steps = 0; steps < 10; steps++) {
            if (again.getByText(Pattern.compile("^(\\d+) of \\1 steps$")).count() > 0) {
                break;
            }
            SheetHands.doIt(again, SheetHands.title(again));
            SheetHands.mark(again);
        }
        button(again, "Complete job").click();
        assertThat(again.getByRole(AriaRole.HEADING, named("Hand-over").setExact(true)))
                .isVisible();
        assertThat(chromium.complaints()).isEmpty();
    }
}
