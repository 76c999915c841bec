package rotagens.server.outlook;

import static rotagens.server.outlook.OutlookWords.WORDS;

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
import rotagens.core.outlook.OutlookResult;
import rotagens.core.outlook.ReplacementStrategy;
import rotagens.core.planning.JobRequirements;
import rotagens.core.planning.WorkType;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.outlook.OutlookInputs.Gathered;
import rotagens.server.outlook.OutlookInputs.WhatIf;
import rotagens.server.outlook.OutlookViews.OutlookJobsView;
import rotagens.server.outlook.OutlookViews.OutlookRequest;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;

/** Turns the next two years of a strategy into jobs. */
@Service
class OutlookScheduling {

    private final OutlookService outlookService;
    private final OutlookInputs facts;
    private final Jobs jobs;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    OutlookScheduling(
            OutlookService outlookService, OutlookInputs facts, Jobs jobs, ChangeTracker changeTracker, Clock clock) {
        this.outlookService = outlookService;
        this.facts = facts;
        this.jobs = jobs;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /** Makes jobs of the next two years of a strategy; positions that have a job already are left alone. */
    @Transactional
    public OutlookJobsView accept(OutlookRequest ask, Units units) {
        changeTracker.only();
        LocalDate today = LocalDate.now(clock);
        LocalDate until = today.plusYears(OutlookService.PLANNED_YEARS);
        ReplacementStrategy replacementStrategy =
                ask.strategy() == null ? ReplacementStrategy.RUN_TO_LIMIT : ask.strategy();
        Gathered gathered = facts.of(outlookService.asked(ask), WhatIf.NOTHING);
        OutlookService.refuse(gathered, replacementStrategy, WhatIf.NOTHING, units);
        Map<Long, List<String>> planned = jobs.open().stream()
                .collect(Collectors.groupingBy(
                        JobView::vehicleId,
                        Collectors.flatMapping(
                                jobView -> jobView.items().stream()
                                        .filter(jobItemView -> JobRequirements.takesTire(jobItemView.workType()))
                                        .map(jobItemView ->
                                                jobItemView.position() == null ? "" : jobItemView.position()),
                                Collectors.toList())));
        int made = 0;
        int tires = 0;
        for (OutlookResult outlookResult :
                OutlookService.play(gathered.vehicles(), replacementStrategy, today, OutlookService.PLANNED_YEARS)) {
            List<String> taken =
                    new ArrayList<>(planned.getOrDefault(outlookResult.vehicle().id(), List.of()));
            for (OutlookResult.Visit visit : outlookResult.visits()) {
                if (!visit.day().isBefore(until)) {
                    continue;
                }
                Map<Position, String> wanted = new LinkedHashMap<>();
                visit.bought().stream()
                        .filter(position -> !taken.contains(position.code()))
                        .forEach(position -> wanted.put(
                                position, replacementStrategy.title() + ": " + why(outlookResult, position, visit)));
                if (wanted.isEmpty()) {
                    continue;
                }
                wanted.keySet().forEach(position -> taken.add(position.code()));
                String note = visit.moved().isEmpty()
                        ? ""
                        : WORDS.say(
                                "outlookUsedTiresGo",
                                "replacementStrategy",
                                replacementStrategy.title().toLowerCase(Locale.ROOT),
                                "moved",
                                visit.moved().stream().map(Position::code).collect(Collectors.joining(" ")));
                jobs.plan(outlookResult.vehicle().id(), visit.day(), note, WorkType.REPLACE, wanted);
                made++;
                tires += wanted.size();
            }
        }
        return new OutlookJobsView(made, tires);
    }

    private static String why(OutlookResult outlookResult, Position position, OutlookResult.Visit visit) {
        return outlookResult.timelines().stream()
                .filter(tireTimeline -> tireTimeline.to().equals(visit.day())
                        && tireTimeline
                                .installations()
                                .get(tireTimeline.installations().size() - 1)
                                .position()
                                .equals(position))
                .findFirst()
                .map(tireTimeline -> tireTimeline.end().label())
                .orElse(WORDS.say("makesRoom"));
    }
}
