package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.Gson;
import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The fleet page at a glance. */
class FleetIT extends OnDemoFleet {

    private static final int SCREEN = 800;
    private static final int ROW = 44;

    @Test
    @DisplayName(
            "every vehicle of sixty that must not be operated stands on the first screen, in rows of at most 44 px")
    void firstScreen() {
        Page page = open("/", COORDINATOR, 1280);
        page.route("**/api/fleet?*part=DUE*", FleetIT::asOfSixty);
        page.reload();
        Locator stopped =
                page.getByRole(AriaRole.REGION, named("Do not operate").setExact(true));
        assertThat(stopped.getByRole(AriaRole.HEADING)).containsText("Do not operate");
        List<Locator> rows = stopped.locator(".due-row").all();
        Assertions.assertThat(rows).hasSizeGreaterThan(9);
        for (Locator row : rows) {
            Assertions.assertThat(row.boundingBox().height).isLessThanOrEqualTo(ROW);
        }
        var last = rows.get(rows.size() - 1).boundingBox();
        Assertions.assertThat(last.y + last.height).isLessThanOrEqualTo(SCREEN);
    }

    /** The demo's 24 vehicles with the share of them that must not be operated as a fleet of sixty would have it. */
    private static void asOfSixty(Route route) {
        var answer = route.fetch();
        JsonObject fleet = new Gson().fromJson(answer.text(), JsonObject.class);
        List<JsonElement> stopped = new ArrayList<>();
        List<JsonElement> others = new ArrayList<>();
        for (JsonElement line : fleet.getAsJsonArray("due")) {
            boolean stops = line.getAsJsonObject().get("group").getAsString().equals("DO_NOT_OPERATE");
            (stops ? stopped : others).add(line);
        }
        long vehicles = stopped.stream()
                .map(line -> line.getAsJsonObject().get("unit"))
                .distinct()
                .count();
        JsonArray lines = new JsonArray();
        stopped.forEach(lines::add);
        for (int more = 0; more < Math.ceil(vehicles * 36 / 24.0); more++) {
            JsonObject copy = stopped.get(0).deepCopy().getAsJsonObject();
            copy.addProperty("vehicleId", 1000 + more);
            copy.addProperty("unit", "SX-" + more);
            lines.add(copy);
        }
        others.forEach(lines::add);
        fleet.add("due", lines);
        route.fulfill(new Route.FulfillOptions().setResponse(answer).setBody(fleet.toString()));
    }

    @Test
    @DisplayName(
            "several vehicles are put on the days proposed, none of them a day the shop is closed; those without a day are named; it can be undone")
    void schedule() {
        Page page = open("/", COORDINATOR, 1280);
        page.getByLabel("Choose all: Do not operate").check();
        page.getByLabel("Choose all: Overdue").check();
        page.getByRole(AriaRole.BUTTON, named("Schedule "))
                .filter(new Locator.FilterOptions().setHasText("…"))
                .click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByText("next open day with hours left").first()).isVisible();
        Assertions.assertThat(dialog.getByText("shop closed").count()).isZero();
        List<String> days = dialog.locator("li input[type=date]").all().stream()
                .map(Locator::inputValue)
                .toList();
        List<String> proposed =
                days.stream().filter(day -> !day.isEmpty()).distinct().toList();
        Assertions.assertThat(proposed).hasSizeGreaterThan(1);
        // Nobody works at Millrace, and what must not be driven isn't sent elsewhere.
        Assertions.assertThat(days).contains("");
        assertThat(dialog.getByText("Millrace has none").first()).isVisible();
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Schedule \\d+$")))
                .click();
        assertThat(dialog).hasCount(0);
        assertThat(page.getByText("Not scheduled: ").first()).containsText("TR-02");
        Locator stopped =
                page.getByRole(AriaRole.REGION, named("Do not operate").setExact(true));
        assertThat(stopped.getByText("planned").first()).isVisible();
        page.getByRole(AriaRole.BUTTON, named("Undo")).click();
        assertThat(page.getByText("is not scheduled.")).isVisible();
        assertThat(stopped.getByText("planned")).hasCount(0);
    }

    @Test
    @DisplayName("a count narrows the page to what it counts, and the same click widens it again")
    void counts() {
        Page page = open("/", COORDINATOR, 1280);
        Locator groups = page.locator("section[aria-label=Due] h3");
        assertThat(groups.first()).containsText("Do not operate");
        Locator overdue = page.getByRole(AriaRole.BUTTON, named(" overdue").setExact(false))
                .first();
        int vehicles = Integer.parseInt(overdue.innerText().replaceAll("\\D", ""));
        overdue.click();
        assertThat(groups).hasCount(1);
        assertThat(page.locator("section[aria-label=Due] .due-row")).hasCount(vehicles);
        assertThat(page.locator("section[aria-label=Vehicles] a")).hasCount(vehicles);
        overdue.click();
        assertThat(groups.first()).containsText("Do not operate");
    }
}
