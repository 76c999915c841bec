package rotagens.server.tirepages;

import static rotagens.server.tirepages.TirepagesWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.TreadInput;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.DotKind;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.tirepages.TireViews.TireOnVehicleRequest;
import rotagens.server.tirepages.TireViews.TiresOnVehicleRequest;
import rotagens.server.tirepages.TireViews.TiresOnVehicleView;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/**
 * Puts the tires on record that a vehicle has on it when it comes into the books. They are facts: what doesn't belong together
 * is recorded as it is, and the verdict says so.
 */
@Service
class TiresOnVehicle {

    private static final int LONGEST_MODEL = 140;
    private static final int MOST = 24;
    /** Of a code that was read no further than its date. */
    private static final int DATE_DIGITS = 4;

    private static final TireCatalog.Details NOTHING_MORE =
            new TireCatalog.Details(Optional.empty(), true, "", TireCatalog.SnowRating.NONE, "", Optional.empty());

    /** One tire, read. */
    private record Read(
            Position position, Optional<DotCode> dot, boolean retread, TireModel model, GrooveDepths tread) {}

    private final TireStore tireStore;
    private final TireCatalog tireCatalog;
    private final FleetCache fleet;
    private final FactLog facts;
    private final TireMovements moves;
    private final People people;
    private final Clock clock;

    TiresOnVehicle(
            TireStore tireStore,
            TireCatalog tireCatalog,
            FleetCache fleet,
            FactLog facts,
            TireMovements moves,
            People people,
            Clock clock) {
        this.tireStore = tireStore;
        this.tireCatalog = tireCatalog;
        this.fleet = fleet;
        this.facts = facts;
        this.moves = moves;
        this.people = people;
        this.clock = clock;
    }

    /**
     * Records all of them, or none.
     *
     * @throws ProblemException naming the field of each tire that can’t be read, or that stands where one is on record
     */
    @Transactional
    TiresOnVehicleView record(long vehicleId, TiresOnVehicleRequest request, Units units) {
        VehicleAssessment vehicle = fleet.get(vehicleId);
        LocalDate today = LocalDate.now(clock);
        InputValidator wrong = new InputValidator();
        List<TireOnVehicleRequest> tires = request.tires() == null ? List.of() : request.tires();
        wrong.unless(!tires.isEmpty() && tires.size() <= MOST, "tires", WORDS.say("enterAtLeastOneTire"));
        wrong.unless(
                request.installedOn() == null || !request.installedOn().isAfter(today),
                "installedOn",
                WORDS.say("thisDayLiesAheadCheck"));
        wrong.refuseIfWrong();
        Map<String, TireCatalog.Model> catalog = tireCatalog.all().stream()
                .collect(Collectors.toMap(known -> keyOf(known.model()), known -> known, (first, second) -> first));
        Map<String, Long> modelIds = new HashMap<>();
        catalog.forEach((line, known) -> modelIds.put(line, known.id()));
        Set<Position> seen = new HashSet<>();
        List<Read> read = new ArrayList<>();
        for (int at = 0; at < tires.size(); at++) {
            read("tires[" + at + "].", tires.get(at), vehicle, catalog, seen, today, units, wrong)
                    .ifPresent(read::add);
        }
        wrong.refuseIfWrong();
        List<String> newModels = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        Instant now = clock.instant();
        Instant since = request.installedOn() == null || request.installedOn().equals(today)
                ? now
                : request.installedOn()
                        .atTime(LocalTime.NOON)
                        .atZone(clock.getZone())
                        .toInstant();
        String words = request.installedOn() == null ? WORDS.say("onTheVehicleWhen") : "";
        List<FactLog.Observation> measured = new ArrayList<>();
        for (Read one : read) {
            long modelId = modelIds.computeIfAbsent(keyOf(one.model()), line -> {
                newModels.add(lineOf(one.model()));
                return tireCatalog.add(one.model(), NOTHING_MORE);
            });
            long tireId = tireStore.add(new TireStore.New(
                    modelId,
                    one.retread(),
                    Optional.empty(),
                    tireCatalog.get(modelId).details().price()));
            one.dot().ifPresent(code -> tireStore.readDot(tireId, code.molded(), DotKind.TIRE, now, people.me()));
            if (one.dot().isEmpty()) {
                notes.add(WORDS.say("dotCodeNotRead", "position", one.position().code()));
            }
            one.dot()
                    .filter(code -> code.molded().length() > DATE_DIGITS)
                    .ifPresent(code -> notes.addAll(moves.sameCode(code, tireId)));
            long place = vehicle.placeId(one.position());
            tireStore.fit(tireId, place, new Line(since, people.me(), words, "", null, null, null));
            if (!one.tread().equals(GrooveDepths.UNMEASURED)) {
                measured.add(FactLog.Observation.read(
                        new Readings.Entry(tireId, place, now, people.me(), null, null),
                        new Readings.Values(
                                Optional.empty(),
                                ThermalState.UNKNOWN,
                                one.tread(),
                                Optional.empty(),
                                Optional.empty(),
                                false,
                                "",
                                Readings.Look.NONE)));
            }
        }
        facts.record(measured);
        return new TiresOnVehicleView(read.size(), newModels, notes);
    }

