package rotagens.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Money;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Units;
import rotagens.core.outlook.Outcome.Break;
import rotagens.core.outlook.Outcome.End;
import rotagens.core.outlook.Outcome.Ribbon;
import rotagens.core.outlook.Outcome.Stay;
import rotagens.core.outlook.Outcome.Visit;
import rotagens.core.outlook.OutlookVehicle.Spot;
import rotagens.core.vehicle.Position;

/**
 * Plays the years ahead for one vehicle under one strategy, day by day of what happens: each tire from its own DOT week, new
 * ones with the age they arrive at, never in round years.
 */
public final class Years {

    static final double DAYS = 365.2425;
    private static final int FIRST_VISIT_WITHIN_DAYS = 30;

    private final OutlookVehicle vehicle;
    private final OutlookPolicy policy;
    private final Strategy strategy;
    private final LocalDate today;
    private final LocalDate end;
    private final Map<Position, Spot> spots = new LinkedHashMap<>();
    private final Map<Position, OneTire> on = new LinkedHashMap<>();
    private final Map<Position, LocalDate> sensors = new LinkedHashMap<>();
    private final List<Ribbon> ribbons = new ArrayList<>();
    private final List<Visit> visits = new ArrayList<>();
    private final List<Break> breaks = new ArrayList<>();

    private double oldestSteer;

    private Years(OutlookVehicle vehicle, Strategy strategy, LocalDate today, LocalDate end) {
        this.vehicle = vehicle;
        this.policy = vehicle.policy();
        this.strategy = strategy;
        this.today = today;
        this.end = end;
        for (Spot spot : vehicle.spots()) {
            spots.put(spot.position(), spot);
            on.put(spot.position(), OneTire.now(spot, today));
            spot.sensor().ifPresent(day -> sensors.put(spot.position(), day));
        }
    }

    /**
     * Plays them from today until a day.
     *
     * @throws InvalidEntry where a new tire would go on the day it is fitted
     */
    public static Outcome of(OutlookVehicle vehicle, Strategy strategy, LocalDate today, LocalDate end) {
        vehicle.impossible().ifPresent(why -> {
            throw new InvalidEntry(why.in(Units.US));
        });
        Years years = new Years(vehicle, strategy, today, end);
        if (strategy.byVisits()) {
            years.byVisits();
        } else {
            years.byLimits();
        }
        return years.close();
    }

    /** A tire on the vehicle, with what it has lost so far where it runs. */
    private static final class OneTire {
        private final Optional<LocalDate> made;
        private final Optional<Double> depth;
        private final LocalDate since;
        private final boolean bought;
        private final long cents;
        private final List<Stay> stays;

        OneTire(
                Optional<LocalDate> made,
                Optional<Double> depth,
                LocalDate since,
                boolean bought,
                long cents,
                List<Stay> stays) {
            this.made = made;
            this.depth = depth;
            this.since = since;
            this.bought = bought;
            this.cents = cents;
            this.stays = stays;
        }

        static OneTire now(Spot spot, LocalDate today) {
            return new OneTire(spot.made(), spot.depth(), today, false, 0, List.of());
        }

        Optional<Double> depthOn(LocalDate day, Spot spot) {
            return depth.map(left -> left - spot.perDay() * Math.max(0, ChronoUnit.DAYS.between(since, day)));
        }

        OneTire movedOn(LocalDate day, Spot from) {
            List<Stay> more = new ArrayList<>(stays);
            if (day.isAfter(since)) {
                more.add(new Stay(from.position(), since, day));
            }
            return new OneTire(made, depthOn(day, from), day, bought, cents, more);
        }
    }

    private record Limit(LocalDate day, End end) {}

