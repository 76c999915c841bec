package rotagens.server.inspection;

import static rotagens.server.inspection.InspectionWords.WORDS;

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
                    .ifPresent(read -> parts.add(WORDS.say(
                            "cold",
                            "read",
                            read.format(units),
                            "isHot",
                            thermalState == ThermalState.HOT,
                            "isCold",
                            thermalState == ThermalState.COLD,
                            "temperature",
                            values.get()
                                    .temperature()
                                    .map(air -> WORDS.say("at", "air", air.format(units)))
                                    .orElse(""),
                            "filled",
                            values.get().filled() ? WORDS.say("filled") : "",
                            "gas",
                            values.get().gas().isEmpty()
                                    ? ""
                                    : WORDS.say(
                                            "with", "gas", values.get().gas().toLowerCase(java.util.Locale.ROOT)),
                            "purity",
                            values.get().look().purity().isEmpty()
                                    ? ""
                                    : WORDS.say(
                                            "pure",
                                            "purity",
                                            values.get().look().purity()))));
            GrooveDepths grooveDepths = values.get().tread();
            if (!grooveDepths.isEmpty()) {
                parts.add(WORDS.say(
                        "tread",
                        "inner",
                        Stream.of(grooveDepths.outer(), grooveDepths.center(), grooveDepths.inner())
                                .map(groove ->
                                        groove.map(read -> read.format(units)).orElse("–"))
                                .collect(Collectors.joining(" · "))));
            }
            Look look = values.get().look();
            look.treadInterval().ifPresent(bound -> parts.add(WORDS.say("treadByWearBar", "bound", bound.label())));
            look.dotOutward().ifPresent(outward -> parts.add(outward ? WORDS.say("dotSideOut") : WORDS.say("dotSide")));
            if (!gauges.isEmpty()) {
                parts.add(WORDS.say("with2", "gauges", String.join(WORDS.say("and"), gauges)));
            }
            return String.join(", ", parts) + (isVoided() ? WORDS.say("voided", "voided", voided) : "");
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
