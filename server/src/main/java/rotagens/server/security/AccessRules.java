package rotagens.server.security;

import static rotagens.server.people.Role.COORDINATOR;
import static rotagens.server.people.Role.MANAGER;
import static rotagens.server.people.Role.TECHNICIAN;
import static rotagens.server.people.Role.VIEWER;

import java.util.List;
import org.springframework.http.HttpMethod;
import rotagens.server.machines.TokenScope;
import rotagens.server.people.Role;

/** Who may ask what, the first line that fits deciding. What no line names is denied to everybody. */
final class AccessRules {

    /**
     * One line.
     *
     * @param least the least role; null for everybody, signed in or not
     * @param scope what a machine’s token has to name instead; null where no machine may
     */
    record Rule(HttpMethod method, String path, Role least, TokenScope scope) {

        Rule(HttpMethod method, String path, Role least) {
            this(method, path, least, null);
        }
    }

    private static final HttpMethod GET = HttpMethod.GET;
    private static final HttpMethod HEAD = HttpMethod.HEAD;
    private static final HttpMethod POST = HttpMethod.POST;
    private static final HttpMethod PUT = HttpMethod.PUT;
    private static final HttpMethod DELETE = HttpMethod.DELETE;

    static final List<Rule> LINES = List.of(
            // Open to everybody: finding out whether one is signed in, signing in and out, the very first account.
            new Rule(GET, "/api/session", null),
            new Rule(POST, "/api/session", null),
            new Rule(DELETE, "/api/session", null),
            new Rule(POST, "/api/session/demo", null),
            new Rule(POST, "/api/first-account", null),
            new Rule(POST, "/api/first-account/export", null),
            // A driver's report: whoever holds the vehicle's card.
            new Rule(GET, "/api/driver-reports/{code}", null),
            new Rule(POST, "/api/driver-reports/{code}", null),
            // One’s own account.
            new Rule(PUT, "/api/session/units", VIEWER),
            new Rule(PUT, "/api/session/password", VIEWER),
            // Accounts, policy, and everything at once: managers.
            new Rule(POST, "/api/people", MANAGER),
            new Rule(PUT, "/api/people/**", MANAGER),
            new Rule(GET, "/api/export", MANAGER),
            new Rule(GET, "/api/backups", MANAGER),
            new Rule(POST, "/api/backups", MANAGER),
            new Rule(POST, "/api/clock", MANAGER),
            new Rule(PUT, "/api/policy/**", MANAGER),
            new Rule(PUT, "/api/policy-choices/{choice}", MANAGER),
            new Rule(POST, "/api/policy/**", MANAGER),
            new Rule(GET, "/api/machine-tokens", MANAGER),
            new Rule(POST, "/api/machine-tokens", MANAGER),
            new Rule(DELETE, "/api/machine-tokens/{id}", MANAGER),
            new Rule(GET, "/api/webhooks", MANAGER),
            new Rule(POST, "/api/webhooks", MANAGER),
            new Rule(DELETE, "/api/webhooks/{id}", MANAGER),
            // What machines send; a coordinator may, too.
            new Rule(POST, "/api/ingest/odometers", COORDINATOR, TokenScope.ODOMETERS),
            new Rule(POST, "/api/ingest/pressures", COORDINATOR, TokenScope.PRESSURES),
            new Rule(POST, "/api/ingest/sensor-alarms", COORDINATOR, TokenScope.SENSOR_ALARMS),
            new Rule(POST, "/api/ingest/gauge-readings", TECHNICIAN, TokenScope.GAUGE_READINGS),
            new Rule(POST, "/api/ingest/scale-tickets", TECHNICIAN, TokenScope.SCALE_TICKETS),
            new Rule(GET, "/api/simulators/gateway/stream", MANAGER),
            new Rule(GET, "/api/simulators/receiver", MANAGER),
            // The register: coordinators.
            new Rule(POST, "/api/vehicles", COORDINATOR),
            new Rule(PUT, "/api/vehicles/{id}", COORDINATOR),
            new Rule(POST, "/api/vehicles/layout-change", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/retire", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/restore", COORDINATOR),
            new Rule(POST, "/api/tire-models", COORDINATOR),
            new Rule(PUT, "/api/tire-models/**", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/postponements", COORDINATOR),
            new Rule(DELETE, "/api/vehicles/{id}/postponements/{work}", COORDINATOR),
            new Rule(GET, "/api/calendar/feed/{code}/shop.ics", null),
            new Rule(HEAD, "/api/calendar/feed/{code}/shop.ics", null),
            new Rule(GET, "/api/calendar/feeds", COORDINATOR),
            new Rule(POST, "/api/calendar/feeds", COORDINATOR),
            new Rule(DELETE, "/api/calendar/feeds/{id}", COORDINATOR),
            new Rule(POST, "/api/calendar/bookings", COORDINATOR),
            new Rule(POST, "/api/calendar/bookings/{importId}/undo", COORDINATOR),
            new Rule(POST, "/api/telematics/read", COORDINATOR),
            new Rule(POST, "/api/outlook", VIEWER),
            new Rule(POST, "/api/outlook/vehicles/{id}/timelines", VIEWER),
            new Rule(POST, "/api/outlook/accept", COORDINATOR),
            new Rule(POST, "/api/orders/from-needs", COORDINATOR),
            new Rule(POST, "/api/suppliers", COORDINATOR),
            new Rule(POST, "/api/discount-programs", MANAGER),
            new Rule(PUT, "/api/shop/**", COORDINATOR),
            new Rule(POST, "/api/shop/**", COORDINATOR),
            new Rule(DELETE, "/api/shop/**", COORDINATOR),
            new Rule(POST, "/api/saved-questions", COORDINATOR),
            new Rule(DELETE, "/api/saved-questions/{id}", COORDINATOR),
            new Rule(POST, "/api/orders", COORDINATOR),
            new Rule(POST, "/api/orders/{id}/close", COORDINATOR),
            new Rule(POST, "/api/orders/{id}/reopen", COORDINATOR),
            new Rule(POST, "/api/orders/{id}/withdraw", COORDINATOR),
            new Rule(POST, "/api/imports/**", COORDINATOR),
            new Rule(POST, "/api/charts", COORDINATOR),
            new Rule(PUT, "/api/charts/{id}", COORDINATOR),
            new Rule(PUT, "/api/vehicles/{id}/method", COORDINATOR),
            new Rule(PUT, "/api/vehicles/{id}/load-state", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/trips", COORDINATOR),
            new Rule(DELETE, "/api/vehicles/{id}/trips/{trip}", COORDINATOR),
            new Rule(POST, "/api/reports/{id}/review", COORDINATOR),
            new Rule(POST, "/api/reports/{id}/checks", TECHNICIAN),
            new Rule(POST, "/api/readings/{id}/void", TECHNICIAN),
            new Rule(GET, "/api/vehicles/{id}/driver-card", COORDINATOR),
            new Rule(GET, "/api/vehicles/{id}/pdf/driver-card.pdf", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/driver-card", COORDINATOR),
            new Rule(POST, "/api/gauges/**", COORDINATOR),
            new Rule(POST, "/api/tire-changers", COORDINATOR),
            new Rule(PUT, "/api/tire-changers/{id}", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/odometer-replacement", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/tires", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/notes", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/notes/photos", TECHNICIAN),
            new Rule(PUT, "/api/settings", MANAGER),
            new Rule(POST, "/api/morning-digest", MANAGER),
            new Rule(POST, "/api/vehicles/{id}/rotation", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/rotation/proposal", VIEWER),
            new Rule(POST, "/api/vehicles/{id}/rotation/evaluation", VIEWER),
            new Rule(POST, "/api/vehicles/{id}/rotation/replacement", VIEWER),
            new Rule(POST, "/api/jobs", COORDINATOR),
            new Rule(POST, "/api/wished-work", COORDINATOR),
            new Rule(POST, "/api/parts/counts", TECHNICIAN),
            new Rule(POST, "/api/parts/deliveries", TECHNICIAN),
            new Rule(PUT, "/api/parts/levels", COORDINATOR),
            new Rule(PUT, "/api/jobs/{id}/date", COORDINATOR),
            new Rule(DELETE, "/api/jobs/{id}", COORDINATOR),
            new Rule(DELETE, "/api/jobs/{id}/items", COORDINATOR),
            new Rule(POST, "/api/jobs/{id}/restore", COORDINATOR),
            // Work in yard and bay: technicians.
            new Rule(POST, "/api/jobs/{id}/completion", TECHNICIAN),
            new Rule(PUT, "/api/jobs/{id}/items/{itemId}/tire", TECHNICIAN),
            new Rule(PUT, "/api/jobs/{id}/sheet", TECHNICIAN),
            new Rule(POST, "/api/jobs/{id}/sheet/**", TECHNICIAN),
            new Rule(POST, "/api/jobs/{id}/visit", TECHNICIAN),
            new Rule(POST, "/api/jobs/{id}/visit/photos", TECHNICIAN),
            new Rule(POST, "/api/jobs/{id}/visit/hand-over", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/walk-arounds", TECHNICIAN),
            new Rule(PUT, "/api/walk-arounds/**", TECHNICIAN),
            new Rule(POST, "/api/walk-arounds/**", TECHNICIAN),
            new Rule(DELETE, "/api/walk-arounds/{id}/photos/{photo}", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/odometer", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/odometer/{readingId}/correction", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/events", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/scale-tickets", TECHNICIAN),
            new Rule(PUT, "/api/vehicles/{id}/sensors/{position}", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/body-changes", TECHNICIAN),
            new Rule(PUT, "/api/vehicles/{id}/relearn/procedure", COORDINATOR),
            new Rule(POST, "/api/vehicles/{id}/relearn", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/relearn/**", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/dash-gauge-comparison", TECHNICIAN),
            new Rule(PUT, "/api/vehicles/{id}/axles/{axle}/warning-threshold", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/axles/{axle}/chalk-test", TECHNICIAN),
            new Rule(POST, "/api/vehicles/{id}/pressure-round/**", TECHNICIAN),
            // The gauge’s page, and in the demo the simulated devices, for whoever works with them.
            new Rule(GET, "/api/gauge/events", TECHNICIAN),
            new Rule(POST, "/api/simulators/**", TECHNICIAN),
            new Rule(POST, "/api/orders/lines/{id}/check", TECHNICIAN),
            new Rule(POST, "/api/orders/lines/{id}/deliveries", TECHNICIAN),
            new Rule(POST, "/api/tires", TECHNICIAN),
            new Rule(PUT, "/api/tires/{id}", TECHNICIAN),
            new Rule(POST, "/api/tires/**", TECHNICIAN),
            new Rule(POST, "/api/movements/{id}/correct", TECHNICIAN),
            // Reading a sidewall aloud stores nothing.
            new Rule(POST, "/api/parse/**", VIEWER),
            new Rule(POST, "/api/calculator", VIEWER),
            new Rule(GET, "/api/**", VIEWER));

    private AccessRules() {}
}
