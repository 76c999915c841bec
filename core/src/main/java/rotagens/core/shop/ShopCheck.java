package rotagens.core.shop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import rotagens.core.measure.Phrase;

/** Whether a job can stand at a place of the shop's calendar, and which rule is against it. */
public final class ShopCheck {

    private ShopCheck() {}

    /** Everything against a placement, beside the others; empty where it can stand there. */
    public static List<Clash> against(Placement placed, Collection<Placement> others, ShopRules rules) {
        List<Clash> clashes = new ArrayList<>(alone(placed, rules));
        List<Placement> same = others.stream()
                .filter(other -> !other.job().id().equals(placed.job().id())
                        && other.day().equals(placed.day()))
                .toList();
        for (Placement other : same) {
            clash(placed, other, rules).ifPresent(clashes::add);
        }
        equipment(placed, same, rules).ifPresent(clashes::add);
        readiness(placed, same, rules).ifPresent(clashes::add);
        return clashes;
    }

    /**
     * Whether a placement can stand beside the others: the same as nothing being against it, without saying why, because a plan
     * asks very often.
     */
    public static boolean stands(Placement placed, Collection<Placement> others, ShopRules rules) {
        ShopJob job = placed.job();
        if (placed.people().size() < job.people()
                || !rules.work(placed.people(), job.yard(), placed.day(), placed.start(), placed.end())) {
            return false;
        }
        List<Placement> same = new ArrayList<>();
        for (Placement other : others) {
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

    /** What is against it whatever else is planned. */
    public static List<Clash> alone(Placement placed, ShopRules rules) {
        ShopJob job = placed.job();
        List<Clash> clashes = new ArrayList<>(when(job, placed.day(), placed.start(), rules));
        if (placed.people().size() < job.people()) {
            clashes.add(new Clash(
                    ShopRule.TWO_PEOPLE,
                    Phrase.of(
                            "{} needs {} pairs of hands, {} planned.",
                            job.unit(),
                            job.people(),
                            placed.people().size())));
        }
        placed.people().stream()
                .filter(name -> !rules.work(List.of(name), job.yard(), placed.day(), placed.start(), placed.end()))
                .findFirst()
                .ifPresent(name -> clashes.add(new Clash(
                        ShopRule.PERSON_HOURS,
                        Phrase.of(
                                "{} isn’t at work at {} on {} from {} to {}.",
                                name,
                                job.yard(),
                                placed.day(),
                                Span.clock(placed.start()),
                                Span.clock(placed.end())))));
        if (rules.yard(job.yard())
                .filter(yard -> placed.bay() >= 1 && placed.bay() <= yard.bays())
                .isEmpty()) {
            clashes.add(new Clash(ShopRule.EQUIPMENT, Phrase.of("{} has no bay {}.", job.yard(), placed.bay())));
        }
        return clashes;
    }

    /** What is against a day and a time for a job, whoever does it and in whichever bay. */
    public static List<Clash> when(ShopJob job, LocalDate day, int start, ShopRules rules) {
        List<Clash> clashes = new ArrayList<>();
        int end = start + job.minutes();
        if (day.isBefore(rules.today())) {
            clashes.add(new Clash(ShopRule.DAY_PAST, Phrase.of("{} has passed.", day)));
        }
        if (day.isBefore(job.earliest())) {
            clashes.add(new Clash(
                    ShopRule.PARTS,
                    Phrase.of(
                            "{} can’t begin before {}: {}.",
                            job.unit(),
                            job.earliest(),
                            job.waitsFor().orElse(Phrase.of("parts")))));
        }
        Optional<Span> open = rules.open(job.yard(), day);
        if (open.isEmpty()) {
            clashes.add(new Clash(ShopRule.CLOSED, closed(job.yard(), day, rules)));
        } else if (!open.get().holds(start, end)) {
            clashes.add(new Clash(
                    ShopRule.OPENING,
                    Phrase.of(
                            "{} to {} isn’t within {}’s hours, {}.",
                            Span.clock(start),
                            Span.clock(end),
                            job.yard(),
                            open.get().words())));
        }
        job.needs().stream()
                .filter(need -> rules.yard(job.yard())
                        .filter(yard -> yard.has(need) > 0)
                        .isEmpty())
                .sorted()
                .findFirst()
                .ifPresent(need -> clashes.add(
                        new Clash(ShopRule.EQUIPMENT, Phrase.of("{} has no {}.", job.yard(), need.words()))));
        rules.away().stream()
                .filter(away -> away.keeps(job.unit(), day, start, end))
                .findFirst()
                .ifPresent(away -> clashes.add(new Clash(
                        ShopRule.VEHICLE_AWAY,
                        Phrase.of(
                                "{} is away: {}, back {} {}.",
                                job.unit(),
                                away.why(),
                                away.to().toLocalDate(),
                                Span.clock(away.to().getHour() * 60 + away.to().getMinute())))));
        return clashes;
    }

    private static Phrase closed(String yard, LocalDate day, ShopRules rules) {
        return rules.closures().stream()
                .filter(closure -> closure.closes(yard, day))
                .findFirst()
                .map(closure -> Phrase.of("{} is closed on {}: {}.", yard, day, closure.why()))
                .orElse(Phrase.of(
                        "{} is closed on {}s.",
                        yard,
                        day.getDayOfWeek().getDisplayName(java.time.format.TextStyle.FULL, java.util.Locale.ENGLISH)));
    }

    /** Whether two jobs want the same bay, the same hands or the same vehicle at the same time. */
    public static boolean collide(Placement one, Placement other) {
        return one.overlaps(other)
                && (one.job().yard().equals(other.job().yard()) && one.bay() == other.bay()
                        || one.shares(other)
                        || one.job().unit().equals(other.job().unit()));
    }

    /** Two jobs that can't go on at the same time, or on one bay, by one person, on one vehicle. */
    public static Optional<Clash> clash(Placement one, Placement other, ShopRules rules) {
        if (!collide(one, other)) {
            return Optional.empty();
        }
        String until = Span.clock(other.end());
        boolean sameYard = one.job().yard().equals(other.job().yard());
        if (sameYard && one.bay() == other.bay()) {
            return Optional.of(new Clash(
                    ShopRule.BAY_TAKEN,
                    Phrase.of("Bay {} has {} until {}.", one.bay(), other.job().unit(), until)));
        }
        if (one.shares(other)) {
            String who = one.people().stream()
                    .filter(other.people()::contains)
                    .findFirst()
                    .orElseThrow();
            return Optional.of(new Clash(
                    ShopRule.PERSON_TAKEN,
                    Phrase.of("{} works on {} until {}.", who, other.job().unit(), until)));
        }
        return Optional.of(new Clash(
                ShopRule.VEHICLE_TAKEN,
                Phrase.of("{} stands in bay {} until {}.", one.job().unit(), other.bay(), until)));
    }

    /** Whether two jobs need the same piece of equipment of which their yard has only one. */
    public static boolean contend(Placement one, Placement other, ShopRules rules) {
        if (!one.overlaps(other) || !one.job().yard().equals(other.job().yard())) {
            return false;
        }
        for (Equipment need : one.job().needs()) {
            if (other.job().needs().contains(need)
                    && rules.yard(one.job().yard())
                            .filter(yard -> yard.has(need) == 1)
                            .isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Clash> equipment(Placement placed, List<Placement> same, ShopRules rules) {
        for (Equipment need : placed.job().needs()) {
            List<Placement> using = same.stream()
                    .filter(other -> other.overlaps(placed)
                            && other.job().yard().equals(placed.job().yard())
                            && other.job().needs().contains(need))
                    .toList();
            int has =
                    rules.yard(placed.job().yard()).map(yard -> yard.has(need)).orElse(0);
            if (has > 0 && using.size() >= has) {
                return Optional.of(new Clash(
                        ShopRule.EQUIPMENT_TAKEN,
                        Phrase.of(
                                "{} has {} {}, in use for {}.",
                                placed.job().yard(),
                                has,
                                need.words(),
                                using.stream().map(other -> other.job().unit()).collect(Collectors.joining(", ")))));
            }
        }
        return Optional.empty();
    }

    private static Optional<Clash> readiness(Placement placed, List<Placement> same, ShopRules rules) {
        ShopJob job = placed.job();
        if (!job.fit()) {
            return Optional.empty();
        }
        List<String> in = java.util.stream.Stream.concat(same.stream(), java.util.stream.Stream.of(placed))
                .map(Placement::job)
                .filter(other -> other.fit() && other.vehicleClass().equals(job.vehicleClass()))
                .map(ShopJob::unit)
                .distinct()
                .sorted()
                .toList();
        return rules.mayBeIn(job.vehicleClass())
                .filter(most -> in.size() > most)
                .map(most -> new Clash(
                        ShopRule.READINESS,
                        Phrase.of(
                                "{} in service of {} fit, at least {} wanted: {} would be in the shop on {}.",
                                rules.inService().getOrDefault(job.vehicleClass(), 0) - in.size(),
                                rules.inService().getOrDefault(job.vehicleClass(), 0),
                                rules.inService().getOrDefault(job.vehicleClass(), 0) - most,
                                String.join(", ", in),
                                placed.day())));
    }
}
