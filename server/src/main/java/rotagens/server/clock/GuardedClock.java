package rotagens.server.clock;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;

/**
 * The machine's clock, held at the last moment anything was stored where it stands before that: what is on file stays readable
 * and is judged as of then. It tells milliseconds, as they are stored: what was just made equals what is read back.
 */
public final class GuardedClock extends Clock {

    private final Clock machine;
    private volatile Instant held = Instant.MIN;

    public GuardedClock(Clock machine) {
        this.machine = machine;
    }

    /** What the machine itself says. */
    Instant machine() {
        return machine.instant();
    }

    void freeze(Instant at) {
        held = at;
    }

    void release() {
        held = Instant.MIN;
    }

    @Override
    public Instant instant() {
        Instant now = machine.instant().truncatedTo(ChronoUnit.MILLIS);
        return now.isBefore(held) ? held : now;
    }

    @Override
    public ZoneId getZone() {
        return machine.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return new GuardedClock(machine.withZone(zone));
    }
}
