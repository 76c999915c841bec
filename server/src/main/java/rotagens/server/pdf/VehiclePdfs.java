package rotagens.server.pdf;

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
import rotagens.core.tire.DotWeek;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.importexport.QrCode;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.vehicleevent.VehicleEventStore;

/** A vehicle's papers: DOT sheet, pressure card for the dash, card for its drivers' reports. */
@RestController
class VehiclePdfs {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private final FleetCache fleet;
    private final VehicleEventStore history;
    private final ChangeTracker changeTracker;
    private final PdfRenderer pdfRenderer;

    VehiclePdfs(FleetCache fleet, VehicleEventStore history, ChangeTracker changeTracker, PdfRenderer pdfRenderer) {
        this.fleet = fleet;
        this.history = history;
        this.changeTracker = changeTracker;
        this.pdfRenderer = pdfRenderer;
    }

    /** Week, age and limit of every position on one page. */
    @GetMapping(value = "/api/vehicles/{id}/pdf/dot-sheet.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> printDotSheet(@PathVariable long id) {
        VehicleAssessment vehicleAssessment = fleet.get(id);
        Map<Position, List<String>> under = new LinkedHashMap<>();
        StringBuilder rows = new StringBuilder();
        for (Position position : vehicleAssessment.layout().positions()) {
            Optional<InstalledTire> installedTire =
                    Optional.ofNullable(vehicleAssessment.fitted().get(position));
            Optional<DotWeek> made = installedTire.flatMap(one -> one.tire().dotWeek());
            under.put(
                    position,
                    List.of(
                            made.map(DotWeek::marked).orElse("?"),
                            made.map(one -> years(one.ageYears(vehicleAssessment.today())))
                                    .orElse("")));
            rows.append("<tr><td><b>")
                    .append(PdfRenderer.text(position.code()))
                    .append("</b></td><td>")
                    .append(PdfRenderer.text(
                            installedTire.map(one -> one.tire().model().title()).orElse("no tire on file")))
                    .append("</td><td style=\"font-family:Stamped\">")
                    .append(PdfRenderer.text(
                            installedTire.flatMap(InstalledTire::dotCode).orElse("not read")))
                    .append("</td><td>")
                    .append(PdfRenderer.text(
                            made.map(one -> DAY.format(one.weekStart())).orElse("not known")))
                    .append("</td><td>")
                    .append(PdfRenderer.text(made.map(one -> years(one.ageYears(vehicleAssessment.today())))
                            .orElse("")))
                    .append("</td><td>")
                    .append(PdfRenderer.text(made.map(one -> DAY.format(one.reaches(
                                    vehicleAssessment.policyAt(position).number(PolicyNumber.OVERALL_AGE))))
                            .orElse("")))
                    .append("</td></tr>");
        }
        String body = head(vehicleAssessment, "DOT sheet")
                + SvgDrawings.axles(vehicleAssessment.layout(), under)
                + "<table><tr><th>Place</th><th>Tire</th><th>DOT code</th><th>Week begins</th><th>Age</th><th>Overall limit</th></tr>"
                + rows
                + "</table><p class=\"quiet\">Age runs from the Sunday of the DOT week, a retread’s from its casing’s."
                + " Tread never masks age.</p>";
        return answer(vehicleAssessment, "dot-sheet", "DOT sheet", body);
    }

    private static String years(double age) {
        return String.format(Locale.ROOT, "%.1f y", Math.floor(age * 10) / 10);
    }

