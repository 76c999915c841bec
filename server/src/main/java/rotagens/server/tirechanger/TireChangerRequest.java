package rotagens.server.tirechanger;

import static rotagens.server.tirechanger.TirechangerWords.WORDS;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import rotagens.core.jobsheet.BeadStep;
import rotagens.core.jobsheet.TireChanger;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Length;
import rotagens.core.measure.Units;
import rotagens.server.web.InputValidator;

/**
 * A machine as it is typed in off its plate and its sheet.
 *
 * @param valves for each step its sheet tells, the valve's place on the clock with the tool at 3
 */
record TireChangerRequest(
        @Nullable String name,
        TireChanger.@Nullable TireChangerType type,
        @Nullable String maxTireDiameter,
        @Nullable String minRimDiameter,
        @Nullable String maxRimDiameter,
        @Nullable String maxWidth,
        @Nullable Map<BeadStep, String> valvePositions) {

    /** The machine, and its limits as they were entered. */
    record Read(
            TireChanger machine,
            String maxTireDiameter,
            String minRimDiameter,
            String maxRimDiameter,
            String maxWidth) {}

    private static final int LONGEST_NAME = 60;

    Read read(Units units) {
        InputValidator wrong = new InputValidator();
        String named = wrong.text("name", name, LONGEST_NAME);
        wrong.unless(!named.isEmpty(), "name", WORDS.say("giveItTheNamePainted"));
        wrong.unless(type != null, "type", WORDS.say("chooseHowItHolds"));
        Optional<Length> tire = wrong.optional("maxTireDiameter", maxTireDiameter, text -> Length.parse(text, units));
        Optional<Length> width = wrong.optional("maxWidth", maxWidth, text -> Length.parse(text, units));
        Optional<Double> least = wrong.optional("minRimDiameter", minRimDiameter, TireChangerRequest::rim);
        Optional<Double> most = wrong.optional("maxRimDiameter", maxRimDiameter, TireChangerRequest::rim);
        Map<BeadStep, Integer> places = new EnumMap<>(BeadStep.class);
        if (valvePositions != null) {
            valvePositions.forEach((step, clock) -> wrong.optional("valves." + step, clock, TireChanger::angle)
                    .ifPresent(angle -> places.put(step, angle)));
        }
        wrong.unless(
                least.isEmpty() || most.isEmpty() || least.get() <= most.get(),
                "maxRimDiameter",
                WORDS.say("smallestRimIsLargerThan"));
        wrong.refuseIfWrong();
        return new Read(
                new TireChanger(named, type, tire, number(least), number(most), width, places),
                tire.map(length -> length.format(units)).orElse(""),
                least.map(TireChangerRequest::plain).orElse(""),
                most.map(TireChangerRequest::plain).orElse(""),
                width.map(length -> length.format(units)).orElse(""));
    }

    private static OptionalDouble number(Optional<Double> figure) {
        return figure.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    private static double rim(String text) {
        String figure =
                text.replace(',', '.').replaceAll("(?i)\\s*(in|\")\\s*$", "").strip();
        if (!figure.matches("[0-9]{1,2}(\\.[0-9]{1,2})?")
                || Double.parseDouble(figure) < 4
                || Double.parseDouble(figure) > 60) {
            throw new InvalidInputException(WORDS.say("rimsDiameterInInches4"));
        }
        return Double.parseDouble(figure);
    }

    static String plain(double inches) {
        return inches == Math.rint(inches) ? String.valueOf((long) inches) : String.valueOf(inches);
    }
}
