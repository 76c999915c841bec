package rotagens.server.fleet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.function.SingletonSupplier;
import rotagens.core.alert.CornerAlert;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.FactIntake;
import rotagens.core.inspection.Judgement;
import rotagens.core.inspection.TireJudge;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueWork;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.CarryNow;
import rotagens.core.pressure.PressureFacts;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.Target;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.OdometerRun;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.WearRate;
import rotagens.server.inspection.Histories;
import rotagens.server.inspection.Histories.History;
import rotagens.server.loads.PressureRecords;
import rotagens.server.policy.Policies;
import rotagens.server.tire.Tires;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.vehicle.CornerRecords;
import rotagens.server.vehicle.Vehicles;
import rotagens.server.web.ProblemException;

/** Puts together what the rules need of a vehicle from its records, and has it judged as of today. */
@Service
public class Fleet {

    /**
     * A vehicle as it stands today.
     *
     * @param fitted the tire on file at each position that has one
     * @param verdict the worst of its tires
     * @param dueOnce works out {@link #due()} and keeps it
     */
    public record Standing(
            Vehicles.OnFile onFile,
            VehicleState state,
            Map<Position, Fitted> fitted,
            Map<Position, Judgement> judgements,
            Verdict verdict,
            VehiclePressures pressures,
            Policy policy,
            LocalDate today,
            Supplier<List<DueItem>> dueOnce) {

        /** Has a vehicle's facts judged. */
        static Standing of(
                Vehicles.OnFile onFile,
                VehicleState state,
                Map<Position, Fitted> fitted,
                Policy policy,
                LocalDate today) {
            VehiclePressures pressures = state.pressures(policy, today);
            Map<Position, Judgement> judgements = TireJudge.judge(state, pressures, policy, today);
            return new Standing(
                    onFile,
                    state,
                    fitted,
                    judgements,
                    Judgement.worst(List.copyOf(judgements.values())),
                    pressures,
                    policy,
                    today,
                    SingletonSupplier.of(() -> DueWork.on(state, judgements, pressures, policy, today)));
        }

        /** The same facts as another policy would judge them. */
        Standing under(Policy other) {
            return of(onFile, state, fitted, other, today);
        }

        /** Everything that falls due by the forecast's horizon, most urgent first; worked out once, when first asked for. */
        public List<DueItem> due() {
            return dueOnce.get();
        }

        /** The cold pressure the tire at a position should have. */
        public Target target(Position position, TireModel tire) {
            return pressures.targetAt(position, tire, policy.of(onFile.facts().vehicleClass()));
        }

        /** The policy as it holds for the tire at a position. */
        public Policy.ForClass policyAt(Position position) {
            return state.policyAt(policy, state.at(position));
        }

        /** What one axle may carry at the pressures measured now. */
        public CarryNow carryNow(int axle) {
            Map<Position, CarryNow.Gauged> gauged = new HashMap<>();
            state.tires().forEach((position, tire) -> gauged.put(position, gauged(tire)));
            return CarryNow.of(
                    onFile.facts(), axle, state.models(), gauged, state.facts().book());
        }

        private CarryNow.Gauged gauged(TireState tire) {
            Optional<Pressure> target = tire.tire()
                    .flatMap(here -> target(tire.position(), here.model()).pressure());
            Optional<Pressure> cold = tire.lastCold().flatMap(Reading::pressure);
            boolean ranLow = tire.open().stream().anyMatch(open -> open.finding() == Finding.RAN_LOW)
                    || cold.isPresent()
                            && target.filter(goal -> RunFlat.ranLow(cold.get(), goal))
                                    .isPresent();
            return new CarryNow.Gauged(cold, ranLow);
        }

        /** The place with a code, refusing what the vehicle doesn't have. */
        public Position position(String code) {
            return onFile.places().keySet().stream()
                    .filter(position -> position.code().equals(code))
                    .findFirst()
                    .orElseThrow(() -> ProblemException.notFound("This vehicle has no position "
                            + (code == null || code.length() > 8 ? "with that name" : code) + "."));
        }

        public long placeId(Position position) {
            return onFile.places().get(position);
        }
    }

    private final Vehicles vehicles;
    private final Tires tires;
    private final Histories histories;
    private final PressureRecords records;
    private final Policies policies;
    private final List<CornerRecords> corners;
    private final Clock clock;

