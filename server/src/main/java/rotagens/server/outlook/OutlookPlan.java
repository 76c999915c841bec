package rotagens.server.outlook;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.outlook.Outcome;
import rotagens.core.outlook.Strategy;
import rotagens.core.planning.BayNeeds;
import rotagens.core.planning.DueKind;
import rotagens.core.vehicle.Position;
import rotagens.server.changes.Changes;
import rotagens.server.outlook.OutlookFacts.Gathered;
import rotagens.server.outlook.OutlookFacts.Tried;
import rotagens.server.outlook.OutlookViews.AcceptedOutlook;
import rotagens.server.outlook.OutlookViews.OutlookAsk;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.Jobs;

/** Turns the next two years of a strategy into jobs. */
@Service
class OutlookPlan {

    private final Outlooks outlooks;
    private final OutlookFacts facts;
    private final Jobs jobs;
    private final Changes changes;
    private final Clock clock;

    OutlookPlan(Outlooks outlooks, OutlookFacts facts, Jobs jobs, Changes changes, Clock clock) {
        this.outlooks = outlooks;
        this.facts = facts;
        this.jobs = jobs;
        this.changes = changes;
        this.clock = clock;
    }

    /** Makes jobs of the next two years of a strategy; positions that have a job already are left alone. */
    @Transactional
    public AcceptedOutlook accept(OutlookAsk ask, Units units) {
        changes.only();
        LocalDate today = LocalDate.now(clock);
        LocalDate until = today.plusYears(Outlooks.PLANNED_YEARS);
        Strategy strategy = ask.strategy() == null ? Strategy.RUN_TO_LIMIT : ask.strategy();
        Gathered gathered = facts.of(outlooks.asked(ask), Tried.NOTHING);
        Outlooks.refuse(gathered, strategy, Tried.NOTHING, units);
        Map<Long, List<String>> planned = jobs.open().stream()
                .collect(Collectors.groupingBy(
                        Job::vehicleId,
                        Collectors.flatMapping(
                                job -> job.items().stream()
                                        .filter(item -> BayNeeds.takesTire(item.kind()))
                                        .map(item -> item.position() == null ? "" : item.position()),
                                Collectors.toList())));
        int made = 0;
        int tires = 0;
        for (Outcome outcome : Outlooks.play(gathered.vehicles(), strategy, today, Outlooks.PLANNED_YEARS)) {
            List<String> taken =
                    new ArrayList<>(planned.getOrDefault(outcome.vehicle().id(), List.of()));
            for (Outcome.Visit visit : outcome.visits()) {
                if (!visit.day().isBefore(until)) {
                    continue;
                }
                Map<Position, String> wanted = new LinkedHashMap<>();
                visit.bought().stream()
                        .filter(position -> !taken.contains(position.code()))
                        .forEach(position ->
                                wanted.put(position, strategy.title() + ": " + why(outcome, position, visit)));
                if (wanted.isEmpty()) {
                    continue;
                }
                wanted.keySet().forEach(position -> taken.add(position.code()));
                String note = visit.moved().isEmpty()
                        ? ""
                        : "Outlook, " + strategy.title().toLowerCase(Locale.ROOT) + ": used tires go to "
                                + visit.moved().stream().map(Position::code).collect(Collectors.joining(" "))
                                + "; lay the moves on the bench";
                jobs.plan(outcome.vehicle().id(), visit.day(), note, DueKind.REPLACE, wanted);
                made++;
                tires += wanted.size();
            }
        }
        return new AcceptedOutlook(made, tires);
    }

    private static String why(Outcome outcome, Position position, Outcome.Visit visit) {
        return outcome.ribbons().stream()
                .filter(ribbon -> ribbon.to().equals(visit.day())
                        && ribbon.stays()
                                .get(ribbon.stays().size() - 1)
                                .position()
                                .equals(position))
                .findFirst()
                .map(ribbon -> ribbon.end().words())
                .orElse("makes room");
    }
}
