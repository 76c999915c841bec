package rotagens.core.outlook;

import static rotagens.core.outlook.OutlookWords.WORDS;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;
import rotagens.core.outlook.OutlookResult.EndReason;
import rotagens.core.outlook.OutlookResult.Installation;
import rotagens.core.outlook.OutlookResult.LimitExceeded;
import rotagens.core.outlook.OutlookResult.TireTimeline;
import rotagens.core.outlook.OutlookResult.Visit;
import rotagens.core.outlook.OutlookVehicle.InstalledTire;
import rotagens.core.vehicle.Position;

/**
 * Plays the years ahead for one vehicle under one strategy, day by day of what happens: each tire from its own DOT week, new
 * ones with the age they arrive at, never in round years.
 */
public final class OutlookSimulation {

    static final double DAYS = 365.2425;
    private static final int FIRST_VISIT_WITHIN_DAYS = 30;

    private final OutlookVehicle vehicle;
    private final OutlookPolicy policy;
    private final ReplacementStrategy replacementStrategy;
    private final LocalDate today;
    private final LocalDate end;
    private final Map<Position, InstalledTire> installedTires = new LinkedHashMap<>();
    private final Map<Position, SimulatedTire> on = new LinkedHashMap<>();
    private final Map<Position, LocalDate> sensors = new LinkedHashMap<>();
    private final List<TireTimeline> tireTimelines = new ArrayList<>();
    private final List<Visit> visits = new ArrayList<>();
    private final List<LimitExceeded> limitExceededs = new ArrayList<>();

    private double oldestSteer;

    private OutlookSimulation(
            OutlookVehicle vehicle, ReplacementStrategy replacementStrategy, LocalDate today, LocalDate end) {
        this.vehicle = vehicle;
        this.policy = vehicle.policy();
        this.replacementStrategy = replacementStrategy;
        this.today = today;
        this.end = end;
        for (InstalledTire installedTire : vehicle.spots()) {
            installedTires.put(installedTire.position(), installedTire);
            on.put(installedTire.position(), SimulatedTire.now(installedTire, today));
            installedTire.sensor().ifPresent(day -> sensors.put(installedTire.position(), day));
        }
    }

    /**
     * Plays them from today until a day.
     *
     * @param vehicle its tires and what the policy holds for them
     * @param replacementStrategy by which school tires are bought
     * @param today the first day
     * @param end the day the years end
     * @return each tire’s life, each visit with its cost, and each limit that can’t be kept
     * @throws InvalidInputException where a new tire would go on the day it is fitted
     */
    public static OutlookResult of(
            OutlookVehicle vehicle, ReplacementStrategy replacementStrategy, LocalDate today, LocalDate end) {
        vehicle.impossible().ifPresent(why -> {
            throw new InvalidInputException(why.in(Units.US));
        });
        OutlookSimulation outlookSimulation = new OutlookSimulation(vehicle, replacementStrategy, today, end);
        if (replacementStrategy.byVisits()) {
            outlookSimulation.byVisits();
        } else {
            outlookSimulation.byLimits();
        }
        return outlookSimulation.close();
    }

    /** A tire on the vehicle, with what it has lost so far where it runs. */
    private static final class SimulatedTire {
        private final Optional<LocalDate> made;
        private final Optional<Double> depth;
        private final LocalDate since;
        private final boolean bought;
        private final long cents;
        private final List<Installation> installations;

        SimulatedTire(
                Optional<LocalDate> made,
                Optional<Double> depth,
                LocalDate since,
                boolean bought,
                long cents,
                List<Installation> installations) {
            this.made = made;
            this.depth = depth;
            this.since = since;
            this.bought = bought;
            this.cents = cents;
            this.installations = installations;
        }

        static SimulatedTire now(InstalledTire installedTire, LocalDate today) {
            return new SimulatedTire(installedTire.made(), installedTire.depth(), today, false, 0, List.of());
        }

        Optional<Double> depthOn(LocalDate day, InstalledTire installedTire) {
            return depth.map(left -> left - installedTire.perDay() * Math.max(0, ChronoUnit.DAYS.between(since, day)));
        }

        SimulatedTire movedOn(LocalDate day, InstalledTire from) {
            List<Installation> more = new ArrayList<>(installations);
            if (day.isAfter(since)) {
                more.add(new Installation(from.position(), since, day));
            }
            return new SimulatedTire(made, depthOn(day, from), day, bought, cents, more);
        }
    }

    private record Limit(LocalDate day, EndReason end) {}

