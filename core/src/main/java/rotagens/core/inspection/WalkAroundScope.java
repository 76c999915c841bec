package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Pressure;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadInterval;

/** How much a walk round the vehicle is meant to cover; what it asks for and didn't get needs a reason. */
public enum WalkAroundScope {
    /** Everything, at every tire. */
    FULL(
            WORDS.say("full"),
            WORDS.say("pressureTreadAndFindings"),
            Set.of(RequiredReading.PRESSURE, RequiredReading.TREAD)),
    /** Gauge every valve, nothing else. */
    PRESSURE_ONLY(WORDS.say("pressureOnly"), WORDS.say("gaugeOnEveryValve"), Set.of(RequiredReading.PRESSURE)),
    /** What a driver looks at before driving off. */
    PRE_TRIP(WORDS.say("beforeATrip"), WORDS.say("lookAtEveryTireWheel"), Set.of()),
    /** What is looked at again where work was done. */
    POST_REPAIR(WORDS.say("afterRepair"), WORDS.say("pressureValveWheelAndNuts"), Set.of(RequiredReading.PRESSURE));

    /** What a gauge has to say at every position. */
    public enum RequiredReading {
        /** A gauge on the valve. */
        PRESSURE(WORDS.say("pressure")),
        /** Grooves, a wear bar or a coin. */
        TREAD(WORDS.say("tread"));

        private final String label;

        RequiredReading(String words) {
            this.label = words;
        }
    }

    private final String title;
    private final String covers;
    private final Set<RequiredReading> requires;

    WalkAroundScope(String title, String covers, Set<RequiredReading> asks) {
        this.title = title;
        this.covers = covers;
        this.requires = asks;
    }

    /**
     * Its name.
     *
     * @return for a heading or a choice
     */
    public String title() {
        return title;
    }

    /**
     * What it asks for at each tire.
     *
     * @return in words
     */
    public String covers() {
        return covers;
    }

    /**
     * Whether it asks for a reading.
     *
     * @param requiredReading pressure or tread
     * @return false where a look is enough
     */
    public boolean requires(RequiredReading requiredReading) {
        return requires.contains(requiredReading);
    }

    /**
     * What is missing at one position that was looked at, in words; empty where it has what this scope asks for. A look with
     * nothing found is an entry of its own, and a wear bar or a coin is a look at the tread.
     *
     * @param read the pressure; empty where none was read
     * @param measured the grooves read
     * @param bound what a wear bar or a coin said
     * @return what is missing, in words
     */
    public Optional<String> missingReadings(
            Optional<Pressure> read, GrooveDepths measured, Optional<TreadInterval> bound) {
        boolean pressure = read.isPresent();
        boolean tread = !measured.isEmpty() || bound.isPresent();
        List<String> parts = new ArrayList<>();
        if (requires(RequiredReading.PRESSURE) && !pressure) {
            parts.add(RequiredReading.PRESSURE.label);
        }
        if (requires(RequiredReading.TREAD) && !tread) {
            parts.add(RequiredReading.TREAD.label);
        }
        return parts.isEmpty()
                ? Optional.empty()
                : Optional.of(WORDS.say("no", "parts", String.join(WORDS.say("and"), parts)));
    }
}