    /** Cold targets by axle, large, for the dash. */
    @GetMapping(value = "/api/vehicles/{id}/pdf/pressure-card.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> printPressureCard(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(id);
        Map<Position, List<String>> under = new LinkedHashMap<>();
        vehicleAssessment.layout().positions().stream()
                .filter(OnAxle.class::isInstance)
                .forEach(position -> under.put(
                        position,
                        List.of(target(vehicleAssessment, position)
                                .map(pressure -> pressure.format(units))
                                .orElse("not known"))));
        // The figures stand as text too, for whoever has the page read aloud.
        StringBuilder rows = new StringBuilder();
        under.forEach((position, lines) -> rows.append("<tr><td><b>")
                .append(PdfRenderer.text(position.code()))
                .append("</b></td><td>")
                .append(PdfRenderer.text(vehicleAssessment.layout().nameOf(position)))
                .append("</td><td><b>")
                .append(PdfRenderer.text(lines.get(0)))
                .append("</b></td></tr>"));
        String state =
                vehicleAssessment.state().facts().currentLoadState().state().label();
        String body = head(vehicleAssessment, "Cold tire pressures")
                + SvgDrawings.axles(vehicleAssessment.layout(), under)
                + "<p class=\"large\">" + PdfRenderer.text("Set for load: " + state) + "</p><table>" + rows + "</table>"
                + "<p class=\"caution\">Cold: parked at least 3 hours. A hot tire is never bled down."
                + " At 80% of the target or less, cold or hot: never add air on the vehicle. Deflate, demount and inspect inside.</p>"
                + "<p>A lamp that names a corner is no proof of that corner: gauge all of them before adding air.</p>"
                + "<p class=\"quiet\">"
                + PdfRenderer.text("As of " + DAY.format(vehicleAssessment.today())
                        + ". Another load, size or model makes these pressures invalid. The vehicle’s placard: "
                        + vehicleAssessment.vehicle().type().placardLocation() + ".")
                + "</p>";
        return answer(vehicleAssessment, "pressure-card", "Cold tire pressures", body);
    }

    private static Optional<Pressure> target(VehicleAssessment vehicleAssessment, Position position) {
        return Optional.ofNullable(vehicleAssessment.fitted().get(position))
                .flatMap(installedTire -> vehicleAssessment
                        .target(position, installedTire.tire().model())
                        .pressure());
    }

    /** The card whose code opens the driver's form without an account. */
    @GetMapping(value = "/api/vehicles/{id}/pdf/driver-card.pdf", produces = "application/pdf")
    @Transactional
    public ResponseEntity<byte[]> printDriverCard(
            @PathVariable long id, @RequestParam(defaultValue = "") String origin) {
        changeTracker.draftsOnly();
        VehicleAssessment vehicleAssessment = fleet.get(id);
        String address = origin(origin) + "/report/" + history.code(id);
        List<String> symptoms = new ArrayList<>();
        for (Symptom symptom : Symptom.values()) {
            symptoms.add(symptom.label());
        }
        String body = head(vehicleAssessment, "Tell us about this vehicle’s tires")
                + "<table><tr><td style=\"width:70mm;border:0\"><div style=\"width:60mm;height:60mm\">"
                + QrCode.svg(address).replace("<svg ", "<svg width=\"220\" height=\"220\" ")
                + "</div></td><td style=\"border:0\"><p class=\"large\">Scan it and tap what you noticed.</p><p>"
                + PdfRenderer.text(String.join(" · ", symptoms))
                + "</p><p class=\"caution\">A soft tire, a bulge, or a pull: stop where it is safe, and call.</p>"
                + "<p style=\"font-family:Stamped;font-size:8pt\">" + PdfRenderer.text(address)
                + "</p></td></tr></table>"
                + SvgDrawings.axles(vehicleAssessment.layout(), Map.of());
        return answer(vehicleAssessment, "report-card", "Driver’s report card", body);
    }

    /** The address phones reach this server by, as the page that asks knows it; nothing but an address is taken. */
    private static String origin(String typed) {
        return typed.matches("https?://[A-Za-z0-9.\\-\\[\\]:]{1,80}") ? typed : "";
    }

    private static String head(VehicleAssessment vehicleAssessment, String title) {
        return "<h1>" + PdfRenderer.text(vehicleAssessment.unit() + " " + title)
                + "</h1><div class=\"quiet\">"
                + PdfRenderer.text(vehicleAssessment.onFile().description() + " · " + vehicleAssessment.yard()
                        + " yard · front is up, left is the driver’s left")
                + "</div>";
    }

    private ResponseEntity<byte[]> answer(VehicleAssessment vehicleAssessment, String name, String title, String body) {
        String unit = vehicleAssessment.unit();
        return PdfRenderer.answer(
                name + "-" + unit + ".pdf",
                pdfRenderer.pdf(
                        unit + " " + title, "Rotagens, " + unit + ", " + DAY.format(vehicleAssessment.today()), body));
    }
}
