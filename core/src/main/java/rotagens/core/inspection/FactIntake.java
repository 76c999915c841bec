package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.alert.Alert;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.Guard;
import rotagens.core.pressure.MaximumPressure;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.Position;

/**
 * The one door for what is read, seen or done on a vehicle, whichever way it comes in: it says what is recorded, which alerts that
 * opens and which it clears, and refuses what may not be done. No way in does more, none less.
 */
public final class FactIntake {

    /**
     * What a fact comes to.
     *
     * @param recorded the fact as it is stored: a reading with what was in force for it
     * @param after the vehicle as it is with it
     */
    public record Taken(TireFact recorded, VehicleState after, List<Alert> opened, List<Alert> cleared) {}

    private FactIntake() {}

    /**
     * Takes a fact about the tire at a position.
     *
     * @param vehicle as it was on the day of the fact
     * @param position the position
     * @param fact what somebody read, found or did
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the tire as it stands after it, and the alarms it opened or cleared
     */
    public static Taken take(VehicleState vehicle, Position position, TireFact fact, Policy policy, LocalDate today) {
        TireState state = vehicle.at(position);
        TireFact recorded =
                fact instanceof TireFact.Read read && read.reading().inForce().isEmpty()
                        ? new TireFact.Read(read.reading().with(inForce(vehicle, position, policy, today)))
                        : fact;
        TireAlerts before = state.remembering();
        TireAlerts after = before.after(recorded);
        return new Taken(
                recorded,
                vehicle.with(state.recorded(recorded, after)),
                after.openedSince(before),
                after.clearedSince(before));
    }

    /**
     * The vehicle as if facts that are only entered so far, and not yet saved, were on record.
     *
     * @param vehicle the vehicle as it is on that day
     * @param position the position
     * @param entered in the order they were entered
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the vehicle with them; nothing is stored
     */
    public static VehicleState withEntered(
            VehicleState vehicle, Position position, List<TireFact> entered, Policy policy, LocalDate today) {
        VehicleState now = vehicle;
        for (TireFact fact : entered) {
            now = take(now, position, fact, policy, today).after();
        }
        return now;
    }

    /**
     * What is in force for the tire at a position on a day.
     *
     * @param vehicle the vehicle as it is on that day
     * @param position the position
     * @param policy the fleet's policy
     * @param day the day of the fact
     * @return unknown where no tire is on file
     */
    public static InForce inForce(VehicleState vehicle, Position position, Policy policy, LocalDate day) {
        return inForce(vehicle, vehicle.pressures(policy, day), position, policy);
    }

    /**
     * The same, for pressures at hand.
     *
     * @param vehicle the vehicle as it is on that day
     * @param pressures its pressures, worked out once
     * @param position the position
     * @param policy the fleet's policy
     * @return unknown where no tire is on file
     */
    public static InForce inForce(VehicleState vehicle, VehiclePressures pressures, Position position, Policy policy) {
        TireState state = vehicle.at(position);
        if (state.tire().isEmpty()) {
            return InForce.UNKNOWN;
        }
        Policy.ClassPolicy here = vehicle.policyAt(policy, state);
        TreadLimits limits = TreadLimits.at(vehicle.vehicle(), position, here);
        return new InForce(
                pressures.targetAt(position, state.tire().get().model(), here).pressure(),
                vehicle.facts().currentLoadState().state(),
                pressures
                        .at(position)
                        .flatMap(AxlePressure::minimumForLoadPsi)
                        .map(need -> Pressure.psi(Math.round(need * 10) / 10.0)),
                MaximumPressure.at(
                                vehicle.vehicle(), position, state.tire().get().model(), here)
                        .map(MaximumPressure::pressure),
                Optional.of(limits.legal()),
                Optional.of(limits.pull()),
                here.days(PolicyNumber.LEAK_HOLD_DAYS));
    }

    /**
     * Why a tire may not be filled, or not to this pressure; empty where it may. The same at the valve, on the sheet and at the
     * desk: no air into a tire that ran at 80 % or less before somebody looked inside, never over a maximum.
     *
     * @param state the tire there, with what is on record about it
     * @param before what the gauge said first, where that is known
     * @param filledTo what it said after air went in or out
     * @param inForce target and maximum on the day of the fill
     * @return why not, with what to do first
     */
    public static Optional<Message> refusesFill(
            TireState state, Optional<Reading> before, Pressure filledTo, InForce inForce) {
        boolean waits = state.open().stream().anyMatch(open -> open.finding() == Finding.RUN_FLAT);
        boolean ranLow = before.filter(reading -> state.drivenAt(reading.with(inForce))
                        .filter(target -> RunFlat.isRunFlat(reading.pressure().orElseThrow(), target))
                        .isPresent())
                .isPresent();
        boolean airIn = before.flatMap(Reading::pressure)
                .map(first -> filledTo.psi() > first.psi())
                .orElse(true);
        if ((waits || ranLow) && airIn) {
            return Optional.of(WORDS.message("dangerATireAt80"));
        }
        return Guard.refusesFill(filledTo, inForce.maximum());
    }

    /**
     * Folds a tire's whole ledger, oldest fact first, as it was stored.
     *
     * @param ledger everything on record about the tire, oldest first
     * @return its open alarms
     */
    public static TireAlerts fold(List<TireFact> ledger) {
        return TireAlerts.fold(new ArrayList<>(ledger));
    }
}
