package rotagens.server.planning;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import rotagens.core.fact.Repair;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.planning.DueGroup;
import rotagens.core.planning.TireAtWheel;
import rotagens.core.planning.WorkType;
import rotagens.core.vehicle.PilotType;
import rotagens.server.fleet.ReasonView;
import rotagens.server.jobtires.ChosenTireViews.ChooseTireRequest;

/** The shapes due work and jobs have on the wire. */
public final class JobViews {

    private JobViews() {}

    /**
     * A line of the due list.
     *
     * @param key names this work on its vehicle
     * @param places the positions in a few words: {@code 1L 1R}, {@code all 8 tires}; empty where it concerns the vehicle
     * @param days from today; negative when overdue
     * @param needsDecision whether somebody has to decide about it now
     * @param earliest of a forecast, between which days it falls due
     * @param waiting what waiting brings
     * @param scheduled the job it is on, if any
     * @param left until when somebody decided to leave it
     */
    public record DueItemView(
            String key,
            long vehicleId,
            String unit,
            String yard,
            String vehicleClass,
            List<String> positions,
            String places,
            WorkType workType,
            String label,
            LocalDate due,
            long days,
            DueGroup group,
            boolean needsDecision,
            Verdict urgency,
            ReasonView reason,
            boolean canBeScheduled,
            @Nullable LocalDate earliest,
            @Nullable LocalDate latest,
            String consequence,
            @Nullable NewJobView scheduled,
            @Nullable PostponementView postponement) {}

    /** Due work somebody decided to leave. */
    public record PostponementView(LocalDate until, String reason, String by) {}

    /**
     * A visit proposed for work of one vehicle that shares wheels or days.
     *
     * @param keys of the due work in it
     * @param forward what is brought forward, in words
     * @param saved minutes against a visit for each
     */
    record BundleView(
            long vehicleId,
            String unit,
            LocalDate day,
            List<String> keys,
            List<String> work,
            List<String> forward,
            List<String> lifted,
            int minutes,
            int saved) {}

    /** The job that work is on. */
    public record NewJobView(long jobId, LocalDate day) {}

    /** A piece of due work, named by its vehicle and key. */
    record JobItemRequest(long vehicleId, String key) {}

    /**
     * Due work to put on a day.
     *
     * @param day of every vehicle that has none of its own
     * @param days by vehicle, a day of its own
     * @param join by vehicle, the open job its work goes onto instead of a new one
     * @param tires by vehicle and position, the tire that goes on, where somebody chose it
     */
    record ScheduleRequest(
            @Nullable LocalDate day,
            @Nullable String note,
            List<JobItemRequest> work,
            @Nullable Map<Long, LocalDate> days,
            @Nullable Map<Long, Long> join,
            @Nullable Map<Long, Map<String, ChooseTireRequest>> tires) {

        @Nullable
        LocalDate dayOf(long vehicleId) {
            return days == null ? day : days.getOrDefault(vehicleId, day);
        }

        Map<String, ChooseTireRequest> tiresOf(long vehicleId) {
            return tires == null ? Map.of() : tires.getOrDefault(vehicleId, Map.of());
        }

        Optional<Long> jobToJoin(long vehicleId) {
            return Optional.ofNullable(join).map(jobs -> jobs.get(vehicleId));
        }
    }

    record RescheduleRequest(LocalDate day) {}

    /**
     * What was read or decided after one piece of work; which entries are needed depends on its kind.
     *
     * @param confirmed fields whose unusual figure a person has said is right
     * @param gas what it was filled with, where the sheet knows it
     * @param oldTireTo where the tire goes that came off; null for the mildest that its state lets it go
     * @param purity of nitrogen, in percent as the analyser showed
     */
    public record ItemResult(
            long itemId,
            @Nullable String pressure,
            @Nullable String outer,
            @Nullable String center,
            @Nullable String inner,
            @Nullable String dotCode,
            @Nullable Long tireModelId,
            @Nullable PilotType pilot,
            @Nullable String sensor,
            @Nullable String torque,
            @Nullable ProfessionalVerdict verdict,
            @Nullable Repair repair,
            @Nullable String professional,
            @Nullable String note,
            @Nullable List<String> confirmed,
            @Nullable String gas,
            @Nullable String purity,
            RemovedTire.@Nullable Destination oldTireTo,
            @Nullable String scrapReason) {

        /** Done, with words and no reading. */
        public static ItemResult noted(long itemId, String note) {
            return new ItemResult(
                    itemId, null, null, null, null, null, null, null, null, null, null, null, null, note, null, null,
                    null, null, null);
        }
    }

    public enum ProfessionalVerdict {
        SERVICEABLE,
        CONDEMNED
    }

    /**
     * Signs a job off.
     *
     * @param odometer as it shows now; a re-torque is counted by it
     * @param milesSince of a re-torque whose odometer then nobody read: how far it has run since the wheels went on
     * @param weightPieces balance weights of ¼ oz that went on, in all; null where nobody said
     */
    public record CompleteJobRequest(
            @Nullable LocalDate day,
            List<ItemResult> results,
            @Nullable String odometer,
            @Nullable String milesSince,
            @Nullable String weightPieces) {

        public CompleteJobRequest(@Nullable LocalDate day, List<ItemResult> results) {
            this(day, results, null, null, null);
        }
    }

    /**
     * What a job follows.
     *
     * @param from to {@code to}: the days it is meant for; empty where any day will do
     * @param odometer what it showed when the work was done
     */
    public record FollowUpView(
            LocalDate workDone,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            @Nullable String odometer) {}

    /**
     * A piece of work on a job.
     *
     * @param tireModelId the model of the tire that is there afterwards: planned, chosen, or as now
     * @param chosenTire the tire chosen for it, in words; null where nobody chose
     * @param tireSource where the chosen one comes from
     * @param oldTireMayGo where the tire may go that comes off, the mildest first; empty where none does
     */
    public record JobItemView(
            long id,
            WorkType workType,
            String label,
            @Nullable String position,
            @Nullable String positionName,
            String reason,
            Set<WorkType.RequiredResult> requiredResult,
            @Nullable Long tireModelId,
            @Nullable String chosenTire,
            TireAtWheel.@Nullable Source tireSource,
            @Nullable String done,
            @Nullable String caution,
            List<RemovedTire.Destination> oldTireMayGo) {}

    public record JobView(
            long id,
            int version,
            long vehicleId,
            String unit,
            String yard,
            LocalDate day,
            String note,
            String createdBy,
            @Nullable Instant doneAt,
            @Nullable String doneBy,
            @Nullable FollowUpView followUp,
            List<JobItemView> items) {}
}
