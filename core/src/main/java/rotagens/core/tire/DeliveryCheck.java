package rotagens.core.tire;

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
        compare("Size", ordered.size().molded(), delivered.size().molded()).ifPresent(differences::add);
        compare("Pattern", ordered.title(), delivered.title()).ifPresent(differences::add);
        compare(
                        "Load range",
                        ordered.ratings().range().map(LoadRange::name).orElse("not on file"),
                        delivered.ratings().range().map(LoadRange::name).orElse("not on file"))
                .ifPresent(differences::add);
        compare(
                        "Service description",
                        ordered.ratings()
                                .service()
                                .map(ServiceDescription::molded)
                                .orElse("not on file"),
                        delivered
                                .ratings()
                                .service()
                                .map(ServiceDescription::molded)
                                .orElse("not on file"))
                .ifPresent(differences::add);
        double ask = policy.number(PolicyNumber.DELIVERED_AGE_ACCEPT);
        double noted = policy.number(PolicyNumber.DELIVERED_AGE_NOTED);
        // Counted as every age limit is: passed on its anniversary day.
        if (!today.isBefore(made.reaches(ask / MONTHS))) {
            differences.add(age(
                    made,
                    today,
                    ask,
                    "Older on delivery than the policy takes without asking: its years on"
                            + " the vehicle are shorter by as much. Accept it by name, or send it back."));
        } else if (!today.isBefore(made.reaches(noted / MONTHS))) {
            notes.add(age(made, today, noted, "Not new any more: use it before younger stock."));
        }
        return new Result(differences, notes);
    }

    private static Optional<Reason> compare(String what, String ordered, String delivered) {
        return ordered.equals(delivered)
                ? Optional.empty()
                : Optional.of(
                        Reason.of(
                                Rule.DELIVERY_MATCHES,
                                Message.of("{}: {} delivered, {} ordered", what, delivered, ordered),
                                Message.of(delivered),
                                Message.of(ordered),
                                "A tire of another size, rating or pattern may not match the opposite side or carry the load."));
    }

    private static Reason age(DotWeek made, LocalDate today, double months, String because) {
        long old = java.time.temporal.ChronoUnit.MONTHS.between(made.weekStart(), today);
        return Reason.of(
                Rule.DELIVERY_AGE,
                Message.of(
                        "Made in week {} of 20{}, {} months ago",
                        made.marked().substring(0, 2),
                        made.marked().substring(2),
                        old),
                Message.of("{} months", old),
                Message.of("{} months", (long) months),
                because);
    }
}
