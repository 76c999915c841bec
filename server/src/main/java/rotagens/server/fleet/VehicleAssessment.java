package rotagens.server.fleet;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.util.function.SingletonSupplier;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.Stop;
import rotagens.core.inspection.SuspensionCheck;
import rotagens.core.inspection.TireAssessor;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Pressure;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueWorkFinder;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.CurrentCapacity;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.TargetPressure;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.vehicle.VehicleStore;

/**
 * A vehicle as it stands today: what is on file of it, judged.
 *
 * @param fitted the tire on file at each position that has one
 * @param verdict the worst of its tires, and of its steering and suspension
 * @param dueOnce works out {@link #due()} and keeps it
 */
public record VehicleAssessment(
        VehicleStore.OnFile onFile,
        VehicleState state,
        Map<Position, InstalledTire> fitted,
        Map<Position, Assessment> judgements,
        Verdict verdict,
        VehiclePressures pressures,
        Policy policy,
        LocalDate today,
        Supplier<List<DueItem>> dueOnce) {

    public long id() {
        return onFile.id();
    }

    /** What the rules know of it: axles, ratings, wheels, placard. */
    public Vehicle vehicle() {
        return onFile.facts();
    }

    public String unit() {
        return vehicle().unit();
    }

    public String vehicleClass() {
        return vehicle().vehicleClass();
    }

    public AxleLayout layout() {
        return vehicle().layout();
    }

    public String yard() {
        return onFile.yard();
    }

    /** Has a vehicle's facts judged. */
    static VehicleAssessment of(
            VehicleStore.OnFile onFile,
            VehicleState state,
            Map<Position, InstalledTire> installedTire,
            Policy policy,
            LocalDate today) {
        VehiclePressures pressures = state.pressures(policy, today);
        Map<Position, Assessment> assessments = TireAssessor.judge(state, pressures, policy, today);
        return new VehicleAssessment(
                onFile,
                state,
                installedTire,
                assessments,
                worst(state, assessments),
                pressures,
                policy,
                today,
                SingletonSupplier.of(() -> DueWorkFinder.on(state, assessments, pressures, policy, today)));
    }

    /** The worst of its tires, or what its own steering and suspension make it. */
    private static Verdict worst(VehicleState state, Map<Position, Assessment> assessments) {
        return Stream.concat(
                        Stream.of(Assessment.worst(List.copyOf(assessments.values()))),
                        SuspensionCheck.check(state).stream().map(VerdictReason::verdict))
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** Why it must not be operated; none where it may. */
    public List<Stop> stops() {
        return Stop.of(state, judgements);
    }

    /** The same facts as another policy would judge them. */
    VehicleAssessment under(Policy other) {
        return of(onFile, state, fitted, other, today);
    }

    /** Everything that falls due by the forecast's horizon, most urgent first; worked out once, when first asked for. */
    public List<DueItem> due() {
        return dueOnce.get();
    }

    /** The cold pressure the tire at a position should have. */
    public TargetPressure target(Position position, TireModel tire) {
        return pressures.targetAt(position, tire, policy.of(vehicleClass()));
    }

    /** The policy as it holds for the tire at a position. */
    public Policy.ClassPolicy policyAt(Position position) {
        return state.policyAt(policy, state.at(position));
    }

    /** What one axle may carry at the pressures measured now. */
    public CurrentCapacity carryNow(int axle) {
        Map<Position, CurrentCapacity.CheckedTire> checkedTire = new HashMap<>();
        state.tires().forEach((position, tire) -> checkedTire.put(position, gauged(tire)));
        return CurrentCapacity.of(
                onFile.facts(), axle, state.models(), checkedTire, state.facts().charts());
    }

    private CurrentCapacity.CheckedTire gauged(TireState tire) {
        Optional<Pressure> target = tire.tire()
                .flatMap(here -> target(tire.position(), here.model()).pressure());
        Optional<Pressure> cold = tire.lastCold().flatMap(Reading::pressure);
        boolean ranLow = tire.open().stream().anyMatch(open -> open.finding() == Finding.RUN_FLAT)
                || cold.isPresent()
                        && target.filter(goal -> RunFlat.isRunFlat(cold.get(), goal))
                                .isPresent();
        return new CurrentCapacity.CheckedTire(cold, ranLow);
    }

    /** The position with a code; empty where the vehicle has none. */
    public Optional<Position> position(String code) {
        return onFile.places().keySet().stream()
                .filter(position -> position.code().equals(code))
                .findFirst();
    }

    public long placeId(Position position) {
        return onFile.places().get(position);
    }
}
