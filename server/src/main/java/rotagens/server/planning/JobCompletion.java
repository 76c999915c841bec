package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
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
import rotagens.core.alert.Groove;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Repair;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.inspection.TreadInput;
import rotagens.core.jobsheet.WheelJob;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.planning.JobParts;
import rotagens.core.planning.JobRequirements;
import rotagens.core.planning.Part;
import rotagens.core.planning.SignOff;
import rotagens.core.planning.WheelTasks;
import rotagens.core.planning.WorkType;
import rotagens.core.planning.WorkType.RequiredResult;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.inspection.Readings;
import rotagens.server.jobtires.ChosenTires;
import rotagens.server.parts.PartStore;
import rotagens.server.people.People;
import rotagens.server.planning.JobStore.StoredItem;
import rotagens.server.planning.JobViews.CompleteJobRequest;
import rotagens.server.planning.JobViews.ItemResult;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.JobViews.ProfessionalVerdict;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.SensorStore;
import rotagens.server.vehicle.SuspensionRecords;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Marking a job done: who, when, and what was read after. A job can't be closed while a required reading is missing. */
@Service
public class JobCompletion {

    /** The entries of one piece of work, read and complete. */
    private record Read(
            StoredItem item,
            Optional<Position> position,
            Optional<Pressure> pressure,
            GrooveDepths tread,
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
            String purity,
            boolean isLetDown,
            Optional<RemovedTire.Destination> oldTireTo,
            String scrapReason) {}

    private final Jobs jobs;
    private final JobStore store;
    private final FleetCache fleet;
    private final TireStore tireStore;
    private final TireCatalog tireCatalog;
    private final FactLog facts;
    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final SensorStore sensors;
    private final PartStore parts;
    private final SuspensionRecords suspension;
    private final VehicleRegister register;
    private final RotationCompletion rotation;
    private final ChosenTires chosenTires;
    private final FollowUps followUps;
    private final WorkAfter workAfter;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    JobCompletion(
            Jobs jobs,
            JobStore store,
            FleetCache fleet,
            TireStore tireStore,
            TireCatalog tireCatalog,
            FactLog facts,
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            SensorStore sensors,
            PartStore parts,
            SuspensionRecords suspension,
            VehicleRegister register,
            RotationCompletion rotation,
            ChosenTires chosenTires,
            FollowUps followUps,
            WorkAfter workAfter,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.changeTracker = changeTracker;
        this.jobs = jobs;
        this.store = store;
        this.fleet = fleet;
        this.tireStore = tireStore;
        this.tireCatalog = tireCatalog;
        this.facts = facts;
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.sensors = sensors;
        this.parts = parts;
        this.suspension = suspension;
        this.register = register;
        this.rotation = rotation;
        this.chosenTires = chosenTires;
        this.followUps = followUps;
        this.workAfter = workAfter;
        this.people = people;
        this.clock = clock;
    }

    /** More balance weights than any vehicle takes. */
    private static final int MOST_WEIGHTS = 2_000;

