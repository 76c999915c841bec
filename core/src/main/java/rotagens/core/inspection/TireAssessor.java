package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.Position;

/** Judges tires by all rules at once. Pure: the same facts, policy and day always give the same answer. */
public final class TireAssessor {

    private TireAssessor() {}

    /**
     * Every position of a vehicle, in the order of its layout.
     *
     * @param vehicle the vehicle as it is on that day
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the worst verdict with every reason, by position
     */
    public static Map<Position, Assessment> judge(VehicleState vehicle, Policy policy, LocalDate today) {
        return judge(vehicle, vehicle.pressures(policy, today), policy, today);
    }

    /**
     * The same, for pressures at hand.
     *
     * @param vehicle the vehicle as it is on that day
     * @param pressures its pressures, worked out once
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the worst verdict with every reason, by position
     */
    public static Map<Position, Assessment> judge(
            VehicleState vehicle, VehiclePressures pressures, Policy policy, LocalDate today) {
        Map<Position, Assessment> all = new LinkedHashMap<>();
        vehicle.tires()
                .keySet()
                .forEach(position -> all.put(position, judge(vehicle, pressures, position, policy, today)));
        return all;
    }

    /**
     * One position of a vehicle.
     *
     * @param vehicle the vehicle as it is on that day
     * @param position the position
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the worst verdict with every reason; a position without a tire is judged too
     */
    public static Assessment judge(VehicleState vehicle, Position position, Policy policy, LocalDate today) {
        return judge(vehicle, vehicle.pressures(policy, today), position, policy, today);
    }

    static Assessment judge(
            VehicleState vehicle, VehiclePressures pressures, Position position, Policy policy, LocalDate today) {
        TireState state = vehicle.at(position);
        if (state.tire().isEmpty()) {
            return Assessment.of(List.of(new VerdictReason(
                    Verdict.UNKNOWN,
                    Reason.of(
                            Rule.DOT_DATE,
                            WORDS.message("noTireOnFileHere"),
                            WORDS.message("noTire"),
                            Message.of(""),
                            WORDS.say("recordWhichTireIsInstalled")))));
        }
        TireContext one =
                new TireContext(vehicle, state, state.tire().get(), pressures, vehicle.policyAt(policy, state), today);
        List<VerdictReason> reasons = new ArrayList<>();
        List<VerdictReason> pressure = PressureCheck.check(one);
        boolean lowNow = pressure.stream()
                .anyMatch(verdictReason -> verdictReason.reason().rule() == Rule.RUN_FLAT);
        FindingCheck.check(one).stream()
                .filter(verdictReason ->
                        !(lowNow && verdictReason.reason().rule() == Rule.RUN_FLAT)) // the figure says it better
                .forEach(reasons::add);
        reasons.addAll(TreadCheck.check(one));
        reasons.addAll(pressure);
        reasons.addAll(LoadCheck.check(one));
        reasons.addAll(AgeCheck.check(one));
        reasons.addAll(AxleMatchCheck.check(one));
        reasons.addAll(SensorCheck.check(one));
        return Assessment.of(reasons);
    }
}
