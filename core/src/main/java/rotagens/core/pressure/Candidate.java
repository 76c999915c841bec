package rotagens.core.pressure;

import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;

/**
 * One school's answer for an axle.
 *
 * @param pressure what it comes to; shown also where it may not be taken, empty where it can't be told
 * @param offered whether it may be taken
 * @param estimate whether it rests on the formula instead of a chart
 * @param reason how it was found, or why it isn't offered
 */
public record Candidate(School school, Optional<Pressure> pressure, boolean offered, boolean estimate, Reason reason) {}
