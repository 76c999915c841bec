package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.Optional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;

/**
 * What temperature does to a tire's pressure: absolute pressure follows absolute temperature. For rates and for filling in a bay
 * of another temperature than the yard; verdicts always compare the reading as read.
 */
public final class TemperatureCorrection {

    private static final double ATMOSPHERE_PSI = 14.696;

    private TemperatureCorrection() {}

    /**
     * What a tire reads in psi at another temperature: 100 psi at 70 °F reads 89.2 at 20 °F.
     *
     * @param psi what it reads now
     * @param from the temperature now
     * @param to the other temperature
     * @return psi
     */
    public static double psiAt(double psi, Temperature from, Temperature to) {
        return (psi + ATMOSPHERE_PSI) * to.rankine() / from.rankine() - ATMOSPHERE_PSI;
    }

    static double psiShifted(double psi, double fromF, double toF) {
        return psiAt(psi, Temperature.f(fromF), Temperature.f(toF));
    }

    /**
     * What to fill to in the bay so that the tire has its target on the coldest expected morning.
     *
     * @param limited the maximum holds it back: in the yard it will read less than the target
     */
    public record CorrectedPressure(Pressure pressure, boolean limited, Message statement) {}

    /**
     * Filling at bay temperature for the yard’s coldest morning: 110 psi at 25 °F is 120.3 in a bay of 65 °F.
     *
     * @param target the cold target
     * @param bay the temperature where it is filled
     * @param coldest the temperature of the yard’s coldest morning
     * @param maximum the lower one of tire and wheel; empty where neither is on file
     * @return what to fill to, never over the maximum
     */
    public static CorrectedPressure fill(
            Pressure target, Temperature bay, Temperature coldest, Optional<Pressure> maximum) {
        if (coldest.fahrenheit() > bay.fahrenheit()) {
            return new CorrectedPressure(target, false, WORDS.message("yardIsNotColderThan", "target", target));
        }
        double psi = Math.round(psiAt(target.psi(), coldest, bay) * 10) / 10.0;
        Optional<Pressure> held = maximum.filter(most -> psi > most.psi() + 1e-6);
        if (held.isPresent()) {
            return new CorrectedPressure(
                    held.get(),
                    true,
                    WORDS.message("wouldBeNeeded", "psi", Pressure.psi(psi), "bay", bay, "held", held.get()));
        }
        return new CorrectedPressure(
                Pressure.psi(psi),
                false,
                WORDS.message("atReads", "psi", Pressure.psi(psi), "bay", bay, "target", target, "coldest", coldest));
    }

    /**
     * Reads both temperatures or neither: one alone says nothing.
     *
     * @param bay where it is filled
     * @param coldest of the yard
     * @throws rotagens.core.measure.InvalidInputException where one of them is missing
     */
    public static void refuseHalf(Optional<Temperature> bay, Optional<Temperature> coldest) {
        if (bay.isPresent() != coldest.isPresent()) {
            throw new InvalidInputException(WORDS.say("enterTheTemperature"));
        }
    }
}