    /** The first of a tire's limits at a spot; the far future where none is known. */
    private Limit limit(InstalledTire installedTire, SimulatedTire tire) {
        Limit first = new Limit(LocalDate.MAX, EndReason.STILL_INSTALLED);
        if (tire.made.isPresent()) {
            first = earlier(first, new Limit(age(tire.made.get(), policy.overallYears()), EndReason.OVERALL_AGE));
            if (installedTire.steerLimit()) {
                first = earlier(first, new Limit(age(tire.made.get(), policy.steerYears()), EndReason.STEER_AGE));
            }
        }
        if (tire.depth.isPresent()) {
            double left = tire.depth.get() - installedTire.pull();
            if (left <= 0) {
                first = earlier(first, new Limit(tire.since, EndReason.TREAD));
            } else if (installedTire.perDay() > 0) {
                first = earlier(first, new Limit(worn(tire.since, left, installedTire.perDay()), EndReason.TREAD));
            }
        }
        return first;
    }

    private static Limit earlier(Limit one, Limit other) {
        return other.day().isBefore(one.day()) ? other : one;
    }

    private static LocalDate worn(LocalDate from, double left, double perDay) {
        double days = left / perDay;
        return days > 40_000 ? LocalDate.MAX : from.plusDays((long) Math.ceil(days));
    }

    private static LocalDate age(LocalDate made, double years) {
        return made.plusMonths(Math.round(years * 12));
    }

    private SimulatedTire fresh(InstalledTire installedTire, LocalDate day) {
        long months = (long) policy.deliveredMonths();
        long days = Math.round((policy.deliveredMonths() - months) * 30.4375);
        LocalDate made = day.minusMonths(months).minusDays(days);
        return new SimulatedTire(
                Optional.of(made),
                Optional.of(installedTire.fresh()),
                day,
                true,
                priceOn(installedTire, day),
                List.of());
    }

    private long priceOn(InstalledTire installedTire, LocalDate day) {
        return grown(installedTire.cents(), day);
    }

    private long grown(long cents, LocalDate day) {
        return Math.round(cents * Math.pow(1 + policy.growth(), ChronoUnit.DAYS.between(today, day) / DAYS));
    }

    // Each tire at its own limit, and what goes with it.

    private void byLimits() {
        while (true) {
            Position next = null;
            LocalDate day = null;
            for (Map.Entry<Position, SimulatedTire> one : on.entrySet()) {
                LocalDate limit =
                        limit(installedTires.get(one.getKey()), one.getValue()).day();
                if (day == null || limit.isBefore(day)) {
                    day = limit;
                    next = one.getKey();
                }
            }
            if (next == null || !day.isBefore(end)) {
                return;
            }
            if (day.isBefore(today)) {
                day = today;
            }
            LocalDate when = day;
            Set<Position> going = new LinkedHashSet<>();
            on.forEach((position, tire) -> {
                if (!limit(installedTires.get(position), tire).day().isAfter(when)) {
                    going.add(position);
                }
            });
            Set<Position> all = new LinkedHashSet<>(going);
            for (Position position : going) {
                on.keySet().stream().filter(other -> goesWith(position, other)).forEach(all::add);
            }
            shop(when, all, Map.of());
        }
    }

    private boolean goesWith(Position gone, Position other) {
        boolean rolling = gone instanceof Position.OnAxle && other instanceof Position.OnAxle;
        return switch (replacementStrategy) {
            case BY_AXLE -> rolling && ((Position.OnAxle) gone).axle() == ((Position.OnAxle) other).axle();
            case ALL_AT_ONCE -> rolling;
            case RUN_TO_LIMIT, NEWEST_ON_STEER, PLANNED_VISITS -> false;
        };
    }

    // At planned visits, each tire has to last until the next.

    private void byVisits() {
        LocalDate first = on.entrySet().stream()
                .map(one ->
                        limit(installedTires.get(one.getKey()), one.getValue()).day())
                .min(LocalDate::compareTo)
                .filter(day -> day.isBefore(end))
                .orElse(end);
        LocalDate visit = first.isAfter(today.plusDays(FIRST_VISIT_WITHIN_DAYS)) ? first : today;
        while (visit.isBefore(end)) {
            LocalDate next = visit.plusMonths(policy.visitMonths());
            visit(visit, next);
            broken(visit, next.isBefore(end) ? next : end);
            visit = next;
        }
    }

