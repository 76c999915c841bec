package rotagens.core.tire;

import java.time.LocalDate;
import java.util.Optional;

/**
 * One tire.
 *
 * @param made the date age runs from: the DOT week, for a retread the casing's; empty where nobody has read it
 * @param fittedOn the day it came to its present place; wear is counted from there
 */
public record Tire(long id, TireModel model, Optional<DotDate> made, boolean retread, Optional<LocalDate> fittedOn) {}
