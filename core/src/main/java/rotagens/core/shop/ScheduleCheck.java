package rotagens.core.shop;

import static rotagens.core.shop.ShopWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import rotagens.core.measure.Message;

/** Whether a job can stand at a place of the shop's calendar, and which rule is against it. */
public final class ScheduleCheck {

    private ScheduleCheck() {}

    /**
     * Everything against a placement, beside the others; empty where it can stand there.
     *
     * @param placed where the job would stand
     * @param others where the others stand; a place of the same job doesn’t count
     * @param rules of the shops
     * @return with words for the screen
     */
    public static List<ScheduleConflict> violations(JobSlot placed, Collection<JobSlot> others, ShopConstraints rules) {
        List<ScheduleConflict> clashes = new ArrayList<>(alone(placed, rules));
        List<JobSlot> same = others.stream()
                .filter(other -> !other.job().id().equals(placed.job().id())
                        && other.day().equals(placed.day()))
                .toList();
        for (JobSlot other : same) {
            clash(placed, other, rules).ifPresent(clashes::add);
        }
        equipment(placed, same, rules).ifPresent(clashes::add);
        readiness(placed, same, rules).ifPresent(clashes::add);
        return clashes;
    }

    /**
     * Whether a placement can stand beside the others: the same as nothing being against it, without saying why, because a plan
     * asks very often.
     *
     * @param placed where the job would stand
     * @param others where the others stand
     * @param rules of the shops
     * @return whether {@link #violations} would be empty
     */
    public static boolean stands(JobSlot placed, Collection<JobSlot> others, ShopConstraints rules) {
        ShopJob job = placed.job();
        if (placed.assignees().size() < job.techniciansNeeded()
                || !rules.work(placed.assignees(), job.yard(), placed.day(), placed.start(), placed.end())) {
            return false;
        }
        List<JobSlot> same = new ArrayList<>();
        for (JobSlot other : others) {
            if (other.day().equals(placed.day()) && !other.job().id().equals(job.id())) {
                if (collide(placed, other)) {
                    return false;
                }
                same.add(other);
            }
        }
        return equipment(placed, same, rules).isEmpty()
                && readiness(placed, same, rules).isEmpty()
                && alone(placed, rules).isEmpty();
    }

    /**
     * What is against it whatever else is planned.
     *
     * @param placed where the job would stand
     * @param rules of the shops
     * @return empty where nothing is
     */
    public static List<ScheduleConflict> alone(JobSlot placed, ShopConstraints rules) {
        ShopJob job = placed.job();
        List<ScheduleConflict> clashes = new ArrayList<>(when(job, placed.day(), placed.start(), rules));
        if (placed.assignees().size() < job.techniciansNeeded()) {
            clashes.add(new ScheduleConflict(
                    ScheduleRule.TOO_FEW_TECHNICIANS,
                    WORDS.message(
                            "needsTechniciansScheduled",
                            "job",
                            job.unit(),
                            "techniciansNeeded",
                            job.techniciansNeeded(),
                            "count",
                            placed.assignees().size())));
        }
        placed.assignees().stream()
                .filter(name -> !rules.work(List.of(name), job.yard(), placed.day(), placed.start(), placed.end()))
                .findFirst()
                .ifPresent(name -> clashes.add(new ScheduleConflict(
                        ScheduleRule.TECHNICIAN_HOURS,
                        WORDS.message(
                                "isntAtWork",
                                "name",
                                name,
                                "yard",
                                job.yard(),
                                "day",
                                placed.day(),
                                "start",
                                TimeRange.clock(placed.start()),
                                "end",
                                TimeRange.clock(placed.end())))));
        if (rules.yard(job.yard())
                .filter(yard -> placed.bay() >= 1 && placed.bay() <= yard.bays())
                .isEmpty()) {
            clashes.add(new ScheduleConflict(
                    ScheduleRule.EQUIPMENT, WORDS.message("hasNoBay", "yard", job.yard(), "bay", placed.bay())));
        }
        return clashes;
    }

