package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;

/**
 * The last check of every pressure, whichever branch made it: never over a maximum of tire or wheel, never under what the load on
 * record needs, never where the tire can't carry that load at all. What is typed after a fill is held to the same maximum.
 */
public final class Guard {

    private final Optional<MaximumPressure> maximumPressure;
    private final Optional<AxleLoad> load;
    private final Optional<LoadCurve> curve;

    Guard(Optional<MaximumPressure> maximumPressure, Optional<AxleLoad> load, Optional<LoadCurve> curve) {
        this.maximumPressure = maximumPressure;
        this.load = load;
        this.curve = curve;
    }

    /** Offers the pressure, or refuses it with the limit it breaks. */
    MethodResult pass(PressureMethod pressureMethod, Pressure pressure, boolean estimate, Reason reason) {
        if (maximumPressure.filter(known -> pressure.isOver(known.pressure())).isPresent()) {
            MaximumPressure most = maximumPressure.orElseThrow();
            return refuse(
                    pressureMethod,
                    pressure,
                    Rule.PRESSURE_MAXIMUM,
                    WORDS.message(
                            "butAllowsOnly",
                            "wanted",
                            pressure,
                            "limitedBy",
                            most.limitedBy(),
                            "allowed",
                            most.pressure()),
                    WORDS.say("neverAboveAMaximumRead"));
        }
        Optional<Double> tooLittle = load.flatMap(known -> curve.flatMap(on -> on.minimumForLoadPsi(known.perTireLb())
                        .filter(need -> pressure.psi() >= need - NEED_SLACK_PSI)
                        .isPresent()
                ? Optional.empty()
                : Optional.of(on.capacityLb(pressure.psi()))));
        if (tooLittle.isPresent()) {
            return refuse(
                    pressureMethod,
                    pressure,
                    Rule.MINIMUM_FOR_LOAD,
                    WORDS.message(
                            "carriesTheLoad",
                            "pressure",
                            pressure,
                            "tooLittle",
                            Load.lb(Math.floor(tooLittle.get())),
                            "perTireLb",
                            Load.lb(Math.rint(load.orElseThrow().perTireLb()))),
                    WORDS.say("belowTheMinimum"));
        }
        return MethodResult.passed(pressureMethod, pressure, estimate, reason);
    }

    private static final double NEED_SLACK_PSI = 1e-6;

    private static MethodResult refuse(
            PressureMethod pressureMethod, Pressure pressure, Rule rule, Message says, String because) {
        return MethodResult.refused(
                pressureMethod, Optional.of(pressure), Reason.of(rule, says, says, Message.of(""), because));
    }

    /**
     * Why a tire may not be left at a pressure somebody filled it to; empty where it may. Check and adjust, the sheet and the
     * sign-off at the desk all ask here.
     *
     * @param filledTo what the gauge says after the fill
     * @param maximum the lower one of tire and wheel; empty where neither is on file
     * @return in words
     */
    public static Optional<Message> refusesFill(Pressure filledTo, Optional<Pressure> maximum) {
        return maximum.filter(filledTo::isOver).map(most -> WORDS.message("overTheMaximumReleaseAir", "most", most));
    }
}
