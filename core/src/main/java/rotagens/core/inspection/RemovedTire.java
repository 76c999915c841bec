package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Rule;

/** Where a tire may go that comes off its vehicle. Source: 49 CFR 393.75 for what must not be driven on again; fleet policy for age. */
public final class RemovedTire {

    /** A place for it. */
    public enum Destination {
        /** Back on the rack, fit to be installed again. */
        STOCK(WORDS.say("stock")),
        /** Its casing goes to a retreader. */
        RETREAD(WORDS.say("setAsideForRetread")),
        /** Cut up and gone. */
        SCRAP(WORDS.say("scrap"));

        private final String label;

        Destination(String label) {
            this.label = label;
        }

        /**
         * Where it goes, in words.
         *
         * @return for a choice
         */
        public String label() {
            return label;
        }
    }

    /** Nothing makes such a casing good again. */
    private static final Set<Rule> FOR_GOOD = EnumSet.of(Rule.DAMAGE, Rule.SIDEWALL_CRACK, Rule.AGE_OVERALL);

    /** Its tread is gone or its inside unknown; a retreader looks at the casing before anything goes onto it. */
    private static final Set<Rule> CASING_ONLY =
            EnumSet.of(Rule.TREAD_LIMIT, Rule.WEAR_BAR, Rule.PULL_POINT, Rule.RUN_FLAT);

    private RemovedTire() {}

    /**
     * Where it may go, the mildest first.
     *
     * @param judged as it was judged where it stood
     * @return never empty: scrap is always allowed
     */
    public static List<Destination> mayGo(Assessment judged) {
        boolean isForGood = judged.reasons().stream()
                .anyMatch(reason -> reason.verdict() == Verdict.DO_NOT_OPERATE
                        && FOR_GOOD.contains(reason.reason().rule()));
        boolean isCasing = judged.reasons().stream()
                .anyMatch(reason ->
                        (reason.verdict() == Verdict.DO_NOT_OPERATE || reason.verdict() == Verdict.SERVICE_DUE)
                                && CASING_ONLY.contains(reason.reason().rule()));
        return isForGood
                ? List.of(Destination.SCRAP)
                : isCasing ? List.of(Destination.RETREAD, Destination.SCRAP) : List.of(Destination.values());
    }
}