    @Transactional
    public JobView done(long id, int version, CompleteJobRequest completeJobRequest, Units units) {
        StoredJob job = jobs.open(id, version);
        changeTracker.only(job.vehicleId());
        Instant at = when(completeJobRequest.day());
        VehicleAssessment vehicleAssessment = fleet.get(job.vehicleId());
        List<StoredItem> items = store.items(List.of(id)).getOrDefault(id, List.of());
        Map<Long, ItemResult> itemResults = (completeJobRequest.results() == null
                        ? List.<ItemResult>of()
                        : completeJobRequest.results())
                .stream().collect(Collectors.toMap(ItemResult::itemId, Function.identity(), (first, second) -> first));
        InputValidator typed = new InputValidator();
        Set<Position> letDown = letDown(items, vehicleAssessment);
        List<Read> read = items.stream()
                .map(item -> read(
                        item,
                        Optional.ofNullable(itemResults.get(item.id())),
                        vehicleAssessment,
                        letDown,
                        typed,
                        units))
                .toList();
        refuseUnweighed(job, items, vehicleAssessment, typed);
        refuseUnproven(items, vehicleAssessment, typed, units);
        refuseUnaligned(id, items, typed, units);
        Optional<Distance> odometer = FollowUps.distance(typed, "odometer", completeJobRequest.odometer(), units);
        int weights = weightPieces(completeJobRequest.weightPieces(), typed);
        Optional<String> ran =
                followUps.refuseTooSoon(jobs.get(id), items, completeJobRequest, odometer, at, typed, units);
        typed.refuseIfWrong();
        Runnable next = workAfter.of(id, LocalDate.ofInstant(at, clock.getZone()), odometer);
        odometer.ifPresent(distance -> odometerStore.read(
                vehicleAssessment.onFile().id(), distance, at, people.me(), "odometer", Optional.empty()));
        rotation.of(id, vehicleAssessment, putOnRecord(read, vehicleAssessment, at), at, odometer);
        InputValidator inPlace = new InputValidator();
        // Everything a rotation moved is where it goes by now; loaded once, and only where one did.
        Supplier<VehicleAssessment> moved = SingletonSupplier.of(() -> fleet.get(vehicleAssessment.id()));
        for (Read one : read) {
            write(one, vehicleAssessment, moved, at, people.me(), id, inPlace, units);
            String words = words(one, units);
            store.itemDone(
                    one.item().id(),
                    one.item().workType() == WorkType.RETORQUE
                            ? ran.map(miles -> words + "; " + miles).orElse(words)
                            : words);
        }
        inPlace.refuseIfWrong();
        store.save(job.completed(at, people.me()));
        parts.used(
                vehicleAssessment.yard(),
                JobParts.of(usedBy(read, itemResults), vehicleAssessment.vehicle())
                        .with(Part.WEIGHT, weights)
                        .counts(),
                id,
                at,
                people.me());
        next.run();
        return jobs.get(id);
    }

    private static int weightPieces(String text, InputValidator typed) {
        String count = text == null ? "" : text.strip();
        if (count.isEmpty()) {
            return 0;
        }
        boolean isCount = count.matches("[0-9]{1,4}") && Integer.parseInt(count) <= MOST_WEIGHTS;
        typed.unless(isCount, "weightPieces", WORDS.say("enterHowManyPieces", "mostWeights", MOST_WEIGHTS));
        return isCount ? Integer.parseInt(count) : 0;
    }

    /** The work that uses up parts; a sensor that went in with a new tire is work of its own. */
    private static List<JobRequirements.Work> usedBy(List<Read> read, Map<Long, ItemResult> results) {
        List<JobRequirements.Work> work = new ArrayList<>();
        for (Read one : read) {
            List<Position> where = one.position().stream().toList();
            work.add(new JobRequirements.Work(one.item().workType(), where));
            boolean withTire = JobRequirements.takesTire(one.item().workType())
                    && Optional.ofNullable(results.get(one.item().id()))
                            .map(ItemResult::sensor)
                            .filter(sensor -> !sensor.isBlank())
                            .isPresent();
            if (withTire) {
                work.add(new JobRequirements.Work(WorkType.REPLACE_SENSOR, where));
            }
        }
        return work;
    }

    /** Both tires of every dual of which the work takes one off. */
    private static Set<Position> letDown(List<StoredItem> items, VehicleAssessment vehicleAssessment) {
        Set<Position> lifted = items.stream()
                .filter(item -> item.code() != null && WheelTasks.lifts(item.workType()))
                .map(item -> Position.parse(item.code()))
                .filter(position -> WheelJob.mate(position).isPresent())
                .collect(Collectors.toSet());
        List<Position> mates =
                WheelTasks.mates(lifted, vehicleAssessment.fitted().keySet());
        lifted.addAll(mates);
        return lifted;
    }

    /** The tires bought for a rotation, by the place each is meant for. */
    private Map<Long, Long> putOnRecord(List<Read> read, VehicleAssessment vehicleAssessment, Instant at) {
        Map<Long, Long> bought = new HashMap<>();
        for (Read one : read) {
            if (one.item().workType() == WorkType.INSTALL_NEW_TIRE) {
                long tireId = tireStore.add(
                        new TireStore.New(one.modelId().orElseThrow(), false, Optional.empty(), Optional.empty()));
                tireStore.readDot(tireId, one.dot().orElseThrow().molded(), TireStore.DotKind.TIRE, at, people.me());
                bought.put(vehicleAssessment.placeId(one.position().orElseThrow()), tireId);
            }
        }
        return bought;
    }

