package rotagens.core.tire;

import java.time.LocalDate;
import java.util.Optional;

/**
 * One tire.
 *
 * @param dotWeek the date age runs from: the DOT week, for a retread the casing's; empty where nobody has read it
 * @param installedOn the day it came to its present place; wear is counted from there
 */
public record Tire(
        long id, TireModel model, Optional<DotWeek> dotWeek, boolean isRetread, Optional<LocalDate> installedOn) {}
