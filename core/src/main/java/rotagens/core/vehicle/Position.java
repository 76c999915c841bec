package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidInputException;

/** A place for a tire on a vehicle, written {@code 1L}, {@code 2RO} or {@code S1}. */
public sealed interface Position {

    /**
     * How it is written.
     *
     * @return {@code 1L}, {@code 2RO} or {@code S1}
     */
    String code();

    /**
     * The same place on the other side of the axle; null for a spare.
     *
     * @return of a dual, outer for outer
     */
    default Position opposite() {
        return this instanceof OnAxle on
                ? new OnAxle(on.axle(), on.side() == Side.LEFT ? Side.RIGHT : Side.LEFT, on.dualSlot())
                : null;
    }

    /** Outer is away from the vehicle's center line. */
    enum DualSlot {
        /** The only tire of its end. */
        SINGLE(""),
        /** The one of a dual that is seen. */
        OUTER("O"),
        /** The one of a dual behind it. */
        INNER("I");

        private final String letter;

        DualSlot(String letter) {
            this.letter = letter;
        }
    }

    /**
     * On an axle.
     *
     * @param axle counted from the front, from 1
     * @param side the driver’s left or right
     * @param dualSlot which of a dual, or the only one
     */
    record OnAxle(int axle, Side side, DualSlot dualSlot) implements Position {
        @Override
        public String code() {
            return axle + side.letter() + dualSlot.letter;
        }
    }

    /**
     * Carried as a spare.
     *
     * @param number counted from 1
     */
    record Spare(int number) implements Position {
        @Override
        public String code() {
            return "S" + number;
        }
    }

    /** The form of a position’s code, in capitals. */
    Pattern CODE = Pattern.compile("([1-9])([LR])([OI])?|S([1-9])");

    /**
     * Reads a position code in either case.
     *
     * @param text what was typed or scanned
     * @return the position; whether a vehicle has it is its layout’s to say
     * @throws InvalidInputException where it is no code
     */
    static Position parse(String text) {
        Matcher code = CODE.matcher(text == null ? "" : text.strip().toUpperCase(Locale.ROOT));
        if (!code.matches()) {
            throw new InvalidInputException(WORDS.say("noSuchPositionPositionsRead"));
        }
        if (code.group(4) != null) {
            return new Spare(Integer.parseInt(code.group(4)));
        }
        DualSlot dualSlot =
                code.group(3) == null ? DualSlot.SINGLE : code.group(3).equals("O") ? DualSlot.OUTER : DualSlot.INNER;
        return new OnAxle(
                Integer.parseInt(code.group(1)), code.group(2).equals("L") ? Side.LEFT : Side.RIGHT, dualSlot);
    }
}
