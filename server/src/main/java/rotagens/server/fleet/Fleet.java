package rotagens.server.fleet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.Judgement;
import rotagens.core.inspection.TireJudge;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.inspection.Verdict;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;
import rotagens.server.inspection.Readings;
import rotagens.server.inspection.Readings.History;
import rotagens.server.policy.Policies;
import rotagens.server.tire.Tires;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.vehicle.Vehicles;
import rotagens.server.web.ProblemException;

/** Puts together what the rules need of a vehicle from its records, and has it judged as of today. */
@Service
public class Fleet {

    /**
     * A vehicle as it stands today.
     *
     * @param fitted the tire on file at each position that has one
     */
    public record Standing(
            Vehicles.OnFile onFile,
            VehicleState state,
            Map<Position, Fitted> fitted,
            Map<Position, Judgement> judgements,
            Policy policy,
            LocalDate today) {

        public Verdict verdict() {
            return Judgement.worst(List.copyOf(judgements.values()));
        }

        /** The place with a code, refusing what the vehicle doesn't have. */
        public Position position(String code) {
            return onFile.places().keySet().stream()
                    .filter(position -> position.code().equals(code))
                    .findFirst()
                    .orElseThrow(() -> ProblemException.notFound(
                            "This vehicle has no position " + (code.length() > 8 ? "with that name" : code) + "."));
        }

        public long placeId(Position position) {
            return onFile.places().get(position);
        }
    }

    private final Vehicles vehicles;
    private final Tires tires;
    private final Readings readings;
    private final Policies policies;
    private final Clock clock;

    Fleet(Vehicles vehicles, Tires tires, Readings readings, Policies policies, Clock clock) {
        this.vehicles = vehicles;
        this.tires = tires;
        this.readings = readings;
        this.policies = policies;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Standing> all() {
        return standing(vehicles.all(), tires.fitted(null), readings.ofFitted(null));
    }

    @Transactional(readOnly = true)
    public Standing get(long vehicleId) {
        return standing(List.of(vehicles.get(vehicleId)), tires.fitted(vehicleId), readings.ofFitted(vehicleId))
                .get(0);
    }

    private List<Standing> standing(
            List<Vehicles.OnFile> onFile, Map<Long, Fitted> byPlace, Map<Long, History> histories) {
        Policy policy = policies.inForce();
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
                            history.open(),
                            history.lastProfessional(),
                            history.causeMended()));
                }
            });
            VehicleState state = VehicleState.of(vehicle.facts(), states);
            all.add(new Standing(vehicle, state, fitted, TireJudge.judge(state, policy, today), policy, today));
        }
        return all;
    }
}