    /** What only a fact on record ends isn't done by a line of words. */
    private static void refuseUnproven(
            List<StoredItem> items, VehicleAssessment vehicleAssessment, InputValidator typed, Units units) {
        items.forEach(item -> SignOff.refuses(vehicleAssessment.state(), item.workType())
                .ifPresent(why -> typed.wrong("results." + item.id() + ".note", why.in(units))));
    }

    /** Work that ends on the scale isn't done before its slip is on record. */
    private void refuseUnweighed(
            StoredJob job, List<StoredItem> items, VehicleAssessment vehicleAssessment, InputValidator typed) {
        LocalDate planned = LocalDate.ofInstant(job.createdAt(), clock.getZone());
        boolean weighed =
                SignOff.weighedSince(vehicleAssessment.state(), planned).isPresent();
        items.stream()
                .filter(item -> item.workType().requiredResult().contains(RequiredResult.SCALE_TICKET) && !weighed)
                .forEach(item -> typed.wrong("results." + item.id() + ".note", WORDS.say("noScaleTicketSince")));
    }

    /** An alignment isn't done by a line of words, nor by leaving its step out. */
    private void refuseUnaligned(long jobId, List<StoredItem> items, InputValidator typed, Units units) {
        List<SuspensionFact> measured = suspension.measuredIn(jobId);
        items.forEach(item -> SignOff.refusesUnaligned(item.workType(), measured)
                .ifPresent(why -> typed.wrong("results." + item.id() + ".note", why.in(units))));
    }

    private Instant when(LocalDate day) {
        LocalDate today = LocalDate.now(clock);
        if (day == null || day.equals(today)) {
            return clock.instant();
        }
        if (day.isAfter(today)) {
            throw ProblemException.field("day", WORDS.say("completionDateCannot"));
        }
        if (day.isBefore(today.minusYears(1))) {
            throw ProblemException.field("day", WORDS.say("moreThanAYearAgo"));
        }
        return day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant();
    }

