package rotagens.core.pressure;

import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;

/** The chalk-line trial: where the chalk is gone says whether the middle or the edges carry, and what to try next. */
public final class ChalkLine {

    private static final double STEP_PSI = 5;

    /** What the tread showed after a short straight stretch. */
    public enum Look {
        CENTER_ONLY("only the center rubbed off"),
        EDGES_MORE("the edges rubbed off more"),
        RIGHT("center slightly more, the very edges just not");

        private final String words;

        Look(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** One pass: the pressure it was driven at and what was seen. */
    public record Pass(Pressure pressure, Look look) {}

    /**
     * What follows.
     *
     * @param next the pressure for the next pass; empty where the trial is over
     * @param result where it ended; to be confirmed cold, since the tires are warm by then
     */
    public record Step(Optional<Pressure> next, Optional<Pressure> result, Phrase says) {}

    private ChalkLine() {}

    /** The next step after the passes so far, between a floor and a maximum in psi. */
    public static Step after(List<Pass> passes, double floorPsi, double maximumPsi) {
        if (passes.isEmpty()) {
            return new Step(
                    Optional.empty(),
                    Optional.empty(),
                    Phrase.of(
                            "Look at the outer ribs for rubber that never touches. Start a little high, chalk across the tread, drive a short straight flat stretch, and look"));
        }
        Pass last = passes.get(passes.size() - 1);
        double psi = last.pressure().psi();
        return switch (last.look()) {
            case RIGHT ->
                done(
                        last.pressure(),
                        Phrase.of("{} touches right. Confirm it cold: the tires are warm by now", last.pressure()));
            case CENTER_ONLY -> lower(passes, psi, floorPsi);
            case EDGES_MORE -> raise(psi, maximumPsi);
        };
    }

    private static Step lower(List<Pass> passes, double psi, double floorPsi) {
        double next = Math.max(psi - STEP_PSI, Math.ceil(floorPsi - 1e-9));
        if (next >= psi - 1e-9) {
            return done(
                    Pressure.psi(psi),
                    Phrase.of("The load needs {}: no lower, whatever the chalk says", AxleSolver.psi(floorPsi)));
        }
        boolean known = passes.stream()
                .anyMatch(pass ->
                        pass.look() == Look.EDGES_MORE && pass.pressure().psi() >= next - 1e-9);
        if (known) {
            return done(
                    Pressure.psi(psi),
                    Phrase.of(
                            "{} rubs the center, {} the edges: the higher of the two is taken",
                            Pressure.psi(psi),
                            Pressure.psi(next)));
        }
        return new Step(
                Optional.of(Pressure.psi(next)),
                Optional.empty(),
                Phrase.of("Lower to {} and chalk again", Pressure.psi(next)));
    }

    private static Step raise(double psi, double maximumPsi) {
        double next = Math.min(psi + STEP_PSI, maximumPsi);
        if (next <= psi + 1e-9) {
            return done(
                    Pressure.psi(psi),
                    Phrase.of("{} is the maximum: the tire is too small for this load", Pressure.psi(psi)));
        }
        return new Step(
                Optional.of(Pressure.psi(next)),
                Optional.empty(),
                Phrase.of("Raise to {} and chalk again", Pressure.psi(next)));
    }

    private static Step done(Pressure at, Phrase says) {
        return new Step(Optional.empty(), Optional.of(at), says);
    }
}
