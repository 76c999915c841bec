package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.jobsheet.RetorqueCheck;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.planning.FollowUp;
import rotagens.core.planning.WorkType;
import rotagens.core.shop.DayWindow;
import rotagens.server.planning.JobStore.StoredItem;
import rotagens.server.planning.JobViews.CompleteJobRequest;
import rotagens.server.planning.JobViews.FollowUpView;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.web.InputValidator;

/** Jobs that follow other work: the days they are meant for, and whether closing one counts. */
@Service
public class FollowUps {

    private final FollowUpStore store;
    private final Clock clock;

    FollowUps(FollowUpStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /**
     * Says what a job follows.
     *
     * @param odometer what it showed when the work was done; empty where nobody read it
     */
    @Transactional
    public void put(long jobId, LocalDate workDone, Optional<DayWindow> window, Optional<Distance> odometer) {
        store.put(jobId, workDone, window, odometer);
    }

    Map<Long, FollowUpView> of(Collection<Long> jobIds) {
        return store.of(jobIds);
    }

    /** The days a job is meant for; empty where any day will do. */
    public static Optional<DayWindow> window(JobView job) {
        FollowUpView after = job.followUp();
        return after == null || after.from() == null
                ? Optional.empty()
                : Optional.of(new DayWindow(
                        after.from(),
                        after.to(),
                        isRetorque(job) ? FollowUp.RETORQUE_WHY : FollowUp.PRESSURE_CHECK_WHY));
    }

    private static boolean isRetorque(JobView job) {
        return job.items().stream().map(JobItemView::workType).anyMatch(WorkType.RETORQUE::equals);
    }

    /** What the re-torque of a job is counted from; empty where the job is none. */
    public static Optional<RetorqueCheck> retorque(JobView job) {
        return isRetorque(job)
                ? Optional.ofNullable(job.followUp())
                        .map(after -> new RetorqueCheck(
                                after.workDone(),
                                Optional.ofNullable(after.odometer())
                                        .map(text -> Distance.parse(text, Distance.Unit.MILES))))
                : Optional.empty();
    }

    /**
     * Refuses to close a follow-up before it counts: a re-torque at 0 miles, a pressure check on the day of the work itself.
     *
     * @return of a re-torque, how far the vehicle had run
     */
    Optional<String> refuseTooSoon(
            JobView job,
            List<StoredItem> items,
            CompleteJobRequest request,
            Optional<Distance> odometer,
            Instant at,
            InputValidator typed,
            Units units) {
        Optional<RetorqueCheck> retorque = retorque(job);
        if (retorque.isPresent()) {
            return retorque(retorque.get(), request, odometer, typed, units);
        }
        LocalDate day = LocalDate.ofInstant(at, clock.getZone());
        window(job)
                .filter(window -> items.stream().anyMatch(item -> item.workType() == WorkType.PRESSURE_CHECK))
                .flatMap(window -> FollowUp.pressureCheckTooSoon(window, day))
                .ifPresent(why -> typed.wrong("day", why.in(units)));
        return Optional.empty();
    }

    private static Optional<String> retorque(
            RetorqueCheck check,
            CompleteJobRequest request,
            Optional<Distance> odometer,
            InputValidator typed,
            Units units) {
        boolean byOdometer = check.odometerThen().isPresent();
        String field = byOdometer ? "odometer" : "milesSince";
        Optional<Distance> read = byOdometer ? odometer : distance(typed, field, request.milesSince(), units);
        if (read.isEmpty()) {
            String text = byOdometer ? request.odometer() : request.milesSince();
            if (text == null || text.isBlank()) {
                typed.wrong(
                        field,
                        byOdometer
                                ? WORDS.say(
                                        "readTheOdometerItWas",
                                        "odometerThen",
                                        check.odometerThen().get().format(units))
                                : WORDS.say("enterHowFarItHas"));
            }
            return Optional.empty();
        }
        RetorqueCheck.Judged judged = byOdometer
                ? check.byOdometer(read.get())
                : RetorqueCheck.after(read.get().miles());
        typed.unless(judged.verdict().counts(), field, judged.says().in(units));
        return Optional.of(judged.says().in(units));
    }

    static Optional<Distance> distance(InputValidator typed, String field, @Nullable String text, Units units) {
        return text == null || text.isBlank()
                ? Optional.empty()
                : typed.optional(
                        field,
                        text,
                        given -> Distance.parse(given, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
    }
}
