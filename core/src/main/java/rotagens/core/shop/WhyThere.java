package rotagens.core.shop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Phrase;

/** Why a job stands on its day, and what stops an earlier one. */
public final class WhyThere {

    private static final int DAYS_SHOWN = 10;

    /**
     * An earlier day and what is against it.
     *
     * @param rule empty where it would be free
     */
    public record Earlier(LocalDate day, Optional<ShopRule> rule, Phrase says) {}

    /** @param says why this day in a sentence */
    public record Answer(Phrase says, List<Earlier> earlier) {}

    private WhyThere() {}

    /** Explains a placement beside the others. */
    public static Answer of(Placement placed, Collection<Placement> all, ShopRules rules) {
        ShopJob job = placed.job();
        List<Earlier> earlier = new ArrayList<>();
        LocalDate from = rules.today();
        for (LocalDate day = placed.day().minusDays(1);
                !day.isBefore(from) && earlier.size() < DAYS_SHOWN;
                day = day.minusDays(1)) {
            earlier.add(stops(job, day, all, rules));
        }
        boolean late = placed.day().isAfter(job.due());
        Optional<Earlier> free =
                earlier.stream().filter(day -> day.rule().isEmpty()).findFirst();
        Phrase says = late
                ? free.map(day -> Phrase.of(
                                "Due {}, planned {}: it would also fit on {}.", job.due(), placed.day(), day.day()))
                        .orElse(Phrase.of("Due {}, planned {}: no earlier day is free.", job.due(), placed.day()))
                : Phrase.of("Due {}, so {} is in time.", job.due(), placed.day());
        return new Answer(says, earlier);
    }

    private static Earlier stops(ShopJob job, LocalDate day, Collection<Placement> all, ShopRules rules) {
        List<Placement> there = all.stream()
                .filter(other -> other.day().equals(day) && !other.job().id().equals(job.id()))
                .toList();
        Optional<Placement> free = FirstFit.on(job, day, there, rules);
        if (free.isPresent()) {
            return new Earlier(
                    day,
                    Optional.empty(),
                    Phrase.of("Free from {}.", Span.clock(free.get().start())));
        }
        int start = rules.open(job.yard(), day).map(Span::from).orElse(0);
        List<Clash> anyway = ShopCheck.when(job, day, start, rules);
        if (!anyway.isEmpty() && anyway.get(0).rule() != ShopRule.OPENING) {
            return new Earlier(
                    day, Optional.of(anyway.get(0).rule()), anyway.get(0).says());
        }
        // Of all places of the day the one with the least against it says what is in the way.
        int bays = rules.yard(job.yard()).map(ShopRules.Yard::bays).orElse(0);
        Optional<Span> open = rules.open(job.yard(), day);
        List<List<String>> crews = FirstFit.crews(job, rules);
        List<Clash> least = List.of();
        for (int bay = 1; bay <= bays && open.isPresent(); bay++) {
            for (List<String> crew : crews) {
                for (int at = open.get().from();
                        at + job.minutes() <= open.get().to();
                        at += 60) {
                    List<Clash> clashes = ShopCheck.against(new Placement(job, day, at, bay, crew), there, rules);
                    if (least.isEmpty() || clashes.size() < least.size()) {
                        least = clashes;
                    }
                }
            }
        }
        return least.stream()
                .max(Comparator.comparing(Clash::rule))
                .map(clash -> new Earlier(day, Optional.of(clash.rule()), clash.says()))
                .orElse(new Earlier(
                        day,
                        Optional.of(ShopRule.TWO_PEOPLE),
                        Phrase.of("Nobody at {} can do it: {} pairs of hands needed.", job.yard(), job.people())));
    }
}
