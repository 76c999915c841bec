package rotagens.server.fleetpages;

import static rotagens.server.fleetpages.FleetpagesWords.WORDS;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Reading;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.fleet.AssessmentView;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleetpages.FleetController.HistoryEntryView;
import rotagens.server.fleetpages.FleetController.PositionRow;
import rotagens.server.fleetpages.FleetController.VehicleView;
import rotagens.server.inspection.ReadingLog;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.planning.Jobs;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.walkaround.OpenWalkArounds;

/** The vehicle page and the vehicle's ledger, put together for the screen. */
@Service
class VehiclePages {

    private final FleetCache fleet;
    private final Jobs jobs;
    private final TireStore tireStore;
    private final ReadingLog facts;
    private final People people;
    private final OpenWalkArounds walkArounds;

    VehiclePages(
            FleetCache fleet,
            Jobs jobs,
            TireStore tireStore,
            ReadingLog facts,
            People people,
            OpenWalkArounds walkArounds) {
        this.fleet = fleet;
        this.jobs = jobs;
        this.tireStore = tireStore;
        this.facts = facts;
        this.people = people;
        this.walkArounds = walkArounds;
    }

    @Transactional(readOnly = true)
    VehicleView vehicle(long id, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(id);
        var onFile = vehicleAssessment.onFile();
        return new VehicleView(
                vehicleAssessment.today(),
                onFile.id(),
                onFile.facts().unit(),
                onFile.facts().vehicleClass(),
                onFile.yard(),
                onFile.description(),
                onFile.facts().gvwr().format(units),
                onFile.odometer().map(last -> last.reading().format(units)).orElse(null),
                onFile.facts().milesPerDay().isPresent()
                        ? Distance.miles(
                                        Math.max(0, onFile.facts().milesPerDay().getAsDouble()))
                                .format(units)
                        : null,
                onFile.facts().hasWorkingSensors(),
                onFile.facts().parkedSince().orElse(null),
                onFile.isParkedOutdoors(),
                onFile.placardLocation().isEmpty() ? null : onFile.placardLocation(),
                loadState(vehicleAssessment),
                onFile.retiredAt().isPresent(),
                vehicleAssessment.verdict(),
                walkArounds.openOn(id).orElse(null),
                AxleDiagramView.of(vehicleAssessment, units),
                onFile.facts().layout().positions().stream()
                        .map(position -> row(vehicleAssessment, position, units))
                        .toList(),
                jobs.due(List.of(vehicleAssessment), units));
    }

    /** Which load the pressures are for, and until when where that ends. */
    private static String loadState(VehicleAssessment vehicleAssessment) {
        var currentLoadState = vehicleAssessment.state().facts().currentLoadState();
        return WORDS.say(
                "setForLoad",
                "state",
                currentLoadState.state().label(),
                "until",
                currentLoadState
                        .until()
                        .map(day -> WORDS.message("until", "day", day).in(Units.US))
                        .orElse(""));
    }

    private static PositionRow row(VehicleAssessment vehicleAssessment, Position position, Units units) {
        TireState state = vehicleAssessment.state().at(position);
        Optional<InstalledTire> installedTire =
                Optional.ofNullable(vehicleAssessment.fitted().get(position));
        Optional<TireState.Dated<GrooveDepths>> grooveDepths = state.tread();
        Function<Function<GrooveDepths, Optional<TreadDepth>>, String> depth = groove -> grooveDepths
                .flatMap(known -> groove.apply(known.value()))
                .map(read -> read.format(units))
                .orElse(null);
        return new PositionRow(
                position.code(),
                vehicleAssessment.layout().nameOf(position),
                installedTire.map(here -> here.tire().id()).orElse(null),
                installedTire.flatMap(InstalledTire::number).orElse(null),
                installedTire.map(here -> here.tire().model().title()).orElse(null),
                installedTire.map(here -> here.tire().model().size().molded()).orElse(null),
                installedTire
                        .flatMap(here -> here.tire().dotWeek())
                        .map(made -> made.marked())
                        .orElse(null),
                installedTire
                        .flatMap(here -> here.tire().dotWeek())
                        .map(made -> Math.floor(made.ageYears(vehicleAssessment.today()) * 10) / 10)
                        .orElse(null),
                depth.apply(GrooveDepths::outer),
                depth.apply(GrooveDepths::center),
                depth.apply(GrooveDepths::inner),
                grooveDepths.map(TireState.Dated::on).orElse(null),
                state.lastCold()
                        .flatMap(Reading::pressure)
                        .map(read -> read.format(units))
                        .orElse(null),
                installedTire
                        .flatMap(here -> vehicleAssessment
                                .target(position, here.tire().model())
                                .pressure())
                        .map(target -> target.format(units))
                        .orElse(null),
                state.lastCold().map(Reading::on).orElse(null),
                AssessmentView.of(vehicleAssessment.judgements().get(position), units));
    }

    @Transactional(readOnly = true)
    List<HistoryEntryView> ledger(long vehicleId, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        Map<Long, String> names = people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
        Map<Long, String> places = new HashMap<>();
        vehicleAssessment.onFile().places().forEach((position, id) -> places.put(id, position.code()));
        List<HistoryEntryView> lines = new ArrayList<>();
        tireStore.ledger(vehicleId).forEach(move -> {
            boolean fittedHere = move.toPlaceId() != null && places.containsKey(move.toPlaceId());
            String what = (move.type().equals("CORRECTED")
                            ? WORDS.say("correction")
                            : move.type().equals("MOVED")
                                    ? fittedHere ? WORDS.say("tireMovedHere") : WORDS.say("tireMovedAway")
                                    : fittedHere ? WORDS.say("tireInstalled") : WORDS.say("tireRemoved"))
                    + (move.odometer() == null
                            ? ""
                            : WORDS.say("at", "odometer", move.odometer().format(units)))
                    + (move.reason().isEmpty() ? "" : " · " + move.reason())
                    + (move.note().isEmpty() ? "" : " · " + move.note());
            lines.add(new HistoryEntryView(
                    move.at(),
                    "move",
                    places.getOrDefault(fittedHere ? move.toPlaceId() : move.fromPlaceId(), "gone"),
                    what,
                    names.get(move.personId()),
                    move.tireId()));
        });
        facts.ofVehicle(vehicleId)
                .forEach(fact -> lines.add(new HistoryEntryView(
                        fact.at(),
                        fact.type(),
                        places.get(fact.placeId()),
                        fact.label(units),
                        names.get(fact.personId()),
                        null)));
        return lines.stream()
                .sorted(java.util.Comparator.comparing(HistoryEntryView::at).reversed())
                .limit(500)
                .toList();
    }
}
