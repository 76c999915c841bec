package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * What putting a tire at a position would bring, before anybody lifts it.
 *
 * @param refusals reasons it must not go there at all: damage, worn out, past its age limit, retread or a model not allowed on
 *     steer, a trailer tire on a motor vehicle, or another rim
 *     diameter than the wheel's, too slow, or rated for less than the axle is recorded to carry. Nobody may override these.
 * @param notes what would have to be put right there next, for example another size across the axle
 */
public record InstallCheck(List<VerdictReason> refusals, List<VerdictReason> notes) {

    private static final Set<Rule> NEVER = EnumSet.of(
            Rule.RETREAD_STEER,
            Rule.STEER_ALLOWED,
            Rule.TRAILER_TIRE,
            Rule.AGE_OVERALL,
            Rule.TREAD_LIMIT,
            Rule.WEAR_BAR,
            Rule.DAMAGE,
            Rule.SIDEWALL_CRACK,
            Rule.LOAD_CAPACITY,
            Rule.RIM_MATCH,
            Rule.SPEED_RATING);

    /**
     * The same for a tire that goes on today.
     *
     * @param vehicle the vehicle as it is on that day
     * @param othersOnIt tires the same work puts on, at their positions
     * @param tireThere the tire as it would sit there
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return whether it may go there, with every reason
     */
    public static InstallCheck of(
            VehicleState vehicle, List<TireState> othersOnIt, TireState tireThere, Policy policy, LocalDate today) {
        return of(vehicle, othersOnIt, tireThere, policy, today, today);
    }

    /**
     * Judges the vehicle as it would stand with the tire there. A spare is carried, not driven on: only damage refuses it. An age limit
     * that comes before the forecast ends is noted; one reached by the day it goes on refuses it.
     *
     * @param vehicle the vehicle as it is on that day
     * @param othersOnIt tires the same work puts on, at their positions
     * @param tireThere the tire as it would sit there
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @param goesOn the day of the work; never before today
     * @return whether it may go there, with every reason
     */
    public static InstallCheck of(
            VehicleState vehicle,
            List<TireState> othersOnIt,
            TireState tireThere,
            Policy policy,
            LocalDate today,
            LocalDate goesOn) {
        List<TireState> with = new ArrayList<>(othersOnIt);
        with.removeIf(state -> state.position().equals(tireThere.position()));
        with.add(tireThere);
        Assessment judged = TireAssessor.judge(VehicleState.of(vehicle.vehicle(), with, vehicle.facts()), policy, today)
                .get(tireThere.position());
        Position position = tireThere.position();
        List<VerdictReason> refusals = new ArrayList<>();
        List<VerdictReason> notes = new ArrayList<>();
        for (VerdictReason reason : judged.reasons()) {
            boolean stops = reason.verdict() == Verdict.DO_NOT_OPERATE
                    && NEVER.contains(reason.reason().rule())
                    && (position instanceof OnAxle || reason.reason().rule() == Rule.DAMAGE);
            if (stops) {
                refusals.add(reason);
            } else if (reason.verdict() == Verdict.DO_NOT_OPERATE || reason.verdict() == Verdict.SERVICE_DUE) {
                notes.add(reason);
            }
        }
        if (position instanceof OnAxle) {
            LimitDates.age(vehicle.vehicle(), tireThere, vehicle.policyAt(policy, tireThere), today).stream()
                    .filter(limit -> limit.rule() == Rule.AGE_OVERALL)
                    .filter(limit ->
                            limit.date().isAfter(today) && !limit.date().isAfter(goesOn))
                    .forEach(limit -> {
                        notes.removeIf(note -> note.reason().rule() == Rule.AGE_OVERALL);
                        refusals.add(new VerdictReason(Verdict.DO_NOT_OPERATE, limit.reason()));
                    });
        }
        return new InstallCheck(List.copyOf(refusals), List.copyOf(notes));
    }
}
