package rotagens.core.outlook;

import static rotagens.core.outlook.OutlookWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;

/**
 * The numbers the years ahead turn on.
 *
 * @param overallYears age at which a tire goes wherever it is
 * @param steerYears age at which it leaves a heavy steer axle
 * @param visitMonths between two planned visits
 * @param deliveredMonths how old a new tire is when it arrives
 * @param growth of prices a year, as a share
 * @param earlyFailures of tires a year, as a share: damage no clock foresees
 * @param sensorYears a sensor's battery is taken to last
 * @param sensorCents a sensor with its service kit
 * @param hourCents an hour in the shop
 */
public record OutlookPolicy(
        double overallYears,
        double steerYears,
        int visitMonths,
        double deliveredMonths,
        double growth,
        double earlyFailures,
        double sensorYears,
        long sensorCents,
        long hourCents) {

    /**
     * Why no year can be played with these numbers: a new tire would go on the day it is fitted.
     *
     * @return what is wrong and what cures it; empty where years can be played
     */
    public Optional<Message> impossible() {
        double least = Math.min(steerYears, overallYears);
        return least * 12 <= deliveredMonths
                ? Optional.of(WORDS.message(
                        "newTiresArriveMonthsOld", "deliveredMonths", plain(deliveredMonths), "least", plain(least)))
                : Optional.empty();
    }

    /**
     * Why these numbers can't hold together.
     *
     * @return each with the smallest change that cures it
     */
    public List<Message> faults() {
        List<Message> faults = new ArrayList<>();
        if (steerYears > overallYears) {
            faults.add(WORDS.message(
                    "steerAgeLimitYearsExceeds", "steerYears", plain(steerYears), "overallYears", plain(overallYears)));
        }
        double least = Math.min(steerYears, overallYears);
        if (least * 12 - deliveredMonths < visitMonths) {
            faults.add(WORDS.message(
                    "newSteerTireArrivesMonths",
                    "deliveredMonths",
                    plain(deliveredMonths),
                    "least",
                    plain(least),
                    "visitMonths",
                    visitMonths,
                    "least2",
                    (int) Math.max(1, Math.floor(least * 12 - deliveredMonths))));
        }
        return faults;
    }

    static String plain(double figure) {
        return figure == Math.rint(figure)
                ? String.valueOf((long) figure)
                : String.valueOf(Math.round(figure * 10) / 10.0);
    }
}
