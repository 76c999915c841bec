package rotagens.server.overview;

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
import rotagens.core.measure.Phrase;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.Tread;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.JudgementView;
import rotagens.server.inspection.ReadingFacts;
import rotagens.server.overview.OverviewController.LedgerLine;
import rotagens.server.overview.OverviewController.PositionRow;
import rotagens.server.overview.OverviewController.VehicleView;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.planning.Jobs;
import rotagens.server.tire.Tires;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.walkround.OpenWalkRounds;

/** The vehicle page and the vehicle's ledger, put together for the screen. */
@Service
class Overview {

    private final Fleet fleet;
    private final Jobs jobs;
    private final Tires tires;
    private final ReadingFacts facts;
    private final People people;
    private final OpenWalkRounds walkRounds;

    Overview(Fleet fleet, Jobs jobs, Tires tires, ReadingFacts facts, People people, OpenWalkRounds walkRounds) {
        this.fleet = fleet;
        this.jobs = jobs;
        this.tires = tires;
        this.facts = facts;
        this.people = people;
        this.walkRounds = walkRounds;
    }

    @Transactional(readOnly = true)
    VehicleView vehicle(long id, Units units) {
        Standing standing = fleet.get(id);
        var onFile = standing.onFile();
        return new VehicleView(
                standing.today(),
                onFile.id(),
                onFile.facts().unit(),
                onFile.facts().vehicleClass(),
                onFile.yard(),
                onFile.description(),
                onFile.facts().gvwr().in(units),
                onFile.odometer().map(last -> last.reading().in(units)).orElse(null),
                onFile.facts().milesPerDay().isPresent()
                        ? Distance.miles(
                                        Math.max(0, onFile.facts().milesPerDay().getAsDouble()))
                                .in(units)
                        : null,
                onFile.facts().sensorsWork(),
                onFile.facts().parkedSince().orElse(null),
                onFile.outdoors(),
                onFile.placardSpot().isEmpty() ? null : onFile.placardSpot(),
                loadState(standing),
                onFile.retiredAt().isPresent(),
                standing.verdict(),
                walkRounds.openOn(id).orElse(null),
                PlanView.of(standing, units),
                onFile.facts().layout().positions().stream()
                        .map(position -> row(standing, position, units))
                        .toList(),
                jobs.due(List.of(standing), units));
    }

    /** Which load the pressures are for, and until when where that ends. */
    private static String loadState(Standing standing) {
        var preset = standing.state().facts().preset();
        return "set for " + preset.state().words() + " load"
                + preset.until()
                        .map(day -> Phrase.of(" until {}", day).in(Units.US))
                        .orElse("");
    }

    private static PositionRow row(Standing standing, Position position, Units units) {
        TireState state = standing.state().at(position);
        Optional<Fitted> fitted = Optional.ofNullable(standing.fitted().get(position));
        Optional<TireState.Dated<Tread>> tread = state.tread();
        Function<Function<Tread, Optional<TreadDepth>>, String> depth =
                groove -> tread.flatMap(known -> groove.apply(known.value()))
                        .map(read -> read.in(units))
                        .orElse(null);
        return new PositionRow(
                position.code(),
                standing.onFile().facts().layout().nameOf(position),
                fitted.map(here -> here.tire().id()).orElse(null),
                fitted.flatMap(Fitted::number).orElse(null),
                fitted.map(here -> here.tire().model().title()).orElse(null),
                fitted.map(here -> here.tire().model().size().molded()).orElse(null),
                fitted.flatMap(here -> here.tire().made())
                        .map(made -> made.stamped())
                        .orElse(null),
                fitted.flatMap(here -> here.tire().made())
                        .map(made -> Math.floor(made.ageYears(standing.today()) * 10) / 10)
                        .orElse(null),
                depth.apply(Tread::outer),
                depth.apply(Tread::center),
                depth.apply(Tread::inner),
                tread.map(TireState.Dated::on).orElse(null),
                state.lastCold()
                        .flatMap(Reading::pressure)
                        .map(read -> read.in(units))
                        .orElse(null),
                fitted.flatMap(here ->
                                standing.target(position, here.tire().model()).pressure())
                        .map(target -> target.in(units))
                        .orElse(null),
                state.lastCold().map(Reading::on).orElse(null),
                JudgementView.of(standing.judgements().get(position), units));
    }

    @Transactional(readOnly = true)
    List<LedgerLine> ledger(long vehicleId, Units units) {
        Standing standing = fleet.get(vehicleId);
        Map<Long, String> names = people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
        Map<Long, String> places = new HashMap<>();
        standing.onFile().places().forEach((position, id) -> places.put(id, position.code()));
        List<LedgerLine> lines = new ArrayList<>();
        tires.ledger(vehicleId).forEach(move -> {
            boolean fittedHere = move.toPlaceId() != null && places.containsKey(move.toPlaceId());
            String what = (move.kind().equals("CORRECTED")
                            ? "Correction"
                            : move.kind().equals("MOVED")
                                    ? fittedHere ? "Tire moved here" : "Tire moved away"
                                    : fittedHere ? "Tire fitted" : "Tire taken off")
                    + (move.odometer() == null ? "" : " · at " + move.odometer().in(units))
                    + (move.reason().isEmpty() ? "" : " · " + move.reason())
                    + (move.note().isEmpty() ? "" : " · " + move.note());
            lines.add(new LedgerLine(
                    move.at(),
                    "move",
                    places.getOrDefault(fittedHere ? move.toPlaceId() : move.fromPlaceId(), "gone"),
                    what,
                    names.get(move.personId()),
                    move.tireId()));
        });
        facts.ofVehicle(vehicleId)
                .forEach(fact -> lines.add(new LedgerLine(
                        fact.at(),
                        fact.kind(),
                        places.get(fact.placeId()),
                        fact.words(units),
                        names.get(fact.personId()),
                        null)));
        return lines.stream()
                .sorted(java.util.Comparator.comparing(LedgerLine::at).reversed())
                .limit(500)
                .toList();
    }
}
