package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.wear.Tread;

/** What was read off one tire at one time, by whom. */
public record Reading(
        LocalDate on, String by, Optional<Distance> odometer, Optional<Pressure> pressure, Warmth warmth, Tread tread) {

    public boolean hasColdPressure() {
        return pressure.isPresent() && warmth == Warmth.COLD;
    }
}