    private Read read(
            StoredItem item,
            Optional<ItemResult> itemResult,
            VehicleAssessment vehicleAssessment,
            Set<Position> letDown,
            InputValidator typed,
            Units units) {
        String at = "results." + item.id() + ".";
        Set<RequiredResult> requiredResult = item.workType().requiredResult();
        Optional<Position> position = Optional.ofNullable(item.code()).map(Position::parse);
        Optional<ProfessionalVerdict> verdict = itemResult.map(ItemResult::verdict);
        if (requiredResult.contains(RequiredResult.VERDICT) && verdict.isEmpty()) {
            typed.wrong(at + "verdict", WORDS.say("chooseWhatTheTireProfessional"));
        }
        boolean condemned =
                verdict.filter(ProfessionalVerdict.CONDEMNED::equals).isPresent();
        boolean newTire = requiredResult.contains(RequiredResult.NEW_TIRE);
        if (condemned && !newTire) {
            // It doesn't go back: nothing else is read at it.
            requiredResult = SignOff.ofCondemned(item.workType());
        }
        Optional<Long> modelId = newTire
                ? itemResult
                        .map(ItemResult::tireModelId)
                        .or(() -> chosenTires.modelOf(item.id()))
                        .or(() -> Optional.ofNullable(item.plannedModelId()))
                        .or(() -> position.map(vehicleAssessment.fitted()::get).map(InstalledTire::modelId))
                : Optional.empty();
        typed.unless(
                item.plannedModelId() == null
                        || modelId.filter(item.plannedModelId()::equals).isPresent(),
                at + "tireModelId",
                WORDS.say("rotationWasJudgedWithAnother"));
        if (newTire && modelId.isEmpty()) {
            typed.wrong(at + "tireModelId", WORDS.say("chooseTheModel"));
        }
        Optional<PilotType> pilot = itemResult.map(ItemResult::pilot);
        if (requiredResult.contains(RequiredResult.WHEEL) && pilot.isEmpty()) {
            typed.wrong(at + "pilot", WORDS.say("chooseThePilotType"));
        }
        Optional<String> sensor = requiredResult.contains(RequiredResult.SENSOR)
                ? typed.required(
                        at + "sensor", itemResult.map(ItemResult::sensor).orElse(""), Sensor::readCode)
                : Optional.empty();
        Optional<Torque> torque = requiredResult.contains(RequiredResult.TORQUE)
                ? torque(at, itemResult, vehicleAssessment, typed, units)
                : Optional.empty();
        Optional<Repair> repair = itemResult.map(ItemResult::repair);
        if (requiredResult.contains(RequiredResult.REPAIR) && repair.isEmpty()) {
            typed.wrong(at + "repair", WORDS.say("chooseWhatWasDoneAbout"));
        }
        Pressure.Unit gauge = units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA;
        Optional<Pressure> pressure = SignOff.wantsPressure(item.workType(), condemned)
                ? typed.required(
                        at + "pressure",
                        itemResult.map(ItemResult::pressure).orElse(""),
                        text -> Pressure.parse(text, gauge))
                : Optional.empty();
        Optional<String> gas = typed.attempt(
                at + "gas", () -> Readings.gasOf(itemResult.map(ItemResult::gas).orElse("")));
        Optional<String> purity = typed.attempt(
                at + "purity",
                () -> Readings.purityOf(itemResult.map(ItemResult::purity).orElse(""), gas.orElse("")));
        Optional<DotCode> dot = newTire || requiredResult.contains(RequiredResult.DOT_CODE)
                ? typed.required(
                        at + "dotCode",
                        itemResult.map(ItemResult::dotCode).orElse(""),
                        text -> DotCode.parse(text, vehicleAssessment.today()))
                : Optional.empty();
        if (ChosenTires.chooses(item.workType())) {
            dot.flatMap(code ->
                            chosenTires.wrongTire(item.id(), code, vehicleAssessment, position.orElseThrow(), units))
                    .ifPresent(why -> typed.wrong(at + "dotCode", why));
        }
        Optional<RemovedTire.Destination> oldTireTo =
                newTire ? oldTireTo(at, itemResult, position, vehicleAssessment, typed) : Optional.empty();
        GrooveDepths grooveDepths = newTire || requiredResult.contains(RequiredResult.TREAD)
                ? tread(at, itemResult, original(position, modelId, vehicleAssessment), typed, units)
                : GrooveDepths.UNMEASURED;
        String professional = text(typed, at + "professional", itemResult.map(ItemResult::professional), 100);
        if (requiredResult.contains(RequiredResult.VERDICT) && professional.isEmpty()) {
            typed.wrong(at + "professional", WORDS.say("nameTheTireProfessionalWho"));
        }
        String note = text(typed, at + "note", itemResult.map(ItemResult::note), 500);
        if (requiredResult.contains(RequiredResult.NOTE) && note.isEmpty()) {
            typed.wrong(at + "note", WORDS.say("sayInAFewWords"));
        }
        Read read = new Read(
                item,
                position,
                pressure,
                grooveDepths,
                dot,
                modelId,
                pilot,
                sensor,
                torque,
                verdict,
                repair,
                professional,
                note,
                itemResult.map(ItemResult::confirmed).map(Set::copyOf).orElse(Set.of()),
                gas.orElse(""),
                purity.orElse(""),
                position.filter(letDown::contains).isPresent(),
                oldTireTo,
                itemResult.map(ItemResult::scrapReason).orElse(""));
        if (!SignOff.changesTire(item.workType())) {
            refuseFigures(read, vehicleAssessment, typed, units);
        }
        return read;
    }

    /** Refuses what may not be left so, and asks about figures far from what was expected. */
    private static void refuseFigures(
            Read read, VehicleAssessment vehicleAssessment, InputValidator typed, Units units) {
        if (read.position().isEmpty()) {
            return;
        }
        String at = "results." + read.item().id() + ".";
        Position position = read.position().get();
        Optional<String> refused = read.pressure()
                .flatMap(psi -> refuses(read, vehicleAssessment, position, psi))
                .map(why -> why.in(units));
        refused.ifPresent(why -> typed.wrong(at + "pressure", why));
        Reading figures = values(read).asReading(vehicleAssessment.today());
        SignOff.asks(
                        vehicleAssessment.state(),
                        position,
                        figures,
                        vehicleAssessment.policy(),
                        vehicleAssessment.today())
                .forEach((checkedValue, why) -> {
                    String field = checkedValue.name().toLowerCase(Locale.ROOT);
                    boolean refusedAnyway = field.equals("pressure") && refused.isPresent();
                    if (!refusedAnyway && !read.confirmed().contains(field)) {
                        typed.ask(at + field, why.in(units));
                    }
                });
    }

