package rotagens.server.planning;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.function.SingletonSupplier;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Repair;
import rotagens.core.fact.Warmth;
import rotagens.core.inspection.TreadEntry;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueKind;
import rotagens.core.planning.DueKind.After;
import rotagens.core.planning.SignOff;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.wear.Tread;
import rotagens.server.changes.Changes;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.planning.JobStore.StoredItem;
import rotagens.server.planning.JobViews.Done;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.JobViews.ProfessionalVerdict;
import rotagens.server.planning.JobViews.Result;
import rotagens.server.storage.generated.tables.records.JobRecord;
import rotagens.server.tire.Catalogue;
import rotagens.server.tire.Tires;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleSensors;
import rotagens.server.vehicle.Vehicles;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** Marking a job done: who, when, and what was read after. A job can't be closed while a required reading is missing. */
@Service
public class JobCompletion {

    /** The entries of one piece of work, read and complete. */
    private record Read(
            StoredItem item,
            Optional<Position> position,
            Optional<Pressure> pressure,
            Tread tread,
            Optional<DotCode> dot,
            Optional<Long> modelId,
            Optional<PilotType> pilot,
            Optional<String> sensor,
            Optional<Torque> torque,
            Optional<ProfessionalVerdict> verdict,
            Optional<Repair> repair,
            String professional,
            String note,
            Set<String> confirmed,
            String gas,
            String purity) {}

    private final Jobs jobs;
    private final JobStore store;
    private final Fleet fleet;
    private final Tires tires;
    private final Catalogue catalogue;
    private final FactLog facts;
    private final Vehicles vehicles;
    private final VehicleSensors sensors;
    private final VehicleRegister register;
    private final RotationSignOff rotation;
    private final People people;
    private final Changes changes;
    private final Clock clock;

    JobCompletion(
            Jobs jobs,
            JobStore store,
            Fleet fleet,
            Tires tires,
            Catalogue catalogue,
            FactLog facts,
            Vehicles vehicles,
            VehicleSensors sensors,
            VehicleRegister register,
            RotationSignOff rotation,
            People people,
            Changes changes,
            Clock clock) {
        this.changes = changes;
        this.jobs = jobs;
        this.store = store;
        this.fleet = fleet;
        this.tires = tires;
        this.catalogue = catalogue;
        this.facts = facts;
        this.vehicles = vehicles;
        this.sensors = sensors;
        this.register = register;
        this.rotation = rotation;
        this.people = people;
        this.clock = clock;
    }

    @Transactional
    public Job done(long id, int version, Done done, Units units) {
        JobRecord job = jobs.open(id, version);
        changes.only(job.getVehicleId());
        Instant at = when(done.day());
        Standing standing = fleet.get(job.getVehicleId());
        List<StoredItem> items = store.items(List.of(id)).getOrDefault(id, List.of());
        Map<Long, Result> results = (done.results() == null ? List.<Result>of() : done.results())
                .stream().collect(Collectors.toMap(Result::itemId, Function.identity(), (first, second) -> first));
        Entries typed = new Entries();
        List<Read> read = items.stream()
                .map(item -> read(item, Optional.ofNullable(results.get(item.id())), standing, typed, units))
                .toList();
        refuseUnweighed(job, items, standing, typed);
        refuseUnproven(items, standing, typed, units);
        typed.refuseIfWrong();
        rotation.of(id, standing, putOnRecord(read, standing, at), at);
        Entries inPlace = new Entries();
        // Everything a rotation moved is where it goes by now; loaded once, and only where one did.
        Supplier<Standing> moved =
                SingletonSupplier.of(() -> fleet.get(standing.onFile().id()));
        for (Read one : read) {
            write(one, standing, moved, at, people.me(), id, inPlace, units);
            store.itemDone(one.item().id(), words(one, units));
        }
        inPlace.refuseIfWrong();
        job.setDoneAt(at);
        job.setDoneById(people.me());
        store.save(job);
        return jobs.get(id);
    }

    /** The tires bought for a rotation, by the place each is meant for. */
    private Map<Long, Long> putOnRecord(List<Read> read, Standing standing, Instant at) {
        Map<Long, Long> bought = new HashMap<>();
        for (Read one : read) {
            if (one.item().kind() == DueKind.FIT_PLANNED) {
                long tireId = tires.add(
                        new Tires.New(one.modelId().orElseThrow(), false, Optional.empty(), Optional.empty()));
                tires.readDot(tireId, one.dot().orElseThrow().molded(), Tires.DotKind.TIRE, at, people.me());
                bought.put(standing.placeId(one.position().orElseThrow()), tireId);
            }
        }
        return bought;
    }

