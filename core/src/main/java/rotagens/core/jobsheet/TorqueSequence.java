package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import rotagens.core.measure.InvalidInputException;

/**
 * The order in which the nuts of a wheel are tightened, counted from 1 round the stud circle. An odd circle steps ⌊n/2⌋ on each
 * time; an even one goes by opposite pairs, first every second pair, then the rest. Source: wheel makers' practice.
 */
public record TorqueSequence(List<Integer> order) {

    private static final int FEWEST = 3;
    private static final int MOST = 12;

    /**
     * 5: 1 3 5 2 4; 6: 1 4 3 6 2 5; 8: 1 5 3 7 2 6 4 8; 10: 1 6 3 8 5 10 2 7 4 9. Refuses what no wheel has.
     *
     * @param nuts on the wheel
     * @return the order, two passes
     * @throws InvalidInputException for fewer or more nuts than a wheel has
     */
    public static TorqueSequence of(int nuts) {
        if (nuts < FEWEST || nuts > MOST) {
            throw new InvalidInputException(WORDS.say("wheelHasToNuts", "fewest", FEWEST, "most", MOST));
        }
        List<Integer> order = new ArrayList<>();
        if (nuts % 2 == 1) {
            for (int i = 0; i < nuts; i++) {
                order.add(i * (nuts / 2) % nuts + 1);
            }
        } else {
            int half = nuts / 2;
            for (int first = 0; first < 2; first++) {
                for (int pair = first; pair < half; pair += 2) {
                    order.add(pair + 1);
                    order.add(pair + 1 + half);
                }
            }
        }
        return new TorqueSequence(List.copyOf(order));
    }
}