    private static Optional<Message> refuses(
            Read read, VehicleAssessment vehicleAssessment, Position position, Pressure psi) {
        Optional<Message> fill = SignOff.refusesFill(
                vehicleAssessment.state(),
                position,
                read.item().workType(),
                psi,
                vehicleAssessment.policy(),
                vehicleAssessment.today());
        return fill.isPresent() || !read.isLetDown()
                ? fill
                : SignOff.refusesUnder(
                        vehicleAssessment.state(),
                        position,
                        psi,
                        vehicleAssessment.policy(),
                        vehicleAssessment.today());
    }

    /** What the wrench was set to: as the wheels on file ask, so that a figure in the other unit is noticed. */
    private Optional<Torque> torque(
            String at,
            Optional<ItemResult> itemResult,
            VehicleAssessment vehicleAssessment,
            InputValidator typed,
            Units units) {
        Torque.Unit scale = units == Units.US ? Torque.Unit.FT_LB : Torque.Unit.NM;
        Optional<Torque> set = typed.required(
                at + "torque", itemResult.map(ItemResult::torque).orElse(""), text -> Torque.parse(text, scale));
        register.stored(vehicleAssessment.id()).entry().wheels().values().stream()
                .filter(wheel -> set.filter(one -> !wheel.agreesWith(one)).isPresent())
                .findFirst()
                .ifPresent(wheel -> typed.wrong(
                        at + "torque",
                        WORDS.say(
                                "wheelsOnFileAsk",
                                "torque",
                                wheel.torque().orElseThrow().format(units))));
        return set;
    }

    /** Where the tire goes that comes off: as said, where its state lets it; unsaid, to the mildest place that it may go. */
    private static Optional<RemovedTire.Destination> oldTireTo(
            String at,
            Optional<ItemResult> itemResult,
            Optional<Position> position,
            VehicleAssessment vehicleAssessment,
            InputValidator typed) {
        if (position.filter(vehicleAssessment.fitted()::containsKey).isEmpty()) {
            return Optional.empty();
        }
        List<RemovedTire.Destination> mayGo =
                RemovedTire.mayGo(vehicleAssessment.judgements().get(position.get()));
        Optional<RemovedTire.Destination> said = itemResult.map(ItemResult::oldTireTo);
        typed.unless(
                said.filter(to -> !mayGo.contains(to)).isEmpty(),
                at + "oldTireTo",
                WORDS.say(
                        "byItsAgeTread",
                        "mayGo",
                        mayGo.stream()
                                .map(RemovedTire.Destination::label)
                                .collect(Collectors.joining(WORDS.say("or")))));
        typed.unless(
                said.filter(RemovedTire.Destination.SCRAP::equals).isEmpty()
                        || itemResult
                                .map(ItemResult::scrapReason)
                                .filter(why -> !why.isBlank())
                                .isPresent(),
                at + "scrapReason",
                WORDS.say("chooseWhyItIsScrapped"));
        return said.or(() -> mayGo.stream().findFirst());
    }

    private Optional<TreadDepth> original(
            Optional<Position> position, Optional<Long> modelId, VehicleAssessment vehicleAssessment) {
        if (modelId.isPresent()) {
            return tireCatalog.get(modelId.get()).model().originalDepth();
        }
        return position.map(vehicleAssessment.fitted()::get)
                .map(installedTire -> installedTire.tire().model())
                .flatMap(TireModel::originalDepth);
    }

    private static GrooveDepths tread(
            String at,
            Optional<ItemResult> itemResult,
            Optional<TreadDepth> original,
            InputValidator typed,
            Units units) {
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        Function<String, TreadDepth> depth =
                text -> TreadInput.plausible(TreadDepth.parse(text, scale), original, units);
        return new GrooveDepths(
                typed.required(at + "outer", itemResult.map(ItemResult::outer).orElse(""), depth),
                typed.required(at + "center", itemResult.map(ItemResult::center).orElse(""), depth),
                typed.required(at + "inner", itemResult.map(ItemResult::inner).orElse(""), depth));
    }

    private static String text(InputValidator typed, String field, Optional<String> given, int most) {
        String text = given.orElse("").strip();
        if (text.length() > most) {
            typed.wrong(field, WORDS.say("atMostCharacters", "most", most));
        }
        return text;
    }

