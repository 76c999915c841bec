package rotagens.server.inspection;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.Reading;
import rotagens.core.vehicle.OdometerHistory;

/** What the rules ask of each fitted tire's past. */
@Service
public class TireHistories {

    /** All that was recorded of one tire at its present place. */
    public record History(
            List<Reading> readings,
            TireAlerts alerts,
            Optional<LocalDate> lastProfessional,
            Optional<LocalDate> causeMended) {

        public static final History NONE = new History(List.of(), TireAlerts.NONE, Optional.empty(), Optional.empty());
    }

    private final TireHistoryStore store;
    private final TireAlertStore alertStore;
    private final Clock clock;

    TireHistories(TireHistoryStore store, TireAlertStore alertStore, Clock clock) {
        this.store = store;
        this.alertStore = alertStore;
        this.clock = clock;
    }

    /**
     * The history of every fitted tire, by tire; on one vehicle or, with null, on all.
     *
     * @param runs of vehicles whose odometer was replaced
     */
    @Transactional(readOnly = true)
    public Map<Long, History> ofFitted(Long vehicleId, Map<Long, OdometerHistory> runs) {
        Map<Long, List<Reading>> readings = store.readings(vehicleId, runs);
        Map<Long, TireAlerts> alerts = alertStore.ofFitted(vehicleId);
        Map<Long, Instant> professional = store.professional(vehicleId);
        Map<Long, Instant> mended = store.mended(vehicleId);
        Map<Long, History> histories = new HashMap<>();
        for (long tireId : store.fitted(vehicleId)) {
            histories.put(
                    tireId,
                    new History(
                            readings.getOrDefault(tireId, List.of()),
                            alerts.getOrDefault(tireId, TireAlerts.NONE),
                            Optional.ofNullable(professional.get(tireId)).map(this::day),
                            Optional.ofNullable(mended.get(tireId)).map(this::day)));
        }
        return histories;
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }
}
