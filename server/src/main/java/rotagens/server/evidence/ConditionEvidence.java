package rotagens.server.evidence;

import static rotagens.server.evidence.Cells.row;
import static rotagens.server.evidence.EvidenceWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.Assessment;
import rotagens.core.measure.Load;
import rotagens.core.pressure.TargetPressure;
import rotagens.core.vehicle.Position;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;
import rotagens.server.evidence.EvidencePages.Span;
import rotagens.server.evidence.EvidenceViews.EvidenceSection;
import rotagens.server.evidence.EvidenceViews.EvidenceSectionCode;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.gauges.Gauges;
import rotagens.server.inspection.ReadingLog;
import rotagens.server.inspection.ReadingLog.Fact;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.photos.Photos;
import rotagens.server.planning.JobViews.DueItemView;
import rotagens.server.planning.Jobs;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.InstalledTire;

/** How the vehicle stands and what was read on it: tires, readings, pressures, slips, inspections, alerts, open work. */
@Component
class ConditionEvidence {

    private final ReadingLog log;
    private final TireStore tires;
    private final Gauges gauges;
    private final Photos photos;
    private final Jobs jobs;
    private final People people;

    ConditionEvidence(ReadingLog log, TireStore tires, Gauges gauges, Photos photos, Jobs jobs, People people) {
        this.log = log;
        this.tires = tires;
        this.gauges = gauges;
        this.photos = photos;
        this.jobs = jobs;
        this.people = people;
    }

    List<EvidenceSection> sections(Span span) {
        Map<Long, String> names = people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
        List<Fact> facts = log.allOfVehicle(span.vehicle().id());
        return List.of(
                tires(span),
                readings(span, facts),
                pressures(span),
                tickets(span),
                inspections(span, facts, names),
                moves(span, names),
                gas(span, facts, names),
                photos(span),
                alerts(span),
                openWork(span));
    }

    private static EvidenceSection section(
            EvidenceSectionCode code, String title, List<String> heads, List<List<String>> rows) {
        return new EvidenceSection(code, title, heads, List.copyOf(rows));
    }

    private static EvidenceSection tires(Span span) {
        VehicleAssessment vehicle = span.vehicle();
        List<List<String>> rows = new ArrayList<>();
        for (Position position : vehicle.layout().positions()) {
            Optional<InstalledTire> tire = Optional.ofNullable(vehicle.fitted().get(position));
            Assessment judged = vehicle.judgements().get(position);
            rows.add(row(
                    position.code(),
                    tire.map(one -> one.tire().model().title()).orElse(WORDS.say("noneOnFile")),
                    tire.flatMap(InstalledTire::dotCode).orElse(WORDS.say("notRead")),
                    tire.flatMap(one -> one.tire().dotWeek()).map(made -> made.marked()),
                    tire.flatMap(one -> one.tire().dotWeek())
                            .map(made -> Math.floor(made.ageYears(vehicle.today()) * 10) / 10 + " y"),
                    judged.verdict().label(),
                    judged.reasons().stream()
                            .map(reason -> reason.reason().statement().in(span.units()))
                            .collect(Collectors.joining("; "))));
        }
        return section(
                EvidenceSectionCode.TIRES,
                WORDS.say("tiresAndVerdicts"),
                List.of(
                        WORDS.say("position"),
                        WORDS.say("tire"),
                        WORDS.say("dotCode"),
                        WORDS.say("week"),
                        WORDS.say("age"),
                        WORDS.say("verdict"),
                        WORDS.say("why")),
                rows);
    }

    private EvidenceSection readings(Span span, List<Fact> facts) {
        Map<String, String> calibrated = gauges.all().stream()
                .collect(Collectors.toMap(
                        one -> one.gauge().name(),
                        one -> one.gauge()
                                .calibrated()
                                .map(day -> WORDS.say(
                                        "calibrated", "day", Cells.row(day).get(0)))
                                .orElse(WORDS.say("noCalibrationOnFile")),
                        (first, second) -> first));
        List<List<String>> rows = new ArrayList<>();
        span.vehicle().onFile().places().entrySet().stream()
                .sorted(Comparator.comparing(entry -> entry.getKey().code()))
                .forEach(entry -> {
                    last(
                                    facts,
                                    entry.getValue(),
                                    fact -> fact.values()
                                            .filter(values -> values.thermalState() == ThermalState.COLD
                                                    && values.pressure().isPresent())
                                            .isPresent())
                            .ifPresent(fact -> rows.add(reading(entry.getKey(), fact, calibrated, span)));
                    last(
                                    facts,
                                    entry.getValue(),
                                    fact -> fact.values()
                                            .filter(values -> !values.tread().isEmpty())
                                            .isPresent())
                            .filter(fact -> fact.values()
                                    .filter(values -> values.pressure().isEmpty())
                                    .isPresent())
                            .ifPresent(fact -> rows.add(reading(entry.getKey(), fact, calibrated, span)));
                });
        return section(
                EvidenceSectionCode.READINGS,
                WORDS.say("lastReadingsWithGauge"),
                List.of(WORDS.say("position"), WORDS.say("read"), WORDS.say("day"), WORDS.say("gauge")),
                rows);
    }

