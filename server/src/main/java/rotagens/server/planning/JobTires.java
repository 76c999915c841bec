package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobtires.ChosenTireViews.ChooseTireRequest;
import rotagens.server.jobtires.ChosenTireViews.JobTireView;
import rotagens.server.jobtires.ChosenTireViews.TireChoiceOption;
import rotagens.server.jobtires.ChosenTires;
import rotagens.server.jobtires.TireChoices;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.web.ProblemException;

/** Which tires a job puts on. */
@RestController
class JobTires {

    private final Jobs jobs;
    private final FleetCache fleet;
    private final ChosenTires tires;
    private final TireChoices choices;
    private final ChangeTracker changeTracker;

    JobTires(Jobs jobs, FleetCache fleet, ChosenTires tires, TireChoices choices, ChangeTracker changeTracker) {
        this.choices = choices;
        this.jobs = jobs;
        this.fleet = fleet;
        this.tires = tires;
        this.changeTracker = changeTracker;
    }

    /** The tires that may be installed by a job, each with why or why not. */
    @GetMapping("/api/jobs/{id}/tires")
    @Transactional(readOnly = true)
    List<JobTireView> listJobTires(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        JobView job = jobs.get(id);
        VehicleAssessment vehicle = fleet.get(job.vehicleId());
        return job.items().stream()
                .filter(item -> item.position() != null && ChosenTires.chooses(item.workType()))
                .map(item -> tires.view(item.id(), vehicle, Position.parse(item.position()), job.day(), units))
                .toList();
    }

    /** What might go on at a position by a day, before there is a job. */
    @GetMapping("/api/vehicles/{id}/positions/{position}/tire-choices")
    @Transactional(readOnly = true)
    List<TireChoiceOption> listTireChoices(
            @PathVariable long id,
            @PathVariable String position,
            @RequestParam(required = false) LocalDate day,
            @RequestParam(defaultValue = "US") Units units) {
        VehicleAssessment vehicle = fleet.get(id);
        return choices.at(
                TireChoices.NO_WORK_YET,
                vehicle,
                vehicle.position(position)
                        .orElseThrow(() -> ProblemException.notFound(WORDS.say("thisVehicleHasNoSuch"))),
                day == null || day.isBefore(vehicle.today()) ? vehicle.today() : day,
                units);
    }

    /** Promises a tire from stock or order to a job’s position. */
    @PutMapping("/api/jobs/{id}/items/{itemId}/tire")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void chooseJobTire(
            @PathVariable long id,
            @PathVariable long itemId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody ChooseTireRequest chosen) {
        changeTracker.draftsOnly();
        JobView job = jobs.get(id);
        if (job.doneAt() != null) {
            throw ProblemException.conflict(WORDS.say("thisJobIsDoneAlready"));
        }
        JobItemView item = job.items().stream()
                .filter(one -> one.id() == itemId && one.position() != null && ChosenTires.chooses(one.workType()))
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchWork")));
        tires.choose(
                itemId, fleet.get(job.vehicleId()), Position.parse(item.position()), job.day(), chosen, units, "tire");
    }
}