    /** What only a fact on record ends isn't done by a line of words. */
    private static void refuseUnproven(List<StoredItem> items, Standing standing, Entries typed, Units units) {
        items.forEach(item -> SignOff.refuses(standing.state(), item.kind())
                .ifPresent(why -> typed.wrong("results." + item.id() + ".note", why.in(units))));
    }

    /** Work that ends on the scale isn't done before its slip is on record. */
    private void refuseUnweighed(JobRecord job, List<StoredItem> items, Standing standing, Entries typed) {
        LocalDate planned = LocalDate.ofInstant(job.getCreatedAt(), clock.getZone());
        boolean weighed = standing.state().facts().slips().stream()
                .anyMatch(slip -> !slip.on().isBefore(planned));
        items.stream()
                .filter(item -> item.kind().after().contains(After.SLIP) && !weighed)
                .forEach(
                        item -> typed.wrong(
                                "results." + item.id() + ".note",
                                "No slip since this was put on a day. Weigh it, and enter the slip under Load & pressure first."));
    }

    private Instant when(LocalDate day) {
        LocalDate today = LocalDate.now(clock);
        if (day == null || day.equals(today)) {
            return clock.instant();
        }
        if (day.isAfter(today)) {
            throw ProblemException.field("day", "Work can’t be done on a day to come.");
        }
        if (day.isBefore(today.minusYears(1))) {
            throw ProblemException.field("day", "More than a year ago. Check the year.");
        }
        return day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant();
    }

    private Read read(StoredItem item, Optional<Result> result, Standing standing, Entries typed, Units units) {
        String at = "results." + item.id() + ".";
        Set<After> after = item.kind().after();
        Optional<Position> position = Optional.ofNullable(item.code()).map(Position::parse);
        Optional<ProfessionalVerdict> verdict = result.map(Result::verdict);
        if (after.contains(After.VERDICT) && verdict.isEmpty()) {
            typed.wrong(at + "verdict", "Choose what the tire professional found.");
        }
        boolean condemned =
                verdict.filter(ProfessionalVerdict.CONDEMNED::equals).isPresent();
        boolean newTire = after.contains(After.NEW_TIRE);
        Optional<Long> modelId = newTire
                ? result.map(Result::tireModelId)
                        .or(() -> Optional.ofNullable(item.plannedModelId()))
                        .or(() -> position.map(standing.fitted()::get).map(Fitted::modelId))
                : Optional.empty();
        typed.unless(
                item.plannedModelId() == null
                        || modelId.filter(item.plannedModelId()::equals).isPresent(),
                at + "tireModelId",
                "The rotation was judged with another model. Fit that one, or take the job off the plan and propose anew.");
        if (newTire && modelId.isEmpty()) {
            typed.wrong(at + "tireModelId", "Choose the model of the tire fitted.");
        }
        Optional<PilotType> pilot = result.map(Result::pilot);
        if (after.contains(After.WHEEL) && pilot.isEmpty()) {
            typed.wrong(at + "pilot", "Choose how the wheel fitted is piloted.");
        }
        Optional<String> sensor = after.contains(After.SENSOR)
                ? typed.required(at + "sensor", result.map(Result::sensor).orElse(""), Sensor::readCode)
                : Optional.empty();
        Optional<Torque> torque =
                after.contains(After.TORQUE) ? torque(at, result, standing, typed, units) : Optional.empty();
        Optional<Repair> repair = result.map(Result::repair);
        if (after.contains(After.REPAIR) && repair.isEmpty()) {
            typed.wrong(at + "repair", "Choose what was done about the leak, or that none was found.");
        }
        Pressure.Unit gauge = units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA;
        Optional<Pressure> pressure = SignOff.wantsPressure(item.kind(), condemned)
                ? typed.required(
                        at + "pressure", result.map(Result::pressure).orElse(""), text -> Pressure.parse(text, gauge))
                : Optional.empty();
        Optional<String> gas = typed.attempt(
                at + "gas", () -> Readings.gasOf(result.map(Result::gas).orElse("")));
        Optional<String> purity = typed.attempt(
                at + "purity",
                () -> Readings.purityOf(result.map(Result::purity).orElse(""), gas.orElse("")));
        Optional<DotCode> dot = newTire || after.contains(After.DOT_CODE)
                ? typed.required(
                        at + "dotCode",
                        result.map(Result::dotCode).orElse(""),
                        text -> DotCode.parse(text, standing.today()))
                : Optional.empty();
        Tread tread = newTire || after.contains(After.TREAD)
                ? tread(at, result, original(position, modelId, standing), typed, units)
                : Tread.UNMEASURED;
        String professional = text(typed, at + "professional", result.map(Result::professional), 100);
        if (after.contains(After.VERDICT) && professional.isEmpty()) {
            typed.wrong(at + "professional", "Name the tire professional who looked at it.");
        }
        String note = text(typed, at + "note", result.map(Result::note), 500);
        if (after.contains(After.NOTE) && note.isEmpty()) {
            typed.wrong(at + "note", "Say in a few words what was done.");
        }
        Read read = new Read(
                item,
                position,
                pressure,
                tread,
                dot,
                modelId,
                pilot,
                sensor,
                torque,
                verdict,
                repair,
                professional,
                note,
                result.map(Result::confirmed).map(Set::copyOf).orElse(Set.of()),
                gas.orElse(""),
                purity.orElse(""));
        if (!SignOff.changesTire(item.kind())) {
            refuseFigures(read, standing, typed, units);
        }
        return read;
    }

