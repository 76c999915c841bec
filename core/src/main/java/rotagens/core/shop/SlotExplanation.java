package rotagens.core.shop;

import static rotagens.core.shop.ShopWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;

/** Why a job stands on its day, and what stops an earlier one. */
public final class SlotExplanation {

    private static final int DAYS_SHOWN = 10;

    /**
     * An earlier day and what is against it.
     *
     * @param day the day
     * @param rule empty where it would be free
     * @param statement in words
     */
    public record EarlierSlot(LocalDate day, Optional<ScheduleRule> rule, Message statement) {}

    /**
     * Why a job stands where it stands.
     *
     * @param statement why this day in a sentence
     * @param earlier days before it, the latest first, at most ten
     */
    public record Answer(Message statement, List<EarlierSlot> earlier) {}

    private SlotExplanation() {}

    /**
     * Explains a placement beside the others.
     *
     * @param placed where the job stands
     * @param all where all jobs stand
     * @param rules of the shops
     * @return in words
     */
    public static Answer of(JobSlot placed, Collection<JobSlot> all, ShopConstraints rules) {
        ShopJob job = placed.job();
        List<EarlierSlot> earlierSlot = new ArrayList<>();
        LocalDate from = rules.today();
        for (LocalDate day = placed.day().minusDays(1);
                !day.isBefore(from) && earlierSlot.size() < DAYS_SHOWN;
                day = day.minusDays(1)) {
            earlierSlot.add(stops(job, day, all, rules));
        }
        boolean late = placed.day().isAfter(job.due());
        Optional<EarlierSlot> free =
                earlierSlot.stream().filter(day -> day.rule().isEmpty()).findFirst();
        Message says = late
                ? free.map(day -> WORDS.message(
                                "dueScheduledItCouldAlso", "due", job.due(), "day", placed.day(), "other", day.day()))
                        .orElse(WORDS.message("dueScheduledNoEarlierTime", "due", job.due(), "day", placed.day()))
                : WORDS.message("dueSoIsInTime", "due", job.due(), "day", placed.day());
        return new Answer(says, earlierSlot);
    }

    private static EarlierSlot stops(ShopJob job, LocalDate day, Collection<JobSlot> all, ShopConstraints rules) {
        List<JobSlot> there = all.stream()
                .filter(other -> other.day().equals(day) && !other.job().id().equals(job.id()))
                .toList();
        Optional<JobSlot> free = FirstFit.on(job, day, there, rules);
        if (free.isPresent()) {
            return new EarlierSlot(
                    day,
                    Optional.empty(),
                    WORDS.message(
                            "freeFrom", "start", TimeRange.clock(free.get().start())));
        }
        int start = rules.open(job.yard(), day).map(TimeRange::from).orElse(0);
        List<ScheduleConflict> anyway = ScheduleCheck.when(job, day, start, rules);
        if (!anyway.isEmpty() && anyway.get(0).rule() != ScheduleRule.OUTSIDE_HOURS) {
            return new EarlierSlot(
                    day, Optional.of(anyway.get(0).rule()), anyway.get(0).statement());
        }
        // Of all places of the day the one with the least against it says what is in the way.
        int bays = rules.yard(job.yard()).map(ShopConstraints.Yard::bays).orElse(0);
        Optional<TimeRange> open = rules.open(job.yard(), day);
        List<List<String>> crews = FirstFit.crews(job, rules);
        List<ScheduleConflict> least = List.of();
        for (int bay = 1; bay <= bays && open.isPresent(); bay++) {
            for (List<String> crew : crews) {
                for (int at = open.get().from();
                        at + job.minutes() <= open.get().to();
                        at += 60) {
                    List<ScheduleConflict> clashes =
                            ScheduleCheck.violations(new JobSlot(job, day, at, bay, crew), there, rules);
                    if (least.isEmpty() || clashes.size() < least.size()) {
                        least = clashes;
                    }
                }
            }
        }
        return least.stream()
                .max(Comparator.comparing(ScheduleConflict::rule))
                .map(scheduleConflict ->
                        new EarlierSlot(day, Optional.of(scheduleConflict.rule()), scheduleConflict.statement()))
                .orElse(new EarlierSlot(
                        day,
                        Optional.of(ScheduleRule.TOO_FEW_TECHNICIANS),
                        WORDS.message(
                                "noTechniciansAtCanDo",
                                "yard",
                                job.yard(),
                                "techniciansNeeded",
                                job.techniciansNeeded())));
    }
}