    private void write(
            Read one,
            VehicleAssessment vehicleAssessment,
            Supplier<VehicleAssessment> moved,
            Instant at,
            long by,
            long jobId,
            InputValidator inPlace,
            Units units) {
        if (one.position().isEmpty()) {
            if (one.item().workType() == WorkType.MOVE_VEHICLE) {
                vehicleStore.moved(vehicleAssessment.id(), LocalDate.ofInstant(at, clock.getZone()));
            }
            return;
        }
        Position position = one.position().get();
        long placeId = vehicleAssessment.placeId(position);
        Optional<InstalledTire> installedTire =
                Optional.ofNullable(vehicleAssessment.fitted().get(position));
        if (one.item().workType() == WorkType.INSTALL_MOVED_TIRE
                || one.item().workType() == WorkType.INSTALL_NEW_TIRE) {
            one.pilot().ifPresent(pilot -> vehicleStore.changeWheel(placeId, pilot));
            long tireId = tireStore.at(placeId).orElseThrow();
            refuseFigures(one, moved.get(), inPlace, units);
            facts.record(
                    FactLog.Observation.read(new Readings.Entry(tireId, placeId, at, by, null, jobId), values(one)));
            return;
        }
        if (one.item().workType().requiredResult().contains(RequiredResult.NEW_TIRE)) {
            one.pilot().ifPresent(pilot -> vehicleStore.changeWheel(placeId, pilot));
            long tireId = fitNew(one, vehicleAssessment, placeId, at, by, jobId);
            refuseFigures(one, fleet.get(vehicleAssessment.id()), inPlace, units);
            facts.record(
                    FactLog.Observation.read(new Readings.Entry(tireId, placeId, at, by, null, jobId), values(one)));
            return;
        }
        boolean isCondemned =
                one.verdict().filter(ProfessionalVerdict.CONDEMNED::equals).isPresent();
        if (one.item().workType() == WorkType.REPLACE_WHEEL && !isCondemned) {
            vehicleStore.changeWheel(placeId, one.pilot().orElseThrow());
            return;
        }
        // Another wheel went on because the one that was there is out of service.
        one.pilot().ifPresent(pilot -> vehicleStore.changeWheel(placeId, pilot));
        InstalledTire here = installedTire.orElseThrow(
                () -> ProblemException.conflict(WORDS.say("thereIsNoTire", "position", position.code())));
        Readings.Entry where = new Readings.Entry(here.tire().id(), placeId, at, by, null, jobId);
        one.dot().ifPresent(dot -> tireStore.readDot(here.tire().id(), dot.molded(), TireStore.DotKind.TIRE, at, by));
        FactLog.Observation observation = FactLog.Observation.read(where, values(one));
        if (isCondemned) {
            facts.record(observation.inspected(one.professional(), false, one.note()));
            return;
        }
        switch (one.item().workType()) {
            case REPLACE_SENSOR -> replaceSensor(one, vehicleAssessment, position, at, by, jobId);
            case INSPECT_DAMAGE, AGE_INSPECTION ->
                observation = observation.inspected(
                        one.professional(), one.verdict().orElseThrow() == ProfessionalVerdict.SERVICEABLE, one.note());
            case FIX_DEFECT, CORRECT_WEAR_CAUSE ->
                observation =
                        observation.puttingRight(SignOff.putsRight(one.item().workType()), one.note());
            case FIND_LEAK -> observation = observation.repaired(one.repair().orElseThrow(), one.note());
            case RECORD_TIRE,
                    CORRECT_MISMATCH,
                    REPLACE,
                    SET_PRESSURE,
                    READ_DOT,
                    PRESSURE_CHECK,
                    TREAD_INSPECTION,
                    DERIVE_TARGET,
                    REDUCE_LOAD,
                    WEIGH,
                    ROTATE,
                    INSTALL_MOVED_TIRE,
                    INSTALL_NEW_TIRE,
                    RETORQUE,
                    RELEARN,
                    ALIGN,
                    REPAIR_SUSPENSION,
                    MOVE_VEHICLE -> {
                // The readings and movements above are all there is to record.
            }
        }
        facts.record(observation);
    }

    private void replaceSensor(
            Read one, VehicleAssessment vehicleAssessment, Position position, Instant at, long by, long jobId) {
        Sensor.Location location = vehicleAssessment
                .state()
                .vehicle()
                .sensorAt(position)
                .map(Sensor::location)
                .orElse(Sensor.Location.INSIDE);
        Sensor fresh =
                new Sensor(one.sensor().orElseThrow(), location, Optional.of(LocalDate.ofInstant(at, clock.getZone())));
        sensors.putIfOther(vehicleAssessment.placeId(position), fresh, at, by, one.note(), jobId);
    }