    /** The first of a tire's limits at a spot; the far future where none is known. */
    private Limit limit(Spot spot, OneTire tire) {
        Limit first = new Limit(LocalDate.MAX, End.RUNNING);
        if (tire.made.isPresent()) {
            first = earlier(first, new Limit(age(tire.made.get(), policy.overallYears()), End.OVERALL_AGE));
            if (spot.steerLimit()) {
                first = earlier(first, new Limit(age(tire.made.get(), policy.steerYears()), End.STEER_AGE));
            }
        }
        if (tire.depth.isPresent()) {
            double left = tire.depth.get() - spot.pull();
            if (left <= 0) {
                first = earlier(first, new Limit(tire.since, End.TREAD));
            } else if (spot.perDay() > 0) {
                first = earlier(first, new Limit(worn(tire.since, left, spot.perDay()), End.TREAD));
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

    private OneTire fresh(Spot spot, LocalDate day) {
        long months = (long) policy.deliveredMonths();
        long days = Math.round((policy.deliveredMonths() - months) * 30.4375);
        LocalDate made = day.minusMonths(months).minusDays(days);
        return new OneTire(Optional.of(made), Optional.of(spot.fresh()), day, true, priceOn(spot, day), List.of());
    }

    private long priceOn(Spot spot, LocalDate day) {
        return grown(spot.cents(), day);
    }

    private long grown(long cents, LocalDate day) {
        return Math.round(cents * Math.pow(1 + policy.growth(), ChronoUnit.DAYS.between(today, day) / DAYS));
    }

    // Each tire at its own limit, and what goes with it.

    private void byLimits() {
        while (true) {
            Position next = null;
            LocalDate day = null;
            for (Map.Entry<Position, OneTire> one : on.entrySet()) {
                LocalDate limit = limit(spots.get(one.getKey()), one.getValue()).day();
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
                if (!limit(spots.get(position), tire).day().isAfter(when)) {
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
        return switch (strategy) {
            case BY_AXLE -> rolling && ((Position.OnAxle) gone).axle() == ((Position.OnAxle) other).axle();
            case ALL_AT_ONCE -> rolling;
            case RUN_TO_LIMIT, AGE_LADDER, PLANNED_VISITS -> false;
        };
    }

    // At planned visits, each tire has to last until the next.

    private void byVisits() {
        LocalDate first = on.entrySet().stream()
                .map(one -> limit(spots.get(one.getKey()), one.getValue()).day())
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
            if (limit(spots.get(position), tire).day().isBefore(next)) {
                buy.add(position);
            }
        });
        if (strategy == Strategy.AGE_LADDER) {
            ladder(day, next, buy, moves);
        }
        if (!buy.isEmpty()) {
            shop(day, buy, moves);
        }
    }

    /** A steer tire that leaves steer by age alone goes on further back, where the oldest tire makes room for it. */
    private void ladder(LocalDate day, LocalDate next, Set<Position> buy, Map<Position, Position> moves) {
        List<Position> steer = buy.stream()
                .filter(position -> spots.get(position).steerLimit())
                .toList();
        for (Position from : steer) {
            Spot here = spots.get(from);
            OneTire tire = on.get(from);
            if (tire.made.isEmpty() || limit(here, tire).end() != End.STEER_AGE) {
                continue;
            }
            on.keySet().stream()
                    .filter(to -> to instanceof Position.OnAxle)
                    .filter(to ->
                            !spots.get(to).steerLimit() && spots.get(to).size().equals(here.size()))
                    .filter(to -> !moves.containsKey(to))
                    .filter(to ->
                            !limit(spots.get(to), tire.movedOn(day, here)).day().isBefore(next))
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

    private static boolean older(OneTire there, OneTire coming) {
        return there.made.isPresent() && there.made.get().isBefore(coming.made.orElse(LocalDate.MIN));
    }

    /** Limits passed before the next visit, each with its cheapest cure; the tire then goes on its day, unplanned. */
    private void broken(LocalDate visit, LocalDate next) {
        for (Position position : List.copyOf(on.keySet())) {
            Spot spot = spots.get(position);
            Limit limit = limit(spot, on.get(position));
            int guard = 0;
            while (limit.day().isBefore(next) && guard++ < 20) {
                LocalDate day = limit.day().isBefore(visit) ? visit : limit.day();
                if (day.isAfter(visit) || !on.get(position).bought) {
                    breaks.add(broken(position, limit, day, next));
                }
                if (!day.isAfter(visit)) {
                    return;
                }
                shop(day, Set.of(position), Map.of());
                limit = limit(spot, on.get(position));
            }
        }
    }

    private Break broken(Position position, Limit limit, LocalDate day, LocalDate next) {
        Spot spot = spots.get(position);
        long early = ChronoUnit.DAYS.between(day, next);
        double lifeDays = Math.max(1, policy.overallYears() * DAYS);
        long earlier = on.keySet().stream()
                .filter(other -> other instanceof Position.OnAxle)
                .mapToLong(other -> Math.round(priceOn(spots.get(other), day) * early / lifeDays))
                .sum();
        long extra = priceOn(spot, day) + (vehicle.liftMinutes() + vehicle.mountMinutes()) * policy.hourCents() / 60;
        double asOld = policy.deliveredMonths() - early / 30.4375;
        // Younger than a month nobody gets them.
        boolean youngerHelps = limit.end() != End.TREAD && asOld >= 1;
        Phrase cure;
        if (youngerHelps) {
            cure = Phrase.of(
                    "Cheapest: stock at most {} months old instead of {}, then it lasts.",
                    OutlookPolicy.plain(
                            Math.max(0, Math.floor((policy.deliveredMonths() - early / 30.4375) * 10) / 10)),
                    OutlookPolicy.plain(policy.deliveredMonths()));
        } else if (earlier <= extra) {
            cure = Phrase.of(
                    "Cheapest: the visit {} days earlier, about {} of life thrown away.", early, Money.about(earlier));
        } else {
            cure = Phrase.of("Cheapest: one extra tire on that day, {} with labor.", Money.about(extra));
        }
        return new Break(
                position,
                limit.end(),
                day,
                next,
                Phrase.of(
                        "{} passes its {} limit on {}, {} days before the visit on {}.",
                        position.code(),
                        limit.end().words(),
                        day,
                        early,
                        next),
                cure);
    }

    /** One day in the shop: who goes, who moves, who is bought; sensors while the tire is off. */
    private void shop(LocalDate day, Set<Position> out, Map<Position, Position> moves) {
        Map<Position, OneTire> coming = new LinkedHashMap<>();
        moves.forEach((to, from) -> coming.put(to, on.get(from).movedOn(day, spots.get(from))));
        Set<Position> leaving = new LinkedHashSet<>(out);
        leaving.addAll(moves.keySet());
        moves.values().forEach(leaving::remove);
        leaving.forEach(position -> retire(position, day));
        Set<Position> bought = new LinkedHashSet<>(out);
        bought.removeAll(moves.keySet());
        long tires = 0;
        int fitted = 0;
        for (Position position : bought) {
            OneTire tire = fresh(spots.get(position), day);
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
        Spot spot = spots.get(position);
        OneTire tire = on.get(position).movedOn(day, spot);
        Limit limit = limit(spot, on.get(position));
        boolean atLimit = !limit.day().isAfter(day);
        double years = tire.made
                .map(made -> ChronoUnit.DAYS.between(day, age(made, policy.overallYears())) / DAYS)
                .orElse(0.0);
        double depth = tire.depth.map(left -> left - spot.pull()).orElse(0.0);
        note(spot, tire, day, atLimit ? limit.end() : End.SHARED, Math.max(0, years), Math.max(0, depth));
    }

    private void note(Spot spot, OneTire tire, LocalDate day, End why, double years, double depth) {
        List<Stay> stays = tire.stays.isEmpty()
                ? List.of(new Stay(spot.position(), day.isBefore(tire.since) ? day : tire.since, day))
                : tire.stays;
        boolean treads = spot.perDay() > 0 && (why == End.TREAD || why == End.RUNNING);
        double days = ChronoUnit.DAYS.between(stays.get(0).from(), day);
        ribbons.add(new Ribbon(
                tire.made,
                tire.bought,
                stays,
                why,
                treads && why == End.TREAD
                        ? Optional.of(stays.get(0).from().plusDays(Math.round(days / (1 + spot.spread()))))
                        : Optional.empty(),
                treads && why == End.TREAD && spot.spread() < 1
                        ? Optional.of(stays.get(0).from().plusDays(Math.round(days / (1 - spot.spread()))))
                        : Optional.empty(),
                years,
                depth,
                tire.cents));
        for (Stay stay : stays) {
            if (spots.get(stay.position()).steerLimit() && tire.made.isPresent()) {
                oldestSteer = Math.max(oldestSteer, ChronoUnit.DAYS.between(tire.made.get(), stay.to()) / DAYS);
            }
        }
    }

    private Outcome close() {
        for (Position position : List.copyOf(on.keySet())) {
            Spot spot = spots.get(position);
            note(spot, on.get(position).movedOn(end, spot), end, End.RUNNING, 0, 0);
        }
        visits.sort(java.util.Comparator.comparing(Visit::day));
        return new Outcome(vehicle, ribbons, visits, breaks, oldestSteer);
    }
}
