package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.vehicle.OdometerHistory;
import rotagens.core.vehicle.OdometerHistory.Shown;

/**
 * A new odometer reading between its neighbors in time. Intervals, wear by the mile and rotations are counted from odometers: one
 * that runs backwards is never recorded. Source: our own.
 */
public final class OdometerCheck {

    private OdometerCheck() {}

    /**
     * Why a reading can’t be right.
     *
     * @param history the odometers the vehicle has had; readings of different ones are not compared
     * @param before the last reading that counts up to the new one’s time, where there is one
     * @param now the new one
     * @param after the first reading that counts after it, where there is one
     * @return what is wrong and what to do; empty where it lies between them
     */
    public static Optional<Message> backwards(
            OdometerHistory history, Optional<Shown> before, Shown now, Optional<Shown> after) {
        return before.filter(earlier -> history.runsBackwards(earlier, now))
                .map(earlier -> WORDS.message(
                        "lessThanTheLastReading", "asEntered", earlier.reading().asEntered()))
                .or(() -> after.filter(later -> history.runsBackwards(now, later))
                        .map(later -> WORDS.message(
                                "moreThanWasReadLater",
                                "asEntered",
                                later.reading().asEntered())));
    }
}
