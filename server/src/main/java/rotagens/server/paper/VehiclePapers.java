package rotagens.server.paper;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.DotDate;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.server.changes.Changes;
import rotagens.server.events.VehicleHistory;
import rotagens.server.exchange.QrCode;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.tire.Tires.Fitted;

/** A vehicle's papers: DOT sheet, pressure card for the dash, card for its drivers' reports. */
@RestController
class VehiclePapers {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private final Fleet fleet;
    private final VehicleHistory history;
    private final Changes changes;
    private final Paper paper;

    VehiclePapers(Fleet fleet, VehicleHistory history, Changes changes, Paper paper) {
        this.fleet = fleet;
        this.history = history;
        this.changes = changes;
        this.paper = paper;
    }

    /** Week, age and limit of every position on one page. */
    @GetMapping(value = "/api/vehicles/{id}/papers/dot-sheet.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> dotSheet(@PathVariable long id) {
        Standing standing = fleet.get(id);
        Map<Position, List<String>> under = new LinkedHashMap<>();
        StringBuilder rows = new StringBuilder();
        for (Position position : standing.onFile().facts().layout().positions()) {
            Optional<Fitted> fitted = Optional.ofNullable(standing.fitted().get(position));
            Optional<DotDate> made = fitted.flatMap(one -> one.tire().made());
            under.put(
                    position,
                    List.of(
                            made.map(DotDate::stamped).orElse("?"),
                            made.map(one -> years(one.ageYears(standing.today())))
                                    .orElse("")));
            rows.append("<tr><td><b>")
                    .append(Paper.text(position.code()))
                    .append("</b></td><td>")
                    .append(Paper.text(
                            fitted.map(one -> one.tire().model().title()).orElse("no tire on file")))
                    .append("</td><td style=\"font-family:Stamped\">")
                    .append(Paper.text(fitted.flatMap(Fitted::dotCode).orElse("not read")))
                    .append("</td><td>")
                    .append(Paper.text(made.map(one -> DAY.format(one.madeOn())).orElse("not known")))
                    .append("</td><td>")
                    .append(Paper.text(made.map(one -> years(one.ageYears(standing.today())))
                            .orElse("")))
                    .append("</td><td>")
                    .append(Paper.text(made.map(one -> DAY.format(
                                    one.reaches(standing.policyAt(position).number(PolicyNumber.OVERALL_AGE))))
                            .orElse("")))
                    .append("</td></tr>");
        }
        String body = head(standing, "DOT sheet")
                + Drawings.axles(standing.onFile().facts().layout(), under)
                + "<table><tr><th>Place</th><th>Tire</th><th>DOT code</th><th>Week begins</th><th>Age</th><th>Overall limit</th></tr>"
                + rows
                + "</table><p class=\"quiet\">Age runs from the Sunday of the DOT week, a retread’s from its casing’s."
                + " Tread never masks age.</p>";
        return answer(standing, "dot-sheet", "DOT sheet", body);
    }

    private static String years(double age) {
        return String.format(Locale.ROOT, "%.1f y", Math.floor(age * 10) / 10);
    }

    /** Cold targets by axle, large, for the dash. */
    @GetMapping(value = "/api/vehicles/{id}/papers/pressure-card.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> pressureCard(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        Standing standing = fleet.get(id);
        Map<Position, List<String>> under = new LinkedHashMap<>();
        standing.onFile().facts().layout().positions().stream()
                .filter(OnAxle.class::isInstance)
                .forEach(position -> under.put(
                        position,
                        List.of(target(standing, position)
                                .map(pressure -> pressure.in(units))
                                .orElse("not known"))));
        // The figures stand as text too, for whoever has the page read aloud.
        StringBuilder rows = new StringBuilder();
        under.forEach((position, lines) -> rows.append("<tr><td><b>")
                .append(Paper.text(position.code()))
                .append("</b></td><td>")
                .append(Paper.text(standing.onFile().facts().layout().nameOf(position)))
                .append("</td><td><b>")
                .append(Paper.text(lines.get(0)))
                .append("</b></td></tr>"));
        String state = standing.state().facts().preset().state().words();
        String body = head(standing, "Cold tire pressures")
                + Drawings.axles(standing.onFile().facts().layout(), under)
                + "<p class=\"large\">" + Paper.text("Set for load: " + state) + "</p><table>" + rows + "</table>"
                + "<p class=\"caution\">Cold: parked at least 3 hours. A hot tire is never bled down."
                + " At 80 % of the figure or less, cold or hot: stop, no air, have it looked at inside.</p>"
                + "<p>A lamp that names a corner is no proof of that corner: gauge all of them before adding air.</p>"
                + "<p class=\"quiet\">"
                + Paper.text("As of " + DAY.format(standing.today())
                        + ". Another load, another size or another model voids these figures. The vehicle’s placard: "
                        + standing.onFile().facts().kind().placardSpot() + ".")
                + "</p>";
        return answer(standing, "pressure-card", "Cold tire pressures", body);
    }

    private static Optional<Pressure> target(Standing standing, Position position) {
        return Optional.ofNullable(standing.fitted().get(position))
                .flatMap(fitted ->
                        standing.target(position, fitted.tire().model()).pressure());
    }

    /** The card whose code opens the driver's form without an account. */
    @GetMapping(value = "/api/vehicles/{id}/papers/report-card.pdf", produces = "application/pdf")
    @Transactional
    public ResponseEntity<byte[]> reportCard(@PathVariable long id, @RequestParam(defaultValue = "") String origin) {
        changes.draftsOnly();
        Standing standing = fleet.get(id);
        String address = origin(origin) + "/report/" + history.code(id);
        List<String> symptoms = new ArrayList<>();
        for (Symptom symptom : Symptom.values()) {
            symptoms.add(symptom.words());
        }
        String body = head(standing, "Tell us about this vehicle’s tires")
                + "<table><tr><td style=\"width:70mm;border:0\"><div style=\"width:60mm;height:60mm\">"
                + QrCode.svg(address).replace("<svg ", "<svg width=\"220\" height=\"220\" ")
                + "</div></td><td style=\"border:0\"><p class=\"large\">Scan it and tap what you noticed.</p><p>"
                + Paper.text(String.join(" · ", symptoms))
                + "</p><p class=\"caution\">A soft tire, a bulge, or a pull: stop where it is safe, and call.</p>"
                + "<p style=\"font-family:Stamped;font-size:8pt\">" + Paper.text(address) + "</p></td></tr></table>"
                + Drawings.axles(standing.onFile().facts().layout(), Map.of());
        return answer(standing, "report-card", "Driver’s report card", body);
    }

    /** The address phones reach this server by, as the page that asks knows it; nothing but an address is taken. */
    private static String origin(String typed) {
        return typed.matches("https?://[A-Za-z0-9.\\-\\[\\]:]{1,80}") ? typed : "";
    }

    private static String head(Standing standing, String title) {
        return "<h1>" + Paper.text(standing.onFile().facts().unit() + " " + title) + "</h1><div class=\"quiet\">"
                + Paper.text(standing.onFile().description() + " · "
                        + standing.onFile().yard() + " yard · front is up, left is the driver’s left")
                + "</div>";
    }

    private ResponseEntity<byte[]> answer(Standing standing, String name, String title, String body) {
        String unit = standing.onFile().facts().unit();
        return Paper.answer(
                name + "-" + unit + ".pdf",
                paper.pdf(unit + " " + title, "Rotagens, " + unit + ", " + DAY.format(standing.today()), body));
    }
}