    /** The chosen tire out of stock, or one bought for this work; the old one goes where it was said to go. */
    private long fitNew(Read one, VehicleAssessment vehicleAssessment, long placeId, Instant at, long by, long jobId) {
        TreadDepth lowest = vehicleAssessment
                .state()
                .at(one.position().orElseThrow())
                .alerts()
                .lowest()
                .map(Groove::depth)
                .orElse(null);
        tireStore.takeOff(
                placeId,
                one.oldTireTo().map(JobCompletion::place).orElse(TireStore.StockState.IN_STOCK),
                new TireStore.Line(
                        at,
                        by,
                        one.item().workType().label() + ": " + one.item().reason(),
                        one.scrapReason().isEmpty()
                                        && one.oldTireTo()
                                                .filter(RemovedTire.Destination.SCRAP::equals)
                                                .isPresent()
                                ? one.item().reason()
                                : one.scrapReason(),
                        null,
                        lowest,
                        jobId));
        DotCode code = one.dot().orElseThrow();
        Optional<Long> chosen = ChosenTires.chooses(one.item().workType())
                ? chosenTires.onFile(one.item().id(), code, one.position().orElseThrow(), vehicleAssessment.today())
                : Optional.empty();
        if (chosen.isPresent()) {
            tireStore.fit(chosen.get(), placeId, TireStore.Line.of(at, by, "", jobId));
            // Its whole code isn't forgotten for the four digits that were read now.
            if (chosenTires.saysMore(chosen.get(), code)) {
                tireStore.readDot(chosen.get(), code.molded(), TireStore.DotKind.TIRE, at, by);
            }
            return chosen.get();
        }
        return tireStore.fitNew(
                one.modelId().orElseThrow(),
                false,
                one.dot().orElseThrow().molded(),
                placeId,
                TireStore.Line.of(at, by, "", jobId));
    }

    private static TireStore.StockState place(RemovedTire.Destination to) {
        return switch (to) {
            case STOCK -> TireStore.StockState.IN_STOCK;
            case RETREAD -> TireStore.StockState.RETREAD_CANDIDATE;
            case SCRAP -> TireStore.StockState.SCRAPPED;
        };
    }

    private static Readings.Values values(Read one) {
        return new Readings.Values(
                one.pressure(),
                one.pressure().isPresent() ? ThermalState.COLD : ThermalState.UNKNOWN,
                one.tread(),
                Optional.empty(),
                Optional.empty(),
                SignOff.fills(one.item().workType()),
                one.gas(),
                Readings.Look.NONE.pure(one.purity()));
    }

    /** What the sign-off says, for the job's history. */
    private static String words(Read one, Units units) {
        StringBuilder words = new StringBuilder();
        one.verdict()
                .ifPresent(verdict -> words.append(
                                verdict == ProfessionalVerdict.SERVICEABLE
                                        ? WORDS.say("sound")
                                        : WORDS.say("condemned"))
                        .append(", ")
                        .append(one.professional())
                        .append(". "));
        one.repair()
                .ifPresent(
                        repair -> words.append("Leak: ").append(repair.label()).append(". "));
        one.pilot()
                .ifPresent(pilot ->
                        words.append(WORDS.say("wheel")).append(pilot.label()).append(". "));
        one.torque()
                .ifPresent(set -> words.append(WORDS.say("nutsAt"))
                        .append(set.format(units))
                        .append(". "));
        one.sensor()
                .ifPresent(
                        code -> words.append(WORDS.say("sensor")).append(code).append(". "));
        one.dot().ifPresent(dot -> words.append("DOT ").append(dot.molded()).append(". "));
        one.pressure().ifPresent(read -> words.append(read.format(units)).append(WORDS.say("cold")));
        if (one.tread().isComplete()) {
            words.append(WORDS.say("tread"))
                    .append(one.tread().outer().get().format(units))
                    .append(" · ")
                    .append(one.tread().center().get().format(units))
                    .append(" · ")
                    .append(one.tread().inner().get().format(units))
                    .append(". ");
        }
        return words.append(one.note()).toString().strip();
    }
}
