package rotagens.server.security;

import static rotagens.server.people.Role.COORDINATOR;
import static rotagens.server.people.Role.MANAGER;
import static rotagens.server.people.Role.TECHNICIAN;
import static rotagens.server.people.Role.VIEWER;

import java.util.List;
import org.springframework.http.HttpMethod;
import rotagens.server.people.Role;

/** Who may ask what, the first line that fits deciding. What no line names is denied to everybody. */
final class Access {

    /**
     * One line.
     *
     * @param least the least role; null for everybody, signed in or not
     */
    record Line(HttpMethod method, String path, Role least) {}

    private static final HttpMethod GET = HttpMethod.GET;
    private static final HttpMethod POST = HttpMethod.POST;
    private static final HttpMethod PUT = HttpMethod.PUT;
    private static final HttpMethod DELETE = HttpMethod.DELETE;

    static final List<Line> LINES = List.of(
            // Open to everybody: finding out whether one is signed in, signing in and out, the very first account.
            new Line(GET, "/api/session", null),
            new Line(POST, "/api/session", null),
            new Line(DELETE, "/api/session", null),
            new Line(POST, "/api/session/demo", null),
            new Line(POST, "/api/first-account", null),
            new Line(POST, "/api/first-account/export", null),
            // A driver's report: whoever holds the vehicle's card.
            new Line(GET, "/api/report/{code}", null),
            new Line(POST, "/api/report/{code}", null),
            // One’s own account.
            new Line(PUT, "/api/session/units", VIEWER),
            new Line(PUT, "/api/session/password", VIEWER),
            // Accounts, policy, and everything at once: managers.
            new Line(POST, "/api/people", MANAGER),
            new Line(PUT, "/api/people/**", MANAGER),
            new Line(GET, "/api/export", MANAGER),
            new Line(GET, "/api/backups", MANAGER),
            new Line(POST, "/api/backups", MANAGER),
            new Line(POST, "/api/clock", MANAGER),
            new Line(PUT, "/api/policy/**", MANAGER),
            new Line(POST, "/api/policy/**", MANAGER),
            // The register: coordinators.
            new Line(POST, "/api/vehicles", COORDINATOR),
            new Line(PUT, "/api/vehicles/{id}", COORDINATOR),
            new Line(POST, "/api/vehicles/layout-change", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/retire", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/restore", COORDINATOR),
            new Line(POST, "/api/tire-models", COORDINATOR),
            new Line(PUT, "/api/tire-models/**", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/waivers", COORDINATOR),
            new Line(DELETE, "/api/vehicles/{id}/waivers/{work}", COORDINATOR),
            new Line(GET, "/api/calendar/feed/{code}/shop.ics", null),
            new Line(GET, "/api/calendar/feeds", COORDINATOR),
            new Line(POST, "/api/calendar/feeds", COORDINATOR),
            new Line(DELETE, "/api/calendar/feeds/{id}", COORDINATOR),
            new Line(POST, "/api/calendar/bookings", COORDINATOR),
            new Line(POST, "/api/telematics/read", COORDINATOR),
            new Line(PUT, "/api/weather", TECHNICIAN),
            new Line(POST, "/api/outlook", VIEWER),
            new Line(POST, "/api/outlook/vehicles/{id}", VIEWER),
            new Line(POST, "/api/outlook/accept", COORDINATOR),
            new Line(POST, "/api/order-list/send", COORDINATOR),
            new Line(POST, "/api/suppliers", COORDINATOR),
            new Line(POST, "/api/discount-programs", MANAGER),
            new Line(PUT, "/api/shop/**", COORDINATOR),
            new Line(POST, "/api/shop/**", COORDINATOR),
            new Line(DELETE, "/api/shop/**", COORDINATOR),
            new Line(POST, "/api/questions/kept", COORDINATOR),
            new Line(DELETE, "/api/questions/kept/{id}", COORDINATOR),
            new Line(POST, "/api/orders", COORDINATOR),
            new Line(POST, "/api/orders/{id}/close", COORDINATOR),
            new Line(POST, "/api/imports/**", COORDINATOR),
            new Line(POST, "/api/charts", COORDINATOR),
            new Line(PUT, "/api/charts/{id}", COORDINATOR),
            new Line(PUT, "/api/vehicles/{id}/pressure-choice", COORDINATOR),
            new Line(PUT, "/api/vehicles/{id}/load-state", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/trips", COORDINATOR),
            new Line(DELETE, "/api/vehicles/{id}/trips/{trip}", COORDINATOR),
            new Line(POST, "/api/reports/{id}/review", COORDINATOR),
            new Line(POST, "/api/reports/{id}/checks", TECHNICIAN),
            new Line(POST, "/api/readings/{id}/void", TECHNICIAN),
            new Line(GET, "/api/vehicles/{id}/report-card", COORDINATOR),
            new Line(GET, "/api/vehicles/{id}/papers/report-card.pdf", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/report-card", COORDINATOR),
            new Line(POST, "/api/gauges/**", COORDINATOR),
            new Line(POST, "/api/machines", COORDINATOR),
            new Line(PUT, "/api/machines/{id}", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/odometer-replacement", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/rotation", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/rotation/proposal", VIEWER),
            new Line(POST, "/api/vehicles/{id}/rotation/evaluation", VIEWER),
            new Line(POST, "/api/vehicles/{id}/rotation/replacement", VIEWER),
            new Line(POST, "/api/jobs", COORDINATOR),
            new Line(PUT, "/api/jobs/{id}/day", COORDINATOR),
            new Line(DELETE, "/api/jobs/{id}", COORDINATOR),
            // Work in yard and bay: technicians.
            new Line(POST, "/api/jobs/{id}/done", TECHNICIAN),
            new Line(PUT, "/api/jobs/{id}/sheet", TECHNICIAN),
            new Line(POST, "/api/jobs/{id}/sheet/**", TECHNICIAN),
            new Line(POST, "/api/jobs/{id}/visit", TECHNICIAN),
            new Line(POST, "/api/jobs/{id}/visit/photos", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/walk-rounds", TECHNICIAN),
            new Line(PUT, "/api/walk-rounds/**", TECHNICIAN),
            new Line(POST, "/api/walk-rounds/**", TECHNICIAN),
            new Line(DELETE, "/api/walk-rounds/{id}/photos/{photo}", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/odometer", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/events", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/slips", TECHNICIAN),
            new Line(PUT, "/api/vehicles/{id}/sensors/{position}", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/body-changes", TECHNICIAN),
            new Line(PUT, "/api/vehicles/{id}/relearn/procedure", COORDINATOR),
            new Line(POST, "/api/vehicles/{id}/relearn", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/relearn/**", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/dash-against-gauge", TECHNICIAN),
            new Line(PUT, "/api/vehicles/{id}/axles/{axle}/warning", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/axles/{axle}/chalk-line", TECHNICIAN),
            new Line(POST, "/api/vehicles/{id}/pressure-round/**", TECHNICIAN),
            // The simulated devices answer whoever is signed in and works with them.
            new Line(GET, "/api/stand-ins/gauge", TECHNICIAN),
            new Line(POST, "/api/stand-ins/**", TECHNICIAN),
            new Line(POST, "/api/orders/lines/{id}/check", TECHNICIAN),
            new Line(POST, "/api/orders/lines/{id}/deliveries", TECHNICIAN),
            new Line(POST, "/api/tires", TECHNICIAN),
            new Line(PUT, "/api/tires/{id}", TECHNICIAN),
            new Line(POST, "/api/tires/**", TECHNICIAN),
            new Line(POST, "/api/movements/{id}/correct", TECHNICIAN),
            // Reading a sidewall aloud stores nothing.
            new Line(POST, "/api/read/**", VIEWER),
            new Line(GET, "/api/**", VIEWER));

    private Access() {}
}