    /**
     * What is against a day and a time for a job, whoever does it and in whichever bay.
     *
     * @param job what is to be done
     * @param day the day asked about
     * @param start minutes from midnight
     * @param rules of the shops
     * @return empty where nothing is
     */
    public static List<ScheduleConflict> when(ShopJob job, LocalDate day, int start, ShopConstraints rules) {
        List<ScheduleConflict> clashes = new ArrayList<>();
        int end = start + job.minutes();
        if (day.isBefore(rules.today())) {
            clashes.add(new ScheduleConflict(ScheduleRule.DATE_PASSED, WORDS.message("hasPassed", "day", day)));
        }
        if (day.isBefore(job.earliest())) {
            clashes.add(new ScheduleConflict(
                    ScheduleRule.PARTS,
                    WORDS.message(
                            "cantBeginBefore",
                            "job",
                            job.unit(),
                            "earliest",
                            job.earliest(),
                            "blockedBy",
                            job.blockedBy().orElse(WORDS.message("parts")))));
        }
        job.window()
                .filter(window -> !window.holds(day))
                .ifPresent(window -> clashes.add(new ScheduleConflict(
                        ScheduleRule.WINDOW,
                        window.from().equals(window.to())
                                ? WORDS.message(
                                        "isMeant", "job", job.unit(), "from", window.from(), "why", window.why())
                                : WORDS.message(
                                        "isMeant2",
                                        "job",
                                        job.unit(),
                                        "from",
                                        window.from(),
                                        "to",
                                        window.to(),
                                        "why",
                                        window.why()))));
        if (job.isDrivenStopped()) {
            clashes.add(new ScheduleConflict(ScheduleRule.STOPPED_VEHICLE, ShopSetup.mustNotBeDriven(job)));
        }
        Optional<TimeRange> open = rules.open(job.yard(), day);
        if (open.isEmpty()) {
            clashes.add(new ScheduleConflict(ScheduleRule.CLOSED, closed(job.yard(), day, rules)));
        } else if (!open.get().holds(start, end)) {
            clashes.add(new ScheduleConflict(
                    ScheduleRule.OUTSIDE_HOURS,
                    WORDS.message(
                            "toIsntWithinSHours",
                            "start",
                            TimeRange.clock(start),
                            "end",
                            TimeRange.clock(end),
                            "yard",
                            job.yard(),
                            "open",
                            open.get().label())));
        }
        job.requirements().stream()
                .filter(need -> rules.yard(job.yard())
                        .filter(yard -> yard.has(need) > 0)
                        .isEmpty())
                .sorted()
                .findFirst()
                .ifPresent(need -> clashes.add(new ScheduleConflict(
                        ScheduleRule.EQUIPMENT, WORDS.message("hasNo", "yard", job.yard(), "need", need.label()))));
        rules.bookings().stream()
                .filter(vehicleBooking -> vehicleBooking.keeps(job.unit(), day, start, end))
                .findFirst()
                .ifPresent(vehicleBooking -> clashes.add(new ScheduleConflict(
                        ScheduleRule.VEHICLE_BOOKED,
                        WORDS.message(
                                "isAwayBack",
                                "job",
                                job.unit(),
                                "vehicleBooking",
                                vehicleBooking.reason(),
                                "toLocalDate",
                                vehicleBooking.to().toLocalDate(),
                                "hour",
                                TimeRange.clock(vehicleBooking.to().getHour() * 60
                                        + vehicleBooking.to().getMinute())))));
        return clashes;
    }

    private static Message closed(String yard, LocalDate day, ShopConstraints rules) {
        return rules.closures().stream()
                .filter(closure -> closure.closes(yard, day))
                .findFirst()
                .map(closure -> WORDS.message("isClosed", "yard", yard, "day", day, "closure", closure.reason()))
                .orElse(WORDS.message(
                        "isClosedOnS",
                        "yard",
                        yard,
                        "displayName",
                        day.getDayOfWeek().getDisplayName(java.time.format.TextStyle.FULL, java.util.Locale.ENGLISH)));
    }

    /**
     * Whether two jobs want the same bay, the same hands or the same vehicle at the same time.
     *
     * @param one a job’s place
     * @param other another’s
     * @return false where they are at different times
     */
    public static boolean collide(JobSlot one, JobSlot other) {
        return one.overlaps(other)
                && (one.job().yard().equals(other.job().yard()) && one.bay() == other.bay()
                        || one.shares(other)
                        || one.job().unit().equals(other.job().unit()));
    }

