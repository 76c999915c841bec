package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;

/** A delivered tire against what was ordered: size, ratings, pattern, and its age by policy. */
public final class DeliveryCheck {

    /**
     * What differs.
     *
     * @param differences each must be accepted by name or the tire refused
     * @param notes worth knowing, nothing to accept
     */
    public record Result(List<Reason> differences, List<Reason> notes) {}

    private static final int MONTHS = 12;

    private DeliveryCheck() {}

    /**
     * Compares a delivered tire with its order line.
     *
     * @param ordered the model of the order line
     * @param delivered the model read off the sidewall
     * @param made the week in its DOT code
     * @param policy the fleet’s ages on delivery
     * @param today the day it came
     * @return nothing to accept and nothing to note where it is what was ordered, and fresh
     */
    public static Result of(
            TireModel ordered, TireModel delivered, DotWeek made, Policy.ClassPolicy policy, LocalDate today) {
        List<Reason> differences = new ArrayList<>();
        List<Reason> notes = new ArrayList<>();
        compare(WORDS.say("size"), ordered.size().molded(), delivered.size().molded())
                .ifPresent(differences::add);
        compare(WORDS.say("pattern"), ordered.title(), delivered.title()).ifPresent(differences::add);
        compare(
                        WORDS.say("loadRange"),
                        ordered.ratings().range().map(LoadRange::name).orElse(WORDS.say("notOnFile")),
                        delivered.ratings().range().map(LoadRange::name).orElse(WORDS.say("notOnFile")))
                .ifPresent(differences::add);
        compare(
                        WORDS.say("serviceDescription"),
                        ordered.ratings()
                                .service()
                                .map(ServiceDescription::molded)
                                .orElse(WORDS.say("notOnFile")),
                        delivered
                                .ratings()
                                .service()
                                .map(ServiceDescription::molded)
                                .orElse(WORDS.say("notOnFile")))
                .ifPresent(differences::add);
        double ask = policy.number(PolicyNumber.DELIVERED_AGE_ACCEPT);
        double noted = policy.number(PolicyNumber.DELIVERED_AGE_NOTED);
        // Counted as every age limit is: passed on its anniversary day.
        if (!today.isBefore(made.reaches(ask / MONTHS))) {
            differences.add(age(made, today, ask, WORDS.say("olderOnDeliveryThan")));
        } else if (!today.isBefore(made.reaches(noted / MONTHS))) {
            notes.add(age(made, today, noted, WORDS.say("notNewAnyMoreUse")));
        }
        return new Result(differences, notes);
    }

    private static Optional<Reason> compare(String what, String ordered, String delivered) {
        return ordered.equals(delivered)
                ? Optional.empty()
                : Optional.of(Reason.of(
                        Rule.DELIVERY_MATCHES,
                        WORDS.message("deliveredOrdered", "what", what, "delivered", delivered, "ordered", ordered),
                        Message.of(delivered),
                        Message.of(ordered),
                        WORDS.say("tireOfAnotherSizeRating")));
    }

    private static Reason age(DotWeek made, LocalDate today, double months, String because) {
        long old = java.time.temporal.ChronoUnit.MONTHS.between(made.weekStart(), today);
        return Reason.of(
                Rule.DELIVERY_AGE,
                WORDS.message(
                        "madeInWeekOf20",
                        "week",
                        made.marked().substring(0, 2),
                        "year",
                        made.marked().substring(2),
                        "old",
                        old),
                WORDS.message("months", "old", old),
                WORDS.message("months2", "months", (long) months),
                because);
    }
}
