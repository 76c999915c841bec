package rotagens.core.inspection;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.vehicle.Position;

/**
 * Why a vehicle must not be operated.
 *
 * @param position the tire it is about; empty where it is the vehicle
 */
public record Stop(Optional<Position> position, Reason reason) {

    /**
     * Everything that keeps it in, the vehicle's own reasons first, then its tires in the order of the layout.
     *
     * @param vehicle the vehicle as it is on that day
     * @param assessments of its tires
     * @return empty where nothing keeps it in
     */
    public static List<Stop> of(VehicleState vehicle, Map<Position, Assessment> assessments) {
        List<Stop> stops = new ArrayList<>();
        add(stops, Optional.empty(), SuspensionCheck.check(vehicle));
        assessments.forEach((position, assessment) -> add(stops, Optional.of(position), assessment.reasons()));
        return List.copyOf(stops);
    }

    /**
     * Of each position, and of the vehicle, only the first reason.
     *
     * @param stops every reason
     * @return one for each position
     */
    public static List<Stop> first(List<Stop> stops) {
        Map<Optional<Position>, Stop> first = new LinkedHashMap<>();
        stops.forEach(stop -> first.putIfAbsent(stop.position(), stop));
        return List.copyOf(first.values());
    }

    private static void add(List<Stop> stops, Optional<Position> position, List<VerdictReason> reasons) {
        reasons.stream()
                .filter(reason -> reason.verdict() == Verdict.DO_NOT_OPERATE)
                .forEach(reason -> stops.add(new Stop(position, reason.reason())));
    }

    /**
     * With its position in front.
     *
     * @return in words
     */
    public Message statement() {
        return position.map(at -> Message.of("{} {}", at.code(), reason.statement()))
                .orElse(reason.statement());
    }
}