    private void visit(LocalDate day, LocalDate next) {
        Set<Position> buy = new LinkedHashSet<>();
        Map<Position, Position> moves = new LinkedHashMap<>();
        on.forEach((position, tire) -> {
            if (limit(installedTires.get(position), tire).day().isBefore(next)) {
                buy.add(position);
            }
        });
        if (replacementStrategy == ReplacementStrategy.NEWEST_ON_STEER) {
            ladder(day, next, buy, moves);
        }
        if (!buy.isEmpty()) {
            shop(day, buy, moves);
        }
    }

    /** A steer tire that leaves steer by age alone goes on further back, where the oldest tire makes room for it. */
    private void ladder(LocalDate day, LocalDate next, Set<Position> buy, Map<Position, Position> moves) {
        List<Position> steer = buy.stream()
                .filter(position -> installedTires.get(position).steerLimit())
                .toList();
        for (Position from : steer) {
            InstalledTire here = installedTires.get(from);
            SimulatedTire tire = on.get(from);
            if (tire.made.isEmpty() || limit(here, tire).end() != EndReason.STEER_AGE) {
                continue;
            }
            on.keySet().stream()
                    .filter(to -> to instanceof Position.OnAxle)
                    .filter(to -> !installedTires.get(to).steerLimit()
                            && installedTires.get(to).size().equals(here.size()))
                    .filter(to -> !moves.containsKey(to))
                    .filter(to -> !limit(installedTires.get(to), tire.movedOn(day, here))
                            .day()
                            .isBefore(next))
                    // Who has to go anyway makes room first, then the oldest.
                    .min(java.util.Comparator.comparing((Position to) -> !buy.contains(to))
                            .thenComparing(to -> on.get(to).made.orElse(LocalDate.MIN)))
                    .filter(to -> buy.contains(to) || older(on.get(to), tire))
                    .ifPresent(to -> {
                        moves.put(to, from);
                        buy.remove(to);
                    });
        }
    }

    private static boolean older(SimulatedTire there, SimulatedTire coming) {
        return there.made.isPresent() && there.made.get().isBefore(coming.made.orElse(LocalDate.MIN));
    }

    /** Limits passed before the next visit, each with its cheapest cure; the tire then goes on its day, unplanned. */
    private void broken(LocalDate visit, LocalDate next) {
        for (Position position : List.copyOf(on.keySet())) {
            InstalledTire installedTire = installedTires.get(position);
            Limit limit = limit(installedTire, on.get(position));
            int guard = 0;
            while (limit.day().isBefore(next) && guard++ < 20) {
                LocalDate day = limit.day().isBefore(visit) ? visit : limit.day();
                if (day.isAfter(visit) || !on.get(position).bought) {
                    limitExceededs.add(broken(position, limit, day, next));
                }
                if (!day.isAfter(visit)) {
                    return;
                }
                shop(day, Set.of(position), Map.of());
                limit = limit(installedTire, on.get(position));
            }
        }
    }

    private LimitExceeded broken(Position position, Limit limit, LocalDate day, LocalDate next) {
        InstalledTire installedTire = installedTires.get(position);
        long early = ChronoUnit.DAYS.between(day, next);
        double lifeDays = Math.max(1, policy.overallYears() * DAYS);
        long earlier = on.keySet().stream()
                .filter(other -> other instanceof Position.OnAxle)
                .mapToLong(other -> Math.round(priceOn(installedTires.get(other), day) * early / lifeDays))
                .sum();
        long extra = priceOn(installedTire, day)
                + (vehicle.liftMinutes() + vehicle.mountMinutes()) * policy.hourCents() / 60;
        double asOld = policy.deliveredMonths() - early / 30.4375;
        // Younger than a month nobody gets them.
        boolean youngerHelps = limit.end() != EndReason.TREAD && asOld >= 1;
        Message cure;
        if (youngerHelps) {
            cure = WORDS.message(
                    "cheapestStockAtMostMonths",
                    "wanted",
                    OutlookPolicy.plain(
                            Math.max(0, Math.floor((policy.deliveredMonths() - early / 30.4375) * 10) / 10)),
                    "now",
                    OutlookPolicy.plain(policy.deliveredMonths()));
        } else if (earlier <= extra) {
            cure = WORDS.message("cheapestTheVisitDaysEarlier", "early", early, "earlier", Money.about(earlier));
        } else {
            cure = WORDS.message("cheapestOneExtraTire", "extra", Money.about(extra));
        }
        return new LimitExceeded(
                position,
                limit.end(),
                day,
                next,
                WORDS.message(
                        "reachesItsLimitOnDays",
                        "position",
                        position.code(),
                        "end",
                        limit.end().label(),
                        "day",
                        day,
                        "early",
                        early,
                        "next",
                        next),
                cure);
    }

