package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Keeping the register through the real interface: people, models, vehicles, tires, files. */
class RegisterIT extends OnDemoFleet {

    @Test
    @DisplayName("a sidewall line typed without spaces fills the model, says what it means and what disagrees")
    void readingASidewall() {
        Page page = open("/stock/catalog", COORDINATOR);
        button(page, "Add tire model…").click();
        page.getByLabel("Sidewall marking as molded").fill("lt235/80r17120/117r e");
        assertThat(page.getByLabel("Size", exact())).hasValue("LT235/80R17");
        assertThat(page.getByLabel("Service description", exact())).hasValue("120/117R");
        assertThat(page.getByText("load index 120 is 3,086 lb single").first()).isVisible();
        page.getByLabel("Manufacturer", exact()).fill("Larkfell");
        page.getByLabel("Model", exact()).fill("Hill 3");
        page.getByLabel("Molded load, single").fill("3805");
        assertThat(page.getByText("the molded single load is 3,805 lb")).isVisible();
        assertThat(page.getByText("31.80 in").or(page.getByText("31.8 in")).first())
                .isVisible();
        page.getByLabel("Molded load, single").fill("3085");
        assertThat(page.getByText("the molded single load is 3,805 lb")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, named("DOT code, for example")).focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("The letters G I O Q S Z never occur")).isVisible();
        button(page, "Add to catalog").click();
        assertThat(page.getByRole(AriaRole.BUTTON, named("Larkfell Hill 3"))).isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
    }

    @Test
    @DisplayName("a vehicle built axle by axle is drawn as it grows, put on file, and changed without moving a tire")
    void buildingAVehicle() {
        Page page = open("/vehicles/new", COORDINATOR);
        page.getByLabel("Unit number").fill("BX-01");
        page.getByLabel("What it is").click();
        page.getByRole(AriaRole.OPTION, named("truck")).first().click();
        page.getByLabel("Vehicle class", exact()).fill("Box truck");
        page.getByLabel("Yard", exact()).fill("Millrace");
        page.getByLabel("GVWR from the plate").fill("26000");
        assertThat(page.getByText("4 positions: 1L 1R 2L 2R")).isVisible();
        page.getByRole(AriaRole.GROUP, named("Tires of axle 2"))
                .getByText("dual")
                .click();
        assertThat(page.getByText("6 positions: 1L 1R 2LO 2LI 2RI 2RO")).isVisible();
        page.getByLabel("Placard size, axle 1").fill("245/70R19.5");
        button(page, "Add vehicle").click();
        assertThat(page.getByText("Size and pressure are together on the placard")
                        .first())
                .isVisible();
        assertThat(page.getByLabel("Unit number")).hasValue("BX-01");
        page.getByLabel("Placard pressure, axle 1").fill("100");
        assertThat(Accessibility.faults(page)).isEmpty();
        button(page, "Add vehicle").click();
        assertThat(page.getByRole(AriaRole.HEADING, named("BX-01, what is on it")))
                .isVisible();
        page.getByRole(AriaRole.LINK, named("Later")).click();
        assertThat(page.getByRole(AriaRole.HEADING, named("BX-01").setExact(true)))
                .isVisible();
        assertThat(page.getByText("No tire on file").first()).isVisible();

        page.getByLabel("Search vehicles").fill("SH-05");
        page.getByRole(AriaRole.OPTION, named("SH-05")).first().click();
        assertThat(page.getByRole(AriaRole.HEADING, named("SH-05"))).isVisible();
        button(page, "Record").click();
        page.getByRole(AriaRole.MENUITEM, named("Edit vehicle")).click();
        page.getByRole(AriaRole.GROUP, named("Tires of axle 2"))
                .getByText("single")
                .click();
        assertThat(page.getByText("Tires are on 2LO, 2LI, 2RI, 2RO")).isVisible();
        button(page, "Save the changes").click();
        assertThat(page.getByText("redrawing moves no tire").first()).isVisible();
    }

    @Test
    @DisplayName("four tires received against their order, the old one accepted by name, and fitted")
    void receivingAndFitting() {
        Page page = open("/stock/orders", "Tomas Weil, technician");
        Locator order = page.getByRole(
                AriaRole.REGION, named("Order from Marrow Street Tire Service").setExact(true));
        order.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Receive…"))
                .click();
        page.getByLabel("Tires that came").fill("4");
        page.getByLabel("Done: Look at each tire").check();
        page.getByLabel("Done: Brand or paint").check();
        for (int tire = 1; tire <= 3; tire++) {
            page.getByLabel("DOT code of tire " + tire).fill("7KB4TW" + tire + "A3426");
            page.getByLabel("Number on it").nth(tire - 1).fill("R-" + tire);
        }
        page.getByLabel("DOT code of tire 4").fill("7KB4TW4A1025");
        page.getByLabel("Number on it").nth(3).fill("R-4");
        assertThat(page.getByText("As ordered.")).hasCount(3);
        assertThat(page.getByText("Made in week 10 of 2025")).isVisible();
        button(page, "Receive 4").click();
        assertThat(page.getByText("Accept it with your name, or refuse it").first())
                .isVisible();
        assertThat(Accessibility.faults(page)).isEmpty();
        assertThat(page.getByText("Do it and check it off, or enter a reason")).isVisible();
        page.getByLabel("Or reason for skipping: store them").fill("installed today");
        page.getByText("Accept as Tomas Weil").click();
        button(page, "Receive 4").click();
        assertThat(page.getByText("4 taken into stock at Millrace.")).isVisible();
        assertThat(order).containsText("Made in week 10 of 2025");
        order.getByText("Receiving checklist, Tomas Weil").click();
        assertThat(order.getByText("Store them, skipped: installed today")).isVisible();

        long tires = 0;
        for (String position : new String[] {"2LO", "2LI", "2RI", "2RO"}) {
            tires++;
            toVehicle(page, "SH-02");
            page.getByRole(AriaRole.BUTTON, named(position + ",")).click();
            page.getByRole(AriaRole.LINK, named("history, take off, move")).click();
            button(page, "Remove…").click();
            page.getByLabel("Yard", exact()).fill("Eastbank");
            button(page, "Remove").click();
            assertThat(page.getByText("In stock, Eastbank").first()).isVisible();
            page.getByLabel("Search vehicles").fill("SH-02 " + position);
            page.getByRole(AriaRole.OPTION, named("SH-02 " + position)).first().click();
            button(page, "Install tire from stock…").click();
            page.getByRole(AriaRole.BUTTON, named("R-" + tires + " ·")).click();
            button(page, "Install").click();
            assertThat(page.getByText("Installed at SH-02 " + position)).isVisible();
        }
        page.getByRole(AriaRole.LINK, named("DOT sheet")).click();
        for (int tire = 1; tire <= 4; tire++) {
            assertThat(page.getByRole(AriaRole.LINK, named("R-" + tire))).isVisible();
        }
        page.getByRole(AriaRole.LINK, named("R-4")).click();
        assertThat(page.getByText("Received · Millrace")).isVisible();
        assertThat(page.getByText("Tomas Weil").first()).isVisible();
    }

    @Test
    @DisplayName("a CSV with three faulty rows is tried first; the faults are said by row and column, the rest stored")
    void importing() {
        Page page = open("/import-export", COORDINATOR);
        String file = """
                Unit Number;Klass;Home yard;Type;GVWR;Axle layout
                CS-1;Box truck;Millrace;truck;26000 lb;steer 2 | drive 4
                CS-2;Box truck;Millrace;truck;26000 lb;steer 2 | drive 3
                CS-3;Box truck;Millrace;lorry;26000 lb;steer 2 | drive 4
                CS-4;Box truck;Millrace;truck;heavy;steer 2
                CS-5;Box truck;Könisbach;truck;26000 lb;steer 2 | drive 4
                """;
        page.getByLabel("File to bring in: CSV, XLSX or ODS")
                .setInputFiles(new FilePayload("trucks.csv", "text/csv", file.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("weren’t found: class")).isVisible();
        page.getByLabel("Klass").click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName("class").setExact(true))
                .click();
        assertThat(page.getByText("2 would be new, 0 changed")).isVisible();
        Locator outcome = page.getByRole(AriaRole.TABLE, named("Outcome by row"));
        assertThat(outcome.locator("tbody tr")).hasCount(3);
        assertThat(outcome).containsText("axles: An axle carries 2 tires, or 4 as duals");
        assertThat(outcome).containsText("kind: Write bus, truck");
        assertThat(outcome).containsText("gvwr: “heavy” is not a weight");
        assertThat(button(page, "Store 2 rows")).isDisabled();
        assertThat(Accessibility.faults(page)).isEmpty();
        page.getByLabel("Skip 3 rows with errors").check();
        button(page, "Store 2 rows").click();
        assertThat(page.getByText("Stored.")).isVisible();
        page.getByRole(AriaRole.LINK, named("Fleet")).click();
        assertThat(page.locator("section[aria-label=Vehicles] a", new Page.LocatorOptions().setHasText("CS-5")))
                .isVisible();
        assertThat(page.locator("section[aria-label=Vehicles] a", new Page.LocatorOptions().setHasText("CS-2")))
                .hasCount(0);
    }

    @Test
    @DisplayName("each role finds what it may do, and is not offered what it may not")
    void byRole() {
        Page viewer = open("/vehicles/{LC-03}", "Lio Marsh, viewer");
        assertThat(viewer.getByText("Needs a decision")).isVisible();
        assertThat(button(viewer, "Start walk-around")).hasCount(0);
        Page technician = open("/vehicles/{LC-03}", "Rafe Halloran, technician");
        assertThat(button(technician, "Start walk-around").or(button(technician, "Continue walk-around")))
                .isVisible();
        button(technician, "Record").click();
        assertThat(technician.getByRole(AriaRole.MENUITEM, named("Read the odometer")))
                .isVisible();
        assertThat(technician.getByRole(AriaRole.MENUITEM, named("Edit vehicle")))
                .hasCount(0);
        Page manager = open("/people", "Dana Prestwick, manager");
        button(manager, "Add a person…").click();
        manager.getByLabel("Name", exact()).fill("Nia Brook");
        manager.getByLabel("First password").fill("short");
        button(manager, "Add").click();
        assertThat(manager.getByText("at least 12 characters").first()).isVisible();
        manager.getByLabel("First password").fill("seven blue wheels");
        button(manager, "Add").click();
        assertThat(manager.getByText("Nia Brook can now sign in")).isVisible();
        assertThat(Accessibility.faults(manager)).isEmpty();

        Page nia = chromium.open(product.address(), 1280, 800);
        assertThat(nia.getByRole(AriaRole.HEADING, named("Sign in"))).isVisible();
        assertThat(Accessibility.faults(nia)).isEmpty();
        nia.getByLabel("Name", exact()).fill("nia brook");
        nia.getByLabel("Password").fill("seven red wheels");
        nia.keyboard().press("Enter");
        assertThat(nia.getByText("Name or password is wrong.")).isVisible();
        nia.getByLabel("Password").fill("seven blue wheels");
        nia.keyboard().press("Enter");
        assertThat(nia.getByRole(AriaRole.HEADING, named("Today"))).isVisible();
        nia.getByText("kPa · mm").click();
        button(nia, "Nia Brook").click();
        nia.getByRole(AriaRole.MENUITEM, named("Sign out")).click();
        assertThat(nia.getByRole(AriaRole.HEADING, named("Sign in"))).isVisible();
    }

    @Test
    @DisplayName("the jump field finds a tire by a part of its DOT code, and commands, by keyboard alone")
    void jumping() {
        Page page = open("/", "Lio Marsh, viewer");
        assertThat(page.getByRole(AriaRole.HEADING, named("Fleet"))).isVisible();
        page.keyboard().press("/");
        page.keyboard().type("ct2xr3m");
        assertThat(page.getByRole(AriaRole.OPTION, named("LM2003"))).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, named("LM2003"))).isVisible();
        page.keyboard().press("Control+k");
        page.keyboard().type("reading a side");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, named("Reading a sidewall")))
                .isVisible();
    }

    @Test
    @DisplayName("an empty folder makes the first account, then says what to do first; its own export fills another")
    void firstStart() {
        try (RunningProduct empty = RunningProduct.onNothing()) {
            Page page = chromium.open(empty.address(), 1280, 800);
            assertThat(page.getByRole(AriaRole.HEADING, named("Make the first account")))
                    .isVisible();
            assertThat(Accessibility.faults(page)).isEmpty();
            page.getByLabel("Your name").fill("Owner One");
            page.getByLabel("Password").fill("seven blue wheels");
            button(page, "Create account and sign in").click();
            assertThat(page.getByText("No vehicles yet")).isVisible();
            page.getByRole(AriaRole.LINK, named("Add the first vehicle")).click();
            assertThat(page.getByRole(AriaRole.HEADING, named("Add a vehicle"))).isVisible();
            page.navigate(empty.address() + "/import-export");
            assertThat(page.getByText("Download everything as JSON")).isVisible();
            byte[] export = page.request().get(empty.address() + "/api/export").body();
            try (RunningProduct other = RunningProduct.onNothing()) {
                Page there = chromium.open(other.address(), 1280, 800);
                there.getByLabel("Export to bring in")
                        .setInputFiles(new FilePayload("rotagens.json", "application/json", export));
                assertThat(there.getByText("The records are here")).isVisible();
                there.getByLabel("Your name").fill("Owner One");
                there.getByLabel("Password").fill("nine blue wheels");
                button(there, "Create account and sign in").click();
                assertThat(there.getByText("No vehicles yet")).isVisible();
            }
        }
    }

    private static Page.GetByLabelOptions exact() {
        return new Page.GetByLabelOptions().setExact(true);
    }
}
