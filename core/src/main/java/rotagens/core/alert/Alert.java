package rotagens.core.alert;

import static rotagens.core.alert.AlertWords.WORDS;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Sidewall;
import rotagens.core.measure.Message;
import rotagens.core.measure.Quantity;

/**
 * Something that is wrong with a tire, from the fact that opened it to the fact that cleared it. It survives everything else.
 *
 * @param kind what is wrong
 * @param key tells alerts of one kind apart: the groove, or the finding and its sidewall
 * @param on the day it was opened
 * @param by who opened it
 * @param value what was read; of a leak, where it began
 * @param limit what it was held against; of a leak, where it was last
 * @param topUps how often air was added to a leak while it was open
 * @param repairedOn when a leak was last repaired; it waits for its holding reading
 * @param cleared what cleared it; empty while it is open
 */
public record Alert(
        AlertKind kind,
        String key,
        LocalDate on,
        String by,
        Optional<Quantity> value,
        Optional<Quantity> limit,
        int topUps,
        Optional<LocalDate> repairedOn,
        Optional<Cleared> cleared) {

    /**
     * The fact that cleared it.
     *
     * @param on the day
     * @param by who
     * @param how in words
     */
    public record Cleared(LocalDate on, String by, String how) {}

    static final String SIDE = ":";

    static Alert opened(AlertKind kind, String key, LocalDate on, String by) {
        return new Alert(kind, key, on, by, Optional.empty(), Optional.empty(), 0, Optional.empty(), Optional.empty());
    }

    static Alert opened(AlertKind kind, String key, LocalDate on, String by, Quantity figure, Quantity limit) {
        return new Alert(
                kind, key, on, by, Optional.of(figure), Optional.of(limit), 0, Optional.empty(), Optional.empty());
    }

    static String keyOf(Finding finding, Optional<Sidewall> sidewall) {
        return finding.name() + sidewall.map(side -> SIDE + side.name()).orElse("");
    }

    /**
     * Whether nothing has cleared it.
     *
     * @return true while it is open
     */
    public boolean isOpen() {
        return cleared.isEmpty();
    }

    boolean is(AlertKind other, String otherKey) {
        return kind == other && key.equals(otherKey);
    }

    Alert clearedBy(LocalDate day, String person, String how) {
        return new Alert(
                kind, key, on, by, value, limit, topUps, repairedOn, Optional.of(new Cleared(day, person, how)));
    }

    Alert toppedUp() {
        return new Alert(kind, key, on, by, value, limit, topUps + 1, repairedOn, cleared);
    }

    Alert repaired(Optional<LocalDate> day) {
        return new Alert(kind, key, on, by, value, limit, topUps, day, cleared);
    }

    Alert reads(Quantity newest) {
        return new Alert(kind, key, on, by, value, Optional.of(newest), topUps, repairedOn, cleared);
    }

    /**
     * The finding of eye or hand it is about; of running low, the one that has its words.
     *
     * @return empty where a gauge opened it
     */
    public Optional<OpenFinding> finding() {
        if (kind == AlertKind.RUN_FLAT) {
            return Optional.of(new OpenFinding(Finding.RUN_FLAT, on, by));
        }
        if (kind != AlertKind.FINDING && kind != AlertKind.STRIKE) {
            return Optional.empty();
        }
        int side = key.indexOf(SIDE);
        Finding found = Finding.valueOf(side < 0 ? key : key.substring(0, side));
        return Optional.of(new OpenFinding(
                found, on, by, side < 0 ? Optional.empty() : Optional.of(Sidewall.valueOf(key.substring(side + 1)))));
    }

    /**
     * What is wrong, with its figure and its limit.
     *
     * @return for the reader, in no units yet
     */
    public Message statement() {
        Object read = value.map(Object.class::cast).orElse("");
        Object against = limit.map(Object.class::cast).orElse("");
        return switch (kind) {
            case TREAD -> WORDS.message("atTheLimit", "read", read, "key", Groove.label(key), "against", against);
            case RUN_FLAT ->
                value.isPresent() && limit.isPresent()
                        ? WORDS.message("targetRanAt80", "read", read, "against", against)
                        : Message.of(kind.label());
            case LEAK, SUSPECTED_LEAK ->
                WORDS.message(
                        "since",
                        "kind",
                        kind.label(),
                        "on",
                        on,
                        "value",
                        value.isPresent() && limit.isPresent()
                                ? WORDS.message("fromTo", "read", read, "against", against)
                                : WORDS.message("losingAirFast"),
                        "topUps",
                        topUps,
                        "repairedOn",
                        repairedOn
                                .map(day -> WORDS.message("repairedWaitsForAHolding", "day", day))
                                .orElse(Message.of("")));
            case UNDER_MINIMUM ->
                WORDS.message("hotTheLoadNeeds", "read", read, "isHot", key.equals(HOT), "against", against);
            case OVER_MAXIMUM -> WORDS.message("coldMaximum", "read", read, "against", against);
            case STRIKE, FINDING -> Message.of(finding().orElseThrow().label());
        };
    }

    static final String HOT = "HOT";
    static final String COLD = "COLD";

    /**
     * Whether a hot reading opened it, which reads high.
     *
     * @return false where the tire was cold
     */
    public boolean byHotReading() {
        return key.equals(HOT);
    }
}