    /** Refuses what may not be left so, and asks about figures far from what was expected. */
    private static void refuseFigures(Read read, Standing standing, Entries typed, Units units) {
        if (read.position().isEmpty()) {
            return;
        }
        String at = "results." + read.item().id() + ".";
        Position position = read.position().get();
        Optional<String> refused = read.pressure()
                .flatMap(psi -> SignOff.refusesFill(
                        standing.state(), position, read.item().kind(), psi, standing.policy(), standing.today()))
                .map(why -> why.in(units));
        refused.ifPresent(why -> typed.wrong(at + "pressure", why));
        Reading figures = values(read).asReading(standing.today());
        SignOff.asks(standing.state(), position, figures, standing.policy(), standing.today())
                .forEach((figure, why) -> {
                    String field = figure.name().toLowerCase(Locale.ROOT);
                    boolean refusedAnyway = field.equals("pressure") && refused.isPresent();
                    if (!refusedAnyway && !read.confirmed().contains(field)) {
                        typed.ask(at + field, why.in(units));
                    }
                });
    }

    /** What the wrench was set to: as the wheels on file ask, so that a figure in the other unit is noticed. */
    private Optional<Torque> torque(String at, Optional<Result> result, Standing standing, Entries typed, Units units) {
        Torque.Unit scale = units == Units.US ? Torque.Unit.FT_LB : Torque.Unit.NM;
        Optional<Torque> set =
                typed.required(at + "torque", result.map(Result::torque).orElse(""), text -> Torque.parse(text, scale));
        register.stored(standing.onFile().id()).entry().wheels().values().stream()
                .filter(wheel -> set.filter(one -> !wheel.agreesWith(one)).isPresent())
                .findFirst()
                .ifPresent(wheel -> typed.wrong(
                        at + "torque",
                        "The wheels on file ask for "
                                + wheel.torque().orElseThrow().in(units)
                                + ". Look at the wrench’s unit, or put the wheel’s data right first."));
        return set;
    }

    private Optional<TreadDepth> original(Optional<Position> position, Optional<Long> modelId, Standing standing) {
        if (modelId.isPresent()) {
            return catalogue.get(modelId.get()).model().originalDepth();
        }
        return position.map(standing.fitted()::get)
                .map(fitted -> fitted.tire().model())
                .flatMap(TireModel::originalDepth);
    }

    private static Tread tread(
            String at, Optional<Result> result, Optional<TreadDepth> original, Entries typed, Units units) {
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        Function<String, TreadDepth> depth =
                text -> TreadEntry.plausible(TreadDepth.parse(text, scale), original, units);
        return new Tread(
                typed.required(at + "outer", result.map(Result::outer).orElse(""), depth),
                typed.required(at + "center", result.map(Result::center).orElse(""), depth),
                typed.required(at + "inner", result.map(Result::inner).orElse(""), depth));
    }

    private static String text(Entries typed, String field, Optional<String> given, int most) {
        String text = given.orElse("").strip();
        if (text.length() > most) {
            typed.wrong(field, "At most " + most + " characters.");
        }
        return text;
    }

