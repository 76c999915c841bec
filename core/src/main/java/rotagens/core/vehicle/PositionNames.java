package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.vehicle.Position.DualSlot;

/**
 * Positions as fleets write them in their own lists, read for a vehicle's layout: {@code LF}, {@code RRO}, {@code Spare}, beside our
 * own {@code 1L}, {@code 2RO}, {@code S1}. A name that may mean two tires is refused, never guessed.
 */
public final class PositionNames {

    /** Side and end in either order, then the slot: {@code LF}, {@code FL}, {@code RRO}, {@code LRI}. */
    private static final Pattern LETTERS = Pattern.compile("([LR])([FR])([OI])?|F([LR])|R(L)([OI])?");

    /** Axle, side and slot in another order than ours: {@code L2}, {@code R3O}. */
    private static final Pattern SIDE_FIRST = Pattern.compile("([LR])([1-9])([OI])?");

    private static final Pattern SPARE = Pattern.compile("(?:SPARE|SP)(?:TIRE)?([1-9])?");

    private PositionNames() {}

    /**
     * Whether a text has the form of such a name, whatever the vehicle.
     *
     * @param text what was written
     * @return whether {@link #read} may find a position by it
     */
    public static boolean isOne(String text) {
        String name = bare(text);
        return LETTERS.matcher(name).matches()
                || SIDE_FIRST.matcher(name).matches()
                || SPARE.matcher(name).matches()
                || Position.CODE.matcher(name).matches();
    }

    /**
     * The position that is meant.
     *
     * @param text what was written
     * @param layout of the vehicle it is written for
     * @return the position
     * @throws InvalidInputException where the name is none, or may mean more than one tire of this layout
     */
    public static Position read(String text, AxleLayout layout) {
        String name = bare(text);
        Matcher spare = SPARE.matcher(name);
        if (spare.matches()) {
            return new Position.Spare(spare.group(1) == null ? 1 : Integer.parseInt(spare.group(1)));
        }
        Matcher sideFirst = SIDE_FIRST.matcher(name);
        if (sideFirst.matches()) {
            return Position.parse(sideFirst.group(2)
                    + sideFirst.group(1)
                    + Optional.ofNullable(sideFirst.group(3)).orElse(""));
        }
        Matcher letters = LETTERS.matcher(name);
        return letters.matches() ? byLetters(text, letters, layout) : Position.parse(name);
    }

    private static Position byLetters(String text, Matcher letters, AxleLayout layout) {
        boolean isFront = "F".equals(letters.group(2)) || letters.group(4) != null;
        String side = Optional.ofNullable(letters.group(1))
                .or(() -> Optional.ofNullable(letters.group(4)))
                .orElse(letters.group(5));
        String slot = Optional.ofNullable(letters.group(3))
                .or(() -> Optional.ofNullable(letters.group(6)))
                .orElse("");
        List<Position.OnAxle> meant = layout.positions().stream()
                .filter(Position.OnAxle.class::isInstance)
                .map(Position.OnAxle.class::cast)
                .filter(on -> isFront == (on.axle() == 1))
                .filter(on -> on.side().letter().equals(side))
                .filter(on -> slot.isEmpty() || on.dualSlot() == (slot.equals("O") ? DualSlot.OUTER : DualSlot.INNER))
                .toList();
        if (meant.size() == 1) {
            return meant.get(0);
        }
        if (meant.isEmpty()) {
            throw new InvalidInputException(WORDS.say("thisVehicleHasNoPosition", "text", text.strip()));
        }
        throw new InvalidInputException(WORDS.say(
                "mayMeanHereWriteWhich",
                "text",
                text.strip(),
                "meant",
                String.join(WORDS.say("or"), meant.stream().map(Position::code).toList())));
    }

    private static String bare(String text) {
        return (text == null ? "" : text)
                .toUpperCase(Locale.ROOT)
                .replaceAll("[\\s._/-]", "")
                .replace("LEFT", "L")
                .replace("RIGHT", "R")
                .replace("FRONT", "F")
                .replace("REAR", "R")
                .replace("OUTER", "O")
                .replace("INNER", "I")
                .replace("OUTSIDE", "O")
                .replace("INSIDE", "I");
    }
}