    private Optional<Read> read(
            String field,
            TireOnVehicleRequest typed,
            VehicleAssessment vehicle,
            Map<String, TireCatalog.Model> catalog,
            Set<Position> seen,
            LocalDate today,
            Units units,
            InputValidator wrong) {
        Optional<Position> position = Optional.ofNullable(typed.position()).flatMap(vehicle::position);
        wrong.unless(position.isPresent(), field + "position", WORDS.say("thisVehicleHasNoSuch"));
        position.ifPresent(here -> {
            wrong.unless(seen.add(here), field + "position", WORDS.say("isEnteredTwice", "here", here.code()));
            wrong.unless(
                    !vehicle.fitted().containsKey(here),
                    field + "position",
                    WORDS.say("hasATireOnRecord", "here", here.code()));
        });
        Optional<DotCode> dot = wrong.optional(field + "dotCode", typed.dotCode(), code -> DotCode.parse(code, today));
        String line = wrong.text(field + "model", typed.model(), LONGEST_MODEL);
        wrong.unless(!line.isEmpty(), field + "model", WORDS.say("enterManufacturerModelAndSize"));
        Optional<TireModel> model =
                line.isEmpty() ? Optional.empty() : wrong.optional(field + "model", line, text -> model(text, catalog));
        Optional<TreadDepth> original = model.flatMap(TireModel::originalDepth);
        Optional<GrooveDepths> tread =
                wrong.optional(field + "tread", typed.tread(), text -> depths(text, original, units));
        return position.isPresent() && model.isPresent()
                ? Optional.of(new Read(
                        position.get(),
                        dot,
                        Boolean.TRUE.equals(typed.retread()),
                        model.get(),
                        tread.orElse(GrooveDepths.UNMEASURED)))
                : Optional.empty();
    }

    /** A model of the catalog by its whole line; else a new one of what the line says. */
    private static TireModel model(String line, Map<String, TireCatalog.Model> catalog) {
        TireCatalog.Model known = catalog.get(line.strip().toLowerCase(Locale.ROOT));
        if (known != null) {
            return known.model();
        }
        SidewallMarking marking = SidewallMarking.parse(line);
        String[] words = marking.inFront().strip().split("\\s+", 2);
        if (words.length < 2) {
            throw new InvalidInputException(WORDS.say("enterManufacturerAndModel"));
        }
        if (!marking.leftOver().isBlank()) {
            throw new InvalidInputException(WORDS.say("wasNotUnderstoodCheck", "leftOver", marking.leftOver()));
        }
        return new TireModel(
                words[0],
                words[1],
                marking.size(),
                new LoadRatings(marking.service(), marking.range(), Optional.empty(), Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                false,
                true);
    }

    private static String lineOf(TireModel model) {
        return model.title() + " " + model.sidewall();
    }

    private static String keyOf(TireModel model) {
        return lineOf(model).toLowerCase(Locale.ROOT);
    }

    private static GrooveDepths depths(String text, Optional<TreadDepth> original, Units units) {
        TreadDepth.Unit unit = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        List<Optional<TreadDepth>> depths = Arrays.stream(text.strip().split("[\\s,;]+"))
                .map(figure -> Optional.of(TreadInput.plausible(TreadDepth.parse(figure, unit), original, units)))
                .toList();
        return switch (depths.size()) {
            case 1 -> new GrooveDepths(Optional.empty(), depths.get(0), Optional.empty());
            case 3 -> new GrooveDepths(depths.get(0), depths.get(1), depths.get(2));
            default -> throw new InvalidInputException(WORDS.say("enterThreeDepthsOuterCenter"));
        };
    }
}