    Fleet(
            Vehicles vehicles,
            Tires tires,
            Histories histories,
            PressureRecords records,
            Policies policies,
            List<CornerRecords> corners,
            Clock clock) {
        this.corners = corners;
        this.records = records;
        this.vehicles = vehicles;
        this.tires = tires;
        this.histories = histories;
        this.policies = policies;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Standing> all() {
        return standing(vehicles.all(), null);
    }

    /** How many vehicles are on file. */
    @Transactional(readOnly = true)
    public int size() {
        return vehicles.count();
    }

    @Transactional(readOnly = true)
    public Standing get(long vehicleId) {
        return standing(List.of(vehicles.get(vehicleId)), vehicleId).get(0);
    }

    private List<Standing> standing(List<Vehicles.OnFile> onFile, Long vehicleId) {
        Map<Long, OdometerRun> runs = vehicles.runs();
        return judged(
                onFile,
                tires.fitted(vehicleId),
                histories.ofFitted(vehicleId, runs),
                runs,
                facts(onFile, vehicleId, LocalDate.now(clock)),
                cornerAlerts(vehicleId),
                policies.inForce());
    }

    /** The open alert about the corners of each vehicle that has one, from everything on record about them. */
    private Map<Long, CornerAlert> cornerAlerts(Long vehicleId) {
        Map<Long, List<CornerRecords.Dated>> all = new HashMap<>();
        corners.forEach(kept -> kept.cornerFacts(vehicleId)
                .forEach((vehicle, facts) ->
                        all.computeIfAbsent(vehicle, none -> new ArrayList<>()).addAll(facts)));
        Map<Long, CornerAlert> open = new HashMap<>();
        all.forEach((vehicle, facts) -> CornerAlert.fold(facts.stream()
                        .sorted(Comparator.comparing(CornerRecords.Dated::at))
                        .map(CornerRecords.Dated::fact)
                        .toList())
                .ifPresent(alert -> open.put(vehicle, alert)));
        return open;
    }

    /**
     * What was in force at each position of a vehicle on a day: target, load state and limits, with the tires on it now and the
     * policy of now.
     */
    @Transactional(readOnly = true)
    public Map<Long, InForce> inForce(
            long vehicleId, Collection<LocalDate> days, BiConsumer<LocalDate, Map<Long, InForce>> each) {
        Vehicles.OnFile onFile = vehicles.get(vehicleId);
        Map<Long, Fitted> fitted = tires.fitted(vehicleId);
        List<TireState> states = new ArrayList<>();
        onFile.places()
                .forEach((position, placeId) -> Optional.ofNullable(fitted.get(placeId))
                        .ifPresent(here -> states.add(new TireState(
                                position,
                                Optional.of(here.tire()),
                                List.of(),
                                List.of(),
                                Optional.empty(),
                                Optional.empty()))));
        Policy policy = policies.inForce();
        Map<PressureFacts, Map<Long, InForce>> known = new HashMap<>();
        Map<Long, InForce> last = Map.of();
        for (LocalDate day : days) {
            PressureFacts facts = facts(List.of(onFile), vehicleId, day).get(vehicleId);
            last = known.computeIfAbsent(
                    facts, then -> inForce(onFile, VehicleState.of(onFile.facts(), states, then), policy, day));
            each.accept(day, last);
        }
        return last;
    }

    /** The same for one day. */
    @Transactional(readOnly = true)
    public Map<Long, InForce> inForce(long vehicleId, LocalDate day) {
        return inForce(vehicleId, List.of(day), (on, then) -> {});
    }

    private static Map<Long, InForce> inForce(
            Vehicles.OnFile onFile, VehicleState state, Policy policy, LocalDate day) {
        VehiclePressures pressures = state.pressures(policy, day);
        Map<Long, InForce> byPlace = new HashMap<>();
        onFile.places()
                .forEach((position, placeId) ->
                        byPlace.put(placeId, FactIntake.inForce(state, pressures, position, policy)));
        return byPlace;
    }

    /** The policy in force. */
    Policy policy() {
        return policies.inForce();
    }

    private Map<Long, PressureFacts> facts(List<Vehicles.OnFile> onFile, Long vehicleId, LocalDate day) {
        return records.facts(
                vehicleId,
                day,
                onFile.stream().collect(Collectors.toMap(Vehicles.OnFile::id, Vehicles.OnFile::usualState)));
    }

    private List<Standing> judged(
            List<Vehicles.OnFile> onFile,
            Map<Long, Fitted> byPlace,
            Map<Long, History> histories,
            Map<Long, OdometerRun> runs,
            Map<Long, PressureFacts> facts,
            Map<Long, CornerAlert> cornerAlerts,
            Policy policy) {
        LocalDate today = LocalDate.now(clock);
        List<Standing> all = new ArrayList<>();
        for (Vehicles.OnFile vehicle : onFile) {
            Map<Position, Fitted> fitted = new LinkedHashMap<>();
            List<TireState> states = new ArrayList<>();
            vehicle.places().forEach((position, placeId) -> {
                Fitted here = byPlace.get(placeId);
                if (here != null) {
                    fitted.put(position, here);
                    History history = histories.getOrDefault(here.tire().id(), History.NONE);
                    states.add(new TireState(
                            position,
                            Optional.of(here.tire()),
                            history.readings(),
                            history.alerts(),
                            history.lastProfessional(),
                            history.causeMended(),
                            here.asFitted().map(point -> driven(runs.get(vehicle.id()), here, point))));
                }
            });
            VehicleState state = VehicleState.of(vehicle.facts(), states, facts.get(vehicle.id()))
                    .with(Optional.ofNullable(cornerAlerts.get(vehicle.id())));
            all.add(Standing.of(vehicle, state, fitted, policy, today));
        }
        return all;
    }

    /** The point on the vehicle's whole run; unchanged where its odometer was never replaced. */
    private static WearRate.Point driven(OdometerRun run, Fitted fitted, WearRate.Point shown) {
        return run == null
                ? shown
                : new WearRate.Point(run.driven(fitted.at(), Distance.miles(shown.miles())), shown.lowest32nds());
    }
}
