package rotagens.server.inspection;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Units;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.inspection.Readings.Look;
import rotagens.server.inspection.Readings.Values;

/** What was read, found and cleared, line by line, as people look it up. */
@Service
public class ReadingLog {

    private static final int SHOWN = 500;

    private final ReadingLogStore store;

    ReadingLog(ReadingLogStore store) {
        this.store = store;
    }

    /** One line of a vehicle's history: a reading with its values, or something found or cleared in words. */
    public record Fact(
            Instant at,
            String type,
            long placeId,
            long personId,
            Optional<Values> values,
            List<String> gauges,
            String label,
            Long readingId,
            String voided) {

        /** Something found or cleared, told in words. */
        Fact(Instant at, String kind, long placeId, long personId, String words) {
            this(at, kind, placeId, personId, Optional.empty(), List.of(), words, null, "");
        }

        /** Whether it was taken back: it stays on file and counts for nothing. */
        public boolean isVoided() {
            return !voided.isEmpty();
        }

        /** In words, its figures in the given units. */
        public String label(Units units) {
            if (values.isEmpty()) {
                return label;
            }
            List<String> parts = new ArrayList<>();
            ThermalState thermalState = values.get().thermalState();
            values.get()
                    .pressure()
                    .ifPresent(read -> parts.add(read.format(units)
                            + (thermalState == ThermalState.COLD
                                    ? " cold"
                                    : thermalState == ThermalState.HOT ? " hot" : "")
                            + values.get()
                                    .temperature()
                                    .map(air -> " at " + air.format(units))
                                    .orElse("")
                            + (values.get().filled() ? ", filled" : "")
                            + (values.get().gas().isEmpty()
                                    ? ""
                                    : " with " + values.get().gas().toLowerCase(java.util.Locale.ROOT))
                            + (values.get().look().purity().isEmpty()
                                    ? ""
                                    : ", " + values.get().look().purity() + "% pure")));
            GrooveDepths grooveDepths = values.get().tread();
            if (!grooveDepths.isEmpty()) {
                parts.add("tread "
                        + Stream.of(grooveDepths.outer(), grooveDepths.center(), grooveDepths.inner())
                                .map(groove ->
                                        groove.map(read -> read.format(units)).orElse("–"))
                                .collect(Collectors.joining(" · ")));
            }
            Look look = values.get().look();
            look.treadInterval().ifPresent(bound -> parts.add("tread " + bound.label() + " by wear bar or coin"));
            look.dotOutward().ifPresent(outward -> parts.add(outward ? "DOT side out" : "DOT side in"));
            if (!gauges.isEmpty()) {
                parts.add("with " + String.join(" and ", gauges));
            }
            return String.join(", ", parts) + (isVoided() ? " · voided " + voided : "");
        }
    }

    /** Everything read, found and cleared at a vehicle's places, the newest few hundred of each. */
    @Transactional(readOnly = true)
    public List<Fact> ofVehicle(long vehicleId) {
        return store.ofVehicle(vehicleId, SHOWN);
    }

    /** Everything of it, for whoever has to show all there is. */
    @Transactional(readOnly = true)
    public List<Fact> allOfVehicle(long vehicleId) {
        return store.ofVehicle(vehicleId, Integer.MAX_VALUE);
    }

    /** Everything read, found and cleared on one tire, wherever it was. */
    @Transactional(readOnly = true)
    public List<Fact> ofTire(long tireId) {
        return store.ofTire(tireId, SHOWN);
    }
}