    /** One day in the shop: who goes, who moves, who is bought; sensors while the tire is off. */
    private void shop(LocalDate day, Set<Position> out, Map<Position, Position> moves) {
        Map<Position, SimulatedTire> coming = new LinkedHashMap<>();
        moves.forEach((to, from) -> coming.put(to, on.get(from).movedOn(day, installedTires.get(from))));
        Set<Position> leaving = new LinkedHashSet<>(out);
        leaving.addAll(moves.keySet());
        moves.values().forEach(leaving::remove);
        leaving.forEach(position -> retire(position, day));
        Set<Position> bought = new LinkedHashSet<>(out);
        bought.removeAll(moves.keySet());
        long tires = 0;
        int fitted = 0;
        for (Position position : bought) {
            SimulatedTire tire = fresh(installedTires.get(position), day);
            tires += tire.cents;
            coming.put(position, tire);
            fitted += sensor(position, day);
        }
        on.putAll(coming);
        int wheels = bought.size() + moves.size();
        int minutes = wheels * (vehicle.liftMinutes() + vehicle.mountMinutes());
        visits.add(new Visit(
                day,
                List.copyOf(bought),
                List.copyOf(moves.keySet()),
                fitted,
                minutes,
                tires,
                fitted * grown(policy.sensorCents(), day),
                grown(minutes * policy.hourCents() / 60, day)));
    }

    /** A sensor whose battery wouldn't outlast the new tire is fitted with it: the tire is off anyway. */
    private int sensor(Position position, LocalDate day) {
        LocalDate over = sensors.get(position);
        if (over == null) {
            return 0;
        }
        LocalDate next = age(day, Math.min(policy.overallYears(), 5));
        if (over.isAfter(next)) {
            return 0;
        }
        sensors.put(position, age(day, policy.sensorYears()));
        return 1;
    }

    private void retire(Position position, LocalDate day) {
        InstalledTire installedTire = installedTires.get(position);
        SimulatedTire tire = on.get(position).movedOn(day, installedTire);
        Limit limit = limit(installedTire, on.get(position));
        boolean atLimit = !limit.day().isAfter(day);
        double years = tire.made
                .map(made -> ChronoUnit.DAYS.between(day, age(made, policy.overallYears())) / DAYS)
                .orElse(0.0);
        double depth = tire.depth.map(left -> left - installedTire.pull()).orElse(0.0);
        note(
                installedTire,
                tire,
                day,
                atLimit ? limit.end() : EndReason.SHARED_VISIT,
                Math.max(0, years),
                Math.max(0, depth));
    }

    private void note(
            InstalledTire installedTire, SimulatedTire tire, LocalDate day, EndReason why, double years, double depth) {
        List<Installation> installations = tire.installations.isEmpty()
                ? List.of(new Installation(installedTire.position(), day.isBefore(tire.since) ? day : tire.since, day))
                : tire.installations;
        boolean treads = installedTire.perDay() > 0 && (why == EndReason.TREAD || why == EndReason.STILL_INSTALLED);
        double days = ChronoUnit.DAYS.between(installations.get(0).from(), day);
        tireTimelines.add(new TireTimeline(
                tire.made,
                tire.bought,
                installations,
                why,
                treads && why == EndReason.TREAD
                        ? Optional.of(
                                installations.get(0).from().plusDays(Math.round(days / (1 + installedTire.spread()))))
                        : Optional.empty(),
                treads && why == EndReason.TREAD && installedTire.spread() < 1
                        ? Optional.of(
                                installations.get(0).from().plusDays(Math.round(days / (1 - installedTire.spread()))))
                        : Optional.empty(),
                years,
                depth,
                tire.cents));
        for (Installation installation : installations) {
            if (installedTires.get(installation.position()).steerLimit() && tire.made.isPresent()) {
                oldestSteer = Math.max(oldestSteer, ChronoUnit.DAYS.between(tire.made.get(), installation.to()) / DAYS);
            }
        }
    }

    private OutlookResult close() {
        for (Position position : List.copyOf(on.keySet())) {
            InstalledTire installedTire = installedTires.get(position);
            note(installedTire, on.get(position).movedOn(end, installedTire), end, EndReason.STILL_INSTALLED, 0, 0);
        }
        visits.sort(java.util.Comparator.comparing(Visit::day));
        return new OutlookResult(vehicle, tireTimelines, visits, limitExceededs, oldestSteer);
    }
}
