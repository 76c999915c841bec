package rotagens.server.pdf;

import static rotagens.server.pdf.PdfWords.WORDS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.measure.HouseStyle;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
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
public class VehiclePdfs {

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

    /** A line of the DOT sheet. */
    public record DotRow(String position, String tire, String dotCode, String weekBegins, String age, String limit) {}

    /** A line of the pressure card. */
    public record PressureRow(String position, String name, String target) {}

    /** Week, age and limit of every position on one page. */
    @GetMapping(value = "/api/vehicles/{id}/pdf/dot-sheet.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> printDotSheet(@PathVariable long id) {
        VehicleAssessment vehicleAssessment = fleet.get(id);
        Map<Position, List<String>> under = new LinkedHashMap<>();
        List<DotRow> rows = new ArrayList<>();
        for (Position position : vehicleAssessment.layout().positions()) {
            Optional<InstalledTire> installedTire =
                    Optional.ofNullable(vehicleAssessment.fitted().get(position));
            Optional<DotWeek> made = installedTire.flatMap(one -> one.tire().dotWeek());
            String age = made.map(one -> years(one.ageYears(vehicleAssessment.today())))
                    .orElse("");
            under.put(position, List.of(made.map(DotWeek::marked).orElse("?"), age));
            rows.add(new DotRow(
                    position.code(),
                    installedTire.map(one -> one.tire().model().title()).orElse(WORDS.say("noTireOnFile")),
                    installedTire.flatMap(InstalledTire::dotCode).orElse(WORDS.say("notRead")),
                    made.map(one -> HouseStyle.inUse().dates().format(one.weekStart()))
                            .orElse(WORDS.say("notKnown")),
                    age,
                    made.map(one -> limit(vehicleAssessment, position, one)).orElse("")));
        }
        return answer(
                vehicleAssessment,
                "dot-sheet",
                WORDS.say("dotSheet"),
                Map.of("drawing", SvgDrawings.axles(vehicleAssessment.layout(), under), "rows", rows));
    }

    /** The limit that holds for the tire at its position, which on a steer axle comes first: years, and the day they end. */
    private static String limit(VehicleAssessment vehicleAssessment, Position position, DotWeek made) {
        double years =
                LimitDates.ageLimitYears(vehicleAssessment.vehicle(), position, vehicleAssessment.policyAt(position));
        return String.format(
                Locale.ROOT,
                "%s y, %s",
                years == Math.rint(years) ? String.valueOf((long) years) : years,
                HouseStyle.inUse().dates().format(made.reaches(years)));
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
                                .orElse(WORDS.say("notKnown")))));
        List<PressureRow> rows = new ArrayList<>();
        under.forEach((position, lines) -> rows.add(
                new PressureRow(position.code(), vehicleAssessment.layout().nameOf(position), lines.get(0))));
        return answer(
                vehicleAssessment,
                "pressure-card",
                WORDS.say("coldTirePressures"),
                Map.of(
                        "drawing",
                        SvgDrawings.axles(vehicleAssessment.layout(), under),
                        "rows",
                        rows,
                        "loadState",
                        vehicleAssessment
                                .state()
                                .facts()
                                .currentLoadState()
                                .state()
                                .label(),
                        "day",
                        HouseStyle.inUse().dates().format(vehicleAssessment.today()),
                        "placard",
                        vehicleAssessment.vehicle().type().placardLocation()));
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
        return answer(
                vehicleAssessment,
                "driver-card",
                WORDS.say("tellUsAboutThisVehicles"),
                Map.of(
                        "drawing",
                        SvgDrawings.axles(vehicleAssessment.layout(), Map.of()),
                        "qrCode",
                        QrCode.svg(address)
                                .replace(
                                        "<svg ",
                                        "<svg alt=\"A square to scan; its address stands beside it\" width=\"220\" height=\"220\" "),
                        "symptoms",
                        Arrays.stream(Symptom.values()).map(Symptom::label).collect(Collectors.joining(" · ")),
                        "address",
                        address));
    }

    /** The address phones reach this server by, as the page that asks knows it; nothing but an address is taken. */
    private static String origin(String typed) {
        return typed.matches("https?://[A-Za-z0-9.\\-\\[\\]:]{1,80}") ? typed : "";
    }

    private ResponseEntity<byte[]> answer(
            VehicleAssessment vehicleAssessment, String template, String title, Map<String, Object> shown) {
        String unit = vehicleAssessment.unit();
        Map<String, Object> model = new HashMap<>(shown);
        model.put("description", vehicleAssessment.onFile().description());
        model.put("yard", vehicleAssessment.yard());
        return PdfRenderer.answer(
                template + "-" + unit + ".pdf",
                pdfRenderer.pdf(
                        template,
                        unit + " " + title,
                        WORDS.say(
                                "rotagens",
                                "unit",
                                unit,
                                "dates",
                                HouseStyle.inUse().dates().format(vehicleAssessment.today())),
                        model));
    }
}
