package rotagens.server.vehicle;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import rotagens.core.inspection.OdometerCheck;
import rotagens.core.inspection.PlausibilityCheck;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.OdometerHistory;
import rotagens.core.vehicle.OdometerHistory.Shown;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/**
 * What one vehicle's odometer showed, as far as a new reading has to be held against it. Every door through which an odometer
 * reading comes in asks here, whether it brings one or fifty thousand.
 */
public final class OdometerLedger {

    private final OdometerHistory history;
    private final ZoneId zone;
    private final NavigableMap<Instant, Distance> counting = new TreeMap<>();
    private final Map<LocalDate, List<Distance>> everRead = new HashMap<>();

    OdometerLedger(OdometerHistory history, ZoneId zone) {
        this.history = history;
        this.zone = zone;
    }

    /** Takes a reading into account that counts. */
    public void add(Instant at, Distance reading) {
        counting.put(at, reading);
        addVoided(at, reading);
    }

    /** A reading that counts for nothing, and is known all the same: a file that comes again brings it back no more. */
    void addVoided(Instant at, Distance reading) {
        everRead.computeIfAbsent(day(at), day -> new ArrayList<>(1)).add(reading);
    }

    /** Whether this figure was read on that day before, voided or not, in whichever unit it went out and came back. */
    public boolean isKnown(LocalDate day, Distance reading) {
        return everRead.getOrDefault(day, List.of()).stream().anyMatch(reading::readsAs);
    }

    /**
     * Holds a new reading against its neighbors in time.
     *
     * @param field where it is refused
     * @param askIn the units to ask in; empty where a person has said that the figure is right
     * @throws ProblemException where it doesn't lie between them; asks where it is further on than anybody drives
     */
    public void check(Instant at, Distance reading, String field, Optional<Units> askIn) {
        Shown now = new Shown(at, reading);
        Optional<Shown> last = Optional.ofNullable(counting.floorEntry(at)).map(OdometerLedger::shown);
        askIn.ifPresent(units -> last.filter(before -> !history.replacedBetween(before.at(), at))
                .flatMap(before -> PlausibilityCheck.odometer(before.reading(), day(before.at()), reading, day(at)))
                .ifPresent(why -> {
                    InputValidator asked = new InputValidator();
                    asked.ask(field, why.in(units));
                    asked.refuseIfWrong();
                }));
        Optional<Shown> next = Optional.ofNullable(counting.higherEntry(at)).map(OdometerLedger::shown);
        OdometerCheck.backwards(history, last, now, next).ifPresent(why -> {
            throw ProblemException.field(field, why.in(askIn.orElse(Units.US)));
        });
    }

    private static Shown shown(Map.Entry<Instant, Distance> entry) {
        return new Shown(entry.getKey(), entry.getValue());
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, zone);
    }
}