    /**
     * Two jobs that can't go on at the same time, or on one bay, by one person, on one vehicle.
     *
     * @param one the place that is judged
     * @param other the place that is in the way
     * @param rules of the shops
     * @return in words; empty where both can go on
     */
    public static Optional<ScheduleConflict> clash(JobSlot one, JobSlot other, ShopConstraints rules) {
        if (!collide(one, other)) {
            return Optional.empty();
        }
        String until = TimeRange.clock(other.end());
        boolean sameYard = one.job().yard().equals(other.job().yard());
        if (sameYard && one.bay() == other.bay()) {
            return Optional.of(new ScheduleConflict(
                    ScheduleRule.BAY_OCCUPIED,
                    WORDS.message(
                            "bayHasUntil", "bay", one.bay(), "job", other.job().unit(), "until", until)));
        }
        if (one.shares(other)) {
            String who = one.assignees().stream()
                    .filter(other.assignees()::contains)
                    .findFirst()
                    .orElseThrow();
            return Optional.of(new ScheduleConflict(
                    ScheduleRule.TECHNICIAN_BUSY,
                    WORDS.message("worksOnUntil", "who", who, "job", other.job().unit(), "until", until)));
        }
        return Optional.of(new ScheduleConflict(
                ScheduleRule.VEHICLE_BUSY,
                WORDS.message("isInBayUntil", "job", one.job().unit(), "bay", other.bay(), "until", until)));
    }

    /**
     * Whether two jobs need the same piece of equipment of which their yard has only one.
     *
     * @param one a job’s place
     * @param other another’s
     * @param rules of the shops
     * @return false where the yard has more than one
     */
    public static boolean contend(JobSlot one, JobSlot other, ShopConstraints rules) {
        if (!one.overlaps(other) || !one.job().yard().equals(other.job().yard())) {
            return false;
        }
        for (Equipment need : one.job().requirements()) {
            if (other.job().requirements().contains(need)
                    && rules.yard(one.job().yard())
                            .filter(yard -> yard.has(need) == 1)
                            .isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static Optional<ScheduleConflict> equipment(JobSlot placed, List<JobSlot> same, ShopConstraints rules) {
        for (Equipment need : placed.job().requirements()) {
            List<JobSlot> using = same.stream()
                    .filter(other -> other.overlaps(placed)
                            && other.job().yard().equals(placed.job().yard())
                            && other.job().requirements().contains(need))
                    .toList();
            int has =
                    rules.yard(placed.job().yard()).map(yard -> yard.has(need)).orElse(0);
            if (has > 0 && using.size() >= has) {
                return Optional.of(new ScheduleConflict(
                        ScheduleRule.EQUIPMENT_BUSY,
                        WORDS.message(
                                "hasInUse",
                                "yard",
                                placed.job().yard(),
                                "has",
                                has,
                                "need",
                                need.label(),
                                "using",
                                using.stream().map(other -> other.job().unit()).collect(Collectors.joining(", ")))));
            }
        }
        return Optional.empty();
    }

    private static Optional<ScheduleConflict> readiness(JobSlot placed, List<JobSlot> same, ShopConstraints rules) {
        ShopJob job = placed.job();
        if (!job.fit()) {
            return Optional.empty();
        }
        List<String> in = java.util.stream.Stream.concat(same.stream(), java.util.stream.Stream.of(placed))
                .map(JobSlot::job)
                .filter(other -> other.fit() && other.vehicleClass().equals(job.vehicleClass()))
                .map(ShopJob::unit)
                .distinct()
                .sorted()
                .toList();
        return rules.mayBeIn(job.vehicleClass())
                .filter(most -> in.size() > most)
                .map(most -> new ScheduleConflict(
                        ScheduleRule.MINIMUM_IN_SERVICE,
                        WORDS.message(
                                "onlyOfAvailableVehiclesWould",
                                "left",
                                rules.inService().getOrDefault(job.vehicleClass(), 0) - in.size(),
                                "available",
                                rules.inService().getOrDefault(job.vehicleClass(), 0),
                                "minimum",
                                rules.inService().getOrDefault(job.vehicleClass(), 0) - most,
                                "in",
                                String.join(", ", in),
                                "day",
                                placed.day())));
    }
}
