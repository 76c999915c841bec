package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;

/** The chalk-line trial: where the chalk is gone says whether the middle or the edges carry, and what to try next. */
public final class ChalkTest {

    private static final double STEP_PSI = 5;

    /** What the tread showed after a short straight stretch. */
    public enum ContactPattern {
        /** Too much pressure for the load. */
        CENTER_RUBBED(WORDS.say("onlyTheCenterRubbedOff")),
        /** Too little pressure for the load. */
        EDGES_RUBBED(WORDS.say("edgesRubbedOffMore")),
        /** The pressure the load asks for. */
        EVEN_CONTACT(WORDS.say("centerSlightlyMoreTheVery"));

        private final String label;

        ContactPattern(String words) {
            this.label = words;
        }

        /**
         * What was seen.
         *
         * @return for a choice
         */
        public String label() {
            return label;
        }
    }

    /** One pass: the pressure it was driven at and what was seen. */
    public record Pass(Pressure pressure, ContactPattern contactPattern) {}

    /**
     * What follows.
     *
     * @param next the pressure for the next pass; empty where the trial is over
     * @param result where it ended; to be confirmed cold, since the tires are warm by then
     */
    public record NextPass(Optional<Pressure> next, Optional<Pressure> result, Message statement) {}

    private ChalkTest() {}

    /**
     * The next step after the passes so far, between a floor and a maximum in psi.
     *
     * @param passes so far, in their order
     * @param floorPsi the least that may be tried
     * @param maximumPsi the highest of tire and wheel
     * @return the next pressure to try, or the end
     */
    public static NextPass after(List<Pass> passes, double floorPsi, double maximumPsi) {
        if (passes.isEmpty()) {
            return new NextPass(Optional.empty(), Optional.empty(), WORDS.message("lookAtTheOuterRibs"));
        }
        Pass last = passes.get(passes.size() - 1);
        double psi = last.pressure().psi();
        return switch (last.contactPattern()) {
            case EVEN_CONTACT ->
                done(last.pressure(), WORDS.message("touchesRightConfirmItCold", "pressure", last.pressure()));
            case CENTER_RUBBED -> lower(passes, psi, floorPsi);
            case EDGES_RUBBED -> raise(psi, maximumPsi);
        };
    }

    private static NextPass lower(List<Pass> passes, double psi, double floorPsi) {
        double next = Math.max(psi - STEP_PSI, Math.ceil(floorPsi - 1e-9));
        if (next >= psi - 1e-9) {
            return done(
                    Pressure.psi(psi),
                    WORDS.message("loadNeedsNoLowerWhatever", "floorPsi", AxlePressureCalculator.psi(floorPsi)));
        }
        boolean known = passes.stream()
                .anyMatch(pass -> pass.contactPattern() == ContactPattern.EDGES_RUBBED
                        && pass.pressure().psi() >= next - 1e-9);
        if (known) {
            return done(
                    Pressure.psi(psi),
                    WORDS.message("rubsTheCenterTheEdges", "psi", Pressure.psi(psi), "next", Pressure.psi(next)));
        }
        return new NextPass(
                Optional.of(Pressure.psi(next)),
                Optional.empty(),
                WORDS.message("lowerToAndChalkAgain", "next", Pressure.psi(next)));
    }

    private static NextPass raise(double psi, double maximumPsi) {
        double next = Math.min(psi + STEP_PSI, maximumPsi);
        if (next <= psi + 1e-9) {
            return done(Pressure.psi(psi), WORDS.message("isTheMaximumTheTire", "psi", Pressure.psi(psi)));
        }
        return new NextPass(
                Optional.of(Pressure.psi(next)),
                Optional.empty(),
                WORDS.message("raiseToAndChalkAgain", "next", Pressure.psi(next)));
    }

    private static NextPass done(Pressure at, Message says) {
        return new NextPass(Optional.empty(), Optional.of(at), says);
    }
}