    private static List<String> reading(Position position, Fact fact, Map<String, String> calibrated, Span span) {
        return row(
                position.code(),
                fact.label(span.units()),
                span.day(fact.at()),
                fact.gauges().stream()
                        .map(gauge -> gauge + ", " + calibrated.getOrDefault(gauge, WORDS.say("noCalibrationOnFile")))
                        .collect(Collectors.joining("; ")));
    }

    private static Optional<Fact> last(List<Fact> facts, long placeId, Predicate<Fact> which) {
        return facts.stream()
                .filter(fact -> fact.placeId() == placeId && !fact.isVoided() && which.test(fact))
                .max(Comparator.comparing(Fact::at));
    }

    private static EvidenceSection pressures(Span span) {
        VehicleAssessment vehicle = span.vehicle();
        List<List<String>> rows = new ArrayList<>();
        vehicle.fitted().forEach((position, tire) -> {
            TargetPressure target = vehicle.target(position, tire.tire().model());
            rows.add(row(
                    position.code(),
                    target.pressure()
                            .map(pressure -> pressure.format(span.units()))
                            .orElse("none"),
                    target.reason().rule().title(),
                    target.reason().statement().in(span.units())));
        });
        return section(
                EvidenceSectionCode.PRESSURES,
                WORDS.say(
                        "targetPressuresAndTheirBasis",
                        "state",
                        vehicle.state().facts().currentLoadState().state().label()),
                List.of(WORDS.say("position"), WORDS.say("target"), WORDS.say("basis"), WORDS.say("workedOut")),
                rows);
    }

    private static EvidenceSection tickets(Span span) {
        return section(
                EvidenceSectionCode.SCALE_TICKETS,
                WORDS.say("scaleTickets"),
                List.of(
                        WORDS.say("day"),
                        WORDS.say("scale"),
                        WORDS.say("load"),
                        WORDS.say("axles"),
                        WORDS.say("vehicle")),
                span.vehicle().state().facts().scaleTickets().stream()
                        .filter(ticket -> span.holds(ticket.on()))
                        .sorted(Comparator.comparing(ScaleTicket::on))
                        .map(ticket -> row(
                                ticket.on(),
                                ticket.scale(),
                                ticket.state().label(),
                                ticket.axles().stream()
                                        .map(axle -> axle(axle, span))
                                        .collect(Collectors.joining("; ")),
                                Load.lb(Math.round(ticket.lb())).format(span.units())))
                        .toList());
    }

    private static String axle(AxleWeight axle, Span span) {
        return axle.axle() + ": " + Load.lb(Math.round(axle.lb())).format(span.units());
    }

    private static EvidenceSection inspections(Span span, List<Fact> facts, Map<Long, String> names) {
        Map<Long, String> positions = span.positions();
        return section(
                EvidenceSectionCode.INSPECTIONS,
                WORDS.say("inspectionsWhatWasReadFound"),
                List.of(WORDS.say("day"), WORDS.say("position"), WORDS.say("what"), WORDS.say("by")),
                facts.stream()
                        .filter(fact -> span.holds(fact.at()))
                        .sorted(Comparator.comparing(Fact::at))
                        .map(fact -> row(
                                span.day(fact.at()),
                                positions.get(fact.placeId()),
                                fact.label(span.units()),
                                names.get(fact.personId())))
                        .toList());
    }

    private EvidenceSection moves(Span span, Map<Long, String> names) {
        Map<Long, String> positions = span.positions();
        return section(
                EvidenceSectionCode.MOVES,
                WORDS.say("tiresThatCameMoved"),
                List.of(WORDS.say("day"), WORDS.say("from"), WORDS.say("to"), WORDS.say("why"), WORDS.say("by")),
                tires.wholeLedger(span.vehicle().id()).stream()
                        .filter(move -> span.holds(move.at()))
                        .sorted(Comparator.comparing(move -> move.at()))
                        .map(move -> row(
                                span.day(move.at()),
                                positions.get(move.fromPlaceId()),
                                positions.get(move.toPlaceId()),
                                move.reason().isEmpty() ? move.note() : move.reason(),
                                names.get(move.personId())))
                        .toList());
    }

