package rotagens.core.fact;

import java.time.LocalDate;
import java.util.Optional;

/** Something that was read, seen or done on one tire: all that can open an alert or clear one. */
public sealed interface TireFact {

    /**
     * The day it was read, seen or done.
     *
     * @return in the yard’s time
     */
    LocalDate on();

    /**
     * By whom.
     *
     * @return the person’s name
     */
    String by();

    /** A gauge, a coin or a bar said something; the reading knows what was in force. */
    record Read(Reading reading) implements TireFact {

        @Override
        public LocalDate on() {
            return reading.on();
        }

        @Override
        public String by() {
            return reading.by();
        }
    }

    /** Eye or hand found something, or an event or a driver's report says that it happened. */
    record Found(Finding finding, Optional<Sidewall> sidewall, LocalDate on, String by) implements TireFact {}

    /** Somebody put a small thing right and said so. */
    record Fixed(Finding finding, LocalDate on, String by, String note) implements TireFact {}

    /** A qualified person looked at it, inside and out. */
    record Inspected(boolean isServiceable, String professional, LocalDate on, String by) implements TireFact {}

    /** A leak was looked for, and what was done about it. */
    record Repaired(Repair repair, LocalDate on, String by) implements TireFact {}

    /** It came to another position: what was outer there may be inner here. */
    record Moved(LocalDate on, String by) implements TireFact {}
}