    private void write(
            Read one,
            Standing standing,
            Supplier<Standing> moved,
            Instant at,
            long by,
            long jobId,
            Entries inPlace,
            Units units) {
        if (one.position().isEmpty()) {
            if (one.item().kind() == DueKind.MOVE_VEHICLE) {
                vehicles.moved(standing.onFile().id(), LocalDate.ofInstant(at, clock.getZone()));
            }
            return;
        }
        Position position = one.position().get();
        long placeId = standing.placeId(position);
        Optional<Fitted> fitted = Optional.ofNullable(standing.fitted().get(position));
        if (one.item().kind() == DueKind.PLACE_TIRE || one.item().kind() == DueKind.FIT_PLANNED) {
            long tireId = tires.at(placeId).orElseThrow();
            refuseFigures(one, moved.get(), inPlace, units);
            facts.record(FactLog.Look.read(new Readings.Entry(tireId, placeId, at, by, null, jobId), values(one)));
            return;
        }
        if (one.item().kind().after().contains(After.NEW_TIRE)) {
            long tireId = fitNew(one, placeId, at, by, jobId);
            refuseFigures(one, fleet.get(standing.onFile().id()), inPlace, units);
            facts.record(FactLog.Look.read(new Readings.Entry(tireId, placeId, at, by, null, jobId), values(one)));
            return;
        }
        if (one.item().kind() == DueKind.CHANGE_WHEEL) {
            vehicles.changeWheel(placeId, one.pilot().orElseThrow());
            return;
        }
        Fitted here = fitted.orElseThrow(() -> ProblemException.conflict(
                "There is no tire on file at " + position.code() + " any more. Look at the vehicle again."));
        Readings.Entry where = new Readings.Entry(here.tire().id(), placeId, at, by, null, jobId);
        one.dot().ifPresent(dot -> tires.readDot(here.tire().id(), dot.molded(), Tires.DotKind.TIRE, at, by));
        FactLog.Look look = FactLog.Look.read(where, values(one));
        switch (one.item().kind()) {
            case REPLACE_SENSOR -> replaceSensor(one, standing, position, at, by, jobId);
            case INSPECT_DAMAGE, AGE_INSPECTION ->
                look = look.inspected(
                        one.professional(), one.verdict().orElseThrow() == ProfessionalVerdict.SOUND, one.note());
            case PUT_RIGHT, MEND_WEAR_CAUSE ->
                look = look.puttingRight(SignOff.putsRight(one.item().kind()), one.note());
            case FIND_LEAK -> look = look.repaired(one.repair().orElseThrow(), one.note());
            case RECORD_TIRE,
                    FIX_MATCH,
                    REPLACE,
                    SET_PRESSURE,
                    READ_DOT,
                    PRESSURE_CHECK,
                    TREAD_INSPECTION,
                    FIND_TARGET,
                    TAKE_LOAD_OFF,
                    WEIGH,
                    ROTATE,
                    PLACE_TIRE,
                    FIT_PLANNED,
                    RETORQUE,
                    RELEARN,
                    MOVE_VEHICLE -> {
                // The readings and movements above are all there is to record.
            }
        }
        facts.record(look);
    }

    private void replaceSensor(Read one, Standing standing, Position position, Instant at, long by, long jobId) {
        Sensor.Mount mount =
                standing.state().vehicle().sensorAt(position).map(Sensor::mount).orElse(Sensor.Mount.INSIDE);
        Sensor fresh =
                new Sensor(one.sensor().orElseThrow(), mount, Optional.of(LocalDate.ofInstant(at, clock.getZone())));
        sensors.put(standing.placeId(position), fresh, at, by, one.note(), jobId);
    }

    private long fitNew(Read one, long placeId, Instant at, long by, long jobId) {
        tires.takeOff(
                placeId,
                Tires.Line.of(
                        at, by, one.item().kind().words() + ": " + one.item().reason(), jobId));
        return tires.fitNew(
                one.modelId().orElseThrow(),
                false,
                one.dot().orElseThrow().molded(),
                placeId,
                Tires.Line.of(at, by, "", jobId));
    }

    private static Readings.Values values(Read one) {
        return new Readings.Values(
                one.pressure(),
                one.pressure().isPresent() ? Warmth.COLD : Warmth.UNKNOWN,
                one.tread(),
                Optional.empty(),
                Optional.empty(),
                SignOff.fills(one.item().kind()),
                one.gas(),
                Readings.Look.NONE.pure(one.purity()));
    }

    /** What the sign-off says, for the job's history. */
    private static String words(Read one, Units units) {
        StringBuilder words = new StringBuilder();
        one.verdict()
                .ifPresent(verdict -> words.append(verdict == ProfessionalVerdict.SOUND ? "Sound" : "Condemned")
                        .append(", ")
                        .append(one.professional())
                        .append(". "));
        one.repair()
                .ifPresent(
                        repair -> words.append("Leak: ").append(repair.words()).append(". "));
        one.pilot()
                .ifPresent(pilot -> words.append("Wheel ").append(pilot.words()).append(". "));
        one.torque()
                .ifPresent(set -> words.append("Nuts at ").append(set.in(units)).append(". "));
        one.sensor().ifPresent(code -> words.append("Sensor ").append(code).append(". "));
        one.dot().ifPresent(dot -> words.append("DOT ").append(dot.molded()).append(". "));
        one.pressure().ifPresent(read -> words.append(read.in(units)).append(" cold. "));
        if (one.tread().isComplete()) {
            words.append("Tread ")
                    .append(one.tread().outer().get().in(units))
                    .append(" · ")
                    .append(one.tread().center().get().in(units))
                    .append(" · ")
                    .append(one.tread().inner().get().in(units))
                    .append(". ");
        }
        return words.append(one.note()).toString().strip();
    }
}