    private static EvidenceSection gas(Span span, List<Fact> facts, Map<Long, String> names) {
        Map<Long, String> positions = span.positions();
        return section(
                EvidenceSectionCode.GAS,
                WORDS.say("whatTiresAreFilled"),
                List.of(
                        WORDS.say("day"),
                        WORDS.say("position"),
                        WORDS.say("gas"),
                        WORDS.say("purity"),
                        WORDS.say("by")),
                facts.stream()
                        .filter(fact -> span.holds(fact.at()))
                        .filter(fact -> fact.values()
                                .filter(values -> !values.gas().isEmpty())
                                .isPresent())
                        .sorted(Comparator.comparing(Fact::at))
                        .map(fact -> row(
                                span.day(fact.at()),
                                positions.get(fact.placeId()),
                                fact.values().orElseThrow().gas().toLowerCase(java.util.Locale.ROOT),
                                fact.values().orElseThrow().look().purity().isEmpty()
                                        ? ""
                                        : fact.values().orElseThrow().look().purity() + "%",
                                names.get(fact.personId())))
                        .toList());
    }

    private EvidenceSection photos(Span span) {
        Map<Long, String> positions = span.positions();
        return section(
                EvidenceSectionCode.PHOTOS,
                WORDS.say("photos"),
                List.of(WORDS.say("day"), WORDS.say("where"), WORDS.say("by"), WORDS.say("sha256OfTheFile")),
                photos.ofVehicle(span.vehicle().id()).stream()
                        .filter(photo -> span.holds(photo.at()))
                        .sorted(Comparator.comparing(Photos.OnFile::at))
                        .map(photo -> row(
                                span.day(photo.at()),
                                photo.placeId() == null ? WORDS.say("visit") : positions.get(photo.placeId()),
                                photo.by(),
                                digest(photo.file())))
                        .toList());
    }

    private String digest(String file) {
        byte[] bytes = photos.bytes(file);
        return bytes.length == 0 ? WORDS.say("fileIsGone") : EvidenceViews.sha256(bytes);
    }

    private static EvidenceSection alerts(Span span) {
        List<List<String>> rows = new ArrayList<>();
        span.vehicle()
                .state()
                .suspension()
                .forEach(alert -> rows.add(row(
                        "vehicle",
                        WORDS.say(
                                "limit",
                                "alert",
                                alert.statement().in(span.units()),
                                "fact",
                                alert.fact().limit().in(span.units())),
                        alert.since(),
                        alert.fact().by())));
        span.vehicle()
                .state()
                .corners()
                .ifPresent(alert ->
                        rows.add(row("vehicle", alert.statement().in(span.units()), alert.since(), alert.by())));
        span.vehicle()
                .state()
                .tires()
                .forEach((position, tire) -> tire.alerts()
                        .open()
                        .forEach(alert -> rows.add(
                                row(position.code(), alert.statement().in(span.units()), alert.on(), alert.by()))));
        return section(
                EvidenceSectionCode.ALERTS,
                WORDS.say("openAlerts"),
                List.of(WORDS.say("where"), WORDS.say("what"), WORDS.say("since"), WORDS.say("by")),
                rows);
    }

    private EvidenceSection openWork(Span span) {
        List<DueItemView> due = jobs.due(List.of(span.vehicle()), span.units());
        return section(
                EvidenceSectionCode.OPEN_WORK,
                WORDS.say("openWork"),
                List.of(
                        WORDS.say("due"),
                        WORDS.say("where"),
                        WORDS.say("work"),
                        WORDS.say("why"),
                        WORDS.say("plannedFor")),
                due.stream()
                        .sorted(Comparator.comparing(DueItemView::due))
                        .map(item -> row(
                                item.due(),
                                item.positions().isEmpty()
                                        ? WORDS.say("vehicleWord")
                                        : String.join(" ", item.positions()),
                                item.label(),
                                item.reason().statement(),
                                planned(item)))
                        .toList());
    }

    private static Optional<LocalDate> planned(DueItemView item) {
        return Optional.ofNullable(item.scheduled()).map(job -> job.day());
    }
}
