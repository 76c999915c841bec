package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.alert.Alert;
import rotagens.core.alert.AlertKind;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.DotWeek;

/**
 * Tires by model that are on the shelf, on their way, or still to be ordered. Jobs are promised tires one after the other, so
 * that none is promised twice.
 */
public final class TireSupply {

    /** Days from order to delivery where no supplier is on file for a make; our own. */
    public static final int USUAL_LEAD_DAYS = 7;

    /** How many still come of a model, and when at the latest. */
    public record IncomingTires(int count, LocalDate by) {

        /**
         * Two orders of one model: the later one decides when all are there.
         *
         * @param other the later or the earlier one
         * @return both together
         */
        public IncomingTires and(IncomingTires other) {
            return new IncomingTires(count + other.count, by.isAfter(other.by) ? by : other.by);
        }
    }

    /** A model as it is bought. */
    public record Model(String title, int leadDays) {}

    /** What a job has to wait for, and until when. */
    public record SupplyDelay(LocalDate from, Message statement) {}

    /**
     * Whether a tire on the shelf may be promised to a job that needs its model: never a retread, one past the overall age limit or
     * of an age nobody knows, nor one with anything open against it.
     *
     * @param isRetread whether it was retreaded
     * @param made its DOT week; empty where no code was read
     * @param open what is open against it, from its whole ledger
     * @param policy the overall age limit
     * @param today the day it is asked
     * @return whether it may be promised
     */
    public static boolean counts(
            boolean isRetread, Optional<DotWeek> made, List<Alert> open, Policy.ClassPolicy policy, LocalDate today) {
        boolean isSpoken = open.stream()
                .anyMatch(alert -> alert.finding()
                        .map(found -> found.finding().verdict() == Verdict.DO_NOT_OPERATE
                                || found.finding().clearedBy() == Finding.ClearedBy.PROFESSIONAL)
                        .orElse(alert.kind() != AlertKind.OVER_MAXIMUM && alert.kind() != AlertKind.UNDER_MINIMUM));
        return !isRetread
                && !isSpoken
                && made.filter(week -> week.reaches(policy.number(PolicyNumber.OVERALL_AGE))
                                .isAfter(today))
                        .isPresent();
    }

    private final Map<Long, Integer> shelf;
    private final Map<Long, IncomingTires> incomingTires;
    private final Map<Long, Model> models;
    private final LocalDate today;

    /**
     * What is there and what is to come, of each model.
     *
     * @param shelf how many of a model stand on the shelf
     * @param incomingTires how many are on order, and by when
     * @param models the models that may be asked for, with their lead times
     * @param today the day it is asked
     */
    public TireSupply(
            Map<Long, Integer> shelf,
            Map<Long, IncomingTires> incomingTires,
            Map<Long, Model> models,
            LocalDate today) {
        this.shelf = new HashMap<>(shelf);
        this.incomingTires = new HashMap<>(incomingTires);
        this.models = Map.copyOf(models);
        this.today = today;
    }

    /**
     * How many of a model have to be ordered for so many wanted.
     *
     * @param model of which
     * @param wanted how many
     * @return 0 where shelf and orders are enough
     */
    public int toOrder(long model, int wanted) {
        return Math.max(0, wanted - onShelf(model) - onOrder(model));
    }

    /**
     * How many of a model stand on the shelf and are not promised yet.
     *
     * @param model of which
     * @return 0 for a model nobody knows
     */
    public int onShelf(long model) {
        return shelf.getOrDefault(model, 0);
    }

    /**
     * How many of a model are on order and not promised yet.
     *
     * @param model of which
     * @return 0 for a model nobody knows
     */
    public int onOrder(long model) {
        return Optional.ofNullable(incomingTires.get(model))
                .map(IncomingTires::count)
                .orElse(0);
    }

    /**
     * The last day to order a model that is needed on a day; may have passed.
     *
     * @param model of which
     * @param needed the day the tires have to be there
     * @return that day less the model’s lead time
     */
    public LocalDate orderBy(long model, LocalDate needed) {
        return needed.minusDays(models.get(model).leadDays());
    }

    /**
     * Promises so many of each model; says what a job has to wait for, if for anything.
     *
     * @param wanted how many of each model; taken off what is there
     * @return the day the last of them is there, and what is waited for; empty where all stand on the shelf
     */
    public Optional<SupplyDelay> take(Map<Long, Integer> wanted) {
        LocalDate from = today;
        List<Message> says = new ArrayList<>();
        for (Map.Entry<Long, Integer> one : wanted.entrySet()) {
            int there = onShelf(one.getKey());
            int missing = Math.max(0, one.getValue() - there);
            shelf.put(one.getKey(), Math.max(0, there - one.getValue()));
            if (missing == 0) {
                continue;
            }
            Model model = models.get(one.getKey());
            IncomingTires order = incomingTires.get(one.getKey());
            boolean ordered = order != null && order.count() >= missing;
            LocalDate by = ordered ? order.by() : today.plusDays(model.leadDays());
            if (ordered) {
                incomingTires.put(one.getKey(), new IncomingTires(order.count() - missing, order.by()));
            }
            // What should have come by now may come any day: the job waits for it at least until tomorrow.
            LocalDate expected = by.isAfter(today) ? by : today.plusDays(1);
            from = expected.isAfter(from) ? expected : from;
            says.add(WORDS.message(
                    "onOrderThere",
                    "missing",
                    missing,
                    "model",
                    model.title(),
                    "ordered",
                    ordered,
                    "expected",
                    expected));
        }
        return says.isEmpty() ? Optional.empty() : Optional.of(new SupplyDelay(from, Message.join(says, "; ")));
    }
}
