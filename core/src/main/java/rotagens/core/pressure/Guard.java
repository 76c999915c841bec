package rotagens.core.pressure;

import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;

/**
 * The last check of every pressure, whichever branch made it: never over a maximum of tire or wheel, never under what the load on
 * record needs, never where the tire can't carry that load at all. What is typed after a fill is held to the same maximum.
 */
public final class Guard {

    private final Optional<Maximum> maximum;
    private final Optional<AxleLoad> load;
    private final Optional<LoadCurve> curve;

    Guard(Optional<Maximum> maximum, Optional<AxleLoad> load, Optional<LoadCurve> curve) {
        this.maximum = maximum;
        this.load = load;
        this.curve = curve;
    }

    /** Offers the pressure, or refuses it with the limit it breaks. */
    Candidate pass(School school, Pressure pressure, boolean estimate, Reason reason) {
        if (maximum.filter(known -> pressure.isOver(known.pressure())).isPresent()) {
            Maximum most = maximum.orElseThrow();
            return refuse(
                    school,
                    pressure,
                    Rule.PRESSURE_MAXIMUM,
                    Phrase.of("{}, but {} allows only {}", pressure, most.setBy(), most.pressure()),
                    "Never above a maximum. Read both again.");
        }
        Optional<Double> tooLittle = load.flatMap(known -> curve.flatMap(on -> on.needPsi(known.perTireLb())
                        .filter(need -> pressure.psi() >= need - NEED_SLACK_PSI)
                        .isPresent()
                ? Optional.empty()
                : Optional.of(on.capacityLb(pressure.psi()))));
        if (tooLittle.isPresent()) {
            return refuse(
                    school,
                    pressure,
                    Rule.PRESSURE_NEED,
                    Phrase.of(
                            "{} carries {}, the load is {}",
                            pressure,
                            Load.lb(Math.floor(tooLittle.get())),
                            Load.lb(Math.rint(load.orElseThrow().perTireLb()))),
                    "Less than the recorded load needs; nobody may choose that.");
        }
        return Candidate.passed(school, pressure, estimate, reason);
    }

    private static final double NEED_SLACK_PSI = 1e-6;

    private static Candidate refuse(School school, Pressure pressure, Rule rule, Phrase says, String because) {
        return Candidate.refused(school, Optional.of(pressure), Reason.of(rule, says, says, Phrase.of(""), because));
    }

    /**
     * Why a tire may not be left at a pressure somebody filled it to; empty where it may. Check and adjust, the sheet and the
     * sign-off at the desk all ask here.
     */
    public static Optional<Phrase> refusesFill(Pressure filledTo, Optional<Pressure> maximum) {
        return maximum.filter(filledTo::isOver)
                .map(most -> Phrase.of("Over the maximum {}. Release air, then gauge it again.", most));
    }
}
