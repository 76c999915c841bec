package rotagens.server.shop;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import rotagens.core.shop.Equipment;
import rotagens.core.shop.ScheduleRule;
import rotagens.server.planning.JobViews.NewJobView;

/** The shapes of the shop's calendar on the wire. */
public final class ShopViews {

    private ShopViews() {}

    record YardSetup(String name, Map<DayOfWeek, String> open, int bays, Map<Equipment, Integer> equipment) {}

    record TechnicianSetup(String name, String yard, List<DayOfWeek> days, String hours) {}

    record ClosureSetup(@Nullable String yard, LocalDate from, LocalDate to, String reason) {}

    record MinimumInServiceSetup(String vehicleClass, int minimum) {}

    /** What the shops can do; one document, changed as a whole. */
    record ShopSetupRequest(
            List<YardSetup> yards,
            List<TechnicianSetup> technicians,
            List<ClosureSetup> closures,
            List<MinimumInServiceSetup> minimums,
            List<TravelTimeSetup> travelTimes) {

        // A setup kept before there were roads has none.
        public ShopSetupRequest {
            travelTimes = travelTimes == null ? List.of() : List.copyOf(travelTimes);
        }
    }

    /** Minutes from one yard to the other's shop, either way. */
    record TravelTimeSetup(String one, String other, int minutes) {}

    record EquipmentView(Equipment code, String label) {}

    /**
     * @param version names the setup that is shown
     * @param usualTravel minutes between two yards nobody has given a figure for
     */
    record ShopSetupView(
            long version,
            ShopSetupRequest setup,
            int usualTravel,
            List<String> errors,
            List<EquipmentView> equipment,
            List<String> technicians,
            List<String> classes) {}

    public record ScheduleConflictView(ScheduleRule rule, String title, String statement) {}

    /** A job where it stands, or on its day without an hour. */
    public record JobSlotView(
            long jobId,
            int version,
            long vehicleId,
            String unit,
            String yard,
            LocalDate day,
            @Nullable String start,
            @Nullable String end,
            @Nullable Integer bay,
            List<String> assignees,
            boolean pinned,
            int minutes,
            int techniciansNeeded,
            List<String> requirements,
            List<String> work,
            LocalDate due,
            boolean late,
            @Nullable String blockedBy,
            List<ScheduleConflictView> conflicts) {}

    public record DayView(LocalDate day, @Nullable String closed) {}

    public record YardScheduleView(String name, int bays, List<String> technicians, List<DayView> days) {}

    public record VehicleBookingView(long id, String unit, String from, String to, String reason) {}

    public record ScheduleView(
            LocalDate from,
            LocalDate to,
            List<YardScheduleView> yards,
            List<JobSlotView> jobs,
            int conflicts,
            List<VehicleBookingView> bookings) {}

    /**
     * Due work that is about to be put on a day.
     *
     * @param chosen by vehicle, the day somebody has chosen instead of the one proposed
     */
    record OpenDaysRequest(List<Work> work, @Nullable Map<Long, LocalDate> chosen) {

        record Work(long vehicleId, String key) {}
    }

    /**
     * The next day a shop is open and has the hours for a vehicle's work.
     *
     * @param yard whose shop does it
     * @param day empty where there is none
     * @param closed why the shop isn't open on the day chosen; empty where it is
     * @param note what it waits for, or why there is no day
     * @param openJob a job the vehicle has already, whose visit could take the work along; with its day
     * @param takesAlong whether that is the better way: the work doesn’t wait longer for it
     */
    record OpenDayView(
            long vehicleId,
            String unit,
            String yard,
            int minutes,
            @Nullable LocalDate day,
            @Nullable String closed,
            @Nullable String note,
            @Nullable NewJobView openJob,
            boolean takesAlong) {}

    /** @param yard where it is done; the vehicle's own where nothing is said */
    public record SetJobSlotRequest(
            @Nullable String yard,
            @Nullable LocalDate day,
            @Nullable String start,
            @Nullable Integer bay,
            @Nullable List<String> assignees,
            boolean pinned) {}

    record EarlierSlotView(LocalDate day, @Nullable String title, String statement) {}

    record SlotExplanationView(String statement, List<EarlierSlotView> earlier) {}

    /** @param takeDue whether due work without a day is planned too, bundled by vehicle */
    record ProposeScheduleRequest(
            @Nullable Integer weeks, @Nullable Long seed, boolean takeDue) {}

    /** A job as the plan would have it; {@code jobId} is empty where due work becomes a job. */
    record ProposedJob(
            @Nullable Long jobId,
            String unit,
            String yard,
            LocalDate day,
            String start,
            int bay,
            List<String> assignees,
            List<String> work,
            LocalDate due,
            @Nullable String was) {}

    record UnscheduledWork(String unit, List<String> work, String statement) {}

    /** How far a planning run is, and what it has found. */
    record ScheduleProposalView(
            boolean running,
            int done,
            int rounds,
            double seconds,
            long seed,
            @Nullable LocalDate last,
            List<ProposedJob> jobs,
            List<UnscheduledWork> unscheduled,
            long points,
            long daysLate,
            long firstFitPoints,
            long firstFitDaysLate,
            @Nullable String failed) {}

    record AcceptedScheduleView(int jobs, int made) {}

    record VehicleBookingRequest(
            @Nullable String unit,
            @Nullable String from,
            @Nullable String to,
            @Nullable String reason) {}
}
