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
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.CornerAlert;
import rotagens.core.alert.SuspensionAlert;
import rotagens.core.fact.InForce;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.inspection.FactIntake;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Distance;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.OdometerHistory;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.WearRate;
import rotagens.server.inspection.TireHistories;
import rotagens.server.inspection.TireHistories.History;
import rotagens.server.loads.PressureStore;
import rotagens.server.policy.PolicyStore;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.vehicle.CornerRecords;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.SuspensionRecords;
import rotagens.server.vehicle.VehicleStore;

/** Puts together what the rules need of a vehicle from its records, and has it judged as of today. */
@Service
public class FleetAssessor {

    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final TireStore tireStore;
    private final TireHistories tireHistories;
    private final PressureStore records;
    private final PolicyStore policyStore;
    private final List<CornerRecords> corners;
    private final SuspensionRecords suspension;
    private final Clock clock;

    FleetAssessor(
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            TireStore tireStore,
            TireHistories tireHistories,
            PressureStore records,
            PolicyStore policyStore,
            List<CornerRecords> corners,
            SuspensionRecords suspension,
            Clock clock) {
        this.corners = corners;
        this.suspension = suspension;
        this.records = records;
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.tireStore = tireStore;
        this.tireHistories = tireHistories;
        this.policyStore = policyStore;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<VehicleAssessment> all() {
        return assessed(vehicleStore.all(), null);
    }

    /** How many vehicles are on file. */
    @Transactional(readOnly = true)
    public int size() {
        return vehicleStore.count();
    }

    @Transactional(readOnly = true)
    public VehicleAssessment get(long vehicleId) {
        return assessed(List.of(vehicleStore.get(vehicleId)), vehicleId).get(0);
    }

    private List<VehicleAssessment> assessed(List<VehicleStore.OnFile> onFile, Long vehicleId) {
        Map<Long, OdometerHistory> runs = odometerStore.histories();
        return judged(
                onFile,
                tireStore.fitted(vehicleId),
                tireHistories.ofFitted(vehicleId, runs),
                runs,
                facts(onFile, vehicleId, LocalDate.now(clock)),
                cornerAlerts(vehicleId),
                suspension.suspensionFacts(vehicleId),
                policyStore.inForce());
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
        VehicleStore.OnFile onFile = vehicleStore.get(vehicleId);
        Map<Long, InstalledTire> installedTire = tireStore.fitted(vehicleId);
        List<TireState> states = new ArrayList<>();
        onFile.places()
                .forEach((position, placeId) -> Optional.ofNullable(installedTire.get(placeId))
                        .ifPresent(here -> states.add(new TireState(
                                position,
                                Optional.of(here.tire()),
                                List.of(),
                                List.of(),
                                Optional.empty(),
                                Optional.empty()))));
        Policy policy = policyStore.inForce();
        Map<PressureInputs, Map<Long, InForce>> known = new HashMap<>();
        Map<Long, InForce> last = Map.of();
        Map<LocalDate, PressureInputs> byDay = records.facts(vehicleId, days, onFile.normalLoadState());
        for (LocalDate day : days) {
            PressureInputs facts = byDay.get(day);
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
            VehicleStore.OnFile onFile, VehicleState state, Policy policy, LocalDate day) {
        VehiclePressures pressures = state.pressures(policy, day);
        Map<Long, InForce> byPlace = new HashMap<>();
        onFile.places()
                .forEach((position, placeId) ->
                        byPlace.put(placeId, FactIntake.inForce(state, pressures, position, policy)));
        return byPlace;
    }

    /** The policy in force. */
    Policy policy() {
        return policyStore.inForce();
    }

    private Map<Long, PressureInputs> facts(List<VehicleStore.OnFile> onFile, Long vehicleId, LocalDate day) {
        return records.facts(
                vehicleId,
                day,
                onFile.stream()
                        .collect(Collectors.toMap(VehicleStore.OnFile::id, VehicleStore.OnFile::normalLoadState)));
    }

    private List<VehicleAssessment> judged(
            List<VehicleStore.OnFile> onFile,
            Map<Long, InstalledTire> byPlace,
            Map<Long, History> histories,
            Map<Long, OdometerHistory> runs,
            Map<Long, PressureInputs> facts,
            Map<Long, CornerAlert> cornerAlerts,
            Map<Long, List<SuspensionFact>> suspensionFacts,
            Policy policy) {
        LocalDate today = LocalDate.now(clock);
        List<VehicleAssessment> all = new ArrayList<>();
        for (VehicleStore.OnFile vehicle : onFile) {
            Map<Position, InstalledTire> installedTire = new LinkedHashMap<>();
            List<TireState> states = new ArrayList<>();
            vehicle.places().forEach((position, placeId) -> {
                InstalledTire here = byPlace.get(placeId);
                if (here != null) {
                    installedTire.put(position, here);
                    History history = histories.getOrDefault(here.tire().id(), History.NONE);
                    states.add(new TireState(
                            position,
                            Optional.of(here.tire()),
                            history.readings(),
                            history.alerts(),
                            history.lastProfessional(),
                            history.causeMended(),
                            here.asFitted().map(depthReading -> driven(runs.get(vehicle.id()), here, depthReading))));
                }
            });
            VehicleState state = VehicleState.of(vehicle.facts(), states, facts.get(vehicle.id()))
                    .with(Optional.ofNullable(cornerAlerts.get(vehicle.id())))
                    .with(SuspensionAlert.fold(suspensionFacts.getOrDefault(vehicle.id(), List.of())));
            all.add(VehicleAssessment.of(vehicle, state, installedTire, policy, today));
        }
        return all;
    }

    /** The point on the vehicle's whole run; unchanged where its odometer was never replaced. */
    private static WearRate.DepthReading driven(
            OdometerHistory run, InstalledTire installedTire, WearRate.DepthReading shown) {
        return run == null
                ? shown
                : new WearRate.DepthReading(
                        run.driven(installedTire.at(), Distance.miles(shown.miles())), shown.lowest32nds());
    }
}
