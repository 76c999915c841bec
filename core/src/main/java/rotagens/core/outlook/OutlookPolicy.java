package rotagens.core.outlook;

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
                ? Optional.of(Message.of(
                        "New tires arrive {} months old and would go at {} y: each would be due on the day it is installed. Buy younger tires, or raise the limit.",
                        plain(deliveredMonths),
                        plain(least)))
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
            faults.add(Message.of(
                    "The steer age limit ({} years) exceeds the overall age limit ({} years). Enter {} years or less.",
                    plain(steerYears),
                    plain(overallYears),
                    plain(overallYears)));
        }
        double least = Math.min(steerYears, overallYears);
        if (least * 12 - deliveredMonths < visitMonths) {
            faults.add(Message.of(
                    "A new steer tire arrives {} months old and must go at {} y: it does not last the {} months between visits. Schedule visits every {} months, or buy younger tires.",
                    plain(deliveredMonths),
                    plain(least),
                    visitMonths,
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
